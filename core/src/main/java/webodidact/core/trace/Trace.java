package webodidact.core.trace;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Risk;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.trace.Handling.Deed;
import webodidact.core.trace.Handling.Event;

/**
 * Hands, boards, knives and all else that touches food, through a lesson: what soils each, since which step, what cleans it and what carries
 * it on. Washing one thing cleans that thing. Where it cannot know (two boards and no word which) it says nothing.
 *
 * @param lanes those that are ever soiled, hands first
 * @param touches in the order in which they happen
 */
public record Trace(List<Lane> lanes, List<Touch> touches) {
    private static final Phrase SAME = Phrase.of(
            "(?:same|those|that|this) (?:same )?(?:chopping )?(board|knife|tongs|spoon|fork|plate|bowl|tray)\\b",
            "back (?:on|onto|in|into|to) (?:their|its) (board|plate|bowl|tray)\\b");
    /** Works through the steps of one lesson. */
    private static final class Walk {
        private final Lesson lesson;
        private final Knowledge knowledge;
        private final Mentions mentions;
        private final Cooking cooking;
        private final Map<String, Integer> counts = new HashMap<>();
        private Map<String, Dirt> state = new HashMap<>();
        private final Map<String, Surface> surfaces = new LinkedHashMap<>();
        private final List<Map<String, Dirt>> during = new ArrayList<>();
        private final List<Set<String>> washedIn = new ArrayList<>();
        private final List<Touch> touches = new ArrayList<>();
        /** The raw food that hands worked on last, until tools are washed. */
        private Dirt lastOnBench;

        /** By the step that collects it, where it stood. */
        private final Map<String, Set<Place>> fetchedFrom = new HashMap<>();

        private final Set<Integer> goneOn = new HashSet<>();

        Walk(Lesson lesson, Mentions mentions, Knowledge knowledge) {
            this.lesson = lesson;
            this.mentions = mentions;
            this.knowledge = knowledge;
            cooking = new Cooking(lesson, mentions, knowledge);
            for (var step : lesson.steps())
                if (step.waiting() != null && step.waiting().cover() instanceof Cover.CarryOn(var at))
                    fetchedFrom.computeIfAbsent(at, k -> new HashSet<>()).add(step.place());
            for (var tool : lesson.tools())
                if (tool.tool() != null) counts.merge(tool.tool(), tool.count(), Integer::sum);
        }

        Trace walk() {
            for (int i = 0; i < lesson.steps().size(); i++) step(lesson.steps().get(i), i);
            return new Trace(lanes(), List.copyOf(touches));
        }

        private void step(Step step, int i) {
            var now = new HashMap<String, Dirt>();
            during.add(now);
            washedIn.add(new HashSet<>());
            if (!step.kind().isHandsOn() && step.kind() != Kind.HYGIENE) {
                if (washes(step)) wash(step, i, "");
                state.forEach(now::put);
                return;
            }
            var texts = new ArrayList<List<Event>>();
            for (var text : List.of(step.say(), step.doing()))
                if (!text.isBlank()) texts.add(Handling.of(text, mentions, knowledge));
            boolean told = texts.stream().anyMatch(t -> t.stream().anyMatch(e -> e.deed() == Deed.WASH_HANDS));
            // Where the words do not tell when, the wash that a fact tells of may be before and after.
            boolean somewhere = step.acts().contains(Act.WASH_HANDS) && !told;
            if (somewhere || texts.stream().anyMatch(t -> isFirst(t))) wash(step, i, hands(step));
            state.forEach(now::put);
            var before = new HashMap<>(state);
            var unsaid = unsaid(step, texts);
            if (texts.isEmpty()) texts.add(List.of());
            var after = new ArrayList<Map<String, Dirt>>();
            for (var events : texts) {
                state = new HashMap<>(before);
                for (var e : unsaid) event(step, i, e, now);
                for (var e : events) event(step, i, e, now);
                after.add(state);
            }
            state = merged(before, after);
            if (somewhere || texts.stream().anyMatch(t -> isLast(t))) wash(step, i, hands(step));
        }

        private static boolean washes(Step step) {
            return step.acts().contains(Act.WASH_HANDS);
        }

        private static String hands(Step step) {
            return surfaceOfHands(step).id();
        }

