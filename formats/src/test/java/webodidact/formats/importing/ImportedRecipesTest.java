package webodidact.formats.importing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.page.Page;
import webodidact.core.page.PageReader;

/** Recipes in the shapes that people have them, each with what is to be understood; {@code inputs.txt} tells how it is written. */
class ImportedRecipesTest {
    record Block(String name, String content, Map<String, String> expected) {}

    static List<Block> read(String file) {
        String all;
        try (var in = ImportedRecipesTest.class.getResourceAsStream(file)) {
            all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        var blocks = new ArrayList<Block>();
        for (var part : all.split("(?m)^==== ")) {
            if (part.startsWith("#")) continue;
            int head = part.indexOf('\n');
            int line = part.indexOf("\n----\n");
            var expected = new HashMap<String, String>();
            part.substring(line + 6)
                    .lines()
                    .filter(l -> l.contains(": "))
                    .forEach(l -> expected.put(
                            l.substring(0, l.indexOf(": ")),
                            l.substring(l.indexOf(": ") + 2).strip()));
            blocks.add(new Block(part.substring(0, head).strip(), part.substring(head + 1, line), expected));
        }
        return blocks;
    }

    @TestFactory
    Stream<DynamicTest> eachIsUnderstood() {
        return Stream.of("inputs.txt", "fresh.txt")
                .flatMap(f -> read(f).stream())
                .map(b -> DynamicTest.dynamicTest(
                        b.name(), () -> assertThat(faults(b)).isEmpty()));
    }

    /** What of a block is not as expected. */
    static List<String> faults(Block block) throws IOException {
        var charset = block.name().startsWith("windows") ? Charset.forName("windows-1252") : StandardCharsets.UTF_8;
        var read = Importer.read(block.name(), block.content().getBytes(charset));
        var page = new PageReader(Knowledge.shipped(), MeasureSystem.METRIC).read(read.text());
        var expected = block.expected();
        var faults = new ArrayList<String>();
        if (expected.containsKey("title")
                && !(read.title() + " " + page.recipe().title()).contains(expected.get("title")))
            faults.add("title: " + read.title() + " / " + page.recipe().title());
        if (expected.containsKey("yield")
                && !(String.valueOf(page.recipe().makes()) + read.text()).contains(expected.get("yield")))
            faults.add("yield: " + page.recipe().makes());
        if (expected.containsKey("foods")) faults.addAll(foods(expected.get("foods"), read, page));
        if (expected.containsKey("steps")
                && !read.steps().isEmpty()
                && read.steps().size() != Integer.parseInt(expected.get("steps"))) faults.add("steps: " + read.steps());
        if (expected.containsKey("says")
                && page.steps().stream().noneMatch(s -> s.words().contains(expected.get("says"))))
            faults.add("says: " + page.steps().stream().map(Page.Piece::words).toList());
        if (expected.containsKey("heads"))
            for (var head : expected.get("heads").split(" \\| "))
                if (page.steps().stream().noneMatch(s -> s.title().startsWith(head)))
                    faults.add("heads: "
                            + page.steps().stream().map(Page.Piece::title).toList());
        if (expected.containsKey("left")
                && read.left().stream().noneMatch(l -> l.text().contains(expected.get("left"))))
            faults.add("left: " + read.left());
        return faults;
    }

    /** The lines the page reader takes for foods, each with the words expected of it. */
    private static List<String> foods(String expected, Imported read, Page page) {
        var wanted = Arrays.stream(expected.split(" \\| ")).map(String::strip).toList();
        var lines = page.recipe().lines().stream().map(l -> l.line().strip()).toList();
        var faults = new ArrayList<String>();
        if (lines.size() != wanted.size()) faults.add("foods: " + lines);
        for (int i = 0; i < Math.min(lines.size(), wanted.size()); i++)
            if (!lines.get(i).toLowerCase(Locale.ROOT).contains(wanted.get(i).toLowerCase(Locale.ROOT)))
                faults.add("food: " + lines.get(i) + " for " + wanted.get(i));
        return faults;
    }
}
