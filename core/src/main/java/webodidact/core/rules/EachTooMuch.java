package webodidact.core.rules;

import java.util.List;
import java.util.Locale;
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
import webodidact.core.food.Weighing;
import webodidact.core.lesson.Use;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;
import webodidact.core.script.Told;
import webodidact.core.words.NumberWords;

/** So much in each of so many pieces is more than the list has. */
final class EachTooMuch implements Check {
    private static final Phrase SAID = Phrase.of(
            "(?:an?|one|two|half an?|three|\\d+) (?:heaped |level |good |small )?(?:teaspoons?|tsp|tablespoons?|tbsp|grams?|g|ml)(?: of)? (?:the |your )?(?:\\p{L}+ ){0,2}?\\p{L}+ (?:in|on|into|onto|to|for|over|inside) (?:the (?:middle|centre|top) of )?(?:each|every)\\b(?: \\p{L}+)?");
    private static final Pattern AMOUNT = Pattern.compile(
            "^(half an?|an?|one|two|three|\\d+) (?:heaped |level |good |small )?(\\p{L}+)", Pattern.CASE_INSENSITIVE);
    private static final Phrase PIECES = Phrase.of(
            "(\\d+|four|six|eight|nine|ten|twelve|sixteen|twenty) (?:even |little |small |equal )?(?:circles|rounds|pieces|balls|tarts|squares|cases|parcels|dumplings|scones|biscuits|cakes|buns|cups|rolls|slices|wraps|discs|patties|skewers|jars|bowls|plates)\\b",
            "(?:cut|roll|shape|stamp)(?: out)? (?:it |them )?(?:into |in )?(\\d+|four|six|eight|nine|ten|twelve|sixteen|twenty)\\b");

    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.concat(
                Told.oncePerStep(s.told().meant(SAID)).flatMap(x -> finding(s, x)),
                Told.oncePerStep(s.told().meant(WHOLE))
                        .flatMap(x -> ofDough(s, x))
                        .limit(1));
    }

    /** "Cut it in four, that's about 300 grams each." */
    private static final Phrase WHOLE = Phrase.of(
            "(?:cut|divide|split|weigh)(?: it| them| the dough| this| that)?(?: out| up)? (?:in|into) (\\d+|two|three|four|five|six|eight|ten|twelve|sixteen)\\b[^.!?]{0,30}?\\b(\\d+) ?(?:g|grams?|grammes?)\\b (?:each|apiece|a piece|a ball|per piece)");

    private static final Pattern INTO = Pattern.compile("(?:in|into) (\\d+|\\p{L}+)");
    private static final Pattern EACH = Pattern.compile("(\\d+) ?g");

    /** Pieces of one dough weigh together what went into it; a tenth stays on the bench, and no more is there. */
    private Stream<Finding> ofDough(Situation s, Told.Said said) {
        var lines = s.lesson().steps().subList(0, said.number()).stream()
                .flatMap(step -> step.uses().stream())
                .map(Use::line)
                .distinct()
                .flatMap(id -> s.lesson().food(id).stream())
                .toList();
        var grams = Ratio.ZERO;
        for (var line : lines) {
            var weight = line.amount() == null
                    ? Optional.<Amount>empty()
                    : Weighing.in(
                            line.amount(),
                            Unit.G,
                            s.food(line).orElse(null),
                            line.described(),
                            s.course().house(),
                            s.course().house());
            // Of what nobody weighs nobody knows the whole.
            if (weight.isEmpty()) return Stream.empty();
            grams = grams.plus(weight.get().high());
        }
        var each = EACH.matcher(said.words());
        var into = INTO.matcher(said.words());
        int pieces = into.find() ? number(into.group(1)) : 0;
        if (grams.isZero() || pieces == 0 || !each.find()) return Stream.empty();
        var wanted = Ratio.of(Long.parseLong(each.group(1))).times(Ratio.of(pieces));
        if (!wanted.isMoreThan(grams.times(Ratio.of(11, 10)))) return Stream.empty();
        return Stream.of(at(
                        s,
                        said.step().id(),
                        said.words(),
                        pieces,
                        AmountText.of(Amount.of(wanted, Unit.G)),
                        AmountText.of(Amount.of(grams, Unit.G)))
                .as("dough"));
    }

    private Stream<Finding> finding(Situation s, Told.Said said) {
        var line = s.answers().finder().in(said.words()).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .findFirst()
                .flatMap(m -> s.lesson().food(m.id()));
        var each = each(said.words());
        int pieces = pieces(s, said);
        if (line.isEmpty() || line.get().amount() == null || each.isEmpty() || pieces == 0) return Stream.empty();
        var listed = line.get().amount();
        var house = s.course().house();
        var weighed = Weighing.in(
                each.get().times(Ratio.of(pieces)),
                listed.unit(),
                s.food(line.get()).orElse(null),
                line.get().described(),
                house,
                house);
        if (weighed.isEmpty()) return Stream.empty();
        var wanted = weighed.get();
        if (!wanted.low().isMoreThan(listed.high().times(Ratio.of(11, 10)))) return Stream.empty();
        return Stream.of(at(s, said.step().id(), said.words(), pieces, AmountText.of(wanted), AmountText.of(listed))
                .ofFoods(List.of(line.get().id()))
                .mending(mend("list", Operations.amount(line.get().id(), wanted), AmountText.of(wanted))));
    }

    /** "Every pitta": as many as are listed; "each": as many as were last said to be made. */
    private static int pieces(Situation s, Told.Said said) {
        var words = said.words().split("\\s+");
        var named = s.answers().finder().in(words[words.length - 1]).stream()
                .filter(m -> m.kind() == Mentions.Kind.LISTED)
                .findFirst()
                .flatMap(m -> s.lesson().food(m.id()))
                .filter(l -> l.amount() != null && l.amount().unit() == Unit.PIECE)
                .map(l -> (int) l.amount().low().floor());
        return named.orElseGet(() -> s.told()
                .all(PIECES)
                .filter(p -> p.number() <= said.number())
                .reduce((a, b) -> b)
                .map(p -> number(p.words()))
                .orElse(0));
    }

    private static Optional<Amount> each(String words) {
        var m = AMOUNT.matcher(words);
        if (!m.find()) return Optional.empty();
        var count = m.group(1).toLowerCase(Locale.ROOT);
        var value = count.startsWith("half")
                ? Ratio.HALF
                : count.matches("an?")
                        ? Ratio.ONE
                        : count.matches("\\d+")
                                ? Ratio.parse(count)
                                : Ratio.of(NumberWords.value(count).orElse(1));
        return Unit.named(m.group(2)).map(u -> Amount.of(value, u));
    }

    private static int number(String words) {
        for (var word : words.toLowerCase(Locale.ROOT).split("\\s+")) {
            if (word.matches("\\d+")) return Integer.parseInt(word);
            var value = NumberWords.value(word);
            if (value.isPresent() && value.getAsInt() > 3) return value.getAsInt();
        }
        return 0;
    }
}
