package webodidact.core.prep;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Predicate;

/**
 * A second later than which no plan of the day can begin, worked out without a search: all hands, and those of each skill, need so much
 * time before what they are for; what stands in a line needs all of the line.
 */
final class PrepBound {
    private final Prep prep;
    private final Map<String, Task> tasks = new HashMap<>();
    private final Map<String, List<Link>> after = new HashMap<>();
    private final Map<String, Integer> latest = new HashMap<>();

    private PrepBound(Prep prep) {
        this.prep = prep;
        for (var task : prep.tasks()) tasks.put(task.id(), task);
        for (var link : prep.links())
            if (tasks.containsKey(link.before()) && tasks.containsKey(link.after()))
                after.computeIfAbsent(link.before(), k -> new ArrayList<>()).add(link);
    }

    /** 0 where there is nothing to do. Assumes that no line of links leads back to where it began. */
    static int of(Prep prep) {
        return new PrepBound(prep).bound();
    }

    private int bound() {
        int bound = 0;
        for (var task : prep.tasks()) if (task.isOfTheDay()) bound = Math.min(bound, end(task) - task.takes());
        bound = Math.min(bound, hands(t -> true));
        for (var skill : Person.Skill.values())
            bound = Math.min(bound, hands(t -> t.skills().contains(skill)));
        return bound;
    }

    /** Second by which it is over at the latest: by its own due time, its pin, and all that comes after it. */
    private int end(Task task) {
        var known = latest.get(task.id());
        if (known != null) return known;
        int end = task.at() != null ? Math.min(task.due(), task.at() + task.takes()) : task.due();
        // While it is worked out: a line that leads back to itself ends here.
        latest.put(task.id(), end);
        for (var link : after.getOrDefault(task.id(), List.of())) {
            var next = tasks.get(link.after());
            end = Math.min(end, end(next) - next.takes() - link.least());
        }
        latest.put(task.id(), end);
        return end;
    }

    /** Of those hands: what has to be over by a second, shared by all who could do some of it, has begun so much before. */
    private int hands(Predicate<Task> which) {
        var mine = prep.tasks().stream()
                .filter(t -> t.hands() && t.isOfTheDay() && which.test(t))
                .toList();
        var ends = new TreeSet<Integer>();
        for (var task : mine) ends.add(Math.min(0, end(task)));
        int bound = 0;
        for (int by : ends) {
            long hands = 0;
            var able = new HashSet<String>();
            for (var task : mine) {
                if (end(task) > by) continue;
                hands += task.takes();
                for (var person : prep.room().people()) if (person.can(task)) able.add(person.name());
            }
            if (!able.isEmpty()) bound = Math.min(bound, by - (int) Math.ceilDiv(hands, (long) able.size()));
        }
        return bound;
    }
}
