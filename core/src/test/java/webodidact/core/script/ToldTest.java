package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;

/** Words searched in all texts of a lesson. */
class ToldTest {
    private static final Phrase WASH = Phrase.of("wash", "don't");

    private static Lesson lesson(String... say) {
        var steps = new Step[say.length];
        for (int i = 0; i < say.length; i++) {
            var text = say[i];
            steps[i] = Step.blank("s" + (i + 1), Kind.HANDS_ON, "").but(d -> {
                d.say = text;
                d.doing = "Wash " + text.length();
            });
        }
        return Lessons.of(steps);
    }

    @Test
    void findsInBothTextsInTheirOrder() {
        var all = Told.of(lesson("Now wash. And wash again.", "Nothing."))
                .all(WASH)
                .toList();
        assertThat(all).extracting(Told.Said::number).containsExactly(1, 1, 1, 2);
        assertThat(all.getFirst().before()).isEqualTo("Now ");
        assertThat(all.getFirst().after()).startsWith(". And");
        assertThat(all.get(1).sentence().strip()).startsWith("And wash again");
        assertThat(Told.oncePerStep(all.stream())).hasSize(2);
    }

    @Test
    void wordsBeginAndCaseDoesNotMatterAndBothApostrophesDo() {
        assertThat(WASH.in("Unwashed")).isEmpty();
        assertThat(WASH.isIn("WASH")).isTrue();
        assertThat(WASH.isIn("don’t")).isTrue();
        assertThat(WASH.isIn("don't")).isTrue();
        assertThat(WASH.in("")).isEmpty();
    }

    @Test
    void whatIsDeniedOrPlannedIsNotMeant() {
        var told = Told.of(lesson("Never wash it, please.", "We will need to wash later."));
        assertThat(told.meant(WASH)
                        .filter(s -> s.text().startsWith("Never") || s.text().startsWith("We")))
                .isEmpty();
        assertThat(told.all(WASH).filter(s -> s.is(Asides.Kind.DENIED))).isNotEmpty();
        assertThat(told.says(WASH)).isTrue();
        assertThat(told.first(Phrase.of("nowhere"))).isEmpty();
    }

    @Test
    void namesKeepTheirCapitals() {
        var name = Phrase.exactly("\\b[A-Z]\\p{Ll}+");
        assertThat(name.in("well done Jessamy and jessamy"))
                .extracting(Phrase.Hit::words)
                .containsExactly("Jessamy");
    }

    @Test
    void ofAnEndlessTextTheBeginningIsSearched() {
        assertThat(WASH.isIn("Stir. ".repeat(30_000) + "wash")).isFalse();
        assertThat(WASH.isIn("wash " + "Stir. ".repeat(30_000))).isTrue();
    }

    @Test
    void theSameTextGivesTheSameAnswerFromMemory() {
        var text = "wash ".repeat(20);
        assertThat(WASH.in(text)).isSameAs(WASH.in(new String(text.toCharArray())));
    }
}
