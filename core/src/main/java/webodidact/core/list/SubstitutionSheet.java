package webodidact.core.list;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;

/** The stand-ins that are announced: when, how much, and what to say. */
public record SubstitutionSheet(List<Entry> entries) {
    /**
     * @param announceBy number of the step before which it must be said; 0: on the gather list, before class
     * @param saidIn number of the first step that says it, 0 if none does
     */
    public record Entry(String line, String item, Offer offer, int announceBy, int saidIn) {
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
            for (var offer : swaps.offers(lesson, line, List.of())) {
                if (offer.isLeaveOut()
                        || !line.mentioned().contains(offer.food().id())) continue;
                entries.add(
                        new Entry(line.id(), line.item(), offer, offer.announceBy(), saidIn(lesson, offer, knowledge)));
            }
        }
        entries.sort(Comparator.comparingInt(Entry::announceBy));
        return new SubstitutionSheet(List.copyOf(entries));
    }

    private static int saidIn(Lesson lesson, Offer offer, Knowledge knowledge) {
        for (int i = 0; i < lesson.steps().size(); i++) {
            if (knowledge.foodsIn(lesson.steps().get(i).say()).stream()
                    .anyMatch(f -> f.id().equals(offer.food().id()))) return i + 1;
        }
        return 0;
    }
}
