package webodidact.core.script;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.food.Actions;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Ring;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.lesson.Who;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;

/**
 * Any fact of a step in plain words: "bakes 16 to 20 min at 200 fan", "camera hob", "adult does it", "hands 5", "part Shape", "ask: why do we
 * rest it?". What is understood is told before it is taken; what is not stays in {@link Read#left()}.
 */
public final class FactLine {
    /** @param text as a tag says it */
    public record Fact(String text, UnaryOperator<Step> change) {}

    /** @param left what was not understood, or "" */
    public record Read(List<Fact> facts, String left) {
        public Read {
            facts = List.copyOf(facts);
        }

        public boolean isWhole() {
            return !facts.isEmpty() && left.isEmpty();
        }

        /** All of it at once. */
        public Step taken(Step step) {
            var now = step;
            for (var fact : facts) now = fact.change().apply(now);
            return now;
        }
    }

    private interface Rule {
        /** @return null where the words do not fit after all */
        Fact fact(FactLine line, Matcher m);
    }

    private static final Map<Pattern, Rule> RULES = new LinkedHashMap<>();
    private static final String TIME =
            "(\\d[\\d:.]*(?:\\s*(?:-|–|to)\\s*\\d[\\d:.]*)?\\s*(?:s|sec|secs|seconds|min|mins|minutes)?)";

    private static void rule(String pattern, Rule rule) {
        RULES.put(Pattern.compile(pattern, Pattern.CASE_INSENSITIVE), rule);
    }

