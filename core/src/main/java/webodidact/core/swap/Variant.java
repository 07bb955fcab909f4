package webodidact.core.swap;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import webodidact.core.food.Allergen;
import webodidact.core.food.Diet;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;

/**
 * The dish with several wishes met at once: every line that is against one of them is exchanged for the best offer that meets
 * them all, each worked out on what the earlier ones have left.
 *
 * @param after the lesson with all choices taken
 * @param choices in the order of the list
 * @param open items that no offer helps with
 * @param seconds more on air in all; negative for less
 * @param warnings what the choices do to each other
 * @param labels what may be said of the dish afterwards
 */
public record Variant(
        Lesson after, List<Choice> choices, List<String> open, int seconds, List<String> warnings, DishLabels labels) {
    /** @param line as it was; {@code offer} may be leaving it out */
    public record Choice(FoodLine line, Offer offer) {}

    /**
     * What is wished for.
     *
     * @param diet or null
     * @param without allergens that are not to be declared
     */
    public record Wish(Diet diet, Set<Allergen> without) {
        public Wish {
            without = without.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(without));
        }

        boolean isMetBy(Food food) {
            return (diet == null || food.suits(diet))
                    && food.allergens().stream().noneMatch(without::contains);
        }

        public boolean isEmpty() {
            return diet == null && without.isEmpty();
        }
    }

    private static final Set<Group> STRUCTURE = EnumSet.of(Group.GRAIN, Group.EGG, Group.FAT, Group.RAISING);

    public static Variant of(Lesson lesson, Wish wish, List<Household> homes, Knowledge knowledge, Course course) {
        var now = lesson;
        var choices = new ArrayList<Choice>();
        var open = new ArrayList<String>();
        var accepting = new Accepting(knowledge);
        for (var line : lesson.foods()) {
            var food = knowledge.food(line.cooked()).orElse(null);
            if (food == null || wish.isMetBy(food)) continue;
            var offer = best(
                    new Swaps(knowledge, course).offers(now, line.but(d -> d.chosen = null), homes),
                    wish,
                    knowledge,
                    line);
            if (offer == null) {
                open.add(line.item());
                continue;
            }
            choices.add(new Choice(line, offer));
            now = offer.isLeaveOut() ? now.removingFood(line.id()) : accepting.cook(now, line.id(), offer);
        }
        int seconds = choices.stream().mapToInt(c -> c.offer().onAir()).sum();
        return new Variant(
                now,
                List.copyOf(choices),
                List.copyOf(open),
                seconds,
                warnings(lesson, choices, knowledge),
                DishLabels.of(now, knowledge));
    }

    private static Offer best(List<Offer> offers, Wish wish, Knowledge knowledge, FoodLine line) {
        return offers.stream()
                .filter(o -> !o.isRefused() && !o.isLeaveOut() && wish.isMetBy(o.food()))
                .map(o -> withNeeds(o, wish, knowledge))
                .filter(o -> o.added().stream()
                        .allMatch(a ->
                                knowledge.food(a.cooked()).map(wish::isMetBy).orElse(false)))
                .findFirst()
                .or(() -> offers.stream()
                        .filter(o -> o.isLeaveOut() && line.optional())
                        .findFirst())
                .orElse(null);
    }

    /** What a stand-in needs besides is exchanged too where it is against the wish: tofu with tamari instead of soy sauce. */
    private static Offer withNeeds(Offer offer, Wish wish, Knowledge knowledge) {
        var text = offer.addedText();
        var added = new ArrayList<FoodLine>();
        for (var need : offer.added()) {
            var food = knowledge.food(need.food()).orElse(null);
            if (food == null || wish.isMetBy(food)) {
                added.add(need);
                continue;
            }
            var other = Swaps.rules().getOrDefault(food.id(), List.of()).stream()
                    .flatMap(r -> knowledge.food(r.standIn()).stream())
                    .filter(wish::isMetBy)
                    .findFirst();
            added.add(other.map(o -> need.but(d -> d.chosen = o.id())).orElse(need));
            if (other.isPresent()) text = text.replace(need.item(), other.get().name());
        }
        return new Offer(
                offer.rule(),
                offer.food(),
                offer.amount(),
                offer.exact(),
                added,
                text,
                offer.knockOns(),
                offer.tools(),
                offer.allergensAdded(),
                offer.allergensRemoved(),
                offer.covers(),
                offer.announceBy(),
                offer.refused(),
                offer.toBeTried());
    }

    private static List<String> warnings(Lesson lesson, List<Choice> choices, Knowledge knowledge) {
        var all = new ArrayList<String>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            var step = lesson.steps().get(i);
            var changed = choices.stream()
                    .filter(c -> step.usesLine(c.line().id()))
                    .filter(c -> knowledge
                            .food(c.line().food())
                            .map(f -> STRUCTURE.contains(f.group()))
                            .orElse(false))
                    .map(c -> c.line().item())
                    .toList();
            if (changed.size() > 1) {
                all.add(Words.OURS.say("together", i + 1, changed));
            }
        }
        var added = choices.stream()
                .filter(c -> !c.offer().isLeaveOut())
                .flatMap(c -> c.offer().food().allergens().stream())
                .distinct()
                .filter(a -> lesson.foods().stream()
                        .noneMatch(f -> knowledge
                                .food(f.cooked())
                                .map(x -> x.allergens().contains(a))
                                .orElse(false)))
                .toList();
        if (!added.isEmpty())
            all.add(Words.OURS.say(
                    "new", added.stream().map(Allergen::title).sorted().toList()));
        return List.copyOf(all);
    }
}
