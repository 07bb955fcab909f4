package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.Microwave;
import webodidact.core.amount.OvenScale;
import webodidact.core.branch.Branches;
import webodidact.core.food.Hazard;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.lesson.Way;
import webodidact.core.lesson.Who;
import webodidact.core.list.HomeList;
import webodidact.core.publish.CardText;
import webodidact.core.script.Draws;
import webodidact.core.script.Ways;
import webodidact.core.swap.CookedAmount;
import webodidact.core.time.Clock;

/** What to do, step by step, for the homes: only the steps in which they do something, in words written for them. */
final class MethodCard implements PagePaper {
    private static final Template PAGE = new Template("method.html");

    /** @param take "" where it is named only */
    record Taken(String take, String name) {}

    @Override
    public String id() {
        return "method-card";
    }

    @Override
    public PaperGroup group() {
        return PaperGroup.HOMES;
    }

    @Override
    public boolean isPerHome() {
        return true;
    }

    @Override
    public String written(Edition edition, Medium medium) {
        var steps = new ArrayList<Map<String, Object>>();
        var swaps = swaps(edition);
        // A caution is told where it first matters; on every step nobody reads it any more.
        var told = new HashSet<String>();
        var fork = "";
        for (var step : steps(edition.taken())) {
            var map = step(edition, step, steps.size() + 1, swaps, told);
            map.put("fork", step.branch().equals(fork) ? "" : fork(edition, step, fork));
            fork = step.branch();
            steps.add(map);
        }
        var gaps = new HashMap<String, Object>();
        gaps.put("steps", steps);
        gaps.put("makes", GatherPaper.makes(edition));
        gaps.put("contains", GatherPaper.contains(edition));
        return PAGE.fill(edition, this, medium, gaps);
    }

    /** "Either: With beef", "Or: With beans", "And then, all of you": what is told where the way of a home parts from others', or meets it. */
    private static String fork(Edition edition, Step step, String before) {
        if (step.branch().isEmpty()) return Words.say("method.together");
        int at = edition.lesson().indexOf(step.id());
        var fork = Branches.forks(edition.lesson()).stream()
                .filter(f -> f.from() <= at && at < f.to())
                .findFirst()
                .orElseThrow();
        if (fork.names().size() == 1) return Words.say("method.only", step.branch());
        return Words.say(fork.from() == at || before.isEmpty() ? "method.either" : "method.or", step.branch());
    }

    /** Those on the card, in their order. */
    static List<Step> steps(Lesson lesson) {
        return lesson.steps().stream().filter(s -> isForHomes(s, lesson)).toList();
    }

    /** Homes do something in it, or will: what is shown in a demonstration is cooked afterwards. */
    private static boolean isForHomes(Step step, Lesson lesson) {
        if (lesson.delivery() == Delivery.DEMONSTRATION) return step.kind().isHandsOn() || step.kind() == Kind.HYGIENE;
        return !step.who().isBeforeCamera() && step.kind() != Kind.TALK;
    }

    /** What this home uses instead, by food line. */
    private static Map<String, HomeList.Entry> swaps(Edition edition) {
        if (edition.home() == null) return Map.of();
        return edition.list().entries().stream()
                .filter(e -> e.stand() == HomeList.Stand.AGREED || e.stand() == HomeList.Stand.OFFERED)
                .collect(Collectors.toMap(HomeList.Entry::line, e -> e, (a, b) -> a));
    }

    private static Map<String, Object> step(
            Edition edition, Step step, int number, Map<String, HomeList.Entry> swaps, Set<String> told) {
        var outcome = edition.outcome();
        var map = new HashMap<String, Object>();
        map.put("number", number);
        map.put("title", step.title());
        map.put("text", CardText.of(step, outcome.knowledge()).text());
        map.put(
                "uses",
                step.uses().stream()
                        .flatMap(u -> use(edition, step, u, swaps).stream())
                        .toList());
        map.put(
                "who",
                step.who() == Who.LEARNER || step.who().isBeforeCamera()
                        ? ""
                        : step.who().title());
        map.put("wait", waiting(step));
        // The same setting of the same oven is told once, like a caution.
        var heat = step.heat() == null
                ? ""
                : Words.say("method.oven", OvenScale.onEveryDial(step.heat(), edition.measures()));
        map.put("heat", heat.isEmpty() || !told.add(heat) ? "" : heat);
        map.put("cautions", cautions(edition, step).stream().filter(told::add).toList());
        map.put("looks", looks(step));
        map.put("question", step.question().isBlank() ? "" : Words.say("method.ask", step.question()));
        map.put(
                "ways",
                step.ways().stream()
                        .filter(Way::offered)
                        .map(w -> way(edition, w))
                        .toList());
        return map;
    }

    /** How long it is left to itself and until when, or "". */
    static String waiting(Step step) {
        return step.waiting() == null ? "" : wait(step.waiting());
    }

