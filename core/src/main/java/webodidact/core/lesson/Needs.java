package webodidact.core.lesson;

import java.util.List;

/**
 * What a step takes and works with.
 *
 * @param tools ids in the tool table
 */
public record Needs(List<Use> uses, List<String> tools) {
    public Needs {
        uses = uses == null ? List.of() : List.copyOf(uses);
        tools = tools == null ? List.of() : List.copyOf(tools);
    }
}
