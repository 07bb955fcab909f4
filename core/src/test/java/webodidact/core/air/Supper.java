package webodidact.core.air;

import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.List;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;

/** Fish in parcels with potatoes and a herb yoghurt, in few steps. */
final class Supper {
    private Supper() {}

    static Lesson lesson() {
        var foods = List.of(
                food("f1", "white-fish", "400 g").but(d -> d.item = "skinless white fish fillets"),
                food("f2", "yoghurt", "150 g").but(d -> {
                    d.item = "thick plain yoghurt";
                    d.mentioned = List.of("soured-cream", "soya-yoghurt");
                }),
                food("f3", "lemon", "1 piece"),
                food("f4", "new-potato", "500 g").but(d -> d.item = "new potatoes"),
                food("f5", "green-bean", "200 g").but(d -> d.item = "green beans"),
                food("f6", "dill", "10 g").but(d -> d.mentioned = List.of("parsley")),
                food("f7", "garlic", "1 clove"),
                food("f8", "chives", "10 g"),
                food("f9", "olive-oil", "2 tbsp"));
        return of(
                foods,
                using(tools(hands("fold", 240), "parchment", "knife", "board"), "f1", "f3", "f9"),
                waits(at(tools(hands("bake", 30), "baking-tray"), Place.OVEN), 960, 1200, new Cover.CarryOn("open")),
                using(tools(hands("yoghurt", 200), "mixing-bowl", "grater"), "f2", "f6", "f7", "f8"),
                using(tools(hands("open", 100), "probe"), "f1", "f4", "f5"));
    }

    static Lesson scones() {
        var foods = List.of(
                food("s1", "self-raising-flour", "350 g"),
                food("s2", "butter", "85 g"),
                food("s3", "cheddar", "120 g").but(d -> d.item = "mature cheddar"),
                food("s4", "chives", "3 tbsp"),
                food("s5", "milk", "175 ml"),
                food("s6", "egg", "1 piece"),
                food("s7", "mustard-powder", "1 tsp"));
        return of(
                foods,
                using(tools(hands("rub", 240), "mixing-bowl", "grater"), "s1", "s2", "s3", "s4", "s7"),
                using(tools(hands("mix", 120), "mixing-bowl"), "s5"),
                tools(hands("cut", 200), "rolling-pin", "cutter"),
                waits(
                        at(
                                using(tools(hands("bake", 60), "baking-tray", "oven-gloves", "pastry-brush"), "s6"),
                                Place.OVEN),
                        720,
                        900,
                        Cover.STAY));
    }

    private static Step tools(Step step, String... tools) {
        return step.but(d -> d.tools = List.of(tools));
    }
}
