package webodidact.formats.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Filmed;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Take;
import webodidact.core.lesson.TakeKind;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;

class CsvTest {
    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void householdsComeBackAlikeAndFormulasAreHarmless() {
        var homes = List.of(
                new Household(
                        "=cmd()",
                        MeasureSystem.US,
                        Set.of("vegan"),
                        Set.of(Allergen.NUTS, Allergen.MILK),
                        Set.of("grater"),
                        Set.of("dill"),
                        List.of(9, 12),
                        true,
                        false,
                        true,
                        true,
                        Map.of("fish/f1", "tofu")),
                new Household(
                        "Tern, \"the\" other", null, null, null, null, null, null, false, true, true, false, null));
        var csv = HouseholdsCsv.write(homes);
        assertThat(new String(csv, StandardCharsets.UTF_8)).contains("'=cmd()");
        assertThat(((Read.Done<List<Household>>) HouseholdsCsv.read("households.csv", csv, Knowledge.shipped()))
                        .value())
                .isEqualTo(homes);
    }

    @Test
    void aBadRowIsToldWithLineAndColumnAndTheOthersAreRead() {
        var read = (Read.Done<List<Household>>) HouseholdsCsv.read("households.csv", bytes("""
                alias,allergies,ages,oven,missing tools
                Avocet,milk,12,yes,grater
                Bittern,sunshine,12,yes,
                Curlew,,twelve,yes,
                Dunlin,,,perhaps,
                ,,,,
                Egret,,,no,tractor
                Avocet,,,no,
                """), Knowledge.shipped());
        assertThat(read.value()).extracting(Household::alias).containsExactly("Avocet", "Egret");
        assertThat(read.warnings())
                .extracting(Warning::text)
                .containsExactly(
                        "households.csv, line 3, at column allergies: 'sunshine': expected a declared allergen, as in 'milk', 'eggs' or 'nuts'",
                        "households.csv, line 4, at column ages: 'twelve': expected whole years, as in '9; 12'",
                        "households.csv, line 5, at column oven: 'perhaps': expected yes or no",
                        "households.csv, line 6, at column alias: is empty: expected a name that is not a person's, as in 'Home 7'",
                        "households.csv, line 7, at column missing tools: 'tractor' is not in the tool table; it stays with its home",
                        "households.csv, line 8, at column alias: 'Avocet' is there twice: expected each home once");
    }

    @Test
    void takesComeBackAlike() {
        var takes = List.of(new Take(
                "t1",
                "fish",
                LocalDateTime.of(2026, 11, 12, 17, 30),
                List.of(new Take.StepTime("s1", "-Welcome", 20, 3, 1), new Take.StepTime("s2", "Wash", 40, 0, 0))));
        assertThat(((Read.Done<List<Take>>) TakesCsv.read("takes.csv", TakesCsv.write(takes))).value())
                .isEqualTo(takes);
    }

    @Test
    void howATakeWasRunItsWordsAndWhatWasChosenComeBack() {
        var takes = List.of(
                new Take(
                        "t1",
                        "fish",
                        LocalDateTime.of(2026, 11, 12, 17, 30),
                        TakeKind.PART,
                        List.of(
                                new Take.StepTime("s1", "W", 20, 3, 1, "=hair, \"in\" frame", Take.Choice.SPOILT),
                                new Take.StepTime("s2", "W", 20, 3, 0, "", Take.Choice.KEPT))),
                new Take("t2", "fish", LocalDateTime.of(2026, 11, 13, 17, 30), TakeKind.WORDS, List.of()));
        var read = (Read.Done<List<Take>>) TakesCsv.read("takes.csv", TakesCsv.write(takes));
        assertThat(read.warnings()).isEmpty();
        assertThat(read.value()).isEqualTo(takes);
    }

