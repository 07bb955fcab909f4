package webodidact.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import webodidact.core.food.Action;
import webodidact.core.food.Actions;
import webodidact.core.food.Knowledge;
import webodidact.core.memo.Remembered;
import webodidact.core.time.TimeRange;
import webodidact.core.words.NumberWords;

/** What the times in a text are of: a wait, hands that are at it that long, or nothing that is done now. */
public final class SaidTimes {
    /** WAIT: food left to itself; HANDS: hands at it for that long; BATCH: a wait of each of several batches. */
    public enum Role {
        WAIT,
        HANDS,
        BATCH
    }

    /**
     * From {@code start} (inclusive) to {@code end} (exclusive) in the text.
     *
     * @param time zero for a wait of unsaid length
     * @param verb what it is a time of, or null where only the time is said
     * @param what what is said of food left to it, "simmers"
     * @param cue the end state to look for, or ""
     * @param batch pieces in a batch where a batch's time is said, else 0
     */
    public record Said(
            int start, int end, TimeRange time, Role role, Action verb, String what, String cue, int batch) {}

    private static final Pattern UNTIL = Pattern.compile(
            "\\b(?:until|till)\\s+([^.;!?\\n]{3,80}?)(?=\\s*(?:[.;!?\\n]|$|, (?:then|stirring|turning|about|which|for|\\d)|\\s+(?:and )?then\\b|,?\\s+(?:about|for)\\s+\\d|, [a-z]+ (?:it|them|in|off|and)\\b))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NONE_BEFORE = Pattern.compile(
            "(?:\\bevery|\\beach|\\bafter|\\bafter (?:the|its|their|about)|\\blast|\\bbefore|\\bwithin|\\bunder|\\bthe first|\\bfor the (?:first|last)|\\bhad (?:its|their|the)|\\bthis is my|\\bkeeps(?: for)?|\\bkeep (?:it|them|this)? ?for(?: up to)?|\\bready in|\\bdone in|\\bonly took|\\btook(?: me| us)?|\\bhalfway|\\b(?<!goes |go |pop |put |them |it |golden |brown |risen |tender |soft |crisp )in|\\bwas|\\bonly (?:get|need|want|have)s?|\\b(?:we|you)(?:['’]ve| have)(?: got)?(?: about| only| just)?|\\bspent|\\bup to)\\s+(?:about |around |those |these )?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NONE_AFTER = Pattern.compile(
            "^[\\s-]*(?:(?:a|per|for each|for every) (?:pound|lb|kilo|kg|half kilo|500 ?g|inch)\\b|in,? (?:they|it|you|we)\\b|ago|earlier|before\\b(?! (?:it|they|you|slicing|serving|cutting|turning))|later|walk|away|old|in advance|from now|left|break|early|into (?:the|its)|mark|between\\b|to go|more to go|all in\\b(?! one)|in total|altogether|together|from start|start to finish|of your time|in the diary|salad|steak|supper|dinner|meal|recipe|egg|wonder|job|lesson|video|window|since|the last time|and (?:it|they)(?:['’]s|['’]re|['’]ve| is| are)? (?:caught|burnt|burned|ruined|gone|overcooked|black))\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GIVEN = Pattern.compile(
            "\\b(?:first|second|final|last) (?:rise|prove|proof|rest),? (?:of )?$|\\b(?:give|gives|giving|wants?|needs?|takes?|gets?|have|has|another|for another|back on for|on for|in for|out for|rest for)\\s+(?:it|them|that|those|these|your \\p{L}+|the \\p{L}+)?\\s*(?:another |about |around |a good |only |just |at least |for )*$",
            Pattern.CASE_INSENSITIVE);
    /** "Repeat until you have 16 (allow 12 minutes)": hands need it. */
    private static final Pattern ALLOW =
            Pattern.compile("\\ballow(?: yourself| about)?\\s+$", Pattern.CASE_INSENSITIVE);

    /** "Work it with your hands for five minutes". */
    private static final Pattern BY_HAND = Pattern.compile(
            "\\bbaste\\b[^.!?]*$|\\bkeep (?:it|them|everything) (?:moving|going round)\\b[^.!?]*$|\\b(?:with|using) (?:your|our|my) (?:hands|fingers|fingertips|fists)\\b[^.!?]*$",
            Pattern.CASE_INSENSITIVE);

