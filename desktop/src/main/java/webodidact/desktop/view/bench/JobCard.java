package webodidact.desktop.view.bench;

import java.util.ArrayList;
import java.util.function.UnaryOperator;
import javafx.collections.FXCollections;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.BenchEdits;
import webodidact.core.lesson.Lesson;
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

    JobCard(Desk desk, Lesson lesson, Prep prep, PrepPlan.Job job) {
        super(6);
        this.desk = desk;
        this.lesson = lesson;
        getStyleClass().add("job-card");
        setId("job-card");
        var id = job.task().id();
        var edits = lesson.benchEdits().of(id);
        var at = Nodes.field("job-at", BenchClock.text(lesson, job.start()), Words.of("job.at"));
        at.setPrefColumnCount(6);
        edits.map(BenchEdits.Job::at).ifPresent(s -> at.setText(BenchClock.text(lesson, s)));
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
        getChildren().addAll(buttons, Nodes.wrapped(Words.of("job.hint"), "soft"));
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
        box.setValue(lesson.benchEdits()
                .of(job.task().id())
                .map(BenchEdits.Job::who)
                .filter(names::contains)
                .orElse(any));
        box.setOnAction(e -> edit(b -> b.giving(job.task().id(), box.getValue().equals(any) ? "" : box.getValue())));
        return box;
    }

    private void pin(String job, String typed) {
        if (typed.isBlank()) {
            edit(b -> b.pinning(job, null));
            return;
        }
        BenchClock.read(lesson, typed)
                .ifPresentOrElse(
                        s -> edit(b -> b.pinning(job, s)),
                        () -> desk.tell(Words.of(lesson.air() == null ? "job.minutes" : "job.time", typed)));
    }

    private void edit(UnaryOperator<BenchEdits> change) {
        desk.workspace().editLesson(Words.of("edit.bench"), l -> l.withBench(change));
    }
}
