package webodidact.core.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Allergen;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.TableFile;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.list.Scaling;

/** Works out which stand-ins a food line has. */
public final class Swaps {
    private static final class Holder {
        private static final Map<String, List<SwapRule>> RULES = read();
    }

    private final Knowledge knowledge;

    public Swaps(Knowledge knowledge) {
        this.knowledge = knowledge;
    }

    /** All rules of the shipped table, by food. */
    public static Map<String, List<SwapRule>> rules() {
        return Holder.RULES;
    }

    private static Map<String, List<SwapRule>> read() {
        var rules = new HashMap<String, List<SwapRule>>();
        for (var c : TableFile.rows(Knowledge.class, "swaps.txt", 9)) {
            rules.computeIfAbsent(c[0], k -> new ArrayList<>())
                    .add(new SwapRule(c[0], c[1], c[2], c[3], Ratio.parse(c[4]), c[5], c[6], Integer.parseInt(c[7]), c[8]));
        }
        rules.replaceAll((food, list) -> List.copyOf(list));
        return Map.copyOf(rules);
    }

    /**
     * Usable ones first: those that cover most homes, then those that disturb the clock least, then the table's order;
     * leaving it out; refused ones last, each with its reason.
     */
    public List<Offer> offers(Lesson lesson, FoodLine line, List<Household> homes, MeasureSystem house) {
        var food = knowledge.food(line.food()).orElse(null);
        if (food == null) return List.of();
        var offers = new ArrayList<Offer>();
        for (var rule : rules().getOrDefault(food.id(), List.of())) offers.add(offer(lesson, line, food, rule, homes, house));
        offers.sort(Comparator.comparing(Offer::isRefused)
                .thenComparing(o -> -o.covers().size()).thenComparing(o -> Math.abs(o.rule().seconds())));
        var leave = new SwapRule(food.id(), "", "", "", Ratio.ZERO, "", leavingOut(lesson, line), 0, "Leave it out.");
        int at = (int) offers.stream().filter(o -> !o.isRefused()).count();
        offers.add(at, new Offer(leave, null, "", Set.of(), food.allergens(), List.of(), ""));
        return List.copyOf(offers);
    }

    private static String leavingOut(Lesson lesson, FoodLine line) {
        var steps = new ArrayList<String>();
        for (int i = 0; i < lesson.steps().size(); i++) if (lesson.steps().get(i).usesLine(line.id())) steps.add(String.valueOf(i + 1));
        if (steps.isEmpty()) return "No step uses it.";
        return (steps.size() == 1 ? "Step " : "Steps ") + String.join(", ", steps) + (steps.size() == 1 ? " goes" : " go") + " without it: say what changes in the taste.";
    }

    private Offer offer(Lesson lesson, FoodLine line, Food food, SwapRule rule, List<Household> homes, MeasureSystem house) {
        var standIn = knowledge.food(rule.standIn()).orElseThrow();
        var added = minus(standIn.allergens(), food.allergens());
        var removed = minus(food.allergens(), standIn.allergens());
        var covers = homes.stream().filter(h -> !canUse(h, food) && canUse(h, standIn)).map(Household::alias).toList();
        return new Offer(rule, standIn, amount(lesson, line, food, rule, house), added, removed, covers, refusal(food, standIn, added, homes));
    }

    private static String refusal(Food food, Food standIn, Set<Allergen> added, List<Household> homes) {
        if (standIn.risk().soilsHands() && !food.risk().soilsHands()) return "It is raw where the recipe has something ready to eat.";
        if (added.isEmpty()) return "";
        for (var allergen : added) {
            long hurt = homes.stream().filter(h -> h.allergies().contains(allergen.name().toLowerCase(java.util.Locale.ROOT))).count();
            if (hurt > 0) return (hurt == 1 ? "One home lists " : hurt + " homes list ") + allergen.title() + " as an allergy.";
        }
        return "";
    }

    private static Set<Allergen> minus(Set<Allergen> all, Set<Allergen> less) {
        var set = EnumSet.noneOf(Allergen.class);
        set.addAll(all);
        set.removeAll(less);
        return set;
    }

    private static String amount(Lesson lesson, FoodLine line, Food food, SwapRule rule, MeasureSystem house) {
        if (line.amount() == null) return "";
        var exact = line.amount().times(Scaling.forHome(lesson)).times(rule.ratio());
        if (exact.unit().dimension() == Dimension.COUNT && food.piece() != null) {
            var grams = line.size() != null && line.size().unit() == Unit.G ? line.size().low() : food.piece();
            exact = new Amount(exact.low().times(grams), exact.high().times(grams), Unit.G, true);
        }
        return KitchenRounding.round(exact, house).text();
    }

    /** Whether that home has the food and may eat it by what is declared; where the label decides, papers say so. */
    public static boolean canUse(Household home, Food food) {
        if (home.missingFoods().contains(food.id())) return false;
        boolean allergic = food.allergens().stream().anyMatch(a -> home.allergies().contains(a.name().toLowerCase(java.util.Locale.ROOT)));
        return !allergic && home.diets().stream().allMatch(food::suits);
    }
}
