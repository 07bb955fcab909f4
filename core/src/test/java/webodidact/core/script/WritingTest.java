package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.Chars;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.StepField;
import webodidact.core.lesson.Way;
import webodidact.core.time.TimeRange;

/** The writing desk: methods taken apart, steps split and joined, words found, steps carried to another lesson, ways changed. */
class WritingTest {
    private final Knowledge table = Knowledge.shipped();

    @Test
    void aNumberedMethod() {
        var drafts = MethodText.read(
                "1. Heat the oven to 180 degrees fan.\n2) Chop the onions finely, and fry them\n   until soft.\n\nStep 3: Tip in the stock.");
        assertThat(drafts)
                .extracting(MethodText.Draft::title)
                .containsExactly("Heat the oven", "Chop the onions finely", "Tip in the stock");
        assertThat(drafts.get(1).words()).isEqualTo("Chop the onions finely, and fry them until soft.");
        assertThat(MethodText.read("1. Chop 1.5 kg. 2. Fry it.3. Eat."))
                .extracting(MethodText.Draft::words)
                .containsExactly("Chop 1.5 kg.", "Fry it.", "Eat.");
    }

    @Test
    void aBulletedMethodAndParagraphs() {
        assertThat(MethodText.read("• Mix the flour and salt.\n– Rub in the butter."))
                .extracting(MethodText.Draft::words)
                .containsExactly("Mix the flour and salt.", "Rub in the butter.");
        assertThat(MethodText.read("Mix the flour. Add the salt.\n\nRub in the butter."))
                .extracting(MethodText.Draft::title)
                .containsExactly("Mix the flour", "Rub in the butter");
    }

    @Test
    void plainSentencesGoOnWhereTheyBelongTogether() {
        var drafts = MethodText.read(
                "Meanwhile, peel the carrots. They should be thin. Put 1.5 litres of water on. Be careful with the steam! Drain.");
        assertThat(drafts)
                .extracting(MethodText.Draft::words)
                .containsExactly(
                        "Meanwhile, peel the carrots. They should be thin.",
                        "Put 1.5 litres of water on. Be careful with the steam! Drain.");
        assertThat(drafts.getFirst().title()).isEqualTo("Peel the carrots");
        assertThat(MethodText.read("   ")).isEmpty();
    }

    @Property
    void noWordOfAMethodIsLost(
            @ForAll @StringLength(max = 120) @AlphaChars @Chars({'.', ' ', ' ', ',', '\n', '•', '1', ')', '!'})
                    String text) {
        var all = new StringBuilder();
        MethodText.read(text).forEach(d -> all.append(' ').append(d.words()));
        // Marks of lists go, words stay: letters in their order.
        assertThat(all.toString().replaceAll("[^A-Za-z]", ""))
                .isEqualTo(text.replaceAll("(?im)^\\s*step\\s*(?=\\d{1,2}\\b|\\d{1,2}\\s*[.):])", "")
                        .replaceAll("[^A-Za-z]", ""));
    }

    @Property
    void splittingAndJoiningGivesTheWordsBack(@ForAll @IntRange(min = 0, max = 30) int at) {
        var lesson = of(hands("a", 60).but(d -> d.say = "Chop the onions and fry them."), hands("z", 1));
        var split = Cutting.split(lesson, "a", "n", true, at);
        assertThat(split.steps()).hasSize(3);
        var joined = Cutting.join(split, "n").orElseThrow();
        assertThat(joined.steps()).hasSize(2);
        assertThat(joined.steps().getFirst().say().replace(" ", "")).isEqualTo("Choptheonionsandfrythem.");
        assertThat(joined.steps().getFirst().hands()).isEqualTo(TimeRange.of(60));
    }

