package webodidact.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.time.TimeRange;

/** Made-up lessons of any length, always the same. */
final class Lessons {
    private static final String WORDS =
            "Tip the onions into the pan with a little oil, stir, and wait until they are soft. Then the garlic, a pinch of salt, and 180 ml of stock. ";

    private Lessons() {}

    static Lesson of(int steps) {
        var foods = new ArrayList<FoodLine>();
        for (var food : Knowledge.shipped().foods()) {
            if (foods.size() == 40) break;
            foods.add(FoodLine.of(
                    "f" + (foods.size() + 1), food.name(), food.id(), Amount.parse((foods.size() + 1) * 7 + " g")));
        }
        var list = new ArrayList<Step>();
        for (int i = 0; i < steps; i++) list.add(step(i, steps));
        return Lesson.blank("made-up", 1, "Made up").but(d -> {
            d.slot = steps * 120;
            d.foods = foods;
            d.steps = list;
        });
    }

    private static Step step(int i, int steps) {
        return Step.blank("s" + i, i % 9 == 0 ? Kind.TALK : Kind.HANDS_ON, "Step " + i)
                .but(d -> {
                    d.say = WORDS;
                    d.doing = "Stir, taste, cover.";
                    d.hands = new TimeRange(60, 60 + i % 7 * 20);
                    d.place = i % 5 == 0 ? Place.RING : i % 11 == 3 ? Place.OVEN : Place.BENCH;
                    if (d.place == Place.OVEN) d.heat = new Heat(180, 200, Heat.Mode.FAN);
                    if (i % 4 == 0 && i + 3 < steps)
                        d.waiting =
                                new Wait(new TimeRange(180, 300), "simmers", "soft", new Cover.CarryOn("s" + (i + 3)));
                    if (i % 13 == 0) d.acts = Set.of(Act.WASH_HANDS, Act.OVEN_ON);
                    d.uses = List.of(
                            new Use("f" + (i % 40 + 1), null), new Use("f" + ((i + 5) % 40 + 1), Amount.parse("5 g")));
                    d.tools = List.of("pan", "knife");
                });
    }
}
