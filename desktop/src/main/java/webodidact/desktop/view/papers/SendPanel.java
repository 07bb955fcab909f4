package webodidact.desktop.view.papers;

import java.io.IOException;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.check.Finding;
import webodidact.core.check.Report;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.words.Words;
import webodidact.formats.course.DiskWords;
import webodidact.formats.paper.Changes;
import webodidact.formats.paper.Edition;
import webodidact.formats.paper.PagePaper;
import webodidact.formats.paper.Paper;
import webodidact.formats.paper.Papers;

/** What stands against a paper, writing it, where it lies, and what has changed since it was last written. */
final class SendPanel extends VBox {
    /** What the screen knows: which papers, for whom. */
    interface Orders {
        List<Paper> papers();

        List<Edition> editions(Paper paper);

        boolean isTogether();

        void written();

        void show(Paper paper);
    }

    private static final int MOST_CHANGES = 12;

    private final Desk desk;
    private final Orders orders;
    private final VBox holds = new VBox(8);
    private final VBox changes = new VBox(2);
    private final CheckBox draft = new CheckBox(Words.of("papers.draft"));
    private final Button one = Nodes.button("", () -> write(false), "primary");
    private final Button all = Nodes.button(Words.of("papers.writeAll"), () -> write(true));
    private final Label where = Nodes.wrapped("", "soft");
    private final Hyperlink open = new Hyperlink(Words.of("papers.open"));
    private final Hyperlink elsewhere = new Hyperlink(Words.of("papers.elsewhere"));
    private final ProgressBar progress = new ProgressBar(0);
    private final HBox running;
    private AtomicBoolean stop = new AtomicBoolean();
    private Path chosen;

    SendPanel(Desk desk, Orders orders) {
        super(8);
        this.desk = desk;
        this.orders = orders;
        one.setId("write-paper");
        all.setId("write-all");
        draft.setId("as-draft");
        open.setId("open-folder");
        elsewhere.setId("papers-elsewhere");
        progress.setId("write-progress");
        changes.setId("changes");
        draft.setOnAction(e -> enable(desk.workspace().outcome()));
        open.setOnAction(e -> desk.open(folder()));
        elsewhere.setOnAction(e -> desk.askFolder(Words.of("papers.ask")).ifPresent(f -> {
            chosen = f;
            orders.written();
        }));
        progress.setMaxWidth(Double.MAX_VALUE);
        running = Nodes.row(
                8,
                Nodes.grown(progress),
                Nodes.named(
                        Nodes.button(Words.of("papers.stop"), () -> stop.set(true)),
                        "write-stop",
                        Words.of("papers.stop")));
        running(false);
        getChildren()
                .addAll(
                        Nodes.label(Words.of("papers.ready"), "side-title"),
                        holds,
                        draft,
                        new FlowPane(8, 8, one, all),
                        running,
                        where,
                        new FlowPane(4, 2, open, elsewhere),
                        Nodes.label(Words.of("papers.changed"), "side-title"),
                        changes);
    }

    private void running(boolean on) {
        running.setVisible(on);
        running.setManaged(on);
    }

    /** Where papers of this lesson lie: in the course's own folder, unless somebody has said otherwise. */
    Path folder() {
        return chosen != null
                ? chosen
                : desk.workspace()
                        .folder()
                        .path()
                        .resolve("Papers")
                        .resolve(desk.workspace().lesson().id());
    }

    void show(Paper paper, Outcome outcome) {
        holds.getChildren().clear();
        var against = paper.holds(outcome);
        draft.setVisible(!against.isEmpty());
        draft.setManaged(!against.isEmpty());
        if (against.isEmpty()) holds.getChildren().add(good(outcome));
        else {
            holds.getChildren()
                    .add(Nodes.wrapped(
                            "■ " + Words.count("papers.blocked", against.size()), "finding", "stop", "finding-what"));
            var actions = new FindingActions(desk.workspace());
            for (var group : Report.grouped(against)) {
                holds.getChildren().add(new FindingCard(group.getFirst(), actions));
                if (group.size() > 1)
                    holds.getChildren()
                            .add(Nodes.wrapped(Words.of("papers.alike", group.size() - 1, steps(group)), "soft"));
            }
        }
        others(paper, outcome);
        for (var covered : outcome.report().covered()) {
            var reason = outcome.lesson().accepted().stream()
                    .filter(a -> a.check().equals(covered.check()) && a.where().equals(covered.where()))
                    .findFirst()
                    .map(a -> a.reason())
                    .orElse("");
            holds.getChildren().add(Nodes.wrapped(Words.of("papers.covered", covered.what(), reason), "soft"));
        }
        var papers = orders.papers();
        one.setText(
                papers.size() > 1
                        ? Words.of("papers.writeSome", papers.size())
                        : Words.of(paper instanceof PagePaper ? "papers.write" : "papers.writeFile"));
        var home = desk.workspace().folder().path();
        where.setText(Words.of("papers.to", folder().startsWith(home) ? home.relativize(folder()) : folder()));
        enable(outcome);
    }

    private static Label good(Outcome outcome) {
        var lesson = outcome.lesson();
        return Nodes.wrapped(
                Words.of("papers.free", lesson.foods().size(), lesson.tools().size()),
                "finding",
                "good-box",
                "finding-what");
    }

