package webodidact.desktop.geometry;

import java.util.List;
import webodidact.core.time.Span;

/** One row of the timeline. */
public record Lane(String id, String title, String detail, List<Block> blocks) {
    /**
     * @param look style class: "talk", "hands", "wait", "copy", "prep", "heat", "camera"
     * @param step id of the step it belongs to, or ""
     */
    public record Block(Span span, String text, String look, String step) {}

    public Lane {
        blocks = List.copyOf(blocks);
    }
}
