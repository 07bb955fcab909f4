package webodidact.desktop.view.bench;

import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.afters.CarryOver;
import webodidact.core.air.Moment;
import webodidact.core.bench.Job;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.Clash;
import webodidact.core.prep.DayPrep;
import webodidact.core.prep.Demand;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.PrepTasks;
import webodidact.core.prep.Prepared;
import webodidact.core.prep.Task;
import webodidact.core.time.Clock;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.EmptyState;
import webodidact.desktop.control.Every;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.CarriedIn;
import webodidact.desktop.view.Chime;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/**
 * All that must be ready when the light goes on: lanes of people and things on one clock, what clashes and what could give way; the list
 * by the clock beside them. A first plan is there at once, the proved one follows.
 */
public final class BenchScreen extends HBox implements Screen {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final Workspace workspace;
    private final Desk desk;
    private final VBox work = Nodes.styled(new VBox(10), "work");
    private final VBox jobs = Nodes.styled(new VBox(4), "side-body");
    private final CarriedIn carried;
    private final DayView day;
    private final DayAlarm alarm = new DayAlarm();
    private final Every clock = new Every(2, this::alarm);
    private final ToggleButton planTab = Nodes.toggle(Words.of("bench.tab.plan"), "tab");
    private final ToggleButton dayTab = Nodes.toggle(Words.of("bench.tab.day"), "tab");
    /** What stands beside the lanes: the list by the clock, the sets, what is loaded. */
    private enum Side {
        CLOCK,
        KITS,
        LOADING;

        String key() {
            return "bench.side." + name().toLowerCase(Locale.ROOT);
        }
    }

    /** Seconds: what is carried in at once is not held. */
    private static final int MINUTE = 60;

    private Side side = Side.CLOCK;
    /** Id of the chosen job, or "". */
    private String job = "";

    public BenchScreen(Desk desk) {
        this.desk = desk;
        workspace = desk.workspace();
        carried = new CarriedIn(desk, CarryOver.Kind.FROZEN, CarryOver.Kind.LEFT);
        day = new DayView(desk, this::now);
        var tabs = new ToggleGroup();
        for (var tab : List.of(planTab, dayTab)) {
            tab.setToggleGroup(tabs);
            tab.setOnAction(e -> {
                tab.setSelected(true);
                show();
            });
        }
        planTab.setSelected(true);
        planTab.setId("bench-plan");
        dayTab.setId("bench-day-tab");
        getStyleClass().add("station");
        getChildren().addAll(Nodes.grown(Panes.work(work)), Panes.side(jobs, 430, 330));
        workspace.outcomeProperty().addListener(o -> WorkedOut.show(this, this::show));
        workspace.stepProperty().addListener(o -> show());
        desk.prep().preparedProperty().addListener(o -> WorkedOut.show(this, this::show));
        desk.prep().failedProperty().addListener(o -> WorkedOut.show(this, this::show));
        clock.start();
        show();
    }

    private void show() {
        var outcome = workspace.outcome();
        work.getChildren()
                .setAll(Nodes.row(
                        14,
                        Nodes.label(Words.of("station.bench"), "title"),
                        planTab,
                        dayTab,
                        Nodes.label(Words.of("bench.hint"), "soft")));
        jobs.getChildren().clear();
        if (outcome == null) return;
        outcome.need(Outcome.Part.BENCH);
        if (outcome.bench().jobs().isEmpty()) {
            work.getChildren()
                    .add(new EmptyState(Words.of("bench.empty"), Words.of("empty.script"), () -> desk.go("script")));
            return;
        }
        var prepared = desk.prep().prepared();
        if (dayTab.isSelected()) {
            day.show(outcome, prepared);
            work.getChildren().add(day);
            jobs.getChildren().addAll(carried, new BenchChoices(desk, outcome));
            return;
        }
        jobs.getChildren().add(sides());
        switch (side) {
            case CLOCK -> byTheClock(outcome, prepared);
            case KITS -> jobs.getChildren().add(new KitsPane(desk, outcome.answers()));
            case LOADING -> jobs.getChildren().add(new LoadingPane(outcome.answers(), outcome));
        }
        if (prepared != null && prepared.plan().isPresent()) {
            var plan = prepared.plan().orElseThrow();
            work.getChildren().addAll(head(outcome, prepared, plan), lanes(outcome, prepared));
            for (var hold : prepared.holds())
                if (hold.seconds() >= MINUTE) work.getChildren().add(held(outcome, hold));
        } else {
            var state = state(prepared);
            var line = Nodes.wrapped(Words.of(state), "soft");
            line.setId(state.replace('.', '-'));
            work.getChildren().add(line);
        }
        if (prepared != null) prepared.clash().ifPresent(c -> work.getChildren().add(clash(outcome, c)));
        // Where nothing better is known the first plan says what it could not keep.
        if (prepared == null || prepared.plan().isEmpty())
            for (var each : outcome.bench().clashes())
                work.getChildren().add(Nodes.wrapped("▲ " + each, "finding", "look"));
        work.getChildren().add(new BenchChoices(desk, outcome));
        int untimed = outcome.schedule().untimed().size();
        if (untimed > 0)
            work.getChildren().add(Nodes.wrapped("▲ " + Words.count("bench.untimed", untimed), "finding", "look"));
        work.getChildren().add(Nodes.wrapped(Words.of("bench.howText"), "soft"));
    }

