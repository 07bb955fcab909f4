package webodidact.core.lesson;

import java.util.Objects;

/**
 * One thing the kitchen needs.
 *
 * @param tool id in the tool table, or null for something of the instructor's own
 * @param count how many a home needs, 1 or more
 */
public record ToolLine(String id, String name, String tool, int count, String note) {
    public ToolLine {
        Objects.requireNonNull(id, "id");
        name = name == null ? "" : name;
        count = Math.max(1, count);
        note = note == null ? "" : note;
    }
}
