package webodidact.desktop.view.script;

import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.check.Finding;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.outcome.Outcome;
import webodidact.core.script.Cutting;
import webodidact.core.script.FindReplace;
import webodidact.core.script.Mentions;
import webodidact.core.time.Clock;
import webodidact.core.timing.Pace;
import webodidact.core.words.Cautions;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.WordField;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.view.Typed;
import webodidact.desktop.words.Words;

/** One step to write in, and what the checks say about it in the margin. */
final class StepRow extends HBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass MARKED = PseudoClass.getPseudoClass("marked");
    private final Workspace workspace;
    private final String id;
    private final Label number = Nodes.label("", "step-number");
    private final TextField title;
    private final Label who = Nodes.label("", "soft");
    private final Label times = Nodes.label("", "soft");
    private final Label start = Nodes.label("", "step-start");
    private final WordField say = new WordField();
    private final WordField doing = new WordField();
    private final Typed titleTyped;
    private final Typed sayTyped;
    private final Typed doTyped;
    private final StepFacts facts;
    private List<FoodLine> shownFor = List.of();
    private Step besides;
    private final VBox card;
    private final VBox margin = new VBox(4);
    private final Label pace = Nodes.wrapped("", "finding", "info");
    private Step shown;
    private List<List<Finding>> findings = List.of();

    StepRow(Workspace workspace, String id, BiConsumer<String, Double> dropped, Consumer<String> mark) {
        super(14);
        this.workspace = workspace;
        this.id = id;
        title = Nodes.field("title-" + id, Words.of("script.titlePrompt"), Words.of("script.titleName"));
        title.getStyleClass().add("step-title");
        say.area().setId("say-" + id);
        say.area().setPromptText(Words.of("script.sayPrompt"));
        say.area().setAccessibleText(Words.of("script.say"));
        doing.area().setId("do-" + id);
        doing.area().setPromptText(Words.of("script.doPrompt"));
        doing.area().setAccessibleText(Words.of("script.do"));
        titleTyped = Typed.bind(
                title,
                () -> here().title(),
                t -> edit("title", Words.of("edit.stepTitle"), s -> s.but(d -> d.title = t)));
        sayTyped = Typed.bind(say.area(), () -> here().say(), t -> typed("say", t, s -> s.but(d -> d.say = t), say));
        doTyped = Typed.bind(
                doing.area(), () -> here().doing(), t -> typed("do", t, s -> s.but(d -> d.doing = t), doing));
        start.setMinWidth(USE_PREF_SIZE);
        times.setMinWidth(0);
        who.setMinWidth(0);
        title.setMinWidth(90);
        facts = new StepFacts(workspace, id);
        who.setId("tag-who-" + id);
        who.getStyleClass().add("tag-edit");
        who.setOnMouseClicked(e -> {
            workspace.stepProperty().set(id);
            Platform.runLater(() -> facts.open("who"));
        });
        var head = Nodes.row(8, number, Nodes.grown(title), who, Nodes.spring(), times, start);
        card = Nodes.styled(new VBox(3, head, new SayDo(say, doing), facts), "step-card");
        card.setMinWidth(0);
        pace.setId("pace-note");
        margin.getStyleClass().add("margin");
        margin.setPrefWidth(300);
        margin.setMinWidth(240);
        // Findings taller than the step do not make a box of nothing of it.
        setFillHeight(false);
        getChildren().addAll(Nodes.grown(card), margin);
        // The handle does not select on press: the step would open and push the others away under the mouse.
        card.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> {
            if (e.getTarget() != number && !(e.getTarget() instanceof Node n && n.getParent() == number))
                workspace.stepProperty().set(id);
        });
        card.focusWithinProperty().addListener((o, was, now) -> {
            if (now) workspace.stepProperty().set(id);
        });
        drag(dropped, mark);
    }

    /** Id of its step. */
    String step() {
        return id;
    }

    private Step here() {
        var lesson = workspace.lesson();
        return lesson == null
                ? Step.blank(id, Kind.HANDS_ON, "")
                : lesson.step(id).orElseGet(() -> Step.blank(id, Kind.HANDS_ON, ""));
    }

    private void edit(String field, String label, UnaryOperator<Step> change) {
        workspace.editLesson(label, field + "/" + id, l -> l.withStep(id, change));
    }

    /** The words are underlined at once, not only when everything else has been worked out. */
    private void typed(String field, String text, UnaryOperator<Step> change, WordField words) {
        edit(field, Words.of("edit.words"), change);
        words.setMarks(
                marks(Mentions.of(workspace.lesson(), workspace.knowledge()).in(text)));
    }

    static List<WordField.Mark> marks(List<Mentions.Mention> mentions) {
        return mentions.stream()
                .map(m -> new WordField.Mark(m.start(), m.end(), m.kind().name().toLowerCase(Locale.ROOT)))
                .toList();
    }

    /** @param moved the steps stand in another order than before, so that numbers named in the row may have changed */
    void refresh(Lesson lesson, int index, boolean moved) {
        var step = lesson.steps().get(index);
        // One keystroke changes one step: the others have nothing new to show.
        if (step == shown && !moved && lesson.foods() == shownFor) return;
        number.setText(String.valueOf(index + 1));
        titleTyped.refresh();
        sayTyped.refresh();
        doTyped.refresh();
        who.setText(step.kind().isHandsOn() ? step.who().title() : step.kind().title());
        colour(step.kind().isHandsOn() ? "hands" : step.acts().isEmpty() ? "talk" : "wash");
        shown = step;
        // Typing changes words only: what stands beside them is filled anew when something else has changed.
        var rest = step.but(d -> {
            d.title = "";
            d.say = "";
            d.doing = "";
        });
        if (!rest.equals(besides) || moved || lesson.foods() != shownFor) {
            besides = rest;
            facts.refresh();
        }
        shownFor = lesson.foods();
    }

    /** A class that is taken off and put on again is a card styled anew, with all that is in it. */
    private void colour(String name) {
        if (card.getStyleClass().contains(name)) return;
        card.getStyleClass().removeAll("hands", "talk", "wash");
        card.getStyleClass().add(name);
    }

    void mark(boolean on) {
        card.pseudoClassStateChanged(MARKED, on);
    }

    void derived(Outcome outcome) {
        var placed = outcome.schedule().of(id).orElse(null);
        if (placed == null || shown == null) return;
        facts.propose(outcome.proposals().getOrDefault(id, List.of()));
        boolean left = outcome.schedule().left().contains(id);
        start.setText(left ? "" : Clock.text(placed.span().start()));
        times.setText(
                left
                        ? ""
                        : Words.of(
                                "script.times",
                                Clock.text(placed.talk()),
                                placed.hands().isZero() ? "–" : placed.hands().text()));
        if (outcome.lesson()
                .step(id)
                .map(s -> s.say().equals(say.area().getText()))
                .orElse(false)) say.setMarks(marks(outcome.said().get(id)));
        if (outcome.lesson()
                .step(id)
                .map(s -> s.doing().equals(doing.area().getText()))
                .orElse(false)) doing.setMarks(marks(outcome.done().get(id)));
        var mine = outcome.report().open().stream()
                .filter(f -> f.step() == placed.number())
                .toList();
        var covered = outcome.report().covered().stream()
                .filter(f -> f.step() == placed.number())
                .toList();
        // Found anew after each keystroke, mostly the same: a card that stands keeps what is typed in it.
        var now = List.of(mine, covered);
        if (!now.equals(findings)) {
            findings = now;
            margin.getChildren().clear();
            var actions = new FindingActions(workspace);
            mine.forEach(f -> margin.getChildren().add(new FindingCard(f, actions)));
            covered.forEach(f -> margin.getChildren()
                    .add(Nodes.wrapped(Words.of("script.covered", f.what()), "finding", "covered")));
        }
        if (getPseudoClassStates().contains(CHOSEN)) pace(outcome);
    }

    private void pace(Outcome outcome) {
        var step = outcome.lesson().step(id).orElse(null);
        if (step == null || step.say().isBlank()) {
            margin.getChildren().remove(pace);
            return;
        }
        var words = Words.of("script.pace", outcome.pace().basis(step.segment()));
        if (outcome.pace().wordsPerMinute(step.segment()) > Pace.CAUTION
                && !Cautions.in(step.say()).isEmpty()) words += " " + Words.of("script.paceCaution", Pace.CAUTION);
        pace.setText(words);
        if (!margin.getChildren().contains(pace)) margin.getChildren().add(pace);
    }

    void choose(boolean on) {
        pseudoClassStateChanged(CHOSEN, on);
        card.pseudoClassStateChanged(CHOSEN, on);
        facts.choose(on);
        margin.getChildren().remove(pace);
        if (on && workspace.outcome() != null) pace(workspace.outcome());
    }

    StepFacts facts() {
        return facts;
    }

    void focusTitle() {
        title.requestFocus();
    }

    boolean isInTitle() {
        return title.isFocused();
    }

    /** The caret stands before the first word of what is said, or of the title where nothing is said. */
    boolean isAtStart() {
        if (say.area().isFocused())
            return say.area().getCaretPosition() == 0
                    && say.area().getSelectedText().isEmpty();
        return title.isFocused()
                && title.getCaretPosition() == 0
                && title.getSelectedText().isEmpty();
    }

    /** In what is said, where the words of that earlier state end. */
    void caretAfter(Step before) {
        say.area().requestFocus();
        say.area().positionCaret(before.say().length());
    }

    /** Selects a place that was found. */
    void show(FindReplace.Hit hit) {
        Platform.runLater(() -> {
            var control = switch (hit.field().name()) {
                case "title" -> title;
                case "say" -> say.area();
                case "doing" -> doing.area();
                default -> {
                    facts.open(hit.field().name());
                    yield card.lookup("#" + hit.field().name() + "-" + id);
                }
            };
            if (control instanceof TextInputControl text) text.selectRange(hit.start(), hit.end());
        });
    }

    /** What stands after the caret becomes a step of its own. */
    void split() {
        boolean inSay = say.area().isFocused();
        if (!inSay && !doing.area().isFocused()) return;
        int at = (inSay ? say : doing).area().getCaretPosition();
        var newId = workspace.lesson().newStepId();
        workspace.editLesson(Words.of("edit.splitStep"), l -> Cutting.split(l, id, newId, inSay, at));
        workspace.stepProperty().set(newId);
    }

    /** The number is the handle: press it, drag up or down, let go. */
    private void drag(BiConsumer<String, Double> dropped, Consumer<String> mark) {
        number.getStyleClass().add("handle");
        number.setAccessibleText(Words.of("script.handle"));
        var dragging = new boolean[1];
        number.setOnMouseDragged(e -> {
            dragging[0] = true;
            getParent().setViewOrder(-1);
            var here = sceneToLocal(e.getSceneX(), e.getSceneY());
            setTranslateY(getTranslateY() + here.getY() - 20);
            e.consume();
        });
        number.setOnMouseReleased(e -> {
            if (!dragging[0]) {
                if (e.isShiftDown()) mark.accept(id);
                else workspace.stepProperty().set(id);
                return;
            }
            dragging[0] = false;
            setTranslateY(0);
            getParent().setViewOrder(0);
            double y = e.getSceneY();
            Platform.runLater(() -> dropped.accept(id, y));
        });
    }
}
