package webodidact.formats.importing;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipInputStream;
import org.apache.poi.openxml4j.util.ZipSecureFile;
import org.apache.poi.xwpf.usermodel.IBodyElement;
import org.apache.poi.xwpf.usermodel.XWPFComment;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;

/** The words of word processors' files, paragraph by paragraph; tables row by row. */
final class OfficeText {
    static {
        ZipSecureFile.setMaxEntrySize(Limits.UNPACKED);
        ZipSecureFile.setMaxTextSize(Limits.UNPACKED);
        ZipSecureFile.setMaxFileCount(2000);
    }

    private OfficeText() {}

    static Imported docx(byte[] content) throws IOException {
        try (var document = new XWPFDocument(new ByteArrayInputStream(content))) {
            var lines = new ArrayList<String>();
            for (var element : document.getBodyElements()) add(element, lines);
            var left = new ArrayList<Imported.Left>();
            if (!document.getAllPictures().isEmpty())
                left.add(Imported.Left.of(
                        Words.say("where.pictures"),
                        String.valueOf(document.getAllPictures().size())));
            for (var comment :
                    document.getComments() == null ? List.<XWPFComment>of() : List.of(document.getComments()))
                left.add(Imported.Left.of(Words.say("where.comment"), comment.getText()));
            for (var header : document.getHeaderList())
                if (!header.getText().isBlank()) left.add(Imported.Left.of(Words.say("where.edge"), header.getText()));
            for (var footer : document.getFooterList())
                if (!footer.getText().isBlank()) left.add(Imported.Left.of(Words.say("where.edge"), footer.getText()));
            return Imported.text(Words.say("format.docx"), joined(lines), left);
        } catch (RuntimeException e) {
            throw new IllegalArgumentException(Words.say("office.broken"), e);
        }
    }

    private static void add(IBodyElement element, List<String> lines) {
        if (element instanceof XWPFParagraph paragraph) {
            var text = paragraph.getText();
            boolean listed = paragraph.getNumID() != null && "decimal".equals(paragraph.getNumFmt());
            lines.add(listed && !text.isBlank() ? "1. " + text.strip() : text);
        } else if (element instanceof XWPFTable table)
            for (var row : table.getRows())
                lines.add(String.join(
                        " ",
                        row.getTableCells().stream()
                                .map(c -> c.getText().strip())
                                .toList()));
    }

    static Imported odt(byte[] content) throws IOException {
        var xml = entry(content, "content.xml");
        if (xml == null) throw new IllegalArgumentException(Words.say("office.broken"));
        // Entities of its own making are not known to this parser, and nothing is fetched.
        var body = Jsoup.parse(new String(xml, StandardCharsets.UTF_8), "", Parser.xmlParser())
                .selectFirst("office|text");
        if (body == null) throw new IllegalArgumentException(Words.say("office.broken"));
        var left = new ArrayList<Imported.Left>();
        var notes = body.select("office|annotation, text|note");
        for (var note : notes) left.add(Imported.Left.of(Words.say("where.comment"), note.text()));
        notes.remove();
        var pictures = body.select("draw|image");
        if (!pictures.isEmpty())
            left.add(Imported.Left.of(Words.say("where.pictures"), String.valueOf(pictures.size())));
        var lines = new ArrayList<String>();
        for (var child : body.children()) add(child, lines, false);
        return Imported.text(Words.say("format.odt"), joined(lines), left);
    }

    private static void add(Element element, List<String> lines, boolean numbered) {
        switch (element.tagName()) {
            case "text:p", "text:h" -> lines.add((numbered ? "1. " : "") + words(element));
            case "table:table-row" -> lines.add(words(element));
            case "text:tracked-changes", "text:sequence-decls" -> {}
            default -> {
                for (var child : element.children()) add(child, lines, false);
            }
        }
    }

    /** Tabs and repeated blanks are elements there. */
    private static String words(Element element) {
        for (var gap : element.select("text|tab, text|s, text|line-break"))
            gap.appendText(gap.tagName().equals("text:line-break") ? "\n" : " ");
        for (var cell : element.select("table|table-cell")) cell.appendText(" ");
        return element.wholeText().strip().replaceAll("[ \\t\\u00a0]+", " ");
    }

    private static byte[] entry(byte[] content, String name) throws IOException {
        try (var zip = new ZipInputStream(new ByteArrayInputStream(content))) {
            long all = 0;
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                var bytes = zip.readNBytes(Limits.UNPACKED + 1);
                all += bytes.length;
                if (all > Limits.UNPACKED)
                    throw new IllegalArgumentException(Words.say("unpacked", Limits.UNPACKED / 1_000_000));
                if (entry.getName().equals(name)) return bytes;
            }
        }
        return null;
    }

    private static String joined(List<String> lines) {
        return Limits.checked(
                String.join("\n", lines).replaceAll("\\n{3,}", "\n\n").strip() + "\n");
    }
}
