package webodidact.core.list;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;

/** The stand-ins that are announced: when, how much, and what to say. */
public record SubstitutionSheet(List<Entry> entries) {
    /**
     * @param mentioned as the line keeps it: the id of a food, or the instructor's own words
     * @param announceBy number of the step before which it must be said; 0: on the gather list, before class
     * @param saidIn number of the first step that says it, 0 if none does
     */
    public record Entry(String line, String item, String mentioned, Offer offer, int announceBy, int saidIn) {
        /** It is said after the food has been used, or never. */
        public boolean isLate() {
            return announceBy > 0 && (saidIn == 0 || saidIn > announceBy);
        }
    }

    /** In the order in which they have to be said. */
    public static SubstitutionSheet of(Lesson lesson, Course course, Knowledge knowledge) {
        var entries = new ArrayList<Entry>();
        var swaps = new Swaps(knowledge, course);
        for (var line : lesson.foods()) {
            if (line.mentioned().isEmpty()) continue;
            var left = new ArrayList<>(line.mentioned());
            for (var offer : line.food() == null ? List.<Offer>of() : swaps.offers(lesson, line, List.of())) {
                if (offer.food() == null || !left.remove(offer.food().id())) continue;
                entries.add(entry(lesson, line, offer.food().id(), offer, knowledge));
            }
            // What no rule knows stays on the sheet in the instructor's own words.
            if (knowledge.food(line.food()).isEmpty()) continue;
            for (var own : left) {
                var words = knowledge.food(own).map(f -> f.name()).orElse(own);
                entries.add(entry(lesson, line, own, swaps.own(lesson, line, words), knowledge));
            }
        }
        entries.sort(Comparator.comparingInt(Entry::announceBy));
        return new SubstitutionSheet(List.copyOf(entries));
    }

    private static Entry entry(Lesson lesson, FoodLine line, String mentioned, Offer offer, Knowledge knowledge) {
        return new Entry(
                line.id(), line.item(), mentioned, offer, offer.announceBy(), saidIn(lesson, offer, knowledge));
    }

    private static int saidIn(Lesson lesson, Offer offer, Knowledge knowledge) {
        for (int i = 0; i < lesson.steps().size(); i++) {
            var said = lesson.steps().get(i).say();
            boolean names = offer.food() != null
                    && knowledge.foodsIn(said).stream()
                            .anyMatch(f -> f.id().equals(offer.food().id()));
            if (names
                    || offer.isOwn()
                            && said.toLowerCase(Locale.ROOT)
                                    .contains(offer.title().toLowerCase(Locale.ROOT))) return i + 1;
        }
        return 0;
    }
}
