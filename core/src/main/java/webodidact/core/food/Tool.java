package webodidact.core.food;

import java.util.List;
import webodidact.core.amount.Ratio;

/**
 * One tool of the table.
 *
 */
public record Tool(
        String id, List<String> names, List<String> usNames, Hazard hazard, boolean noisy, List<Instead> instead) {
    /**
     * @param time how many times as long it takes with that tool
     * @param cannot verbs it cannot stand in this tool's place
     */
    public record Instead(String tool, Ratio time, String note, List<Facts.Cannot> cannot) {}

    public String name() {
        return names.getFirst();
    }
}
