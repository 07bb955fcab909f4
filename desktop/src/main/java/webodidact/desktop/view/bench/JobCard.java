package webodidact.desktop.view.bench;

import java.util.ArrayList;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.BenchEdits;
import webodidact.core.lesson.Lesson;
import webodidact.core.prep.DayPrep;
import webodidact.core.prep.Person;
import webodidact.core.prep.Prep;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.PrepTasks;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** The chosen job: pinned to a time, given to somebody, left out; each is seen in the plan at once. */
final class JobCard extends VBox {
    private final Desk desk;
    private final Lesson lesson;
    private final Decisions decisions;
    private final String jobId;
    private final DayPrep.Owner owner;

    /** Seconds: what takes less is not worth two pairs of hands. */
    private static final int LONG = 240;

    /** @param next job of hands that the same person does after it, or null */
    JobCard(Desk desk, Lesson lesson, Prep prep, PrepPlan.Job job, PrepPlan.Job next) {
        super(6);
        this.desk = desk;
        this.lesson = lesson;
        getStyleClass().add("job-card");
        setId("job-card");
        decisions = new Decisions(desk.workspace(), lesson);
        jobId = job.task().id();
        owner = decisions.owner(jobId);
        var id = owner.job();
        var edits = decisions.of(jobId);
        var at = Nodes.field("job-at", BenchClock.text(lesson, job.start()), Words.of("job.at"));
        at.setPrefColumnCount(6);
        edits.map(BenchEdits.Job::at).ifPresent(s -> at.setText(BenchClock.text(lesson, s + owner.later())));
        at.setOnAction(e -> pin(id, at.getText()));
        var row = new FlowPane(8, 6, Nodes.label(Words.of("job.at"), "soft"), at);
        if (job.task().hands()) row.getChildren().addAll(Nodes.label(Words.of("job.who"), "soft"), who(prep, job));
        getChildren()
                .addAll(
                        Nodes.wrapped(job.task().what(), "strong"),
                        Nodes.wrapped(job.task().why(), "soft"),
                        row);
        var buttons = new FlowPane(6, 6);
        if (edits.isPresent())
            buttons.getChildren()
                    .add(button("job-back", "job.back", b -> b.pinning(id, null).giving(id, "")));
        if (id.startsWith(PrepTasks.OWN))
            buttons.getChildren()
                    .add(button("job-remove", "job.remove", b -> b.removing(id.substring(PrepTasks.OWN.length()))));
        else buttons.getChildren().add(button("job-off", "job.off", b -> b.leavingOut(id, true)));
        parts(job, next, edits, buttons);
        getChildren().addAll(buttons, Nodes.wrapped(Words.of("job.hint"), "soft"));
    }

    private void parts(PrepPlan.Job job, PrepPlan.Job next, Optional<BenchEdits.Job> edits, FlowPane buttons) {
        var id = owner.job();
        if (!job.task().hands()) return;
        int parts = edits.map(BenchEdits.Job::parts).orElse(0);
        boolean joined = edits.filter(e -> !e.joined().isEmpty()).isPresent();
        if (parts > 1 || joined) buttons.getChildren().add(button("job-whole", "job.whole", b -> b.splitting(id, 1)));
        if (job.task().takes() >= LONG && parts < 6 && !joined && !id.contains("#"))
            buttons.getChildren().add(button("job-split", "job.split", b -> b.splitting(id, Math.max(1, parts) + 1)));
        var follower = next == null ? null : decisions.owner(next.task().id());
        boolean ofAnother = follower == null
                || !follower.lesson().id().equals(owner.lesson().id());
        if (ofAnother || parts > 1 || joined) return;
        var text = Words.of("job.join", next.task().what());
        buttons.getChildren()
                .add(Nodes.named(Nodes.button(text, () -> edit(b -> b.joining(id, follower.job()))), "job-join", text));
    }

    private Node button(String id, String key, UnaryOperator<BenchEdits> change) {
        return Nodes.named(Nodes.button(Words.of(key), () -> edit(change)), id, Words.of(key));
    }

    private ChoiceBox<String> who(Prep prep, PrepPlan.Job job) {
        var any = Words.of("job.anybody");
        var names = new ArrayList<String>();
        names.add(any);
        prep.room().people().stream().map(Person::name).forEach(names::add);
        var box = new ChoiceBox<>(FXCollections.observableArrayList(names));
        box.setId("job-who");
        box.setAccessibleText(Words.of("job.who"));
        box.setValue(decisions
                .of(job.task().id())
                .map(BenchEdits.Job::who)
                .filter(names::contains)
                .orElse(any));
        box.setOnAction(e -> edit(b -> b.giving(owner.job(), box.getValue().equals(any) ? "" : box.getValue())));
        return box;
    }

    private void pin(String job, String typed) {
        if (typed.isBlank()) {
            edit(b -> b.pinning(job, null));
            return;
        }
        BenchClock.read(lesson, typed)
                .ifPresentOrElse(
                        s -> edit(b -> b.pinning(job, s - owner.later())),
                        () -> desk.tell(Words.of(lesson.air() == null ? "job.minutes" : "job.time", typed)));
    }

    private void edit(UnaryOperator<BenchEdits> change) {
        decisions.edit(Words.of("edit.bench"), "", jobId, change);
    }
}