        /** "Grown-up, into the oven": the words give it to an adult, whatever the fact says. */
        private static Surface surfaceOfHands(Step step) {
            boolean adult = step.who() == Who.LEARNER && Told.says(step, ADULT_DOES);
            return Surface.hands(adult ? Who.ADULT : step.who());
        }

        private static final Phrase ADULT_DOES = Phrase.of(
                "(?:grown[- ]?ups?|adults?),? (?:please |this |you |your turn|put|into|in it|take|pops?|puts?|does|do)\\b",
                "(?:ask|get|let) (?:a|your|the|an) (?:grown[- ]?up|adult|mum|dad)");

        /** A wash stands before anything is touched. */
        private static boolean isFirst(List<Event> events) {
            for (var e : events) {
                if (e.deed() == Deed.WASH_HANDS) return true;
                if (e.deed() == Deed.FOOD || e.deed() == Deed.HANDLE || e.deed() == Deed.CUT) return false;
            }
            return false;
        }

        /** A wash stands behind all that is touched. */
        private static boolean isLast(List<Event> events) {
            for (var e : events.reversed()) {
                if (e.deed() == Deed.WASH_HANDS) return true;
                if (e.deed() == Deed.FOOD || e.deed() == Deed.HANDLE || e.deed() == Deed.CUT) return false;
            }
            return false;
        }

        /** What the facts use and no word names. */
        private List<Event> unsaid(Step step, List<List<Event>> texts) {
            var named = new HashSet<String>();
            texts.forEach(t -> t.forEach(e -> named.add(e.what())));
            boolean bench = !step.place().isHot() && step.kind() == Kind.HANDS_ON;
            var all = new ArrayList<Event>();
            step.uses().stream()
                    .filter(u -> !named.contains(u.line()))
                    .forEach(u -> all.add(new Event(0, Deed.FOOD, u.line(), bench, "")));
            if (step.place() == Place.OVEN || collects(step, Place.OVEN))
                all.addFirst(new Event(0, Deed.HANDLE, "oven-door", true, ""));
            else if (collects(step, Place.RING)) all.addFirst(new Event(0, Deed.HANDLE, "pan-handle", true, ""));
            return List.copyOf(all);
        }

        /** What was left there is fetched in this step. */
        private boolean collects(Step step, Place from) {
            return fetchedFrom.getOrDefault(step.id(), Set.of()).contains(from);
        }

        /** Of two tellings of one step the cleaner is believed. */
        private static Map<String, Dirt> merged(Map<String, Dirt> before, List<Map<String, Dirt>> after) {
            var all = new HashMap<String, Dirt>();
            for (var map : after)
                map.forEach((id, dirt) -> {
                    boolean washed = before.containsKey(id) && after.stream().anyMatch(m -> !m.containsKey(id));
                    if (!washed && dirt.isWorseThan(all.get(id))) all.put(id, dirt);
                });
            return all;
        }

        private void wash(Step step, int i, String only) {
            for (var id : List.copyOf(state.keySet()))
                if (only.isEmpty() ? id.startsWith("hands") : id.equals(only)) clean(id, i);
            washedIn.get(i).add(only.isEmpty() ? "hands" : only);
        }

        private void clean(String id, int i) {
            if (state.remove(id) != null) washedIn.get(i).add(id);
        }

        private void event(Step step, int i, Event e, Map<String, Dirt> now) {
            switch (e.deed()) {
                case WASH_HANDS -> clean(hands(step), i);
                case WASH_TOOL -> {
                    lastOnBench = null;
                    if (e.what().isEmpty()) {
                        for (var id : List.copyOf(state.keySet())) if (!id.startsWith("hands")) clean(id, i);
                    } else clean(e.what(), i);
                }
                case OTHER_TOOL -> clean(e.what(), i);
                case CUT -> cut(step, i, List.of("knife", "board"), e.cut(), now);
                case TOOL -> tool(step, i, e, now);
                case HANDLE -> handle(step, i, e, now);
                case FOOD -> food(step, i, e, now);
            }
        }

        /** As the lesson calls it, without the "raw" that every sentence says before it. */
        private String name(String line) {
            return names.computeIfAbsent(
                    line, k -> RAW.matcher(cooking.lines().get(k).item()).replaceFirst(""));
        }

        private static final Pattern RAW = Pattern.compile("^(?:raw|uncooked) ", Pattern.CASE_INSENSITIVE);
        private final Map<String, String> names = new HashMap<>();

