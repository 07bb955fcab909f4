package webodidact.core.fit;

import java.util.List;
import webodidact.core.homes.Holds;
import webodidact.core.lesson.Lesson;

/**
 * One way to fit the slot, worked out whole.
 *
 * @param title what it comes to, in a few words
 * @param moves what is changed
 * @param holds time given to the homes out of what is then in hand
 * @param lesson with all of it
 * @param before seconds on air now, {@code then} with it
 * @param readyBefore percent of homes ready at the step where fewest are, now; -1 if nobody cooks along
 * @param readyThen the same with it
 * @param consequences what else changes, in words
 * @param proof whether a better one of its kind can exist
 */
public record Proposal(
        String title,
        List<Move> moves,
        List<Holds.Hold> holds,
        Lesson lesson,
        int before,
        int then,
        int readyBefore,
        int readyThen,
        List<String> consequences,
        String proof) {
    public Proposal {
        moves = List.copyOf(moves);
        holds = List.copyOf(holds);
        consequences = List.copyOf(consequences);
    }

    public boolean fits() {
        return then <= lesson.slot();
    }

    public int cost() {
        return moves.stream().mapToInt(Move::cost).sum();
    }
}
