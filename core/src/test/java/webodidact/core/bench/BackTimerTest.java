package webodidact.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.at;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;
import static webodidact.core.Lessons.outcome;
import static webodidact.core.Lessons.using;
import static webodidact.core.Lessons.waits;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.Lessons;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Place;
import webodidact.core.time.Span;

class BackTimerTest {
    private static BenchPlan plan(Lesson lesson) {
        return outcome(lesson).bench();
    }

    private static List<Job> of(BenchPlan plan, Job.Type type) {
        return plan.jobs().stream().filter(j -> j.type() == type).toList();
    }

    @Test
    void worksBackFromAirWithOnePairOfHands() {
        var foods = List.of(food("f1", "yoghurt", "150 g"), food("f2", "dill", "2 tbsp"));
        var plan = plan(Lessons.of(foods, using(hands("a", 60), "f1", "f2"), using(hands("b", 60), "f1")));
        assertThat(plan.jobs())
                .extracting(Job::type)
                .containsExactly(Job.Type.CLEAN, Job.Type.SET_OUT, Job.Type.CAMERA);
        assertThat(plan.jobs().get(2).span()).isEqualTo(new Span(-600, 0));
        // Two foods for the first step; what is out already is not set out again for the second.
        assertThat(plan.jobs().get(1).span()).isEqualTo(new Span(-690, -600));
        assertThat(plan.firstStart()).isEqualTo(-1290);
        for (int i = 1; i < plan.jobs().size(); i++)
            assertThat(plan.jobs().get(i).span().overlaps(plan.jobs().get(i - 1).span()))
                    .isFalse();
    }

    @Test
    void aReadyCopyIsDoneWhenItIsDueAndTheOvenIsHotForIt() {
        var lesson = Lessons.of(at(waits(hands("a", 300), 900, 1200, new Cover.ReadyCopy(600, 7200)), Place.OVEN))
                .but(d -> d.ovenBefore = true);
        var plan = plan(lesson);
        var make = of(plan, Job.Type.COPY_HANDS).getFirst().span();
        var cook = of(plan, Job.Type.COPY_WAIT).getFirst().span();
        assertThat(make.length()).isEqualTo(600);
        assertThat(cook).isEqualTo(new Span(make.end(), make.end() + 1200));
        assertThat(cook.end()).isLessThanOrEqualTo(300);
        assertThat(of(plan, Job.Type.HEAT)).anyMatch(j -> j.span().end() == make.end());
        assertThat(of(plan, Job.Type.HOLD).getFirst().span().end()).isEqualTo(300);
        assertThat(plan.clashes()).isEmpty();
    }

    @Test
    void aCopyIsBakedOnlyAfterItIsShapedAndProved() {
        var foods = List.of(food("f1", "plain-flour", "500 g"));
        var copy = new Cover.ReadyCopy(300, 7200);
        var dough = using(hands("dough", 600).but(d -> d.title = "Make the dough"), "f1");
        var shape = waits(hands("shape", 300), 3600, 3600, copy).but(d -> d.title = "Shape the dough into rolls");
        var bake = at(waits(hands("bake", 120), 900, 900, copy), Place.OVEN).but(d -> d.title = "Bake the rolls");
        var waits = of(plan(Lessons.of(foods, dough, shape, bake)), Job.Type.COPY_WAIT);
        var proved = waits.stream().filter(j -> j.step().equals("shape")).findFirst();
        var baked = waits.stream().filter(j -> j.step().equals("bake")).findFirst();
        assertThat(proved.orElseThrow().span().end())
                .isLessThanOrEqualTo(baked.orElseThrow().span().start());
        // Two copies of different foods wait for nobody.
        var apart = of(plan(Lessons.of(shape.but(d -> d.title = "Soak the beans"), bake)), Job.Type.COPY_WAIT);
        assertThat(apart).extracting(j -> j.span().end()).allMatch(end -> end > 0);
    }

    @Test
    void aCopyThatDoesNotKeepIsAClash() {
        var lesson = Lessons.of(hands("x", 3000), waits(hands("a", 300), 600, 600, new Cover.ReadyCopy(0, 600)));
        assertThat(plan(lesson).clashes()).hasSize(1).first().asString().contains("keeps only 10 min");
    }

    @Test
    void anOvenHeatedBeforeAirIsHotWhenItIsUsed() {
        var lesson = Lessons.of(at(hands("a", 60), Place.OVEN)).but(d -> d.ovenBefore = true);
        assertThat(of(plan(lesson), Job.Type.HEAT).getFirst().span().end()).isLessThanOrEqualTo(60);
        assertThat(of(plan(Lessons.of(at(hands("a", 60), Place.OVEN))), Job.Type.HEAT))
                .isEmpty();
    }

    @Test
    void nothingToDoForAnEmptyLesson() {
        assertThat(plan(Lessons.of()).jobs()).isEmpty();
        assertThat(plan(Lessons.of()).firstStart()).isZero();
    }
}
