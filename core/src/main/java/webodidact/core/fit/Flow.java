package webodidact.core.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import webodidact.core.food.Food;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;
import webodidact.core.words.Word;

/**
 * Which steps must stay before which: what makes a food before what uses it, what is fixed before and after, hygiene in its
 * order. Where it cannot know, it keeps the order: a step that could have moved costs less than one that should not have.
 */
public final class Flow {
    /** Step {@code before} comes before step {@code after}, both from 0. */
    public record Arc(int before, int after, String why) {}

    private static final Set<Kind> FIXED =
            Set.of(Kind.WELCOME, Kind.RUN_THROUGH, Kind.HYGIENE, Kind.TASTE, Kind.PLATE, Kind.TASK);
    /** Words of titles that name no food. */
    private static final Set<String> PLAIN = Set.of(
            "the", "and", "with", "for", "into", "from", "while", "then", "more", "on", "in", "off", "out", "up",
            "down", "it", "a", "an", "of", "to", "start", "make", "made", "begin", "put", "take", "get", "let", "ready",
            "step", "why", "how", "what", "all", "first", "last", "next", "again", "mix", "cook", "bake", "boil",
            "fold", "chop", "cut", "slice", "trim", "stir", "open", "drain", "wash", "warm", "heat", "cool", "rest",
            "leave", "time", "over", "your", "our", "about", "is", "are", "do", "does");

    private final Lesson lesson;
    private final Knowledge knowledge;
    private final Map<Long, Arc> arcs = new LinkedHashMap<>();

    private Flow(Lesson lesson, Knowledge knowledge) {
        this.lesson = lesson;
        this.knowledge = knowledge;
    }

    /** Every pair at most once, with the first reason found. */
    public static List<Arc> of(Lesson lesson, Knowledge knowledge) {
        return of(lesson, knowledge, () -> {});
    }

    /** @param goOn called now and then; what it throws ends the search */
    static List<Arc> of(Lesson lesson, Knowledge knowledge, Runnable goOn) {
        var flow = new Flow(lesson, knowledge);
        flow.barriers();
        flow.waits();
        flow.foods(goOn);
        flow.hygiene();
        flow.ovens();
        return List.copyOf(flow.arcs.values());
    }

    private void arc(int before, int after, String why) {
        if (before < after) arcs.putIfAbsent((long) before << 32 | after, new Arc(before, after, why));
    }

    private static boolean isFixed(Step step) {
        return step.fixed() || FIXED.contains(step.kind()) || !step.part().isBlank();
    }

    private void barriers() {
        int n = lesson.steps().size();
        for (int i = 0; i < n; i++) {
            if (!isFixed(lesson.steps().get(i))) continue;
            for (int j = 0; j < n; j++) {
                if (j < i) arc(j, i, Words.OURS.say("arc.fixed", i + 1));
                else if (j > i) arc(i, j, Words.OURS.say("arc.fixed", i + 1));
            }
        }
    }

    private void waits() {
        for (int i = 0; i < lesson.steps().size(); i++) {
            var wait = lesson.steps().get(i).waiting();
            if (wait != null && wait.cover() instanceof Cover.CarryOn(var at))
                arc(i, lesson.indexOf(at), Words.OURS.say("arc.collects"));
        }
    }

    /** A later step that takes, names or goes on with what an earlier one took or made. */
    private void foods(Runnable goOn) {
        var finder = Mentions.of(lesson, knowledge);
        int n = lesson.steps().size();
        var touched = new ArrayList<Set<String>>();
        var made = new ArrayList<Set<String>>();
        var words = new ArrayList<Set<String>>();
        for (var step : lesson.steps()) {
            var lines = new HashSet<String>();
            step.uses().forEach(u -> lines.add(u.line()));
            for (var text : List.of(step.title(), step.say(), step.doing())) {
                for (var m : finder.in(text))
                    if (m.kind() == Mentions.Kind.LISTED && step.kind().isHandsOn()) lines.add(m.id());
            }
            touched.add(lines);
            made.add(step.kind().isHandsOn() ? stems(step.title(), true) : Set.of());
            words.add(stems(step.title() + " " + step.say() + " " + step.doing(), false));
        }
        for (int i = 0; i < n; i++) {
            goOn.run();
            for (int j = i + 1; j < n; j++) {
                if (shares(touched.get(i), touched.get(j))) arc(i, j, Words.OURS.say("arc.food"));
                // A talk that only names the dish depends on nothing; hands do.
                else if (lesson.steps().get(j).kind().isHandsOn() && shares(made.get(i), words.get(j)))
                    arc(i, j, Words.OURS.say("arc.made", i + 1));
            }
        }
    }

    private static boolean shares(Set<String> some, Set<String> others) {
        return some.stream().anyMatch(others::contains);
    }

    private static Set<String> stems(String text, boolean namesOnly) {
        var all = new HashSet<String>();
        for (var word : Word.of(text))
            if (!namesOnly || word.stem().length() > 2 && !PLAIN.contains(word.stem())) all.add(word.stem());
        return all;
    }

    /** Raw and ready-to-eat keep their order to each other and to each wash. */
    private void hygiene() {
        var foods = new HashMap<String, Food>();
        for (var line : lesson.foods()) knowledge.food(line.cooked()).ifPresent(f -> foods.put(line.id(), f));
        int n = lesson.steps().size();
        for (int i = 0; i < n; i++) {
            boolean raw = handlesRaw(lesson.steps().get(i), foods);
            boolean wash = lesson.steps().get(i).acts().contains(Act.WASH_HANDS);
            if (!raw && !wash) continue;
            for (int j = 0; j < n; j++) {
                var other = lesson.steps().get(j);
                if (j == i || other.uses().isEmpty() && !other.acts().contains(Act.WASH_HANDS)) continue;
                if (i < j) arc(i, j, Words.OURS.say("arc.clean"));
                else arc(j, i, Words.OURS.say("arc.clean"));
            }
        }
    }

    private static boolean handlesRaw(Step step, Map<String, Food> foods) {
        return step.uses().stream()
                .anyMatch(u -> foods.containsKey(u.line())
                        && foods.get(u.line()).risk().soilsHands());
    }

    private void ovens() {
        int n = lesson.steps().size();
        for (int i = 0; i < n; i++) {
            var here = lesson.steps().get(i);
            boolean switches = here.acts().contains(Act.OVEN_ON)
                    || here.acts().contains(Act.OVEN_OFF)
                    || here.acts().contains(Act.RING_OFF);
            for (int j = 0; j < n; j++) {
                boolean hot = lesson.steps().get(j).place().isHot()
                        || lesson.steps().get(j).heat() != null;
                if (switches && hot) arc(Math.min(i, j), Math.max(i, j), Words.OURS.say("arc.heat"));
            }
        }
    }
}