    /** "Don't touch it for five minutes": left to itself. */
    private static final Pattern UNTOUCHED = Pattern.compile(
            "\\b(?:don['’]?t|do not|never|without|resist) (?:touch|move|disturb|open|lift|peek at|turn|flip|stir)(?:ing)? (?:it|them|that|the \\p{L}+) for (?:about |at least )?$",
            Pattern.CASE_INSENSITIVE);

    /** "Ten minutes of kneading", "three minutes with the whisk". */
    private static final Pattern OF_WORK = Pattern.compile(
            " with (?:the|a|an|your|an electric|the electric|a hand) (?:whisk|mixer|hands?|hand whisk|beaters?|wooden spoon)\\b| of (?:\\p{L}+ )?(?:knead|whisk|stirr|beat|chopp|peel|mix|rubb|roll|fold|mash|work|pound|grat|slic)(?:ing)?\\b",
            Pattern.CASE_INSENSITIVE);

    /** "Shape it, half an hour's second prove"; "stir the yeast in, and ten minutes till it's frothy": food has it to itself. */
    private static final Pattern ITS_OWN = Pattern.compile(
            "(?:['’]s)? (?:(?:first|second|final|last) )?(?:prove|proof|rise|rest|chill|soak)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern IN_AND =
            Pattern.compile("\\b(?:in|through|together|over), and (?:about |then )?$", Pattern.CASE_INSENSITIVE);

    private static final Pattern TILL = Pattern.compile(" (?:until|till)\\b", Pattern.CASE_INSENSITIVE);

    private static boolean isItsOwn(String text, TimeWords.Found found, String before) {
        return ITS_OWN.matcher(text).region(found.end(), text.length()).lookingAt()
                || IN_AND.matcher(before).find()
                        && TILL.matcher(text).region(found.end(), text.length()).lookingAt();
    }

    /** "It'll take you eight minutes". */
    private static final Pattern TAKES_YOU = Pattern.compile(
            "\\b(?:takes?|taking) you (?:about |around |roughly |a good |another )*$", Pattern.CASE_INSENSITIVE);

    private static final Pattern TAKES = Pattern.compile("\\btakes?\\b[^.!?]*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern BOTH_SIDES = Pattern.compile(
            "^\\s*(?:on |for |per |a |/ ?)?(?:each|both|either|per|a)?\\s*sides?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern ONE_SIDE_MORE =
            Pattern.compile("^\\s*on (?:the|one|that|this|its)\\b|^ sides?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern BATCH = Pattern.compile(
            "^\\s*(?:per|for each|a|each|for every) batch(?: of (\\d{1,2}|two|three|four|five|six|eight|ten|twelve))?",
            Pattern.CASE_INSENSITIVE);
    /** "Fry in two batches for 5 minutes": so many times. */
    private static final Pattern IN_BATCHES =
            Pattern.compile("\\bin (\\d|two|three|four|five|six) batches\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern ONE_AT_A_TIME =
            Pattern.compile("\\b(one|two|three) at a time\\b|\\bone by one\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OPEN = Pattern.compile(
            "\\b(?:under (?:a|the) (?:hot |medium )?grill (?:until|till)|let (?:it|them|that|this|those|the \\p{L}+) (?:do (?:its|their) thing|get on with it)|leave (?:it|them|that|this|those)? ?(?:alone|be|to it)|wait (?:until|till|for it)|keep an eye on it until|(?:let|leave) (?:it|them|that|this|those|(?:the|your) \\p{L}+) (?:to )?(?:rest|prove|rise|set|chill|soak|marinate)|(?:let|leave) (?:(?:it|them|that|this|those|(?:the|your) \\p{L}+) )?(?:to )?(?:cool (?:completely|right down|down completely|to room temperature)|(?:go|get) (?:completely |stone )?cold)|(?:needs?|wants?) (?:a (?:little |bit of a |good |proper |nice )*|to )(?:rest|prove|soak|chill))\\b(?! of\\b)",
            Pattern.CASE_INSENSITIVE);
    /** Letters before a time in which its verb stands. */
    private static final int REACH = 120;

    private SaidTimes() {}

    /** In the order of the text. A wait of unsaid length only where a verb that leaves food to itself ends in "until", or words say so. */
    public static List<Said> in(String text, Knowledge knowledge) {
        return text.isBlank() ? List.of() : READ.of(new Asked(text, knowledge));
    }

    private record Asked(String text, Knowledge knowledge) {}

    private static final Remembered<Asked, List<Said>> READ = new Remembered<>(a -> read(a.text(), a.knowledge()));

    private static List<Said> read(String text, Knowledge knowledge) {
        var asides = Asides.of(text);
        var actions = knowledge.actionsIn(text).stream()
                .filter(a -> !asides.covers(a.start()))
                .toList();
        var all = new ArrayList<Said>();
        int verbFrom = 0;
        for (var found : TimeWords.in(text)) {
            if (asides.covers(found.start())
                            && !asides.covers(found.start(), Asides.Kind.LIKENESS)
                            && !UNTOUCHED
                                    .matcher(text.substring(0, found.start()))
                                    .find()
                    || isNone(text, found)) continue;
            var said = role(text, found, actions, verbFrom);
            if (said == null) continue;
            all.add(said);
            verbFrom = found.end();
        }
        open(text, actions, asides, all);
        all.sort((a, b) -> Integer.compare(a.start(), b.start()));
        return List.copyOf(all);
    }

    private static boolean isNone(String text, TimeWords.Found found) {
        var before = text.substring(Math.max(0, found.start() - 30), found.start());
        var after = text.substring(found.end(), Math.min(text.length(), found.end() + 40));
        return NONE_BEFORE.matcher(before).find()
                || NONE_AFTER.matcher(after).find() && !(FOR.matcher(before).find() && after.startsWith(" before "))
                || isDescribing(text, found)
                || text.startsWith("-", found.end())
                        && after.length() > 1
                        && Character.isLetter(after.charAt(1))
                        && !after.startsWith("-ish");
    }

    /** "Toast it for two minutes before any liquid": so long, and then. */
    private static final Pattern FOR =
            Pattern.compile("\\p{L} for (?:about |around |a good )?$", Pattern.CASE_INSENSITIVE);

    /** "The twenty minute walk", "two minute noodles": one minute too few for a time. */
    private static boolean isDescribing(String text, TimeWords.Found found) {
        var said = text.substring(found.start(), found.end()).toLowerCase(Locale.ROOT);
        return said.matches(".*(?:minute|hour|second)")
                && !said.matches(
                        "(?:an?|one|another|1|half an?|½|a good|an? full)\\b.*|.*(?:of an|half an?|[½¼¾]|to an?|or an?) (?:minute|hour)")
                && NOUN.matcher(text.substring(found.end(), Math.min(text.length(), found.end() + 20)))
                        .find();
    }

    private static final Pattern NOUN = Pattern.compile(
            "^[ -](?!per\\b|on\\b|a\\b|each\\b|or\\b|until\\b|till\\b|and\\b|in\\b|at\\b|for\\b|to\\b|then\\b|max|total|more\\b|before\\b|after\\b|with\\b|over\\b|should\\b|is\\b|will\\b)\\p{L}",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WASHING =
            Pattern.compile("\\bhands\\b.*\\bwash|\\bwash\\p{L}*\\b.*\\bhands\\b|\\bsoap\\b", Pattern.CASE_INSENSITIVE);

    private static Said role(String text, TimeWords.Found found, List<Actions.Found> actions, int verbFrom) {
        var before = HeatWords.sentenceBefore(text, found.start(), REACH);
        int from = Math.max(verbFrom, found.start() - before.length());
        var sentence = HeatWords.sentenceAround(text, found.start());
        int to = found.start() - before.length() + sentence.length();
        boolean given = GIVEN.matcher(before).find() || isItsOwn(text, found, before);
        Actions.Found verb = null;
        for (var a : actions)
            if (a.start() >= from && a.start() < found.start() && (a.action().sustained() || isWait(a))) verb = a;
        if (verb == null && !given)
            for (var a : actions) if (a.start() >= found.end() && a.start() < to && isWait(a) && verb == null) verb = a;
        // "Ten minutes of kneading".
        for (var a : actions)
            if (a.action().sustained() && text.startsWith(" of ", found.end()) && a.start() == found.end() + 4)
                verb = a;
        boolean washing = WASHING.matcher(sentence).find() && found.time().high() <= 60;
        // "Mash them, that takes a couple of minutes": the hands do.
        if (given
                && verb != null
                && verb.action().sustained()
                && TAKES.matcher(before).find()) given = false;
        boolean allowed = (ALLOW.matcher(before).find()
                        || TAKES_YOU.matcher(before).find()
                        || BY_HAND.matcher(before).find()
                        || OF_WORK.matcher(text)
                                .region(found.end(), text.length())
                                .lookingAt())
                && (verb == null || !isWait(verb));
        boolean wait =
                !washing && !allowed && (given && (verb == null || !isWait(verb)) || verb == null || isWait(verb));
        var action = verb == null || given && !isWait(verb) ? null : verb.action();
        var after = text.substring(found.end(), Math.min(text.length(), found.end() + 60));
        var time = found.time();
        int end = found.end();
        int batch = 0;
        var batches = BATCH.matcher(after);
        var sides = BOTH_SIDES.matcher(after);
        if (sides.find() && !ONE_SIDE_MORE.matcher(after).find()) {
            time = new TimeRange(time.low() * 2, time.high() * 2);
            end += sides.end();
        } else if (batches.find()) {
            batch = number(batches.group(1));
            end += batches.end();
        }
        // "A minute each": of how many nobody says.
        if (!wait && after.matches("(?is)^\\s*each\\b(?! side).*")) return null;
        var one = ONE_AT_A_TIME.matcher(sentence);
        if (wait && batch == 0 && one.find())
            batch = "two".equalsIgnoreCase(one.group(1)) ? 2 : "three".equalsIgnoreCase(one.group(1)) ? 3 : 1;
        var batchCount = IN_BATCHES.matcher(sentence);
        if (wait && batch == 0 && batchCount.find()) {
            int n = Math.max(1, number(batchCount.group(1)));
            time = new TimeRange(time.low() * n, time.high() * n);
        }
        var role = batch > 0 ? Role.BATCH : wait ? Role.WAIT : Role.HANDS;
        return new Said(
                found.start(),
                end,
                time,
                role,
                action,
                wait ? what(text, found.start(), action) : "",
                cue(sentence),
                batch);
    }

    private static boolean isWait(Actions.Found found) {
        return !found.action().waits().isEmpty();
    }

    private static int number(String word) {
        return word == null ? 0 : NumberWords.value(word).orElse(0);
    }

    /** What the food does meanwhile: by the verb, else by where it stands. */
    private static String what(String text, int at, Action verb) {
        if (verb != null && !verb.waits().isEmpty()) return verb.waits();
        var near = HeatWords.sentenceAround(text, at).toLowerCase(Locale.ROOT);
        return near.contains("oven")
                ? "bakes"
                : near.contains("fridge") || near.contains("freezer")
                        ? "chills"
                        : near.contains("pan") || near.contains("heat") || near.contains("hob") ? "cooks" : "waits";
    }

    private static void open(String text, List<Actions.Found> actions, Asides asides, List<Said> all) {
        var m = OPEN.matcher(text);
        while (m.find()) {
            int at = m.start();
            if (asides.covers(at) || isTimed(text, at, all)) continue;
            var sentence = HeatWords.sentenceAround(text, at);
            all.add(new Said(at, m.end(), TimeRange.ZERO, Role.WAIT, null, "waits", cue(sentence), 0));
        }
        for (var a : actions) {
            if (!isWait(a) || a.action().sustained() || isTimed(text, a.start(), all)) continue;
            var sentence = HeatWords.sentenceAround(text, a.start());
            var cue = UNTIL.matcher(text);
            if (!cue.find(a.end())) continue;
            // The cue belongs to the verb only if no other deed stands between them.
            boolean other = actions.stream().anyMatch(b -> b.start() > a.start() && b.start() < cue.start());
            if (other
                    || cue.start() > a.start() + sentence.length()
                    || cue.start() - a.end() > REACH
                    || text.substring(a.end(), cue.start()).matches("(?s).*[.!?;]\\s.*")) continue;
            all.add(new Said(
                    a.start(),
                    a.end(),
                    TimeRange.ZERO,
                    Role.WAIT,
                    a.action(),
                    a.action().waits(),
                    cue.group(1).strip(),
                    0));
        }
    }

    /** A time of the same sentence, before the next full stop, is the one of it. */
    private static boolean isTimed(String text, int at, List<Said> all) {
        int from = at - HeatWords.sentenceBefore(text, at, REACH).length();
        int to = from + HeatWords.sentenceAround(text, at).length();
        return all.stream().anyMatch(s -> s.start() >= from && s.start() < to);
    }

    static String cue(String text) {
        var m = UNTIL.matcher(text);
        return m.find() ? m.group(1).strip() : "";
    }
}
