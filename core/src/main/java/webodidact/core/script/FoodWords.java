package webodidact.core.script;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Dimension;
import webodidact.core.food.Actions;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Use;

/** What a text takes from the list. */
final class FoodWords {
    /**
     * A line of the list that a text takes.
     *
     * @param amount at the lesson's own yield, or null for all that is left
     * @param rest the words say "the rest"
     * @param prepared the words say that hands were at it before, "the chopped onion"
     */
    record Taken(String line, Amount amount, boolean rest, boolean prepared) {}

    /** "The chopped onion": the word before the name says what was done to it. */
    private static final Pattern BEFORE = Pattern.compile("(\\p{L}+)\\s+$");

    private static final Pattern EACH = Pattern.compile(
            "^(?:\\s+(?:in|on|into|onto|to|for|per|next to|beside|over|inside)\\s+(?:the \\p{L}+ of )?|,?\\s+)(?:each|apiece|per (?:person|jar|pot|head))\\b|^\\s+at a time\\b",
            Pattern.CASE_INSENSITIVE);

    /** "Fifty grams of oats in each jar, and a hundred of milk": so much each is the milk, too. */
    private static final Pattern EACH_BEFORE = Pattern.compile(
            "\\b(?:in|on|into|onto|to|for|per) each\\b[^.;!?]{0,20}(?:,? and\\b|,)[^.;!?]*$", Pattern.CASE_INSENSITIVE);

    /** "One wrapper in the water, roll. Do that eight times": how often is said, and no single one is all of it. */
    private static final Pattern REPEATED = Pattern.compile(
            "\\b(?:do (?:that|this|it)|repeat|same again|and again)\\b[^.!?]{0,24}\\b(?:times|until|till|all gone|with the (?:rest|others?)|for the (?:rest|others?))\\b",
            Pattern.CASE_INSENSITIVE);

    /** "Two tomatoes for the eyes, one for the nose, that's three on each pizza": so many of them on one of several. */
    private static final Pattern ON_EACH =
            Pattern.compile("\\bthat['’]?s \\p{L}+ (?:\\p{L}+ )?(?:on|in|for) each\\b", Pattern.CASE_INSENSITIVE);

    private FoodWords() {}

    /**
     * Each line and share once.
     *
     * @param mentions of the text
     * @param drawn lines of which a step takes a stated part
     */
    static List<Taken> uses(String text, List<Mentions.Mention> mentions, Lesson lesson, Set<String> drawn) {
        var all = new ArrayList<Taken>();
        for (var mention : mentions) {
            var line = mention.kind() == Mentions.Kind.LISTED
                    ? lesson.food(mention.id()).orElse(null)
                    : null;
            if (line == null || StandIns.isOffer(text, mention.start()) || isFetched(text, mention)) continue;
            // "A grape beside each": of how many nobody says here.
            var share = EACH_BEFORE
                                    .matcher(HeatWords.sentenceBefore(text, mention.start(), 80))
                                    .find()
                            || ON_EACH.matcher(HeatWords.near(text, mention.start(), mention.end(), 90))
                                    .find()
                            || EACH.matcher(text.substring(mention.end(), Math.min(text.length(), mention.end() + 30)))
                                    .find()
                    ? null
                    : ShareWords.around(text, mention.start(), mention.end(), line)
                            .or(() -> isAlone(text, mention, mentions)
                                    ? ShareWords.saidNext(text, mention.end())
                                    : Optional.empty())
                            .orElse(null);
            if (share != null && share.amount() != null && isRestToo(text, mention, mentions)) share = null;
            if (share != null
                    && share.amount() != null
                    && share.amount().unit().dimension() == Dimension.COUNT
                    && REPEATED.matcher(text.substring(mention.end())).find()) share = null;
            boolean whole = !drawn.contains(line.id())
                    && share != null
                    && share.amount() != null
                    && line.amount() != null
                    && share.amount().unit() == line.amount().unit()
                    && share.amount().low().equals(line.amount().low());
            all.add(new Taken(
                    line.id(),
                    share == null || whole ? null : share.amount(),
                    share != null && share.rest(),
                    share == null && isPrepared(text, mention.start())));
        }
        // "Two tablespoons of oil. Last of the oil for the second lot": all of it.
        for (var line : all.stream().map(Taken::line).distinct().toList()) {
            boolean part = all.stream().anyMatch(t -> t.line().equals(line) && t.amount() != null);
            if (part && all.stream().anyMatch(t -> t.line().equals(line) && t.rest())) {
                all.removeIf(t -> t.line().equals(line));
                all.add(new Taken(line, null, false, false));
            }
        }
        return all.stream()
                .filter(t -> t.amount() != null || t.rest() || !isSaidOf(all, t.line()))
                .distinct()
                .toList();
    }

