package webodidact.desktop.view.onair;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.air.AirRun;
import webodidact.core.air.OnTime;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.AirWatch;
import webodidact.desktop.words.Words;

/** What the instructor reads from two metres away: the words, the clock, what is due, what comes, who is left behind. */
final class LivePanel extends VBox {
    /** Size of the title, in sizes of the text. */
    private static final double TITLE = 1.9;
    /** Heights of the window, in sizes of the text. */
    private static final double KEYS_FROM = 51;

    private static final double AHEAD_FROM = 40;
    private final AirHead head = new AirHead();
    private int ahead = AirWatch.AHEAD;
    private final Label stepOf = Nodes.label("", "step-of");
    private final Label title = Nodes.label("", "studio-title");
    private final Label left = Nodes.label("", "step-left");
    private final ProgressBar progress = new ProgressBar(0);
    private final PromptBox prompt = new PromptBox();
    private final Label doing = Nodes.wrapped("", "studio-do");
    private final Label adult = Nodes.wrapped("", "studio-do");
    private final VBox doBox =
            Nodes.styled(new VBox(3, Nodes.label(Words.of("air.do"), "studio-soft"), doing), "studio-card");
    private final VBox adultBox =
            Nodes.styled(new VBox(3, Nodes.label(Words.of("air.adult"), "studio-caution"), adult), "studio-warning");
    private final VBox next = new VBox(4);
    private final HelpBar helps;
    private final Label keys = Nodes.wrapped("", "studio-keys");
    private final TimerCards timers = new TimerCards();
    private final KitchensBox kitchens = new KitchensBox();
    private final AsksBox asks = new AsksBox();

    LivePanel(Consumer<OnTime.Help> taken) {
        getStyleClass().add("live");
        helps = new HelpBar(taken);
        left.setId("step-left");
        title.setId("air-title");
        progress.setMaxWidth(Double.MAX_VALUE);
        title.setMinWidth(0);
        doBox.setMaxWidth(Double.MAX_VALUE);
        adultBox.setPrefWidth(260);
        adultBox.setMinWidth(220);
        // What can hurt somebody stands still while the words move.
        var cards = new HBox(10, Nodes.grown(doBox), adultBox);
        cards.setMinHeight(USE_PREF_SIZE);
        keys.setMinHeight(USE_PREF_SIZE);
        helps.setMinHeight(USE_PREF_SIZE);
        next.setMinHeight(USE_PREF_SIZE);
        var main = Nodes.styled(
                new VBox(
                        10,
                        Nodes.row(14, stepOf, title, Nodes.spring(), left),
                        progress,
                        Nodes.grown(prompt),
                        cards,
                        Nodes.label(Words.of("air.coming"), "studio-soft"),
                        next,
                        helps,
                        keys),
                "studio-main");
        main.setMinWidth(0);
        var side = Panes.side(
                Nodes.styled(
                        new VBox(14, Nodes.label(Words.of("air.heat"), "studio-head"), timers, kitchens, asks),
                        "studio-side"),
                400,
                320);
        side.getStyleClass().addAll("prompt-scroll", "studio-side-scroll");
        side.setFocusTraversable(false);
        head.setMinHeight(USE_PREF_SIZE);
        main.setMinHeight(0);
        side.setMinHeight(0);
        var below = new HBox(Nodes.grown(main), side);
        below.setMinHeight(0);
        getChildren().addAll(head, Nodes.grown(below));
    }

    /** In a low window, or with large text, the words come first: the line of keys goes, then steps further ahead. F1 lists the keys. */
    @Override
    protected void layoutChildren() {
        double lines = getHeight() / (title.getFont().getSize() / TITLE);
        boolean few = lines < KEYS_FROM;
        if (keys.isManaged() == few) {
            keys.setManaged(!few);
            keys.setVisible(!few);
        }
        ahead = lines < AHEAD_FROM ? 1 : AirWatch.AHEAD;
        for (int i = 0; i < next.getChildren().size(); i++) {
            var row = next.getChildren().get(i);
            if (row.isManaged() != i < ahead) {
                row.setManaged(i < ahead);
                row.setVisible(i < ahead);
            }
        }
        super.layoutChildren();
    }

