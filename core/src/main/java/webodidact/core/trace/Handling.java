package webodidact.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import webodidact.core.food.Actions;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.memo.Remembered;
import webodidact.core.script.ActWords;
import webodidact.core.script.Asides;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;

/** What a text does with hands and tools, in its order; what an aside denies, plans or only tells of is none. */
final class Handling {
    enum Deed {
        WASH_HANDS,
        /** {@code what} is a tool's id, or "" for all that is on the bench. */
        WASH_TOOL,
        /** A fresh tool comes in its place. */
        OTHER_TOOL,
        FOOD,
        TOOL,
        CUT,
        HANDLE
    }

    /**
     * @param what line id, tool id or handle
     * @param firm of food: hands work on it
     * @param tool id of the tool that touches food instead of hands, or ""
     * @param cut of a cut: the lines its sentence names, none where a pronoun stands for them
     */
    record Event(int at, Deed deed, String what, boolean firm, String tool, List<String> cut) {
        Event(int at, Deed deed, String what, boolean firm, String tool) {
            this(at, deed, what, firm, tool, List.of());
        }
    }

    /** Verbs by which hands certainly touch the food. */
    private static final Set<String> BY_HAND = Set.of(
            "chop",
            "slice",
            "cut",
            "dice",
            "cube",
            "trim",
            "fillet",
            "bone",
            "shape",
            "roll",
            "rub",
            "rub in",
            "massage",
            "coat",
            "thread",
            "stuff",
            "crack",
            "separate",
            "knead",
            "score",
            "flatten",
            "press",
            "tear",
            "dip",
            "halve",
            "quarter",
            "pat dry",
            "pick",
            "shred",
            "skewer",
            "crumble",
            "split");

    private static final Phrase WITH_HANDS = Phrase.of(
            "with (?:your|my|our|clean|both|wet|damp) (?:hands|fingers|fingertips)\\b",
            "get (?:your|my) hands in",
            "by hand\\b",
            "hands in\\b");
    private static final Phrase WITH_TOOL = Phrase.of(
            "(?:with|using|use) (?:the|a|your|some|those|these|my|two) (?:same |clean |pair of )*(?:tongs|spoon|fork|wooden spoon|fish slice|spatula)\\b",
            "(?:probe|thermometer) (?:goes |straight |right )*(?:in|into|inside|through)\\b");
    private static final Phrase TOOLS_WASHED = Phrase.of(
            "(?:wash|scrub|rinse|clean|wipe)(?:ed|es|ing)? (?:up |down |off )?(?:the |your |my |that |those |both |all )*(?:chopping )?(?:boards?|kni(?:fe|ves)|tongs|spoons?|bowls?|plates?|trays?|tools|things|kit|everything|bench|worktop|surfaces?|dishes|equipment)\\b(?:(?:,| and|, and) (?:the |your |that )?(?:chopping )?(?:boards?|knife|knives|tongs|spoons?|bowls?|plates?|bench|hands|worktop|sides?)\\b)*",
            "wash(?:ing)? up\\b(?! liquid)",
            "(?:boards?|knife|tongs|bowl|plate)(?:(?:,| and|, and) (?:the |your )?(?:boards?|knife|tongs|bowl|plate))* (?:go(?:es)? |straight )*(?:in|into) (?:the )?(?:sink|dishwasher|(?:hot )?(?:soapy )?water|washing[- ]up|bowl of suds|wash)\\b",
            "(?:board|knife|tongs)(?: and (?:the )?(?:board|knife|tongs))? (?:washed|cleaned|scrubbed)\\b");
    private static final Phrase OTHER = Phrase.of(
            "(?:another|a clean|a fresh|a new|a different|the other|second|a second|my clean|your clean|your other|the clean|a separate|the green|clean) (?:\\p{L}+ ){0,2}(board|knife|tongs|spoon|fork|plate|bowl|tray)\\b");
    private static final Phrase HANDLES = Phrase.of(
            "(?:open|close|shut|turn|grab|pick up|get|take|fetch|touch|press|switch|hold|reach for|reach into|unscrew|undo|check|answer)(?:s|ing)? (?:on |off |up |open |out )?(?:the |your |my |that |a )*(?:\\p{L}+ )?(oven door|oven|fridge|freezer|tap|drawer|cupboard|bottle|jar|packet|pack|phone|timer|tablet|handle|tea towel|towel|bin lid|bin|pepper mill|salt pot|spice pot)\\b",
            "(?:^|(?<=[.!?,;] ))(?:(?:so|now|right|ok|okay|grown[- ]?ups?|then)[, ]+)*(?:the |your )?(?:oven|hob) on\\b");

