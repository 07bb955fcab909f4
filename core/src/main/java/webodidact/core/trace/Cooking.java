package webodidact.core.trace;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Risk;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;

/** What each step has in hand, from when on it is cooked, and what is eaten as it is. */
final class Cooking {
    private static final Phrase AS_IT_IS = Phrase.of(
            "salad\\b",
            "(?:cole)?slaw\\b",
            "on the side\\b",
            "garnish",
            "dressing\\b",
            "dip\\b",
            "scatter(?:ed)? (?:it |them |the |over|on)",
            "to serve\\b",
            "serve (?:it |them )?with\\b",
            "raw\\b",
            "sandwich",
            "straight away\\b");
    private static final Phrase MADE = Phrase.of(
            "(?:the|your|our|this|that|of|spoonfuls? of|ladle(?:ful)? of) (?:\\p{L}+ )?(?:dough|batter|mixture|mix|filling|fritters?|patties|burgers?|meatballs?|balls|dumplings?|cakes?|pancakes?|pie|lot|rest|veg(?:etables)?)\\b",
            "spoonfuls?\\b",
            "everything\\b");
    private static final Set<Group> NEVER_READY = Set.of(
            Group.SEASONING, Group.FAT, Group.WATER, Group.RAISING, Group.GRAIN, Group.SUGAR, Group.EGG, Group.ACID);
    private static final Phrase ON_HEAT = Phrase.of(
            "(?:low|medium|high|gentle) (?:heat|ring|flame)\\b",
            "boiling water\\b",
            "(?:boil|simmer|fry|roast|bake|poach|grill|sear|brown|sweat|saut[eé]) (?:the|your|them|it|some|\\d+)\\b",
            "in(?:to)? the (?:hot |frying |big |large |medium )*(?:pan|wok|oven|pot)\\b");

    private final Mentions mentions;
    private final Map<String, FoodLine> lines = new HashMap<>();
    private final Map<String, Food> foods = new HashMap<>();
    private final Map<String, Integer> heatedIn = new HashMap<>();
    private final Map<String, Integer> lastHeat = new HashMap<>();
    private final Map<String, List<String>> handledOf = new HashMap<>();
    /** By number of the step: the words of the hot ones. */
    private final Map<Integer, String> hot = new HashMap<>();

    private int lastMade = -1;
    private int lastHot = -1;
    private int lastNameless = -1;

    Cooking(Lesson lesson, Mentions mentions, Knowledge knowledge) {
        this.mentions = mentions;
        for (var line : lesson.foods()) {
            lines.put(line.id(), line);
            knowledge.food(line.cooked()).ifPresent(f -> foods.put(line.id(), f));
        }
        var steps = lesson.steps();
        for (int i = 0; i < steps.size(); i++) {
            var step = steps.get(i);
            if (!step.place().isHot()) continue;
            for (var line : handled(step)) {
                heatedIn.putIfAbsent(line, i);
                lastHeat.put(line, i);
            }
            lastHot = i;
            hot.put(i, (step.say() + " " + step.doing()).toLowerCase(Locale.ROOT));
            if (Told.says(step, MADE)) lastMade = i;
            if (handled(step).isEmpty()) lastNameless = i;
        }
        shaped(steps);
    }

    /** What no hot step names is cooked under another name, "the patties": in the first hot step after it was shaped. */
    private void shaped(List<Step> steps) {
        for (var line : foods.keySet()) {
            if (heatedIn.containsKey(line) || !Soil.of(foods.get(line)).isRaw()) continue;
            int used = -1;
            for (int i = 0; i < steps.size(); i++)
                if (steps.get(i).kind().isHandsOn() && handled(steps.get(i)).contains(line)) used = Math.max(used, i);
            for (int i = Math.max(0, used); i < steps.size() && used >= 0; i++)
                if (steps.get(i).place().isHot()) {
                    heatedIn.put(line, i);
                    break;
                }
        }
    }

    /** "Mash", and two steps on "mash on top, in the oven". */
    private boolean isCookedByItsTitle(Step step, int i) {
        var title = step.title().toLowerCase(Locale.ROOT);
        return title.matches("\\p{L}{4,}")
                && hot.entrySet().stream()
                        .anyMatch(e -> e.getKey() > i
                                && e.getValue().matches("(?s).*\\b" + title + " (?:in|on|over|into|goes|go)\\b.*"));
    }

    private static boolean isEatenRaw(Food food) {
        return RAW_AS_A_RULE.contains(food.id())
                || food.group() == Group.FRUIT
                || food.group() == Group.BAKERY
                || food.group() == Group.DAIRY && food.shelf() == Shelf.FRIDGE;
    }

    private static final Set<String> RAW_AS_A_RULE = Set.of(
            "lettuce",
            "little-gem",
            "salad-leaves",
            "lambs-lettuce",
            "rocket",
            "watercress",
            "cucumber",
            "tomato",
            "cherry-tomato",
            "avocado",
            "radish",
            "endive",
            "radicchio",
            "pea-shoot",
            "smoked-salmon",
            "ham",
            "hummus",
            "salsa",
            "mayonnaise",
            "cooked-prawn",
            "cooked-chicken");
    private static final Phrase COMBINES = Phrase.of(
            "(?:mix|stir|fold|beat|whisk|combine|add)(?:ed|s|ing)? (?:it |them |the \\p{L}+ )?(?:all )?(?:in|into|together|with|through|to)\\b",
            "in(?:to)? the (?:bowl|mixture|batter|dough|pan|pot)\\b");

    List<String> handled(Step step) {
        return handledOf.computeIfAbsent(step.id(), k -> look(step));
    }

    private List<String> look(Step step) {
        var all = new ArrayList<String>();
        step.uses().forEach(u -> all.add(u.line()));
        for (var text : List.of(step.say(), step.doing()))
            for (var m : mentions.in(text))
                if (m.kind() == Mentions.Kind.LISTED && !all.contains(m.id())) all.add(m.id());
        return all;
    }

    boolean isRaw(String line, int i) {
        var food = foods.get(line);
        return food != null && Soil.of(food).isRaw() && heatedIn.getOrDefault(line, i) >= i;
    }

    boolean isEatenAsItIs(Step step, int i, String line, Food food) {
        if (NEVER_READY.contains(food.group()) || food.shelf() == Shelf.TAP || food.shelf() == Shelf.SPICE)
            return false;
        if (food.risk() != Risk.READY
                && food.risk() != Risk.UNWASHED
                && !Soil.of(food).isRaw()) return false;
        if (step.place().isHot() || Told.says(step, ON_HEAT) || lastHeat.getOrDefault(line, -1) >= i) return false;
        if (step.kind() == Kind.PLATE || step.kind() == Kind.TASTE) return true;
        if (lastMade > i || isCookedByItsTitle(step, i)) return false;
        boolean heatComes = lastHot > i;
        if (!heatComes || Told.says(step, AS_IT_IS) || AS_IT_IS.isIn(step.title())) return true;
        // Something hot comes that names no food: only what is eaten raw as a rule, and is not stirred into
        // anything, is known.
        return (lastNameless <= i ? isEatenRaw(food) : RAW_AS_A_RULE.contains(food.id()) && !Told.says(step, COMBINES));
    }

    /** By line id, as far as the table knows them. */
    Map<String, Food> foods() {
        return foods;
    }

    Map<String, FoodLine> lines() {
        return lines;
    }

    /** By line id, the index of the step that first heats it. */
    Map<String, Integer> heatedIn() {
        return heatedIn;
    }
}
