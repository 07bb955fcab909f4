package webodidact.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import webodidact.core.rules.Rules;

/** The page of all checks, and what the table says of each. */
class CatalogueTest {
    @Test
    void everyCheckIsOnThePageOnce() {
        var page = Catalogue.markdown(Rules.ALL);
        for (var check : Rules.ALL)
            assertThat(page.split("\n"))
                    .as(check.id())
                    .filteredOn(l -> l.startsWith("| `" + check.id() + "` |"))
                    .hasSize(1);
        for (var family : Family.values())
            if (family != Family.PROGRAM) assertThat(page).contains("## " + family.title());
    }

    @Test
    void whatHidesAnotherIsACheckItself() {
        var ids = Rules.ALL.stream().map(Check::id).toList();
        for (var check : Rules.ALL) {
            assertThat(ids).containsAll(CheckTable.of(check.id()).after());
            assertThat(CheckTable.of(check.id()).after()).doesNotContain(check.id());
            assertThat(CheckTable.of(check.id()).basis()).isNotBlank();
        }
    }

    @Test
    void nothingHidesInACircle() {
        for (var check : Rules.ALL)
            for (var other : CheckTable.of(check.id()).after())
                assertThat(CheckTable.of(other).after())
                        .as(check.id() + " and " + other)
                        .doesNotContain(check.id());
    }

    @Test
    void theIndexIsInTheOrderOfItsClasses() {
        assertThat(Rules.ALL.stream().map(c -> c.getClass().getSimpleName()))
                .isSorted()
                .doesNotHaveDuplicates();
    }
}
