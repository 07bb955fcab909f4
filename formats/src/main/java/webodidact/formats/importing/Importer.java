package webodidact.formats.importing;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import webodidact.formats.csv.FoodsCsv;

/** Reads a recipe from a file of whatever kind into a page of text. Nothing is fetched, nothing is run, nothing is changed. */
public final class Importer {
    /** Endings of files that can be read. */
    public static final List<String> ENDINGS =
            List.of("html", "htm", "jsonld", "json", "txt", "md", "docx", "odt", "pdf", "csv");

    private Importer() {}

    /**
     * Reads it within a time limit.
     *
     * @throws IllegalArgumentException with what is wrong and what was expected
     * @throws IOException if it cannot be read at all
     */
    public static Imported read(Path file) throws IOException {
        if (!Files.isRegularFile(file)) throw new IllegalArgumentException(Words.say("none", file.getFileName()));
        if (Files.size(file) > Limits.FILE)
            throw new IllegalArgumentException(Words.say("large", file.getFileName(), Limits.FILE / 1_000_000));
        var content = Files.readAllBytes(file);
        var name = file.getFileName().toString();
        // Not closed but left: a parser that does not listen must not keep the caller waiting.
        var worker =
                Executors.newSingleThreadExecutor(Thread.ofPlatform().daemon().factory());
        var work = worker.submit(() -> read(name, content));
        try {
            return work.get(Limits.SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
            throw new IllegalArgumentException(Words.say("slow", name, Limits.SECONDS), e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        } catch (ExecutionException e) {
            throw told(e.getCause(), name);
        } finally {
            worker.shutdownNow();
        }
    }

    private static IOException told(Throwable e, String name) {
        if (e instanceof IllegalArgumentException refused) throw refused;
        if (e instanceof StackOverflowError || e instanceof OutOfMemoryError)
            throw new IllegalArgumentException(Words.say("nested", name), e);
        if (e instanceof RuntimeException fault) throw fault;
        return e instanceof IOException io ? io : new IOException(e);
    }

    /** @param name decides what it is taken for, with what it begins with */
    static Imported read(String name, byte[] content) throws IOException {
        if (content.length == 0) throw new IllegalArgumentException(Words.say("empty", name));
        var ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (begins(content, "%PDF-")) return PdfText.read(content);
        if (begins(content, "PK")) {
            if (ending.equals("docx")) return OfficeText.docx(content);
            if (ending.equals("odt")) return OfficeText.odt(content);
            throw new IllegalArgumentException(Words.say("packed", name));
        }
        if (begins(content, "\u00d0\u00cf\u0011\u00e0")) throw new IllegalArgumentException(Words.say("old", name));
        return switch (ending) {
            case "docx", "odt", "pdf" -> throw new IllegalArgumentException(Words.say("other", name, ending));
            case "html", "htm", "xhtml" -> WebPage.read(name, page(content));
            case "jsonld", "json" -> json(name, text(content));
            case "md", "markdown" -> MarkdownText.read(text(content));
            case "csv", "tsv" -> table(content);
            default -> plain(text(content));
        };
    }

    private static Imported json(String name, String text) {
        return JsonLd.recipes(text).stream()
                .filter(RecipeText::isRecipe)
                .max(Comparator.comparingInt(r -> r.foods.size() + r.steps.size()))
                .map(r -> r.as(Words.say("format.jsonld")))
                .orElseThrow(() -> new IllegalArgumentException(Words.say("json.none", name)));
    }

    private static Imported table(byte[] content) {
        var lines = FoodsCsv.read(content);
        return new Imported(
                Words.say("format.csv"),
                "",
                Limits.checked(Words.say("foods") + "\n" + String.join("\n", lines.lines()) + "\n"),
                lines.lines(),
                List.of(),
                lines.left().stream()
                        .map(l -> Imported.Left.of(Words.say("where.column"), l))
                        .toList());
    }

    private static Imported plain(String text) {
        // A page that was saved under another name, or copied with its tags.
        if (text.stripLeading().regionMatches(true, 0, "<!doctype html", 0, 14)
                || text.stripLeading().startsWith("<html")) return WebPage.read("", Jsoup.parse(text));
        return Imported.text(Words.say("format.text"), Limits.checked(text), List.of());
    }

    private static boolean begins(byte[] content, String signs) {
        if (content.length < signs.length()) return false;
        for (int i = 0; i < signs.length(); i++) if ((content[i] & 0xff) != signs.charAt(i)) return false;
        return true;
    }

    /** The letters that a page says it has. */
    private static Document page(byte[] content) throws IOException {
        return Jsoup.parse(new ByteArrayInputStream(content), null, "");
    }

    /** UTF-8, or what word processors of old wrote. */
    private static String text(byte[] content) {
        try {
            var text = strict(content, StandardCharsets.UTF_8);
            if (text.indexOf('\0') >= 0) throw new IllegalArgumentException(Words.say("binary"));
            return text.startsWith("\ufeff") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            return windows(content);
        }
    }

    private static String windows(byte[] content) {
        for (byte b : content) if (b == 0) throw new IllegalArgumentException(Words.say("binary"));
        return new String(content, Charset.forName("windows-1252"));
    }

    private static String strict(byte[] content, Charset charset) throws CharacterCodingException {
        return charset.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT)
                .decode(ByteBuffer.wrap(content))
                .toString();
    }
}