    static {
        rule("ask:?\\s+(.+)", (l, m) -> text("question", m.group(1), (d, v) -> d.question = v));
        rule("(?:answer|they say):?\\s+(.+)", (l, m) -> text("answer", m.group(1), (d, v) -> d.answer = v));
        rule("(?:point out|note|teach):?\\s+(.+)", (l, m) -> text("teaching", m.group(1), (d, v) -> d.teaching = v));
        rule("skill:?\\s+(.+)", (l, m) -> text("skill", m.group(1), (d, v) -> d.skill = v));
        rule("part:?\\s+(.+)", (l, m) -> text("part", m.group(1), (d, v) -> d.part = v));
        rule("(?:branch|only for):?\\s+(.+)", (l, m) -> text("branch", m.group(1), (d, v) -> d.branch = v));
        rule("(?:for )?(?:everybody|everyone|all branches)|no branch", (l, m) -> flag("together", d -> d.branch = ""));
        rule("(?:camera|cam|shot):?\\s+(.+)", (l, m) -> text("camera", m.group(1), (d, v) -> d.camera = v));
        rule("(?:on the card|card):?\\s+(.+)", (l, m) -> text("card", m.group(1), (d, v) -> d.card = v));
        rule("hands(?:-on)?:?\\s+" + TIME, (l, m) -> time("hands", m.group(1), (d, t) -> d.hands = t));
        rule("hold:?\\s+" + TIME, (l, m) -> time("hold", m.group(1), (d, t) -> d.hold = t.likely()));
        rule("(?:trim|can lose):?\\s+" + TIME, (l, m) -> time("trim", m.group(1), (d, t) -> d.trim = t.likely()));
        rule(
                "(?:off camera|not shown|unseen):?\\s+" + TIME,
                (l, m) -> time("offCamera", m.group(1), (d, t) -> d.offCamera = t.likely()));
        rule(
                "(?:reach(?:ed)? by|by):?\\s+(\\d{1,3}:\\d{2}|\\d{1,3})",
                (l, m) -> time("reachBy", m.group(1), (d, t) -> d.reachBy = t.likely()));
        rule("(?:an? )?(?:adult|grown-?up)(?: (?:does|do) (?:it|this))?", (l, m) -> who(Who.ADULT));
        rule("(?:learner|child|they do it)(?: alone)?", (l, m) -> who(Who.LEARNER));
        rule(
                "(?:an? )?(?:adult|grown-?up) (?:near|nearby|beside|helps)|with an adult(?: near)?",
                (l, m) -> who(Who.ADULT_NEAR));
        rule("watch(?: only)?|i do it|presenter(?: does it)?", (l, m) -> who(Who.PRESENTER));
        rule("(?:the )?helper(?: does it)?", (l, m) -> who(Who.HELPER));
        rule(
                "(?:together )?with (?:the |a |my )?(helper|child|learner)|two (?:of us )?at once",
                (l, m) -> with(m.group(1)));
        rule(
                "(?:low|medium|high) heat|ring (?:low|medium|high)|(?:on|over) (?:a )?(?:low|medium|high) heat",
                (l, m) -> ring(m.group()));
        rule(
                "(?:on |at )?(?:the )?(bench|ring|hob|oven|grill|air fryer|slow cooker|microwave|blender|fridge|cold)",
                (l, m) -> place(m.group(1)));
        rule("lid on|covered", (l, m) -> act(Act.LID_ON));
        rule("lid off|uncovered", (l, m) -> act(Act.LID_OFF));
        rule("(?:already hot|hot already|heat already on|pan is hot)", (l, m) -> act(Act.HOT_ALREADY));
        rule("(?:residual heat|cooks on off the heat|heat off,? cooks on)", (l, m) -> act(Act.KEEPS_HOT));
        rule("oven on|(?:pre)?heat the oven", (l, m) -> act(Act.OVEN_ON));
        rule("oven off", (l, m) -> act(Act.OVEN_OFF));
        rule("(?:ring|hob|heat|gas) off", (l, m) -> act(Act.RING_OFF));
        rule("wash(?:es|ed)? hands|hands washed", (l, m) -> act(Act.WASH_HANDS));
        rule("tell(?:,)? then do|words first", (l, m) -> flag("tell", d -> d.tellThenDo = true));
        rule("(?:stays here|fixed|do not move)", (l, m) -> flag("fixed", d -> d.fixed = true));
        rule("(?:done(?: when)?|until|cue):?\\s+(.+)", FactLine::cue);
        rule("(?:collect(?:ed)?|pick(?:ed)? up) in (?:step )?(\\d{1,3})", FactLine::collect);
        rule("stay(?: with it)?", (l, m) -> l.cover(Cover.STAY, "stay"));
        rule("cut(?: it)?", (l, m) -> l.cover(new Cover.Cut(10), "cut"));
        rule("(?:ready )?copy|one i made earlier", (l, m) -> l.cover(Cover.ReadyCopy.usual(), "copy"));
        rule(
                "(?:goes on past (?:the|this) lesson|next (?:lesson|week|part)|another lesson)",
                (l, m) -> l.cover(new Cover.Elsewhere(m.group()), "elsewhere"));
        rule("(.+?) at (\\d{1,3}:\\d{2})", FactLine::look);
        rule("(?:no length|open|as long as it takes)", (l, m) -> l.open());
    }

    private final Lesson lesson;
    private final Step step;
    private final Knowledge knowledge;

    /** Whether the bare name of a food or tool is a fact, too: to who sets a step, not in a sentence about how it went. */
    private final boolean things;

    private FactLine(Lesson lesson, Step step, Knowledge knowledge, boolean things) {
        this.lesson = lesson;
        this.step = step;
        this.knowledge = knowledge;
        this.things = things;
    }

    /** Facts are parted by semicolons, and by commas where each part is one. */
    public static Read read(String text, Lesson lesson, Step step, Knowledge knowledge) {
        return read(text, new FactLine(lesson, step, knowledge, true));
    }

    /** The same without foods and tools: "lemon" in a sentence sets nothing. */
    public static Read settings(String text, Lesson lesson, Step step, Knowledge knowledge) {
        return read(text, new FactLine(lesson, step, knowledge, false));
    }

