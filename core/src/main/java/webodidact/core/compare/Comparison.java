package webodidact.core.compare;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;

/**
 * Two versions of one lesson side by side, step by step and line by line, and a lesson out of what is picked of each.
 *
 * @param parts where they differ, in the order of reading; empty if they are equal
 */
public record Comparison(Lesson mine, Lesson theirs, List<Part> parts) {
    /**
     * One place where they differ.
     *
     * @param key unique in its comparison: "step/s3", "food/f2", "tool/t1", "lesson", "order"
     * @param what "Step “Steam the potatoes”"
     * @param fields what differs in it
     */
    public record Part(String key, What what, String name, List<Field> fields) {}

    /** What a part is about. */
    public enum What {
        LESSON,
        STEP,
        FOOD,
        TOOL,
        ORDER
    }

    /**
     * @param name of the field as it stands in the file; "" where one of them does not have the step or line at all
     * @param mine,theirs in words, "–" for nothing
     */
    public record Field(String name, String mine, String theirs) {}

    public static Comparison of(Lesson mine, Lesson theirs) {
        var parts = new ArrayList<Part>();
        var whole = Fields.differing(bare(mine), bare(theirs));
        if (!whole.isEmpty()) parts.add(new Part("lesson", What.LESSON, mine.title(), whole));
        add(parts, What.FOOD, "food/", mine.foods(), theirs.foods(), FoodLine::id, FoodLine::item);
        add(parts, What.TOOL, "tool/", mine.tools(), theirs.tools(), ToolLine::id, ToolLine::name);
        add(parts, What.STEP, "step/", mine.steps(), theirs.steps(), Step::id, Step::title);
        if (isReordered(ids(mine), ids(theirs))) parts.add(new Part("order", What.ORDER, "", List.of()));
        return new Comparison(mine, theirs, List.copyOf(parts));
    }

    /** All but the lists that are compared one by one. */
    private static Lesson bare(Lesson lesson) {
        return lesson.but(d -> {
            d.foods = List.of();
            d.tools = List.of();
            d.steps = List.of();
        });
    }

    private static List<List<String>> ids(Lesson lesson) {
        return List.of(
                lesson.foods().stream().map(FoodLine::id).toList(),
                lesson.tools().stream().map(ToolLine::id).toList(),
                lesson.steps().stream().map(Step::id).toList());
    }

    /** What both have stands in another order. */
    private static boolean isReordered(List<List<String>> mine, List<List<String>> theirs) {
        for (int i = 0; i < mine.size(); i++) {
            var a = new ArrayList<>(mine.get(i));
            var b = new ArrayList<>(theirs.get(i));
            a.retainAll(Set.copyOf(b));
            b.retainAll(Set.copyOf(a));
            if (!a.equals(b)) return true;
        }
        return false;
    }

    private static <T extends Record> void add(
            List<Part> parts,
            What what,
            String prefix,
            List<T> mine,
            List<T> theirs,
            Function<T, String> id,
            Function<T, String> name) {
        var a = byId(mine, id);
        var b = byId(theirs, id);
        for (var key :
                merged(mine.stream().map(id).toList(), theirs.stream().map(id).toList())) {
            var m = a.get(key);
            var t = b.get(key);
            if (Objects.equals(m, t)) continue;
            parts.add(new Part(prefix + key, what, name.apply(m == null ? t : m), Fields.differing(m, t)));
        }
    }

    private static <T> Map<String, T> byId(List<T> all, Function<T, String> id) {
        var map = new HashMap<String, T>();
        for (var each : all) map.put(id.apply(each), each);
        return map;
    }

    /** The first in its order, with what only the second has put behind what it stands behind there. */
    private static List<String> merged(List<String> base, List<String> other) {
        var all = new ArrayList<>(base);
        var known = new LinkedHashSet<>(base);
        for (int i = 0; i < other.size(); i++) {
            if (!known.add(other.get(i))) continue;
            all.add(i == 0 ? 0 : all.indexOf(other.get(i - 1)) + 1, other.get(i));
        }
        return all;
    }

    /** The lesson with the parts of those keys as theirs, all others as mine. None picked is mine, all picked is theirs. */
    public Lesson picking(Set<String> theirsOf) {
        boolean order = theirsOf.contains("order");
        var base = theirsOf.contains("lesson") ? theirs : mine;
        return base.but(d -> {
            d.id = mine.id();
            d.foods = picked("food/", mine.foods(), theirs.foods(), FoodLine::id, theirsOf, order);
            d.tools = picked("tool/", mine.tools(), theirs.tools(), ToolLine::id, theirsOf, order);
            d.steps = picked("step/", mine.steps(), theirs.steps(), Step::id, theirsOf, order);
        });
    }

    private static <T> List<T> picked(
            String prefix, List<T> mine, List<T> theirs, Function<T, String> id, Set<String> theirsOf, boolean order) {
        var a = byId(mine, id);
        var b = byId(theirs, id);
        var mineIds = mine.stream().map(id).toList();
        var theirIds = theirs.stream().map(id).toList();
        var all = new LinkedHashMap<String, T>();
        for (var key : order ? merged(theirIds, mineIds) : merged(mineIds, theirIds)) {
            var one = theirsOf.contains(prefix + key) ? b.get(key) : a.containsKey(key) ? a.get(key) : null;
            if (one != null) all.put(key, one);
        }
        return List.copyOf(all.values());
    }
}
