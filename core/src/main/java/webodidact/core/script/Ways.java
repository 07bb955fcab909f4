package webodidact.core.script;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Actions;
import webodidact.core.food.Hazard;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Tool;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Way;
import webodidact.core.time.Seconds;
import webodidact.core.time.TimeRange;

/** Ways of doing a step: what they need and warn of, the tool table's own suggestions, and the change from one to another. */
public final class Ways {
    private Ways() {}

    /** Ways with another tool, by the table's stand-ins, that the step does not have yet and whose verbs they can do. */
    public static List<Way> suggest(Step step, Knowledge knowledge) {
        var all = new ArrayList<Way>();
        var words = step.doing() + " " + step.say() + " " + step.title();
        for (var id : step.tools()) {
            var tool = knowledge.tool(id).orElse(null);
            if (tool == null || step.hands().isZero()) continue;
            for (var instead : tool.instead()) {
                var other = knowledge.tool(instead.tool()).orElse(null);
                if (other == null
                        || step.tools().contains(other.id())
                        || instead.cannot().stream()
                                .anyMatch(c -> c.verbs().stream().anyMatch(v -> names(words, v)))) continue;
                var name = Words.OURS.say("with", other.name());
                if (step.way().equals(name)
                        || step.ways().stream().anyMatch(w -> w.name().equals(name))) continue;
                var tools = step.tools().stream()
                        .map(t -> t.equals(id) ? other.id() : t)
                        .distinct()
                        .toList();
                // "with a grater" is not also the way of another tool of the step.
                if (all.stream().anyMatch(w -> w.name().equals(name))) continue;
                all.add(new Way(
                        name,
                        times(step.hands(), instead.time()),
                        null,
                        tools,
                        step.place(),
                        step.heat(),
                        named(step.doing(), tool, other),
                        youngest(tools, step.place(), knowledge),
                        false));
            }
        }
        heats(step, words, knowledge)
                .filter(w -> !step.way().equals(w.name())
                        && step.ways().stream().noneMatch(o -> o.name().equals(w.name())))
                .forEach(all::add);
        return all;
    }

    /**
     * Other heat: an air fryer takes a fifth less than the oven, a microwave half as long as a ring to melt or steam. Usual
     * kitchen figures, to be tested: makes differ.
     */
    private static Stream<Way> heats(Step step, String words, Knowledge knowledge) {
        if (step.waiting() == null) return Stream.empty();
        if (step.place() == Place.OVEN && knowledge.tool("air-fryer").isPresent()) {
            var tools = Stream.concat(
                            step.tools().stream().filter(t -> !t.equals("baking-tray")), Stream.of("air-fryer"))
                    .toList();
            return Stream.of(new Way(
                    Words.OURS.say("airFryer"),
                    step.hands(),
                    times(step.waiting().time(), Ratio.of(4, 5)),
                    tools,
                    Place.COUNTERTOP,
                    null,
                    step.doing(),
                    youngest(tools, Place.OVEN, knowledge),
                    false));
        }
        if (step.place() != Place.RING || !names(words, "melt") && !names(words, "steam")) return Stream.empty();
        return Stream.of(new Way(
                Words.OURS.say("microwave"),
                step.hands(),
                times(step.waiting().time(), Ratio.HALF),
                step.tools(),
                Place.MICROWAVE,
                null,
                step.doing(),
                youngest(step.tools(), Place.MICROWAVE, knowledge),
                false));
    }

    private static boolean names(String words, String verb) {
        return Pattern.compile("\\b" + Pattern.quote(verb) + "\\w*\\b", Pattern.CASE_INSENSITIVE)
                .matcher(words)
                .find();
    }

    /** Rounded up to five seconds: nobody plans closer. */
    private static TimeRange times(TimeRange hands, Ratio factor) {
        return new TimeRange(fives(hands.low(), factor), fives(hands.high(), factor));
    }

    private static int fives(int seconds, Ratio factor) {
        return (int)
                Math.min(Ratio.of(seconds).times(factor).dividedBy(Ratio.of(5)).ceiling() * 5, Seconds.LONGEST);
    }

