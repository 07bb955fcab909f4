package webodidact.core.publish;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import webodidact.core.answer.Question;
import webodidact.core.food.Food;
import webodidact.core.list.KitList;

/** What stands on each pot of each set, one label a pot. */
public record PotLabels(List<Label> labels) {
    /**
     * @param contents "75 g plain flour + 1 tsp baking powder"
     * @param set number of its set, from 1; 0 of what somebody gets instead
     * @param of sets there are
     * @param whose alias of who gets it instead of the usual, or ""
     * @param use the day it is used on, or null while the lesson has none
     * @param contains allergens, "check the label" where that decides, "unknown: check" where nobody knows; or "" where none is known of
     * @param cold keep cold
     * @param raw wash hands after
     */
    public record Label(
            String contents,
            int set,
            int of,
            String whose,
            LocalDate use,
            String contains,
            boolean cold,
            boolean raw) {}

    public PotLabels {
        labels = List.copyOf(labels);
    }

    /** Set by set, so that a sheet is cut into sets. */
    public static PotLabels of(Question question, KitList kit) {
        var lesson = question.lesson();
        var use = lesson.air() == null ? null : lesson.air().toLocalDate();
        int sets = Math.max(1, kit.sets());
        var all = new ArrayList<Label>();
        for (int set = 1; set <= sets; set++)
            for (var pot : kit.pots()) {
                var foods = pot.lines().stream()
                        .map(l -> lesson.food(l)
                                .flatMap(f -> question.knowledge().food(f.cooked()))
                                .orElse(null))
                        .toList();
                var contains = foods.stream()
                        .map(f -> f == null ? Words.OURS.say("unknown") : f.contains())
                        .filter(c -> !c.isEmpty())
                        .distinct()
                        .toList();
                all.add(new Label(
                        pot.label(),
                        set,
                        sets,
                        "",
                        use,
                        String.join("; ", contains),
                        foods.stream().anyMatch(PotLabels::isCold),
                        foods.stream().anyMatch(f -> f != null && f.risk().soilsHands())));
            }
        if (lesson.sets().groups() > 0) all.addAll(own(question, use));
        return new PotLabels(all);
    }

    /** What goes into some sets instead of the usual, where that is settled. */
    private static List<Label> own(Question question, LocalDate use) {
        var all = new ArrayList<Label>();
        for (var own : KitVariants.of(question).sets())
            for (var entry : own.instead()) {
                var home = question.homes().stream()
                        .filter(h -> h.alias().equals(own.alias()))
                        .findFirst()
                        .orElseThrow();
                var food = question.knowledge()
                        .food(home.agreedFor(question.lesson().id(), entry.line()))
                        .orElse(null);
                all.add(new Label(
                        entry.take() + " " + entry.item(),
                        0,
                        0,
                        own.alias(),
                        use,
                        entry.contains(),
                        isCold(food),
                        food != null && food.risk().soilsHands()));
            }
        return all;
    }

    private static boolean isCold(Food food) {
        return food != null && food.shelf().isCold();
    }
}
