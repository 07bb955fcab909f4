package webodidact.formats.json;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.amount.Amount;
import webodidact.core.amount.Heat;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Ratio;
import webodidact.core.food.Diet;
import webodidact.core.food.OwnFood;
import webodidact.core.food.Risk;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.Accepted;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.BenchEdits;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Delivery;
import webodidact.core.lesson.Doubt;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Helper;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Kitchen;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Look;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Rounds;
import webodidact.core.lesson.Segment;
import webodidact.core.lesson.Sets;
import webodidact.core.lesson.Shaping;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.StepPattern;
import webodidact.core.lesson.ToolLine;
import webodidact.core.lesson.Use;
import webodidact.core.lesson.Wait;
import webodidact.core.lesson.Way;
import webodidact.core.lesson.Went;
import webodidact.core.lesson.Yield;
import webodidact.core.money.Price;
import webodidact.core.safety.Profile;
import webodidact.core.time.TimeRange;
import webodidact.formats.api.Read;
import webodidact.formats.demo.DemoCourse;

class JsonFileTest {
    /** A lesson with every field set, and one step for each way to cover a wait. */
    static Lesson full() {
        var covers = List.of(
                Cover.STAY,
                new Cover.CarryOn("s3"),
                new Cover.CarryOn(""),
                new Cover.Cut(10),
                new Cover.ReadyCopy(60, 900),
                new Cover.SpeedUp(4));
        var steps = new ArrayList<Step>();
        for (int i = 0; i < covers.size(); i++) {
            var cover = covers.get(i);
            steps.add(Step.blank("s" + (i + 1), Kind.values()[i], "“Step” <" + i + ">")
                    .but(d -> {
                        d.say = "Say\nit";
                        d.waiting = new Wait(new TimeRange(90, 7200), "rests", "soft", cover)
                                .looking(List.of(new Look(60, "turn it")));
                        if (cover instanceof Cover.Stay)
                            d.waiting = d.waiting.inRounds(new Rounds(List.of(120, 60), "stop there"));
                        d.hands = TimeRange.of(61);
                        d.heat = new Heat(180, 200, Heat.Mode.FAN);
                        d.acts = Set.of(Act.OVEN_ON, Act.WASH_HANDS);
                        d.uses = List.of(new Use("f1", Amount.parse("1/3 cup")), new Use("f1", null));
                        d.tools = List.of("pan");
                        d.tellThenDo = true;
                        d.hold = 5;
                        d.trim = 6;
                        d.question = "Why?";
                        d.part = "Mixing";
                        d.reachBy = 1360;
                        d.fixed = true;
                        d.way = "with a knife";
                        d.ways = List.of(
                                new Way(
                                        "grater",
                                        new TimeRange(30, 50),
                                        TimeRange.of(120),
                                        List.of("grater"),
                                        Place.MICROWAVE,
                                        new Heat(150, 150, Heat.Mode.FAN),
                                        "Grate it.",
                                        Audience.AGES_7_11,
                                        true),
                                new Way("by hand", null, null, null, null, null, null, null, false));
                        d.declined = Set.of("tool/grater");
                    }));
        }
        return Lesson.blank("full", 7, "Full").but(d -> {
            d.air = LocalDateTime.of(2026, 12, 3, 17, 30);
            d.foods = List.of(FoodLine.of("f1", "milk", "milk", Amount.parse("~1-3/2 cup"))
                    .but(x -> {
                        x.size = Amount.parse("400 g");
                        x.also = Amount.parse("2 tbsp");
                        x.unsure = List.of(
                                new Doubt(Doubt.Kind.SAID, "sure?"),
                                new Doubt(Doubt.Kind.UNKNOWN_FOOD, "a: b"),
                                Doubt.of(Doubt.Kind.NO_AMOUNT));
                        x.chosen = "oat-drink";
                        x.mentioned = List.of("water");
                        x.optional = true;
                        x.use = "baked";
                        x.because = "f0";
                        x.labelSays = Set.of();
                        x.plan = "Soup.";
                    }));
            d.tools = List.of(new ToolLine("t1", "pan", "pan", 2, "big", 3));
            d.steps = steps;
            d.ovenBefore = true;
            d.sets = new Sets(5, 2, 1);
            d.shaping = new Shaping(
                    Amount.parse("420 g"),
                    Amount.parse("10 g"),
                    new Shaping.Sheet(Ratio.of(30), Ratio.of(20), Ratio.of(13, 2), Ratio.HALF),
                    12,
                    3,
                    2);
            d.went = new Went(List.of("the folding"), List.of(), List.of("foil is fine"), List.of("offer foil first"));
            d.bench = BenchEdits.NONE
                    .pinning("set-out/s1", -3600)
                    .giving("set-out/s2", "Wren")
                    .leavingOut("camera", true)
                    .ticking("clean", -5000)
                    .pinning("own/j1", 0)
                    .adding("Fetch the ice", 600, 1800)
                    .givingUp("opens/");
            d.accepted = List.of(
                    new Accepted("over-slot", "", "The next slot is free."),
                    new Accepted("dead-air", "s1", "A song.", "Ada", LocalDate.of(2026, 12, 3), "1f2e"));
        });
    }

