package webodidact.core.lesson;

import webodidact.core.amount.Amount;

/**
 * A step takes something from the list.
 *
 * @param line the food line's id
 * @param amount how much of it, at the lesson's own yield, or null for all that is left
 */
public record Use(String line, Amount amount) {
    public Use {
        if (line == null || line.isBlank()) throw new IllegalArgumentException(Words.OURS.say("wrong.use"));
    }
}