    @Test
    void joiningKeepsEverythingAndRefusesToLoseAWait() {
        var lesson = of(
                List.of(food("f1", "butter", "10 g")),
                waits(hands("a", 60), 300, 400, new Cover.CarryOn("c")),
                using(hands("b", 30).but(d -> d.tools = List.of("knife")), "f1"),
                hands("c", 5));
        var joined = Cutting.join(lesson, "b").orElseThrow();
        assertThat(joined.steps().getFirst()).satisfies(s -> {
            assertThat(s.hands()).isEqualTo(TimeRange.of(90));
            assertThat(s.usesLine("f1")).isTrue();
            assertThat(s.tools()).containsExactly("knife");
            assertThat(s.waiting().cover()).isEqualTo(new Cover.CarryOn("c"));
        });
        // What was collected in the step that went is collected where it went to; in itself it is open.
        assertThat(Cutting.join(
                                of(waits(hands("x", 1), 3, 4, new Cover.CarryOn("b")), hands("a", 1), hands("b", 1)),
                                "b")
                        .orElseThrow()
                        .steps()
                        .getFirst()
                        .waiting()
                        .cover())
                .isEqualTo(new Cover.CarryOn("a"));
        assertThat(Cutting.join(of(waits(hands("x", 1), 3, 4, new Cover.CarryOn("b")), hands("b", 1)), "b")
                        .orElseThrow()
                        .steps()
                        .getFirst()
                        .waiting()
                        .cover())
                .isEqualTo(new Cover.CarryOn(""));
        assertThat(Cutting.join(
                        of(waits(hands("a", 1), 3, 4, Cover.STAY), waits(hands("b", 1), 3, 4, Cover.STAY)), "b"))
                .isEmpty();
        assertThat(Cutting.join(lesson, "a")).isEmpty();
    }

    @Test
    void findsAndReplacesWhatIsWrittenAnywhere() {
        var lesson = of(hands("a", 1).but(d -> {
            d.title = "The dip";
            d.say = "Dip it. A dipper is no dip (really).";
            d.question = "Why dip?";
        }));
        var find = new FindReplace("dip", false, true);
        assertThat(find.in(lesson))
                .extracting(FindReplace.Hit::field, FindReplace.Hit::start)
                .containsExactly(
                        Tuple.tuple(StepField.text("title"), 4),
                        Tuple.tuple(StepField.text("say"), 0),
                        Tuple.tuple(StepField.text("say"), 23),
                        Tuple.tuple(StepField.text("question"), 4));
        assertThat(new FindReplace("dip", true, false).in(lesson)).hasSize(4);
        var all = find.replaceAll(lesson, "sauce $1").steps().getFirst();
        assertThat(all.say()).isEqualTo("sauce $1 it. A dipper is no sauce $1 (really).");
        var one = find.replace(lesson, find.in(lesson).get(1), "Sauce").steps().getFirst();
        assertThat(one.say()).startsWith("Sauce it. A dipper").contains("no dip");
        assertThat(find.replace(lesson, new FindReplace.Hit("a", StepField.text("say"), 4, 7), "x"))
                .as("not there any more")
                .isEqualTo(lesson);
        assertThat(new FindReplace("(really)", false, false).in(lesson)).hasSize(1);
        assertThat(new FindReplace("", false, false).replaceAll(lesson, "x")).isEqualTo(lesson);
    }

    @Test
    void stepsCarriedToAnotherLessonBringWhatTheyNeed() {
        var from = of(
                List.of(food("f1", "butter", "10 g"), food("f2", "milk", "1 l"), food("f3", "egg", "1 piece")),
                using(waits(hands("a", 60), 300, 400, new Cover.CarryOn("b")), "f1"),
                using(hands("b", 30).but(d -> d.reachBy = 9), "f2"),
                hands("c", 1));
        var clip = Clip.of(from, Set.of("b", "a"));
        assertThat(clip.foods()).extracting(f -> f.id()).containsExactly("f1", "f2");
        var to = of(List.of(food("f1", "milk", "200 ml")), hands("s1", 5));
        var pasted = clip.into(to, 1);
        assertThat(pasted.lesson().steps()).extracting(Step::title).containsExactly("s1", "a", "b");
        var a = pasted.lesson().steps().get(1);
        var b = pasted.lesson().steps().get(2);
        assertThat(a.waiting().cover()).isEqualTo(new Cover.CarryOn(b.id()));
        assertThat(pasted.lesson()
                        .food(a.uses().getFirst().line())
                        .orElseThrow()
                        .food())
                .isEqualTo("butter");
        assertThat(b.uses().getFirst().line()).isEqualTo("f1");
        assertThat(b.reachBy()).isZero();
        assertThat(Clip.of(from, Set.of("a"))
                        .into(to, 0)
                        .lesson()
                        .steps()
                        .getFirst()
                        .waiting()
                        .cover())
                .isEqualTo(new Cover.CarryOn(""));
        assertThat(pasted.ids()).containsExactly(a.id(), b.id());
    }

