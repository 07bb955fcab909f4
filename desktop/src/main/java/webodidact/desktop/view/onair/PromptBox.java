package webodidact.desktop.view.onair;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import webodidact.core.air.AirRun;
import webodidact.core.air.Prompt;
import webodidact.core.lesson.Step;
import webodidact.core.publish.Prompter;
import webodidact.desktop.control.Panes;

/** The words of the step on air at the instructor's own pace: what is due is bright, cautions are marked, and at its end it waits. */
final class PromptBox extends VBox {
    private static final String NO_BREAK = "\u00a0";
    static final int[] SIZES = {34, 40, 48, 58, 70, 84};
    private final TextFlow words = new TextFlow();
    private final ScrollPane script;
    private final List<Text> texts = new ArrayList<>();
    private int size = 1;
    private Step shown;
    private Prompt prompt = new Prompt(List.of());
    private int due = -1;

    PromptBox() {
        words.setLineSpacing(-4);
        words.setId("prompt-words");
        // A long text scrolls in the room that is left: the head with its clock never gives way.
        script = Panes.work(new VBox(words));
        script.getStyleClass().add("prompt-scroll");
        script.setMinHeight(0);
        script.setFocusTraversable(false);
        script.prefHeightProperty().bind(heightProperty());
        setMinHeight(0);
        getChildren().add(script);
    }

    int pixels() {
        return SIZES[size];
    }

    void bigger(boolean up) {
        size = Math.clamp(size + (up ? 1 : -1), 0, SIZES.length - 1);
        texts.forEach(t -> t.setStyle("-fx-font-size: " + pixels() + "px;"));
        due = -1;
    }

    /** As in a glass before the lens: left and right change places. */
    boolean mirror() {
        boolean now = words.getScaleX() > 0;
        words.setScaleX(now ? -1 : 1);
        return now;
    }

    void show(AirRun run) {
        var step = run.plan().step(run.index());
        if (!step.equals(shown)) write(step, run);
        int at = prompt.due(run.here().seconds());
        if (at == due) return;
        due = at;
        for (int i = 0; i < prompt.lines().size(); i++) {
            var state = i < at ? "said" : i == at ? "now" : "later";
            for (var text : new Text[] {texts.get(2 * i), texts.get(2 * i + 1)}) {
                text.getStyleClass().removeAll("said", "now", "later");
                text.getStyleClass().add(state);
            }
        }
        if (at < prompt.lines().size()) follow(texts.get(2 * at));
    }

    private void write(Step step, AirRun run) {
        shown = step;
        prompt = Prompt.of(step, run.plan().pace());
        due = -1;
        texts.clear();
        boolean fresh = true;
        for (var line : prompt.lines()) {
            var text = text((fresh && line.caution() ? Prompter.CAUTION + NO_BREAK : "") + line.words());
            if (line.caution()) text.getStyleClass().add("caution");
            texts.add(text);
            var breath = text(line.ends() ? "  " : " " + Prompter.SHORT + " ");
            breath.getStyleClass().add("breath");
            texts.add(breath);
            fresh = line.ends();
        }
        words.getChildren().setAll(texts);
        script.setVvalue(0);
    }

    private Text text(String words) {
        var text = new Text(words);
        text.getStyleClass().add("prompt");
        text.setStyle("-fx-font-size: " + pixels() + "px;");
        return text;
    }

    /** What is due is brought into sight, once; then the eye may wander. */
    private void follow(Text text) {
        script.applyCss();
        script.layout();
        double all = script.getContent().getLayoutBounds().getHeight();
        double room = script.getViewportBounds().getHeight();
        if (all <= room) return;
        script.setVvalue(Math.clamp((text.getBoundsInParent().getMinY() - room / 4) / (all - room), 0, 1));
    }
}
