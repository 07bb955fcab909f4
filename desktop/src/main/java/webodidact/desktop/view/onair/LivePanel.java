package webodidact.desktop.view.onair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import webodidact.core.air.AirRun;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;
import webodidact.core.words.SpokenWords;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.words.Words;

/** What the instructor reads from two metres away: the words, the clock, what is due, what comes. */
final class LivePanel extends VBox {
    private static final int[] SIZES = {28, 34, 40, 48, 58, 70};
    private final Label onAir = Nodes.label("", "on-air");
    private final Label elapsed = Nodes.label("", "air-clock");
    private final Label ofSlot = Nodes.label("", "studio-soft");
    private final Label behind = Nodes.label("", "air-behind");
    private final Label finishes = Nodes.label("", "studio-soft");
    private final Label camera = Nodes.label("", "studio-soft");
    private final Label stepOf = Nodes.label("", "step-of");
    private final Label title = Nodes.label("", "studio-title");
    private final Label left = Nodes.label("", "step-left");
    private final ProgressBar progress = new ProgressBar(0);
    private final TextFlow words = new TextFlow();
    private final Label doing = Nodes.wrapped("", "studio-do");
    private final Label adult = Nodes.wrapped("", "studio-do");
    private final VBox doBox =
            Nodes.styled(new VBox(3, Nodes.label(Words.of("air.do"), "studio-soft"), doing), "studio-card");
    private final VBox adultBox =
            Nodes.styled(new VBox(3, Nodes.label(Words.of("air.adult"), "studio-caution"), adult), "studio-warning");
    private final VBox next = new VBox(4);
    private final VBox heat = new VBox(8);
    private final ScrollPane script;
    private int size = 1;
    /** The sentence that was last brought into sight, by step and place. */
    private String due = "";

    LivePanel() {
        getStyleClass().add("live");
        elapsed.setId("air-elapsed");
        left.setId("step-left");
        title.setId("air-title");
        behind.setId("air-behind");
        progress.setMaxWidth(Double.MAX_VALUE);
        title.setMinWidth(0);
        var top = Nodes.styled(
                Nodes.row(22, onAir, elapsed, ofSlot, behind, finishes, Nodes.spring(), camera), "studio-top");
        words.setLineSpacing(4);
        var cards = new HBox(10, Nodes.grown(doBox), adultBox);
        doBox.setMaxWidth(Double.MAX_VALUE);
        adultBox.setPrefWidth(260);
        adultBox.setMinWidth(220);
        // A long text scrolls in the room that is left: the head with its clock never gives way.
        script = Panes.work(new VBox(12, words, cards));
        script.getStyleClass().add("prompt-scroll");
        script.setMinHeight(0);
        script.setFocusTraversable(false);
        var main = Nodes.styled(
                new VBox(
                        12,
                        Nodes.row(14, stepOf, title, Nodes.spring(), left),
                        progress,
                        Nodes.grown(script),
                        Nodes.label(Words.of("air.coming"), "studio-soft"),
                        next,
                        Nodes.label(Words.of("air.keys"), "studio-keys")),
                "studio-main");
        main.setMinWidth(0);
        var right = Nodes.styled(new VBox(12, Nodes.label(Words.of("air.heat"), "studio-head"), heat), "studio-side");
        right.setPrefWidth(400);
        right.setMinWidth(320);
        top.setMinHeight(USE_PREF_SIZE);
        right.setMinHeight(0);
        main.setMinHeight(0);
        var below = new HBox(Nodes.grown(main), right);
        below.setMinHeight(0);
        getChildren().addAll(top, Nodes.grown(below));
    }

    void bigger(boolean up) {
        size = Math.clamp(size + (up ? 1 : -1), 0, SIZES.length - 1);
        words.getChildren().forEach(t -> ((Text) t).setStyle("-fx-font-size: " + SIZES[size] + "px;"));
    }

    void show(AirRun run, Outcome outcome) {
        var placed = run.schedule().steps().get(run.index());
        onAir.setText(run.holding() ? Words.of("air.holding") : "● " + Words.of("air.onAir"));
        onAir.getStyleClass().setAll("label", run.holding() ? "on-hold" : "on-air");
        elapsed.setText(Clock.text(run.elapsed()));
        ofSlot.setText(Words.of("air.of", Clock.text(run.schedule().slot())));
        int late = run.behind();
        behind.setText(
                late == 0
                        ? Words.of("air.onTime")
                        : Words.of(late > 0 ? "air.behind" : "air.ahead", Clock.text(Math.abs(late))));
        behind.getStyleClass().setAll("label", late > 0 ? "air-behind" : "air-fine");
        boolean inside = run.finishesAt() <= run.schedule().slot();
        finishes.setText(Words.of(inside ? "air.finishes" : "air.finishesOver", Clock.text(run.finishesAt())));
        finishes.getStyleClass().setAll("label", inside ? "studio-soft" : "studio-bad");
        camera.setText(camera(run));
        stepOf.setText(
                Words.of("air.stepOf", placed.number(), run.schedule().steps().size()));
        title.setText(placed.step().title());
        left.setText(Clock.text(run.leftHere()));
        left.getStyleClass().setAll("label", run.leftHere() < 0 ? "step-over" : "step-left");
        progress.setProgress(run.plannedHere() == 0 ? 1 : Math.min(1, 1 - run.leftHere() / (double) run.plannedHere()));
        say(placed, run);
        doing.setText(placed.step().doing());
        doBox.setVisible(!placed.step().doing().isBlank());
        var caution = caution(placed.step());
        adult.setText(caution);
        adultBox.setVisible(!caution.isEmpty());
        adultBox.setManaged(!caution.isEmpty());
        coming(run);
        heat(run, outcome);
    }

