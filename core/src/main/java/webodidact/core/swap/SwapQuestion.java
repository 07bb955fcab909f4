package webodidact.core.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Allergen;
import webodidact.core.food.Diet;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;

/**
 * What one home may be told that has not got a food, or must not have it.
 *
 * @param amount or null
 * @param form how it is prepared, "chopped", or ""
 * @param use what is done with it, each deed after a comma: "rub in, bake"; "" if nobody says
 * @param without allergens the home must not have
 * @param diets of the home, in small letters
 */
public record SwapQuestion(
        Food food, Amount amount, String form, String use, Set<Allergen> without, Set<String> diets) {
    /**
     * One offer, as it stands for this home.
     *
     * @param refused why this home is not told it, or ""
     * @param test nobody wrote the rule for this use: it is to be tried first
     */
    public record Answer(Offer offer, String refused, boolean test) {}

    private static final Course COURSE = Course.named("-");

    /** Usable ones first, in their order; leaving it out; refused ones last. Never empty. */
    public List<Answer> answers(Knowledge knowledge) {
        var lesson = lesson(knowledge);
        return answers(lesson, lesson.foods().getFirst(), home(), knowledge, COURSE);
    }

    /** The offers for one line of a lesson, for a home that has not got it. */
    public List<Answer> answers(Lesson lesson, FoodLine line, Knowledge knowledge, Course course) {
        return answers(lesson, line, home(), knowledge, course);
    }

    /** The offers for one line of a lesson, judged for one home. */
    public static List<Answer> answers(
            Lesson lesson, FoodLine line, Household home, Knowledge knowledge, Course course) {
        var all = new ArrayList<Answer>();
        for (var offer : new Swaps(knowledge, course).offers(lesson, line, List.of(home)))
            all.add(new Answer(offer, refused(offer, home, knowledge), offer.toBeTried()));
        return Stream.concat(
                        all.stream().filter(a -> a.refused().isEmpty()),
                        all.stream().filter(a -> !a.refused().isEmpty()))
                .toList();
    }

    private static String refused(Offer offer, Household home, Knowledge knowledge) {
        if (offer.isRefused()) return offer.refused();
        if (offer.isLeaveOut()) return "";
        var foods = new ArrayList<Food>();
        foods.add(offer.food());
        offer.added().forEach(n -> knowledge.food(n.cooked()).ifPresent(foods::add));
        for (var food : foods) {
            var against = food.allergens().stream()
                    .filter(home.allergies()::contains)
                    .sorted()
                    .findFirst();
            if (against.isPresent())
                return Words.OURS.say("contains", food.name(), against.get().title());
            var diet = home.diets().stream()
                    .flatMap(d -> Diet.named(d).stream())
                    .filter(d -> !food.suits(d))
                    .findFirst();
            if (diet.isPresent())
                return Words.OURS.say("notDiet", food.name(), diet.get().title());
            if (home.missingFoods().contains(food.id())) return Words.OURS.say("missingToo", food.name());
        }
        return "";
    }

    private Household home() {
        return new Household(
                "-",
                null,
                new TreeSet<>(diets),
                without,
                Set.of(),
                Set.of(food.id()),
                List.of(),
                true,
                true,
                true,
                true,
                null);
    }

    /** A step for each deed, where the deed is done. */
    private Lesson lesson(Knowledge knowledge) {
        var line = FoodLine.of("f1", food.name(), food.id(), amount).but(d -> d.form = form);
        var steps = new ArrayList<Step>();
        for (var deed : use.split(",")) {
            if (deed.isBlank()) continue;
            var text =
                    Character.toUpperCase(deed.strip().charAt(0)) + deed.strip().substring(1) + ".";
            steps.add(Step.blank("s" + (steps.size() + 1), Kind.HANDS_ON, text).but(d -> {
                d.doing = text;
                d.uses = List.of(new Use("f1", null));
                d.place = place(text, knowledge).orElse(Place.BENCH);
            }));
        }
        return Lesson.blank("l1", 1, "").withSteps(steps).withFoods(List.of(line));
    }

    private static Optional<Place> place(String text, Knowledge knowledge) {
        return knowledge.actionsIn(text).stream()
                .map(a -> a.action().place())
                .filter(p -> !p.isEmpty())
                .map(p -> Place.valueOf(p.toUpperCase(Locale.ROOT)))
                .findFirst();
    }

    /** How the food is treated, in words: "fried", "baked". */
    public String context(Knowledge knowledge) {
        var lesson = lesson(knowledge);
        return context(lesson, lesson.foods().getFirst());
    }

    public static String context(Lesson lesson, FoodLine line) {
        return InUse.of(lesson, line).contexts().stream()
                .sorted()
                .map(Context::title)
                .reduce((a, b) -> Words.OURS.say("and", a, b))
                .orElse("");
    }

    /** The same with so much of it. */
    public SwapQuestion times(Ratio factor) {
        return new SwapQuestion(food, amount == null ? null : amount.times(factor), form, use, without, diets);
    }
}
