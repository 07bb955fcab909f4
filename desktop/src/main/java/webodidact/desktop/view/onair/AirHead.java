package webodidact.desktop.view.onair;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import webodidact.core.air.AirRun;
import webodidact.core.lesson.TakeKind;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;

/** Always in sight: on air or not, how long, ahead or behind, when it will end, which camera, which take. */
final class AirHead extends HBox {
    private final Label onAir = Nodes.label("", "on-air");
    private final Label elapsed = Nodes.label("", "air-clock");
    private final Label ofSlot = Nodes.label("", "studio-soft");
    private final Label behind = Nodes.label("", "air-behind");
    private final Label finishes = Nodes.label("", "studio-soft");
    private final Label camera = Nodes.label("", "studio-soft");
    private final Label take = Nodes.label("", "studio-soft");

    AirHead() {
        super(22);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("studio-top");
        onAir.setId("air-state");
        elapsed.setId("air-elapsed");
        behind.setId("air-behind");
        finishes.setId("air-finishes");
        take.setId("air-take");
        for (var label : new Label[] {onAir, elapsed, ofSlot, behind, finishes, take}) label.setMinWidth(USE_PREF_SIZE);
        camera.setMinWidth(0);
        getChildren().addAll(onAir, elapsed, ofSlot, behind, finishes, Nodes.spring(), camera, take);
    }

    void show(AirRun run) {
        onAir.setText(state(run));
        boolean kept = run.isRolling() && run.leadIn() == 0 && !run.holding();
        Nodes.restyle(onAir, "label", kept ? "on-air" : "on-hold");
        elapsed.setText(Clock.text(run.plan().kind().hasParts() ? run.onAir() : run.elapsed()));
        ofSlot.setText(Words.of("air.of", Clock.text(run.schedule().slot())));
        int late = run.behind();
        behind.setText(
                late == 0
                        ? Words.of("air.onTime")
                        : Words.of(late > 0 ? "air.behind" : "air.ahead", Clock.text(Math.abs(late))));
        Nodes.restyle(behind, "label", late > 0 ? "air-behind" : "air-fine");
        int ends = run.finishesAt();
        boolean inside = ends <= run.schedule().slot() + run.schedule().tolerance();
        boolean complete = run.schedule().isComplete();
        finishes.setText(Words.of(
                complete ? inside ? "air.finishes" : "air.finishesOver" : "air.finishesUntimed",
                Clock.text(ends),
                run.schedule().untimed().size()));
        Nodes.restyle(finishes, "label", inside || !complete ? "studio-soft" : "studio-bad");
        camera.setText(camera(run));
        take.setText(
                run.plan().kind() == TakeKind.PART
                        ? Words.of("air.take", run.number())
                        : run.plan().kind().isRehearsal() ? run.plan().kind().title() : "");
    }

    private static String state(AirRun run) {
        if (!run.isRolling()) return Words.of("air.standby");
        if (run.leadIn() > 0) return Words.of("air.leadIn", run.leadIn());
        if (run.holding()) return Words.of("air.holding");
        return "● "
                + Words.of(
                        run.plan().kind().isRehearsal()
                                ? "air.rehearsing"
                                : run.plan().kind().hasParts() ? "air.rolling" : "air.onAir");
    }

    static String camera(AirRun run) {
        var steps = run.schedule().steps();
        var now = "";
        for (int i = run.index(); i >= 0 && now.isBlank(); i--)
            now = steps.get(i).step().camera();
        for (int i = run.index() + 1; i < steps.size(); i++) {
            var then = steps.get(i).step().camera();
            if (!then.isBlank() && !then.equals(now))
                return Words.of("air.camera", now.isBlank() ? "–" : now, then, i + 1);
        }
        return now.isBlank() ? "" : Words.of("air.cameraStays", now);
    }
}
