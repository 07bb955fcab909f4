package webodidact.core.script;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.AmountText;
import webodidact.core.food.Action;
import webodidact.core.food.Actions;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.lesson.Who;
import webodidact.core.time.Clock;
import webodidact.core.time.TimeRange;

/** What the words of a step say about its wait, cue, oven, tools, foods and acts. Each is a proposal until somebody takes it. */
public final class Suggestions {
    private static final Pattern UNTIL = Pattern.compile(
            "\\b(?:until|till)\\s+([^.;!?\\n]{3,80}?)(?=\\s*(?:[.;!?\\n]|$|, (?:then|stirring|turning|about|which)|\\s+(?:and )?then\\b|,?\\s+(?:about|for)\\s+\\d))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WASHES = Pattern.compile(
            "\\bwash(?:es|ing)? (?:your |our |my |their )?hands\\b|\\bhands washed\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN_ON = Pattern.compile(
            "\\b(?:pre-?heat|heat|turn on|switch on|turn|switch) (?:up )?(?:the |your )?oven\\b(?! off)|\\boven (?:goes |on )on\\b|\\boven on\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN_OFF = Pattern.compile(
            "\\b(?:turn|switch) off (?:the |your )?oven\\b|\\boven (?:is |goes )?off\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern RING_OFF = Pattern.compile(
            "\\b(?:turn|switch) off (?:the |your )?(?:heat|hob|ring|gas)\\b|\\b(?:heat|hob|ring|gas) (?:is |goes )?off\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ADULT = Pattern.compile(
            "\\b(?:grown-?ups?|adults?)\\b[^.!?]{0,40}\\b(?:does?|lifts?|takes?|opens?|carr(?:y|ies)|pours?|drains?|yours|your turn|job)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MICROWAVE = Pattern.compile("\\bmicrowave\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern COLD =
            Pattern.compile("\\b(?:in|into|to) the (?:fridge|freezer)\\b|\\bchill\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN =
            Pattern.compile("\\b(?:in|into) (?:the |a )?(?:hot |fan |warm )?oven\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern RING = Pattern.compile(
            "\\bon the (?:hob|ring)\\b|\\bover (?:a )?(?:low|medium|high) heat\\b", Pattern.CASE_INSENSITIVE);
    /** Letters before a time in which its verb stands. */
    private static final int REACH = 80;

    private static final Pattern LOOK = Pattern.compile(
            "\\b(turn|stir|baste|shake|rotate)\\b([^.!?;]{0,40}?)\\b(?:halfway|half way|after (?=\\d|a |one|two|three|four|five|ten))",
            Pattern.CASE_INSENSITIVE);

    private final Lesson lesson;
    private final Knowledge knowledge;
    private final Mentions finder;

    public Suggestions(Lesson lesson, Knowledge knowledge) {
        this.lesson = lesson;
        this.knowledge = knowledge;
        finder = Mentions.of(lesson, knowledge);
    }

    /** Those that are neither taken nor declined. */
    public List<Suggestion> of(Step step) {
        var all = new LinkedHashMap<String, Suggestion>();
        for (var text : List.of(step.doing(), step.say())) {
            if (text.isBlank()) continue;
            spelling(step, text, all);
            if (!step.kind().isHandsOn() && step.acts().isEmpty()) {
                acts(step, text, all);
                continue;
            }
            times(step, text, all);
            looks(step, text, all);
            heat(step, text, all);
            place(step, text, all);
            foods(step, text, all);
            tools(step, text, all);
            acts(step, text, all);
            if (ADULT.matcher(text).find() && step.who() == Who.LEARNER)
                add(all, Suggestion.Kind.WHO, "adult", Who.ADULT.title(), s -> s.but(d -> d.who = Who.ADULT));
        }
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

    private static void add(
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
        var actions = knowledge.actionsIn(text);
        boolean wait = step.waiting() != null
                || actions.stream().noneMatch(a -> !a.action().waits().isEmpty());
        for (var found : TimeWords.in(text)) {
            var sentence = HeatWords.sentenceAround(text, found.start());
            int from = found.start()
                    - HeatWords.sentenceBefore(text, found.start(), REACH).length();
            var verb = last(actions, from, found.start(), a -> !a.waits().isEmpty());
            var hand = last(actions, from, found.start(), Action::byHand);
            if (verb == null && hand == null && !wait)
                verb = last(
                        actions,
                        from,
                        found.start() + sentence.length(),
                        a -> !a.waits().isEmpty());
            boolean byHand = hand != null && (verb == null || hand.end() > verb.end());
            if (byHand) {
                if (step.hands().isZero())
                    add(
                            all,
                            Suggestion.Kind.HANDS,
                            seconds(found.time()),
                            Words.OURS.say("hands", found.time().text()),
                            s -> s.but(d -> d.hands = found.time()));
            } else if (verb != null && !wait) {
                wait = true;
                var what = verb.action().waits();
                var cue = cue(sentence);
                var cover = new Cover.CarryOn("");
                add(
                        all,
                        Suggestion.Kind.WAIT,
                        seconds(found.time()),
                        cue.isEmpty()
                                ? Words.OURS.say("wait", what, found.time().text())
                                : Words.OURS.say(
                                        "wait.until", what, found.time().text(), cue),
                        s -> s.but(d -> d.waiting = new Wait(found.time(), what, cue, cover)));
            }
        }
        if (step.waiting() != null && step.waiting().cue().isBlank()) {
            var cue = cue(text);
            if (!cue.isEmpty())
                add(
                        all,
                        Suggestion.Kind.CUE,
                        cue,
                        Words.OURS.say("cue", cue),
                        s -> s.but(d -> d.waiting = s.waiting().until(cue)));
        }
    }

    private static Actions.Found last(List<Actions.Found> actions, int from, int to, Predicate<Action> which) {
        return actions.stream()
                .filter(a -> a.start() >= from && a.start() < to && which.test(a.action()))
                .reduce((x, y) -> y)
                .orElse(null);
    }

    private static String cue(String text) {
        var m = UNTIL.matcher(text);
        return m.find() ? m.group(1).strip() : "";
    }

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
                            if (isIn(text, Place.OVEN, OVEN)) d.place = Place.OVEN;
                        })));
    }

    private void place(Step step, String text, Map<String, Suggestion> all) {
        if (step.place() != Place.BENCH) return;
        var place = isIn(text, Place.MICROWAVE, MICROWAVE)
                ? Place.MICROWAVE
                : isIn(text, Place.OVEN, OVEN) && !OVEN_ON.matcher(text).find()
                        ? Place.OVEN
                        : isIn(text, Place.RING, RING)
                                ? Place.RING
                                : isIn(text, Place.COLD, COLD)
                                        ? Place.COLD
                                        : isIn(text, Place.BLENDER, null) ? Place.BLENDER : null;
        if (place != null)
            add(
                    all,
                    Suggestion.Kind.PLACE,
                    code(place),
                    Words.OURS.say("place", place.title()),
                    s -> s.but(d -> d.place = place));
    }

    /** A verb that is done there, or words that say it. */
    private boolean isIn(String text, Place place, Pattern said) {
        return knowledge.actionsIn(text).stream()
                        .anyMatch(a -> a.action().place().equals(code(place)))
                || said != null && said.matcher(text).find();
    }

    private void foods(Step step, String text, Map<String, Suggestion> all) {
        for (var mention : finder.in(text)) {
            var line = mention.kind() == Mentions.Kind.LISTED
                    ? lesson.food(mention.id()).orElse(null)
                    : null;
            if (line == null) continue;
            var share = ShareWords.before(text, mention.start(), line).orElse(null);
            var amount = share == null ? null : share.amount();
            var shown = amount == null ? "" : AmountText.of(amount.times(Scaling.forHome(lesson))) + " ";
            if (!step.usesLine(line.id())) {
                var words = share != null && share.rest() ? Words.OURS.say("rest", line.item()) : shown + line.item();
                add(
                        all,
                        Suggestion.Kind.USE,
                        line.id(),
                        words,
                        s -> s.but(d -> d.uses = Stream.concat(s.uses().stream(), Stream.of(new Use(line.id(), amount)))
                                .toList()));
            } else if (amount != null
                    && step.uses().stream().anyMatch(u -> u.line().equals(line.id()) && u.amount() == null)) {
                add(
                        all,
                        Suggestion.Kind.AMOUNT,
                        line.id() + "=" + amount,
                        Words.OURS.say("only", shown + line.item()),
                        s -> s.but(d -> d.uses = s.uses().stream()
                                .map(u -> u.line().equals(line.id()) ? new Use(u.line(), amount) : u)
                                .toList()));
            }
        }
    }

    private void tools(Step step, String text, Map<String, Suggestion> all) {
        var listed = new TreeSet<>(step.tools());
        Stream.concat(
                        finder.in(text).stream()
                                .filter(m -> m.kind() == Mentions.Kind.TOOL)
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
        act(step, text, WASHES, Act.WASH_HANDS, all);
        act(step, text, OVEN_ON, Act.OVEN_ON, all);
        act(step, text, OVEN_OFF, Act.OVEN_OFF, all);
        act(step, text, RING_OFF, Act.RING_OFF, all);
    }

    private static void act(Step step, String text, Pattern says, Act act, Map<String, Suggestion> all) {
        if (step.acts().contains(act) || !says.matcher(text).find()) return;
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

    /** The step with all that its words say taken at once. */
    public static Step taking(Step step, List<Suggestion> suggestions) {
        var now = step;
        for (var suggestion : suggestions) now = suggestion.change().apply(now);
        return now;
    }
}
