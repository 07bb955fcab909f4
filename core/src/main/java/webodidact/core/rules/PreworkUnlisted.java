package webodidact.core.rules;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.ToolLine;
import webodidact.core.script.Asides;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** A soak, a thaw, a rest or a cook and cool that homes should have done before, and that the list does not ask for. */
final class PreworkUnlisted implements Check {
    private static final Phrase DONE_BEFORE = Phrase.of(
            "(?:soaked|thawed|defrosted|cooked and cooled|cold cooked|already cooked|marinated|proved|rested|chilled) (?:\\p{L}+ ){0,4}(?:overnight|last night|yesterday|this morning|for \\p{L}+ hours?)",
            "(?:cooked|boiled|steamed|roasted) (?:\\p{L}+ ){0,4}(?:overnight|last night|yesterday|this morning)",
            "(?:overnight|last night|yesterday|this morning|hours ago|the night before)\\b[^.!?]{0,40}\\b(?:soak|thaw|defrost|cook|chill|marinat|rest|prove|freez|made|boil)",
            "I (?:soaked|cooked|boiled|chilled|defrosted|thawed|marinated|roasted|froze)\\b[^.!?]{0,60}\\b(?:earlier|last night|yesterday|this morning|before|overnight)\\b",
            "(?:straight|drained|fresh) (?:from|out of|after) (?:the |their |an? |overnight )*soak(?:ing)?\\b",
            "(?:should have been|needs to have been|must be|have to be) (?:soak|thaw|defrost|marinat|chill|cook)\\p{L}*");
    /** What cannot be made up for while the others fetch their flour. */
    private static final Phrase COOKED = Phrase.of(
            "(?:cooked|boiled|baked|roasted|soaked|proved|marinated)\\b",
            "(?:last night|yesterday|overnight)\\b.*(?:cook|boil|bake|roast|soak)");

    private static final Phrase LISTED = Phrase.of(
            "soak", "thaw", "defrost", "cook", "chill", "marinat", "overnight", "cold\\b", "frozen", "tinned");

    @Override
    public Stream<Finding> find(Situation s) {
        var first = s.handsOn().findFirst();
        if (first.isEmpty()) return Stream.empty();
        int from = s.number(first.get());
        var told = Told.oncePerStep(s.told()
                        .all(DONE_BEFORE)
                        .filter(x -> x.number() >= from && !x.is(Asides.Kind.OTHER_TIME)
                                || x.step().kind() == Kind.RUN_THROUGH && COOKED.isIn(x.words())))
                .flatMap(x -> line(s, x).stream().map(l -> finding(s, x, l)));
        return Stream.concat(told, skewers(s));
    }

    /** Wood goes under the grill or into the oven, and nobody soaks it. */
    private Stream<Finding> skewers(Situation s) {
        var wooden = s.lesson().tools().stream()
                .filter(t -> WOODEN.isIn(t.name()) && !SOAK.isIn(t.name() + " " + t.note()))
                .findFirst();
        if (wooden.isEmpty() || s.told().says(SOAK)) return Stream.empty();
        boolean charred = s.handsOn().anyMatch(x -> x.place() == Place.GRILL || x.place() == Place.OVEN);
        var line = wooden.get();
        return s.handsOn()
                .filter(x -> charred && Told.says(x, SKEWERS))
                .limit(1)
                .map(x -> at(s, x.id(), line.name())
                        .as("skewers")
                        .mending(mend(
                                "soak",
                                l -> l.but(d -> d.tools = l.tools().stream()
                                        .map(t -> t.id().equals(line.id()) ? soaked(t) : t)
                                        .toList()))));
    }

    private static ToolLine soaked(ToolLine line) {
        var note = CheckTable.words().say("said.soaked");
        return new ToolLine(
                line.id(),
                line.name(),
                line.tool(),
                line.count(),
                line.note().isEmpty() ? note : line.note() + "; " + note,
                line.shared());
    }

    private static final Phrase WOODEN = Phrase.of("(?:wooden|bamboo) (?:\\p{L}+ )?skewers?\\b");
    private static final Phrase SKEWERS = Phrase.of("skewers?\\b");
    private static final Phrase SOAK = Phrase.of("soak");

    /** The food named last before the words, else the first after them; none where the list asks for that one. */
    private static Optional<FoodLine> line(Situation s, Told.Said said) {
        var sentence = said.sentence().toLowerCase(Locale.ROOT);
        int at = Math.max(0, sentence.indexOf(said.words().toLowerCase(Locale.ROOT)));
        int end = Math.min(sentence.length(), at + said.words().length());
        return nearest(s, sentence.substring(0, end), false)
                .or(() -> nearest(s, sentence.substring(end), true))
                .filter(l -> s.answers().leads().stream()
                        .noneMatch(lead -> lead.line().equals(l.id())))
                .filter(l -> !LISTED.isIn(l.described() + " " + l.note()));
    }

    private static Optional<FoodLine> nearest(Situation s, String words, boolean first) {
        var named = s.lesson().foods().stream().filter(l -> words.contains(head(l)));
        return first
                ? named.min(Comparator.comparing(l -> words.indexOf(head(l))))
                : named.max(Comparator.comparing(l -> words.lastIndexOf(head(l))));
    }

    /** "Black beans" are meant by "beans". */
    private static String head(FoodLine line) {
        var words = line.item().toLowerCase(Locale.ROOT).split("\\s+");
        return words[words.length - 1];
    }

    private Finding finding(Situation s, Told.Said said, FoodLine line) {
        return at(s, said.step().id(), line.item(), said.words())
                .ofFoods(List.of(line.id()))
                .mending(mend("note", Operations.note(line.id(), said.words())));
    }
}
