package webodidact.core.list;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.COURSE;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Knowledge;
import webodidact.core.swap.KnockOn;

/** What is bought, eaten and said of the same food on several lines. */
class BuyingListsTest {
    private final Knowledge table = Knowledge.shipped();

    @Test
    void theSameFoodOnSeveralLinesIsBoughtOnceAndWedgesAreWholeFruit() {
        var lesson = of(List.of(
                food("f1", "butter", "100 g"),
                food("f2", "butter", "200 g"),
                food("f3", "lemon", "2 piece").but(d -> d.form = "juice"),
                food("f4", "lemon", "1 piece").but(d -> d.form = "zest")));
        var rows = Costs.of(lesson, COURSE, table).home().rows();
        assertThat(rows).extracting(r -> r.exact().toString()).containsExactly("300 g", "2 piece");
        assertThat(rows.getFirst().buying().packs()).isEqualTo(2);
        var wedges = GatherList.of(of(List.of(food("f1", "lemon", "12 wedge"))), MeasureSystem.METRIC, table);
        assertThat(wedges.entries().getFirst().take()).isEqualTo("2");
        assertThat(wedges.entries().getFirst().also()).isEqualTo("12 wedges");
        var juice = GatherList.of(
                of(List.of(food("f1", "lemon", "2 piece").but(d -> d.form = "juice"))), MeasureSystem.METRIC, table);
        assertThat(juice.entries().getFirst().also()).isEqualTo("about 90 ml of juice");
    }

    /** A tin of 400 g holds 240 g of chickpeas; what recipes say of it is now the one, now the other. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            chickpeas      | 2 tin  | 400 g | drained   | 2
            chickpeas      | 2 tin  | 400 g | ''        | 2
            chickpeas      | 1 tin  | 240 g | drained   | 1
            chickpeas      | 480 g  | ''    | drained   | 2
            chickpeas      | 400 g  | ''    | drained   | 2
            chickpeas      | 240 g  | ''    | ''        | 1
            tinned-tuna    | 2 tin  | 145 g | drained   | 2
            tinned-tuna    | 200 g  | ''    | drained   | 2
            tinned-peach   | 1 tin  | 410 g | ''        | 1
            tinned-tomatoes| 2 tin  | 400 g | ''        | 2
            """)
    void tinsAreBoughtByWhatIsLeftInThem(String id, String amount, String size, String form, int packs) {
        var line = food("f1", id, amount).but(d -> {
            d.size = size.isEmpty() ? null : Amount.parse(size);
            d.form = form;
        });
        var buying = Buying.of(line.amount(), table.food(id).orElseThrow(), line, COURSE);
        assertThat(buying.orElseThrow().packs()).isEqualTo(packs);
    }

    @Test
    void aDrainedTinWeighsWhatIsLeftOfIt() {
        var tins = food("f1", "chickpeas", "2 tin").but(d -> d.size = Amount.parse("400 g"));
        var drained = tins.but(d -> d.form = "drained and rinsed");
        assertThat(Makes.of(of(List.of(drained)), COURSE, table).grams()).isEqualTo(Ratio.of(480));
        assertThat(Makes.of(of(List.of(tins.but(d -> d.form = "undrained"))), COURSE, table)
                        .grams())
                .isEqualTo(Ratio.of(800));
        assertThat(Makes.of(of(List.of(tins)), COURSE, table).grams())
                .as("with its liquid, where nobody says otherwise")
                .isEqualTo(Ratio.of(800));
    }

    @Test
    void saltInWaterThatIsDrainedIsNotEaten() {
        var salt = List.of(food("f1", "salt", "2 tbsp"));
        var boil = using(hands("a", 60), "f1").but(d -> d.doing = "Boil the pasta in salted water.");
        var drain = hands("b", 60).but(d -> d.doing = "Drain it.");
        assertThat(SaltShare.of(of(salt, boil, drain), COURSE, table).grams()).isEqualTo(Ratio.ZERO);
        assertThat(SaltShare.of(of(salt, boil), COURSE, table).grams()).isGreaterThan(Ratio.ZERO);
        var stew = boil.but(d -> d.doing = "Simmer the stew.");
        assertThat(SaltShare.of(of(salt, stew, drain), COURSE, table).grams()).isGreaterThan(Ratio.ZERO);
    }

    @Test
    void theInstructorsOwnStandInStaysOnTheSheetThoughNoRuleKnowsIt() {
        var lesson = of(List.of(food("f1", "courgette", "200 g")), hands("a", 60), using(hands("b", 60), "f1"))
                .withFood("f1", f -> f.but(d -> d.mentioned = List.of("the peelings of yesterday", "chicken breast")));
        var sheet = SubstitutionSheet.of(lesson, COURSE, table).entries();
        assertThat(sheet)
                .extracting(e -> e.offer().title())
                .containsExactly("the peelings of yesterday", "chicken breast");
        assertThat(sheet).allSatisfy(e -> assertThat(e.announceBy()).isEqualTo(2));
        assertThat(sheet.getFirst().offer().of(KnockOn.Kind.SAFETY))
                .anyMatch(t -> t.startsWith("Nothing is known of it"));
        assertThat(sheet.getLast().offer().of(KnockOn.Kind.SAFETY))
                .as("raw poultry, whoever says it")
                .anyMatch(t -> t.contains("Raw"));
        assertThat(sheet.getFirst().isLate()).isTrue();
    }
}
