package webodidact.desktop.view.onair;

import java.util.Comparator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Control;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import webodidact.core.air.AirKey;
import webodidact.core.air.AirTimer;
import webodidact.core.air.Legible;
import webodidact.core.air.OnTime;
import webodidact.core.swap.Accepting;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.AirWatch;
import webodidact.desktop.state.LiveRun;
import webodidact.desktop.view.Chime;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/** The live desk: ready, on air, or over. The run itself is the workspace's: it goes on when this is left. */
public final class OnAirScreen extends StackPane implements Screen {
    /** What a monitor shows to an inch where nothing else is known, and how far the words are read from, in centimetres. */
    private static final int DPI = 96;

    private static final int AFAR = 200;
    private final Desk desk;
    private final LivePanel live;
    private final HBox question;
    private final LiveRun run;
    private final AirWatch watch;
    private final ReadySheet.Choice choice = new ReadySheet.Choice();
    private HelperWindow helper;
    /** A line that is being typed, or null. */
    private HBox typing;

    public OnAirScreen(Desk desk) {
        this.desk = desk;
        run = desk.workspace().live();
        watch = desk.workspace().watch();
        getStyleClass().add("studio");
        setFocusTraversable(true);
        live = new LivePanel(this::take);
        question = Nodes.styled(
                new HBox(
                        12,
                        Nodes.label(Words.of("air.endAsk"), "studio-text"),
                        Nodes.named(
                                Nodes.button(Words.of("air.end"), this::end, "go-live"),
                                "end-run",
                                Words.of("air.end")),
                        Nodes.named(
                                Nodes.button(Words.of("air.goOn"), this::goOn, "studio-button"),
                                "go-on-run",
                                Words.of("air.goOn"))),
                "studio-question");
        question.setAlignment(Pos.CENTER);
        question.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        StackPane.setAlignment(question, Pos.BOTTOM_CENTER);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        desk.workspace().outcomeProperty().addListener(o -> {
            if (!run.isRunning() && run.kept().isEmpty()) WorkedOut.show(this, this::show);
        });
        run.runProperty().addListener(o -> show());
        watch.seenProperty().addListener((o, was, now) -> seen(now));
        run.onMoment(m -> {
            Chime.play(m.kind(), desk.background());
            desk.tell(m.text());
        });
        sceneProperty().addListener((o, was, now) -> {
            if (now != null) show();
            else if (run.isRunning()) desk.tell(Words.of("air.goesOn"));
        });
        show();
    }

    private void show() {
        if (run.isRunning()) {
            if (getChildren().isEmpty() || getChildren().getFirst() != live)
                getChildren().setAll(live);
            live.show(run.runProperty().get(), watch.seenProperty().get());
            if (helper != null)
                helper.show(run.runProperty().get(), watch.seenProperty().get());
        } else {
            typing = null;
            var sheet = run.kept().isEmpty()
                    ? new ReadySheet(desk, choice, this::start)
                    : new OverSheet(desk, run, this::again);
            // Three stops and a run that was cut off are more than a low window has room for.
            var scroll = Panes.work(new StackPane(sheet));
            scroll.getStyleClass().add("prompt-scroll");
            scroll.setFitToHeight(true);
            scroll.setFocusTraversable(false);
            getChildren().setAll(scroll);
        }
    }

    private void seen(AirWatch.Seen seen) {
        if (!run.isRunning()) return;
        live.see(run.runProperty().get(), seen);
        if (helper != null) helper.show(run.runProperty().get(), seen);
    }

    private void again() {
        run.again();
        show();
        requestFocus();
    }

    private void start() {
        if (!desk.workspace().isCurrent()) {
            desk.tell(Words.of("papers.notCurrent"));
            return;
        }
        var outcome = desk.workspace().outcome();
        run.start(desk.ticker().times(choice.speed(outcome)), choice.kind(outcome));
        requestFocus();
    }

    private void ask() {
        desk.tell("");
        if (!isAsking()) getChildren().add(question);
        requestFocus();
    }

    private boolean isAsking() {
        return getChildren().contains(question);
    }

    private void goOn() {
        getChildren().remove(question);
        requestFocus();
    }

    private void end() {
        getChildren().remove(question);
        run.end();
        requestFocus();
    }

    private void take(OnTime.Help help) {
        run.key(help.key(), help.what());
        desk.tell(Words.of("air.taken", help.text(), Clock.text(help.ends())));
        requestFocus();
    }

    private void take(AirKey... keys) {
        var seen = watch.seenProperty().get();
        if (seen == null) return;
        for (var key : keys) {
            // Leaving a talk out by going on is the same key as going on; only where it saves something.
            var help = seen.onTime().of(key);
            if (help.isPresent()) {
                take(help.get());
                return;
            }
        }
    }

    /** The hold that brings most kitchens back, on the step on air. */
    private void holdForKitchens() {
        var seen = watch.seenProperty().get();
        var state = seen == null ? null : seen.kitchens().orElse(null);
        if (state == null || state.hold() == 0) return;
        var now = run.runProperty().get();
        run.key(AirKey.STRETCH, AirKey.with(now.plan().step(now.index()).id(), state.hold()));
        desk.tell(Words.of("air.held85", Clock.text(state.hold()), state.then()));
    }

