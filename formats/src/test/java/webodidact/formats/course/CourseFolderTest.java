package webodidact.formats.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

class CourseFolderTest extends OnDemoCourse {
    private Workbook again() {
        return open().value().workbook();
    }

    @Test
    void theDemoOpensWholeAndItsFindingsAreHonest() {
        var opened = open();
        assertThat(opened.warnings()).isEmpty();
        var book = opened.value().workbook();
        assertThat(book.lessons()).hasSize(3);
        assertThat(book.households()).hasSize(24);
        assertThat(book.takesOf("1-fish-parcels")).hasSize(2);
        var found = book.lessons().stream()
                .map(l -> Outcome.of(l, book.course(), Knowledge.shipped()).report().open().stream()
                        .map(f -> f.check())
                        .toList())
                .toList();
        assertThat(found)
                .containsExactly(
                        List.of("no-wash-after-raw", "listed-not-used", "used-not-listed"),
                        List.of("wait-never-collected", "oven-never-heated", "lists-never-said"),
                        List.of("over-slot", "dead-air", "tool-waited-for"));
    }

    @Test
    void onlyWhatChangedIsWritten() throws IOException {
        var opened = open().value();
        var before = opened.workbook();
        var times = files().stream()
                .collect(
                        Collectors.toMap(f -> f, f -> folder.resolve(f).toFile().lastModified()));
        for (var file : files()) folder.resolve(file).toFile().setLastModified(1_000_000);
        var after = before.withLesson("1-fish-parcels", l -> l.but(d -> d.title = "Other"));
        opened.folder().save(before, after);
        assertThat(files().stream().filter(f -> folder.resolve(f).toFile().lastModified() != 1_000_000))
                .containsExactly("1-fish-parcels.lesson.json");
        assertThat(again()).isEqualTo(after);
        assertThat(times).hasSize(6);
    }

    @Test
    void newLessonsAndTakesAreKeptAndAnUndoneLessonIsGone() throws IOException {
        var opened = open().value();
        var before = opened.workbook();
        var added = before.adding(Lesson.blank("4-new", 4, "New"))
                .adding(new Take(
                        "t9",
                        "4-new",
                        LocalDateTime.of(2026, 1, 1, 1, 1),
                        List.of(new Take.StepTime("s1", "x", 4, 0, 0))));
        opened.folder().save(before, added);
        assertThat(again()).isEqualTo(added);
        opened.folder().save(added, before);
        assertThat(again()).isEqualTo(before);
        assertThat(files()).doesNotContain("4-new.lesson.json");
    }

    @Test
    void aDamagedLessonIsToldAndLeftAloneAndTheRestOpens() throws IOException {
        Files.writeString(folder.resolve("2-cheese-scones.lesson.json"), "{ \"format\": 1, ");
        var opened = open();
        assertThat(opened.value().workbook().lessons()).hasSize(2);
        assertThat(opened.warnings()).extracting(Warning::code).containsExactly("damaged");
        assertThat(opened.value().folder().isFree("2-cheese-scones")).isFalse();
        opened.value()
                .folder()
                .save(opened.value().workbook(), opened.value().workbook().withCourse(Course.named("Other")));
        assertThat(folder.resolve("2-cheese-scones.lesson.json")).hasContent("{ \"format\": 1, ");
    }

    @Test
    void anUnreadableRowSurvivesTheNextTake() throws IOException {
        var text =
                Files.readString(folder.resolve("takes.csv")) + "fish-3,1-fish-parcels,yesterday,s1,Welcome,20,0,0\n";
        Files.writeString(folder.resolve("takes.csv"), text);
        var opened = open();
        assertThat(opened.warnings()).hasSize(1);
        var book = opened.value().workbook();
        opened.value()
                .folder()
                .save(
                        book,
                        book.adding(new Take("t", "1-fish-parcels", LocalDateTime.of(2026, 1, 1, 1, 1), List.of())));
        assertThat(folder.resolve("takes.csv.kept-1")).hasContent(text);
    }