    private static String caution(Step step) {
        if (step.place() == Place.OVEN)
            return Words.of(
                    "air.cautionOven", step.heat() == null ? "" : step.heat().text());
        if (step.place() == Place.RING) return Words.of("air.cautionRing");
        return step.who() == Who.ADULT ? Words.of("air.cautionAdult") : "";
    }

    private static String camera(AirRun run) {
        var steps = run.schedule().steps();
        var now = steps.get(run.index()).step().camera();
        for (int i = run.index() + 1; i < steps.size(); i++) {
            var then = steps.get(i).step().camera();
            if (!then.isBlank() && !then.equals(now))
                return Words.of("air.camera", now.isBlank() ? "–" : now, then, i + 1);
        }
        return now.isBlank() ? "" : Words.of("air.cameraStays", now);
    }

    /** Sentences: those that should be said by now are dim, the one due is bright. */
    private void say(Placed placed, AirRun run) {
        var sentences = sentences(placed.step());
        double share = placed.talk() == 0 ? 1 : run.seconds().get(run.index()) / (double) placed.talk();
        int all = Math.max(1, sentences.stream().mapToInt(SpokenWords::count).sum());
        words.getChildren().clear();
        int before = 0;
        for (var sentence : sentences) {
            int n = SpokenWords.count(sentence);
            boolean done = share >= (before + n) / (double) all;
            boolean now = !done && share >= before / (double) all;
            var text = new Text(sentence);
            text.getStyleClass().addAll("prompt", done ? "said" : now ? "now" : "later");
            text.setStyle("-fx-font-size: " + SIZES[size] + "px;");
            words.getChildren().add(text);
            if (now) follow(placed.step().id() + "/" + before, text);
            before += n;
        }
    }

    /** The sentence that is due is brought into sight, once; then the eye may wander. */
    private void follow(String sentence, Text text) {
        if (sentence.equals(due)) return;
        due = sentence;
        script.applyCss();
        script.layout();
        double all = script.getContent().getLayoutBounds().getHeight();
        double room = script.getViewportBounds().getHeight();
        if (all <= room) return;
        script.setVvalue(Math.clamp((text.getBoundsInParent().getMinY() - room / 4) / (all - room), 0, 1));
    }

    private static List<String> sentences(Step step) {
        var all = new ArrayList<String>();
        var text = step.say() + (step.question().isBlank() ? "" : " " + step.question() + " … " + step.answer());
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            boolean end = ".!?…".indexOf(text.charAt(i)) >= 0 && (i + 1 == text.length() || text.charAt(i + 1) == ' ');
            if (!end) continue;
            all.add(text.substring(from, i + 1).strip() + " ");
            from = i + 1;
        }
        if (from < text.length()) all.add(text.substring(from).strip());
        return all;
    }

    private void coming(AirRun run) {
        next.getChildren().clear();
        var steps = run.schedule().steps();
        for (int i = run.index() + 1; i < Math.min(steps.size(), run.index() + 4); i++) {
            var placed = steps.get(i);
            var number = Nodes.label(String.valueOf(placed.number()), "step-of");
            number.setMinWidth(26);
            var name = Nodes.label(placed.step().title(), "studio-next");
            name.setMinWidth(190);
            name.setPrefWidth(190);
            var time = Nodes.label(Clock.text(placed.span().length()), "studio-text");
            time.setMinWidth(60);
            var note = Nodes.label(note(placed, run), "studio-soft");
            note.setMinWidth(0);
            next.getChildren().add(Nodes.styled(Nodes.row(12, number, name, time, note), "studio-row"));
        }
    }

    private static String note(Placed placed, AirRun run) {
        var step = placed.step();
        if (!step.acts().isEmpty())
            return String.join(", ", step.acts().stream().map(a -> a.title()).toList());
        if (run.behind() > 0 && step.trim() > 0) return Words.of("air.trim", Clock.text(step.trim()));
        return step.camera().isBlank() ? step.who().title() : step.who().title() + " · " + step.camera();
    }

    private void heat(AirRun run, Outcome outcome) {
        heat.getChildren().clear();
        if (run.timers().isEmpty()) heat.getChildren().add(Nodes.wrapped(Words.of("air.noTimers"), "studio-soft"));
        for (var timer : run.timers()) {
            int to = timer.left(run.elapsed());
            boolean over = timer.over(run.elapsed()) > 0;
            var state = Nodes.label(
                    to > 0
                            ? Words.of("air.left", Clock.text(to))
                            : over
                                    ? Words.of("air.timerOver", Clock.text(timer.over(run.elapsed())))
                                    : Words.of("air.right"),
                    over ? "studio-bad" : to > 0 ? "air-behind" : "air-fine");
            var bar = new ProgressBar(Math.min(
                    1, 1 - Math.max(0, to) / (double) Math.max(1, timer.time().low())));
            bar.setMaxWidth(Double.MAX_VALUE);
            var step =
                    outcome == null ? Optional.<Step>empty() : outcome.lesson().step(timer.step());
            var cue =
                    step.map(s -> s.waiting() == null ? "" : s.waiting().cue()).orElse("");
            heat.getChildren()
                    .add(Nodes.styled(
                            new VBox(
                                    4,
                                    Nodes.row(8, Nodes.label(timer.label(), "studio-head"), Nodes.spring(), state),
                                    Nodes.wrapped(
                                            timer.time().text()
                                                    + (cue.isBlank() ? "" : " · " + Words.of("air.until", cue)),
                                            "studio-soft"),
                                    bar),
                            "studio-card"));
        }
    }
}
