package webodidact.core.script;

import static org.assertj.core.api.Assertions.assertThat;
import static webodidact.core.Lessons.food;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import webodidact.core.Lessons;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.table.TableFile;

/**
 * What sentences as people write and say them tell, fact by fact: {@code said.txt} was written before the code, the others after it; the
 * heads of those since the fourth say what their first run was.
 */
class SaidTest {
    private static final Knowledge KNOWN = Knowledge.shipped();
    private static final List<FoodLine> FOODS = List.of(
            food("onions", "onion", "2 piece").but(d -> d.item = "onions"),
            food("garlic", "garlic", "3 clove"),
            food("carrots", "carrot", "2 piece").but(d -> d.item = "carrots"),
            food("potatoes", "main-potato", "800 g").but(d -> d.item = "potatoes"),
            food("flour", "plain-flour", "300 g"),
            food("butter", "butter", "100 g"),
            food("milk", "milk", "500 ml"),
            food("eggs", "egg", "3 piece").but(d -> d.item = "eggs"),
            food("sugar", "caster-sugar", "50 g"),
            food("salt", "salt", "1 tsp"),
            food("olive-oil", "olive-oil", "3 tbsp"),
            food("chopped-tomatoes", "tinned-tomatoes", "1 tin").but(d -> d.item = "chopped tomatoes"),
            food("chickpeas", "chickpeas", "1 tin"),
            food("rice", "rice", "250 g").but(d -> d.item = "rice"),
            food("lemon", "lemon", "1 piece"),
            food("parsley", "parsley", "1 handful"),
            food("cheddar", "cheddar", "150 g"),
            food("chicken-thighs", "chicken-thigh", "4 piece").but(d -> d.item = "chicken thighs"),
            food("yoghurt", "yoghurt", "150 g"),
            food("stock", "vegetable-stock", "600 ml").but(d -> d.item = "stock"),
            food("cumin", "cumin", "2 tsp"),
            food("spinach", "spinach", "200 g"),
            food("yeast", "yeast", "7 g"),
            food("honey", "honey", "1 tbsp"),
            food("cream", "double-cream", "150 ml").but(d -> d.item = "cream"));

    private static final Lesson LESSON = Lessons.of(FOODS, Step.blank("s1", Kind.HANDS_ON, ""));

    @ParameterizedTest
    @CsvSource({
        "said.txt",
        "said-fresh.txt",
        "said-third.txt",
        "said-fourth.txt",
        "said-fifth.txt",
        "said-sixth.txt",
        "said-seventh.txt",
        "said-eighth.txt",
        "said-ninth.txt",
        "said-tenth.txt",
        "said-eleventh.txt",
        "said-twelfth.txt",
        "said-thirteenth.txt",
        "said-fourteenth.txt",
        "said-fifteenth.txt",
        "said-sixteenth.txt",
        "said-seventeenth.txt",
        "said-eighteenth.txt",
        "said-nineteenth.txt",
        "said-twentieth.txt",
        "said-twentyfirst.txt",
        "said-twentysecond.txt",
        "said-twentythird.txt",
        "said-twentyfourth.txt"
    })
    void tellsWhatASentenceSays(String file) {
        int right = 0;
        int wrong = 0;
        int missed = 0;
        var failed = new ArrayList<String>();
        for (var row : TableFile.rows(SaidTest.class, file, 2)) {
            var wanted = new TreeSet<String>();
            for (var fact : TableFile.list(row[1])) wanted.add(fact.replaceAll("\\s+", " "));
            var told = facts(row[0]);
            var both = new TreeSet<>(told);
            both.retainAll(wanted);
            right += both.size();
            wrong += told.size() - both.size();
            missed += wanted.size() - both.size();
            if (!told.equals(wanted)) failed.add(row[0] + "\n     wanted " + wanted + "\n     told   " + told);
        }
        var score = String.format(Locale.ROOT, "%s: %d right, %d wrong, %d missed", file, right, wrong, missed);
        if (Boolean.getBoolean("said.print")) System.out.println(score + "\n" + String.join("\n", failed));
        assertThat(100 * right)
                .as(score + "\n" + String.join("\n", failed))
                .isGreaterThanOrEqualTo(92 * (right + wrong));
        assertThat(100 * right)
                .as(score + "\n" + String.join("\n", failed))
                .isGreaterThanOrEqualTo(85 * (right + missed));
    }

    private static TreeSet<String> facts(String sentence) {
        var all = new TreeSet<String>();
        for (var said : SaidTimes.in(sentence, KNOWN)) {
            boolean hands = said.role() == SaidTimes.Role.HANDS;
            all.add((hands ? "h " : "w ")
                    + (said.time().isZero()
                            ? "?"
                            : said.time().low() + "-" + said.time().high()));
        }
        HeatWords.in(sentence)
                .ifPresent(f -> all.add("o " + f.heat().low() + "-" + f.heat().high() + " "
                        + f.heat().mode().name().toLowerCase(Locale.ROOT)));
        var mentions = Mentions.of(LESSON, KNOWN).in(sentence);
        for (var use : FoodWords.uses(sentence, mentions, LESSON, Set.of()))
            all.add(("u " + use.line().replace('-', ' ')
                            + (use.rest() ? " rest" : use.amount() == null ? "" : " " + use.amount()))
                    .replace("~", ""));
        for (var m : mentions) {
            if (m.kind() == Mentions.Kind.UNLISTED) all.add("m " + m.words().toLowerCase(Locale.ROOT));
            if (m.kind() == Mentions.Kind.STAND_IN) all.add("s " + m.words().toLowerCase(Locale.ROOT));
        }
        var step = Step.blank("s1", Kind.HANDS_ON, "").but(d -> d.doing = sentence);
        for (var s : new Suggestions(LESSON, KNOWN).of(step))
            if (s.kind() == Suggestion.Kind.ACT && !s.key().contains("lid"))
                all.add(s.key().replace("act/", "a "));
        return all;
    }

    /** A bare figure is a weight where nothing else can be meant, and no more than the list has. */
    @ParameterizedTest
    @CsvSource({
        "'Yoghurt, 100, stir.', 'u yoghurt 100 g'",
        "'Yoghurt, 1000, stir.', 'u yoghurt'",
        "'Chicken thighs in, 200, half an hour.', 'u chicken thighs'",
        "'Roast the potatoes, 200, an hour.', 'u potatoes'",
        "'150 warm milk, stir.', 'u milk 150 ml'",
        "'Milk, 3 minutes.', 'u milk'"
    })
    void aBareFigureIsAWeightOnlyWhereNothingElseCanBeMeant(String sentence, String use) {
        assertThat(facts(sentence).stream().filter(f -> f.startsWith("u "))).containsExactly(use);
    }
}