    private static String named(String doing, Tool tool, Tool other) {
        for (var name : tool.names()) {
            var m = Pattern.compile("\\b" + Pattern.quote(name) + "\\b", Pattern.CASE_INSENSITIVE)
                    .matcher(doing);
            if (m.find()) return m.replaceAll(Matcher.quoteReplacement(other.name()));
        }
        return doing;
    }

    /** The presenter's own way as it is now. */
    public static Way present(Step step, Knowledge knowledge) {
        return new Way(
                step.way().isBlank() ? usual(step, knowledge) : step.way(),
                step.hands(),
                step.waiting() == null ? null : step.waiting().time(),
                step.tools(),
                step.place(),
                step.heat(),
                step.doing(),
                youngest(step.tools(), step.place(), knowledge),
                true);
    }

    /** A verb asks for it. */
    private static boolean isWorkedWith(Tool tool) {
        return Actions.shipped().all().stream().anyMatch(a -> a.tools().contains(tool.id()));
    }

    private static String usual(Step step, Knowledge knowledge) {
        return step.tools().stream()
                .flatMap(t -> knowledge.tool(t).stream())
                .filter(t -> t.hazard() != Hazard.NONE || isWorkedWith(t))
                .findFirst()
                .map(t -> Words.OURS.say("with", t.name()))
                .orElse(Words.OURS.say("asWritten"));
    }

    /** The step done another way: its times, tools, place and words; the present way is kept among the others. */
    public static Step choose(Step step, String name, Knowledge knowledge) {
        var way = step.ways().stream().filter(w -> w.name().equals(name)).findFirst();
        if (way.isEmpty()) return step;
        var now = present(step, knowledge);
        return step.but(d -> {
            d.way = way.get().name();
            d.hands = way.get().hands();
            d.tools = way.get().tools();
            d.place = way.get().place();
            d.heat = way.get().heat();
            if (!way.get().words().isBlank()) d.doing = way.get().words();
            if (way.get().waits() != null && d.waiting != null)
                d.waiting = d.waiting.lasting(way.get().waits());
            d.ways = step.ways().stream()
                    .map(w -> w.name().equals(name) ? now : w)
                    .toList();
        });
    }

    /** A blade with a motor is an electrical one: what is loud has one. */
    private static Hazard hazard(String id, Knowledge knowledge) {
        return knowledge
                .tool(id)
                .map(t -> t.hazard() == Hazard.BLADE && t.noisy() ? Hazard.ELECTRICAL : t.hazard())
                .orElse(Hazard.NONE);
    }

    /** What each way warns of, in words; beside local rules and the adult in the room. */
    public static List<String> cautions(List<String> tools, Place place, Knowledge knowledge) {
        var hazards = new LinkedHashSet<Hazard>();
        for (var id : tools) hazards.add(hazard(id, knowledge));
        if (place.isHot()) hazards.add(Hazard.HEAT);
        return hazards.stream()
                .filter(h -> h != Hazard.NONE)
                .map(h -> Words.OURS.say("caution." + h.name().toLowerCase(Locale.ROOT)))
                .toList();
    }

    /**
     * The youngest who may do it with an adult beside them; null: anybody. A teaching convention: blades from 7, electrical
     * blades and open heat from 11. The adult in the room and local rules come first.
     */
    public static Audience youngest(List<String> tools, Place place, Knowledge knowledge) {
        boolean blade = false;
        boolean hard = place == Place.RING || place == Place.OVEN || place == Place.BLENDER;
        for (var id : tools) {
            var hazard = hazard(id, knowledge);
            blade |= hazard == Hazard.BLADE;
            hard |= hazard == Hazard.ELECTRICAL || hazard == Hazard.HEAT;
        }
        return hard ? Audience.AGES_11_16 : blade ? Audience.AGES_7_11 : null;
    }

    /** Why the lesson's listeners may not do it that way, or empty. */
    public static Optional<String> tooYoung(Way way, Lesson lesson) {
        return way.from() != null && lesson.audience().compareTo(way.from()) < 0
                ? Optional.of(Words.OURS.say("adultBelow", way.from().title()))
                : Optional.empty();
    }
}
