package webodidact.formats.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.food.Allergen;
import webodidact.core.food.OwnFood;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.time.TimeRange;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

/** A course's folder in ill repair: what opens, what is said, and what stays as it was. */
class DiskTest extends OnDemoCourse {
    private void without(String what) throws IOException {
        var opened = open();
        assertThat(opened.value().workbook().lessons())
                .extracting(Lesson::id)
                .containsExactly("1-fish-parcels", "3-vegetable-dumplings");
        assertThat(opened.warnings())
                .extracting(Warning::text)
                .singleElement()
                .asString()
                .startsWith("2-cheese-scones.lesson.json: is left out: ")
                .contains(what);
        assertThat(opened.value().folder().isFree("2-cheese-scones")).isFalse();
    }

    @Test
    void aLessonThatIsAFolderALinkToNothingAPipeOrHugeIsLeftOutAndTheRestOpens() throws Exception {
        var file = folder.resolve("2-cheese-scones.lesson.json");
        Files.delete(file);
        Files.createDirectory(file);
        without("it is no regular file");
        Files.delete(file);
        Files.createSymbolicLink(file, folder.resolve("nowhere"));
        without("it is a link to something that is not there");
        Files.delete(file);
        if (new ProcessBuilder("mkfifo", file.toString()).start().waitFor() == 0) {
            without("it is no regular file");
            Files.delete(file);
        }
        try (var big = Files.newByteChannel(
                file, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE, StandardOpenOption.SPARSE)) {
            big.position(CourseFolder.LARGEST + (1 << 20));
            big.write(ByteBuffer.wrap(new byte[] {1}));
        }
        without("it has 17 MB: expected at most 16");
    }

