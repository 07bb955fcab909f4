package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.food.Actions;
import webodidact.core.food.HandsTime;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Weighing;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.time.TimeRange;

/**
 * How long a presenter's hands take over what a text tells to do: what is said of a deed, else what {@code actions.txt} has for its verb and
 * food. Deeds follow each other.
 *
 * @param time zero where no deed was found
 * @param from what it is made of, "chop 1 onion"
 * @param said every part of it was said in the words: nothing is estimated
 * @param verbs base forms of the verbs estimated, for takes to correct
 */
public record HandsEstimate(TimeRange time, List<String> from, boolean said, List<String> verbs) {
    public static final HandsEstimate NONE = new HandsEstimate(TimeRange.ZERO, List.of(), true, List.of());

    /** Where the foods of a deed end: what they go into is not prepared too. */
    private static final String ENDS =
            "(?s).*(?:[.;!?]\\s|\\n|\\b(?:into|to|with|on|onto|over|in|through|under|by|using|until|for|from|then|before)\\s).*";

    private static final String JOINED = "(?is)\\s*(?:,|and|then|or|,? and then)?\\s*(?:\\p{L}+ly )?";

    public HandsEstimate {
        from = List.copyOf(from);
        verbs = List.copyOf(verbs);
    }

    /**
     * @param mentions of the text
     * @param factors by verb what takes have shown, of what the table has; empty where nobody knows
     */
    static HandsEstimate of(
            String text,
            List<SaidTimes.Said> times,
            List<Mentions.Mention> mentions,
            Lesson lesson,
            Knowledge knowledge,
            Map<String, Ratio> factors) {
        var asides = Asides.of(text);
        var deeds = knowledge.actionsIn(text).stream()
                .filter(a -> !asides.covers(a.start()))
                .toList();
        var sum = TimeRange.ZERO;
        var from = new ArrayList<String>();
        var verbs = new ArrayList<String>();
        for (var t : times) {
            if (t.role() != SaidTimes.Role.HANDS) continue;
            sum = sum.plus(t.time());
            from.add(Words.OURS.say(
                    "hands.said",
                    t.verb() == null ? "" : t.verb().verb(),
                    t.time().text()));
        }
        for (int i = 0; i < deeds.size(); i++) {
            var deed = deeds.get(i);
            boolean timed = times.stream()
                    .anyMatch(t -> t.role() == SaidTimes.Role.HANDS
                            && t.verb() == deed.action()
                            && t.start() > deed.start()
                            && t.start() - deed.start() < 120);
            if (timed) continue;
            var objects = objects(text, deeds, i, mentions);
            if (objects.isEmpty() && i > 0) {
                // "Peel the potatoes and cut into cubes": what was peeled is cut.
                var before = objects(text, deeds, i - 1, mentions);
                if (!before.isEmpty()
                        && before.getLast().end() <= deed.start()
                        && text.substring(before.getLast().end(), deed.start()).matches(JOINED)
                        && !isFixedOnly(deed)) objects = before;
            }
            var time = TimeRange.ZERO;
            var names = new ArrayList<String>();
            if (objects.isEmpty()) {
                time = deed.action().time().of(null, "", null, null);
            } else {
                for (var object : objects) {
                    var one = one(text, object, deed, lesson, knowledge, names);
                    time = time.isZero() ? one : isFixedOnly(deed) ? time : time.plus(one);
                }
            }
            if (time.isZero()) continue;
            var factor = factors.get(deed.action().verb());
            if (factor != null)
                time = new TimeRange((int) factor.times(time.low()).nearest(), (int)
                        factor.times(time.high()).ceiling());
            sum = sum.plus(time);
            verbs.add(deed.action().verb());
            from.add((deed.action().verb() + " " + String.join(", ", names)).strip());
        }
        return sum.isZero() ? NONE : new HandsEstimate(sum, from, verbs.isEmpty(), verbs);
    }

    /** A verb that takes the same however many foods it is done to. */
    private static boolean isFixedOnly(Actions.Found deed) {
        return deed.action().time().rates().stream().allMatch(r -> r.basis() == HandsTime.Basis.FIXED);
    }

    /** The foods that follow the verb before the next deed; of "peel and crush the garlic" both have the garlic. */
    private static List<Mentions.Mention> objects(
            String text, List<Actions.Found> deeds, int i, List<Mentions.Mention> mentions) {
        int from = deeds.get(i).end();
        int to = i + 1 < deeds.size() ? deeds.get(i + 1).start() : text.length();
        if (i + 1 < deeds.size() && text.substring(from, to).matches(JOINED))
            return objects(text, deeds, i + 1, mentions);
        var all = new ArrayList<Mentions.Mention>();
        for (var m : mentions) {
            if (m.start() < from || m.start() >= to) continue;
            if (m.kind() == Mentions.Kind.TOOL) continue;
            if (text.substring(from, m.start()).matches(ENDS)) break;
            all.add(m);
        }
        return all;
    }

    private static TimeRange one(
            String text,
            Mentions.Mention mention,
            Actions.Found deed,
            Lesson lesson,
            Knowledge knowledge,
            List<String> names) {
        var line = mention.kind() == Mentions.Kind.LISTED
                ? lesson.food(mention.id()).orElse(null)
                : null;
        if (line == null) {
            names.add(mention.words());
            var food = knowledge.food(mention.id()).orElse(null);
            return deed.action().time().of(food, mention.words(), null, null);
        }
        var amount = ShareWords.around(text, mention.start(), mention.end(), line)
                .map(ShareWords.Share::amount)
                .orElse(line.amount());
        names.add(amount == null ? line.item() : AmountText.of(amount) + " " + line.item());
        return deed.action()
                .time()
                .of(
                        knowledge.food(line.cooked()).orElse(null),
                        line.item(),
                        pieces(amount),
                        grams(amount, line, knowledge).orElse(null));
    }

    private static Ratio pieces(Amount amount) {
        return amount != null && (amount.unit() == Unit.PIECE || amount.unit() == Unit.CLOVE) ? amount.low() : null;
    }

    private static Optional<Ratio> grams(Amount amount, FoodLine line, Knowledge knowledge) {
        if (amount == null) return Optional.empty();
        return Weighing.in(
                        amount,
                        Unit.G,
                        knowledge.food(line.cooked()).orElse(null),
                        line.described(),
                        MeasureSystem.METRIC,
                        MeasureSystem.METRIC)
                .map(Amount::low);
    }
}
