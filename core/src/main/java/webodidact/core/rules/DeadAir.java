package webodidact.core.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Cover;
import webodidact.core.time.Clock;
import webodidact.core.timing.CoverOptions;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Schedule;

/** Waits that are stayed with, with nothing to say or do: the lesson stands still, told once. */
final class DeadAir implements Check {
    /** As long as a look into the pan takes. */
    private static final int SHORT = 30;

    @Override
    public Stream<Finding> find(Situation s) {
        var still =
                s.schedule().steps().stream().filter(p -> still(s, p) > SHORT).toList();
        if (still.isEmpty()) return Stream.empty();
        var longest =
                still.stream().max(Comparator.comparingInt(p -> still(s, p))).orElseThrow();
        int all = still.stream().mapToInt(p -> still(s, p)).sum();
        var numbers = still.stream().map(Placed::number).toList();
        return Stream.of(at(
                        s,
                        longest.step().id(),
                        Clock.text(still(s, longest)),
                        longest.number(),
                        still.size(),
                        Clock.text(all))
                .as(still.size() > 1 ? "many" : "")
                .alsoIn(numbers)
                .mending(mends(s, longest)));
    }

    /** Seconds with nothing to say or do: a wait that is stayed with, or collected at once. */
    private static int still(Situation s, Placed p) {
        int stayed = Schedule.stayed(p);
        return stayed > 0 || !isStoodBy(s, p) ? stayed : p.waiting().early();
    }

    /** Nothing is between the wait and the step that collects it, or what there is fills no quarter of it. */
    static boolean isStoodBy(Situation s, Placed p) {
        if (p.waiting() == null || !p.step().carriesOn() || p.waiting().isOpen()) return false;
        int at = s.lesson().indexOf(p.waiting().collectedIn());
        return at == p.number()
                || p.waiting().early() * 4L >= p.step().waiting().time().low() * 3L && !isRightLater(s, p, at);
    }

    /** A step after the one that collects it would come when it is right: then it is collected in the wrong one. */
    private static boolean isRightLater(Situation s, Placed p, int collected) {
        return s.schedule().steps().stream()
                .skip(collected + 1L)
                .anyMatch(q ->
                        q.span().start() - p.waiting().early() >= p.waiting().soonest());
    }

    private List<Mend> mends(Situation s, Placed placed) {
        var step = placed.step();
        var mends = new ArrayList<Mend>();
        for (var option : CoverOptions.of(s.lesson(), step.id(), s.pace())) {
            if (!option.isAllowed()
                    || option.cover() instanceof Cover.Elsewhere
                    || option.planned() >= s.schedule().planned()) continue;
            mends.add(new Mend(option.said(s.lesson()), Operations.cover(step.id(), option.cover())));
        }
        return mends;
    }
}