    @Test
    void anotherWayMovesTimesToolsCautionsAndWords() {
        var step = hands("a", 200).but(d -> {
            d.tools = List.of("grater", "board");
            d.doing = "Grate it on the box grater.";
        });
        var ways = Ways.suggest(step, table);
        var processor = ways.stream()
                .filter(w -> w.tools().contains("food-processor"))
                .findFirst()
                .orElseThrow();
        assertThat(processor.hands()).isEqualTo(TimeRange.of(100));
        assertThat(processor.words()).isEqualTo("Grate it on the food processor.");
        assertThat(processor.from()).isEqualTo(Audience.AGES_11_16);
        var with = step.but(d -> d.ways = List.of(processor));
        var chosen = Ways.choose(with, processor.name(), table);
        assertThat(chosen.hands()).isEqualTo(TimeRange.of(100));
        assertThat(chosen.tools()).containsExactly("food-processor", "board");
        assertThat(Ways.cautions(chosen.tools(), Place.BENCH, table)).containsExactly("unplug it before you reach in");
        assertThat(Ways.cautions(step.tools(), Place.RING, table))
                .contains("sharp: tuck your fingertips in", "hot: dry cloth or gloves");
        // Back again is as it was, the other way kept.
        var back = Ways.choose(chosen, chosen.ways().getFirst().name(), table);
        assertThat(back.hands()).isEqualTo(step.hands());
        assertThat(back.doing()).isEqualTo(step.doing());
        assertThat(back.ways()).extracting(Way::name).containsExactly(processor.name());
        assertThat(Ways.suggest(with, table)).extracting(Way::name).doesNotContain(processor.name());
        Lesson young = of(step).but(d -> d.audience = Audience.AGES_5_7);
        assertThat(Ways.tooYoung(processor, young)).contains("from ages 11–16; an adult does it");
        assertThat(Ways.choose(step, "unknown", table)).isEqualTo(step);
    }

    @Test
    void otherHeatIsAWayTooAndBringsItsOwnWait() {
        var bake = Lessons.at(waits(hands("a", 60), 600, 750, Cover.STAY), Place.OVEN)
                .but(d -> d.tools = List.of("baking-tray"));
        var fryer = Ways.suggest(bake, table).stream()
                .filter(w -> w.name().equals("in an air fryer"))
                .findFirst()
                .orElseThrow();
        assertThat(fryer.waits()).isEqualTo(new TimeRange(480, 600));
        var chosen = Ways.choose(bake.but(d -> d.ways = List.of(fryer)), fryer.name(), table);
        assertThat(chosen.waiting().time()).isEqualTo(new TimeRange(480, 600));
        assertThat(chosen.heat()).isNull();
        assertThat(chosen.tools()).containsExactly("air-fryer");
        var back = Ways.choose(chosen, chosen.ways().getFirst().name(), table);
        assertThat(back.waiting().time()).isEqualTo(new TimeRange(600, 750));
        assertThat(back.heat()).isEqualTo(bake.heat());
        assertThat(back.place()).isEqualTo(Place.OVEN);
        var melt = Lessons.at(waits(hands("a", 60), 120, 180, Cover.STAY), Place.RING)
                .but(d -> d.doing = "Melt the butter.");
        assertThat(Ways.suggest(melt, table))
                .anyMatch(w -> w.place() == Place.MICROWAVE && w.waits().equals(new TimeRange(60, 90)));
    }

    @Property
    void oneSlipIsSymmetric(
            @ForAll @StringLength(min = 1, max = 6) @CharRange(from = 'a', to = 'c') String a,
            @ForAll @StringLength(min = 1, max = 6) @CharRange(from = 'a', to = 'c') String b) {
        assertThat(NearMiss.isOneSlip(a, b)).isEqualTo(NearMiss.isOneSlip(b, a));
        if (a.equals(b)) assertThat(NearMiss.isOneSlip(a, b)).isFalse();
    }
}