    private record Text(String text, Mentions mentions, Knowledge knowledge) {}

    private static final Remembered<Text, List<Event>> READ = new Remembered<>(Handling::read);

    private Handling() {}

    static List<Event> of(String text, Mentions mentions, Knowledge knowledge) {
        return text.isBlank() ? List.of() : READ.of(new Text(text, mentions, knowledge));
    }

    private static List<Event> read(Text t) {
        var text = t.text();
        var asides = Asides.of(text);
        var all = new ArrayList<Event>();
        for (int at : ActWords.at(Act.WASH_HANDS, text)) all.add(new Event(at, Deed.WASH_HANDS, "", true, ""));
        for (var hit : TOOLS_WASHED.in(text)) if (!asides.covers(hit.start())) washed(hit, all);
        for (var hit : OTHER.in(text))
            if (!asides.covers(hit.start()))
                all.add(new Event(hit.start(), Deed.OTHER_TOOL, tool(hit.words()), false, ""));
        for (var hit : HANDLES.in(text))
            if (!asides.covers(hit.start()))
                all.add(new Event(hit.start(), Deed.HANDLE, handle(hit.words()), true, ""));
        var actions = t.knowledge().actionsIn(text).stream()
                .filter(a -> !asides.covers(a.start()))
                .toList();
        for (var a : actions)
            if (a.action().tools().contains("board") || a.action().tools().contains("knife"))
                all.add(new Event(
                        a.start(), Deed.CUT, a.action().verb(), true, "", named(text, a.start(), t.mentions())));
        for (var hit : KNIFE_THROUGH.in(text))
            if (!asides.covers(hit.start())) all.add(new Event(hit.start(), Deed.CUT, "chop", true, ""));
        for (var m : t.mentions().in(text)) {
            if (m.kind() == Mentions.Kind.LISTED && !isBehind(text, m) && !isReason(text, m, asides, all))
                all.add(food(text, m, actions));
            else if (m.kind() == Mentions.Kind.TOOL && !isWashed(all, m))
                all.add(new Event(m.start(), Deed.TOOL, m.id(), false, ""));
        }
        all.sort(Comparator.comparingInt(Event::at));
        return List.copyOf(all);
    }

    private static final Pattern IT =
            Pattern.compile("\\p{L}+(?: up)? (?:it|them|these|those|that|this)\\b", Pattern.CASE_INSENSITIVE);

