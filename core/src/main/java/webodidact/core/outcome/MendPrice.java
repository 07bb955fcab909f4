package webodidact.core.outcome;

import java.util.List;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.time.Clock;

/**
 * What a mend costs: the lesson as it would be after it, worked out whole.
 *
 * @param more seconds the lesson gets longer, less than zero where it gets shorter
 * @param planned seconds planned after it
 * @param slot seconds of the slot after it
 * @param gone findings that it takes away
 * @param came what it brings that was not found before
 */
public record MendPrice(int more, int planned, int slot, int gone, List<Finding> came) {
    public MendPrice {
        came = List.copyOf(came);
    }

    public static MendPrice of(Outcome now, Mend mend) {
        var after = Outcome.of(now.answers().question().about(mend.change().apply(now.lesson())));
        var was = now.report().open();
        var is = after.report().open();
        return new MendPrice(
                after.schedule().planned() - now.schedule().planned(),
                after.schedule().planned(),
                after.lesson().slot(),
                (int) was.stream()
                        .filter(f -> is.stream().noneMatch(f::isSameMatter))
                        .count(),
                is.stream().filter(f -> was.stream().noneMatch(f::isSameMatter)).toList());
    }

    /** "+0:40", "−2:00", or "" where the time stays. */
    public String delta() {
        return more == 0 ? "" : (more > 0 ? "+" : "−") + Clock.text(Math.abs(more));
    }

    /** "+0:40, 45:08 of 50:00; 1 new: …", or that the time stays. */
    public String text() {
        var time = more == 0
                ? CheckTable.words().say("price.same")
                : CheckTable.words().say("price.time", delta(), Clock.text(planned), Clock.text(slot));
        return came.isEmpty()
                ? time
                : time
                        + CheckTable.words()
                                .say(
                                        "price.brings",
                                        came.size(),
                                        came.getFirst().what());
    }
}
