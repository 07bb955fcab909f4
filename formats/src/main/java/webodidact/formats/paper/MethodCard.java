package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.Microwave;
import webodidact.core.amount.OvenScale;
import webodidact.core.food.Hazard;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.lesson.Way;
import webodidact.core.lesson.Who;
import webodidact.core.outcome.Outcome;
import webodidact.core.script.Draws;
import webodidact.core.script.Ways;
import webodidact.core.swap.CookedAmount;
import webodidact.core.time.Clock;

/** What to do, step by step, for the homes: only the steps in which they do something. */
final class MethodCard implements Paper {
    private static final Template PAGE = new Template("method.html");

    @Override
    public String id() {
        return "method-card";
    }

    @Override
    public String written(Outcome outcome) {
        var steps = new ArrayList<Map<String, Object>>();
        for (var step : outcome.lesson().steps()) {
            if (step.who() == Who.PRESENTER || step.kind() == Kind.TALK) continue;
            steps.add(step(outcome, step, steps.size() + 1));
        }
        var gaps = new HashMap<String, Object>();
        gaps.put("steps", steps);
        gaps.put(
                "makes",
                Words.say(
                        "makes",
                        AmountText.number(outcome.lesson()
                                .makes()
                                .count()
                                .times(outcome.gather().factor())),
                        outcome.lesson().makes().what()));
        return PAGE.fill(outcome, gaps);
    }

    private static Map<String, Object> step(Outcome outcome, Step step, int number) {
        var map = new HashMap<String, Object>();
        map.put("number", number);
        map.put("title", step.title());
        map.put("text", step.onTheCard());
        map.put(
                "uses",
                String.join(
                        " · ",
                        step.uses().stream()
                                .map(u -> use(outcome, step, u))
                                .filter(u -> !u.isEmpty())
                                .toList()));
        map.put("who", step.who() == Who.LEARNER ? "" : step.who().title());
        var wait = step.waiting();
        map.put("wait", wait == null ? "" : wait(wait));
        map.put(
                "heat",
                step.heat() == null
                        ? ""
                        : Words.say(
                                "method.oven",
                                OvenScale.onEveryDial(
                                        step.heat(), outcome.course().house())));
        map.put("cautions", cautions(outcome, step));
        map.put("looks", looks(step));
        map.put(
                "ways",
                step.ways().stream()
                        .filter(Way::offered)
                        .map(w -> way(outcome, w))
                        .toList());
        return map;
    }

    private static String wait(Wait wait) {
        var said = wait.what().isBlank()
                ? wait.time().text()
                : Words.say("method.wait", wait.time().text(), wait.what());
        return wait.cue().isBlank() ? said : Words.say("method.until", said, wait.cue());
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
    private static String way(Outcome outcome, Way way) {
        var cautions = new ArrayList<>(Ways.cautions(way.tools(), way.place(), outcome.knowledge()));
        Ways.tooYoung(way, outcome.lesson()).ifPresent(cautions::add);
        var said = Words.say("method.way", way.name());
        if (!way.words().isBlank()) said = Words.say("method.way.words", said, way.words());
        return cautions.isEmpty() ? said : Words.say("noted", said, String.join("; ", cautions));
    }

    private static String use(Outcome outcome, Step step, Use use) {
        var line = outcome.lesson().food(use.line()).orElse(null);
        if (line == null) return "";
        // What an earlier step has taken is named, not measured out again; what others measure out is left to them.
        var taken = Draws.taken(outcome.draws(), step.id(), use);
        var amount = taken == null ? null : CookedAmount.of(line, taken, outcome.knowledge());
        var name = line.chosen() == null
                ? line.item()
                : outcome.knowledge().food(line.chosen()).map(f -> f.name()).orElse(line.item());
        if (amount == null) return name;
        return KitchenRounding.round(
                                amount.times(outcome.gather().factor()),
                                outcome.course().house())
                        .text(name) + " " + name;
    }

    private static List<String> cautions(Outcome outcome, Step step) {
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
        if (step.place() == Place.MICROWAVE) all.add(microwave(outcome, step));
        if (step.place() == Place.OVEN) all.add(Words.say("caution.oven"));
        if (step.place() == Place.RING) all.add(Words.say("caution.ring"));
        return all;
    }

    /** The time for other microwaves than the instructor's. */
    private static String microwave(Outcome outcome, Step step) {
        int seconds = step.waiting() != null
                ? step.waiting().time().low()
                : step.hands().low();
        int own = outcome.course().kitchen().watts();
        var times = new ArrayList<String>();
        for (int watts : List.of(600, 700, 800, 900, 1000)) {
            if (watts != own && seconds > 0)
                times.add(watts + " W " + Clock.text(Microwave.seconds(seconds, own, watts)));
        }
        return Words.say(times.isEmpty() ? "caution.microwave" : "caution.microwave.others", own, times);
    }
}