    private static List<String> named(String text, int at, Mentions mentions) {
        if (IT.matcher(text).region(at, text.length()).lookingAt()) return List.of();
        return mentions.in(text).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED && isOneSentence(text, at, m.start()))
                .map(Mentions.Mention::id)
                .toList();
    }

    /** "Run your knife through it". */
    private static final Phrase KNIFE_THROUGH =
            Phrase.of("(?:run|put|pass|take) (?:your |the |a |that )?knife (?:straight |right )?(?:through|across)\\b");

    /** "Wash your hands after the egg": what was touched before, not again. */
    private static boolean isBehind(String text, Mentions.Mention m) {
        return WASHED_AFTER.in(text).stream().anyMatch(h -> h.start() <= m.start() && m.end() <= h.end() + 1);
    }

    /** "Wash your hands, raw egg": why they are washed. */
    private static boolean isReason(String text, Mentions.Mention m, Asides asides, List<Event> all) {
        return asides.covers(m.start(), Asides.Kind.STATE)
                && all.stream()
                        .anyMatch(e -> e.deed() == Deed.WASH_HANDS
                                && e.at() < m.start()
                                && isOneSentence(text, e.at(), m.start()));
    }

    private static final Phrase WASHED_AFTER =
            Phrase.of("wash(?:es|ing|ed)?\\b[^.!?,;]{0,40}\\bafter\\b[^.!?,;]{0,40}");
    /** "Wash the board": no use of it. */
    private static boolean isWashed(List<Event> all, Mentions.Mention m) {
        return all.stream()
                .anyMatch(e -> e.deed() == Deed.WASH_TOOL
                        && e.what().equals(m.id())
                        && m.start() >= e.at()
                        && m.start() < e.at() + NEAR);
    }

    /** Letters within which a tool named belongs to its washing. */
    private static final int NEAR = 60;

    private static Event food(String text, Mentions.Mention m, List<Actions.Found> actions) {
        Actions.Found verb = null;
        for (var a : actions) if (a.start() <= m.start() && isOneSentence(text, a.start(), m.start())) verb = a;
        if (verb == null)
            for (var a : actions)
                if (verb == null && a.start() > m.start() && isOneSentence(text, m.start(), a.start())) verb = a;
        boolean firm = verb != null && BY_HAND.contains(verb.action().verb())
                || WITH_HANDS.in(text).stream().anyMatch(h -> isOneSentence(text, m.start(), h.start()));
        var tool = WITH_TOOL.in(text).stream()
                .filter(h -> isOneSentence(text, m.start(), h.start()))
                .findFirst()
                .map(h -> tool(h.words()))
                .orElse("");
        // "Halve the avocado and mash it with a fork": hands had it first.
        boolean hands = verb != null
                && verb.start() <= m.start()
                && BY_HAND.contains(verb.action().verb());
        // "Eggs over, crumble the cheese on top": out of the bowl they were beaten in.
        if (!hands
                && tool.isEmpty()
                && POURED_EGG.matcher(text).region(m.start(), text.length()).lookingAt())
            return new Event(m.start(), Deed.FOOD, m.id(), false, "mixing-bowl");
        return new Event(m.start(), Deed.FOOD, m.id(), firm && (hands || tool.isEmpty()), hands ? "" : tool);
    }

    private static final Pattern POURED_EGG =
            Pattern.compile("eggs?(?: mix(?:ture)?)?,? (?:over|go over|goes over)\\b", Pattern.CASE_INSENSITIVE);

    private static boolean isOneSentence(String text, int a, int b) {
        for (int i = Math.min(a, b); i < Math.max(a, b); i++) if (".!?;\n".indexOf(text.charAt(i)) >= 0) return false;
        return true;
    }

    private static void washed(Phrase.Hit hit, List<Event> all) {
        var words = hit.words().toLowerCase(Locale.ROOT);
        boolean any = false;
        for (var tool : TOOL_WORDS)
            if (words.contains(tool)) {
                all.add(new Event(hit.start(), Deed.WASH_TOOL, tool(tool), false, ""));
                any = true;
            }
        if (!any) all.add(new Event(hit.start(), Deed.WASH_TOOL, "", false, ""));
        if (words.contains("hands")) all.add(new Event(hit.start(), Deed.WASH_HANDS, "", true, ""));
    }

    private static final List<String> TOOL_WORDS =
            List.of("board", "kni", "tongs", "spoon", "bowl", "plate", "tray", "fork");

    /** The id in the tool table of the tool that those words name. */
    static String tool(String words) {
        var w = words.toLowerCase(Locale.ROOT);
        return TOOLS.stream()
                .filter(t -> w.contains(t.getKey()))
                .findFirst()
                .map(Map.Entry::getValue)
                .orElse("plate");
    }

    private static final List<Map.Entry<String, String>> TOOLS = List.of(
            Map.entry("probe", "probe"),
            Map.entry("thermometer", "probe"),
            Map.entry("kni", "knife"),
            Map.entry("board", "board"),
            Map.entry("tongs", "tongs"),
            Map.entry("spoon", "wooden-spoon"),
            Map.entry("fish slice", "fish-slice"),
            Map.entry("spatula", "spatula"),
            Map.entry("bowl", "mixing-bowl"),
            Map.entry("tray", "baking-tray"),
            Map.entry("fork", "fork"));

    private static String handle(String words) {
        var w = words.toLowerCase(Locale.ROOT).replaceFirst(" on$", "");
        for (var each : HANDLE_WORDS) if (w.endsWith(each)) return each.replace(' ', '-');
        return "handle";
    }

    private static final List<String> HANDLE_WORDS = List.of(
            "oven door",
            "oven",
            "fridge",
            "freezer",
            "tap",
            "drawer",
            "cupboard",
            "bottle",
            "jar",
            "packet",
            "pack",
            "phone",
            "timer",
            "tablet",
            "tea towel",
            "towel",
            "bin lid",
            "bin",
            "pepper mill",
            "salt pot",
            "spice pot");
}