    PromptBox prompt() {
        return prompt;
    }

    void show(AirRun run, AirWatch.Seen seen) {
        var placed = run.schedule().steps().get(run.index());
        head.show(run);
        stepOf.setText(Words.of("air.stepOf", placed.number(), run.plan().steps()));
        title.setText(placed.step().title());
        left.setText(Clock.text(run.leftHere()));
        Nodes.restyle(left, "label", run.leftHere() < 0 ? "step-over" : "step-left");
        progress.setProgress(
                run.plannedHere() == 0 ? 1 : Math.clamp(1 - run.leftHere() / (double) run.plannedHere(), 0, 1));
        prompt.show(run);
        doing.setText(placed.step().doing());
        doBox.setVisible(!placed.step().doing().isBlank());
        doBox.setManaged(doBox.isVisible());
        var caution = caution(placed.step());
        adult.setText(caution);
        adultBox.setVisible(!caution.isEmpty());
        adultBox.setManaged(!caution.isEmpty());
        keys.setText(Words.of(run.plan().kind().hasParts() ? "air.keysParts" : "air.keys"));
        see(run, seen);
    }

    /** What is worked out behind the run, and what it is shown beside. */
    void see(AirRun run, AirWatch.Seen seen) {
        coming(run, seen);
        timers.show(run, seen);
        helps.show(seen);
        kitchens.show(seen);
        asks.show(seen);
    }

    private static String caution(Step step) {
        if (step.place() == Place.OVEN)
            return Words.of(
                    "air.cautionOven", step.heat() == null ? "" : step.heat().text());
        if (step.place() == Place.RING) return Words.of("air.cautionRing");
        return step.who() == Who.ADULT ? Words.of("air.cautionAdult") : "";
    }

    /** All that can be seen of a step ahead. */
    private record Ahead(int number, String title, int length, String note, Integer ends) {}

    private List<Ahead> shown;

    private void coming(AirRun run, AirWatch.Seen seen) {
        var now = run.schedule().steps().stream()
                .skip(run.index() + 1L)
                .filter(p -> !run.skipped().contains(p.step().id()))
                .limit(AirWatch.AHEAD)
                .map(p -> new Ahead(
                        p.number(),
                        p.step().title(),
                        p.span().length(),
                        Coming.note(p, run),
                        seen == null ? null : seen.skips().get(p.step().id())))
                .toList();
        if (now.equals(shown)) return;
        shown = now;
        next.getChildren().clear();
        for (var ahead : now)
            next.getChildren().add(row(ahead, next.getChildren().size() + 1));
        if (now.isEmpty()) next.getChildren().add(Nodes.label(Words.of("air.last"), "studio-soft"));
    }

    private HBox row(Ahead step, int place) {
        var number = Nodes.label(String.valueOf(step.number()), "step-of");
        number.setMinWidth(26);
        var name = Nodes.label(step.title(), "studio-next");
        name.setMinWidth(190);
        name.setPrefWidth(190);
        var time = Nodes.label(Clock.text(step.length()), "studio-text");
        time.setMinWidth(60);
        var note = Nodes.grown(Nodes.label(step.note(), "studio-soft"));
        note.setMinWidth(0);
        note.setMaxWidth(Double.MAX_VALUE);
        var row = Nodes.styled(Nodes.row(12, number, name, time, note), "studio-row");
        if (step.ends() != null) {
            var skip = Nodes.label(Words.of("air.skip", place, Clock.text(step.ends())), "studio-soft");
            skip.setMinWidth(USE_PREF_SIZE);
            row.getChildren().add(skip);
        }
        row.setManaged(place <= ahead);
        row.setVisible(place <= ahead);
        return row;
    }

    /** The step that the key of that row skips to. */
    static Placed row(AirRun run, int row) {
        var steps = run.schedule().steps().stream()
                .skip(run.index() + 1L)
                .filter(p -> !run.skipped().contains(p.step().id()))
                .toList();
        return row > 1 && row <= Math.min(steps.size(), AirWatch.AHEAD) ? steps.get(row - 1) : null;
    }
}
