package webodidact.core.rules;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Use;
import webodidact.core.reading.AmountReader;
import webodidact.core.script.Draws;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.words.NumberWords;

/** "Half of the butter, that's 20 grams": the share and the figure do not agree with the list. */
final class ShareWrong implements Check {
    private static final Map<String, Ratio> SHARES = Map.of(
            "half",
            Ratio.of(1, 2),
            "a third",
            Ratio.of(1, 3),
            "a quarter",
            Ratio.of(1, 4),
            "two thirds",
            Ratio.of(2, 3),
            "three quarters",
            Ratio.of(3, 4));
    private static final String NUMBER =
            "\\d+(?:\\.\\d+)?|(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:[- ]five)?|(?:a|one|two|three|four) hundred(?: and (?:twenty|twenty[- ]five|fifty|seventy[- ]five))?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?|(?:a|one) quarter(?: of an?)?|three quarters of an?|(?:a|one) third of an?|two thirds of an?|an?";
    private static final String FIGURES =
            "(?:\\d+|\\p{L}+(?:[- ]hundred(?: and \\p{L}+(?:[- ]\\p{L}+)?)?)?) ?(?:g|grams?|ml|mils?|millilitres?|kg|l|litres?)\\b";
    private static final String MEASURE =
            "(g|grams?|ml|mils?|millilitres?|kg|l|litres?|oz|tbsp|tablespoons?|tsp|teaspoons?|cups?)";
    private static final Phrase SAID = Phrase.of(
            "(?<!\\b(?:cups?|pints?|tablespoons?|teaspoons?|tbsp|tsp|ounces?|pounds?|litres?|liters?|spoons?|one|two|three|four|\\d) and )(?:other )?(?:half|a third|a quarter|two thirds|three quarters)(?: of)? (?:the |your |that |our )?[^.!?;,\\d]{2,30}?,\\s*(?:mind,? |now,? )?(?:that's |so |is )?(?:about |around |roughly )?(?:"
                    + NUMBER + ") ?" + MEASURE + "\\b(?= ?[.,;!?)]| or so|$)",
            "(?<!\\b(?:cups?|pints?|tablespoons?|teaspoons?|tbsp|tsp|ounces?|pounds?|litres?|liters?|spoons?|one|two|three|four|\\d) and )(?:half|a third|a quarter|two thirds|three quarters)(?: of)? (?:the |your |that |our )?[^.!?;\\d]{2,40}?(?:that's|that is|which is|so that's|so|is|that'll be|[(=–—-])\\s*(about |around |roughly )?(?:"
                    + NUMBER + ") ?" + MEASURE + "\\b");
    /** "Use all of it, a hundred and fifty grams", of a food that the sentence names. */
    private static final Phrase WHOLE = Phrase.of(
            "all of (?:it|them|the [^.!?;,\\d]{2,30}?),? ?(?:that's|that is|which is|so|[(=–—-])?\\s*(?:about |around |roughly )?(?:"
                    + NUMBER + ") ?" + MEASURE + "\\b(?= ?[.,;!?)]|$)");

    /** "The rest of the milk, that's a hundred mils". */
    private static final Phrase REST = Phrase.of(
            "(?:rest|remainder|last) of (?:the |your |that |our )?[^.!?;,\\d]{2,30}?,? ?(?:that's|that is|which is|so that's|so|is|that'll be|[(=–—-])?\\s*(?:about |around |roughly )?(?:"
                    + NUMBER + ") ?" + MEASURE + "\\b(?= ?[.,;!?)]| left|$)");