        private void put(Surface surface, Dirt dirt, Map<String, Dirt> now) {
            surfaces.putIfAbsent(surface.id(), surface);
            if (dirt.isWorseThan(state.get(surface.id()))) state.put(surface.id(), dirt);
            if (dirt.isWorseThan(now.get(surface.id()))) now.put(surface.id(), dirt);
        }

        private void food(Step step, int i, Event e, Map<String, Dirt> now) {
            var food = cooking.foods().get(e.what());
            if (food == null) return;
            var hands = surfaceOfHands(step);
            var soil = Soil.of(food);
            if (soil.isRaw() && cooking.isRaw(e.what(), i)) {
                boolean sure = e.firm()
                        || !step.place().isHot()
                                && step.kind() == Kind.HANDS_ON
                                && e.tool().isEmpty();
                var by = e.tool().isEmpty() ? hands : surface(e.tool());
                if (sure && !step.place().isHot() && food.risk() != Risk.RAW_EGG)
                    lastOnBench = new Dirt(soil, name(e.what()), i + 1, true, List.of(by));
                // Whether hands touched what goes into the pan nobody knows.
                if (sure || !e.tool().isEmpty()) put(by, new Dirt(soil, name(e.what()), i + 1, sure, List.of(by)), now);
                return;
            }
            reach(step, i, e, food, hands);
            if (soil != Soil.NONE && !soil.isRaw() && e.firm() && state.get(hands.id()) == null)
                put(hands, new Dirt(soil, name(e.what()), i + 1, true, List.of(hands)), now);
        }

        /** Food that nobody heats afterwards meets what is on the hands; anything else, if hands go on with it in a later step. */
        private void reach(Step step, int i, Event e, Food food, Surface hands) {
            var dirt = state.get(hands.id());
            if (dirt == null || !dirt.soil().isRaw() || !e.tool().isEmpty()) return;
            boolean rawHere = cooking.handled(step).stream().anyMatch(l -> cooking.isRaw(l, i));
            if (dirt.sure() && cooking.isEatenAsItIs(step, i, e.what(), food) && (!rawHere || dirt.since() < i + 1))
                touch(Touch.Kind.READY, dirt, hands, i, name(e.what()), e.what());
            else if (!rawHere) goOn(dirt, hands, i, name(e.what()), e.what());
        }

        private void goOn(Dirt dirt, Surface hands, int i, String what, String line) {
            if (dirt.sure() && dirt.since() < i + 1 && goneOn.add(dirt.since()))
                touch(Touch.Kind.OTHER, dirt, hands, i, what, line);
        }

        private void touch(Touch.Kind kind, Dirt dirt, Surface by, int i, String what, String line) {
            var touch = new Touch(kind, dirt, by, i + 1, what, line);
            if (touches.stream()
                    .noneMatch(t -> t.kind() == kind
                            && t.dirt().since() == dirt.since()
                            && t.by().equals(by)
                            && (t.step() == i + 1 || kind == Touch.Kind.READY))) touches.add(touch);
        }

        /** @param named what the sentence says is cut; none where it does not say */
        private void cut(Step step, int i, List<String> tools, List<String> named, Map<String, Dirt> now) {
            for (var tool : tools) {
                if (counts.getOrDefault(tool, 1) > 1 && !Told.says(step, SAME)) continue;
                for (var line : cooking.handled(step)) {
                    if (!cooking.isRaw(line, i) || cooking.foods().get(line).risk() == Risk.RAW_EGG) continue;
                    // "Dice the onion. Crumble the beef in with your hands."
                    if (!named.isEmpty() && !named.contains(line)) continue;
                    var surface = surface(tool);
                    put(
                            surface,
                            new Dirt(
                                    Soil.of(cooking.foods().get(line)),
                                    name(line),
                                    i + 1,
                                    true,
                                    List.of(surfaceOfHands(step), surface)),
                            now);
                }
                // "On the same board": the one of the raw food before, though no word had it there.
                var dirt = state.get(tool) == null && Told.says(step, SAME) ? lastOnBench : state.get(tool);
                if (dirt == null || !dirt.soil().isRaw() || dirt.since() >= i + 1) continue;
                if (cooking.handled(step).stream().anyMatch(l -> cooking.isRaw(l, i))) continue;
                cooking.handled(step).stream()
                        .filter(l -> cooking.foods().containsKey(l)
                                && cooking.isEatenAsItIs(
                                        step, i, l, cooking.foods().get(l)))
                        .findFirst()
                        .ifPresent(l -> touch(Touch.Kind.READY, dirt, surface(tool), i, name(l), l));
            }
        }

