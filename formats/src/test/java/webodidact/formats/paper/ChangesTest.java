package webodidact.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** The difference between two papers leads from the one to the other. */
class ChangesTest {
    @Property(tries = 300)
    void theLinesLeadFromTheOldOneToTheNewOne(
            @ForAll @Size(max = 12) List<@IntRange(max = 5) Integer> was,
            @ForAll @Size(max = 12) List<@IntRange(max = 5) Integer> now) {
        var a = was.stream().map(String::valueOf).toList();
        var b = now.stream().map(String::valueOf).toList();
        var lines = Changes.between(a, b);
        var left = new ArrayList<>(a);
        for (var line : lines)
            if (!line.added()) assertThat(left.remove(line.text())).isTrue();
        var more = new ArrayList<>(b);
        for (var line : lines)
            if (line.added()) assertThat(more.remove(line.text())).isTrue();
        assertThat(left).as("what stayed is the same on both sides").containsExactlyInAnyOrderElementsOf(more);
        if (a.equals(b)) assertThat(lines).isEmpty();
    }

    @Test
    void aPageIsReadBlockByBlock() {
        assertThat(
                        Changes.read(
                                "<html><body><h1>Fish</h1><ul><li><label><span>150 g</span> <span>flour</span></label></li></ul><div class=\"band\"><b>Before</b> soak</div><p>One</p></body></html>"))
                .containsExactly("Fish", "150 g flour", "Before soak", "One");
    }
}
