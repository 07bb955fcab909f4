package webodidact.core.prep;

import java.util.Set;

/**
 * Somebody whose hands can be used before air.
 *
 * @param from second from which they are there, negative before air
 * @param to second until which they are; the instructor is on camera from 0 on
 */
public record Person(String name, Set<Skill> skills, int from, int to) {
    /** What not everybody may or can do. */
    public enum Skill {
        RAW_MEAT,
        BLADES,
        CAMERA;

        public String title() {
            return Words.OURS.title(this);
        }
    }

    public Person {
        skills = Set.copyOf(skills);
    }

    boolean can(Task task) {
        return skills.containsAll(task.skills())
                && (task.who().isEmpty() || task.who().equals(name));
    }
}