        /** Tongs, a plate or a bowl that held it raw holds it when it is done. */
        private void tool(Step step, int i, Event e, Map<String, Dirt> now) {
            if (e.what().equals("knife") || e.what().equals("board")) {
                // "Down the back with the knife", "on the same board": named, whatever the verb.
                if (Told.says(step, SAME) || !step.place().isHot()) cut(step, i, List.of(e.what()), List.of(), now);
                return;
            }
            if (!CARRIES.contains(e.what())) return;
            if (counts.getOrDefault(e.what(), 1) > 1 && !Told.says(step, SAME)) return;
            if (e.what().equals("tongs") && step.place().isHot())
                cooking.heatedIn().forEach((line, at) -> {
                    if (at == i
                            && cooking.isRaw(line, i)
                            && cooking.foods().get(line).risk() != Risk.RAW_EGG)
                        put(
                                surface("tongs"),
                                new Dirt(
                                        Soil.of(cooking.foods().get(line)),
                                        name(line),
                                        i + 1,
                                        false,
                                        List.of(surface("tongs"))),
                                now);
                });
            var dirt = state.get(e.what());
            if (dirt == null || !dirt.soil().isRaw() || dirt.since() >= i + 1) return;
            if (step.kind() != Kind.PLATE && !Told.says(step, SAME) && !Told.says(step, OUT)) return;
            if (cooking.handled(step).stream().anyMatch(l -> cooking.isRaw(l, i))) return;
            touch(Touch.Kind.READY, dirt, surface(e.what()), i, dirt.food(), "");
        }

        private static final Set<String> CARRIES =
                Set.of("tongs", "plate", "mixing-bowl", "wooden-spoon", "fork", "fish-slice", "spatula", "baking-tray");
        private static final Phrase OUT = Phrase.of(
                "(?:lift|take|get|fish|scoop)\\w* (?:it |them |the \\p{L}+ |your \\p{L}+ )?(?:out|off|onto|on to)\\b",
                "serv(?:e|ing)\\b",
                "plate up\\b");

        private void handle(Step step, int i, Event e, Map<String, Dirt> now) {
            var hands = surfaceOfHands(step);
            var handle = Surface.handle(e.what());
            var dirt = state.get(hands.id());
            var there = state.get(handle.id());
            if (dirt != null && dirt.soil().isRaw()) {
                put(handle, dirt.over(handle), now);
                if (dirt.sure()) touch(Touch.Kind.HANDLE, dirt, hands, i, handle.name(), "");
            } else if (there != null && there.soil().isRaw()) put(hands, there.over(hands), now);
        }

        private Surface surface(String tool) {
            return surfaces.containsKey(tool)
                    ? surfaces.get(tool)
                    : new Surface(tool, knowledge.tool(tool).map(t -> t.name()).orElse(tool));
        }

        private List<Lane> lanes() {
            var all = new ArrayList<Lane>();
            surfaces.values().stream()
                    .sorted((a, b) -> Boolean.compare(b.isHands(), a.isHands()))
                    .forEach(s -> all.add(lane(s)));
            return List.copyOf(all);
        }

        private Lane lane(Surface surface) {
            var spans = new ArrayList<Lane.Span>();
            for (int i = 0; i < during.size(); i++) {
                var dirt = during.get(i).get(surface.id());
                boolean washed = washedIn.get(i).contains(surface.id());
                var last = spans.isEmpty() ? null : spans.getLast();
                if (last != null && !washed && same(last.dirt(), dirt))
                    spans.set(spans.size() - 1, new Lane.Span(last.from(), i + 1, last.dirt(), last.washed()));
                else spans.add(new Lane.Span(i + 1, i + 1, dirt, washed));
            }
            return new Lane(surface, spans);
        }

        private static boolean same(Dirt a, Dirt b) {
            return a == null || b == null ? a == b : a.soil() == b.soil() && a.since() == b.since();
        }
    }

    public static Trace of(Lesson lesson, Mentions mentions, Knowledge knowledge) {
        return new Walk(lesson, mentions, knowledge).walk();
    }

    public Optional<Lane> lane(String surface) {
        return lanes.stream().filter(l -> l.surface().id().equals(surface)).findFirst();
    }
}
