package webodidact.terminal;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Ratio;
import webodidact.formats.course.CourseLock;
import webodidact.formats.demo.DemoCourse;

class TerminalTest {
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private String standardInput = "";

    private int run(String... args) {
        return Terminal.run(
                new BufferedReader(new StringReader(standardInput)),
                new PrintWriter(out, true),
                new PrintWriter(err, true),
                args);
    }

    private JsonNode json(String... args) throws IOException {
        assertThat(run(args)).as(err.toString()).isZero();
        return new ObjectMapper().readTree(out.toString());
    }

    private JsonNode found(String... args) throws IOException {
        out.getBuffer().setLength(0);
        assertThat(run(args)).as(err.toString()).isEqualTo(1);
        return new ObjectMapper().readTree(out.toString()).at("/findings");
    }

    @Test
    void readPrintsOneObjectALine() throws IOException {
        var read =
                json("read", "--json", "2 x 400 g tins chickpeas, drained", "½–¾ tsp chilli flakes, to taste", "salt");
        assertThat(read).hasSize(3);
        var tins = read.get(0);
        assertThat(tins.properties().stream().map(e -> e.getKey()))
                .containsExactly(
                        "line",
                        "amount",
                        "size",
                        "also",
                        "item",
                        "form",
                        "note",
                        "optional",
                        "toTaste",
                        "alternatives",
                        "food",
                        "unsure",
                        "candidates");
        assertThat(tins.at("/amount/value").asText()).isEqualTo("2");
        assertThat(tins.at("/amount/unit").asText()).isEqualTo("tin");
        assertThat(tins.at("/amount/max").isNull()).isTrue();
        assertThat(tins.at("/size/value").asText()).isEqualTo("400");
        assertThat(tins.at("/food").asText()).isEqualTo("chickpeas");
        assertThat(read.get(1).at("/amount/max").asText()).isEqualTo("3/4");
        assertThat(read.get(1).at("/toTaste").asBoolean()).isTrue();
        assertThat(read.get(2).at("/amount").isNull()).isTrue();
    }

    @Test
    void readTakesStandardInputToo() {
        standardInput = "350 g new potatoes, scrubbed\n\n2 tbsp moonberry paste\n";
        assertThat(run("read")).isZero();
        assertThat(out.toString())
                .isEqualTo(
                        "350 g · new potatoes · scrubbed  [new-potato]\n2 tbsp · moonberry paste\n    ? “moonberry paste” is not in the food table\n");
    }

    @ParameterizedTest
    @CsvSource({
        "3/8 cup, milk, us, , 1, 3/8, cup, 6 tbsp",
        "3 tbsp, milk, metric, au, 1, 4, tbsp, 4 tbsp",
        "100 g, butter, ml, , 1, 625/6, ml, 105 ml",
        "1 cup, plain flour, g, us, 2, 250.78, g, 250 g",
        "250 g, butter, imperial, , 1, 8.82, oz, 8¾ oz"
    })
    void convertsExactlyAndAsItCanBeMeasured(
            String amount, String food, String to, String from, String times, String value, String unit, String shown)
            throws IOException {
        var args = new ArrayList<>(List.of("convert", "--json", amount, "--food", food, "--to", to, "--times", times));
        if (from != null) args.addAll(List.of("--from", from));
        var json = json(args.toArray(String[]::new));
        if (value.contains("."))
            assertThat(Ratio.parse(shorten(json.at("/value").asText())).toDouble())
                    .isCloseTo(Double.parseDouble(value), Offset.offset(0.01));
        else assertThat(json.at("/value").asText()).isEqualTo(value);
        assertThat(json.at("/unit").asText()).isEqualTo(unit);
        assertThat(json.at("/shown").asText()).isEqualTo(shown);
        assertThat(Math.abs(json.at("/error").asDouble())).isLessThan(0.03);
    }

