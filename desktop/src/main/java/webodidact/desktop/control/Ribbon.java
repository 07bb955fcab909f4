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
    private static final double PADDING = 7;
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
        // Blocks are reused: with each keystroke all of them begin at another second, and few look different.
        while (getChildren().size() > steps.size()) getChildren().removeLast();
        while (getChildren().size() < steps.size())
            getChildren().add(fresh(getChildren().size()));
        for (int i = 0; i < steps.size(); i++) fill((Button) getChildren().get(i), steps.get(i), chosen);
        requestLayout();
    }

    private Button fresh(int index) {
        var block = new Button();
        block.getStyleClass().setAll("ribbon-block", "");
        block.setMinWidth(0);
        block.setFocusTraversable(false);
        block.setTextOverrun(OverrunStyle.CLIP);
        block.setOnAction(e -> {
            if (index < steps.size()) select.accept(steps.get(index).step().id());
        });
        return block;
    }

    private static void fill(Button block, Placed placed, String chosen) {
        if (!block.getStyleClass().getLast().equals(look(placed)))
            block.getStyleClass().set(1, look(placed));
        block.pseudoClassStateChanged(CHOSEN, placed.step().id().equals(chosen));
        block.setAccessibleText(Words.of(
                "ribbon.step",
                placed.number(),
                placed.step().title(),
                Clock.text(placed.span().start()),
                Clock.text(placed.span().length())));
    }

    /** Words in blue, hands in red, washing in grey: the colours of the timeline. */
    static String look(Placed placed) {
        if (placed.step().kind() == Kind.HYGIENE) return "wash";
        return placed.hands().isZero() || !placed.step().kind().isHandsOn() ? "talk" : "hands";
    }

    @Override
    protected void layoutChildren() {
        double each = steps.isEmpty() ? 0 : getWidth() / steps.size();
        double gap = each > 8 ? GAP : 0;
        double least = Math.max(0, Math.min(14, each - gap));
        double spare = Math.max(0, getWidth() - steps.size() * (least + gap));
        double x = 0;
        for (int i = 0; i < steps.size(); i++) {
            // Where nothing goes on, nothing is drawn: the rest keeps its place.
            x += spare * steps.get(i).idle() / total;
            double w = least + spare * steps.get(i).span().length() / total;
            var block = (Button) getChildren().get(i);
            var text = steps.get(i).number() + " " + steps.get(i).step().title();
            block.setText(Fitting.words(text, block.getFont(), w - PADDING));
            block.resizeRelocate(Math.round(x), 0, Math.max(each > 8 ? 4 : 1, Math.round(w)), getHeight());
            x += w + gap;
        }
    }
}
