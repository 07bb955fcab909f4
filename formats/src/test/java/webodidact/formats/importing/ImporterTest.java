package webodidact.formats.importing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.page.PageReader;

/** Files of all kinds, whole ones and hostile ones: what is read, what is refused, and in which words. */
class ImporterTest {
    @TempDir
    Path folder;

    private static byte[] resource(String name) throws IOException {
        try (var in = ImporterTest.class.getResourceAsStream(name)) {
            return in.readAllBytes();
        }
    }

    private static Imported read(String name, String content) throws IOException {
        return Importer.read(name, content.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void aWordProcessorsFileAndAPdfOfTheSamePageReadAlike() throws IOException {
        for (var name : List.of("fish-cakes.docx", "fish-cakes.odt", "fish-cakes.pdf")) {
            var read = Importer.read(name, resource(name));
            var page = new PageReader(Knowledge.shipped(), MeasureSystem.METRIC).read(read.text());
            assertThat(page.recipe().title()).as(name).isEqualTo("Harbour fish cakes");
            assertThat(page.recipe().makes())
                    .as(name)
                    .get()
                    .extracting(m -> m.serves())
                    .isEqualTo(4);
            assertThat(page.recipe().lines())
                    .as(name + " " + read.text())
                    .extracting(l -> l.food())
                    .containsExactly("main-potato", "white-fish", "dill", "plain-flour");
            assertThat(page.steps())
                    .as(name)
                    .extracting(s -> s.words())
                    .anyMatch(w -> w.contains("flake it and fold it in"));
        }
    }

    private void refused(String name, byte[] content, String words) {
        assertThatThrownBy(() -> Importer.read(name, content))
                .as(name)
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(words);
    }

    private static byte[] zip(String entry, byte[] content) throws IOException {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(entry));
            zip.write(content);
        }
        return out.toByteArray();
    }

    @Test
    void whatCannotBeReadIsRefusedInWords() throws IOException {
        refused("x.txt", new byte[0], "x.txt is empty");
        refused("x.docx", "no zip at all".getBytes(StandardCharsets.UTF_8), "is called docx but is something else");
        refused("x.docx", zip("a.txt", new byte[] {1}), "cannot be opened as a word-processor file");
        refused("x.odt", zip("a.txt", new byte[] {1}), "cannot be opened as a word-processor file");
        refused("x.zip", zip("a.txt", new byte[] {1}), "packed file of a kind that is not read");
        refused("x.doc", new byte[] {(byte) 0xd0, (byte) 0xcf, 0x11, (byte) 0xe0, 1, 2}, "old word processor");
        refused("x.pdf", "%PDF-1.7 and nothing more".getBytes(StandardCharsets.UTF_8), "PDF is damaged");
        refused("x.bin", new byte[] {1, 0, 2}, "That is no text");
        refused("x.json", "{\"@type\":\n\"Recipe\",,}".getBytes(StandardCharsets.UTF_8), "line 2");
        refused("x.json", "{\"@type\":\"WebSite\"}".getBytes(StandardCharsets.UTF_8), "has no recipe in it");
        refused("x.csv", "shop,price\na,2\n".getBytes(StandardCharsets.UTF_8), "No column of foods");
    }

