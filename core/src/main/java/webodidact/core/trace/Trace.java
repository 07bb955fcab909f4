package webodidact.core.trace;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Risk;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
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
    private static final Phrase AS_IT_IS = Phrase.of(
            "salad\\b",
            "on the side\\b",
            "garnish",
            "dressing\\b",
            "dip\\b",
            "scatter(?:ed)? (?:it |them |the |over|on)",
            "to serve\\b",
            "serve (?:it |them )?with\\b",
            "raw\\b",
            "sandwich",
            "straight away\\b");
    private static final Phrase MADE = Phrase.of(
            "(?:the|your|our|this|that|of|spoonfuls? of|ladle(?:ful)? of) (?:\\p{L}+ )?(?:dough|batter|mixture|mix|filling|fritters?|patties|burgers?|meatballs?|balls|dumplings?|cakes?|pancakes?|pie|lot|rest|veg(?:etables)?)\\b",
            "spoonfuls?\\b",
            "everything\\b");
    private static final Phrase SAME = Phrase.of(
            "(?:same|those|that|this) (?:same )?(?:chopping )?(board|knife|tongs|spoon|fork|plate|bowl|tray)\\b");
    private static final Set<Group> NEVER_READY = Set.of(
            Group.SEASONING, Group.FAT, Group.WATER, Group.RAISING, Group.GRAIN, Group.SUGAR, Group.EGG, Group.ACID);
    private static final Phrase ON_HEAT = Phrase.of(
            "(?:low|medium|high|gentle) (?:heat|ring|flame)\\b",
            "boiling water\\b",
            "in(?:to)? the (?:hot |frying |big |large |medium )*(?:pan|wok|oven|pot)\\b");

    /** Works through the steps of one lesson. */
    private static final class Walk {
        private final Lesson lesson;
        private final Knowledge knowledge;
        private final Mentions mentions;
        private final Map<String, FoodLine> lines = new HashMap<>();
        private final Map<String, Food> foods = new HashMap<>();
        private final Map<String, Integer> heatedIn = new HashMap<>();
        private final Map<String, Integer> lastHeat = new HashMap<>();
        private final Map<String, List<String>> handledOf = new HashMap<>();
        private int lastMade = -1;
        private final Map<String, Integer> counts = new HashMap<>();
        private Map<String, Dirt> state = new HashMap<>();
        private final Map<String, Surface> surfaces = new LinkedHashMap<>();
        private final List<Map<String, Dirt>> during = new ArrayList<>();
        private final List<Set<String>> washedIn = new ArrayList<>();
        private final List<Touch> touches = new ArrayList<>();
        private final Set<Integer> goneOn = new HashSet<>();

        Walk(Lesson lesson, Mentions mentions, Knowledge knowledge) {
            this.lesson = lesson;
            this.mentions = mentions;
            this.knowledge = knowledge;
            for (var line : lesson.foods()) {
                lines.put(line.id(), line);
                knowledge.food(line.cooked()).ifPresent(f -> foods.put(line.id(), f));
            }
            for (var tool : lesson.tools())
                if (tool.tool() != null) counts.merge(tool.tool(), tool.count(), Integer::sum);
            var steps = lesson.steps();
            for (int i = 0; i < steps.size(); i++) {
                var step = steps.get(i);
                if (!step.place().isHot()) continue;
                for (var line : handled(step)) {
                    heatedIn.putIfAbsent(line, i);
                    lastHeat.put(line, i);
                }
                if (Told.says(step, MADE) || handled(step).isEmpty()) lastMade = i;
            }
        }

        private List<String> handled(Step step) {
            return handledOf.computeIfAbsent(step.id(), k -> look(step));
        }

        private List<String> look(Step step) {
            var all = new ArrayList<String>();
            step.uses().forEach(u -> all.add(u.line()));
            for (var text : List.of(step.say(), step.doing()))
                for (var m : mentions.in(text))
                    if (m.kind() == Mentions.Kind.LISTED && !all.contains(m.id())) all.add(m.id());
            return all;
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
            return Surface.hands(step.who()).id();
        }

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
            return lesson.steps().stream()
                    .anyMatch(x -> x.place() == from
                            && x.waiting() != null
                            && x.waiting().cover() instanceof Cover.CarryOn(var at)
                            && at.equals(step.id()));
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
                    if (e.what().isEmpty()) {
                        for (var id : List.copyOf(state.keySet())) if (!id.startsWith("hands")) clean(id, i);
                    } else clean(e.what(), i);
                }
                case OTHER_TOOL -> clean(e.what(), i);
                case CUT -> cut(step, i, e, now);
                case TOOL -> tool(step, i, e, now);
                case HANDLE -> handle(step, i, e, now);
                case FOOD -> food(step, i, e, now);
            }
        }

        private boolean isRaw(String line, int i) {
            var food = foods.get(line);
            return food != null && Soil.of(food).isRaw() && heatedIn.getOrDefault(line, i) >= i;
        }

        private void put(Surface surface, Dirt dirt, Map<String, Dirt> now) {
            surfaces.putIfAbsent(surface.id(), surface);
            if (dirt.isWorseThan(state.get(surface.id()))) state.put(surface.id(), dirt);
            if (dirt.isWorseThan(now.get(surface.id()))) now.put(surface.id(), dirt);
        }

        private void food(Step step, int i, Event e, Map<String, Dirt> now) {
            var food = foods.get(e.what());
            if (food == null) return;
            var hands = Surface.hands(step.who());
            var soil = Soil.of(food);
            if (soil.isRaw() && isRaw(e.what(), i)) {
                boolean sure = e.firm()
                        || !step.place().isHot()
                                && step.kind() == Kind.HANDS_ON
                                && e.tool().isEmpty();
                boolean pieces = food.risk() != Risk.RAW_EGG && food.risk() != Risk.RAW_MINCE;
                var by = e.tool().isEmpty() ? hands : surface(e.tool());
                if (sure || pieces || !e.tool().isEmpty())
                    put(by, new Dirt(soil, lines.get(e.what()).item(), i + 1, sure, List.of(by)), now);
                return;
            }
            reach(step, i, e, food, hands);
            if (soil != Soil.NONE && !soil.isRaw() && e.firm() && state.get(hands.id()) == null)
                put(hands, new Dirt(soil, lines.get(e.what()).item(), i + 1, true, List.of(hands)), now);
        }

        /** Food that nobody heats afterwards meets what is on the hands; anything else, if hands go on with it in a later step. */
        private void reach(Step step, int i, Event e, Food food, Surface hands) {
            var dirt = state.get(hands.id());
            if (dirt == null || !dirt.soil().isRaw() || !e.tool().isEmpty()) return;
            boolean rawHere = handled(step).stream().anyMatch(l -> isRaw(l, i));
            if (dirt.sure() && isEatenAsItIs(step, i, e.what(), food) && (!rawHere || dirt.since() < i + 1))
                touch(Touch.Kind.READY, dirt, hands, i, lines.get(e.what()).item(), e.what());
            else if (!rawHere) goOn(dirt, hands, i, lines.get(e.what()).item(), e.what());
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

        private boolean isEatenAsItIs(Step step, int i, String line, Food food) {
            if (NEVER_READY.contains(food.group()) || food.shelf() == Shelf.TAP || food.shelf() == Shelf.SPICE)
                return false;
            if (food.risk() != Risk.READY
                    && food.risk() != Risk.UNWASHED
                    && !Soil.of(food).isRaw()) return false;
            if (step.place().isHot() || Told.says(step, ON_HEAT) || lastHeat.getOrDefault(line, -1) >= i) return false;
            if (step.kind() == Kind.PLATE || step.kind() == Kind.TASTE) return true;
            return Told.says(step, AS_IT_IS) || lastMade <= i;
        }

        private void cut(Step step, int i, Event e, Map<String, Dirt> now) {
            for (var tool : List.of("knife", "board")) {
                if (counts.getOrDefault(tool, 1) > 1 && !Told.says(step, SAME)) continue;
                for (var line : handled(step)) {
                    if (!isRaw(line, i) || foods.get(line).risk() == Risk.RAW_EGG) continue;
                    var surface = surface(tool);
                    put(
                            surface,
                            new Dirt(
                                    Soil.of(foods.get(line)),
                                    lines.get(line).item(),
                                    i + 1,
                                    true,
                                    List.of(Surface.hands(step.who()), surface)),
                            now);
                }
                var dirt = state.get(tool);
                if (dirt == null || !dirt.soil().isRaw() || dirt.since() >= i + 1) continue;
                if (handled(step).stream().anyMatch(l -> isRaw(l, i))) continue;
                handled(step).stream()
                        .filter(l -> foods.containsKey(l) && isEatenAsItIs(step, i, l, foods.get(l)))
                        .findFirst()
                        .ifPresent(l -> touch(
                                Touch.Kind.READY,
                                dirt,
                                surface(tool),
                                i,
                                lines.get(l).item(),
                                l));
            }
        }

        /** Tongs, a plate or a bowl that held it raw holds it when it is done. */
        private void tool(Step step, int i, Event e, Map<String, Dirt> now) {
            if (e.what().equals("knife") || e.what().equals("board") || !CARRIES.contains(e.what())) return;
            if (counts.getOrDefault(e.what(), 1) > 1 && !Told.says(step, SAME)) return;
            var dirt = state.get(e.what());
            if (dirt == null || !dirt.soil().isRaw() || dirt.since() >= i + 1) return;
            if (step.kind() != Kind.PLATE && !Told.says(step, SAME) && !Told.says(step, OUT)) return;
            if (handled(step).stream().anyMatch(l -> isRaw(l, i))) return;
            touch(Touch.Kind.READY, dirt, surface(e.what()), i, dirt.food(), "");
        }

        private static final Set<String> CARRIES =
                Set.of("tongs", "plate", "mixing-bowl", "wooden-spoon", "fork", "fish-slice", "spatula", "baking-tray");
        private static final Phrase OUT = Phrase.of(
                "(?:lift|take|get|fish|scoop)\\w* (?:it |them |the \\p{L}+ |your \\p{L}+ )?(?:out|off|onto|on to)\\b",
                "serv(?:e|ing)\\b",
                "plate up\\b");

        private void handle(Step step, int i, Event e, Map<String, Dirt> now) {
            var hands = Surface.hands(step.who());
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
