package webodidact.core.lesson;

/**
 * One thing the kitchen needs.
 *
 * @param tool id in the tool table, or null for something of the instructor's own
 * @param count how many a home or a set needs, 1 or more
 * @param shared how many there are for all sets together; 0 where each set has its own
 */
public record ToolLine(String id, String name, String tool, int count, String note, int shared) {
    public ToolLine {
        Ids.checked(id, Words.OURS.message("what.toolLine"));
        name = name == null ? "" : name;
        tool = tool == null || tool.isBlank() ? null : tool;
        count = Math.clamp(count, 1, 10_000);
        note = note == null ? "" : note;
        shared = Math.clamp(shared, 0, 10_000);
    }

    public static ToolLine of(String id, String name, String tool, int count) {
        return new ToolLine(id, name, tool, count, "", 0);
    }
}