    @Test
    void whatSomebodyElseWroteMeanwhileIsNotWrittenOverUntilItWasSeen() throws IOException {
        var opened = open().value();
        Files.writeString(folder.resolve("course.json"), "{\"format\":1,\"title\":\"Theirs\"}");
        var ours = opened.workbook()
                .withCourse(Course.named("Ours"))
                .withLesson("1-fish-parcels", l -> l.but(d -> d.title = "Other"));
        assertThatThrownBy(() -> opened.folder().save(opened.workbook(), ours))
                .isInstanceOf(CourseFolder.Changed.class)
                .hasMessageStartingWith("course.json was changed by another program");
        assertThat(again().course().title()).isEqualTo("Theirs");
        assertThat(again().lesson("1-fish-parcels").orElseThrow().title())
                .as("what nobody else touched is written")
                .isEqualTo("Other");
        var foreign = opened.folder().foreign();
        assertThat(foreign).extracting(CourseFolder.Foreign::file).containsExactly("course.json");
        opened.folder().seen(foreign.getFirst());
        assertThat(opened.folder().foreign()).isEmpty();
        opened.folder().save(opened.workbook(), ours);
        assertThat(again().course().title()).isEqualTo("Ours");
        assertThat(folder.resolve("course.json.kept-1")).content().contains("Theirs");
        opened.folder().save(again(), again().withCourse(Course.named("Ours again")));
        assertThat(folder.resolve("course.json.kept-2")).doesNotExist();
    }

    @Test
    void aLessonAddedOrRemovedByAnotherProgramIsNoticed() throws IOException {
        var opened = open().value();
        assertThat(opened.folder().foreign()).isEmpty();
        Files.delete(folder.resolve("2-cheese-scones.lesson.json"));
        Files.writeString(folder.resolve("9-new.lesson.json"), "{\"format\":1,\"title\":\"New\",\"slot\":600}");
        var foreign = opened.folder().foreign();
        assertThat(foreign)
                .extracting(f -> f.file() + (f.content() == null ? " gone" : " there"))
                .containsExactlyInAnyOrder("2-cheese-scones.lesson.json gone", "9-new.lesson.json there");
        var book = opened.workbook();
        for (var one : foreign) book = ((Read.Done<Workbook>) opened.folder().with(book, one)).value();
        assertThat(book.lessons())
                .extracting(Lesson::id)
                .containsExactlyInAnyOrder("1-fish-parcels", "3-vegetable-dumplings", "9-new");
    }

    @Test
    void aCourseThatCannotBeReadIsRefusedInPlainWords() throws IOException {
        Files.writeString(folder.resolve("course.json"), "{\"format\":9}");
        assertThat(((Read.Refused<CourseFolder.Opened>) CourseFolder.open(folder))
                        .why()
                        .text())
                .isEqualTo(
                        "course.json, at format: written by a newer Webodidact (format 9, this one reads up to 1). The file is left as it is.");
        Files.delete(folder.resolve("course.json"));
        assertThat(((Read.Refused<CourseFolder.Opened>) CourseFolder.open(folder))
                        .why()
                        .message())
                .isEqualTo("is no course: expected a folder with a course.json");
    }

    @Test
    void aNewCourseDoesNotWriteOverAnOldOne() throws IOException {
        assertThatThrownBy(() -> CourseFolder.create(folder, Course.named("x")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("holds a course already");
        var fresh = CourseFolder.create(folder.resolve("new/deep"), Course.named("x"));
        assertThat(CourseFolder.isCourse(fresh.folder().path())).isTrue();
    }

    @Test
    void aWriteThatFailsLeavesTheOldFileWholeAndNoRest() throws IOException {
        var file = folder.resolve("sub");
        Files.createDirectories(file.resolve("child"));
        assertThatThrownBy(() -> AtomicFile.write(file, new byte[] {1})).isInstanceOf(IOException.class);
        assertThat(files()).noneMatch(f -> f.startsWith(".writing-"));
        assertThat(file.resolve("child")).exists();
    }
}
