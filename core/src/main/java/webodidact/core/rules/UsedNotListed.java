package webodidact.core.rules;

import java.util.HashSet;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.food.Food;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.script.Mentions;

final class UsedNotListed implements Check {
    @Override
    public String id() {
        return "used-not-listed";
    }

    @Override
    public String summary() {
        return "What is said or used is on the gather list";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        var told = new HashSet<String>();
        return s.lesson().steps().stream().flatMap(step -> Stream
                .concat(s.mentions().get(step.id()).stream(), s.done().get(step.id()).stream())
                .filter(m -> m.kind() == Mentions.Kind.UNLISTED && told.add(m.id()))
                .map(m -> finding(s, step, m)));
    }

    private Finding finding(Situation s, Step step, Mentions.Mention mention) {
        var food = s.knowledge().food(mention.id()).orElseThrow();
        return new Finding(severity(), id(), step.id() + "/" + food.id(), s.lesson().indexOf(step.id()) + 1,
                "“" + mention.words() + "” is said here but not on the gather list.",
                "Homes will not have it ready.",
                java.util.List.of(new Mend("List it as optional", lesson -> listed(lesson, step, food, mention.words()))));
    }

    private static Lesson listed(Lesson lesson, Step step, Food food, String words) {
        var line = FoodLine.of(lesson.newFoodId(), words, food.id(), null).but(d -> {
            d.optional = true;
            d.toTaste = true;
        });
        return lesson.but(d -> {
            d.foods = Stream.concat(lesson.foods().stream(), Stream.of(line)).toList();
            d.steps = lesson.withStep(step.id(), x -> x.but(y -> y.uses =
                    Stream.concat(x.uses().stream(), Stream.of(new Use(line.id(), null))).toList())).steps();
        });
    }
}
