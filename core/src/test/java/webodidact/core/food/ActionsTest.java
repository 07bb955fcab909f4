package webodidact.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.lesson.Place;
import webodidact.core.swap.Context;
import webodidact.core.words.VerbForms;

class ActionsTest {
    private final Knowledge table = Knowledge.shipped();

    private List<String> verbs(String text) {
        return table.actionsIn(text).stream().map(f -> f.action().verb()).toList();
    }

    private List<String> tools(String text) {
        return table.toolsImpliedBy(text).stream().map(f -> f.id()).toList();
    }

    static List<String> wrong(String file) throws Exception {
        var wrong = new ArrayList<String>();
        for (var line : Files.readAllLines(Path.of("src/test/resources/webodidact/core/food/" + file))) {
            if (line.isBlank() || line.startsWith("#")) continue;
            var parts = line.split("\\|");
            var expected = parts[1].equals("-") ? List.of() : List.of(parts[1].split(", "));
            var read = Knowledge.shipped().actionsIn(parts[0]).stream()
                    .map(f -> f.action().verb())
                    .toList();
            if (!read.equals(expected)) wrong.add(parts[0] + " → " + read);
        }
        return wrong;
    }

    @Test
    void sentencesOfTheKitchenAreReadAsTheyAreMeant() throws Exception {
        assertThat(wrong("sentences.txt")).isEmpty();
    }

    @Test
    void sentencesWrittenAfterwardsToo() throws Exception {
        assertThat(wrong("fresh.txt")).isEmpty();
    }

    @Test
    void aVerbImpliesEveryToolItNeeds() {
        assertThat(tools("Chop the onion.")).containsExactly("knife", "board");
        assertThat(tools("Sift the flour, then whisk the eggs.")).containsExactly("sieve", "whisk", "mixing-bowl");
    }

    /** Each of these proposed a tool once. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Add a quarter of the flour.",
                "Let the steam out first.",
                "Turn the heat off.",
                "Cool off for a minute.",
                "Add the spice blend.",
                "Put them in a line.",
                "Never down the drain.",
                "Fold one on camera slowly."
            })
    void nounsAndIdiomsNeedNoTool(String text) {
        assertThat(tools(text)).isEmpty();
    }

    @Test
    void everyRowRefersToWhatThereIs() {
        for (var action : Actions.shipped().all()) {
            action.tools()
                    .forEach(t -> assertThat(table.tool(t))
                            .as(action.verb() + " → " + t)
                            .isPresent());
            if (!action.treated().isEmpty())
                assertThat(Context.values())
                        .as(action.verb())
                        .extracting(c -> c.name().toLowerCase())
                        .contains(action.treated());
            if (!action.place().isEmpty())
                assertThat(Place.values())
                        .as(action.verb())
                        .extracting(p -> p.name().toLowerCase())
                        .contains(action.place());
            assertThat(action.neverWhen()).allMatch(p -> List.of(p.split(" ")).contains("_"));
            assertThat(Actions.shipped().named(action.forms().ing()))
                    .as(action.verb())
                    .isPresent();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "chop,chops,chopping,chopped",
        "bake,bakes,baking,baked",
        "fry,fries,frying,fried",
        "peel,peels,peeling,peeled",
        "simmer,simmers,simmering,simmered",
        "toss,tosses,tossing,tossed",
        "mix,mixes,mixing,mixed",
        "rub in,rubs in,rubbing in,rubbed in",
        "boil,boils,boiling,boiled",
        "skim,skims,skimming,skimmed"
    })
    void regularFormsAreMadeByRule(String base, String third, String ing, String past) {
        assertThat(VerbForms.of(base, Map.of())).isEqualTo(new VerbForms(base, third, ing, past, past));
    }

    @Test
    void nothingTwiceAndNothingFromNothing() {
        assertThat(verbs("")).isEmpty();
        assertThat(verbs("Spoons, bowl, whisk, sieve.")).isEmpty();
        assertThat(verbs("Spoons, bowl, whisk, two sieves.")).isEmpty();
        assertThat(verbs("Line the beans up like pencils.")).doesNotContain("line");
        assertThat(verbs("Line the bowl with sponge fingers.")).doesNotContain("line");
        assertThat(verbs("Line the tin with parchment.")).contains("line");
        assertThat(verbs("Eggs and sugar, whisk, four or five minutes.")).containsExactly("whisk");
        assertThat(Actions.shipped().named("frozen").orElseThrow().verb()).isEqualTo("freeze");
    }

    @Test
    void aPressIsForGarlic() {
        assertThat(tools("Crush the garlic.")).contains("garlic-press");
        assertThat(tools("Drain and crush the peas.")).doesNotContain("garlic-press");
        assertThat(tools("Crush the biscuits in a bag.")).doesNotContain("garlic-press");
    }
}
