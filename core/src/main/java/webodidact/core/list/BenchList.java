package webodidact.core.list;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.Amount;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Step;
import webodidact.core.script.Draws;
import webodidact.core.swap.CookedAmount;

/** The mise en place: what stands ready for each step, in its order. */
public record BenchList(List<Setting> settings) {
    /**
     * @param number of the step, from 1
     * @param foods "75 g thick plain yoghurt"
     * @param tools set out for it; one that an earlier step had is not set out again
     * @param apart raw food that stands on a board of its own
     */
    public record Setting(int number, String title, List<String> foods, List<String> tools, List<String> apart) {}

    public static BenchList of(Lesson lesson, Course course, Knowledge knowledge) {
        var settings = new ArrayList<Setting>();
        var draws = Draws.of(lesson, knowledge, course.house());
        var out = new ArrayList<String>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            var foods = new ArrayList<String>();
            var apart = new ArrayList<String>();
            for (var use : step.uses()) {
                var line = lesson.food(use.line()).orElse(null);
                if (line == null) continue;
                foods.add(food(lesson, line, Draws.taken(draws, step.id(), use), course, knowledge));
                if (knowledge
                        .food(line.cooked())
                        .map(f -> f.risk().soilsHands())
                        .orElse(false)) apart.add(line.item());
            }
            var tools = tools(step, out, knowledge);
            if (!foods.isEmpty() || !tools.isEmpty())
                settings.add(new Setting(i + 1, step.title(), List.copyOf(foods), tools, List.copyOf(apart)));
        }
        return new BenchList(List.copyOf(settings));
    }

    private static String food(Lesson lesson, FoodLine line, Amount amount, Course course, Knowledge knowledge) {
        var name = line.chosen() == null
                ? line.item()
                : knowledge.food(line.chosen()).map(f -> f.name()).orElse(line.item());
        var cooked = CookedAmount.of(line, amount, knowledge);
        if (cooked == null || cooked.low().isZero()) return name;
        return KitchenRounding.round(cooked.times(Scaling.forHome(lesson)), course.house())
                        .text(name) + " " + name + (line.form().isEmpty() ? "" : ", " + line.form());
    }

    private static List<String> tools(Step step, List<String> out, Knowledge knowledge) {
        var names = new ArrayList<String>();
        for (var tool : step.tools()) {
            if (out.contains(tool)) continue;
            out.add(tool);
            names.add(knowledge.tool(tool).map(t -> t.name()).orElse(tool));
        }
        return List.copyOf(names);
    }
}
