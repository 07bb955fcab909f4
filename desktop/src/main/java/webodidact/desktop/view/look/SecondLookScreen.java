package webodidact.desktop.view.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import webodidact.core.check.Finding;
import webodidact.core.outcome.Outcome;
import webodidact.core.rules.Rules;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.WorkedOut;
import webodidact.desktop.words.Words;

/** All that the checks found in the lesson: a list by family or by step, and of the chosen one why, the trace and what mends it. */
public final class SecondLookScreen extends VBox implements Screen {
    /** Which findings are listed. */
    private enum Filter {
        ALL,
        STOPS,
        LOOKS,
        COVERED
    }

    private final Desk desk;
    private final Runnable leave;
    private final HBox filters = new HBox(4);
    private final ToggleButton byStep = Nodes.toggle(Words.of("look.byStep"), "tab");
    private final ToggleButton course = Nodes.toggle(Words.of("look.course"), "tab");
    private final Label subtitle = Nodes.label("", "soft");
    private final FindingRows rows;
    private final FindingDetail detail;
    private final CoursePage coursePage;
    private final HBox body = new HBox(14);
    private final ScrollPane list;
    private Filter filter = Filter.ALL;
    private Finding chosen;

    /** @param leave back to the station it lies over */
    public SecondLookScreen(Desk desk, Runnable leave) {
        super(10);
        this.desk = desk;
        this.leave = leave;
        getStyleClass().addAll("station", "work", "second-look");
        setId("second-look");
        rows = new FindingRows(this::choose);
        detail = new FindingDetail(desk, this::goThere);
        coursePage = new CoursePage(desk, lesson -> {
            desk.workspace().show(lesson);
            course.setSelected(false);
            show();
        });
        list = Panes.work(rows);
        list.setMinWidth(300);
        list.setPrefWidth(470);
        var side = Panes.work(detail);
        side.getStyleClass().add("look-detail-scroll");
        HBox.setHgrow(side, Priority.ALWAYS);
        body.getChildren().setAll(list, side);
        VBox.setVgrow(body, Priority.ALWAYS);
        byStep.setId("look-by-step");
        byStep.setOnAction(e -> show());
        course.setId("look-course");
        course.setOnAction(e -> show());
        subtitle.setMinWidth(0);
        var back = Nodes.named(Nodes.button(Words.of("look.back"), leave, "quiet"), "look-back", Words.of("look.back"));
        var head = Nodes.row(
                8,
                Nodes.label(Words.of("look.title"), "title"),
                subtitle,
                Nodes.spring(),
                filters,
                byStep,
                course,
                back);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, body);
        desk.workspace().outcomeProperty().addListener(o -> refresh());
        sceneProperty().addListener(o -> refresh());
        refresh();
    }

    private void refresh() {
        if (getScene() != null) WorkedOut.show(this, this::show);
    }

    private void show() {
        var outcome = desk.workspace().outcome();
        if (outcome == null) return;
        boolean whole = course.isSelected();
        filters.setVisible(!whole);
        byStep.setVisible(!whole);
        if (whole) {
            coursePage.show();
            subtitle.setText(Words.of("look.courseSub"));
            getChildren().set(1, coursePage);
            return;
        }
        getChildren().set(1, body);
        subtitle.setText(Words.of("look.sub", Rules.ALL.size()));
        filters(outcome);
        var listed = listed(outcome);
        chosen = again(listed);
        rows.show(outcome, listed, byStep.isSelected(), chosen);
        detail.show(outcome, chosen);
    }

    /** The chosen one as it is now, or the first. */
    private Finding again(List<Finding> listed) {
        if (chosen != null) for (var f : listed) if (f.isSameMatter(chosen)) return f;
        return listed.isEmpty() ? null : listed.getFirst();
    }

    private static Predicate<Finding> open(Filter filter) {
        return f -> filter == Filter.ALL || (filter == Filter.STOPS) == f.isStop() && filter != Filter.COVERED;
    }

    private List<Finding> listed(Outcome outcome) {
        var open = outcome.report().open().stream().filter(open(filter));
        var covered = filter == Filter.ALL || filter == Filter.COVERED
                ? outcome.report().covered().stream()
                : Stream.<Finding>empty();
        return rows.ordered(Stream.concat(open, covered).toList(), outcome, byStep.isSelected());
    }

    private void filters(Outcome outcome) {
        var report = outcome.report();
        var shown = new ArrayList<ToggleButton>();
        for (var each : Filter.values()) {
            long count = switch (each) {
                case ALL -> report.open().size() + report.covered().size();
                case STOPS -> report.stops();
                case LOOKS -> report.looks();
                case COVERED -> report.covered().size();
            };
            var button = Nodes.toggle(Words.of("look.filter." + each.name().toLowerCase(Locale.ROOT), count), "tab");
            button.setId("look-filter-" + each.name().toLowerCase(Locale.ROOT));
            button.setSelected(each == filter);
            button.setAccessibleText(Words.of("look.filterName." + each.name().toLowerCase(Locale.ROOT), count));
            button.setOnAction(e -> {
                filter = each;
                show();
            });
            shown.add(button);
        }
        filters.getChildren().setAll(shown);
    }

    private void choose(Finding finding) {
        chosen = finding;
        show();
    }

    /** The next finding, or the one before; it begins anew behind the last. */
    public void step(int by) {
        var outcome = desk.workspace().outcome();
        if (outcome == null) return;
        if (course.isSelected()) {
            course.setSelected(false);
            show();
            return;
        }
        var listed = listed(outcome);
        if (listed.isEmpty()) return;
        int at = chosen == null ? -1 : listed.indexOf(again(listed));
        chosen = listed.get(Math.floorMod(at + by, listed.size()));
        show();
        rows.reveal();
    }

    /** Begins with the first finding of the step at work, or with the first of all. */
    public void start() {
        var outcome = desk.workspace().outcome();
        if (outcome == null) return;
        int at = outcome.lesson().indexOf(desk.workspace().stepProperty().get()) + 1;
        chosen = outcome.report().open().stream()
                .filter(f -> f.isStop() || at > 0 && f.steps().contains(at))
                .findFirst()
                .orElse(null);
        show();
        rows.reveal();
    }

    private void goThere(Finding finding) {
        var lesson = desk.workspace().lesson();
        if (finding.step() > 0 && finding.step() <= lesson.steps().size())
            desk.workspace()
                    .stepProperty()
                    .set(lesson.steps().get(finding.step() - 1).id());
        if (!finding.foods().isEmpty()
                && lesson.food(finding.foods().getFirst()).isPresent())
            desk.workspace().foodProperty().set(finding.foods().getFirst());
        leave.run();
        desk.go(finding.station());
    }
}