    /** Exact values of old measures have many figures; for a comparison the first are enough. */
    private static String shorten(String ratio) {
        var parts = ratio.split("/");
        if (parts.length == 1 || parts[0].length() < 17) return ratio;
        int cut = Math.max(parts[0].length(), parts[1].length()) - 16;
        return parts[0].substring(0, parts[0].length() - cut) + "/" + parts[1].substring(0, parts[1].length() - cut);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "convert lots --food butter --to g|Amount 'lots': expected a number and a measure, as in '1½ cup', '350 g' or '2'",
                "convert 2 --food moonberry --to g|convert: food 'moonberry': not in the food table; expected an id or name, as in 'plain-flour'",
                "convert 1cup --food new-potato --to g|convert: '1cup' of new potato cannot be told in 'g': no density or piece weight of it is known",
                "convert 1g --food butter --to furlongs|convert: --to 'furlongs': expected one of metric, us, imperial, au, g, ml",
                "convert 1g --food butter --to g --times 1,5|Ratio '1,5': expected a whole number or a fraction, as in '3' or '1/2'",
                "check nowhere/x.json|check: 'nowhere/x.json': expected a *.lesson.json",
                "bake|'bake': no such command; expected one of read, draft, convert, check, clock, homes, swap, prep, list, papers, import",
                "homes x --homes many|homes: --homes 'many': expected a whole number",
                "homes x --homes 3000000000|homes: --homes '3000000000': expected a whole number",
                "homes nowhere/x.json --seed 3000000000|homes: 'nowhere/x.json': expected a *.lesson.json",
                "read --jsn|read: --jsn: no such option; expected some of --help, --json",
                "list|list: expected LESSON",
                "check a b|check: 'b' is one too many; expected one LESSON",
                "convert 1g --food butter|convert: --to SYSTEM is missing",
                "convert 1g --food|convert: --food: expected FOOD behind it",
                "read|read: no line given: expected recipe lines as words of the command or on standard input"
            })
    void badInputIsOneLineOnStandardErrorAndExitCodeTwo(String command, String message) {
        assertThat(run(command.split(" "))).isEqualTo(2);
        assertThat(err.toString()).isEqualTo(message + System.lineSeparator());
        assertThat(out.toString()).isEmpty();
    }

    @Test
    void checkEndsWithOneIfThereAreStops(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        assertThat(run("check", folder.resolve("1-fish-parcels.lesson.json").toString()))
                .isEqualTo(1);
        assertThat(out.toString())
                .startsWith("stop  step 8: Hands go from raw skinless white fish fillets")
                .contains("Add the wash (+0:40, 45:08 of 50:00)");
        Files.writeString(folder.resolve("4-empty.lesson.json"), "{\"format\": 1, \"slot\": 600}");
        assertThat(run("check", folder.resolve("4-empty.lesson.json").toString()))
                .isZero();
        Files.writeString(folder.resolve("4-empty.lesson.json"), "{\"format\": 1, \"slot\": }");
        assertThat(run("check", folder.resolve("4-empty.lesson.json").toString()))
                .isEqualTo(2);
        assertThat(err.toString()).startsWith("check: 4-empty.lesson.json, line 1");
    }

    @Test
    void theChecksOfACourseAsData(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        var findings = found("check", "--json", folder.toString());
        assertThat(findings).hasSizeGreaterThan(8);
        var first = findings.get(0);
        assertThat(first.properties().stream().map(e -> e.getKey()))
                .contains(
                        "check",
                        "family",
                        "severity",
                        "steps",
                        "foods",
                        "tools",
                        "homes",
                        "what",
                        "why",
                        "mends",
                        "covered");
        assertThat(first.at("/check").asText()).isEqualTo("no-wash-after-raw");
        assertThat(first.at("/family").asText()).isEqualTo("trace");
        assertThat(first.at("/severity").asText()).isEqualTo("stop");
        assertThat(first.at("/steps")).hasSize(2);
        assertThat(first.at("/covered").isNull()).isTrue();
        var kept = found("check", "--json", "--family", "delivery", folder.toString());
        assertThat(kept).isNotEmpty().allMatch(f -> f.at("/family").asText().equals("delivery"));
        assertThat(run("check", "--family", "gossip", folder.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("no such family; expected one of trace, facts");
    }

    @Test
    void theChecksOfACourseInWords(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        assertThat(run("check", folder.toString())).isEqualTo(1);
        assertThat(out.toString())
                .contains("== Fish parcels, new potatoes")
                .contains("== Cheese and chive scones")
                .contains("look  “chives” is listed but no step uses it.")
                .contains("Take it off the list (no more time)");
        out.getBuffer().setLength(0);
        assertThat(run("check", folder.resolve("course.json").toString())).isEqualTo(1);
        assertThat(out.toString()).contains("== Steamed vegetable dumplings");
        assertThat(run("check", "--mend", "over-slot", folder.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("--mend wants one");
        assertThat(run("check", folder.resolve("households.csv").toString())).isEqualTo(2);
    }

    @Test
    void theClockOfALesson(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        var clock = json(
                "clock", "--json", folder.resolve("1-fish-parcels.lesson.json").toString());
        assertThat(clock.properties().stream().map(e -> e.getKey()))
                .containsExactly(
                        "slot", "total", "inHand", "untimed", "kitchenTotal", "parts", "cameraMoves", "steps", "open");
        assertThat(clock.at("/slot").asInt()).isEqualTo(3000);
        assertThat(clock.at("/inHand").asInt())
                .isEqualTo(3000 - clock.at("/total/likely").asInt());
        assertThat(clock.at("/total/low").asInt())
                .isLessThan(clock.at("/total/likely").asInt());
        assertThat(clock.at("/kitchenTotal/high").asInt())
                .isEqualTo(clock.at("/total/high").asInt());
        var parcels = clock.at("/steps/6");
        assertThat(parcels.properties().stream().map(e -> e.getKey()))
                .containsExactly(
                        "id",
                        "title",
                        "start",
                        "end",
                        "talk",
                        "hands",
                        "wait",
                        "cover",
                        "collectedAt",
                        "early",
                        "late");
        assertThat(parcels.at("/wait/low").asInt()).isEqualTo(960);
        assertThat(parcels.at("/cover").asText()).isEqualTo("carry-on");
        assertThat(parcels.at("/collectedAt").asText()).isEqualTo("s14");
        assertThat(clock.at("/steps/0/wait").isNull()).isTrue();
        assertThat(clock.at("/open")).isEmpty();
    }

    @Test
    void aRecordingHasPartsAndItsOpenEndsEndWithOne(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        assertThat(run(
                        "clock",
                        "--json",
                        folder.resolve("2-cheese-scones.lesson.json").toString()))
                .isEqualTo(1);
        var clock = new ObjectMapper().readTree(out.toString());
        assertThat(clock.at("/parts")).hasSize(3);
        assertThat(clock.at("/parts/1/title").asText()).isEqualTo("Shape");
        assertThat(clock.at("/open/0").asText()).startsWith("What rests in the fridge in step 5");
        out.getBuffer().setLength(0);
        assertThat(run(
                        "clock",
                        folder.resolve("3-vegetable-dumplings.lesson.json").toString()))
                .isEqualTo(1);
        assertThat(out.toString()).contains("1 Welcome and what we make").contains(" over\n");
    }

    @Test
    void theHomesOfALesson(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        var file = folder.resolve("1-fish-parcels.lesson.json").toString();
        var homes = json("homes", "--json", file, "--homes", "500");
        assertThat(homes.at("/steps")).hasSize(17);
        assertThat(homes.at("/steps/0/ready").asDouble()).isEqualTo(1);
        assertThat(homes.at("/steps/6/ready").asDouble()).isBetween(0.0, 0.999);
        assertThat(homes.at("/steps/6/holdFor85").asInt()).isPositive();
        var first = out.toString();
        out.getBuffer().setLength(0);
        assertThat(json("homes", "--json", file, "--homes", "500", "--seed", "7"))
                .isEqualTo(homes);
        out.getBuffer().setLength(0);
        assertThat(json("homes", "--json", file, "--homes", "500", "--seed", "8"))
                .isNotEqualTo(homes);
        assertThat(first).isNotBlank();
        assertThat(run("homes", file, "--homes", "0")).isEqualTo(2);
        assertThat(err.toString()).isEqualTo("homes: --homes '0': expected 1 to 200000\n");
        assertThat(run("clock", "nowhere.json")).isEqualTo(2);
    }

    @org.junit.jupiter.api.io.TempDir
    Path folder;

    private String demo() throws IOException {
        DemoCourse.copyTo(folder);
        return folder.resolve("1-fish-parcels.lesson.json").toString();
    }

    @Test
    void whatCouldNotBeReadIsSaidAndTheHomesLeftOutAreCounted() throws IOException {
        var lesson = demo();
        Files.writeString(
                folder.resolve("households.csv"), "alias,allergies,ages\nTern,sunshine,9\nPuffin,milk,9\nSmew,,old\n");
        Files.writeString(folder.resolve("2-cheese-scones.lesson.json"), "{");
        assertThat(run("homes", "--homes", "50", lesson)).isZero();
        assertThat(err.toString())
                .contains("homes: 2-cheese-scones.lesson.json, line ")
                .contains("households.csv, line 2, at column allergies: 'sunshine'")
                .contains("homes: 2 homes were left out");
    }

    @Test
    void homesThatWereNotReadAtAllAreNotSpokenOf() throws IOException {
        var lesson = demo();
        Files.writeString(folder.resolve("households.csv"), "Name|Allergy\nTern|milk\n");
        assertThat(run("homes", lesson)).isEqualTo(2);
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString()).contains("the homes were not read, so nothing is said of them");
        assertThat(run("check", lesson)).as("the checks do not need them").isEqualTo(1);
    }

    @Test
    void aFaultOfTheProgramIsNeverTakenForStopsFound() {
        for (var error : List.of(
                new OutOfMemoryError("heap"),
                new StackOverflowError(),
                new IllegalStateException("Bug"),
                new NullPointerException())) {
            var reader = new BufferedReader(new StringReader("")) {
                @Override
                public Stream<String> lines() {
                    return sneaky(error);
                }
            };
            var said = new StringWriter();
            assertThat(Terminal.run(reader, new PrintWriter(out, true), new PrintWriter(said, true), "read"))
                    .as(error.toString())
                    .isEqualTo(70);
            assertThat(said.toString().lines()).hasSize(1);
            assertThat(said.toString())
                    .contains("Please report “")
                    .doesNotContain("Exception")
                    .doesNotContain("Error:");
        }
    }

    @SuppressWarnings("unchecked")
    private static <E extends Throwable, T> T sneaky(Throwable error) throws E {
        throw (E) error;
    }

    @Test
    void everyCommandTellsItsOptions() {
        for (var command : List.of("read", "convert", "check", "clock", "homes")) {
            assertThat(run(command, "--help")).as(command).isZero();
            assertThat(out.toString()).contains("Usage: webodidact " + command);
        }
        assertThat(run("--help")).isZero();
    }

    @Test
    void allCommandsWarmUpWithoutAWord() {
        assertThat(run("warm-up")).isZero();
        assertThat(out.toString() + err).isEmpty();
    }

    @Test
    void aCheckIsMendedFromTheTerminalAndWritten() throws IOException {
        var lesson = demo();
        assertThat(run("check", lesson)).isEqualTo(1);
        assertThat(run("check", "--mend", "no-wash-after-raw", lesson)).isZero();
        assertThat(err.toString()).contains("Mended: Add the wash");
        assertThat(run("check", lesson)).as("it is on disk").isZero();
        assertThat(run("check", "--mend", "no-wash-after-raw", lesson))
                .as("nothing left")
                .isZero();
        assertThat(run("check", "--mend", "no-such-check", lesson)).isEqualTo(2);
    }

    @Test
    void aCourseThatIsOpenInAWindowIsNotMendedUnderIt() throws IOException {
        var lesson = demo();
        var before = Files.readString(Path.of(lesson));
        try (var window = CourseLock.take(folder).orElseThrow()) {
            assertThat(window.isHeld()).isTrue();
            assertThat(run("check", "--mend", "no-wash-after-raw", lesson)).isEqualTo(2);
            assertThat(err.toString()).contains("the course is open in a window");
        }
        assertThat(Path.of(lesson)).hasContent(before);
    }

    @Test
    void aLineOfSeveralFoodsIsSeveralObjects() throws IOException {
        var read = json(
                "read", "--json", "1 tsp each cumin and turmeric", "2 heaped tbsp cornflour", "1 tbsp garlic butter");
        assertThat(read).hasSize(4);
        assertThat(read.get(0).at("/line").asText())
                .isEqualTo(read.get(1).at("/line").asText());
        assertThat(read.get(1).at("/food").asText()).isEqualTo("turmeric");
        assertThat(read.get(1).at("/amount/unit").asText()).isEqualTo("tsp");
        assertThat(read.get(2).at("/amount/approximate").asBoolean()).isTrue();
        assertThat(read.get(3).at("/food").isNull()).isTrue();
        assertThat(read.get(3).at("/unsure")).isNotEmpty();
        assertThat(read.get(3).at("/candidates").toString()).contains("\"butter\"", "\"garlic\"");
    }

    @Test
    void convertReadsTheFormAndTheRegion() throws IOException {
        assertThat(json("convert", "--json", "1 cup", "--food", "grated cheddar", "--to", "g")
                        .at("/shown")
                        .asText())
                .isEqualTo("115 g");
        out.getBuffer().setLength(0);
        assertThat(json("convert", "--json", "100 g", "--food", "corn flour", "--from", "imperial", "--to", "ml")
                        .at("/unit")
                        .asText())
                .isEqualTo("ml");
        assertThat(run("convert", "1 cup", "--food", "corn flour", "--to", "g")).isEqualTo(2);
        assertThat(err.toString()).contains("or several foods; nearest: cornflour");
    }

    @Test
    void whatStandsInIsToldForItsJob() throws IOException {
        var swap = json(
                "swap",
                "--json",
                "butter",
                "--amount",
                "100 g",
                "--use",
                "rub in, bake",
                "--without",
                "milk",
                "--diet",
                "vegan",
                "--times",
                "2");
        assertThat(swap.properties().stream().map(e -> e.getKey())).containsExactly("job", "context", "offers");
        assertThat(swap.at("/context").asText()).isEqualTo("baked");
        var first = swap.at("/offers/0");
        assertThat(first.properties().stream().map(e -> e.getKey()))
                .containsExactly(
                        "food", "name", "amount", "also", "adds", "removes", "diets", "minutes", "tools", "notes",
                        "test", "refused");
        assertThat(first.at("/food").asText()).isEqualTo("vegan-spread");
        assertThat(first.at("/amount").asText()).isEqualTo("200 g");
        assertThat(first.at("/removes/0").asText()).isEqualTo("milk");
        assertThat(first.at("/refused").isNull()).isTrue();
        for (var offer : swap.at("/offers")) {
            if (offer.at("/food").asText().equals("lard"))
                assertThat(offer.at("/refused").asText()).isEqualTo("lard: not vegan");
            if (offer.at("/food").asText().equals("ghee"))
                assertThat(offer.at("/refused").isNull()).isFalse();
        }
        out.getBuffer().setLength(0);
        var flour = json("swap", "--json", "self-raising flour", "--amount", "220 g", "--use", "rub in, bake");
        assertThat(flour.at("/offers/0/also/0/food").asText()).isEqualTo("baking-powder");
        assertThat(flour.at("/offers/0/also/0/amount").asText()).isEqualTo("2 tsp");
    }

    @Test
    void aHomeOfACourseIsAskedByItsAlias(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        var lesson = folder.resolve("2-cheese-scones.lesson.json").toString();
        var swap = json("swap", "--json", "--lesson", lesson, "--food", "butter", "--home", "Tern");
        assertThat(swap.at("/offers")).isNotEmpty();
        assertThat(run("swap", "--lesson", lesson, "--food", "moonberry")).isEqualTo(2);
        assertThat(err.toString()).contains("'moonberry': not on the list; expected one of");
        assertThat(run("swap", "--lesson", lesson, "--food", "butter", "--home", "Nobody"))
                .isEqualTo(2);
    }

    @Test
    void toolsStandInForToolsByTheirJob() throws IOException {
        var swap = json("swap", "--json", "--tool", "food processor", "--use", "knead");
        assertThat(swap.at("/offers"))
                .isNotEmpty()
                .allSatisfy(o -> assertThat(o.at("/refused").isNull()).isFalse());
        out.getBuffer().setLength(0);
        var grate = json("swap", "--json", "--tool", "grater", "--use", "grate");
        assertThat(grate.at("/offers/0/refused").isNull()).isTrue();
        assertThat(grate.at("/offers/0/tool").asText()).isNotBlank();
        assertThat(run("swap", "moonberries")).isEqualTo(2);
        assertThat(run("swap", "butter", "--without", "sunshine")).isEqualTo(2);
        assertThat(run("swap", "butter", "--diet", "lunar")).isEqualTo(2);
        assertThat(run("swap")).isEqualTo(2);
    }
}