    @Test
    void whatIsTooLargeTooDeepOrFoldedTooTightIsRefusedAtOnce() throws IOException {
        var deep = "[".repeat(100_000) + "]".repeat(100_000);
        refused("x.json", deep.getBytes(StandardCharsets.UTF_8), "That is no JSON");
        refused("x.odt", zip("content.xml", new byte[Limits.UNPACKED + 10]), "unfolds to more than 60 MB");
        refused("x.txt", "flour ".repeat(100_000).getBytes(StandardCharsets.UTF_8), "at most 400000 are read");
        var large = folder.resolve("large.txt");
        try (var file = new RandomAccessFile(large.toFile(), "rw")) {
            file.setLength(Limits.FILE + 1L);
        }
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Importer.read(large))
                .withMessageContaining("larger than 20 MB");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Importer.read(folder.resolve("none.txt")))
                .withMessageContaining("There is no file");
        var html = "<div>".repeat(30_000) + "2 eggs" + "</div>".repeat(30_000);
        Files.writeString(folder.resolve("deep.html"), html);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Importer.read(folder.resolve("deep.html")))
                .withMessageContaining("nested too deeply");
    }

    @Test
    void nothingIsFetchedAndNoFileOfTheMachineIsReadThroughAnEntity() throws IOException {
        var secret = folder.resolve("secret.txt");
        Files.writeString(secret, "the secret");
        var xml = "<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY e SYSTEM \"" + secret.toUri() + "\">]>"
                + "<office:document-content xmlns:office=\"o\" xmlns:text=\"t\"><office:body><office:text><text:p>2 eggs &e;</text:p></office:text></office:body></office:document-content>";
        assertThat(Importer.read("x.odt", zip("content.xml", xml.getBytes(StandardCharsets.UTF_8)))
                        .text())
                .contains("2 eggs")
                .doesNotContain("the secret");
        assertThat(read(
                                "x.html",
                                "<html><body><img src='http://example.invalid/x.png'><iframe src='" + secret.toUri()
                                        + "'></iframe><p>2 eggs</p></body></html>")
                        .text())
                .contains("2 eggs")
                .doesNotContain("secret");
    }

    @Test
    void scriptsOfAPageAreNoWordsOfIt() throws IOException {
        var read = read(
                "x.html",
                "<html><body><h1>Toast</h1><script>alert('2 eggs')</script><style>p{}</style><ul><li>4 slices bread</li></ul></body></html>");
        assertThat(read.text())
                .contains("4 slices bread")
                .doesNotContain("alert")
                .doesNotContain("p{}");
    }

    @Provide
    Arbitrary<String> bodies() {
        return Arbitraries.of("egg", "200 g flour", "Chop it.", "é", "½ tsp salt", "", "x < y", "a & b")
                .list()
                .ofMaxSize(12)
                .map(l -> String.join("\n", l));
    }

    /** What was in a page is in its text or named as left: no word gets lost between. */
    @Property(tries = 100)
    void everyWordOfAPageIsInItsTextOrNamedAsLeft(@ForAll("bodies") String main, @ForAll("bodies") String aside)
            throws IOException {
        var html = "<html><body><nav>" + tagged("p", aside) + "</nav><main>" + tagged("li", main)
                + "</main><footer>end</footer></body></html>";
        var read = read("x.html", html);
        var all = read.text() + " " + read.left();
        for (var line : (main + "\n" + aside).split("\n"))
            if (!line.isBlank() && all.length() < 150) assertThat(all).contains(line);
        int signs = read.text().replaceAll("\\s", "").length()
                + read.left().stream().mapToInt(l -> l.signs()).sum();
        assertThat(signs)
                .isGreaterThanOrEqualTo((main + aside).replaceAll("\\s", "").length());
    }

    private static String tagged(String tag, String lines) {
        var out = new StringBuilder();
        Arrays.stream(lines.split("\n"))
                .forEach(l -> out.append('<')
                        .append(tag)
                        .append('>')
                        .append(l.replace("&", "&amp;").replace("<", "&lt;"))
                        .append("</")
                        .append(tag)
                        .append('>'));
        return out.toString();
    }

    /** Whatever bytes there are: an answer or a refusal in words, never a fault. */
    @Property(tries = 200)
    void anyBytesUnderAnyNameAreReadOrRefused(@ForAll byte[] content, @ForAll("names") String name) throws IOException {
        try {
            assertThat(Importer.read(name, content).text()).isNotNull();
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }

    @Provide
    Arbitrary<String> names() {
        return Arbitraries.of(Importer.ENDINGS).map(e -> "x." + e);
    }
}