    /** The first other paper that is held, so that nobody sends the list and finds out later that the card cannot follow. */
    private void others(Paper paper, Outcome outcome) {
        var held = Papers.ALL.stream()
                .filter(p -> p != paper && !p.holds(outcome).isEmpty())
                .toList();
        if (held.isEmpty()) return;
        var names = held.stream().limit(3).map(Paper::title).toList();
        var look = Nodes.button(Words.of("papers.look"), () -> orders.show(held.getFirst()));
        look.setId("look-held");
        holds.getChildren()
                .add(Nodes.column(
                        4,
                        Nodes.wrapped(
                                "■ " + Words.of("papers.others", held.size(), String.join(", ", names)),
                                "finding",
                                "stop",
                                "finding-what"),
                        look));
    }

    /** "4, 9, 12 …" */
    private static String steps(List<Finding> group) {
        var numbers = group.stream()
                .skip(1)
                .map(Finding::step)
                .filter(n -> n > 0)
                .distinct()
                .map(String::valueOf)
                .toList();
        return String.join(", ", numbers.subList(0, Math.min(12, numbers.size()))) + (numbers.size() > 12 ? " …" : "");
    }

    private void enable(Outcome outcome) {
        if (outcome == null) return;
        boolean asDraft = draft.isSelected() && draft.isVisible();
        one.setDisable(!asDraft
                && orders.papers().stream().noneMatch(p -> p.holds(outcome).isEmpty()));
        all.setDisable(
                !asDraft && Papers.ALL.stream().noneMatch(p -> p.holds(outcome).isEmpty()));
    }

    void changes(Changes found) {
        changes.getChildren().clear();
        if (found.when() == null) {
            changes.getChildren().add(Nodes.wrapped(Words.of("papers.never"), "soft"));
            return;
        }
        var when = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.UK)
                .format(found.when().atZone(ZoneId.systemDefault()));
        if (found.lines().isEmpty()) {
            changes.getChildren().add(Nodes.wrapped(Words.of("papers.same", when), "soft"));
            return;
        }
        changes.getChildren().add(Nodes.wrapped(Words.of("papers.since", when), "soft"));
        for (var line :
                found.lines().subList(0, Math.min(MOST_CHANGES, found.lines().size())))
            changes.getChildren()
                    .add(Nodes.wrapped((line.added() ? "+ " : "− ") + line.text(), line.added() ? "came" : "went"));
        if (found.lines().size() > MOST_CHANGES)
            changes.getChildren()
                    .add(Nodes.wrapped(Words.of("papers.more", found.lines().size() - MOST_CHANGES), "soft"));
    }

    private void write(boolean everything) {
        if (!desk.workspace().isCurrent()) {
            desk.tell(Words.of("papers.notCurrent"));
            return;
        }
        var folder = folder();
        var papers = everything ? Papers.ALL : orders.papers();
        boolean asDraft = draft.isSelected() && draft.isVisible();
        boolean together = orders.isTogether();
        var jobs = new ArrayList<Papers.Order>();
        var merged = new ArrayList<PagePaper>();
        for (var paper : papers) {
            if (together && paper.isPerHome() && paper instanceof PagePaper page) merged.add(page);
            else for (var edition : orders.editions(paper)) jobs.add(new Papers.Order(paper, edition.asDraft(asDraft)));
        }
        var bound = merged.stream()
                .map(p ->
                        orders.editions(p).stream().map(e -> e.asDraft(asDraft)).toList())
                .toList();
        int total = jobs.size() + bound.stream().mapToInt(List::size).sum();
        var stopped = new AtomicBoolean();
        stop = stopped;
        progress.setProgress(0);
        running(true);
        one.setDisable(true);
        all.setDisable(true);
        desk.background().execute(() -> {
            var result = Papers.writeAll(jobs, folder, n -> advance(n, total), stopped::get);
            var files = new ArrayList<>(result.files());
            var rest = new ArrayList<>(result.held());
            rest.addAll(result.failed());
            int before = jobs.size();
            for (int i = 0; i < merged.size() && !stopped.get(); i++) {
                int done = before;
                try {
                    files.add(Papers.writeMerged(
                            merged.get(i), bound.get(i), folder, n -> advance(done + n, total), stopped::get));
                } catch (IOException | RuntimeException e) {
                    rest.add(e instanceof Papers.Blocked ? e.getMessage() : DiskWords.of(e));
                }
                before += bound.get(i).size();
            }
            Platform.runLater(() -> done(files, rest, folder, stopped.get()));
        });
    }

    private void advance(int done, int total) {
        Platform.runLater(() -> progress.setProgress(done / (double) Math.max(1, total)));
    }

    private void done(List<Path> files, List<String> rest, Path folder, boolean stopped) {
        running(false);
        var told = files.isEmpty()
                ? Words.of("papers.notWritten", String.join("; ", rest))
                : Words.of("papers.written", files.size(), folder)
                        + (rest.isEmpty() ? "" : " " + Words.of("papers.rest", String.join("; ", rest)));
        desk.tell(stopped ? Words.of("papers.stopped", files.size()) : told);
        enable(desk.workspace().outcome());
        orders.written();
    }
}
