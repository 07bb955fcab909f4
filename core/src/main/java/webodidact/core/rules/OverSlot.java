package webodidact.core.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.Clock;
import webodidact.core.timing.CoverOptions;
import webodidact.core.timing.Planner;

final class OverSlot implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        if (s.schedule().over() == 0) return Stream.empty();
        int over = -s.schedule().inHand();
        var mends = new ArrayList<Mend>();
        trims(s.lesson(), over).ifPresent(mends::add);
        carry(s).ifPresent(mends::add);
        int minutes = (s.schedule().planned() + 299) / 300 * 5;
        mends.add(mend("slot", Operations.slot(minutes * 60), minutes));
        return Stream.of(about(
                        new About.OfLesson(),
                        0,
                        Clock.text(over),
                        Clock.text(s.schedule().slot()))
                .mending(mends));
    }

    /** Takes the hands-on time and holds that may go, the largest first, if they are enough. */
    private Optional<Mend> trims(Lesson lesson, int over) {
        int left = over;
        var chosen = new ArrayList<Step>();
        for (var step : lesson.steps().stream()
                .filter(x -> x.trim() > 0)
                .sorted(Comparator.comparingInt(x -> -x.trim()))
                .toList()) {
            if (left <= 0) break;
            chosen.add(step);
            left -= Math.min(step.trim(), step.hands().low() + step.hold());
        }
        if (left > 0 || chosen.isEmpty()) return Optional.empty();
        var numbers = chosen.stream().map(x -> lesson.indexOf(x.id()) + 1).toList();
        return Optional.of(mend(
                "trim",
                Operations.all(chosen.stream().map(x -> Operations.trim(x.id())).toList()),
                numbers.size(),
                numbers));
    }

    /** Carries on during the longest wait that is stayed with, if that saves time. */
    private Optional<Mend> carry(Situation s) {
        var pace = s.pace();
        return s.lesson().steps().stream()
                .filter(x -> x.waiting() != null && x.waiting().cover() instanceof Cover.Stay)
                .max(Comparator.comparingInt(x -> x.waiting().time().likely()))
                .flatMap(step -> {
                    var collect = CoverOptions.bestCollector(s.lesson(), step, pace);
                    if (collect.isEmpty()) return Optional.empty();
                    var carry = Operations.collectIn(step.id(), collect);
                    if (Planner.plan(carry.apply(s.lesson()), pace).planned()
                            >= s.schedule().planned()) return Optional.empty();
                    return Optional.of(mend("carry", carry, s.number(step.id())));
                });
    }
}