    @Test
    void aFileOfAnEarlierTimeHasLessonsAsHomesSawThem() {
        var read = (Read.Done<List<Take>>) TakesCsv.read(
                "takes.csv",
                bytes("take,lesson,at,step,title,seconds,held,marks\nt1,fish,2026-11-12T17:30,s1,W,20,0,0\n"));
        assertThat(read.value().getFirst().kind()).isEqualTo(TakeKind.LIVE);
        var wrong = (Read.Done<List<Take>>)
                TakesCsv.read(
                        "takes.csv",
                        bytes(
                                "take,lesson,at,step,title,seconds,held,marks,kind\nt1,fish,2026-11-12T17:30,s1,W,20,0,0,dance\n"));
        assertThat(wrong.warnings())
                .first()
                .extracting(Warning::text)
                .asString()
                .contains("kind 'dance'")
                .contains("rehearsal");
    }

    @Test
    void aBadTakeRowIsToldAndOthersAreRead() {
        var read = (Read.Done<List<Take>>)
                TakesCsv.read(
                        "takes.csv",
                        bytes(
                                "take,lesson,at,step,title,seconds,held,marks\nt1,fish,2026-11-12T17:30,s1,W,20,0,0\nt1,fish,then,s2,W,20,0,0\nt1,fish,2026-11-12T17:30,s3,W,-4,0,0\n"));
        assertThat(read.value().getFirst().steps()).hasSize(1);
        assertThat(read.warnings()).extracting(w -> w.place().line()).containsExactly(3, 4);
    }

    @Test
    void headingsInAnyOrderAndCaseAndFewerColumnsAreRead() {
        var read = (Read.Done<List<Household>>) HouseholdsCsv.read(
                "households.csv",
                bytes("\ufeffDiets,ALIAS,Allergies,Hob\nvegan; Vegetarian,Tern,,no\n"),
                Knowledge.shipped());
        assertThat(read.warnings()).isEmpty();
        assertThat(read.value().getFirst().diets()).containsExactly("vegan", "vegetarian");
        assertThat(read.value().getFirst().hob()).isFalse();
        assertThat(read.value().getFirst().oven()).isTrue();
    }

    @Test
    void aFileThatIsNoTableIsRefused() {
        assertThat(HouseholdsCsv.read("households.csv", bytes("alias,\"ages\nunclosed"), Knowledge.shipped()))
                .isInstanceOf(Read.Refused.class);
        assertThat(((Read.Done<List<Household>>) HouseholdsCsv.read("households.csv", bytes(""), Knowledge.shipped()))
                        .value())
                .isEmpty();
    }

    @Test
    void tooManyColumnsAreRefusedInWords() {
        var wide = "alias" + ",x".repeat(20_000) + "\nTern" + ",y".repeat(20_000) + "\n";
        assertThat(((Read.Refused<List<Household>>)
                                HouseholdsCsv.read("households.csv", bytes(wide), Knowledge.shipped()))
                        .why()
                        .message())
                .startsWith("not a CSV table: it has ");
    }

    @Test
    void aTakeWithoutAStepIsThereAfterReading() {
        var takes = List.of(new Take("t1", "fish", LocalDateTime.of(2026, 11, 12, 17, 30), List.of()));
        assertThat(((Read.Done<List<Take>>) TakesCsv.read("takes.csv", TakesCsv.write(takes))).value())
                .isEqualTo(takes);
    }

    @Test
    void aTakeKnowsWhatItsStepsShowedAndOlderTakesDoNot() {
        var filmed = new Filmed("5a1c9e", List.of("soiled-hands-go-on", "cue-missing"));
        var time = new Take.StepTime("s1", "Fold", 61, 0, 1, "steam", Take.Choice.KEPT, filmed);
        var takes =
                List.of(new Take("t1", "fish", LocalDateTime.of(2026, 11, 12, 17, 30), TakeKind.PART, List.of(time)));
        var written = new String(TakesCsv.write(takes), StandardCharsets.UTF_8);
        assertThat(((Read.Done<List<Take>>) TakesCsv.read("takes.csv", bytes(written))).value())
                .isEqualTo(takes);
        var older = written.replace(",shows,findings", "").replace(",5a1c9e,cue-missing;soiled-hands-go-on", "");
        var read = ((Read.Done<List<Take>>) TakesCsv.read("takes.csv", bytes(older))).value();
        assertThat(read.getFirst().steps().getFirst().filmed()).isEqualTo(Filmed.UNKNOWN);
        assertThat(read.getFirst().steps().getFirst().why()).isEqualTo("steam");
    }
}
