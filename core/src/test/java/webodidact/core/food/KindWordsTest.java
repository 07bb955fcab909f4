package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.Lessons;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.script.Mentions;

/** Words for a kind of food mean the only one of that kind on the list. */
class KindWordsTest {
    private static final Knowledge KNOWN = Knowledge.shipped();

    @ParameterizedTest
    @CsvSource({
        "mozzarella, cheese, true",
        "cheddar, cheese, true",
        "butter, cheese, false",
        "hazelnut, nut, true",
        "coconut-milk, nut, false",
        "spaghetti, pasta, true",
        "egg-noodle, noodle, true",
        "salmon, fish, true",
        "fish-sauce, fish, false",
        "breadcrumbs, crumb, true",
        "beef-mince, mince, true",
        "basmati, rice, true",
        "olive-oil, oil, true"
    })
    void isMeantBy(String food, String word, boolean meant) {
        assertThat(KindWords.isMeantBy(KNOWN.food(food).orElseThrow(), word)).isEqualTo(meant);
    }

    private static List<String> lines(String text, FoodLine... foods) {
        Lesson lesson = Lessons.of(List.of(foods));
        return Mentions.of(lesson, KNOWN).in(text).stream()
                .filter(m -> m.kind() != Mentions.Kind.TOOL)
                .map(m -> m.kind() + " " + m.id())
                .toList();
    }

    @Test
    void theCheeseIsTheOnlyOneOnTheList() {
        assertThat(lines("Scatter the cheese.", Lessons.food("f1", "mozzarella", "100 g")))
                .containsExactly("LISTED f1");
    }

    @Test
    void ofTwoCheesesNobodyKnowsWhichAndNoneIsMissing() {
        assertThat(lines(
                        "Scatter the cheese.",
                        Lessons.food("f1", "mozzarella", "100 g"),
                        Lessons.food("f2", "feta", "100 g")))
                .noneMatch(m -> m.startsWith("UNLISTED"));
    }

    @Test
    void theLastWordOfANameIsEnoughWhereNoOtherHasIt() {
        assertThat(lines("In go the thighs.", Lessons.food("f1", "chicken-thigh", "4 piece")))
                .containsExactly("LISTED f1");
        assertThat(lines("Scrape out the seeds.", Lessons.food("f1", "sesame-seeds", "1 tbsp")))
                .isEmpty();
    }

    @Test
    void aCommaPartsNames() {
        var both = new FoodLine[] {Lessons.food("f1", "pudding-rice", "100 g"), Lessons.food("f2", "milk", "1 l")};
        assertThat(lines("Rice, milk and sugar in the pan.", both)).contains("LISTED f1", "LISTED f2");
    }

    @Test
    void theOrderOfTheListDoesNotMatter() {
        var caster = Lessons.food("f1", "caster-sugar", "100 g");
        var icing = Lessons.food("f2", "icing-sugar", "100 g");
        assertThat(lines("Add the sugar.", caster, icing)).isEqualTo(lines("Add the sugar.", icing, caster));
    }
}