    /** What spoils is said to be kept hot or chilled; what only loses, how long it keeps. */
    private static Node held(Outcome outcome, Prepared.Hold hold) {
        var profile = outcome.course().profile();
        return hold.spoils()
                ? Nodes.wrapped(
                        "▲ "
                                + Words.of(
                                        "bench.held.spoils",
                                        hold.task().what(),
                                        Clock.brief(hold.seconds()),
                                        Clock.brief(hold.most()),
                                        profile.degrees(profile.hotHolding())),
                        "finding",
                        "look")
                : Nodes.wrapped(
                        Words.of(
                                "bench.held.keeps",
                                hold.task().what(),
                                Clock.brief(hold.seconds()),
                                Clock.brief(hold.most())),
                        "soft");
    }

    private FlowPane sides() {
        var row = new FlowPane(4, 4);
        var tabs = new ToggleGroup();
        for (var each : Side.values()) {
            var tab = Nodes.named(
                    Nodes.toggle(Words.of(each.key()), "tab"), each.key().replace('.', '-'), Words.of(each.key()));
            tab.setToggleGroup(tabs);
            tab.setSelected(each == side);
            tab.setOnAction(e -> {
                side = each;
                show();
                // What was pressed is another button now: the keyboard stays on it.
                jobs.lookup("#" + each.key().replace('.', '-')).requestFocus();
            });
            row.getChildren().add(tab);
        }
        return row;
    }

    private void byTheClock(Outcome outcome, Prepared prepared) {
        chosen(outcome, prepared)
                .ifPresent(j -> jobs.getChildren()
                        .add(new JobCard(desk, outcome.lesson(), prepared.prep(), j, next(prepared, j))));
        jobs.getChildren().add(carried);
        if (prepared != null && prepared.plan().isPresent()) {
            for (var job : prepared.plan().orElseThrow().jobs())
                if (job.task().kind() != Task.Kind.AIR) jobs.getChildren().add(row(outcome, job));
        } else for (var job : outcome.bench().toDo()) jobs.getChildren().add(row(outcome, job));
        jobs.getChildren().add(airRow(outcome));
    }

    /** What the same hands do next. */
    private static PrepPlan.Job next(Prepared prepared, PrepPlan.Job job) {
        return prepared.plan().orElseThrow().jobs().stream()
                .filter(j -> j.task().isOfTheDay() && j.who().equals(job.who()) && j.start() >= job.end())
                .findFirst()
                .orElse(null);
    }

    /** What has come due is heard and told wherever the instructor is; only on a day that is known. */
    private void alarm() {
        var prepared = desk.prep().prepared();
        var lesson = workspace.lesson();
        if (prepared == null || lesson == null || lesson.air() == null) return;
        prepared.plan().ifPresent(p -> {
            var due = alarm.due(lesson, DayPrep.ticked(lesson, workspace.book().lessons()), p, now());
            if (due.isEmpty()) return;
            Chime.play(Moment.Kind.LOOK, desk.background());
            desk.tell(Words.of("day.alarm", due.stream().map(Task::what).collect(Collectors.joining("; "))));
        });
    }

