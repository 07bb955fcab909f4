package webodidact.core.food;

import java.util.List;
import webodidact.core.amount.Ratio;

/**
 * One tool of the table.
 *
 * @param noisy it is too loud to talk over
 * @param fitted part of the kitchen: named in every text, fetched by nobody
 */
public record Tool(
        String id,
        List<String> names,
        List<String> usNames,
        Hazard hazard,
        boolean noisy,
        boolean fitted,
        List<Instead> instead) {
    /**
     * @param time how many times as long it takes with that tool
     * @param cannot verbs it cannot stand in this tool's place
     */
    public record Instead(String tool, Ratio time, String note, List<Facts.Cannot> cannot) {}

    public String name() {
        return names.getFirst();
    }
}
