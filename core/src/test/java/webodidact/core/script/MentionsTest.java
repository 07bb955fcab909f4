package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;
import static webodidact.core.Lessons.of;

import java.util.List;
import org.junit.jupiter.api.Test;
import webodidact.core.food.Knowledge;

class MentionsTest {
    private final Mentions mentions = Mentions.of(
            of(List.of(
                    food("f1", "spring-onion", "4 piece"),
                    food("f2", "yoghurt", "150 g").but(d -> d.mentioned = List.of("soured-cream")))),
            Knowledge.shipped());

    @Test
    void tellsListedFoodsUnlistedFoodsAndToolsApart() {
        var found = mentions.in("Scallions into the bowl, some capers, cold water.");
        assertThat(found)
                .extracting(Mentions.Mention::kind)
                .containsExactly(Mentions.Kind.LISTED, Mentions.Kind.TOOL, Mentions.Kind.UNLISTED);
        assertThat(found.getFirst().id()).isEqualTo("f1");
        assertThat(found.getLast().words()).isEqualTo("capers");
    }

    @Test
    void anAnnouncedSubstituteIsListed() {
        assertThat(mentions.in("or soured cream").getFirst().id()).isEqualTo("f2");
        assertThat(mentions.in("")).isEmpty();
    }
}
