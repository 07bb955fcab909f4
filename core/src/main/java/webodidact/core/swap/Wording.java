package webodidact.core.swap;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;

/** The names of foods in what is said and done, changed when the food is. */
final class Wording {
    private Wording() {}

    /** Numbers of the steps, from 1, whose words name the food. */
    static List<Integer> naming(Lesson lesson, Food food, Knowledge knowledge) {
        var numbers = new ArrayList<Integer>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            if (names(step.say(), food, knowledge) || names(step.doing(), food, knowledge)) numbers.add(i + 1);
        }
        return List.copyOf(numbers);
    }

    private static boolean names(String text, Food food, Knowledge knowledge) {
        return knowledge.foodsIn(text).stream().anyMatch(f -> f.id().equals(food.id()));
    }

    /** The step with every name of {@code from} in its words replaced by the usual name of {@code to}. */
    static Step replaced(Step step, Food from, Food to, Knowledge knowledge) {
        var say = replaced(step.say(), from, to, knowledge);
        var doing = replaced(step.doing(), from, to, knowledge);
        if (say.equals(step.say()) && doing.equals(step.doing())) return step;
        return step.but(d -> {
            d.say = say;
            d.doing = doing;
        });
    }

    private static String replaced(String text, Food from, Food to, Knowledge knowledge) {
        var out = new StringBuilder();
        int at = 0;
        for (var found : knowledge.foodsIn(text)) {
            if (!found.id().equals(from.id())) continue;
            out.append(text, at, found.start());
            boolean capital = Character.isUpperCase(text.charAt(found.start()));
            out.append(
                    capital
                            ? Character.toUpperCase(to.name().charAt(0))
                                    + to.name().substring(1)
                            : to.name());
            at = found.end();
        }
        return out.append(text.substring(at)).toString();
    }
}
