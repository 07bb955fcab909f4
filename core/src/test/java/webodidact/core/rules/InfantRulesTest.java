package webodidact.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.facts;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.using;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.amount.Ratio;
import webodidact.core.answer.Question;
import webodidact.core.check.Finding;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Audience;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Yield;
import webodidact.core.outcome.Outcome;

/** What changes when small children cook along or eat. */
class InfantRulesTest {

    private static List<Finding> atHome(Lesson lesson, String check, Integer... ages) {
        var home = Household.named("Tern").but(d -> d.ages = List.of(ages));
        return Outcome.of(new Question(
                        lesson,
                        Lessons.COURSE,
                        Knowledge.shipped(),
                        List.of(home),
                        List.of(lesson),
                        Map.of(),
                        Map.of()))
                .report()
                .open()
                .stream()
                .filter(f -> f.check().equals(check))
                .toList();
    }

    @Test
    void honeyUnderOne() {
        var lesson = of(List.of(food("f1", "honey", "2 tbsp")), using(hands("a", 60), "f1"));
        assertThat(atHome(lesson, "honey-under-one", 0, 34)).hasSize(1);
        assertThat(atHome(lesson, "honey-under-one", 1, 34)).isEmpty();
        assertThat(atHome(
                        of(List.of(food("f1", "maple-syrup", "2 tbsp")), using(hands("a", 60), "f1")),
                        "honey-under-one",
                        0))
                .isEmpty();
    }

    @Test
    void chokingShape() {
        var grapes = of(
                List.of(food("f1", "grape", "100 g")),
                using(hands("a", 60), "f1").but(d -> d.doing = "Put the grapes in the bowl."));
        assertThat(atHome(grapes, "choking-shape", 3)).hasSize(1);
        assertThat(atHome(grapes, "choking-shape", 6)).isEmpty();
        assertThat(atHome(grapes.but(d -> d.audience = Audience.EARLY_YEARS), "choking-shape"))
                .hasSize(1);
        var cut = grapes.withStep("a", x -> x.but(d -> d.doing = "Quarter the grapes lengthways."));
        assertThat(atHome(cut, "choking-shape", 3)).isEmpty();
        var ground = of(List.of(food("f1", "ground-almonds", "100 g")), using(hands("a", 60), "f1"));
        assertThat(atHome(ground, "choking-shape", 3)).isEmpty();
    }

    @Test
    void saltForAnInfantIsOneGramADay() {
        var lesson = of(List.of(food("f1", "salt", "1 tsp")), using(hands("a", 60), "f1"))
                .but(d -> d.makes = new Yield(Ratio.of(8), "portions", 8));
        assertThat(atHome(lesson, "salt-over-limit", 30)).isEmpty();
        assertThat(facts(atHome(lesson, "salt-over-limit", 0, 30).getFirst()))
                .isEqualTo("infant(0.8 g; 75; 1; adults; [fine salt 0.8 g])");
    }
}
