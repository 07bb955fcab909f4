package webodidact.desktop.state;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import webodidact.core.air.AirRun;
import webodidact.core.air.Answering;
import webodidact.core.air.Asking;
import webodidact.core.air.Kitchens;
import webodidact.core.air.OnTime;
import webodidact.core.air.Readings;
import webodidact.core.air.SimulatedKitchens;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Workbook;
import webodidact.desktop.words.Words;

/** What helps a run, worked out behind it each second: how to end on time, how the kitchens stand, what they ask and what to say. */
public final class AirWatch {
    /**
     * A question with what is known to it.
     *
     * @param home who asks; "" where somebody typed it
     */
    public record Asked(String id, String home, String text, Answering.Answer answer) {}

    /**
     * @param kitchens empty where nobody cooks along
     * @param asked those that have not been answered, the newest first
     * @param skips seconds at which it would end, by step that could be skipped to
     */
    public record Seen(
            AirRun run,
            OnTime onTime,
            Optional<Kitchens.State> kitchens,
            List<Asked> asked,
            Map<String, Integer> skips,
            Readings readings) {}

    /** So many steps ahead are shown. */
    public static final int AHEAD = 3;

    private static final long SEED = 7;
    private final Workspace workspace;
    private final ReadOnlyObjectWrapper<Seen> seen = new ReadOnlyObjectWrapper<>();
    private final Map<String, Answering.Answer> answers = new HashMap<>();
    private Kitchens kitchens;
    private boolean known;
    private boolean working;
    private AirRun next;

    AirWatch(Workspace workspace, LiveRun live) {
        this.workspace = workspace;
        live.runProperty().addListener((o, was, now) -> look(was, now));
    }

    /** Null while nothing is on air, and for a moment after a run has begun. */
    public ReadOnlyObjectProperty<Seen> seenProperty() {
        return seen.getReadOnlyProperty();
    }

    private void look(AirRun was, AirRun now) {
        if (was == null || now == null) {
            seen.set(null);
            known = false;
        }
        next = now;
        if (now == null || now.isOver()) return;
        if (was != null && was.elapsed() == now.elapsed() && was.equals(now)) return;
        work();
    }

    /** One at a time; while it works, the newest waits. */
    private void work() {
        if (working || next == null) return;
        working = true;
        var run = next;
        var book = workspace.book();
        boolean fresh = !known;
        known = true;
        workspace.work(() -> of(run, book, fresh), found -> {
            working = false;
            if (next == null) return;
            seen.set(found);
            if (next != run) work();
        });
    }

    private Seen of(AirRun run, Workbook book, boolean fresh) {
        var knowledge = workspace.knowledge();
        var lesson = run.plan().lesson();
        if (fresh) {
            answers.clear();
            boolean along = lesson.delivery().homesCookAlong()
                    && run.plan().kind().hasHomes()
                    && !book.households().isEmpty();
            kitchens = along ? SimulatedKitchens.of(lesson, book.households(), knowledge, book.course(), SEED) : null;
        }
        var asked = new ArrayList<Asked>();
        var answering = new Answering(lesson, book.households(), knowledge, book.course());
        if (kitchens != null) for (var q : kitchens.asked(run)) asked.add(asked(q, answering));
        for (var q : run.asked()) asked.add(typed(q, answering));
        asked.removeIf(q -> run.answered().contains(q.id()));
        var skips = new HashMap<String, Integer>();
        for (int i = run.index() + 2; i < Math.min(run.plan().steps(), run.index() + 1 + AHEAD); i++) {
            var id = run.plan().step(i).id();
            skips.put(id, run.skipTo(id).finishesAt());
        }
        return new Seen(
                run,
                OnTime.of(run, knowledge),
                Optional.ofNullable(kitchens).map(k -> k.at(run)),
                List.copyOf(asked.reversed()),
                Map.copyOf(skips),
                Readings.of(run, knowledge, book.course().profile()));
    }

    private Asked asked(Asking.Question question, Answering answering) {
        return new Asked(
                question.id(),
                question.home().alias(),
                question.text(),
                answers.computeIfAbsent(question.id(), k -> answering.of(question.text(), question.home())));
    }

    private Asked typed(AirRun.Asked question, Answering answering) {
        var id = "typed/" + question.at() + "/" + question.text();
        return new Asked(
                id,
                "",
                question.text(),
                answers.computeIfAbsent(
                        id, k -> answering.of(question.text(), Household.named(Words.of("air.someHome")))));
    }
}