    private static Lesson read(byte[] content) {
        return ((Read.Done<Lesson>) JsonFile.readLesson("full.lesson.json", "full", content)).value();
    }

    @Test
    void whatIsWrittenIsReadBackAlike() throws IOException {
        assertThat(read(JsonFile.write(full()))).isEqualTo(full());
        var course = Course.named("C").but(d -> {
            d.instructor = "W";
            d.house = MeasureSystem.AU;
            d.pace = Map.of(Segment.AT_THE_HEAT, 101);
            d.profile = Profile.AU_NZ;
            d.currency = "$";
            d.prices = List.of(new Price("cheddar", "bag", Amount.parse("250 g"), 295));
            d.foods = List.of(
                    OwnFood.of("butter"),
                    new OwnFood(
                            "samphire",
                            List.of("samphire"),
                            Shelf.FRIDGE,
                            Map.of("chopped", Ratio.HALF),
                            Ratio.of(3),
                            Set.of(),
                            false,
                            Risk.UNWASHED,
                            Diet.VEGAN,
                            Ratio.of(2)));
            d.patterns = List.of(new StepPattern(
                    "My welcome",
                    Set.of(Delivery.RECORDED),
                    Set.of(Audience.ADULTS),
                    true,
                    Step.blank("p", Kind.WELCOME, "Hello").but(x -> x.say = "Today: {dish}.")));
            d.kitchen = new Kitchen(
                    "k",
                    3,
                    1,
                    true,
                    false,
                    2,
                    900,
                    1000,
                    "07:30",
                    List.of(Helper.usual("Wren"), new Helper("Robin", 3600, true, false, true)),
                    1500,
                    3600,
                    6,
                    2);
        });
        assertThat(((Read.Done<Course>) JsonFile.readCourse("course.json", JsonFile.write(course))).value())
                .isEqualTo(course);
        assertThat(schema("course.schema.json").validate(new ObjectMapper().readTree(JsonFile.write(course))))
                .isEmpty();
    }

    @Test
    void aYieldThatNobodySaidIsNotWrittenAndOneThatLooksLikeItIs() {
        var unsaid = Lesson.blank("a", 1, "A");
        assertThat(new String(JsonFile.write(unsaid), StandardCharsets.UTF_8)).doesNotContain("makes");
        assertThat(read(JsonFile.write(unsaid)).makes().assumed()).isTrue();
        var four = full().but(d -> d.makes = new Yield(Ratio.of(4), "portions", 4));
        assertThat(read(JsonFile.write(four)).makes().assumed()).isFalse();
        assertThat(read(JsonFile.write(four))).isEqualTo(four);
    }

