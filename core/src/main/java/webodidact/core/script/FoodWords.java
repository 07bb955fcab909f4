package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.amount.Amount;
import webodidact.core.lesson.Lesson;

/** What a text takes from the list. */
final class FoodWords {
    /**
     * A line of the list that a text takes.
     *
     * @param amount at the lesson's own yield, or null for all that is left
     * @param rest the words say "the rest"
     */
    record Taken(String line, Amount amount, boolean rest) {}

    private FoodWords() {}

    /** Each line and share once. @param mentions of the text */
    static List<Taken> uses(String text, List<Mentions.Mention> mentions, Lesson lesson) {
        var all = new ArrayList<Taken>();
        for (var mention : mentions) {
            var line = mention.kind() == Mentions.Kind.LISTED
                    ? lesson.food(mention.id()).orElse(null)
                    : null;
            if (line == null) continue;
            var share = ShareWords.around(text, mention.start(), mention.end(), line)
                    .orElse(null);
            boolean whole = share != null
                    && share.amount() != null
                    && line.amount() != null
                    && share.amount().unit() == line.amount().unit()
                    && share.amount().low().equals(line.amount().low());
            all.add(new Taken(
                    line.id(), share == null || whole ? null : share.amount(), share != null && share.rest()));
        }
        return all.stream().distinct().toList();
    }
}
