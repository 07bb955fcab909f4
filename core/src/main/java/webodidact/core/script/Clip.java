package webodidact.core.script;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Use;

/** Steps copied from one lesson, with the lines of its list and kit that they need, to be put into another. */
public record Clip(List<Step> steps, List<FoodLine> foods, List<ToolLine> tools) {
    public Clip {
        steps = List.copyOf(steps);
        foods = List.copyOf(foods);
        tools = List.copyOf(tools);
    }

    /** The steps with those ids, in the lesson's order. */
    public static Clip of(Lesson lesson, Collection<String> ids) {
        var steps = lesson.steps().stream().filter(s -> ids.contains(s.id())).toList();
        return new Clip(
                steps,
                lesson.foods().stream()
                        .filter(f -> steps.stream().anyMatch(s -> s.usesLine(f.id())))
                        .toList(),
                lesson.tools().stream()
                        .filter(t -> t.tool() != null
                                && steps.stream().anyMatch(s -> s.tools().contains(t.tool())))
                        .toList());
    }

    public boolean isEmpty() {
        return steps.isEmpty();
    }

    /** What {@link #into} gives: the lesson, and the ids its new steps have. */
    public record Pasted(Lesson lesson, List<String> ids) {}

    /**
     * The lesson with the steps before {@code index}. What they use is found on its list by food or by name, and added where it
     * is not; a wait that was collected in a step that is not copied is open.
     */
    public Pasted into(Lesson lesson, int index) {
        var lines = new HashMap<String, String>();
        var changed = lesson;
        for (var food : foods) {
            var same = changed.foods().stream()
                    .filter(f -> Objects.equals(f.food(), food.food()) && food.food() != null
                            || f.item().equalsIgnoreCase(food.item()))
                    .findFirst();
            if (same.isPresent()) lines.put(food.id(), same.get().id());
            else {
                var id = changed.newFoodId();
                lines.put(food.id(), id);
                var all = new ArrayList<>(changed.foods());
                all.add(food.but(d -> d.id = id));
                changed = changed.withFoods(all);
            }
        }
        for (var tool : tools) {
            if (changed.tools().stream().anyMatch(t -> tool.tool().equals(t.tool()))) continue;
            var all = new ArrayList<>(changed.tools());
            all.add(new ToolLine(
                    changed.newToolId(), tool.name(), tool.tool(), tool.count(), tool.note(), tool.shared()));
            changed = changed.but(d -> d.tools = all);
        }
        var ids = new HashMap<String, String>();
        int at = index;
        for (var step : steps) {
            var id = changed.newStepId();
            ids.put(step.id(), id);
            changed = changed.inserting(at++, step.but(d -> {
                d.id = id;
                d.uses = d.uses.stream()
                        .filter(u -> lines.containsKey(u.line()))
                        .map(u -> new Use(lines.get(u.line()), u.amount()))
                        .toList();
                d.reachBy = 0;
            }));
        }
        for (var step : steps) changed = changed.withStep(ids.get(step.id()), s -> collected(s, ids));
        return new Pasted(changed, steps.stream().map(s -> ids.get(s.id())).toList());
    }

    private static Step collected(Step step, Map<String, String> ids) {
        return step.waiting() != null && step.waiting().cover() instanceof Cover.CarryOn(var by)
                ? step.but(d -> d.waiting = d.waiting.covered(new Cover.CarryOn(ids.getOrDefault(by, ""))))
                : step;
    }
}
