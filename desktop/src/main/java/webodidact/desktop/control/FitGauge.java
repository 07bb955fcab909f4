package webodidact.desktop.control;

import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import webodidact.core.time.Clock;
import webodidact.core.timing.Schedule;
import webodidact.desktop.words.Words;

/** Planned against slot: a bar with the slot's end, and what is in hand or over. */
public final class FitGauge extends VBox {
    private final Label planned = Nodes.label("", "gauge-planned");
    private final Label slot = Nodes.label("", "gauge-slot");
    private final Label hand = Nodes.label("", "gauge-hand");
    private final Region used = Nodes.styled(new Region(), "gauge-used");
    private final Region end = Nodes.styled(new Region(), "gauge-end");
    private final Pane bar = new Pane(used, end) {
        @Override
        protected void layoutChildren() {
            double full = Math.max(1.06 * Math.max(slotSeconds, plannedSeconds), 1);
            used.resizeRelocate(0, 0, getWidth() * Math.min(plannedSeconds, full) / full, getHeight());
            end.resizeRelocate(getWidth() * slotSeconds / full, 0, 2, getHeight());
        }
    };
    private double plannedSeconds;
    private double slotSeconds = 1;

    public FitGauge() {
        super(5);
        getStyleClass().add("gauge");
        bar.getStyleClass().add("gauge-bar");
        hand.setId("in-hand");
        planned.setId("planned");
        getChildren().addAll(new Figures(), bar);
    }

    /** Both figures are whole at every width; where there is little, the words between them go, the slot last. */
    private final class Figures extends Pane {
        private static final double GAP = 4;
        private final Label word = Nodes.label(Words.of("gauge.planned"), "gauge-slot");

        Figures() {
            getChildren().addAll(planned, word, slot, hand);
        }

        private static double sum(Label... labels) {
            double sum = -GAP;
            for (var each : labels) sum += GAP + Math.ceil(each.prefWidth(-1));
            return sum;
        }

        @Override
        protected double computeMinWidth(double height) {
            return sum(planned, hand);
        }

        @Override
        protected double computePrefWidth(double height) {
            return sum(planned, word, slot, hand);
        }

        @Override
        protected void layoutChildren() {
            word.setVisible(sum(planned, word, slot, hand) <= getWidth());
            slot.setVisible(sum(planned, slot, hand) <= getWidth());
            double base = Math.max(planned.getBaselineOffset(), hand.getBaselineOffset());
            double x = place(planned, 0, base) + GAP;
            place(word, x, base);
            double right = getWidth() - Math.ceil(hand.prefWidth(-1));
            place(hand, right, base);
            place(slot, right - GAP - Math.ceil(slot.prefWidth(-1)), base);
        }

        /** Where it ends. */
        private static double place(Label label, double x, double base) {
            label.autosize();
            label.relocate(x, base - label.getBaselineOffset());
            return x + Math.ceil(label.prefWidth(-1));
        }
    }

    /** A total that is not complete never fits: what is in hand nobody knows. */
    private static String hand(Schedule schedule) {
        if (schedule.over() > 0) return Words.of("gauge.over", Clock.text(-schedule.inHand()));
        if (!schedule.isComplete())
            return Words.count("gauge.untimed", schedule.untimed().size());
        return schedule.inHand() < 0
                ? Words.of("gauge.within", Clock.text(-schedule.inHand()))
                : Words.of("gauge.inHand", Clock.text(schedule.inHand()));
    }

    /** @param schedule null while nothing is planned */
    public void show(Schedule schedule) {
        plannedSeconds = schedule == null ? 0 : schedule.planned();
        slotSeconds = schedule == null ? 1 : schedule.slot();
        planned.setText(
                schedule == null
                        ? "–"
                        : schedule.isComplete()
                                ? Clock.text(schedule.planned())
                                : Words.of("gauge.atLeast", Clock.text(schedule.planned())));
        slot.setText(schedule == null ? "" : Words.of("gauge.slot", Clock.text(schedule.slot())));
        boolean over = schedule != null && schedule.over() > 0;
        boolean open = schedule != null && !schedule.isComplete();
        hand.setText(schedule == null ? "" : hand(schedule));
        getStyleClass().removeAll("over", "untimed");
        if (over) getStyleClass().add("over");
        else if (open) getStyleClass().add("untimed");
        setAccessibleText(
                planned.getText() + " " + Words.of("gauge.planned") + ", " + slot.getText() + " " + hand.getText());
        bar.requestLayout();
    }
}
