package webodidact.core.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import webodidact.core.amount.Amount;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;

/** What a home without a food is told, by what the food does there: first offers, refusals and amounts. */
class CasesTest {
    private static final Knowledge KNOWN = Knowledge.shipped();

    private static List<String> cases(String file) throws IOException {
        try (var in = new BufferedReader(
                new InputStreamReader(CasesTest.class.getResourceAsStream(file), StandardCharsets.UTF_8))) {
            return in.lines().filter(l -> !l.startsWith("#") && !l.isBlank()).toList();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"cases.txt", "fresh.txt"})
    void theRightThingIsOfferedAndTheWrongThingIsNot(String file) throws IOException {
        var wrong = new ArrayList<String>();
        var cases = cases(file);
        for (var line : cases) {
            var c = line.split(" \\| ");
            var answers = question(c).answers(KNOWN);
            for (int i = 5; i < c.length; i++) {
                var difference = difference(c[i].strip(), answers);
                if (!difference.isEmpty()) {
                    wrong.add(line + "  ->  " + difference);
                    break;
                }
            }
        }
        System.out.printf("%s: %d of %d right%n", file, cases.size() - wrong.size(), cases.size());
        assertThat(wrong).as(String.join("\n", wrong)).isEmpty();
    }

    private static SwapQuestion question(String[] c) {
        var without = EnumSet.noneOf(Allergen.class);
        if (!c[3].strip().equals("-")) for (var a : c[3].strip().split(",")) without.add(Allergen.parse(a));
        return new SwapQuestion(
                KNOWN.food(c[0].strip()).orElseThrow(() -> new IllegalArgumentException(c[0])),
                Amount.parse(c[1].strip()),
                "",
                c[2].strip(),
                without,
                c[4].strip().equals("-") ? Set.of() : Set.of(c[4].strip()));
    }

    private static String difference(String expected, List<SwapQuestion.Answer> answers) {
        var usable = answers.stream()
                .filter(a -> a.refused().isEmpty() && !a.offer().isLeaveOut())
                .map(a -> a.offer().food().id())
                .toList();
        if (expected.equals("-")) return "";
        if (expected.equals("none")) return usable.isEmpty() ? "" : "offers " + usable;
        var first = answers.getFirst();
        if (expected.equals("test"))
            return first.test() || first.offer().isLeaveOut() ? "" : "not to be tried first: " + usable;
        var value = expected.substring(expected.indexOf('=') + 1);
        var ids = List.of(value.split("/"));
        return switch (expected.substring(0, expected.indexOf('='))) {
            case "first" -> !usable.isEmpty() && ids.contains(usable.getFirst()) ? "" : "first of " + usable;
            case "never" -> usable.stream().noneMatch(ids::contains) ? "" : "offers " + usable;
            case "among" -> usable.containsAll(ids) ? "" : "only " + usable;
            case "refused" ->
                answers.stream()
                                .filter(a -> !a.refused().isEmpty() && a.offer().food() != null)
                                .map(a -> a.offer().food().id())
                                .toList()
                                .containsAll(ids)
                        ? ""
                        : "refuses less";
            case "also" -> also(value, first);
            case "amount" ->
                ids.contains(first.offer().amount())
                        ? ""
                        : "amount " + first.offer().amount();
            default -> throw new IllegalArgumentException(expected);
        };
    }

    private static String also(String value, SwapQuestion.Answer first) {
        var added = first.offer().added().stream()
                .map(f -> String.valueOf(f.food()))
                .toList();
        if (value.equals("-")) return added.isEmpty() ? "" : "also " + added;
        return added.stream().anyMatch(List.of(value.split("/"))::contains) ? "" : "also " + added;
    }
}
