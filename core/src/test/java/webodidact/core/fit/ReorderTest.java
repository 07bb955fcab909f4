package webodidact.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.hands;
import static webodidact.core.Lessons.of;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;

class ReorderTest {
    private static final Lesson LESSON = of(hands("a", 1), hands("b", 1), hands("c", 1), hands("d", 1));

    @Test
    void theSameOrderIsNothing() {
        assertThat(new Reorder(LESSON, List.of(0, 1, 2, 3)).isNothing()).isTrue();
        assertThat(new Reorder(LESSON, List.of(1, 0, 2, 3)).isNothing()).isFalse();
    }

    @Test
    void asFewStepsAsCanBeAreSaidToMove() {
        var late = new Reorder(LESSON, List.of(1, 2, 3, 0)).move();
        assertThat(late.text()).isEqualTo("Step 1, “a”, goes to the end");
        assertThat(late.change().apply(LESSON).steps()).extracting(Step::id).containsExactly("b", "c", "d", "a");
        assertThat(new Reorder(LESSON, List.of(0, 3, 1, 2)).move().text()).isEqualTo("Step 4, “d”, goes before step 2");
        assertThat(new Reorder(LESSON, List.of(3, 2, 1, 0)).move().text())
                .isEqualTo("Step 3, “c”, goes before step 2; step 2, “b”, goes before step 1; 1 more step moves");
        assertThat(late.cost()).isEqualTo(10);
    }

    @Test
    void aStepThatIsGoneMeanwhileIsLeftOut() {
        var move = new Reorder(LESSON, List.of(3, 2, 1, 0)).move();
        assertThat(move.change().apply(LESSON.removingStep("c")).steps())
                .extracting(Step::id)
                .containsExactly("d", "b", "a");
    }

    @Property
    void everyOrderIsTheOneAskedFor(@ForAll long seed) {
        var order = new ArrayList<>(List.of(0, 1, 2, 3));
        Collections.shuffle(order, new Random(seed));
        var reorder = new Reorder(LESSON, order);
        if (reorder.isNothing()) return;
        var ids = reorder.move().change().apply(LESSON).steps().stream()
                .map(Step::id)
                .toList();
        assertThat(ids)
                .isEqualTo(order.stream().map(i -> LESSON.steps().get(i).id()).toList());
    }
}
