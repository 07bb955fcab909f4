package webodidact.core.rules;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import webodidact.core.check.Situation;
import webodidact.core.food.Risk;
import webodidact.core.lesson.FoodLine;
import webodidact.core.script.Phrase;

/** Fish that a lesson means to be eaten raw: it names such a dish and never heats it. */
final class EatenRaw {
    /** Of "sushi" the rice, the vinegar and the mat make no fish raw. */
    private static final Phrase DISH = Phrase.of(
            "sushi\\b(?! rice| vinegar| mat)",
            "sashimi",
            "nigiri",
            "(?:hoso|uro|futo)?maki(?: rolls?)?\\b",
            "poke bowls?\\b",
            "ceviche",
            "tartare\\b(?! sauce)",
            "carpaccio",
            "crudo\\b",
            "tiradito",
            "grav(?:ad)?lax",
            "(?:salmon|tuna|trout|mackerel|scallops?|sea ?bass|bream|fish)\\b[^.!?]{0,40}\\braw\\b(?! (?:hands|side|fish (?:on|off|board)))(?=[^.!?]{0,30}(?:[.!?]|$))",
            "raw (?:salmon|tuna|trout|mackerel|scallops?|sea ?bass|bream)\\b[^.!?]{0,30}\\b(?:into|in) (?:the|each|your) (?:rolls?|bowls?|rice)");

    private static final Phrase COOKS = Phrase.of(
            "(?:fry|grill|bake|roast|poach|steam|sear|simmer|boil|barbecue|cook)(?:s|ed|ing)?\\b[^.!?]{0,40}\\b(?:salmon|tuna|trout|mackerel|scallops?|sea ?bass|bream|fish)\\b");

    private EatenRaw() {}

    /** The lines of such fish; none where the lesson does not say so. */
    static List<FoodLine> fish(Situation s) {
        var raw = s.lesson().foods().stream().filter(f -> isRawFish(s, f)).toList();
        if (raw.isEmpty()) return List.of();
        boolean said =
                DISH.isIn(s.lesson().title()) || s.told().meant(DISH).findAny().isPresent();
        if (!said || s.told().meant(COOKS).findAny().isPresent()) return List.of();
        return raw.stream().filter(f -> !isHeated(s, f)).toList();
    }

    /** As the lesson calls them. */
    static Set<String> names(Situation s) {
        return fish(s).stream().map(FoodLine::item).collect(Collectors.toSet());
    }

    private static boolean isRawFish(Situation s, FoodLine line) {
        return Stream.ofNullable(line.cooked())
                .flatMap(id -> s.knowledge().food(id).stream())
                .anyMatch(f -> f.risk() == Risk.RAW_FISH);
    }

    private static boolean isHeated(Situation s, FoodLine line) {
        return s.lesson().steps().stream().filter(step -> step.place().isHot()).anyMatch(step -> s.isAt(step, line));
    }
}
