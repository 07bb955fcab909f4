package webodidact.desktop.view.bench;

import java.util.Optional;
import java.util.function.UnaryOperator;
import webodidact.core.lesson.BenchEdits;
import webodidact.core.lesson.Lesson;
import webodidact.core.prep.DayPrep;
import webodidact.desktop.state.Workspace;

/** What is decided of a job goes to the lesson whose job it is: two lessons of one day are planned as one. */
record Decisions(Workspace workspace, Lesson lesson) {
    DayPrep.Owner owner(String job) {
        return DayPrep.owner(lesson, workspace.book().lessons(), job);
    }

    Optional<BenchEdits.Job> of(String job) {
        var owner = owner(job);
        return owner.lesson().benchEdits().of(owner.job());
    }

    /** @param key edits with the same key in a row are undone as one, or "" */
    void edit(String label, String key, String job, UnaryOperator<BenchEdits> change) {
        var id = owner(job).lesson().id();
        workspace.edit(label, key.isEmpty() ? "" : id + "/" + key, b -> b.withLesson(id, l -> l.withBench(change)));
    }
}