    private void answer(boolean sheet) {
        AsksBox.first(watch.seenProperty().get()).ifPresent(asked -> {
            var food = asked.answer().standIn();
            if (sheet && food.isEmpty()) return;
            if (sheet) {
                var line = asked.answer().about();
                var lesson = run.runProperty().get().plan().lesson().id();
                desk.workspace()
                        .edit(
                                Words.of("edit.mentionAsked"),
                                b -> b.withLesson(lesson, l -> Accepting.mention(l, line, food.get(), true)));
                desk.tell(Words.of("air.onSheet"));
            }
            run.key(AirKey.ANSWER, asked.id());
        });
    }

    private void redo(int back) {
        var now = run.runProperty().get();
        int to = Math.max(0, now.index() - back);
        run.key(AirKey.REDO, now.plan().step(to).id());
    }

    private void collect() {
        var now = run.runProperty().get();
        now.timers().stream()
                .min(Comparator.comparing((AirTimer t) -> t.kind() != AirTimer.Kind.WAIT)
                        .thenComparing(t -> t.left(now.elapsed())))
                .ifPresent(t -> run.key(AirKey.COLLECT, t.id()));
    }

    private void skip(int row) {
        var placed = LivePanel.row(run.runProperty().get(), row);
        if (placed == null) return;
        run.key(AirKey.SKIP_TO, placed.step().id());
        desk.tell(Words.of("air.skipped", placed.number()));
    }

    /** One line to type into; Enter keeps it, Escape does not. The run goes on. */
    private void type(String prompt, AirKey key) {
        if (typing != null) return;
        var field = new TextField();
        field.setId("air-line");
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.setPrefColumnCount(36);
        field.setOnAction(e -> {
            var words = field.getText();
            untype();
            if (key != AirKey.ASK || !words.isBlank()) run.key(key, words);
        });
        typing = Nodes.styled(new HBox(12, Nodes.label(prompt, "studio-text"), field), "studio-question");
        typing.setAlignment(Pos.CENTER);
        typing.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        StackPane.setAlignment(typing, Pos.BOTTOM_CENTER);
        getChildren().add(typing);
        field.requestFocus();
    }

    private void untype() {
        getChildren().remove(typing);
        typing = null;
        requestFocus();
    }

    private void helper() {
        if (helper == null) helper = new HelperWindow(getScene().getWindow(), this::key);
        helper.toggle(getScene().getWindow());
        show();
    }

    @Override
    public void close() {
        if (helper != null) helper.close();
    }

    private void bigger(boolean up) {
        live.prompt().bigger(up);
        int pixels = live.prompt().pixels();
        long arc = Legible.arc(pixels, DPI, AFAR).nearest();
        desk.tell(Words.of(arc >= Legible.EASY ? "air.arc" : "air.arcSmall", pixels, arc, Legible.EASY));
    }

    /** Space or Enter, unless another control has them: a button that was reached with Tab, or a field. */
    private boolean isStart(KeyEvent e) {
        if (e.getCode() != KeyCode.SPACE && e.getCode() != KeyCode.ENTER) return false;
        boolean other = e.getTarget() instanceof Control c && !"go-live".equals(c.getId());
        return !other && lookup("#go-live") instanceof Button go && !go.isDisabled();
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) return;
        if (typing != null) {
            if (e.getCode() != KeyCode.ESCAPE) return;
            untype();
        } else if (e.getCode() == KeyCode.F2) {
            bigger(!e.isShiftDown());
        } else if (e.getCode() == KeyCode.ESCAPE) {
            leave();
        } else if (run.isRunning() && isAsking() && e.getCode() == KeyCode.ENTER) {
            end();
        } else if (!run.isRunning() && run.kept().isEmpty() && isStart(e)) {
            start();
        } else if (!run.isRunning() || !running(e)) {
            return;
        }
        e.consume();
    }

    private void leave() {
        if (run.isRunning() && isAsking()) {
            goOn();
        } else if (run.isRunning()) {
            ask();
        } else {
            run.again();
            desk.go("script");
        }
    }

    /** Foot pedals send the keys that turn pages. @return whether the key means something */
    private boolean running(KeyEvent e) {
        switch (e.getCode()) {
            case SPACE, PAGE_DOWN, RIGHT -> run.key(AirKey.NEXT);
            case B, PAGE_UP, LEFT -> run.key(AirKey.BACK);
            case Z -> run.key(AirKey.UNDO);
            case H -> run.key(AirKey.HOLD);
            case M -> mark(e.isShiftDown());
            case T -> run.key(AirKey.TIMER);
            case C -> collect();
            case E -> take(AirKey.TRIM);
            case X -> take(AirKey.LEAVE_OUT);
            case S -> take(AirKey.STRETCH);
            case D -> take(AirKey.NEXT);
            case K -> holdForKitchens();
            case Y -> answer(false);
            case U -> answer(true);
            case Q -> type(Words.of("air.typeQuestion"), AirKey.ASK);
            case L -> run.key(AirKey.ROLL);
            case R -> redo(e.isShiftDown() ? 1 : 0);
            case V -> desk.tell(Words.of(live.prompt().mirror() ? "air.mirrored" : "air.unmirrored"));
            case W -> helper();
            case DIGIT2, NUMPAD2 -> skip(2);
            case DIGIT3, NUMPAD3 -> skip(3);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void mark(boolean words) {
        if (words) type(Words.of("air.typeMark"), AirKey.MARK);
        else run.key(AirKey.MARK);
    }
}
