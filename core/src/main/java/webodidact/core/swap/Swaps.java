package webodidact.core.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import webodidact.core.food.Diet;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;

/** Works out which stand-ins a food line has, for its job where this lesson uses it. */
public final class Swaps {
    /** Usable offers enough: behind them no family is asked. */
    private static final int ENOUGH = 4;

    private final Knowledge knowledge;
    private final Course course;

    public Swaps(Knowledge knowledge, Course course) {
        this.knowledge = knowledge;
        this.course = course;
    }

    /** All rules of the shipped table, by food. */
    public static Map<String, List<SwapRule>> rules() {
        return RuleTable.all();
    }

    /** Whether the tables have an answer for that food: what stands in, or that nothing does. */
    public static boolean knows(String food) {
        return rules().containsKey(food) || !RuleTable.alike(food).isEmpty();
    }

    /** Whether the tables have the one, by id, standing in for the other. */
    public static boolean standsIn(String standIn, String food) {
        return RuleTable.between(food, standIn).isPresent();
    }

    /**
     * Usable ones first: by fitness for the job, then homes covered, then little disturbance, then price; leaving it out;
     * refused ones last, each with its reason. What one home must not have is refused for that home, not for all.
     */
    public List<Offer> offers(Lesson lesson, FoodLine line, List<Household> homes) {
        var food = knowledge.food(line.food()).orElse(null);
        if (food == null) return List.of();
        var inUse = InUse.of(lesson, line);
        var work = new OfferWork(lesson, line, food, inUse, homes, knowledge, course);
        var rules = rules().getOrDefault(food.id(), List.of());
        var offers = new ArrayList<Offer>();
        var fitness = new IdentityHashMap<Offer, Fitness>();
        Offer nothing = null;
        for (var rule : rules) {
            var fit = Fitness.of(rule, rules, inUse);
            if (rule.isNothing()) {
                if (fit.rank() > 2) nothing = work.nothing(rule);
                continue;
            }
            var offer = work.offer(rule, fit);
            offers.add(offer);
            fitness.put(offer, fit);
        }
        for (var rule : nothing == null ? RuleTable.alike(food.id()) : List.<SwapRule>of()) {
            var unhelped = homes.stream()
                    .filter(h -> !canUse(h, food) && offers.stream().noneMatch(o -> o.helps(h, knowledge)))
                    .toList();
            boolean few = offers.stream().filter(o -> !o.isRefused()).count() < ENOUGH;
            if (!few && unhelped.isEmpty()) break;
            var fit = Fitness.of(rule, rules, inUse);
            if (fit.rank() < 2) continue;
            var offer = work.offer(rule, fit);
            if (offer.isRefused() || !few && unhelped.stream().noneMatch(h -> offer.helps(h, knowledge))) continue;
            offers.add(offer);
            fitness.put(offer, fit);
        }
        // Where enough is known to work, nobody is sent to try.
        boolean enough = offers.stream()
                        .filter(o -> !o.isRefused() && fitness.get(o).rank() > 1)
                        .count()
                > 2;
        if (enough) {
            var known = offers.stream().filter(o -> fitness.get(o).rank() > 1).toList();
            offers.removeIf(o -> !o.isRefused()
                    && fitness.get(o).rank() == 1
                    && homes.stream()
                            .noneMatch(h -> !canUse(h, food)
                                    && o.helps(h, knowledge)
                                    && known.stream().noneMatch(k -> k.helps(h, knowledge))));
        }
        boolean kit = !lesson.tools().isEmpty();
        offers.sort(Comparator.comparing(Offer::isRefused)
                .thenComparing(o -> -fitness.get(o).rank())
                .thenComparing(o -> o.rule().family())
                .thenComparing(o -> -o.covers().size())
                .thenComparing(o -> disturbance(o, kit))
                .thenComparing(work::price));
        var told = new HashSet<Food>();
        // A food that has several jobs is told once, for the one that fits best.
        offers.removeIf(o -> !told.add(o.food()));
        int at = (int) offers.stream().filter(o -> !o.isRefused()).count();
        offers.add(at, work.leftOut());
        if (nothing != null) offers.add(nothing);
        return List.copyOf(offers);
    }

    /** Seconds on air, a minute for each later verb that breaks or tool that is missing, and a second for each minute before class. */
    private static int disturbance(Offer offer, boolean kit) {
        int before = offer.isLeaveOut()
                ? 0
                : offer.food().facts().before().stream()
                        .mapToInt(b -> b.seconds() / 60)
                        .sum();
        return Math.abs(offer.onAir())
                + 60 * offer.of(KnockOn.Kind.BREAKS).size()
                + (kit ? 60 * offer.of(KnockOn.Kind.TOOL).size() : 0)
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

    /** What the instructor says herself, for a line that has a food. */
    public Offer own(Lesson lesson, FoodLine line, String words) {
        var food = knowledge.food(line.food()).orElseThrow();
        return new OfferWork(lesson, line, food, InUse.of(lesson, line), List.of(), knowledge, course).own(words);
    }

    static SwapRule own(Food food, String words) {
        return new SwapRule(
                food.id(), OWN, "", Set.of(), "", SwapRule.HowMuch.same(), null, "", 0, words, List.of(), false);
    }

    /** The job of a stand-in that the instructor has put in words herself. */
    static final String OWN = "own";

    /** Names with a factor for leaving something out. */
    static SwapRule leaveOut(Food food, String change) {
        return new SwapRule(
                food.id(),
                "",
                "",
                Set.of(),
                "",
                SwapRule.HowMuch.same(),
                null,
                change,
                0,
                Words.OURS.say("leaveOut.words"),
                List.of(),
                false);
    }
}
