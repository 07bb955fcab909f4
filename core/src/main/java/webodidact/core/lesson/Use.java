package webodidact.core.lesson;

import webodidact.core.amount.Amount;

/**
 * A step takes something from the list.
 *
 * @param line the food line's id
 * @param amount how much of it, at the lesson's own yield, or null for all that is left
 * @param again nothing new: the part that an earlier step prepared is used here, and drawn once
 */
public record Use(String line, Amount amount, boolean again) {
    public Use(String line, Amount amount) {
        this(line, amount, false);
    }

    public Use {
        if (again) amount = null;
        if (line == null || line.isBlank()) throw new IllegalArgumentException(Words.OURS.say("wrong.use"));
    }
}
