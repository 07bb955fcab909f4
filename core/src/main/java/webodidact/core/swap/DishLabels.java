package webodidact.core.swap;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.food.Allergen;
import webodidact.core.food.Diet;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.script.Mentions;

/**
 * What may be said of the dish as it is chosen to be cooked. A diet word holds only when it is true of every line; one
 * label that nobody has read makes it unknown. Nothing here says "free from": that is for labels and qualified people.
 */
public record DishLabels(Set<Allergen> contains, Answer vegetarian, Answer vegan, List<String> labels) {
    /**
     * @param because items that make it false, or whose labels must be read
     */
    public record Answer(Truth truth, List<String> because) {}

    public enum Truth {
        YES,
        UNKNOWN,
        NO
    }

    /** @param labels items whose label nobody has read, and foods that are not in the table */
    public DishLabels {
        contains = Set.copyOf(contains);
        labels = List.copyOf(labels);
    }

    public static DishLabels of(Lesson lesson, Knowledge knowledge) {
        return of(lesson, knowledge, unlisted(lesson, knowledge));
    }

    /** Foods that the steps name and the list lacks: nobody can say anything of the dish while they are not there. */
    static List<String> unlisted(Lesson lesson, Knowledge knowledge) {
        var mentions = Mentions.of(lesson, knowledge);
        return lesson.steps().stream()
                .flatMap(s -> Stream.of(s.say(), s.doing()))
                .flatMap(t -> mentions.in(t).stream())
                .filter(m -> m.kind() == Mentions.Kind.UNLISTED || m.kind() == Mentions.Kind.STAND_IN)
                .map(m -> knowledge.food(m.id()).orElseThrow().name())
                .distinct()
                .toList();
    }

    static DishLabels of(Lesson lesson, Knowledge knowledge, List<String> unlisted) {
        var contains = EnumSet.noneOf(Allergen.class);
        var labels = new ArrayList<String>();
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food == null || food.checkLabel() && line.labelSays() == null) labels.add(name(line, food));
            if (food != null) contains.addAll(food.allergens());
            if (line.labelSays() != null) contains.addAll(line.labelSays());
        }
        labels.addAll(unlisted);
        return new DishLabels(
                contains,
                diet(lesson, knowledge, Diet.VEGETARIAN, unlisted),
                diet(lesson, knowledge, Diet.VEGAN, unlisted),
                labels);
    }

    private static Answer diet(Lesson lesson, Knowledge knowledge, Diet wanted, List<String> unlisted) {
        var against = new ArrayList<String>();
        var unread = new ArrayList<String>(unlisted);
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food == null || food.checkLabel() && line.labelSays() == null) unread.add(name(line, food));
            if (food != null && !suits(food, line, wanted)) against.add(name(line, food));
        }
        if (!against.isEmpty()) return new Answer(Truth.NO, List.copyOf(against));
        return unread.isEmpty() ? new Answer(Truth.YES, List.of()) : new Answer(Truth.UNKNOWN, List.copyOf(unread));
    }

    private static boolean suits(Food food, FoodLine line, Diet wanted) {
        if (!food.suits(wanted)) return false;
        var read = line.labelSays() == null ? Set.<Allergen>of() : line.labelSays();
        var meat = EnumSet.of(Allergen.FISH, Allergen.CRUSTACEANS, Allergen.MOLLUSCS);
        if (read.stream().anyMatch(meat::contains)) return false;
        return wanted != Diet.VEGAN || !read.contains(Allergen.MILK) && !read.contains(Allergen.EGGS);
    }

    private static String name(FoodLine line, Food food) {
        return line.chosen() != null && food != null ? food.name() : line.item();
    }

    /** What may be said of "vegan" or "vegetarian". */
    public Answer of(Diet diet) {
        return diet == Diet.VEGAN ? vegan : vegetarian;
    }

    /** Whether that allergen is in it by what is declared; UNKNOWN while labels are unread. */
    public Truth has(Allergen allergen) {
        if (contains.contains(allergen)) return Truth.YES;
        return labels.isEmpty() ? Truth.NO : Truth.UNKNOWN;
    }
}
