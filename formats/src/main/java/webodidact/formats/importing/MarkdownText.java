package webodidact.formats.importing;

import java.util.ArrayList;
import java.util.List;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableHead;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.CustomBlock;
import org.commonmark.node.CustomNode;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.Link;
import org.commonmark.node.ListItem;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/** Markdown as plain lines: a heading on a line of its own, a list with a line for each of its entries. */
final class MarkdownText {
    private MarkdownText() {}

    static Imported read(String markdown) {
        var reader = new Reader();
        Parser.builder()
                .extensions(List.of(TablesExtension.create()))
                .build()
                .parse(markdown)
                .accept(reader);
        reader.end();
        var text = String.join("\n", reader.lines).replaceAll("\\n{3,}", "\n\n").strip() + "\n";
        return Imported.text(Words.say("format.markdown"), Limits.checked(text), reader.left);
    }

    private static final class Reader extends AbstractVisitor {
        private final List<String> lines = new ArrayList<>();
        private final List<Imported.Left> left = new ArrayList<>();
        private StringBuilder now = new StringBuilder();

        void end() {
            if (!now.toString().isBlank()) lines.add(now.toString().strip());
            now = new StringBuilder();
        }

        @Override
        public void visit(Heading heading) {
            end();
            lines.add("");
            visitChildren(heading);
            end();
            lines.add("");
        }

        @Override
        public void visit(Paragraph paragraph) {
            visitChildren(paragraph);
            end();
        }

        @Override
        public void visit(BulletList list) {
            end();
            visitChildren(list);
            lines.add("");
        }

        @Override
        public void visit(OrderedList list) {
            end();
            int n = list.getMarkerStartNumber() == null ? 1 : list.getMarkerStartNumber();
            for (var item = list.getFirstChild(); item != null; item = item.getNext()) {
                end();
                now.append(n++).append(". ");
                visitChildren(item);
            }
            end();
            lines.add("");
        }

        @Override
        public void visit(ListItem item) {
            end();
            visitChildren(item);
            end();
        }

        @Override
        public void visit(Text text) {
            now.append(text.getLiteral());
        }

        @Override
        public void visit(Code code) {
            now.append(code.getLiteral());
        }

        /** A line broken by hand. */
        @Override
        public void visit(SoftLineBreak line) {
            end();
        }

        /** Of a table a line for each row; its heads name columns and no food. */
        @Override
        public void visit(CustomNode node) {
            if (!(node instanceof TableRow)) {
                visitChildren(node);
                if (node instanceof TableCell) now.append(' ');
                return;
            }
            end();
            visitChildren(node);
            boolean head = node.getParent() instanceof TableHead;
            if (head) left.add(Imported.Left.of(Words.say("where.head"), now.toString()));
            if (head) now = new StringBuilder();
            end();
        }

        @Override
        public void visit(CustomBlock block) {
            end();
            visitChildren(block);
            lines.add("");
        }

        @Override
        public void visit(Link link) {
            visitChildren(link);
            left.add(Imported.Left.of(Words.say("where.link"), link.getDestination()));
        }

        @Override
        public void visit(Image image) {
            left.add(Imported.Left.of(Words.say("where.picture"), image.getDestination()));
        }
    }
}