    /** The cue before the time: food is done when it looks so, not when a clock says so. */
    private static String wait(Wait wait) {
        var time = wait.unsaid() ? "" : wait.time().text();
        var what = wait.what();
        if (wait.cue().isBlank())
            return what.isBlank() ? time : time.isEmpty() ? what : Words.say("method.wait", what, time);
        var cue = what.isBlank() ? Words.say("method.cue", wait.cue()) : Words.say("method.until", what, wait.cue());
        return time.isEmpty() ? cue : Words.say("method.wait", cue, time);
    }

    private static List<String> looks(Step step) {
        if (step.waiting() == null) return List.of();
        var all = new ArrayList<String>();
        for (var look : step.waiting().looks()) all.add(Words.say("method.look", Clock.text(look.at()), look.what()));
        var rounds = step.waiting().rounds();
        if (rounds != null)
            all.add(rounds.stop().isBlank() ? rounds.text() : Words.say("method.stop", rounds.text(), rounds.stop()));
        return all;
    }

    /** "Or with scissors: Snip the ends off. Sharp: …": another way that homes are told of, with its own cautions. */
    private static String way(Edition edition, Way way) {
        var cautions = new ArrayList<>(
                Ways.cautions(way.tools(), way.place(), edition.outcome().knowledge()));
        Ways.tooYoung(way, edition.lesson()).ifPresent(cautions::add);
        var said = Words.say("method.way", way.name());
        if (!way.words().isBlank()) said = Words.say("method.way.words", said, way.words());
        return cautions.isEmpty() ? said : Words.say("noted", said, String.join("; ", cautions));
    }

    private static Optional<Taken> use(Edition edition, Step step, Use use, Map<String, HomeList.Entry> swaps) {
        var outcome = edition.outcome();
        var line = edition.lesson().food(use.line()).orElse(null);
        if (line == null) return Optional.empty();
        // What an earlier step has taken is named, not measured out again; what others measure out is left to them.
        var taken = Draws.taken(edition.draws(step), step.id(), use);
        var swap = swaps.get(line.id());
        if (swap != null) {
            // A part of a stand-in is not worked out from a list's rounded amount: all of it, or its name.
            boolean all = edition.lesson().steps().stream()
                            .filter(s -> s.usesLine(line.id()))
                            .count()
                    == 1;
            return Optional.of(new Taken(all ? swap.take() : "", swap.item()));
        }
        var amount = taken == null ? null : CookedAmount.of(line, taken, outcome.knowledge());
        var name = line.chosen() == null
                ? line.item()
                : outcome.knowledge().food(line.chosen()).map(f -> f.name()).orElse(line.item());
        if (amount == null || amount.low().isZero()) return Optional.of(new Taken("", name));
        var exact = amount.times(outcome.gather().factor());
        var food = outcome.knowledge().food(line.cooked()).orElse(null);
        return Optional.of(new Taken(
                edition.isUsual()
                        ? KitchenRounding.round(exact, edition.measures()).text(name)
                        : HomeList.told(
                                exact,
                                food,
                                line,
                                edition.reader(),
                                outcome.course().house()),
                name));
    }

    private static List<String> cautions(Edition edition, Step step) {
        var outcome = edition.outcome();
        var all = new ArrayList<String>();
        if (step.acts().contains(Act.WASH_HANDS)) all.add(Words.say("caution.wash"));
        boolean blade = step.tools().stream()
                .flatMap(t -> outcome.knowledge().tool(t).stream())
                .anyMatch(t -> t.hazard() == Hazard.BLADE);
        if (blade) all.add(Words.say("caution.blade"));
        if (step.place().isHot()) {
            var profile = outcome.course().profile();
            for (var use : step.uses()) {
                outcome.lesson()
                        .food(use.line())
                        .flatMap(l -> outcome.knowledge().food(l.cooked()))
                        .filter(f -> profile.core(f.risk()) > 0)
                        .ifPresent(f ->
                                all.add(Words.say("caution.core", f.name(), profile.degrees(profile.core(f.risk())))));
            }
        }
        if (step.place() == Place.MICROWAVE) all.add(microwave(edition, step));
        if (step.place() == Place.OVEN || step.place() == Place.GRILL || step.place() == Place.COUNTERTOP)
            all.add(Words.say("caution.oven"));
        if (step.place() == Place.RING) all.add(Words.say("caution.ring"));
        return all;
    }

    /** The time for other microwaves than the instructor's. */
    private static String microwave(Edition edition, Step step) {
        int seconds = step.waiting() != null
                ? step.waiting().time().low()
                : step.hands().low();
        int own = edition.outcome().course().kitchen().watts();
        var times = new ArrayList<String>();
        for (int watts : List.of(600, 700, 800, 900, 1000)) {
            if (watts != own && seconds > 0)
                times.add(watts + " W " + Clock.text(Microwave.seconds(seconds, own, watts)));
        }
        return Words.say(times.isEmpty() ? "caution.microwave" : "caution.microwave.others", own, times);
    }
}
