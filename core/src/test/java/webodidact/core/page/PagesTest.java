package webodidact.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import webodidact.core.Lessons;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.Suggestions;
import webodidact.core.table.TableFile;
import webodidact.core.time.Clock;

/** Whole pages in different shapes: what is read of them, and how long the lesson made of them is against a person's own timing. */
class PagesTest {
    private static final Knowledge KNOWN = Knowledge.shipped();

    static Stream<String[]> pages() {
        return Stream.of("pages.txt", "pages-fresh.txt").flatMap(f -> TableFile.rows(PagesTest.class, f, 4).stream());
    }

    private static String text(String name) throws IOException {
        try (var in = PagesTest.class.getResourceAsStream(name + ".txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static Lesson drafted(String text) {
        var page = new PageReader(KNOWN, MeasureSystem.METRIC).read(text);
        var lesson = page.into(0, KNOWN).apply(Lesson.blank("draft", 1, ""));
        return Suggestions.takingAll(
                lesson, lesson.steps().stream().map(Step::id).toList(), KNOWN, Map.of());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("pages")
    void isWithinAFifthOfAHandTimedLesson(String name, String title, String foods, String seconds) throws IOException {
        var lesson = drafted(text(name));
        var plan = Lessons.plan(lesson);
        var shown = new ArrayList<String>();
        shown.add(lesson.title() + " · "
                + lesson.foods().stream().map(f -> f.item()).toList());
        for (var p : plan.steps())
            shown.add(Clock.text(p.span().start()) + " " + p.step().title() + " · hands "
                    + p.hands().text() + " talk " + p.talk()
                    + (p.step().waiting() == null
                            ? ""
                            : " wait " + p.step().waiting().what() + " "
                                    + p.step().waiting().time().text() + " "
                                    + p.step().waiting().cover())
                    + " uses " + p.step().uses().stream().map(u -> u.line()).toList());
        if (Boolean.getBoolean("said.print"))
            System.out.println("PAGE " + name + " wanted " + seconds + " planned " + plan.planned() + " "
                    + (100 * plan.planned() / Integer.parseInt(seconds)) + " %\nPAGE   "
                    + String.join("\nPAGE   ", shown));
        assertThat(lesson.title()).isEqualTo(title);
        assertThat(lesson.foods()).as(String.join("\n", shown)).hasSize(Integer.parseInt(foods));
        assertThat(plan.planned())
                .as(String.join("\n", shown))
                .isBetween(Integer.parseInt(seconds) * 4 / 5, Integer.parseInt(seconds) * 6 / 5);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("pages")
    void losesNoWordOfTheMethod(String name, String title, String foods, String seconds) throws IOException {
        var page = new PageReader(KNOWN, MeasureSystem.METRIC).read(text(name));
        var words = List.of(String.join(" ", page.recipe().method()).split("[^\\p{L}\\p{N}]+"));
        var kept = String.join(" ", page.steps().stream().map(Page.Piece::words).toList());
        for (var word : words)
            if (word.length() > 3 && !word.equals("Step")) assertThat(kept).contains(word);
    }
}
