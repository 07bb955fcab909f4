package webodidact.core.rules;

import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Kind;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.words.NumberWords;

/** Cut into ten for eight, shared into three bowls for two: the numbers of the lesson do not agree. */
final class UnevenShare implements Check {
    private static final String N = "(\\d+|two|three|four|five|six|seven|eight|nine|ten|twelve|sixteen)";
    /** The whole dish, as it is served: not the dough, and nothing in a pan. */
    private static final Phrase SHARED = Phrase.of(
            "(?:cut|slice|divide|share|split|dish|spoon|ladle)(?: it| this| that| them| the lot| everything| up| out)+ (?:in|into|between|among|for) "
                    + N + "\\b(?! ?(?:minutes?|cm|inch|hours?|or\\b|to\\b|-))",
            "(?:into|between|among) " + N + " (?:bowls|plates|glasses|dishes)\\b");

    /** "Into sixteen, four by five." */
    private static final Phrase GRID = Phrase.of(
            "(?:into|in) " + N + "(?: \\p{L}+)?,? (?:that's |so )?" + N + " by " + N + "\\b(?! ?(?:cm|inch|centimet))");

    private static final Pattern FIGURE = Pattern.compile("\\b" + N + "\\b", Pattern.CASE_INSENSITIVE);

    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.concat(grid(s), shared(s)).limit(1);
    }

    private Stream<Finding> grid(Situation s) {
        return Told.oncePerStep(s.told().all(GRID).filter(x -> !x.is(Asides.Kind.OTHER_TIME)))
                .flatMap(x -> {
                    var n = FIGURE.matcher(x.words())
                            .results()
                            .map(m -> NumberWords.value(m.group(1)).orElse(0))
                            .toList();
                    return n.size() == 3 && n.get(1) * n.get(2) != n.get(0)
                            ? Stream.of(at(s, x.step().id(), x.words().strip(), n.get(1) * n.get(2))
                                    .as("grid"))
                            : Stream.empty();
                });
    }

    private Stream<Finding> shared(Situation s) {
        var makes = s.lesson().makes();
        int serves = makes.serves();
        if (makes.assumed() || serves < 2) return Stream.empty();
        return Told.oncePerStep(s.told()
                        .all(SHARED)
                        .filter(x -> x.step().kind() == Kind.PLATE && !x.is(Asides.Kind.OTHER_TIME))
                        .filter(x -> isUneven(figure(x.words()), serves)
                                && isUneven(
                                        figure(x.words()), (int) makes.count().floor())))
                .map(x -> at(s, x.step().id(), x.words().strip(), serves));
    }

    private static boolean isUneven(int pieces, int people) {
        return pieces > 0 && people > 0 && pieces % people != 0 && people % pieces != 0;
    }

    private static int figure(String words) {
        var m = FIGURE.matcher(words);
        int last = 0;
        while (m.find()) last = NumberWords.value(m.group(1)).orElse(0);
        return last;
    }
}
