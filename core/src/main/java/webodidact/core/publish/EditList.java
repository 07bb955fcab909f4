package webodidact.core.publish;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Step;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Schedule;

/**
 * What of the kitchen's time is kept in the edit, what is cut and what is shown fast. The rows follow each other without a gap on the
 * kitchen's clock; what is kept of them adds up to the planned length.
 */
public record EditList(List<Row> rows) {
    public enum Do {
        KEEP,
        CUT,
        FAST;

        public String title() {
            return Words.OURS.title(this);
        }
    }

    /**
     * @param number of the step, from 1
     * @param from seconds on the kitchen's clock
     * @param to seconds on the kitchen's clock
     * @param airFrom seconds in the edited recording
     * @param airTo the same as {@code airFrom} for a cut
     * @param why in words, or ""
     */
    public record Row(int number, String title, Do what, int from, int to, int airFrom, int airTo, String why) {}

    public EditList {
        rows = List.copyOf(rows);
    }

    public static EditList of(Schedule schedule) {
        var maker = new Maker();
        for (var placed : schedule.shown()) maker.step(placed);
        return new EditList(maker.rows);
    }

    private static final class Maker {
        private final List<Row> rows = new ArrayList<>();
        private int kitchen;
        private int air;

        void step(Placed placed) {
            int idle = placed.span().start() - air;
            int off = placed.kitchen().start() - kitchen - idle;
            add(placed, Do.CUT, off, 0, Words.OURS.say("edit.off"));
            add(placed, Do.KEEP, idle, idle, Words.OURS.say("edit.idle"));
            var step = placed.step();
            int busy = placed.busy().length();
            int hold = step.hold();
            int restAir = placed.span().length() - busy - hold;
            int restKitchen = placed.kitchen().length() - busy - hold;
            add(placed, Do.KEEP, busy, busy, "");
            int unseen = Math.clamp(hidden(placed), 0, Math.max(0, restKitchen - restAir));
            add(placed, Do.CUT, unseen, 0, Words.OURS.say("edit.hands"));
            int waits = restKitchen - unseen;
            if (step.waiting() != null && step.waiting().cover() instanceof Cover.SpeedUp(int times) && waits > restAir)
                add(placed, Do.FAST, waits, restAir, Words.OURS.say("edit.fast", times));
            else {
                add(placed, Do.KEEP, restAir, restAir, "");
                add(placed, Do.CUT, waits - restAir, 0, Words.OURS.say("edit.wait", what(step)));
            }
            add(placed, Do.KEEP, hold, hold, Words.OURS.say("edit.hold"));
        }

        private static String what(Step step) {
            return step.waiting() == null ? "" : step.waiting().what();
        }

        /** Seconds by which hands that are not shown lengthen the work: at the likely pace, as the plan has it. */
        private static int hidden(Placed placed) {
            var step = placed.step();
            int hands = step.hands().likely();
            return (step.tellThenDo() ? placed.talk() + hands : Math.max(placed.talk(), hands))
                    - placed.busy().length();
        }

        private void add(Placed placed, Do what, int seconds, int onAir, String why) {
            if (seconds <= 0) return;
            var last = rows.isEmpty() ? null : rows.getLast();
            boolean goesOn =
                    last != null && what == Do.KEEP && last.what() == Do.KEEP && last.number() == placed.number();
            if (goesOn) {
                rows.removeLast();
                kitchen = last.from();
                air = last.airFrom();
                seconds += last.to() - last.from();
                onAir += last.airTo() - last.airFrom();
                why = last.why();
            }
            rows.add(new Row(
                    placed.number(), placed.step().title(), what, kitchen, kitchen + seconds, air, air + onAir, why));
            kitchen += seconds;
            air += onAir;
        }
    }
}
