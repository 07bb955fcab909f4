package webodidact.core.swap;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Ids;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Use;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/** What becomes of a lesson when an offer is taken: one change, with all that hangs on it. */
public final class Accepting {
    private final Knowledge knowledge;

    public Accepting(Knowledge knowledge) {
        this.knowledge = knowledge;
    }

    /** Cooked with in this lesson: the line, the words of the steps, the time, what has to be added and the tools. */
    public Lesson cook(Lesson lesson, String lineId, Offer offer) {
        var line = lesson.food(lineId).orElseThrow();
        var plain = line.chosen() == null ? lesson : back(lesson, lineId);
        var food = knowledge.food(line.food()).orElseThrow();
        var uses = InUse.of(plain, line).steps();
        var foods = new ArrayList<>(plain.foods().stream()
                .map(f -> f.id().equals(lineId)
                        ? f.but(d -> {
                            d.chosen = offer.food().id();
                            d.labelSays = null;
                        })
                        : f)
                .toList());
        var extra = new ArrayList<FoodLine>();
        for (var need : offer.added()) {
            if (knowledge.food(need.food()).map(f -> f.shelf() == Shelf.TAP).orElse(false)) continue;
            var added = need.but(
                    d -> d.id = Ids.next("f", foods.stream().map(FoodLine::id).toList()));
            foods.add(
                    foods.indexOf(foods.stream()
                                    .filter(f -> f.id().equals(lineId))
                                    .findFirst()
                                    .orElseThrow())
                            + 1,
                    added);
            extra.add(added);
        }
        var steps = new ArrayList<>(plain.steps().stream()
                .map(s -> Wording.replaced(s, food, offer.food(), knowledge))
                .toList());
        if (!uses.isEmpty()) {
            int first = uses.getFirst() - 1;
            steps.set(first, steps.get(first).but(d -> {
                var all = new ArrayList<>(d.uses);
                extra.forEach(e -> all.add(new Use(e.id(), null)));
                d.uses = all;
                d.hands = longer(d.hands, offer.onAir());
            }));
        }
        return plain.but(d -> {
            d.foods = foods;
            d.steps = steps;
            d.tools = withTools(plain, offer);
        });
    }

    private List<ToolLine> withTools(Lesson lesson, Offer offer) {
        var tools = new ArrayList<>(lesson.tools());
        for (var id : offer.tools()) {
            var line = Ids.next("t", tools.stream().map(ToolLine::id).toList());
            tools.add(ToolLine.of(line, knowledge.tool(id).orElseThrow().name(), id, 1));
        }
        return tools;
    }

    private static TimeRange longer(TimeRange hands, int seconds) {
        return new TimeRange(
                Math.clamp(hands.low() + seconds, 0, Seconds.LONGEST),
                Math.clamp(hands.high() + seconds, 0, Seconds.LONGEST));
    }

    /** Back to the food of the recipe: words, time and added lines with it. Tools stay: they may be wanted for more. */
    public Lesson back(Lesson lesson, String lineId) {
        var line = lesson.food(lineId).orElseThrow();
        if (line.chosen() == null) return lesson;
        var food = knowledge.food(line.food()).orElseThrow();
        var standIn = knowledge.food(line.chosen()).orElseThrow();
        int seconds = RuleTable.between(food.id(), standIn.id())
                .map(SwapRule::seconds)
                .orElse(0);
        var gone = lesson;
        for (var added : lesson.foods()) if (added.because().equals(lineId)) gone = gone.removingFood(added.id());
        int first = gone.steps().stream()
                .filter(s -> s.usesLine(lineId))
                .findFirst()
                .map(s -> s.id())
                .map(gone::indexOf)
                .orElse(-1);
        var steps = new ArrayList<>(gone.steps().stream()
                .map(s -> Wording.replaced(s, standIn, food, knowledge))
                .toList());
        if (first >= 0) steps.set(first, steps.get(first).but(d -> d.hands = longer(d.hands, -seconds)));
        return gone.withSteps(steps)
                .withFood(
                        lineId,
                        f -> f.but(d -> {
                            d.chosen = null;
                            d.labelSays = null;
                        }));
    }

    /** Put on the substitution sheet, or taken off it. */
    public static Lesson mention(Lesson lesson, String lineId, String food, boolean on) {
        return lesson.withFood(lineId, f -> {
            var all = new ArrayList<>(f.mentioned());
            all.remove(food);
            if (on) all.add(food);
            return f.but(d -> d.mentioned = all);
        });
    }
}