    @Override
    public void close() {
        clock.stop();
    }

    /** Second of air, negative before it; without a day as long before it as the plan needs. */
    private int now() {
        var air = workspace.lesson() == null ? null : workspace.lesson().air();
        var prepared = desk.prep().prepared();
        return air == null
                ? prepared == null ? 0 : prepared.start().orElse(0)
                : (int) Math.clamp(ChronoUnit.SECONDS.between(air, desk.ticker().now()), Task.ANY, 24 * 3600);
    }

    private Optional<PrepPlan.Job> chosen(Outcome outcome, Prepared prepared) {
        return prepared == null || job.isEmpty()
                ? Optional.empty()
                : prepared.plan().flatMap(p -> p.of(job));
    }

    /** Why there is no plan to be drawn. */
    private String state(Prepared prepared) {
        if (prepared == null) return desk.prep().failedProperty().get() ? "bench.failed" : "bench.working";
        return prepared.clash().isPresent() ? "bench.noPlan" : "bench.noneFound";
    }

    /** Figures beside each other where there is room: none of them is ever cut. */
    private FlowPane head(Outcome outcome, Prepared prepared, PrepPlan plan) {
        var row = new FlowPane(
                26,
                6,
                figure("bench.start", clock(outcome, plan.start()), "bench-start"),
                figure("bench.yours", Clock.brief(plan.handsOf(PrepTasks.YOU)), "bench-yours"));
        for (var person : prepared.prep().room().people())
            if (!person.name().equals(PrepTasks.YOU))
                row.getChildren().add(figure(person.name(), Clock.brief(plan.handsOf(person.name())), "bench-helper"));
        row.getChildren().add(figure("bench.held", Clock.brief(prepared.longestHold()), "bench-held"));
        var proof = Nodes.label(proof(plan), plan.isProvedToTheMinute() ? "good" : "warn");
        proof.setId("bench-proof");
        var count = Nodes.label(
                Words.count(
                        "bench.jobs",
                        plan.jobs().stream()
                                .filter(j -> j.task().kind() != Task.Kind.AIR)
                                .count()),
                "soft");
        row.getChildren().add(Nodes.column(0, proof, count));
        row.getStyleClass().add("bench-head");
        return row;
    }

    private static String proof(PrepPlan plan) {
        if (plan.proved()) return Words.of("bench.proved");
        return plan.isProvedToTheMinute()
                ? Words.of("bench.provedMinute")
                : Words.of("bench.gap", Clock.text(plan.gap()));
    }

    private static Node figure(String key, String value, String id) {
        var number = Nodes.label(value, "bench-figure");
        number.setId(id);
        return Nodes.column(0, Nodes.label(key.startsWith("bench.") ? Words.of(key) : key, "soft"), number);
    }

    private PrepLanes lanes(Outcome outcome, Prepared prepared) {
        var lanes = new PrepLanes(t -> choose(t.id(), t.step()), s -> clock(outcome, s), (t, s) -> pin(t.id(), s));
        var step = workspace.stepProperty().get();
        lanes.show(prepared, step == null ? "" : step);
        return lanes;
    }

    private void choose(String chosen, String step) {
        job = chosen;
        if (!step.isEmpty() && !step.equals(workspace.stepProperty().get()))
            workspace.stepProperty().set(step);
        else show();
    }

    private void pin(String job, int second) {
        this.job = job;
        var decisions = new Decisions(workspace, workspace.lesson());
        var owner = decisions.owner(job);
        decisions.edit(
                Words.of("edit.bench"), "pin/" + owner.job(), job, b -> b.pinning(owner.job(), second - owner.later()));
    }