    private static Read read(String text, FactLine line) {
        var facts = new ArrayList<Fact>();
        var left = new ArrayList<String>();
        for (var part : text.split("\\s*;\\s*")) {
            if (part.isBlank()) continue;
            var whole = line.of(part.strip());
            if (!whole.isEmpty()) {
                facts.addAll(whole);
                continue;
            }
            for (var piece : part.split("\\s*,\\s+")) {
                var found = line.of(piece.strip());
                facts.addAll(found);
                if (found.isEmpty() && !piece.isBlank()) left.add(piece.strip());
            }
        }
        return new Read(facts, String.join(", ", left));
    }

    private List<Fact> of(String part) {
        for (var entry : RULES.entrySet()) {
            var m = entry.getKey().matcher(part);
            if (!m.matches()) continue;
            try {
                var fact = entry.getValue().fact(this, m);
                if (fact != null) return List.of(fact);
            } catch (IllegalArgumentException e) {
                return List.of();
            }
        }
        var told = told(part);
        if (!told.isEmpty() || !things) return told;
        var tool = knowledge.toolNamed(part);
        if (tool.isPresent()) {
            var id = tool.get().id();
            return List.of(new Fact(
                    tool.get().name(),
                    s -> s.tools().contains(id)
                            ? s
                            : s.but(d -> d.tools = Stream.concat(s.tools().stream(), Stream.of(id))
                                    .toList())));
        }
        return List.of();
    }

    /** "Bakes 16 to 20 min at 200 fan", "½ lemon", "2 tbsp oil": what the same words propose in a script. */
    private List<Fact> told(String part) {
        var facts = new ArrayList<Fact>();
        var times = TimeWords.in(part);
        var heat = HeatWords.in(part);
        for (var time : times.stream().limit(1).toList()) {
            var word = part.substring(0, time.start()).strip().split("\\s+")[0].toLowerCase(Locale.ROOT);
            var verb = Actions.shipped().named(word).orElse(null);
            var read = SaidTimes.in(part, knowledge).stream().findFirst();
            boolean hands = verb != null && verb.sustained() && verb.waits().isEmpty()
                    || read.map(r -> r.role() == SaidTimes.Role.HANDS).orElse(false);
            if (hands) {
                facts.add(
                        new Fact(Words.OURS.say("hands", time.time().text()), s -> s.but(d -> d.hands = time.time())));
                continue;
            }
            var what = verb != null && !verb.waits().isEmpty()
                    ? verb.waits()
                    : read.map(SaidTimes.Said::what).filter(w -> !w.isBlank()).orElse("waits");
            var range = read.map(SaidTimes.Said::time).orElse(time.time());
            var cue = SaidTimes.cue(part);
            facts.add(new Fact(
                    cue.isEmpty()
                            ? Words.OURS.say("wait", what, range.text())
                            : Words.OURS.say("wait.until", what, range.text(), cue),
                    s -> s.but(d -> d.waiting = s.waiting() == null
                            ? new Wait(range, what, cue, new Cover.CarryOn(""))
                            : cue.isEmpty()
                                    ? s.waiting().lasting(range).called(what)
                                    : s.waiting().lasting(range).called(what).until(cue))));
        }
        heat.ifPresent(h -> facts.add(new Fact(
                Words.OURS.say("oven", h.heat().text()),
                s -> s.but(d -> {
                    d.heat = h.heat();
                    d.place = Place.OVEN;
                }))));
        if (!facts.isEmpty() || !things) return facts;
        var mentions = Mentions.of(lesson, knowledge).in(part);
        for (var use : FoodWords.uses(part, mentions, lesson, FoodWords.drawn(lesson))) {
            var item = lesson.food(use.line()).orElseThrow().item();
            var shown = use.amount() == null ? item : AmountText.of(use.amount()) + " " + item;
            facts.add(new Fact(
                    shown,
                    s -> s.but(d -> d.uses = Stream.concat(
                                    s.uses().stream().filter(u -> !u.line().equals(use.line())),
                                    Stream.of(new Use(use.line(), use.amount())))
                            .toList())));
        }
        return facts;
    }

    private interface Setting<T> {
        void set(Step.Draft draft, T value);
    }

