package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.food.Equivalence;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Step;
import webodidact.core.reading.AmountReader;
import webodidact.core.reading.StatedPairs;

/** Two measures stated side by side ("half a pint, 250 ml") are the same amount. */
final class EquivalenceWrong implements Check {
    @Override
    public String id() {
        return "equivalence-wrong";
    }

    @Override
    public String summary() {
        return "Two measures of one thing agree";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        return Stream.concat(listed(s), spoken(s));
    }

    private Stream<Finding> listed(Situation s) {
        return s.lesson().foods().stream().filter(f -> f.amount() != null && f.also() != null).flatMap(line -> {
            var food = s.knowledge().food(line.food()).orElse(null);
            var checked = Equivalence.of(line.amount(), line.also(), food, line.form(), s.course().house());
            return checked instanceof Equivalence.Wrong wrong ? Stream.of(finding(s, line, wrong)) : Stream.empty();
        });
    }

    /** What is said or done states it too: "half a pint, 250 ml". */
    private Stream<Finding> spoken(Situation s) {
        return s.lesson().steps().stream().flatMap(step -> Stream.of(step.say(), step.doing()).flatMap(text -> StatedPairs.in(text).stream()
                .map(pair -> spoken(s, step, text, pair)).flatMap(java.util.Optional::stream)));
    }

    private java.util.Optional<Finding> spoken(Situation s, Step step, String text, StatedPairs.Pair pair) {
        var food = s.knowledge().foodsIn(text).stream().filter(f -> f.start() >= pair.end() && f.start() - pair.end() < 30).findFirst().flatMap(f -> s.knowledge().food(f.id())).orElse(null);
        var checked = Equivalence.of(pair.first(), pair.second(), food, "", s.course().house());
        if (!(checked instanceof Equivalence.Wrong wrong)) return java.util.Optional.empty();
        var right = shown(s, wrong.right());
        var words = text.substring(pair.start(), pair.end());
        var mended = text.substring(0, pair.start()) + words.replace(secondIn(text, pair), right) + text.substring(pair.end());
        return java.util.Optional.of(new Finding(severity(), id(), step.id() + "/" + pair.start(), s.lesson().indexOf(step.id()) + 1,
                "“" + words.strip() + "”: " + AmountText.of(pair.first()) + " is " + right + ".", "Homes that use the other measure cook another dish.",
                java.util.List.of(new Mend("Say " + right, l -> l.withStep(step.id(), x -> x.but(d -> {
                    if (x.say().equals(text)) d.say = mended;
                    if (x.doing().equals(text)) d.doing = mended;
                }))))));
    }

    /** The second measure as it is written. */
    private static String secondIn(String text, StatedPairs.Pair pair) {
        var words = text.substring(pair.start(), pair.end());
        for (int i = words.length() - 1; i > 0; i--) {
            var tail = words.substring(i);
            var read = AmountReader.start(tail).filter(r -> r.amount().equals(pair.second()) && !Character.isLetterOrDigit(words.charAt(Math.max(0, words.length() - tail.length() - 1))));
            if (read.isPresent() && !Character.isWhitespace(tail.charAt(0))) return tail;
        }
        return words;
    }

    private Finding finding(Situation s, FoodLine line, Equivalence.Wrong wrong) {
        var right = shown(s, wrong.right());
        var first = AmountText.of(line.amount());
        var second = AmountText.of(line.also());
        return at(s, line.id(), "“" + line.item() + "”: " + first + " is " + right + ", not " + second + ".",
                "Homes that use the other measure cook another dish: " + wrong.off().times(100).nearest() + " % apart, "
                        + wrong.allowed().times(100).nearest() + " % is usual.",
                new Mend("Keep " + first, l -> l.withFood(line.id(), f -> f.but(d -> d.also = null))),
                new Mend("Keep " + second, l -> l.withFood(line.id(), f -> f.but(d -> {
                    d.amount = line.also();
                    d.also = null;
                }))));
    }

    private static String shown(Situation s, Amount amount) {
        return KitchenRounding.round(amount, s.course().house()).text();
    }
}
