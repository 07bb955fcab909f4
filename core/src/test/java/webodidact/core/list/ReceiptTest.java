package webodidact.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Amount;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Lesson;

class ReceiptTest {
    private static final Knowledge KNOWN = Knowledge.shipped();
    private final Lesson lesson = of(
                    List.of(
                            food("f1", "butter", "80 g"),
                            food("f2", "plain-flour", "300 g"),
                            food("f3", "salmon", "400 g"),
                            food("f4", "lemon", "2 piece")),
                    using(hands("mix", 120), "f1", "f2", "f3", "f4"))
            .but(d -> d.air = LocalDateTime.of(2026, 12, 3, 17, 30));

    private Receipt.Row only(String line, String item) {
        return Receipt.of(line, lesson, COURSE, KNOWN).rows().stream()
                .filter(r -> r.line().id().equals(item))
                .findFirst()
                .orElseThrow();
    }

    /** As tills print it and as people type it. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            BUTTER 250G                4.20    | f1 | ENOUGH
            2 x butter 250 g 5.00              | f1 | ENOUGH
            butter 50g                         | f1 | SHORT
            Plain flour 1.5kg £1.10 A          | f2 | ENOUGH
            PLAIN FLOUR 250 G 0,89             | f2 | SHORT
            2 x salmon fillets 130 g 6.80      | f3 | SHORT
            4 lemons 1.20                      | f4 | ENOUGH
            1 lemon 0.35                       | f4 | SHORT
            butter                             | f1 | OPEN
            milk 1 l 1.30                      | f1 | MISSING
            """)
    void aLineOfAReceiptIsHeldAgainstTheNeed(String line, String id, Receipt.Verdict verdict) {
        assertThat(only(line, id).verdict()).isEqualTo(verdict);
    }

    /** Of tins it counts what is left when they are drained. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2 tin | 400 g | 2 x chickpeas 400g         | ENOUGH
            2 tin | 400 g | CHICKPEAS 400G      0.85   | SHORT
            2 tin | 400 g | 2 x chickpeas 240g         | ENOUGH
            300 g | ''    | chickpeas 400g             | SHORT
            2 tin | ''    | 2 tins (400 g) chickpeas   | ENOUGH
            2 tin | ''    | chickpeas 400g             | OPEN
            2 tin | 400 g | 2 tins chickpeas           | ENOUGH
            300 g | ''    | 1 tin (400 g) chickpeas    | SHORT
            300 g | ''    | 2 tins (400 g) chickpeas   | ENOUGH
            200 g | ''    | 1 tin (400 g) chickpeas    | ENOUGH
            """)
    void tinsOfAReceiptAreWorthWhatIsLeftOfThem(String need, String size, String bought, Receipt.Verdict verdict) {
        var line = food("f1", "chickpeas", need).but(d -> {
            d.size = size.isEmpty() ? null : Amount.parse(size);
            d.form = "drained";
        });
        var beans = of(List.of(line), using(hands("mix", 120), "f1"));
        assertThat(Receipt.of(bought, beans, COURSE, KNOWN).rows().getFirst().verdict())
                .isEqualTo(verdict);
    }

    @Test
    void whatNamesNothingOfTheListIsToldAndSeveralPacksAddUp() {
        var receipt = Receipt.of("""
                SALTMARSH STORES
                butter 50 g 1.20
                butter 50 g 1.20
                peanut butter 340 g 2.90
                carrier bag 0.10
                TOTAL 5.40
                """, lesson, COURSE, KNOWN);
        assertThat(receipt.unread())
                .containsExactly("SALTMARSH STORES", "peanut butter 340 g 2.90", "carrier bag 0.10", "TOTAL 5.40");
        var butter = receipt.rows().getFirst();
        assertThat(butter.verdict()).isEqualTo(Receipt.Verdict.ENOUGH);
        assertThat(butter.over().orElseThrow().toString()).isEqualTo("20 g");
        assertThat(receipt.rows())
                .filteredOn(r -> r.verdict() == Receipt.Verdict.MISSING)
                .hasSize(3);
    }

    @Test
    void whatWasBoughtDecidesWhatIsLeftAndIsCarriedOver() {
        var bought = Receipt.of("butter 500 g", lesson, COURSE, KNOWN).taken().apply(lesson);
        assertThat(bought.food("f1").orElseThrow().bought().toString()).isEqualTo("500 g");
        var left = Leftovers.of(bought, List.of(bought), COURSE, KNOWN).stream()
                .filter(l -> l.line().id().equals("f1"))
                .findFirst()
                .orElseThrow();
        assertThat(left.left().toString()).isEqualTo("420 g");
        var exactly = Receipt.of("butter 80 g", lesson, COURSE, KNOWN).taken().apply(lesson);
        assertThat(Leftovers.of(exactly, List.of(exactly), COURSE, KNOWN))
                .noneMatch(l -> l.line().id().equals("f1"));
    }
}
