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
            "^(?:cut )?into " + N + "(?: (?:slices|pieces|wedges|squares|portions)\\b| with\\b|[.,!]|$)",
            "^(?:so |right |ok |okay )?,?" + N + " (?:bowls|plates|glasses)\\b(?! of\\b)",
            "(?:into|between|among) " + N + " (?:bowls|plates|glasses|dishes)\\b");

    /** "Into sixteen, four by five." */
    private static final Phrase GRID = Phrase.of(
            "(?:into|in) " + N + "(?: \\p{L}+)?,? (?:that's |so )?" + N + " by " + N + "\\b(?! ?(?:cm|inch|centimet))");

    /** "Four one way and four the other, so that's twelve." */
    private static final Phrase WAYS =
            Phrase.of(N + " (?:cuts? |lines? |strips? )?(?:one way|across|along|this way),? (?:and )?(?:then )?" + N
                    + " (?:cuts? |lines? |strips? )?(?:the other(?: way)?|down|that way|crossways)\\b[^.!?]{0,24}?\\b(?:that's|that makes|makes|gives(?: you)?|is|into) "
                    + N + "\\b");

    /** "Four one way and five the other." */
    private static final Phrase CROSSED =
            Phrase.of(N + " (?:cuts? |lines? |strips? )?(?:one|this) way,? (?:and )?(?:then )?" + N
                    + " (?:the other(?: way)?|that way)(?= ?[.,!?]|$)");

    /** "A piece each and two for the neighbours." */
    private static final Phrase SOME_OVER = Phrase.of(
            "(?:each|apiece)\\b[^.!?]{0,15}\\b(?:and|with|plus) (?:an?|one|two|three|four|some|a couple|the rest)\\b[^.!?]{0,20}\\b(?:for|over|left|spare|seconds|to)\\b");

    private static final Pattern FIGURE = Pattern.compile("\\b" + N + "\\b", Pattern.CASE_INSENSITIVE);

    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.of(grid(s, GRID, 0), grid(s, WAYS, 2), crossed(s), shared(s))
                .flatMap(f -> f)
                .limit(1);
    }

    /** @param total which of the three figures is that of all pieces */
    private Stream<Finding> grid(Situation s, Phrase phrase, int total) {
        return Told.oncePerStep(s.told().all(phrase).filter(x -> !x.is(Asides.Kind.OTHER_TIME)))
                .flatMap(x -> {
                    var n = FIGURE.matcher(x.words())
                            .results()
                            .map(m -> NumberWords.value(m.group(1)).orElse(0))
                            .toList();
                    if (n.size() != 3) return Stream.empty();
                    int pieces = n.get((total + 1) % 3) * n.get((total + 2) % 3);
                    return pieces == n.get(total)
                            ? Stream.empty()
                            : Stream.of(at(s, x.step().id(), x.words().strip(), pieces)
                                    .as("grid"));
                });
    }

    /** Cut so often either way, and the lesson promises another number of pieces. */
    private Stream<Finding> crossed(Situation s) {
        var makes = s.lesson().makes();
        if (makes.assumed() || !makes.count().isWhole()) return Stream.empty();
        int promised = (int) makes.count().floor();
        return Told.oncePerStep(s.told().meant(CROSSED)).flatMap(x -> {
            var n = FIGURE.matcher(x.words().replaceAll("(?i)\\bone way", ""))
                    .results()
                    .map(m -> NumberWords.value(m.group(1)).orElse(0))
                    .toList();
            if (n.size() != 2 || !isUneven(n.get(0) * n.get(1), promised)) return Stream.empty();
            return Stream.of(at(s, x.step().id(), x.words().strip(), n.get(0) * n.get(1), promised)
                    .as("yield"));
        });
    }

    private Stream<Finding> shared(Situation s) {
        var makes = s.lesson().makes();
        int serves = makes.serves();
        if (makes.assumed() || serves < 2) return Stream.empty();
        return Told.oncePerStep(s.told()
                        .all(SHARED)
                        .filter(x -> (x.step().kind() == Kind.PLATE || FAIR.isIn(x.sentence()))
                                && !x.is(Asides.Kind.OTHER_TIME))
                        .filter(x -> !SOME_OVER.isIn(x.sentence()))
                        .filter(x -> isUneven(figure(x.words()), serves)
                                && isUneven(
                                        figure(x.words()), (int) makes.count().floor())))
                .map(x -> at(s, x.step().id(), x.words().strip(), serves));
    }

    /** "So everybody gets the same": said to be a portion each, wherever it is cut. */
    private static final Phrase FAIR = Phrase.of(
            "(?:everybody|everyone|each (?:of (?:us|you)|person)|we|you)(?: (?:round|around|at|on) (?:the|your|our) table)? (?:all )?(?:gets?|has|have) (?:the same|one each|an equal|a fair|an? (?:square|slice|piece|wedge|portion))\\b",
            "(?:one|a (?:piece|slice|bit)) each\\b(?! for)");

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
