package webodidact.core.lesson;

import java.util.Objects;

/**
 * One thing the kitchen needs.
 *
 * @param tool id in the tool table, or null for something of the instructor's own
 * @param count how many a home or a set needs, 1 or more
 * @param shared how many there are for all sets together; 0 where each set has its own
 */
public record ToolLine(String id, String name, String tool, int count, String note, int shared) {
    public ToolLine {
        Objects.requireNonNull(id, "id");
        name = name == null ? "" : name;
        count = Math.max(1, count);
        note = note == null ? "" : note;
        shared = Math.max(0, shared);
    }

    public static ToolLine of(String id, String name, String tool, int count) {
        return new ToolLine(id, name, tool, count, "", 0);
    }
}
