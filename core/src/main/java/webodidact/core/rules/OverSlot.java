package webodidact.core.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;
import webodidact.core.timing.CoverOptions;
import webodidact.core.timing.Planner;

final class OverSlot implements Check {
    @Override
    public String id() {
        return "over-slot";
    }

    @Override
    public String summary() {
        return "The lesson fits its slot";
    }

    @Override
    public Severity severity() {
        return Severity.STOP;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        int over = -s.schedule().inHand();
        if (over <= 0) return Stream.empty();
        var mends = new ArrayList<Mend>();
        trims(s.lesson(), over).ifPresent(mends::add);
        carry(s).ifPresent(mends::add);
        int minutes = (s.schedule().planned() + 299) / 300 * 5;
        mends.add(new Mend("Make the slot " + minutes + " min", l -> l.but(d -> d.slot = minutes * 60)));
        return Stream.of(new Finding(severity(), id(), "", 0, "The lesson is " + Clock.text(over) + " over its slot of " + Clock.text(s.schedule().slot()) + ".",
                "The broadcast would end before the dish is done.", List.copyOf(mends)));
    }

    /** Takes the hands-on time and holds that may go, the largest first, if they are enough. */
    private static java.util.Optional<Mend> trims(Lesson lesson, int over) {
        int left = over;
        var chosen = new ArrayList<Step>();
        for (var step : lesson.steps().stream().filter(x -> x.trim() > 0).sorted(Comparator.comparingInt(x -> -x.trim())).toList()) {
            if (left <= 0) break;
            chosen.add(step);
            left -= Math.min(step.trim(), step.hands().low() + step.hold());
        }
        if (left > 0 || chosen.isEmpty()) return java.util.Optional.empty();
        var numbers = String.join(", ", chosen.stream().map(x -> String.valueOf(lesson.indexOf(x.id()) + 1)).toList());
        return java.util.Optional.of(new Mend("Trim step" + (chosen.size() > 1 ? "s " : " ") + numbers, l -> {
            var trimmed = l;
            for (var step : chosen) trimmed = trimmed.withStep(step.id(), OverSlot::trimmed);
            return trimmed;
        }));
    }

    private static Step trimmed(Step step) {
        int fromHold = Math.min(step.hold(), step.trim());
        int fromHands = Math.min(step.hands().low(), step.trim() - fromHold);
        return step.but(d -> {
            d.hold = step.hold() - fromHold;
            d.hands = new TimeRange(step.hands().low() - fromHands, step.hands().high() - fromHands);
            d.trim = 0;
        });
    }

    /** Carries on during the longest wait that is stayed with, if that saves time. */
    private static java.util.Optional<Mend> carry(Situation s) {
        var pace = s.pace();
        return s.lesson().steps().stream().filter(x -> x.waiting() != null && x.waiting().cover() instanceof Cover.Stay)
                .max(Comparator.comparingInt(x -> x.waiting().time().likely()))
                .flatMap(step -> {
                    var collect = CoverOptions.bestCollector(s.lesson(), step, pace);
                    if (collect.isEmpty()) return java.util.Optional.empty();
                    var changed = carried(s.lesson(), step.id(), collect);
                    if (Planner.plan(changed, pace).planned() >= s.schedule().planned()) return java.util.Optional.empty();
                    return java.util.Optional.of(new Mend("Carry on during the wait of step " + (s.lesson().indexOf(step.id()) + 1),
                            l -> carried(l, step.id(), collect)));
                });
    }

    private static Lesson carried(Lesson lesson, String stepId, String collect) {
        return lesson.withStep(stepId, x -> x.but(d -> d.waiting = x.waiting().covered(new Cover.CarryOn(collect))));
    }
}
