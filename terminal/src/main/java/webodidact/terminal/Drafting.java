package webodidact.terminal;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.LessonPattern;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.core.page.Page;
import webodidact.core.page.PageReader;
import webodidact.core.script.HandsPace;
import webodidact.core.script.Suggestions;
import webodidact.core.time.Clock;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.course.CourseLock;

/**
 * A page of text made into a lesson with all that its words propose; what is doubted is said on standard error.
 *
 * @param folder the course it will lie in, or null while there is none
 */
record Drafting(String command, Path out, String id, CourseFolder folder, Workbook book) {
    /** Most minutes of a slot: a day. */
    private static final int MOST = 24 * 60;

    /** How the lesson is given. */
    record Manner(Delivery delivery, Audience audience, int minutes) {
        /** @throws IllegalArgumentException with what was expected */
        static Manner of(String delivery, String audience, int minutes) {
            if (minutes < 1 || minutes > MOST)
                throw new IllegalArgumentException(Words.say("draft.slot", minutes, MOST));
            return new Manner(
                    named(Delivery.values(), delivery, "draft.delivery"),
                    named(Audience.values(), audience, "draft.audience"),
                    minutes);
        }
    }

    /** The course that a new lesson will lie in; a new one where there is none. @throws IllegalArgumentException if it cannot be written there */
    static Drafting at(String command, Path out) throws IOException {
        var name = String.valueOf(out.getFileName());
        if (!name.endsWith(CourseFolder.LESSON))
            throw new IllegalArgumentException(Words.say("lesson.name", command, out, CourseFolder.LESSON));
        if (Files.exists(out)) throw new IllegalArgumentException(Words.say("draft.there", out));
        var path = out.toAbsolutePath().getParent();
        var id = name.substring(0, name.length() - CourseFolder.LESSON.length());
        if (!CourseFolder.isCourse(path)) {
            var course = Course.named(String.valueOf(path.getFileName()));
            return new Drafting(command, out, id, null, new Workbook(course, List.of(), List.of(), List.of()));
        }
        if (CourseLock.holder(path).isPresent()) throw new IllegalArgumentException(Words.say("lesson.open", command));
        return switch (CourseFolder.open(path)) {
            case Read.Done<CourseFolder.Opened> done ->
                new Drafting(
                        command, out, id, done.value().folder(), done.value().workbook());
            case Read.Refused<CourseFolder.Opened>(var why) ->
                throw new IllegalArgumentException(command + ": " + why.text());
        };
    }

    /** Writes the lesson. @param page what it was read from, for what is said. @param title of the page where the text has none */
    Lesson draft(String text, String title, Path page, Manner manner, PrintWriter err) throws IOException {
        var knowledge = Knowledge.of(book.course().foods());
        var read = new PageReader(knowledge, book.course().house()).read(text);
        if (read.isEmpty()) throw new IllegalArgumentException(Words.say("draft.empty", command, page));
        var named = read.recipe().title().isEmpty() ? title : read.recipe().title();
        int number = book.lessons().stream().mapToInt(Lesson::number).max().orElse(0) + 1;
        var start = LessonPattern.start(
                id, number, named, manner.delivery(), manner.audience(), manner.minutes() * 60, book.course());
        var lesson = read.into(Page.place(start), knowledge).apply(start).but(d -> {
            if (d.makes != null) d.homeOf = d.makes.serves();
        });
        var drafted =
                Suggestions.takingAll(lesson, Page.added(start, lesson), knowledge, HandsPace.of(book, knowledge));
        save(drafted);
        doubts(err, read, Outcome.of(Question.of(drafted, book.course(), knowledge)));
        return drafted;
    }

    /** Only now is a new course made: what cannot be read leaves nothing behind. */
    void save(Lesson lesson) throws IOException {
        if (folder != null) {
            folder.save(book, book.adding(lesson));
            return;
        }
        var made = CourseFolder.create(out.toAbsolutePath().getParent(), book.course());
        made.folder().save(made.workbook(), made.workbook().adding(lesson));
    }

    private static <E extends Enum<E>> E named(E[] values, String said, String key) {
        var plain = said.toUpperCase(Locale.ROOT).replace('-', '_').replace(' ', '_');
        for (var value : values) if (value.name().equals(plain)) return value;
        throw new IllegalArgumentException(Words.say(
                key,
                said,
                Stream.of(values)
                        .map(v -> v.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                        .toList()));
    }

    /** Whatever was not understood for sure: nothing that was on the page is left out unsaid. */
    private void doubts(PrintWriter err, Page page, Outcome outcome) {
        for (var line : page.recipe().lines())
            for (var doubt : line.unsure())
                err.println(Words.say("draft.doubt", command, line.line().strip(), doubt.text()));
        for (var aside : page.recipe().aside()) err.println(Words.say("draft.aside", command, aside));
        for (var about : page.recipe().about()) err.println(Words.say("draft.about", command, about));
        var lesson = outcome.lesson();
        for (var untimed : outcome.schedule().untimed())
            err.println(Words.say(
                    "draft.untimed",
                    command,
                    lesson.indexOf(untimed) + 1,
                    lesson.step(untimed).orElseThrow().title()));
        outcome.report().open().stream()
                .filter(f ->
                        f.check().equals("used-not-listed") || f.check().equals("listed-not-used") || f.isOpenEnd())
                .forEach(f -> err.println(command + ": " + f.what()));
        err.println(Words.say(
                "draft.estimates",
                command,
                lesson.steps().stream().filter(s -> !s.hands().isZero()).count(),
                Clock.text(outcome.schedule().planned())));
    }
}
