package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import webodidact.core.answer.Question;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Unworked;
import webodidact.core.lesson.Act;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Who;
import webodidact.core.outcome.Outcome;

/** Properties of all checks on lessons made of pieces of others. */
class ManyLessonsTest {
    private static final List<WholeLessons.Whole> ALL = Stream.of(
                    "lessons.txt", "lessons-fresh.txt", "lessons-third.txt", "lessons-fourth.txt")
            .flatMap(f -> WholeLessons.read(f).stream())
            .toList();

    private static List<String> said(Outcome outcome) {
        return outcome.report().open().stream()
                .map(f -> f.check() + " " + f.where())
                .sorted()
                .toList();
    }

    /** Foods, tools and steps of one lesson, with the texts of others and facts that fit nothing. */
    private static Question mixed(int seed) {
        var random = new Random(seed);
        var base = ALL.get(random.nextInt(ALL.size())).question();
        var other = ALL.get(random.nextInt(ALL.size())).question().lesson();
        var steps = new ArrayList<Step>();
        for (var step : base.lesson().steps()) {
            var texts = other.steps();
            steps.add(step.but(d -> {
                if (random.nextInt(3) == 0)
                    d.say = texts.get(random.nextInt(texts.size())).say();
                if (random.nextInt(4) == 0)
                    d.doing = texts.get(random.nextInt(texts.size())).say().toUpperCase();
                if (random.nextInt(5) == 0) d.place = Place.values()[random.nextInt(Place.values().length)];
                if (random.nextInt(5) == 0) d.kind = Kind.values()[random.nextInt(Kind.values().length)];
                if (random.nextInt(5) == 0) d.who = Who.values()[random.nextInt(Who.values().length)];
                if (random.nextInt(6) == 0) d.acts = Set.of(Act.values()[random.nextInt(Act.values().length)]);
                if (random.nextInt(8) == 0) d.uses = List.of();
            }));
        }
        Collections.shuffle(steps, random);
        Lesson lesson = base.lesson().but(d -> {
            d.steps = steps;
            d.audience = Audience.values()[random.nextInt(Audience.values().length)];
            if (random.nextInt(4) == 0) d.foods = List.of();
            if (random.nextInt(4) == 0) d.tools = List.of();
        });
        if (lesson.foods().isEmpty())
            lesson = lesson.withSteps(lesson.steps().stream()
                    .map(s -> s.but(d -> d.uses = List.of()))
                    .toList());
        return base.about(lesson);
    }

    static IntStream seeds() {
        return IntStream.range(0, 120);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noCheckThrowsWhateverTheLesson(int seed) {
        var outcome = Outcome.of(mixed(seed));
        assertThat(outcome.report().open()).extracting(Finding::check).doesNotContain(Unworked.CHECK);
        for (var finding : outcome.report().open()) {
            assertThat(finding.what()).isNotBlank().doesNotContain("{0}", "{1}");
            assertThat(finding.steps())
                    .allMatch(n -> n >= 1 && n <= outcome.lesson().steps().size());
        }
    }

    /** Numbers as they are typed, spoken and mistyped. */
    private static final List<String> NUMBERS =
            List.of(("1.6|0|0.0|1,5|\u00bd|2\u00bd|1/2|1/0|3 1/3|.5|5.|1.2.3|99999999999|007"
                            + "|a couple of|a dozen|half a dozen|nought|two and a half|a hundred and twenty|twelve hundred"
                            + "|three quarters|twice|both|10-12|10 to 8|minus 3|1e9|\u0663|2x|3 x 400")
                    .split("\\|"));

    private static final Pattern NUMBER = Pattern.compile(
            "\\d+(?:[.,/]\\d+)?|\\b(?:one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty|thirty|half|a quarter)\\b",
            Pattern.CASE_INSENSITIVE);

    private static String otherNumbers(String text, Random random) {
        return NUMBER.matcher(text)
                .replaceAll(m -> random.nextInt(3) == 0 ? m.group() : NUMBERS.get(random.nextInt(NUMBERS.size())));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noCheckThrowsWhateverTheNumbers(int seed) {
        var random = new Random(seed);
        var question = seed % 2 == 0
                ? mixed(seed)
                : ALL.get(random.nextInt(ALL.size())).question();
        var lesson = question.lesson()
                .withSteps(question.lesson().steps().stream()
                        .map(s -> s.but(d -> {
                            d.title = otherNumbers(d.title, random);
                            d.say = otherNumbers(d.say, random);
                            d.doing = otherNumbers(d.doing, random);
                        }))
                        .toList());
        var outcome = Outcome.of(question.about(lesson));
        assertThat(outcome.report().open())
                .filteredOn(f -> f.check().equals(Unworked.CHECK))
                .extracting(Finding::what)
                .isEmpty();
    }

    static Stream<WholeLessons.Whole> wholes() {
        return ALL.stream();
    }

    @ParameterizedTest
    @MethodSource("wholes")
    void theOrderOfTheListsDoesNotMatter(WholeLessons.Whole whole) {
        var lesson = whole.question().lesson();
        var turned = lesson.but(d -> {
            d.foods = lesson.foods().reversed();
            d.tools = lesson.tools().reversed();
        });
        assertThat(said(Outcome.of(whole.question().about(turned)))).isEqualTo(said(whole.outcome()));
    }

    /** What the mended finding hid, or another of its kind behind it, was there before. */
    @ParameterizedTest
    @MethodSource("wholes")
    void noMendBringsAStop(WholeLessons.Whole whole) {
        var outcome = whole.outcome();
        for (var finding : outcome.report().open())
            for (var mend : finding.mends().stream().limit(2).toList()) {
                var after = Outcome.of(whole.question()
                        .about(mend.change().apply(whole.question().lesson())));
                var brought = after.report().open().stream()
                        .filter(f -> f.isStop()
                                && !CheckTable.of(f.check()).after().contains(finding.check())
                                && outcome.report().open().stream()
                                        .noneMatch(o -> o.check().equals(f.check())))
                        .map(f -> f.check() + " " + f.what())
                        .toList();
                assertThat(brought)
                        .as(finding.check() + ": " + mend.label())
                        .allMatch(b -> b.startsWith("over-slot") || b.startsWith(finding.check()));
            }
    }

    @Test
    void theSameLessonTwiceSaysTheSame() {
        for (var whole : ALL) assertThat(said(whole.outcome())).isEqualTo(said(whole.outcome()));
    }
}
