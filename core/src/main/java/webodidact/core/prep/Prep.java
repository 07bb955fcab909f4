package webodidact.core.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * All that has to be ready, and what there is to do it with: the question that a {@link PrepSolver} answers.
 *
 * @param tasks their ids are unique
 */
public record Prep(List<Task> tasks, List<Link> links, Room room) {
    public Prep {
        tasks = List.copyOf(tasks);
        links = List.copyOf(links);
    }

    public Optional<Task> task(String id) {
        return tasks.stream().filter(t -> t.id().equals(id)).findFirst();
    }

    public Prep with(String id, UnaryOperator<Task> change) {
        return new Prep(
                tasks.stream().map(t -> t.id().equals(id) ? change.apply(t) : t).toList(), links, room);
    }

    public Prep in(Room other) {
        return new Prep(tasks, links, other);
    }

    public Prep without(Link link) {
        return new Prep(tasks, links.stream().filter(l -> !l.equals(link)).toList(), room);
    }

    public Prep adding(Link link) {
        var all = new ArrayList<>(links);
        all.add(link);
        return new Prep(tasks, all, room);
    }

    /** Without a task; what came before it comes before what came after. */
    public Prep without(String id) {
        var all = new ArrayList<Link>();
        for (var link : links) {
            if (!link.before().equals(id) && !link.after().equals(id)) all.add(link);
            if (link.after().equals(id))
                for (var next : links) if (next.before().equals(id)) all.add(Link.then(link.before(), next.after()));
        }
        return new Prep(tasks.stream().filter(t -> !t.id().equals(id)).toList(), all, room);
    }

    /** Two lessons of one day in one kitchen, the second on air so many seconds later. */
    public Prep and(Prep second, int later, String prefix) {
        var all = new ArrayList<>(tasks);
        second.tasks.forEach(t -> all.add(t.later(later, prefix)));
        var both = new ArrayList<>(links);
        second.links.forEach(l -> both.add(new Link(prefix + l.before(), prefix + l.after(), l.least(), l.most())));
        return new Prep(all, both, room.with(staying(second, later)));
    }

    /** Who helps with both lessons is there until the end of the second. */
    private List<Person> staying(Prep second, int later) {
        var all = new ArrayList<Person>();
        for (var person : room.people()) {
            int until = second.room.people().stream()
                    .filter(p -> p.name().equals(person.name()))
                    .mapToInt(p -> p.to() + later)
                    .max()
                    .orElse(person.to());
            all.add(new Person(person.name(), person.skills(), person.from(), Math.max(person.to(), until)));
        }
        return all;
    }
}