    private VBox clash(Outcome outcome, Clash clash) {
        var box = Nodes.styled(new VBox(4), "finding", "stop");
        box.setId("bench-clash");
        box.getChildren().add(Nodes.wrapped("■ " + Words.of("bench.clash"), "finding-what"));
        for (var demand : clash.demands()) box.getChildren().add(Nodes.wrapped(demand.text(), "body"));
        box.getChildren().add(Nodes.wrapped(Words.of("bench.relax"), "overline"));
        for (var relax : clash.relax()) {
            var text = relax.start() == null
                    ? Words.of("bench.relax.not", relax.demand().relaxed())
                    : Words.of("bench.relax.start", relax.demand().relaxed(), clock(outcome, relax.start()));
            if (relax.start() == null) box.getChildren().add(Nodes.wrapped(text, "body"));
            else
                box.getChildren()
                        .add(Nodes.named(
                                Nodes.button(text, () -> relax(relax.demand())),
                                "relax-" + relax.demand().kind().name().toLowerCase(Locale.ROOT),
                                text));
        }
        return box;
    }

    /** What somebody has asked for is taken back; what the lesson asks for is given up. */
    private void relax(Demand demand) {
        var decisions = new Decisions(workspace, workspace.lesson());
        var tasks = Stream.of(demand.task().split("\n"))
                .map(t -> decisions.owner(t).job())
                .toList();
        var theirs = new Demand(demand.kind(), String.join("\n", tasks), demand.said());
        decisions.edit(Words.of("edit.relax"), "", demand.task().split("\n")[0], b -> switch (theirs.kind()) {
            case PIN -> b.pinning(theirs.task(), null);
            case WHO -> b.giving(theirs.task(), "");
            default -> b.givingUp(theirs.key());
        });
    }

    private CardButton row(Outcome outcome, PrepPlan.Job job) {
        var task = job.task();
        boolean pinned = task.at() != null;
        var row = row(
                task.id(),
                pinned,
                at(outcome, job.start()),
                task.takes(),
                task.what(),
                task.why(),
                job.who().isEmpty() ? task.kind().title() : job.who(),
                task.kind().name(),
                task.step());
        row.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (!e.isAltDown() || e.getCode() != KeyCode.LEFT && e.getCode() != KeyCode.RIGHT) return;
            pin(task.id(), job.start() + (e.getCode() == KeyCode.LEFT ? -300 : 300));
            e.consume();
        });
        return row;
    }

    private CardButton row(Outcome outcome, Job job) {
        return row(
                "",
                false,
                at(outcome, job.span().start()),
                job.span().length(),
                job.title(),
                job.why(),
                job.type().title(),
                job.type().name(),
                job.step());
    }

    private CardButton row(
            String id,
            boolean pinned,
            String at,
            int takes,
            String title,
            String why,
            String who,
            String kind,
            String step) {
        var words = Nodes.column(
                0,
                Nodes.wrapped(title, "strong"),
                Nodes.label(
                        who, "job-kind", "job-" + kind.toLowerCase(Locale.ROOT).replace('_', '-')),
                Nodes.wrapped(why, "soft"));
        words.setMinWidth(0);
        var row = Nodes.row(
                8,
                Nodes.column(
                        0,
                        cell(at, 5.2, "time"),
                        cell(Clock.text(takes), 5.2, "time-soft"),
                        cell(pinned ? Words.of("bench.pinned") : "", 5.2, "warn")),
                Nodes.grown(words));
        var button = new CardButton("row-card", () -> choose(id, step), row);
        if (!id.isEmpty()) button.setId("job-" + id.replace('/', '-'));
        button.setAccessibleText(at + ", " + title + ", " + who + ", " + Clock.text(takes));
        button.pseudoClassStateChanged(
                CHOSEN,
                id.isEmpty() || job.isEmpty()
                        ? !step.isEmpty()
                                && step.equals(workspace.stepProperty().get())
                        : id.equals(job));
        return button;
    }

    private static HBox cell(String text, double em, String... styles) {
        return Nodes.cell(Nodes.label(text, styles), em);
    }

    private static HBox airRow(Outcome outcome) {
        var row = Nodes.row(8, cell(at(outcome, 0), 5.2, "time"), Nodes.label(Words.of("bench.air"), "on-air-word"));
        row.getStyleClass().add("air-row");
        return row;
    }

    private static String at(Outcome outcome, int second) {
        return BenchClock.exact(outcome.lesson(), second);
    }

    private static String clock(Outcome outcome, int second) {
        return BenchClock.text(outcome.lesson(), second);
    }
}
