package webodidact.core.publish;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.answer.Question;
import webodidact.core.lesson.Household;
import webodidact.core.list.HomeList;

/** Which of the sets are packed otherwise, for whom, and what is still open: nobody is handed the usual set by mistake. */
public record KitVariants(List<Own> sets) {
    /**
     * @param alias of who gets it
     * @param instead what goes into it instead, agreed with them
     * @param open what stands in at best, or stops, and is not agreed yet
     * @param labels items whose label decides
     */
    public record Own(String alias, List<HomeList.Entry> instead, List<HomeList.Entry> open, List<String> labels) {
        public boolean isSettled() {
            return open.isEmpty();
        }
    }

    public KitVariants {
        sets = List.copyOf(sets);
    }

    /** Of those who have an allergy, a diet or a dislike that the lesson meets; empty where the usual set is for everybody. */
    public static KitVariants of(Question question) {
        var all = new ArrayList<Own>();
        for (var home : question.homes()) {
            var list = HomeList.of(question.lesson(), home, question.homes(), question.knowledge(), question.course());
            var own = own(home, list);
            if (!own.instead().isEmpty()
                    || !own.open().isEmpty()
                    || !own.labels().isEmpty()) all.add(own);
        }
        return new KitVariants(all);
    }

    private static Own own(Household home, HomeList list) {
        return new Own(
                home.alias(),
                list.entries().stream()
                        .filter(e -> e.stand() == HomeList.Stand.AGREED)
                        .toList(),
                list.entries().stream()
                        .filter(e -> e.stand() == HomeList.Stand.OFFERED || e.stand() == HomeList.Stand.STOPS)
                        .toList(),
                list.entries().stream()
                        .filter(e -> e.stand() == HomeList.Stand.LABEL)
                        .map(HomeList.Entry::item)
                        .toList());
    }
}