    /** "Take the cream out of the fridge": it is there, and nothing has been done with it. */
    private static boolean isFetched(String text, Mentions.Mention mention) {
        return OUT_OF_THE_COLD
                        .matcher(text.substring(mention.end(), Math.min(text.length(), mention.end() + 30)))
                        .find()
                && TAKE.matcher(text.substring(Math.max(0, mention.start() - 20), mention.start()))
                        .find();
    }

    private static final Pattern TAKE =
            Pattern.compile("\\btak(?:e|ing) (?:the |your |my )?$", Pattern.CASE_INSENSITIVE);
    private static final Pattern OUT_OF_THE_COLD =
            Pattern.compile("^ out of the (?:fridge|freezer|cupboard)\\b", Pattern.CASE_INSENSITIVE);

    /** "Half the butter for the toast, the rest for the pan": both are of this step, and together all of it. */
    private static boolean isRestToo(String text, Mentions.Mention mention, List<Mentions.Mention> mentions) {
        var m = REST_TOO.matcher(text.substring(mention.end(), Math.min(text.length(), mention.end() + 140)));
        return m.find()
                && !Asides.of(text).covers(mention.end() + m.start(1))
                && mentions.stream()
                        .noneMatch(o -> o.kind() != Mentions.Kind.TOOL
                                && o.start() > mention.end()
                                && o.start() < mention.end() + m.start(1));
    }

    private static final Pattern REST_TOO = Pattern.compile(
            "^[^.;!?]{0,60}?(?:, |,? and |,? then )(?:and |then )?(other half|the (?:rest|remainder|remaining(?: [^.,;!?]{2,24}?)?|other (?:half|third|quarter)|last (?:of it|bit|\\p{L}+|\\d+ ?(?:g|ml)?))|(?<!(?:minutes?|hours?|\\d|one|two|three|cups?) and )a (?:third|quarter|half))(?: of it)?(?= (?:for|in|into|on|onto|over|to|goes (?:in|on|over|into))\\b|\\s*(?:[.;!]|$))(?! ?[^.;!?]{0,40}\\b(?:later|afterwards|end|tomorrow|next|dusting|another|serv\\p{L}+|lunch|freezer|fridge)\\b)",
            Pattern.CASE_INSENSITIVE);

    /** "Separate two of the eggs, you only need the yolks": the same two. */
    private static boolean isSaidOf(List<Taken> all, String line) {
        return all.stream()
                .anyMatch(t -> (t.amount() != null || t.rest()) && t.line().equals(line));
    }

    /** Lines of which a step takes a stated part: as much as the list has is then too much, and not what is left. */
    static Set<String> drawn(Lesson lesson) {
        var all = new HashSet<String>();
        for (var step : lesson.steps()) for (var use : step.uses()) if (use.amount() != null) all.add(use.line());
        return all;
    }

    /** The only food of its sentence: what "that" in the next one is. */
    private static boolean isAlone(String text, Mentions.Mention mention, List<Mentions.Mention> mentions) {
        int from = mention.start()
                - HeatWords.sentenceBefore(text, mention.start(), 200).length();
        int to = from + HeatWords.sentenceAround(text, mention.start()).length();
        return mentions.stream()
                .noneMatch(m -> m != mention && m.kind() != Mentions.Kind.TOOL && m.start() >= from && m.start() < to);
    }

    private static boolean isPrepared(String text, int at) {
        var m = BEFORE.matcher(text.substring(Math.max(0, at - 20), at));
        if (!m.find()) return false;
        var word = m.group(1).toLowerCase(Locale.ROOT);
        return Actions.shipped()
                .named(word)
                .filter(a -> a.byHand() && a.done().equals(word) && !a.verb().equals(word))
                .isPresent();
    }

    /** The step's use of that line goes on with the part that an earlier step took, if one did: it is drawn once. */
    static Lesson again(Lesson lesson, String step, String line) {
        for (var before : lesson.steps()) {
            if (before.id().equals(step)) return lesson;
            if (before.uses().stream().anyMatch(u -> u.line().equals(line) && u.amount() != null)) break;
        }
        return lesson.withStep(
                step,
                s -> s.but(d -> d.uses = s.uses().stream()
                        .map(u -> u.line().equals(line) && u.amount() == null ? new Use(line, null, true) : u)
                        .toList()));
    }
}
