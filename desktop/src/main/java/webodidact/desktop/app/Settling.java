package webodidact.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import webodidact.core.compare.Comparison;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Workbook;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.DiskWords;
import webodidact.formats.course.KeptCopies;

/** Two versions of a file of the course, of which one is chosen, or something out of both: another program's, or a kept copy. */
final class Settling {
    private final Workspace workspace;
    private final Consumer<Node> cover;
    private final Runnable uncover;

    /** What is done with the workbook that was chosen; {@code asTheirs} tells what is on disk of that file now. */
    private interface Chosen {
        void take(UnaryOperator<Workbook> asTheirs, Workbook chosen);
    }

    Settling(Workspace workspace, Consumer<Node> cover, Runnable uncover) {
        this.workspace = workspace;
        this.cover = cover;
        this.uncover = uncover;
    }

    /** The first file that another program has changed. */
    void next() {
        var all = workspace.saver().stateProperty().get().foreign();
        if (all.isEmpty()) return;
        var foreign = all.getFirst();
        offer(foreign, Words.of("foreign.disk"), (asTheirs, chosen) -> {
            uncover.run();
            workspace.settle(foreign, asTheirs, chosen);
        });
    }

    /** A copy that was kept of a file is compared with what there is now. */
    void bringBack(KeptCopies.Copy copy) {
        try {
            var kept = new CourseFolder.Foreign(copy.of(), Files.readAllBytes(copy.path()));
            var name = Words.of("kept.name", copy.number());
            if (workspace.folder().with(workspace.book(), kept) instanceof Read.Refused<Workbook>(var why)) {
                ask(
                        Words.of("kept.broken", copy.path().getFileName(), why.message()),
                        "",
                        List.of(new QuestionSheet.Answer("later", uncover)));
                return;
            }
            offer(kept, name, (_, chosen) -> {
                uncover.run();
                workspace.edit(Words.of("edit.restore", copy.of()), b -> chosen);
            });
        } catch (IOException e) {
            workspace.noticeProperty().set(DiskWords.of(e));
        }
    }

    private void offer(CourseFolder.Foreign foreign, String name, Chosen done) {
        var book = workspace.book();
        switch (workspace.folder().with(book, foreign)) {
            case Read.Refused<Workbook>(var why) ->
                ask(
                        Words.of("foreign.unreadable", foreign.file(), why.message()),
                        Words.of("foreign.unreadableText"),
                        List.of(
                                new QuestionSheet.Answer("later", uncover),
                                new QuestionSheet.Answer(
                                        "mine", () -> done.take(b -> CourseFolder.without(b, foreign), book))));
            case Read.Done<Workbook>(var theirs, var _) -> {
                var id = foreign.lesson().orElse("");
                var mine = book.lesson(id).orElse(null);
                var other = theirs.lesson(id).orElse(null);
                if (mine != null && other != null) compare(foreign, mine, other, name, done);
                else choose(foreign, book, theirs, done);
            }
        }
    }

    private UnaryOperator<Workbook> as(CourseFolder.Foreign foreign) {
        return b -> workspace.folder().with(b, foreign) instanceof Read.Done<Workbook>(var value, var _)
                ? value
                : CourseFolder.without(b, foreign);
    }

    private void compare(CourseFolder.Foreign foreign, Lesson mine, Lesson other, String name, Chosen done) {
        var comparison = Comparison.of(mine, other);
        if (comparison.parts().isEmpty()) {
            done.take(as(foreign), workspace.book());
            workspace.noticeProperty().set(Words.of("foreign.same"));
            return;
        }
        cover.accept(new CompareSheet(
                comparison,
                Words.of("foreign.title", mine.title()),
                name,
                picked -> done.take(as(foreign), workspace.book().withLesson(mine.id(), l -> picked)),
                uncover));
    }

    private void choose(CourseFolder.Foreign foreign, Workbook book, Workbook theirs, Chosen done) {
        boolean gone = foreign.content() == null;
        boolean fresh = foreign.lesson().isPresent() && !gone;
        var title = Words.of(gone ? "foreign.gone" : fresh ? "foreign.fresh" : "foreign.other", foreign.file());
        var text = gone
                ? Words.of("foreign.goneText")
                : fresh
                        ? Words.of("foreign.freshText")
                        : Words.of("foreign.otherText", told(foreign, book), told(foreign, theirs));
        ask(
                title,
                text,
                List.of(
                        new QuestionSheet.Answer(
                                "mine", () -> done.take(fresh ? UnaryOperator.identity() : as(foreign), book)),
                        new QuestionSheet.Answer("theirs", () -> done.take(as(foreign), theirs)),
                        new QuestionSheet.Answer("later", uncover)));
    }

    private static String told(CourseFolder.Foreign foreign, Workbook book) {
        return switch (foreign.file()) {
            case CourseFolder.HOUSEHOLDS ->
                Words.of(
                        "foreign.homes",
                        book.households().size(),
                        book.households().stream()
                                .filter(h -> !h.allergies().isEmpty())
                                .count());
            case CourseFolder.RECEIVED ->
                Words.of("foreign.received", book.received().size());
            case CourseFolder.TAKES -> Words.of("foreign.takes", book.takes().size());
            default ->
                Words.of(
                        "foreign.courseFacts",
                        book.course().title(),
                        book.course().foods().size(),
                        book.course().prices().size());
        };
    }

    private void ask(String title, String text, List<QuestionSheet.Answer> answers) {
        cover.accept(new QuestionSheet(title, text, answers));
    }
}