    private static final Pattern FIGURE = Pattern.compile("(" + NUMBER + ") ?(\\p{L}+)\\W*$", Pattern.CASE_INSENSITIVE);

    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.of(doubled(s), shares(s), otherHalf(s)).flatMap(f -> f);
    }

    /** "The other half of the walnuts", where steps before have taken another part than half. */
    private static final Phrase OTHER_HALF =
            Phrase.of("the other half(?: of)? (?:the |your |that )?\\p{L}+(?: \\p{L}+)?");

    private Stream<Finding> otherHalf(Situation s) {
        return Told.oncePerStep(s.told()
                        .meant(OTHER_HALF)
                        .filter(x -> x.step().kind().isHandsOn() || x.step().kind() == Kind.PLATE))
                .flatMap(x -> s.answers().finder().in(x.words()).stream()
                        .filter(m -> m.kind() == Mentions.Kind.LISTED)
                        .findFirst()
                        .flatMap(m -> s.lesson().food(m.id()))
                        .filter(line -> line.amount() != null)
                        .flatMap(line -> takenBefore(s, x, line)
                                .filter(taken -> !taken.low()
                                                .times(Ratio.of(2))
                                                .equals(line.amount().low())
                                        || !taken.high()
                                                .times(Ratio.of(2))
                                                .equals(line.amount().high()))
                                .map(taken -> at(
                                                s,
                                                x.step().id(),
                                                x.words().strip(),
                                                AmountText.of(taken),
                                                AmountText.of(line.amount()))
                                        .as("other")))
                        .stream());
    }

    /** What the steps before take of it, where each says how much and in the measure of the list. */
    private static Optional<Amount> takenBefore(Situation s, Told.Said said, FoodLine line) {
        var uses = s.lesson().steps().subList(0, said.number() - 1).stream()
                .flatMap(step -> step.uses().stream())
                .filter(u -> u.line().equals(line.id()) && !u.again())
                .toList();
        boolean stated = !uses.isEmpty()
                && uses.stream()
                        .allMatch(u -> u.amount() != null
                                && u.amount().unit() == line.amount().unit());
        return stated
                ? uses.stream()
                        .map(Use::amount)
                        .reduce((a, b) -> a.plus(b, s.course().house()))
                : Optional.empty();
    }

    /** "Double the water, so 300 g of rice and 500 ml": the two figures are not as one to two. */
    private static final Phrase DOUBLE = Phrase.of(
            "(?:double|twice)(?: the| as much| the amount of| its volume (?:of|in)| its weight (?:of|in))? (?:water|stock|liquid)\\b[^.!?]{0,30}?("
                    + FIGURES + ")[^.!?\\d]{0,40}?\\b(?:and|to|in|with) (" + FIGURES + ")");

    private static final Pattern TWO = Pattern.compile(
            "(" + FIGURES + ")[^.!?\\d]{0,40}?\\b(?:and|to|in|with) (" + FIGURES + ")$", Pattern.CASE_INSENSITIVE);

    private Stream<Finding> doubled(Situation s) {
        return Told.oncePerStep(s.told().meant(DOUBLE)).flatMap(x -> {
            var m = TWO.matcher(x.words());
            if (!m.find()) return Stream.empty();
            var first = figure(s, m.group(1));
            var second = figure(s, m.group(2));
            if (first.isZero() || second.isZero()) return Stream.empty();
            var apart = second.dividedBy(first).minus(Ratio.of(2)).abs();
            var right = Amount.of(first.times(2), Unit.ML);
            return apart.isMoreThan(Ratio.of(1, 10))
                    ? Stream.of(at(s, x.step().id(), x.words().strip(), AmountText.of(right)))
                    : Stream.empty();
        });
    }

    /** Grams or millilitres of a figure; zero where it is neither. */
    private static Ratio figure(Situation s, String words) {
        return AmountReader.start(words)
                .map(AmountReader.Start::amount)
                .map(a -> switch (a.unit().dimension()) {
                    case MASS -> a.in(Unit.G, s.course().house()).low();
                    case VOLUME -> a.in(Unit.ML, s.course().house()).low();
                    default -> Ratio.ZERO;
                })
                .orElse(Ratio.ZERO);
    }

    private Stream<Finding> shares(Situation s) {
        return Told.oncePerStep(Stream.of(SAID, REST, WHOLE)
                        .flatMap(p -> s.told().all(p))
                        .filter(x -> isWrong(s, x)))
                .map(x -> at(
                                s,
                                x.step().id(),
                                x.words(),
                                AmountText.of(right(s, x).orElseThrow()))
                        .mending(mend(
                                "say",
                                Operations.reword(
                                        x.step().id(),
                                        t -> t.replace(
                                                x.words(),
                                                FIGURE.matcher(x.words())
                                                        .replaceFirst(AmountText.of(right(s, x)
                                                                        .orElseThrow())
                                                                .replace("$", "")))),
                                AmountText.of(right(s, x).orElseThrow()))));
    }

    private static Optional<Amount> said(Told.Said said) {
        var m = FIGURE.matcher(said.words());
        if (!m.find()) return Optional.empty();
        var words = m.group(1).toLowerCase(Locale.ROOT);
        var figure = words.matches("[\\d.]+")
                ? Ratio.parseDecimal(words)
                : part(words).orElse(Ratio.of(spoken(words)));
        return figure.isZero() ? Optional.empty() : Unit.named(m.group(2)).map(u -> Amount.of(figure, u));
    }

    /** "Half a", "three quarters of a", "a": of one measure. */
    private static Optional<Ratio> part(String words) {
        if (words.matches("an?")) return Optional.of(Ratio.ONE);
        if (words.startsWith("half")) return Optional.of(Ratio.HALF);
        return PARTS.entrySet().stream()
                .filter(e -> words.startsWith(e.getKey()))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    private static final Map<String, Ratio> PARTS = Map.of(
            "a quarter",
            Ratio.of(1, 4),
            "one quarter",
            Ratio.of(1, 4),
            "three quarters",
            Ratio.of(3, 4),
            "a third",
            Ratio.of(1, 3),
            "one third",
            Ratio.of(1, 3),
            "two thirds",
            Ratio.of(2, 3));

    /** "Sixty", "a hundred and fifty"; 0 for none. */
    private static int spoken(String words) {
        var parts = words.split(" ?hundred ?(?:and )?", -1);
        int rest = NumberWords.value(parts[parts.length - 1]).orElse(0);
        return parts.length == 1 ? rest : 100 * NumberWords.value(parts[0]).orElse(0) + rest;
    }

    /** What that share of the list's line is. */
    private static Optional<Amount> right(Situation s, Told.Said said) {
        var words = said.words().toLowerCase(Locale.ROOT).replaceFirst("^other ", "");
        var share = SHARES.entrySet().stream()
                .filter(e -> words.startsWith(e.getKey()))
                .findFirst();
        boolean whole = words.startsWith("all of");
        var line = s.answers().finder().in(said.sentence()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED
                        && (whole || words.contains(m.words().toLowerCase(Locale.ROOT))))
                .reduce((a, b) -> whole ? b : a)
                .flatMap(m -> s.lesson().food(m.id()));
        if (whole) return line.map(FoodLine::amount);
        if (words.matches("^(?:rest|remainder|last)\\b.*")) return line.flatMap(l -> left(s, said, l));
        if (share.isEmpty() || line.isEmpty() || line.get().amount() == null) return Optional.empty();
        return Optional.of(line.get().amount().times(share.get().getValue()));
    }

    /** What no other step has taken. */
    private static Optional<Amount> left(Situation s, Told.Said said, FoodLine line) {
        return Optional.ofNullable(s.draws().get(line.id()))
                .flatMap(d -> d.in(said.step().id()))
                .filter(d -> d.rest() && d.taken() != null)
                .map(Draws.Draw::taken);
    }

    private static boolean isWrong(Situation s, Told.Said said) {
        var stated = said(said);
        var right = right(s, said);
        if (stated.isEmpty()
                || right.isEmpty()
                || stated.get().unit().dimension() != right.get().unit().dimension()) return false;
        var house = s.course().house();
        var is = stated.get().in(right.get().unit(), house).low();
        var apart = is.minus(right.get().low()).abs();
        var allowed = right.get()
                .low()
                .times(
                        said.words().matches("(?is).*\\b(?:about|around|roughly)\\b.*")
                                ? Ratio.of(15, 100)
                                : Ratio.of(5, 100));
        return apart.isMoreThan(allowed);
    }
}
