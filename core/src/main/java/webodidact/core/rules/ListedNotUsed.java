package webodidact.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.script.Mentions;

final class ListedNotUsed implements Check {
    @Override
    public String id() {
        return "listed-not-used";
    }

    @Override
    public String summary() {
        return "What is on the gather list is used in a step";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().steps().isEmpty()) return Stream.empty();
        return s.lesson().foods().stream().filter(f -> s.lesson().steps().stream().noneMatch(step -> step.usesLine(f.id())))
                .map(f -> finding(s, f));
    }

    private Finding finding(Situation s, FoodLine line) {
        var mends = new ArrayList<Mend>();
        var named = s.lesson().steps().stream().filter(step -> step.kind().isHandsOn() && names(s, step, line)).findFirst();
        named.ifPresent(step -> mends.add(new Mend("Use it in step " + (s.lesson().indexOf(step.id()) + 1), l -> used(l, step, line))));
        mends.add(new Mend("Take it off the list", l -> l.removingFood(line.id())));
        int number = named.map(step -> s.lesson().indexOf(step.id()) + 1).orElse(0);
        return new Finding(severity(), id(), line.id(), number, "“" + line.item() + "” is listed but no step uses it.",
                "Every home would buy it for nothing.", List.copyOf(mends));
    }

    private static boolean names(Situation s, Step step, FoodLine line) {
        return Stream.concat(s.mentions().get(step.id()).stream(), s.done().get(step.id()).stream())
                .anyMatch(m -> m.kind() == Mentions.Kind.LISTED && m.id().equals(line.id()));
    }

    private static Lesson used(Lesson lesson, Step step, FoodLine line) {
        var use = List.of(new Use(line.id(), null));
        return lesson.withStep(step.id(), x -> x.but(d -> d.uses = Stream.concat(x.uses().stream(), use.stream()).toList()));
    }
}
