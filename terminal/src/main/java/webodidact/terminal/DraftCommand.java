package webodidact.terminal;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
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

/** A page of text made into a lesson with all that its words propose; what is doubted is said on standard error. */
@Command(name = "draft", mixinStandardHelpOptions = true)
final class DraftCommand implements Callable<Integer> {
    /** Most minutes of a slot: a day. */
    private static final int MOST = 24 * 60;

    private static final long LONGEST = 2_000_000;

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "PAGE.txt")
    private Path page;

    @Option(names = "--out", required = true, paramLabel = "LESSON")
    private Path out;

    @Option(names = "--delivery", defaultValue = "cook-along")
    private String delivery;

    @Option(names = "--audience", defaultValue = "adults")
    private String audience;

    @Option(names = "--slot", defaultValue = "45", paramLabel = "MIN")
    private int slot;

    @Override
    public Integer call() throws IOException {
        var err = spec.commandLine().getErr();
        if (slot < 1 || slot > MOST) throw new IllegalArgumentException(Words.say("draft.slot", slot, MOST));
        var how = named(Delivery.values(), delivery, "draft.delivery");
        var whom = named(Audience.values(), audience, "draft.audience");
        var name = String.valueOf(out.getFileName());
        if (!name.endsWith(CourseFolder.LESSON))
            throw new IllegalArgumentException(Words.say("lesson.name", "draft", out, CourseFolder.LESSON));
        if (Files.exists(out)) throw new IllegalArgumentException(Words.say("draft.there", out));
        var text = text();
        var folder = folder(out.toAbsolutePath().getParent());
        if (CourseLock.holder(folder.path()).isPresent())
            throw new IllegalArgumentException(Words.say("lesson.open", "draft"));
        var book = folder.book();
        var knowledge = Knowledge.of(book.course().foods());
        var read = new PageReader(knowledge, book.course().house()).read(text);
        if (read.isEmpty()) throw new IllegalArgumentException(Words.say("draft.empty", page));
        var id = name.substring(0, name.length() - CourseFolder.LESSON.length());
        var title = read.recipe().title();
        int number = book.lessons().stream().mapToInt(Lesson::number).max().orElse(0) + 1;
        var start = LessonPattern.start(id, number, title, how, whom, slot * 60, book.course());
        var lesson = read.into(Page.place(start), knowledge).apply(start).but(d -> {
            if (d.makes != null) d.homeOf = d.makes.serves();
        });
        var drafted =
                Suggestions.takingAll(lesson, Page.added(start, lesson), knowledge, HandsPace.of(book, knowledge));
        folder.folder().save(book, book.adding(drafted));
        doubts(err, read, Outcome.of(Question.of(drafted, book.course(), knowledge)));
        spec.commandLine()
                .getOut()
                .println(Words.say(
                        "draft.done",
                        out,
                        drafted.foods().size(),
                        drafted.steps().size()));
        return 0;
    }

    private String text() throws IOException {
        if (!Files.isRegularFile(page)) throw new IllegalArgumentException(Words.say("draft.none", page));
        if (Files.size(page) > LONGEST) throw new IllegalArgumentException(Words.say("draft.long", page));
        try {
            return Files.readString(page);
        } catch (MalformedInputException e) {
            throw new IllegalArgumentException(Words.say("draft.notText", page), e);
        }
    }

    private record Opened(CourseFolder folder, Workbook book) {
        Path path() {
            return folder.path();
        }
    }

    /** The course that the lesson will lie in; a new one where there is none. */
    private static Opened folder(Path path) throws IOException {
        if (!CourseFolder.isCourse(path)) {
            var created = CourseFolder.create(path, Course.named(String.valueOf(path.getFileName())));
            return new Opened(created.folder(), created.workbook());
        }
        return switch (CourseFolder.open(path)) {
            case Read.Done<CourseFolder.Opened> done ->
                new Opened(done.value().folder(), done.value().workbook());
            case Read.Refused<CourseFolder.Opened>(var why) ->
                throw new IllegalArgumentException("draft: " + why.text());
        };
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
    private static void doubts(PrintWriter err, Page page, Outcome outcome) {
        for (var line : page.recipe().lines())
            for (var doubt : line.unsure())
                err.println(Words.say("draft.doubt", line.line().strip(), doubt.text()));
        for (var aside : page.recipe().aside()) err.println(Words.say("draft.aside", aside));
        for (var about : page.recipe().about()) err.println(Words.say("draft.about", about));
        var lesson = outcome.lesson();
        for (var id : outcome.schedule().untimed())
            err.println(Words.say(
                    "draft.untimed",
                    lesson.indexOf(id) + 1,
                    lesson.step(id).orElseThrow().title()));
        outcome.report().open().stream()
                .filter(f ->
                        f.check().equals("used-not-listed") || f.check().equals("listed-not-used") || f.isOpenEnd())
                .forEach(f -> err.println("draft: " + f.what()));
        err.println(Words.say(
                "draft.estimates",
                lesson.steps().stream().filter(s -> !s.hands().isZero()).count(),
                Clock.text(outcome.schedule().planned())));
    }
}
