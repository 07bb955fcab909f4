package webodidact.desktop.control;

import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.Pane;
import webodidact.core.lesson.Kind;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;
import webodidact.core.timing.Schedule;
import webodidact.desktop.words.Words;

/** The whole lesson to scale, one block a step. */
public final class Ribbon extends Pane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double GAP = 2;
    private final Consumer<String> select;
    private List<Placed> steps = List.of();
    private int total = 1;

    /** @param select told the id of a step that is clicked */
    public Ribbon(Consumer<String> select) {
        this.select = select;
        getStyleClass().add("ribbon-blocks");
        setMinWidth(0);
    }

    public void show(Schedule schedule, String chosen) {
        steps = schedule.steps();
        total = Math.max(1, schedule.planned());
        getChildren().clear();
        for (var placed : steps) {
            var block = new Button(placed.number() + " " + placed.step().title());
            block.getStyleClass().setAll("ribbon-block", look(placed));
            block.setMinWidth(0);
            block.setFocusTraversable(false);
            block.setTextOverrun(OverrunStyle.CLIP);
            block.pseudoClassStateChanged(CHOSEN, placed.step().id().equals(chosen));
            block.setAccessibleText(Words.of("ribbon.step", placed.number(), placed.step().title(), Clock.text(placed.span().start()), Clock.text(placed.span().length())));
            block.setOnAction(e -> select.accept(placed.step().id()));
            getChildren().add(block);
        }
        requestLayout();
    }

    /** Words in blue, hands in red, washing in grey: the colours of the timeline. */
    static String look(Placed placed) {
        if (placed.step().kind() == Kind.HYGIENE) return "wash";
        return placed.hands().isZero() || !placed.step().kind().isHandsOn() ? "talk" : "hands";
    }

    @Override
    protected void layoutChildren() {
        double least = 14;
        double spare = Math.max(0, getWidth() - steps.size() * (least + GAP));
        double x = 0;
        for (int i = 0; i < steps.size(); i++) {
            double w = least + spare * steps.get(i).span().length() / total;
            getChildren().get(i).resizeRelocate(Math.round(x), 0, Math.max(4, Math.round(w)), getHeight());
            x += w + GAP;
        }
    }
}
