package webodidact.formats.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Received;
import webodidact.formats.air.AirJournal;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;

class ReceivedTest {
    private static final LocalDate DAY = LocalDate.of(2026, 12, 4);
    private static final List<String> ASKED = List.of("When is the fish done?", "Why do we rest the dough?");

    @TempDir
    Path folder;

    private static byte[] csv(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static Read.Done<List<Received>> replies(String text) {
        return (Read.Done<List<Received>>)
                RepliesCsv.read("replies.csv", csv(text), "1-fish", ASKED, List.of("Tern", "Smew"), DAY);
    }

    @Test
    void whatIsWrittenReadsBackEqual() {
        var dice = new SplittableRandom(4);
        var words = List.of("it flakes", "=1+1", "; a", "", "63 °C, \"sure\"", "-", " two  lines\nof it", "’");
        for (int i = 0; i < 200; i++) {
            var all = new ArrayList<Received>();
            for (int k = 0; k < dice.nextInt(5); k++) {
                var answers = new ArrayList<String>();
                for (int a = 0; a < dice.nextInt(4); a++) answers.add(words.get(dice.nextInt(words.size())));
                all.add(new Received(
                        "1-fish",
                        "Home " + k,
                        Received.Kind.values()[dice.nextInt(3)],
                        DAY.plusDays(k),
                        answers,
                        words.get(dice.nextInt(words.size()))));
            }
            var read = (Read.Done<List<Received>>) ReceivedCsv.read("received.csv", ReceivedCsv.write(all));
            assertThat(read.warnings()).isEmpty();
            assertThat(read.value()).isEqualTo(all);
        }
    }

    @Test
    void aFormsColumnsAreFoundByWhatTheySay() {
        var read = replies("""
                Timestamp,Which home are you?,Home,When is the fish done,Why do we rest dough?,Photo,Anything else
                04/12/2026 18:11:05,x,tern,It flakes,gluten relaxes,IMG_1.jpg,Lovely evening
                2026-12-05,x,Smew,,,,
                2026-12-05,x,Peter Miller,hm,,,
                """);
        assertThat(read.value()).hasSize(2);
        var tern = read.value().getFirst();
        assertThat(tern.home()).isEqualTo("Tern");
        assertThat(tern.on()).isEqualTo(DAY);
        assertThat(tern.kind()).isEqualTo(Received.Kind.PICTURE);
        assertThat(tern.answers()).containsExactly("It flakes", "gluten relaxes");
        assertThat(tern.note()).isEqualTo("Which home are you?: x; Anything else: Lovely evening");
        assertThat(read.value().get(1).kind()).isEqualTo(Received.Kind.REPLY);
        assertThat(read.warnings()).extracting(w -> w.code()).containsExactly("unknown-home");
    }

    @Test
    void aTableWithoutHomesIsRefusedInWords() {
        var read = RepliesCsv.read("r.csv", csv("a,b\n1,2\n"), "1-fish", ASKED, List.of("Tern"), DAY);
        assertThat(((Read.Refused<List<Received>>) read).why().text()).contains("No column of homes");
    }

    @Test
    void whatHomesSentAndAskedIsDeletedWithTheHomes() throws Exception {
        DemoCourse.copyTo(folder);
        var opened = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder)).value();
        var book = opened.workbook();
        var sent = new Received("1-fish-parcels", "Tern", Received.Kind.PICTURE, DAY, List.of(), "");
        var with = book.withReceived(List.of(sent));
        opened.folder().save(book, with);
        Files.writeString(folder.resolve(AirJournal.FILE), "{}\n");
        var again = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder)).value();
        assertThat(again.workbook().received()).containsExactly(sent);
        assertThat(again.workbook().receivedOf("1-fish-parcels")).hasSize(1);
        again.folder().save(again.workbook(), again.workbook().forgettingHomes());
        try (var files = Files.list(folder)) {
            for (var file : files.filter(Files::isRegularFile).toList())
                assertThat(Files.readString(file)).as(file.toString()).doesNotContain("Tern");
        }
        assertThat(folder.resolve(AirJournal.FILE)).doesNotExist();
    }

    @Test
    void whatWasSentStaysWhereOnlyTheHomesFileIsEmptied() throws Exception {
        DemoCourse.copyTo(folder);
        var opened = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder)).value();
        var sent = new Received("1-fish-parcels", "Tern", Received.Kind.REPLY, DAY, List.of(), "fine");
        var with = opened.workbook().withReceived(List.of(sent));
        opened.folder().save(opened.workbook(), with);
        opened.folder().save(with, with.withHouseholds(List.<Household>of()));
        var read = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder)).value();
        assertThat(read.workbook().received()).containsExactly(sent);
    }
}
