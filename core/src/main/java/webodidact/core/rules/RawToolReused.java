package webodidact.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.trace.Touch;

/** A board, knife, tongs or plate that held raw food comes to food that nobody heats afterwards. */
final class RawToolReused implements Check {
    private static final Phrase SAME_ONE = Phrase.of(
            "(?:on|in)(?: ?to)? the (plate|tray|bowl|dish|board) (?:they|it) came (?:on|in|from|off)\\b",
            "same (plate|tray|bowl|dish|board|knife|tongs|spoon)\\b[^.!?]{0,40}\\b(?:raw|came (?:on|in|from)|marinated in)\\b",
            "(?:plate|tray|bowl|dish|board) (?:that |which )?(?:the |your )?(?:raw \\p{L}+|it|they|\\p{L}+) (?:was|were|came|sat|had been)(?: (?:in|on)| raw| marinating)",
            "(?:plate|tray|bowl|dish|board) (?:that |which )?(?:you|we|I|they)(?:'d| had| have|'ve)?(?: had| put| used for| kept)? (?:the |your )?raw\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        var together = new LinkedHashMap<List<Integer>, List<Touch>>();
        var eaten = EatenRaw.names(s);
        s.trace().touches().stream()
                .filter(t -> t.kind() == Touch.Kind.READY
                        && !t.by().isHands()
                        && !eaten.contains(t.dirt().food()))
                .forEach(t -> together.computeIfAbsent(List.of(t.dirt().since(), t.step()), k -> new ArrayList<>())
                        .add(t));
        var traced = together.values().stream().map(t -> finding(s, t)).toList();
        var steps = traced.stream().map(Finding::step).collect(Collectors.toSet());
        boolean raw = s.foods().anyMatch(f -> f.risk().soilsHands());
        var said = Told.oncePerStep(s.told().meant(SAME_ONE))
                .filter(x -> raw && !steps.contains(x.number()))
                .map(x -> at(s, x.step().id(), x.words()).as("said"));
        var same = s.told()
                .meant(ONTO_THE_SAME)
                .filter(x -> raw && !steps.contains(x.number()) && heldRaw(s, x))
                .limit(1)
                .map(x -> at(s, x.step().id(), x.words()).as("said"));
        return Stream.of(traced.stream(), said, same).flatMap(f -> f);
    }

    /** "Out with the spoon onto the same board": the one that the raw food was cut on, and that nobody has washed since. */
    private static final Phrase ONTO_THE_SAME = Phrase.of(
            "(?:on|in)(?:to)? the same (?:board|chopping board|plate|bowl|dish)\\b(?![^.!?]{0,20}\\b(?:wash|clean|scrub))");

    private static final Phrase WASHED = Phrase.of(
            "(?:wash|clean|scrub|wipe|rinse)(?:es|ed|ing)?\\b[^.!?]{0,40}\\b(?:board|plate|bowl|dish|everything|the lot)\\b");

    private static boolean heldRaw(Situation s, Told.Said said) {
        var words = said.words().split(" ");
        var vessel = words[words.length - 1].toLowerCase(Locale.ROOT);
        var named = Phrase.of(vessel + "\\b");
        var steps = s.lesson().steps();
        boolean held = false;
        for (int i = 0; i < said.number() - 1; i++) {
            var step = steps.get(i);
            boolean handlesRaw = step.kind().isHandsOn()
                    && !step.place().isHot()
                    && s.foods(step).anyMatch(f -> f.risk().soilsHands());
            boolean onIt = Told.says(step, named)
                    || vessel.equals("board")
                            && s.deeds(step).anyMatch(a -> a.tools().contains("board"));
            if (handlesRaw && onIt) held = true;
            if (held && Told.says(step, WASHED)) held = false;
        }
        return held;
    }

    /** Knife and board of one raw food at one other are one matter. */
    private Finding finding(Situation s, List<Touch> touches) {
        var t = touches.getFirst();
        var step = s.lesson().steps().get(t.step() - 1);
        var names = touches.stream().map(x -> x.by().name()).distinct().toList();
        var clean = names.stream()
                .map(n -> CheckTable.words().say("raw-tool-reused.said", n))
                .collect(Collectors.joining(" "));
        return at(s, step.id(), names, t.dirt().food(), t.dirt().since(), t.step())
                .alsoIn(List.of(t.dirt().since(), t.step()))
                .ofTools(touches.stream().map(x -> x.by().id()).distinct().toList())
                .mending(new Mend(
                        CheckTable.words().message("mend.say-first", clean), Operations.sayFirst(step.id(), clean)));
    }
}
