package webodidact.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ToggleButton;
import org.junit.jupiter.api.Test;
import webodidact.core.branch.Branches;

/** A lesson is made to fork, shown one way, then the other, and put back. */
class BranchJourneyTest extends WindowTest {
    private int planned() {
        settle();
        return outcome().schedule().planned();
    }

    @Test
    void aLessonForksIsShownOneWayThenTheOtherAndIsOneAgain() throws Exception {
        go(1);
        assertThat(isThere("#branch-0")).as("no branches, no question").isFalse();
        int whole = planned();
        int other = outcome().schedule().of("s9").orElseThrow().span().length();
        go(3);
        choose("s8");
        fill("#fact-s8", "only for: With fish");
        choose("s9");
        fill("#fact-s9", "only for: With beans");
        settle();
        assertThat(step("s8").branch()).isEqualTo("With fish");
        assertThat(Branches.names(lesson())).containsExactly("With fish", "With beans");
        assertThat(wordsIn("#facts-s9")).contains("not on air");
        assertThat(wordsIn("#facts-s8")).doesNotContain("not on air");
        assertThat(isThere("#tag-branch-s9")).isTrue();
        assertThat(isThere("#tag-branch-s10")).isFalse();
        assertThat(planned()).isLessThan(whole);
        assertThat(outcome().schedule().left()).containsExactly("s9");
        assertThat(outcome().schedule().of("s9").orElseThrow().span().length()).isZero();
        go(1);
        settle();
        assertThat(((ToggleButton) find("#branch-0")).isSelected()).isTrue();
        click("#branch-1");
        assertThat(lesson().branch()).isEqualTo("With beans");
        settle();
        assertThat(outcome().schedule().left()).containsExactly("s8");
        assertThat(outcome().schedule().of("s9").orElseThrow().span().length()).isEqualTo(other);
        undo();
        assertThat(lesson().branch()).isEmpty();
        reopen();
        assertThat(step("s9").branch()).isEqualTo("With beans");
        go(3);
        choose("s9");
        fill("#fact-s9", "for everybody");
        choose("s8");
        fill("#fact-s8", "for everybody");
        assertThat(planned()).isEqualTo(whole);
    }
}
