package webodidact.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.reading.ReadLine;

/** What a person reads off a page of any shape: its title, its foods, its steps under their headings. */
class PageShapesTest {
    private static final Knowledge KNOWN = Knowledge.shipped();

    /** One page of the file and what is expected of it. */
    record Shape(String name, String page, String title, List<String> foods, List<String> steps) {
        @Override
        public String toString() {
            return name;
        }

        static Shape of(String text) {
            var lines = text.lines().toList();
            var page = lines.stream().skip(1).filter(l -> !l.startsWith("--- ")).toList();
            return new Shape(
                    lines.getFirst().strip(),
                    String.join("\n", page),
                    said(lines, "title"),
                    list(said(lines, "foods")),
                    list(said(lines, "steps")));
        }

        private static String said(List<String> lines, String what) {
            var sign = "--- " + what + ":";
            return lines.stream()
                    .filter(l -> l.startsWith(sign))
                    .map(l -> l.substring(sign.length()).strip())
                    .findFirst()
                    .orElse("");
        }

        private static List<String> list(String all) {
            return Arrays.stream(all.split(";"))
                    .map(String::strip)
                    .filter(s -> !s.isEmpty())
                    .toList();
        }
    }

    static Stream<Shape> shapes() {
        return Stream.of("shapes.txt", "shapes-fresh.txt", "shapes-third.txt", "shapes-fourth.txt", "shapes-fifth.txt")
                .flatMap(PageShapesTest::of);
    }

    private static Stream<Shape> of(String file) {
        try (var in = PageShapesTest.class.getResourceAsStream(file)) {
            var text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return Arrays.stream(text.split("(?m)^=== ")).skip(1).map(Shape::of);
        } catch (IOException e) {
            throw new IllegalStateException(file, e);
        }
    }

    /** What differs, in words; empty where all is read as a person reads it. */
    private static List<String> differences(Shape shape) {
        var page = new PageReader(KNOWN, MeasureSystem.METRIC).read(shape.page());
        var wrong = new ArrayList<String>();
        if (!page.recipe().title().equals(shape.title()))
            wrong.add("title " + page.recipe().title());
        var foods = page.recipe().lines();
        if (foods.size() != shape.foods().size())
            wrong.add("foods " + foods.stream().map(PageShapesTest::named).toList());
        else
            for (int i = 0; i < foods.size(); i++)
                if (!named(foods.get(i)).contains(shape.foods().get(i).toLowerCase(Locale.ROOT)))
                    wrong.add("food " + named(foods.get(i)) + " for "
                            + shape.foods().get(i));
        var steps = page.steps().stream().map(Page.Piece::title).toList();
        if (steps.size() != shape.steps().size()) wrong.add("steps " + steps);
        else
            for (int i = 0; i < steps.size(); i++)
                if (!steps.get(i).startsWith(shape.steps().get(i)))
                    wrong.add("step " + steps.get(i) + " for " + shape.steps().get(i));
        return wrong;
    }

    private static String named(ReadLine line) {
        return (line.item() + " "
                        + Optional.ofNullable(line.food()).map(Object::toString).orElse("?"))
                .toLowerCase(Locale.ROOT);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("shapes")
    void isReadAsAPersonReadsIt(Shape shape) {
        assertThat(differences(shape)).isEmpty();
    }

    /** Each word stands in the title, a food's line, a heading, the method, or in what is said to be about it or set aside. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("shapes")
    void noWordIsLost(Shape shape) {
        var recipe =
                new PageReader(KNOWN, MeasureSystem.METRIC).read(shape.page()).recipe();
        var kept = new ArrayList<String>();
        kept.add(recipe.title());
        recipe.makes().ifPresent(m -> kept.add(m.toString()));
        recipe.lines().forEach(l -> kept.add(l.line()));
        kept.addAll(recipe.headings());
        kept.addAll(recipe.method());
        kept.addAll(recipe.about());
        kept.addAll(recipe.aside());
        var all = String.join(" ", kept);
        var lost = Arrays.stream(shape.page().split("[^\\p{L}\\p{N}]+"))
                .filter(w -> w.length() > 1 && !all.contains(w))
                .filter(w -> !w.matches("(?i)serves|makes|feeds"))
                .toList();
        assertThat(lost).isEmpty();
    }
}
