package webodidact.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.amount.Amount;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.outcome.MendPrice;

/** A cover holds for what stood there; it comes back when that changes. Findings hide what follows from them. */
class CoveringTest {
    private static final Lesson LESSON = Lessons.of(
            List.of(
                    Lessons.food("f1", "chicken-breast", "2 piece"),
                    Lessons.food("f2", "yoghurt", "200 g"),
                    Lessons.food("f3", "salt", "1 tsp")),
            Lessons.using(Lessons.hands("a", 60), "f1"),
            Lessons.using(Lessons.hands("b", 60), "f2"),
            Lessons.using(Lessons.hands("c", 60), "f3"));

    private static Finding hands(Lesson lesson) {
        var report = Lessons.outcome(lesson).report();
        return Stream.concat(report.open().stream(), report.covered().stream())
                .filter(f -> f.check().equals("no-wash-after-raw"))
                .findFirst()
                .orElseThrow();
    }

    private static Lesson covered() {
        var finding = hands(LESSON);
        return Operations.accept(new Accepted(
                        finding.check(),
                        finding.where(),
                        "Gloves.",
                        "Ada",
                        LocalDate.of(2026, 12, 1),
                        Covering.stands(finding, LESSON)))
                .apply(LESSON);
    }

    private static boolean isCovered(Lesson lesson) {
        return Covering.of(hands(lesson), lesson).isPresent();
    }

    @Test
    void aCoverKeepsReasonNameAndDay() {
        var cover = Covering.of(hands(covered()), covered()).orElseThrow();
        assertThat(cover.reason()).isEqualTo("Gloves.");
        assertThat(cover.by()).isEqualTo("Ada");
        assertThat(cover.on()).isEqualTo(LocalDate.of(2026, 12, 1));
        assertThat(Lessons.outcome(covered()).report().open())
                .extracting(Finding::check)
                .doesNotContain("no-wash-after-raw");
    }

    @Test
    void itComesBackWhenAStepOfItChangesAndNotWhenAnotherDoes() {
        var lesson = covered();
        assertThat(isCovered(lesson)).isTrue();
        assertThat(isCovered(Operations.sayAlso("c", "And a pinch more.").apply(lesson)))
                .isTrue();
        assertThat(isCovered(Operations.sayAlso("a", "And another.").apply(lesson)))
                .isFalse();
        assertThat(isCovered(Operations.sayAlso("b", "And another.").apply(lesson)))
                .isFalse();
        assertThat(isCovered(Operations.amount("f2", Amount.parse("300 g")).apply(lesson)))
                .isFalse();
        assertThat(isCovered(lesson.but(d -> d.title = "Other"))).isTrue();
    }

    @Test
    void aCoverOfAnOlderFileHoldsWhateverStoodThere() {
        var finding = hands(LESSON);
        var old = Operations.accept(new Accepted(finding.check(), finding.where(), "Gloves."))
                .apply(Operations.sayAlso("a", "More.").apply(LESSON));
        assertThat(isCovered(old)).isTrue();
    }

    @Test
    void coveringAnewReplacesAndTakingBackUncovers() {
        var finding = hands(LESSON);
        var twice = Operations.accept(new Accepted(finding.check(), finding.where(), "Other."))
                .apply(covered());
        assertThat(twice.accepted()).extracting(Accepted::reason).containsExactly("Other.");
        assertThat(Operations.unaccept(finding.check(), finding.where())
                        .apply(twice)
                        .accepted())
                .isEmpty();
    }

    @Test
    void theMoreTellingFindingHidesWhatFollows() {
        var lesson = LESSON.moving("c", 1);
        assertThat(Lessons.outcome(lesson).report().open())
                .extracting(Finding::check)
                .contains("no-wash-after-raw")
                .doesNotContain("soiled-hands-go-on");
        assertThat(CheckTable.of("soiled-hands-go-on").after()).contains("no-wash-after-raw");
    }

    @Test
    void aMendStatesItsPrice() {
        var outcome = Lessons.outcome(LESSON);
        var finding = hands(LESSON);
        var wash = finding.mends().getFirst();
        var price = MendPrice.of(outcome, wash);
        assertThat(price.more()).isEqualTo(40);
        assertThat(price.delta()).isEqualTo("+0:40");
        assertThat(price.text()).startsWith("+0:40, ").contains(" of ");
        assertThat(price.gone()).isPositive();
        assertThat(price.came()).isEmpty();
        var first = finding.mends().get(1);
        assertThat(MendPrice.of(outcome, first).delta()).isEmpty();
        assertThat(MendPrice.of(outcome, first).text()).startsWith("no more time");
    }

    @Test
    void aMendThatBringsAnotherFindingSaysSo() {
        var outcome = Lessons.outcome(LESSON);
        var bad = new Mend(
                CheckTable.words().message("dead-air.so"),
                l -> l.withStep("c", s -> Lessons.acts(Lessons.at(s, Place.OVEN), Act.LID_ON)));
        var price = MendPrice.of(outcome, bad);
        assertThat(price.came()).extracting(Finding::check).contains("oven-never-heated");
        assertThat(price.text()).contains("new: ");
    }

    @Test
    void whatAFindingHasToDoWith() {
        var finding = hands(LESSON);
        assertThat(finding.steps()).containsExactly(1, 2);
        assertThat(finding.foods()).containsExactly("f2");
        assertThat(finding.basis()).isEqualTo("food safety guidance");
        assertThat(finding.alsoIn(List.of(3)).steps()).containsExactly(2, 3);
        assertThat(finding.ofTools(List.of("knife")).concerns().tools()).containsExactly("knife");
        assertThat(finding.ofHomes(List.of("Quay")).concerns().homes()).containsExactly("Quay");
        assertThat(finding.isSameMatter(finding.alsoIn(List.of(3)))).isTrue();
    }

    @Test
    void aCoverOfTheWholeLessonIsOfWhatItSaid() {
        var long1 = Lessons.of(Lessons.hands("a", 7200));
        var over = Lessons.outcome(long1).report().open().stream()
                .filter(f -> f.check().equals("over-slot"))
                .findFirst()
                .orElseThrow();
        var lesson = Operations.accept(new Accepted(
                        over.check(), over.where(), "The next slot is free.", "", null, Covering.stands(over, long1)))
                .apply(long1);
        assertThat(Lessons.outcome(lesson).report().covered())
                .extracting(Finding::check)
                .contains("over-slot");
        var longer = lesson.withStep("a", s -> Lessons.hands("a", 9000));
        assertThat(Lessons.outcome(longer).report().open())
                .as("more than was covered")
                .extracting(Finding::check)
                .contains("over-slot");
    }
}
