package webodidact.core.rules;

import java.util.Optional;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.food.Equivalence;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Step;
import webodidact.core.reading.AmountReader;
import webodidact.core.reading.StatedPairs;

/** Two measures stated side by side ("half a pint, 250 ml") are the same amount. */
final class EquivalenceWrong implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.concat(listed(s), spoken(s));
    }

    private Stream<Finding> listed(Situation s) {
        return s.lesson().foods().stream()
                .filter(f -> f.amount() != null && f.also() != null)
                .flatMap(line -> {
                    var food = s.knowledge().food(line.food()).orElse(null);
                    var checked = Equivalence.of(
                            line.amount(),
                            line.also(),
                            food,
                            line.described(),
                            s.course().house());
                    return checked instanceof Equivalence.Wrong wrong
                            ? Stream.of(finding(s, line, wrong))
                            : Stream.empty();
                });
    }

    /** What is said or done states it too: "half a pint, 250 ml". */
    private Stream<Finding> spoken(Situation s) {
        return s.lesson().steps().stream()
                .flatMap(step -> Stream.of(step.say(), step.doing())
                        .flatMap(text -> StatedPairs.in(text).stream()
                                .map(pair -> spoken(s, step, text, pair))
                                .flatMap(Optional::stream)));
    }

    private Optional<Finding> spoken(Situation s, Step step, String text, StatedPairs.Pair pair) {
        var food = s.knowledge().foodsIn(text).stream()
                .filter(f -> f.start() >= pair.end() && f.start() - pair.end() < 30)
                .findFirst()
                .flatMap(f -> s.knowledge().food(f.id()))
                .orElse(null);
        var checked =
                Equivalence.of(pair.first(), pair.second(), food, "", s.course().house());
        if (!(checked instanceof Equivalence.Wrong wrong)) return Optional.empty();
        var right = shown(s, wrong.right());
        var words = text.substring(pair.start(), pair.end());
        var mended = text.substring(0, pair.start())
                + words.replace(secondIn(text, pair), right)
                + text.substring(pair.end());
        return Optional.of(about(
                        new About.OfWords(step.id(), pair.start()),
                        s.number(step.id()),
                        words.strip(),
                        AmountText.of(pair.first()),
                        right)
                .as("spoken")
                .mending(mend("say", Operations.reword(step.id(), t -> t.equals(text) ? mended : t), right)));
    }

    /** The second measure as it is written. */
    private static String secondIn(String text, StatedPairs.Pair pair) {
        var words = text.substring(pair.start(), pair.end());
        for (int i = words.length() - 1; i > 0; i--) {
            var tail = words.substring(i);
            var read = AmountReader.start(tail)
                    .filter(r -> r.amount().equals(pair.second())
                            && !Character.isLetterOrDigit(
                                    words.charAt(Math.max(0, words.length() - tail.length() - 1))));
            if (read.isPresent() && !Character.isWhitespace(tail.charAt(0))) return tail;
        }
        return words;
    }

    private Finding finding(Situation s, FoodLine line, Equivalence.Wrong wrong) {
        var right = shown(s, wrong.right());
        var first = AmountText.of(line.amount());
        var second = AmountText.of(line.also());
        return about(
                        new About.OfFood(line.id()),
                        0,
                        line.item(),
                        first,
                        right,
                        second,
                        wrong.off().times(100).nearest(),
                        wrong.allowed().times(100).nearest())
                .mending(
                        mend("keep", Operations.amount(line.id(), line.amount()), first),
                        mend("keep", Operations.amount(line.id(), line.also()), second));
    }

    private static String shown(Situation s, Amount amount) {
        return KitchenRounding.round(amount, s.course().house()).text();
    }
}
