package webodidact.core.food;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;

/**
 * One food of the table.
 *
 * @param names the usual one first; {@code usNames} and {@code auNames} where they differ
 * @param density grams in a millilitre by form; "" is any form
 * @param piece grams of one piece, or null
 * @param checkLabel what it contains depends on the make: the label must be read
 * @param cautious does not simply double: raising agents and strong seasonings
 * @param diet the strictest it suits
 * @param source where the figures are from
 * @param facts what else is known
 */
public record Food(
        String id,
        List<String> names,
        List<String> usNames,
        List<String> auNames,
        Shelf shelf,
        Group group,
        Map<String, Ratio> density,
        Ratio piece,
        Set<Allergen> allergens,
        boolean checkLabel,
        Risk risk,
        boolean cautious,
        Diet diet,
        String source,
        Facts facts) {

    public String name() {
        return names.getFirst();
    }

    /** Grams in a millilitre in that form, or in any form; empty if nobody knows. */
    public Optional<Ratio> densityIn(String form) {
        for (var entry : density.entrySet()) {
            if (!entry.getKey().isEmpty() && form.contains(entry.getKey())) return Optional.of(entry.getValue());
        }
        var any = density.get("");
        if (any != null) return Optional.of(any);
        return density.size() == 1 ? Optional.of(density.values().iterator().next()) : Optional.empty();
    }

    /**
     * Grams of one of that unit; empty if nobody knows.
     *
     * @param words how it is, "large, peeled": large ones weigh more
     */
    public Optional<Ratio> weightOf(Unit unit, String words) {
        var own = facts.weighs().get(unit.symbol());
        if (own != null) return Optional.of(own);
        boolean isPiece = unit == Unit.PIECE
                || unit == Unit.CLOVE
                || unit == Unit.STALK && (group == Group.VEGETABLE || group == Group.FRUIT || group == Group.HERB)
                || unit == Unit.SLICE && (group == Group.BAKERY || group == Group.MEAT);
        if (!isPiece) return Optional.empty();
        for (var size : List.of("small", "large"))
            if (words.toLowerCase(Locale.ROOT).contains(size) && facts.weighs().containsKey(size))
                return Optional.of(facts.weighs().get(size));
        return Optional.ofNullable(piece);
    }

    /** "milk, egg": what is declared, and whether the label decides. */
    public String contains() {
        var declared = String.join(
                ", ",
                allergens.stream()
                        .sorted()
                        .filter(a -> a != Allergen.GLUTEN || !allergens.contains(Allergen.WHEAT))
                        .map(Allergen::title)
                        .toList());
        if (!checkLabel) return declared;
        return declared.isEmpty() ? Words.OURS.say("label") : Words.OURS.say("label.also", declared);
    }

    public boolean suits(Diet wanted) {
        return diet.suits(wanted);
    }
}
