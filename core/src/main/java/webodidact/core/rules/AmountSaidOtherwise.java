package webodidact.core.rules;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.words.NumberWords;

/** The list read aloud has another amount than the list. */
final class AmountSaidOtherwise implements Check {
    private static final String NUMBER =
            "(\\d+(?:\\.\\d+)?|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve)";
    private static final Pattern WITH_UNIT = Pattern.compile(
            "\\b(\\d+(?:\\.\\d+)?|(?:(?:an?|" + NumberWords.ONE + ") hundred(?: and)? ?)?(?:(?:" + NumberWords.TEN
                    + ")(?:[- ](?:" + NumberWords.ONE + "))?|" + NumberWords.TEEN + "|" + NumberWords.ONE
                    + ")?(?<=\\p{L})) ?(kg|kilos?|g|grams?|ml|millilitres?|l|litres?|tbsp|tablespoons?|tsp|teaspoons?|oz|ounces?)(?: of)?(?: the| your| some)?\\s+$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COUNTED = Pattern.compile(
            "\\b" + NUMBER + "(?: (?:large|medium|small|big|ripe|whole|fresh|free[- ]range))*\\s+$",
            Pattern.CASE_INSENSITIVE);

    /** "Twelve banana muffins" are no bananas. */
    private static final Phrase DISH = Phrase.exactly(
            "^ (?:\\p{L}+ )?(?:muffins?|scones?|buns?|cakes?|tarts?|pies?|pancakes?|fritters?|burgers?|kebabs?|skewers?|rolls?|wraps?|balls?|bites?|biscuits?|cookies?|pasties|parcels?|sandwich(?:es)?|loaves|loaf|soups?|curr(?:y|ies)|dumplings?|flapjacks?|squares?|boats?|chips|crisps|wedges)\\b");

    /** "Two sausages each": of how many people nobody says here. */
    private static final Phrase EACH = Phrase.exactly("^,? (?:each|apiece|a head|per (?:person|head)|for each)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        return s.lesson().steps().stream()
                .filter(step -> !step.kind().isHandsOn())
                .flatMap(step -> s.mentions().get(step.id()).stream()
                        .filter(m -> m.kind() == Mentions.Kind.LISTED)
                        .flatMap(m -> finding(s, step, m)));
    }

    private Stream<Finding> finding(Situation s, Step step, Mentions.Mention mention) {
        var line = s.lesson().food(mention.id()).orElseThrow();
        var after = step.say().substring(mention.end());
        if (line.amount() == null || DISH.isIn(after) || EACH.isIn(after)) return Stream.empty();
        var before = step.say().substring(Math.max(0, mention.start() - 40), mention.start());
        return said(before, line)
                .filter(a -> isOther(s, a, line.amount(), line)
                        && isOther(s, a, line.amount().times(Scaling.forHome(s.lesson())), line)
                        && isOther(s, a, together(s, line), line))
                .stream()
                .map(a -> at(s, step.id(), line.item(), AmountText.of(a), AmountText.of(line.amount()))
                        .ofFoods(List.of(line.id())));
    }

    private static Optional<Amount> said(String before, FoodLine line) {
        var unit = WITH_UNIT.matcher(before);
        if (unit.find())
            return number(unit.group(1)).flatMap(n -> Unit.named(unit.group(2)).map(u -> Amount.of(n, u)));
        var count = COUNTED.matcher(before);
        if (!count.find()
                || line.amount().unit() != Unit.PIECE
                || count.group(1).matches("(?i)an?")) return Optional.empty();
        return number(count.group(1)).map(n -> Amount.of(n, Unit.PIECE));
    }

    private static Optional<Ratio> number(String words) {
        if (words.matches("[\\d.]+")) return Optional.of(Ratio.parseDecimal(words));
        var number = NumberWords.value(words);
        return number.isPresent() ? Optional.of(Ratio.of(number.getAsInt())) : Optional.empty();
    }

    /** All lines of that food: "five eggs" of four and one. */
    private static Amount together(Situation s, FoodLine line) {
        var sum = line.amount();
        for (var other : s.lesson().foods())
            if (other != line
                    && line.cooked() != null
                    && line.cooked().equals(other.cooked())
                    && other.amount() != null
                    && other.amount().unit() == sum.unit())
                sum = sum.plus(other.amount(), s.course().house());
        return sum;
    }

    private static boolean isOther(Situation s, Amount said, Amount listed, FoodLine line) {
        if (said.unit().dimension() != listed.unit().dimension()
                || line.also() != null
                        && said.unit().dimension() == line.also().unit().dimension()) return false;
        if (said.unit().dimension() == Dimension.COUNT && said.unit() != listed.unit()) return false;
        var is = said.in(listed.unit(), s.course().house()).low();
        return is.isLessThan(listed.low().times(Ratio.of(95, 100)))
                || is.isMoreThan(listed.high().times(Ratio.of(105, 100)));
    }
}