    private static Fact text(String name, String value, Setting<String> set) {
        var plain = value.strip();
        return new Fact(Words.OURS.say("fact." + name, plain), s -> s.but(d -> set.set(d, plain)));
    }

    private static Fact time(String name, String value, Setting<TimeRange> set) {
        var plain = value.strip().replaceAll("\\s*(?:minutes?|mins?)$", "").replaceAll("\\s*(?:seconds?|secs?)$", " s");
        var time = TimeRange.parse(plain);
        return new Fact(Words.OURS.say("fact." + name, time.text()), s -> s.but(d -> set.set(d, time)));
    }

    private static Fact who(Who who) {
        return new Fact(who.title(), s -> s.but(d -> d.who = who));
    }

    private static Fact with(String said) {
        var who = said == null || said.equalsIgnoreCase("helper") ? Who.HELPER : Who.LEARNER;
        return new Fact(Words.OURS.say("fact.with", who.title()), s -> s.but(d -> d.with = who));
    }

    private static Fact ring(String said) {
        var w = said.toLowerCase(Locale.ROOT);
        var ring = w.contains("low") ? Ring.LOW : w.contains("high") ? Ring.HIGH : Ring.MEDIUM;
        return new Fact(
                Words.OURS.say("ring", ring.title()),
                s -> s.but(d -> {
                    d.ring = ring;
                    d.place = Place.RING;
                }));
    }

    private static Fact place(String said) {
        var place = switch (said.toLowerCase(Locale.ROOT)) {
            case "ring", "hob" -> Place.RING;
            case "oven" -> Place.OVEN;
            case "microwave" -> Place.MICROWAVE;
            case "grill" -> Place.GRILL;
            case "air fryer", "slow cooker" -> Place.COUNTERTOP;
            case "blender" -> Place.BLENDER;
            case "fridge", "cold" -> Place.COLD;
            case "freezer" -> Place.FREEZER;
            default -> Place.BENCH;
        };
        return new Fact(Words.OURS.say("place", place.title()), s -> s.but(d -> d.place = place));
    }

    private static Fact act(Act act) {
        return new Fact(act.title(), s -> s.but(d -> d.acts.add(act)));
    }

    private static Fact flag(String name, Consumer<Step.Draft> set) {
        return new Fact(Words.OURS.say("fact." + name), s -> s.but(set));
    }

    private Fact cue(Matcher m) {
        if (step.waiting() == null) return null;
        var cue = m.group(1).strip();
        return new Fact(
                Words.OURS.say("cue", cue),
                s -> s.but(d -> d.waiting = s.waiting().until(cue)));
    }

    private Fact collect(Matcher m) {
        int number = Integer.parseInt(m.group(1));
        if (number < 1 || number > lesson.steps().size() || number - 1 <= lesson.indexOf(step.id())) return null;
        return cover(new Cover.CarryOn(lesson.steps().get(number - 1).id()), "collect", number);
    }

    private Fact cover(Cover cover, String key, Object... args) {
        if (step.waiting() == null) return null;
        var text = key.equals("collect") ? Words.OURS.say("collect", args) : Words.OURS.say("collect." + key);
        return new Fact(text, s -> s.but(d -> d.waiting = s.waiting().covered(cover)));
    }

    private Fact look(Matcher m) {
        if (step.waiting() == null) return null;
        var what = m.group(1).strip();
        int at = TimeRange.parse(m.group(2)).likely();
        if (at <= 0) return null;
        return new Fact(
                Words.OURS.say("look", what, Clock.text(at)),
                s -> s.but(d -> d.waiting = s.waiting()
                        .looking(Stream.concat(s.waiting().looks().stream(), Stream.of(new Look(at, what)))
                                .toList())));
    }

    private Fact open() {
        return new Fact(
                Words.OURS.say("fact.open"),
                s -> s.but(d -> d.waiting = s.waiting() == null
                        ? new Wait(TimeRange.ZERO, "", "", new Cover.CarryOn(""))
                        : s.waiting().lasting(TimeRange.ZERO)));
    }
}
