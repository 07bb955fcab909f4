package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.rules.Rules;
import webodidact.core.table.TableFile;

/** No text that a pattern matches is left out for the letters it lacks; most others are. */
class NeededTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '"',
            value = {
                "oil\\b[^.!?]{0,30}\\bhot; the oil is hot; the soil is not",
                "(?:white|brown)\\b.*done; Brown means done; blue",
                "re-?heat; REHEAT; heap",
                "colou?r; a colour; a colt",
                "(?:a|an) egg; an egg; a leg of lamb",
                "(?<!not )wash(?:ed|ing)?; I washed it; was he",
                "go+d; a good one; gone",
                "(?:cup|tin)s? of (?:the )?tea; two cups of tea; no such thing",
                "\\p{L}+ing up; coming up; come down",
                "[abc]{2}def; abdef; nothing",
                "x{0,2}yes; yes; no",
                "(?<n>half|third) of; a third of it; a part of it",
                "(?=later)l; later; sooner",
                "'|’s; it's; its"
            })
    void whatMatchesIsTried(String pattern, String matching, String other) {
        var needed = Needed.by(pattern);
        assertThat(Pattern.compile(pattern, Pattern.CASE_INSENSITIVE)
                        .matcher(matching)
                        .find())
                .isTrue();
        assertThat(needed.mayBeIn(Needed.pairs(matching))).isTrue();
        assertThat(Pattern.compile(pattern, Pattern.CASE_INSENSITIVE)
                        .matcher(other)
                        .find())
                .isFalse();
    }

    @Test
    void aWordThatIsNotThereLeavesThePatternOut() {
        assertThat(Needed.by("re-?heat").mayBeIn(Needed.pairs("chop the onion")))
                .isFalse();
        assertThat(Needed.by("(?:white|brown)\\b").mayBeIn(Needed.pairs("chop the onion")))
                .isFalse();
        assertThat(Needed.by("\\d+ ?g").mayBeIn(Needed.pairs("chop the onion"))).isTrue();
        assertThat(Needed.by("(?:a|onion)").mayBeIn(Needed.pairs("b"))).isTrue();
    }

    /** Every pattern that a check reads with, on every sentence of our sets. */
    @Test
    void allPatternsOfTheChecksFindWhatTheyFoundBefore() throws ReflectiveOperationException {
        var texts = texts();
        int tried = 0;
        int spared = 0;
        for (var pattern : patterns().entrySet()) {
            var needed = Needed.by(pattern.getKey());
            for (var text : texts) {
                boolean may = needed.mayBeIn(Needed.pairs(text));
                tried++;
                if (may) continue;
                spared++;
                assertThat(pattern.getValue().matcher(text).find())
                        .as("%s in: %s", pattern.getKey(), text)
                        .isFalse();
            }
        }
        assertThat(tried).isGreaterThan(100_000);
        assertThat(100 * spared).as("%d of %d", spared, tried).isGreaterThan(80 * tried);
    }

    private static List<String> texts() {
        return Stream.of("said.txt", "said-fresh.txt", "said-third.txt", "said-fourth.txt", "said-fifth.txt")
                .flatMap(f -> TableFile.rows(SaidTest.class, f, 2).stream())
                .map(row -> row[0])
                .toList();
    }

    private static Map<String, Pattern> patterns() throws ReflectiveOperationException {
        var all = new LinkedHashMap<String, Pattern>();
        var compiled = Phrase.class.getDeclaredField("pattern");
        compiled.setAccessible(true);
        var places = new ArrayList<Class<?>>();
        for (var rule : Rules.ALL) places.add(rule.getClass());
        for (var place : places)
            for (var field : place.getDeclaredFields()) {
                if (!Modifier.isStatic(field.getModifiers()) || field.getType() != Phrase.class) continue;
                field.setAccessible(true);
                var pattern = (Pattern) compiled.get(field.get(null));
                all.put(pattern.pattern(), pattern);
            }
        return all;
    }
}
