package webodidact.core.script;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.Heat;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Wait;
import webodidact.core.lesson.Who;
import webodidact.core.lesson.Yield;
import webodidact.core.memo.Same;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;

/** What the words of a step say about its wait, cue, oven, tools, foods and acts. Each is a proposal until somebody takes it. */
public final class Suggestions {
    private static final Pattern ADULT = Pattern.compile(
            "\\b(?:grown-?ups?|adults?)\\b[^.!?]{0,40}\\b(?:does?|lifts?|takes?|opens?|carr(?:y|ies)|pours?|drains?|yours|your turn|job)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern LOOK = Pattern.compile(
            "\\b(turn|stir|baste|shake|rotate)\\b([^.!?;]{0,40}?)\\b(?:halfway|half way|after (?=\\d|a |one|two|three|four|five|ten))",
            Pattern.CASE_INSENSITIVE);

    private final Lesson lesson;
    private final Knowledge knowledge;
    private final Mentions finder;
    private final Map<String, Ratio> factors;
    private final Ratio scale;
    /** Lines of which a step takes a stated part. */
    private final Set<String> drawn;
    /** By step, what the step before it left its food on, where that is hot. */
    private final Map<String, Place> left;

    public Suggestions(Lesson lesson, Knowledge knowledge) {
        this(lesson, knowledge, Map.of());
    }

    /** @param factors by verb, of the table's hands-on time: what takes have shown ({@code core.timing.HandsPace}) */
    public Suggestions(Lesson lesson, Knowledge knowledge, Map<String, Ratio> factors) {
        this.lesson = lesson;
        this.knowledge = knowledge;
        this.factors = Map.copyOf(factors);
        scale = Scaling.forHome(lesson);
        finder = Mentions.of(lesson, knowledge);
        drawn = FoodWords.drawn(lesson);
        left = PlaceWords.left(lesson);
    }

    /** Those that are neither taken nor declined. */
    public List<Suggestion> of(Step step) {
        var words = finder.remembered(
                new Asked(new Same<>(step), lesson.makes(), scale, factors, drawn, left.get(step.id())),
                () -> words(step));
        var collecting = Collecting.of(lesson, step);
        var heat = saidBefore(step, words);
        if (collecting.isEmpty() && heat.isEmpty()) return words;
        var all = new LinkedHashMap<String, Suggestion>();
        words.forEach(s -> all.put(s.key(), s));
        collecting.ifPresent(c -> collecting(c, all));
        heat.ifPresent(h -> add(
                all,
                Suggestion.Kind.HEAT,
                h.low() + "-" + h.high() + "-" + code(h.mode()),
                Words.OURS.say("oven.before", h.text()),
                s -> s.but(d -> {
                    d.heat = h;
                    d.place = Place.OVEN;
                })));
        return open(step, all);
    }

    /** The setting at which the oven was turned on, for a step that bakes and says none. */
    private Optional<Heat> saidBefore(Step step, List<Suggestion> words) {
        if (step.place() != Place.OVEN
                || step.heat() != null
                || words.stream().anyMatch(s -> s.kind() == Suggestion.Kind.HEAT)) return Optional.empty();
        Heat last = null;
        for (var before : lesson.steps()) {
            if (before.id().equals(step.id())) break;
            if (before.heat() != null) last = before.heat();
        }
        return Optional.ofNullable(last);
    }

    /** All but the list that what a step's own words say depends on. */
    private record Asked(
            Same<Step> step, Yield makes, Ratio scale, Map<String, Ratio> factors, Set<String> drawn, Place left) {}

    private List<Suggestion> words(Step step) {
        var all = new LinkedHashMap<String, Suggestion>();
        for (var text : List.of(step.doing(), step.say())) {
            if (text.isBlank()) continue;
            spelling(step, text, all);
            if (!step.kind().isHandsOn()) {
                acts(step, text, all);
                continue;
            }
            times(step, text, all);
            looks(step, text, all);
            heat(step, text, all);
            place(step, text, all);
            FoodProposals.add(step, text, finder.in(text), lesson, drawn, all);
            tools(step, text, all);
            acts(step, text, all);
            if (ADULT.matcher(text).find() && step.who() == Who.LEARNER)
                add(all, Suggestion.Kind.WHO, "adult", Who.ADULT.title(), s -> s.but(d -> d.who = Who.ADULT));
        }
        FoodProposals.addOfTitle(step, finder, lesson, knowledge, all);
        if (step.kind().isHandsOn()) hands(step, all);
        return open(step, all);
    }

