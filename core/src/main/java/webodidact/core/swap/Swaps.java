package webodidact.core.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Diet;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.table.TableFile;

/** Works out which stand-ins a food line has, for its job where this lesson uses it. */
public final class Swaps {
    private static final class Holder {
        private static final Map<String, List<SwapRule>> RULES = read();
    }

    private final Knowledge knowledge;
    private final Course course;

    public Swaps(Knowledge knowledge, Course course) {
        this.knowledge = knowledge;
        this.course = course;
    }

    /** All rules of the shipped table, by food. */
    public static Map<String, List<SwapRule>> rules() {
        return Holder.RULES;
    }

    private static Map<String, List<SwapRule>> read() {
        var rules = new HashMap<String, List<SwapRule>>();
        for (var c : TableFile.rows(Knowledge.class, "swaps.txt", 9))
            rules.computeIfAbsent(c[0], k -> new ArrayList<>()).add(SwapRule.of(c));
        rules.replaceAll((food, list) -> List.copyOf(list));
        return Map.copyOf(rules);
    }

    /**
     * Usable ones first: by fitness for the job, then homes covered, then little disturbance, then price; leaving it out;
     * refused ones last, each with its reason.
     */
    public List<Offer> offers(Lesson lesson, FoodLine line, List<Household> homes) {
        var food = knowledge.food(line.food()).orElse(null);
        if (food == null) return List.of();
        var inUse = InUse.of(lesson, line);
        var work = new OfferWork(lesson, line, food, inUse, homes, knowledge, course);
        var offers = new ArrayList<Offer>();
        for (var rule : rules().getOrDefault(food.id(), List.of())) offers.add(work.offer(rule));
        offers.sort(Comparator.comparing(Offer::isRefused)
                .thenComparing(o -> -Fitness.of(o.rule(), inUse).rank())
                .thenComparing(o -> -o.covers().size())
                .thenComparing(Swaps::disturbance)
                .thenComparing(work::price));
        int at = (int) offers.stream().filter(o -> !o.isRefused()).count();
        offers.add(at, work.leftOut());
        return List.copyOf(offers);
    }

    /** Seconds on air, a minute for each later verb that breaks or tool that is missing, and a second for each minute before class. */
    private static int disturbance(Offer offer) {
        int before = offer.isLeaveOut()
                ? 0
                : offer.food().facts().before().stream()
                        .mapToInt(b -> b.seconds() / 60)
                        .sum();
        return Math.abs(offer.onAir())
                + 60 * offer.of(KnockOn.Kind.BREAKS).size()
                + 60 * offer.of(KnockOn.Kind.TOOL).size()
                + before;
    }

    /** Whether that home has the food and may eat it by what is declared; where the label decides, papers say so. */
    public static boolean canUse(Household home, Food food) {
        if (home.missingFoods().contains(food.id())) return false;
        boolean allergic = food.allergens().stream().anyMatch(home.allergies()::contains);
        return !allergic
                && home.diets().stream().flatMap(d -> Diet.named(d).stream()).allMatch(food::suits);
    }

    /**
     * Whether that home has to look before it may use the food: its allergy meets a pack whose label decides, or its diet is
     * one the table knows nothing of ("halal") and the food is from an animal.
     */
    public static boolean mustCheck(Household home, Food food) {
        boolean unknownDiet = home.diets().stream().anyMatch(d -> Diet.named(d).isEmpty());
        return food.checkLabel() && !home.allergies().isEmpty()
                || unknownDiet && (food.checkLabel() || !food.suits(Diet.VEGAN));
    }

    /** Names with a factor for leaving something out. */
    static SwapRule leaveOut(Food food, String change) {
        return new SwapRule(
                food.id(), "", "", Set.of(), "", Ratio.ZERO, null, change, 0, Words.OURS.say("leaveOut.words"));
    }
}