    @Test
    void keysKeepTheirOrderSoThatTwoWritesAreTheSameBytes() {
        assertThat(JsonFile.write(read(JsonFile.write(full())))).isEqualTo(JsonFile.write(full()));
        assertThat(new String(JsonFile.write(full()), StandardCharsets.UTF_8))
                .startsWith("{\n  \"format\" : 1,\n  \"number\" : 7,");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"hands\" : \"1:01\"|\"hands\" : \"soon\"|bad-value|Time 'soon': expected minutes or a range, as in '12', '2:30' or '10-12'",
                "\"kind\" : \"welcome\"|\"kind\" : \"hello\"|bad-value|'hello': expected one of welcome, run-through, hygiene, hands-on, talk, taste, plate, task",
                "\"title\" : \"Full\"|\"titel\" : \"Full\"|unknown-field|unknown field 'titel'",
                "\"slot\" : 2700|\"slot\" : 0|bad-value|Slot '0': expected more than zero seconds",
                "\"format\" : 1|\"format\" : 2|newer|written by a newer Webodidact (format 2, this one reads up to 1). The file is left as it is.",
                "\"format\" : 1,|''|missing|expected a number, as in \"format\": 1",
                "\"number\" : 7|\"number\" 7|damaged|not JSON from here"
            })
    void damageIsToldWithItsPlace(String right, String wrong, String code, String message) {
        var text = new String(JsonFile.write(full()), StandardCharsets.UTF_8)
                .replaceFirst(Pattern.quote(right), Matcher.quoteReplacement(wrong));
        var read = JsonFile.readLesson("full.lesson.json", "full", text.getBytes(StandardCharsets.UTF_8));
        assertThat(read).isInstanceOf(Read.Refused.class);
        var why = ((Read.Refused<Lesson>) read).why();
        assertThat(why.code()).isEqualTo(code);
        assertThat(why.message()).startsWith(message);
        assertThat(why.place().file()).isEqualTo("full.lesson.json");
    }

    @Test
    void thePlaceIsTheLineAndTheField() {
        var text = new String(JsonFile.write(full()), StandardCharsets.UTF_8);
        var wrong = text.replaceFirst("\"1:01\"", "\"soon\"");
        int line = (int) wrong.substring(0, wrong.indexOf("\"soon\"")).lines().count();
        var why = ((Read.Refused<Lesson>)
                        JsonFile.readLesson("full.lesson.json", "full", wrong.getBytes(StandardCharsets.UTF_8)))
                .why();
        assertThat(why.text()).startsWith("full.lesson.json, line " + line + ", at steps 1 hands: ");
    }

    private static JsonSchema schema(String name) throws IOException {
        try (var in = JsonFileTest.class.getResourceAsStream("/webodidact/formats/schema/" + name)) {
            return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                    .getSchema(in);
        }
    }

    @Test
    void everyShippedFileAndEverythingWrittenIsValidAgainstTheSchemas() throws IOException {
        var json = new ObjectMapper();
        for (var file : DemoCourse.FILES) {
            if (!file.endsWith(".json")) continue;
            var schema = schema(file.equals("course.json") ? "course.schema.json" : "lesson.schema.json");
            assertThat(schema.validate(json.readTree(DemoCourse.content(file))))
                    .as(file)
                    .isEmpty();
        }
        assertThat(schema("lesson.schema.json").validate(json.readTree(JsonFile.write(full()))))
                .isEmpty();
        assertThat(schema("course.schema.json").validate(json.readTree(JsonFile.write(Course.named("x")))))
                .isEmpty();
        assertThat(schema("lesson.schema.json")
                        .validate(json.readTree(
                                "{\"format\":1,\"slot\":10,\"steps\":[{\"id\":\"s\",\"kind\":\"nap\"}]}")))
                .isNotEmpty();
    }
}