    @Test
    void aLessonThatMayNotBeReadIsLeftOut() throws IOException {
        var file = folder.resolve("2-cheese-scones.lesson.json");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("---------"));
        assumeTrue(!Files.isReadable(file), "this user may read everything");
        without("permission is missing");
    }

    @Test
    void homesInWindowsLettersAreReadWithAWordAndAreKept() throws IOException {
        var text = "alias,allergies\nÉgret,milk\nSørvær,\n";
        Files.write(folder.resolve("households.csv"), text.getBytes(Charset.forName("windows-1252")));
        var opened = open();
        assertThat(opened.value().workbook().households())
                .extracting(Household::alias)
                .containsExactly("Égret", "Sørvær");
        assertThat(opened.warnings()).extracting(Warning::code).containsExactly("not-utf-8");
        var book = opened.value().workbook();
        opened.value().folder().save(book, book.withHouseholds(List.of(Household.named("Tern"))));
        assertThat(Files.readAllBytes(folder.resolve("households.csv.kept-1")))
                .isEqualTo(text.getBytes(Charset.forName("windows-1252")));
    }

    @Test
    void homesPartedBySemicolonsOrTabsKeepTheirAllergies() throws IOException {
        for (var sign : List.of(";", "\t")) {
            Files.writeString(
                    folder.resolve("households.csv"),
                    "alias,measures,diets,allergies\nFulmar,metric,,milk\n".replace(",", sign));
            var opened = open();
            assertThat(opened.warnings()).isEmpty();
            assertThat(opened.value().workbook().households()).singleElement().satisfies(h -> {
                assertThat(h.alias()).isEqualTo("Fulmar");
                assertThat(h.allergies()).containsExactly(Allergen.MILK);
            });
        }
    }

    @Test
    void aTableWithoutItsColumnsOrWithRaggedRowsIsNeverReadAsHomesWithoutAllergies() throws IOException {
        Files.writeString(folder.resolve("households.csv"), "Alias|Allergies\nFulmar|milk\n");
        var opened = open();
        assertThat(opened.value().workbook().households()).isEmpty();
        assertThat(opened.warnings())
                .singleElement()
                .extracting(Warning::message)
                .asString()
                .startsWith("has no column 'alias' and 'allergies' among 'Alias|Allergies': expected alias, measures");
        Files.writeString(
                folder.resolve("households.csv"), "alias,measures,allergies\nFulmar,metric\nTern,metric,milk\n");
        opened = open();
        assertThat(opened.value().workbook().households())
                .extracting(Household::alias)
                .containsExactly("Tern");
        assertThat(opened.warnings())
                .extracting(Warning::text)
                .containsExactly(
                        "households.csv, line 2: has 2 cells, the heading row has more or fewer: expected one below each heading");
        Files.write(folder.resolve("households.csv"), new byte[] {'a', 'l', 'i', 'a', 's', '\n', (byte) 0x81, '\n'});
        assertThat(open().warnings())
                .extracting(Warning::message)
                .containsExactly(
                        "not a CSV table: it is text neither in UTF-8 nor in Windows' letters; save it as “CSV UTF-8”");
    }

    @Test
    void aHomeThatLacksAFoodOfTheCoursesOwnIsThereAfterReopening() throws IOException {
        var opened = open().value();
        var course = opened.workbook().course().but(d -> d.foods = List.of(OwnFood.of("glasswort")));
        var home = Household.named("Tern").but(d -> d.missingFoods = Set.of("glasswort"));
        var book = opened.workbook().withCourse(course).withHouseholds(List.of(home));
        opened.folder().save(opened.workbook(), book);
        assertThat(open().warnings()).isEmpty();
        assertThat(open().value().workbook().households()).containsExactly(home);
        opened.folder().save(book, book.withCourse(course.but(d -> d.foods = List.of())));
        assertThat(open().value().workbook().households())
                .as("its food is gone, the home is not")
                .containsExactly(home);
        assertThat(open().warnings()).extracting(Warning::code).containsExactly("unknown-name");
    }

    @Test
    void aFiveDayCureIsThereAfterReopening() throws IOException {
        var opened = open().value();
        var cured = opened.workbook()
                .withLesson(
                        "1-fish-parcels",
                        l -> l.withStep(
                                "s7",
                                s -> s.but(d -> {
                                    d.waiting = d.waiting.lasting(new TimeRange(100 * 3600, 120 * 3600));
                                    d.hands = TimeRange.of(101 * 3600 + 1);
                                })));
        opened.folder().save(opened.workbook(), cured);
        assertThat(open().warnings()).isEmpty();
        assertThat(open().value().workbook()).isEqualTo(cured);
    }

    @Test
    void deletingTheHomesTakesWhatACrashLeftBehindAndOpeningSweepsIt() throws IOException {
        Files.writeString(folder.resolve(".writing-0b7c.tmp"), "alias\nAvocet\n");
        Files.writeString(folder.resolve("households.csv.kept-3"), "alias\nAvocet\n");
        var opened = open().value();
        opened.folder().save(opened.workbook(), opened.workbook().withHouseholds(List.of()));
        assertThat(files()).noneMatch(f -> f.startsWith("households") || f.startsWith(".writing"));
        Files.writeString(folder.resolve(".writing-0b7d.tmp"), "x");
        CourseFolder.sweep(folder);
        assertThat(files()).noneMatch(f -> f.startsWith(".writing"));
    }

    @Test
    void permissionsAreKeptLinksFollowedAndAForbiddenFileIsNotReplaced() throws IOException {
        var file = folder.resolve("course.json");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw----"));
        AtomicFile.write(file, "{}".getBytes(StandardCharsets.UTF_8));
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-rw----");
        var link = folder.resolve("link.json");
        Files.createSymbolicLink(link, Path.of("course.json"));
        AtomicFile.write(link, "{ }".getBytes(StandardCharsets.UTF_8));
        assertThat(link).isSymbolicLink();
        assertThat(file).hasContent("{ }");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        if (!Files.isWritable(file))
            assertThatThrownBy(() -> AtomicFile.write(file, new byte[1])).isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void aFolderThatVanishedIsNotMadeAnew() throws IOException {
        var opened = open().value();
        var away = folder.resolveSibling(folder.getFileName() + "-away");
        Files.move(folder, away);
        assertThatThrownBy(() -> opened.folder()
                        .save(opened.workbook(), opened.workbook().withHouseholds(List.of())))
                .isInstanceOf(NoSuchFileException.class);
        assertThat(folder).doesNotExist();
        assertThat(DiskWords.of(new NoSuchFileException(folder.toString())))
                .isEqualTo("'" + folder.getFileName() + "' is not there (any more)");
        Files.move(away, folder);
    }

    @Test
    void keptCopiesAreBoundedAndTheSameIsKeptOnce() throws IOException {
        for (int i = 1; i <= 25; i++)
            KeptCopies.keep(folder, "course.json", ("{" + i).getBytes(StandardCharsets.UTF_8));
        KeptCopies.keep(folder, "course.json", "{25".getBytes(StandardCharsets.UTF_8));
        var all = KeptCopies.in(folder);
        assertThat(all)
                .hasSize(KeptCopies.MOST)
                .extracting(KeptCopies.Copy::number)
                .containsExactlyInAnyOrder(16, 17, 18, 19, 20, 21, 22, 23, 24, 25);
        assertThat(Files.readString(folder.resolve("course.json.kept-25"))).isEqualTo("{25");
    }

    @Test
    void aWindowAtWorkIsKnownByItsLockAndACrashedOneIsNot() throws Exception {
        assertThat(CourseLock.holder(folder)).isEmpty();
        var first = CourseLock.take(folder).orElseThrow();
        assertThat(CourseLock.holder(folder))
                .hasValueSatisfying(h -> assertThat(h.here()).isTrue());
        var second = CourseLock.take(folder).orElseThrow();
        assertThat(first.isHeld()).as("taken over").isFalse();
        assertThat(second.isHeld()).isTrue();
        first.close();
        assertThat(CourseLock.holder(folder))
                .as("who lost it does not release it")
                .isPresent();
        second.close();
        assertThat(files()).doesNotContain(CourseLock.FILE);
        var lock = folder.resolve(CourseLock.FILE);
        var text = "id=x\npid=1\nstarted=1\nmachine=" + machineOf(first) + "\nsince=1\n";
        Files.writeString(lock, text);
        assertThat(CourseLock.holder(folder)).as("process 1 did not start then").isEmpty();
        Files.writeString(lock, text.replaceFirst("machine=.*", "machine=elsewhere"));
        assertThat(CourseLock.holder(folder))
                .as("touched just now, far away")
                .hasValueSatisfying(h -> assertThat(h.here()).isFalse());
        Files.setLastModifiedTime(lock, FileTime.fromMillis(System.currentTimeMillis() - 600_000));
        assertThat(CourseLock.holder(folder)).as("silent for ten minutes").isEmpty();
        Files.writeString(lock, "\\u00zz");
        assertThat(CourseLock.holder(folder)).isEmpty();
    }

    private String machineOf(CourseLock any) throws IOException {
        try (var lock = CourseLock.take(folder).orElseThrow()) {
            assertThat(lock).isNotSameAs(any);
            return Files.readString(folder.resolve(CourseLock.FILE))
                    .lines()
                    .filter(l -> l.startsWith("machine="))
                    .findFirst()
                    .orElseThrow()
                    .substring(8);
        }
    }

    @Test
    void theWholeCourseGoesElsewhere() throws IOException {
        var book = open().value().workbook().withLesson("1-fish-parcels", l -> l.but(d -> d.title = "Not yet saved"));
        var there = folder.resolve("rescue");
        CourseFolder.copy(there, book);
        assertThat(((Read.Done<CourseFolder.Opened>) CourseFolder.open(there))
                        .value()
                        .workbook())
                .isEqualTo(book);
        assertThatThrownBy(() -> CourseFolder.copy(there, book)).hasMessageContaining("holds a course already");
    }

    @Test
    void formulasAreHarmlessBehindBlanksAndWideSigns() throws IOException {
        var names = List.of("=1+1", "\u00a0=2+2", "＝cmd", "＠sum", "'=x", "+44", "-7", "\u200b=x", "'plain");
        var homes = names.stream().map(Household::named).toList();
        var opened = open().value();
        var book = opened.workbook().withHouseholds(homes);
        opened.folder().save(opened.workbook(), book);
        var cells = Files.readString(folder.resolve("households.csv"))
                .lines()
                .skip(1)
                .map(l -> l.split(",")[0])
                .toList();
        assertThat(cells.subList(0, 8)).allMatch(c -> c.startsWith("'"));
        assertThat(open().value().workbook().households()).isEqualTo(homes);
    }
}