    private static List<Suggestion> open(Step step, Map<String, Suggestion> all) {
        return all.values().stream()
                .filter(s -> !step.declined().contains(s.key()))
                .sorted(Comparator.comparing(Suggestion::kind))
                .toList();
    }

    /** Keys are stored in lessons: they are made of codes and figures, so that another wording does not bring a declined proposal back. */
    private static String code(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String seconds(TimeRange time) {
        return time.low() + "-" + time.high();
    }

    static void add(
            Map<String, Suggestion> all, Suggestion.Kind kind, String what, String text, UnaryOperator<Step> change) {
        var key = kind.name().toLowerCase(Locale.ROOT) + "/" + what;
        all.putIfAbsent(key, new Suggestion(kind, key, text, change));
    }

    private void spelling(Step step, String text, Map<String, Suggestion> all) {
        for (var near : finder.in(text)) {
            if (near.kind() != Mentions.Kind.NEAR) continue;
            var right = near.right();
            add(
                    all,
                    Suggestion.Kind.SPELLING,
                    near.words(),
                    Words.OURS.say("spelling", near.words(), right),
                    s -> s.but(d -> {
                        var word = Pattern.compile("\\b" + Pattern.quote(near.words()) + "\\b");
                        d.say = word.matcher(d.say).replaceAll(Matcher.quoteReplacement(right));
                        d.doing = word.matcher(d.doing).replaceAll(Matcher.quoteReplacement(right));
                    }));
        }
    }

    private void times(Step step, String text, Map<String, Suggestion> all) {
        boolean wait = step.waiting() != null;
        for (var said : waits(SaidTimes.in(text, knowledge))) {
            var time = inBatches(said, text);
            if (!wait) {
                wait = true;
                add(
                        all,
                        Suggestion.Kind.WAIT,
                        seconds(time),
                        waitText(said, time),
                        s -> s.but(d -> d.waiting = new Wait(time, said.what(), said.cue(), new Cover.CarryOn(""))));
            } else if (step.waiting() == null || !isTaken(step.waiting(), said, text)) {
                second(step, text, said, all);
            }
        }
        if (step.waiting() != null && step.waiting().cue().isBlank()) {
            var cue = SaidTimes.cue(text);
            if (!cue.isEmpty())
                add(
                        all,
                        Suggestion.Kind.CUE,
                        cue,
                        Words.OURS.say("cue", cue),
                        s -> s.but(d -> d.waiting = s.waiting().until(cue)));
        }
    }

    /** The longest first, so that it is the step's. */
    private static List<SaidTimes.Said> waits(List<SaidTimes.Said> said) {
        return said.stream()
                .filter(t -> t.role() != SaidTimes.Role.HANDS)
                .sorted(Comparator.comparingInt((SaidTimes.Said t) -> -t.time().high()))
                .toList();
    }

    private boolean isTaken(Wait wait, SaidTimes.Said said, String text) {
        return wait.time().equals(inBatches(said, text))
                || said.time().isZero()
                || wait.time().isZero();
    }

    private static String waitText(SaidTimes.Said said, TimeRange time) {
        var long_ = time.isZero() ? Words.OURS.say("wait.unsaid") : time.text();
        return said.cue().isEmpty()
                ? Words.OURS.say("wait", said.what(), long_)
                : Words.OURS.say("wait.until", said.what(), long_, said.cue());
    }

    /** "This makes 6". */
    private static final Pattern MAKES = Pattern.compile(
            "\\b(?:makes|make|you should have|get)(?: about| around)? (\\d{1,2})\\b", Pattern.CASE_INSENSITIVE);

    /** "Two minutes per batch of 4" of twelve pieces is three times two minutes. */
    private TimeRange inBatches(SaidTimes.Said said, String text) {
        if (said.batch() == 0) return said.time();
        var made = MAKES.matcher(text);
        if (made.find()) {
            int rounds = (Integer.parseInt(made.group(1)) + said.batch() - 1) / said.batch();
            return new TimeRange(said.time().low() * rounds, said.time().high() * rounds);
        }
        var count = lesson.makes().count().dividedBy(Ratio.of(said.batch()));
        int times = lesson.makes().what().equals(Yield.UNKNOWN.what()) ? 1 : (int) Math.clamp(count.ceiling(), 1, 40);
        return new TimeRange(said.time().low() * times, said.time().high() * times);
    }

    /** A second wait needs a step of its own: the text is cut after the sentence of the first of the two. */
    private void second(Step step, String text, SaidTimes.Said said, Map<String, Suggestion> all) {
        if (said.time().high() <= ATTENDED) return;
        boolean spoken = text.equals(step.say());
        int at = MethodText.cutBefore(text, said.start());
        if (at <= 0) return;
        add(
                all,
                Suggestion.Kind.SPLIT,
                seconds(said.time()),
                Words.OURS.say("split", said.what(), said.time().text()),
                s -> s);
        var key = "split/" + seconds(said.time());
        all.computeIfPresent(
                key,
                (k, x) -> new Suggestion(
                        x.kind(),
                        k,
                        x.text(),
                        x.change(),
                        l -> Cutting.split(l, step.id(), l.newStepId(), spoken, at)));
    }

    /** How a wait nobody has decided on is covered, as the words of the steps after it have it. */
    private void collecting(Cover cover, Map<String, Suggestion> all) {
        var text = switch (cover) {
            case Cover.CarryOn(var at) -> Words.OURS.say("collect", lesson.indexOf(at) + 1);
            case Cover.Stay _ -> Words.OURS.say("collect.stay");
            case Cover.Cut _ -> Words.OURS.say("collect.cut");
            default -> Words.OURS.say("collect.copy");
        };
        var code = cover instanceof Cover.CarryOn(var at)
                ? at
                : cover.getClass().getSimpleName().toLowerCase(Locale.ROOT);
        add(
                all,
                Suggestion.Kind.COLLECT,
                code,
                text,
                s -> s.waiting() == null
                        ? s
                        : s.but(d -> d.waiting = s.waiting().covered(cover)));
    }

    /** What hands take: said, or made of the table's times for each verb and food. */
    private void hands(Step step, Map<String, Suggestion> all) {
        if (!step.hands().isZero()) return;
        var estimate = handsOf(step);
        if (estimate.time().isZero()) return;
        var text = estimate.said()
                ? Words.OURS.say("hands", estimate.time().text())
                : Words.OURS.say(
                        "hands.about",
                        Clock.text(rounded(estimate.time().likely())),
                        String.join(", ", estimate.from()));
        // An estimate changes with the table and with what is typed; declined once, it is declined.
        var key = estimate.said() ? seconds(estimate.time()) : "about";
        add(all, Suggestion.Kind.HANDS, key, text, s -> s.but(d -> d.hands = estimate.time()));
    }

    private static int rounded(int seconds) {
        return seconds < 60 ? (seconds + 4) / 5 * 5 : (seconds + 7) / 15 * 15;
    }

    /**
     * What hands take over what the step tells to do. What is said and what is done tell of the same deeds, so the text that has more of
     * them counts alone.
     */
    public HandsEstimate handsOf(Step step) {
        var best = HandsEstimate.NONE;
        for (var text : List.of(step.doing(), step.say())) {
            if (text.isBlank()) continue;
            var times = SaidTimes.in(text, knowledge);
            var estimate = HandsEstimate.of(text, attended(times), finder.in(text), lesson, knowledge, factors);
            if (estimate.time().high() > best.time().high()) best = estimate;
        }
        return best;
    }

    /** A short wait beside a longer one is stood by: it is the hands' time. */
    private static List<SaidTimes.Said> attended(List<SaidTimes.Said> times) {
        var longest = waits(times).stream().findFirst().orElse(null);
        return times.stream()
                .map(t -> t.role() == SaidTimes.Role.WAIT
                                && t != longest
                                && !t.time().isZero()
                                && t.time().high() <= ATTENDED
                        ? new SaidTimes.Said(
                                t.start(), t.end(), t.time(), SaidTimes.Role.HANDS, t.verb(), "", t.cue(), 0)
                        : t)
                .toList();
    }

    /** Longest wait beside another, in seconds, that hands stand by. */
    static final int ATTENDED = 180;

    private void looks(Step step, String text, Map<String, Suggestion> all) {
        if (step.waiting() == null) return;
        var m = LOOK.matcher(text);
        while (m.find()) {
            var what = (m.group(1) + m.group(2)).strip().toLowerCase(Locale.ROOT);
            var after = TimeWords.in(text.substring(m.end(), Math.min(text.length(), m.end() + 80))).stream()
                    .filter(f -> f.start() < 4)
                    .findFirst();
            int at = after.map(f -> f.time().likely())
                    .orElse(step.waiting().time().likely() / 2);
            if (at <= 0
                    || step.waiting().looks().stream().anyMatch(l -> l.what().equals(what))) continue;
            add(
                    all,
                    Suggestion.Kind.LOOK,
                    what,
                    Words.OURS.say("look", what, Clock.text(at)),
                    s -> s.but(d -> d.waiting = s.waiting()
                            .looking(Stream.concat(s.waiting().looks().stream(), Stream.of(new Look(at, what)))
                                    .toList())));
        }
    }

    private void heat(Step step, String text, Map<String, Suggestion> all) {
        if (step.heat() != null) return;
        HeatWords.in(text)
                .ifPresent(f -> add(
                        all,
                        Suggestion.Kind.HEAT,
                        f.heat().low() + "-" + f.heat().high() + "-"
                                + code(f.heat().mode()),
                        Words.OURS.say("oven", f.heat().text()),
                        s -> s.but(d -> {
                            d.heat = f.heat();
                            if (PlaceWords.isOven(text, knowledge)) d.place = Place.OVEN;
                        })));
    }

    private void place(Step step, String text, Map<String, Suggestion> all) {
        if (step.place() != Place.BENCH) return;
        PlaceWords.of(step, text, left.get(step.id()), knowledge).ifPresent(place -> place(place, all));
    }

    private static void place(Place place, Map<String, Suggestion> all) {
        add(
                all,
                Suggestion.Kind.PLACE,
                code(place),
                Words.OURS.say("place", place.title()),
                s -> s.but(d -> d.place = place));
    }

    private void tools(Step step, String text, Map<String, Suggestion> all) {
        var listed = new TreeSet<>(step.tools());
        var asides = Asides.of(text);
        Stream.concat(
                        finder.in(text).stream()
                                .filter(m -> m.kind() == Mentions.Kind.TOOL && !asides.isNotToday(m.start()))
                                .map(Mentions.Mention::id),
                        knowledge.toolsImpliedBy(text).stream().map(f -> f.id()))
                .filter(id -> !listed.contains(id) && !isStoodInFor(id, listed))
                .distinct()
                .flatMap(id -> knowledge.tool(id).stream())
                .forEach(tool -> add(
                        all,
                        Suggestion.Kind.TOOL,
                        tool.id(),
                        tool.name(),
                        s -> s.but(d -> d.tools = Stream.concat(s.tools().stream(), Stream.of(tool.id()))
                                .toList())));
    }

    /** With scissors in the step, "trim" needs no knife as well. */
    private boolean isStoodInFor(String id, Set<String> there) {
        return knowledge
                .tool(id)
                .map(t -> t.instead().stream().anyMatch(i -> there.contains(i.tool())))
                .orElse(false);
    }

    private void acts(Step step, String text, Map<String, Suggestion> all) {
        for (var act : ActWords.in(text)) {
            if (step.acts().contains(act)) continue;
            add(
                    all,
                    Suggestion.Kind.ACT,
                    code(act),
                    act.title(),
                    s -> s.but(d -> {
                        d.acts = new TreeSet<>(s.acts());
                        d.acts.add(act);
                    }));
        }
        if (step.ring() != null) return;
        ActWords.ring(text)
                .ifPresent(r -> add(
                        all,
                        Suggestion.Kind.RING,
                        code(r),
                        Words.OURS.say("ring", r.title()),
                        s -> s.but(d -> d.ring = r)));
    }

    /**
     * The lesson with all that the words of those steps say taken, in rounds: what is taken of one lets others be understood.
     *
     * @param ids of steps; those that are not there are left out
     */
    public static Lesson takingAll(Lesson lesson, List<String> ids, Knowledge knowledge, Map<String, Ratio> factors) {
        var now = lesson;
        var steps = new ArrayList<>(ids);
        for (int round = 0; round < ROUNDS; round++) {
            var before = now;
            for (int i = 0; i < steps.size(); i++) {
                var step = now.step(steps.get(i)).orElse(null);
                if (step == null) continue;
                for (var s : new Suggestions(now, knowledge, factors).of(step)) {
                    var was = now;
                    now = s.beyond().apply(now.withStep(step.id(), s.change()));
                    // What was cut off proposes for itself.
                    if (now.steps().size() > was.steps().size())
                        steps.add(
                                i + 1,
                                now.steps().get(now.indexOf(step.id()) + 1).id());
                }
            }
            if (now.equals(before)) break;
        }
        return now;
    }

    private static final int ROUNDS = 4;

    /** The step with all that its words say taken at once. */
    public static Step taking(Step step, List<Suggestion> suggestions) {
        var now = step;
        for (var suggestion : suggestions) now = suggestion.change().apply(now);
        return now;
    }
}
