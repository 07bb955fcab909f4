package webodidact.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
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
            "same (plate|tray|bowl|dish|board|knife|tongs|spoon)\\b[^.!?]{0,40}\\b(?:raw|came (?:on|in|from)|marinated in)\\b",
            "(?:plate|tray|bowl|dish|board) (?:that |which )?(?:the |your )?(?:raw \\p{L}+|it|they|\\p{L}+) (?:was|were|came|sat|had been)(?: (?:in|on)| raw| marinating)");

    @Override
    public Stream<Finding> find(Situation s) {
        var together = new LinkedHashMap<List<Integer>, List<Touch>>();
        s.trace().touches().stream()
                .filter(t -> t.kind() == Touch.Kind.READY && !t.by().isHands())
                .forEach(t -> together.computeIfAbsent(List.of(t.dirt().since(), t.step()), k -> new ArrayList<>())
                        .add(t));
        var traced = together.values().stream().map(t -> finding(s, t)).toList();
        var steps = traced.stream().map(Finding::step).collect(Collectors.toSet());
        boolean raw = s.foods().anyMatch(f -> f.risk().soilsHands());
        var said = Told.oncePerStep(s.told().meant(SAME_ONE))
                .filter(x -> raw && !steps.contains(x.number()))
                .map(x -> at(s, x.step().id(), x.words()).as("said"));
        return Stream.concat(traced.stream(), said);
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
