package webodidact.core.reading;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import webodidact.core.amount.Amount;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.amount.Unit;
import webodidact.core.food.Food;
import webodidact.core.food.Group;
import webodidact.core.food.Knowledge;
import webodidact.core.food.Match;
import webodidact.core.food.Risk;
import webodidact.core.food.Shelf;
import webodidact.core.lesson.Doubt;
import webodidact.core.words.Word;

/** Which food the item of a line is, by its name, what stands behind it and how it is measured. */
record LineFood(Knowledge knowledge, MeasureSystem region) {
    private static final Unit STICK = Unit.parse("stick");
    private static final Unit BULB = Unit.parse("bulb");

    /** How food was kept makes another food of it where the table has one: frozen peas, tinned tomatoes. */
    static final List<String> KEPT =
            List.of("frozen", "tinned", "canned", "dried", "cooked", "smoked", "pickled", "roasted");

    /** Null, with a doubt, wherever it is not sure. */
    Food of(LineState state, String item) {
        if (item.isEmpty()) return null;
        var form = String.join(" ", state.form).toLowerCase(Locale.ROOT);
        var where = state.amount == null
                ? Optional.<String>empty()
                : Optional.of(state.amount.unit().symbol());
        if (where.filter("tin"::equals).isPresent()) form += " tinned";
        var kinds = kinds(state);
        for (var kept : KEPT) {
            if (!kinds.contains(kept) && !(kept.equals("tinned") && form.endsWith(" tinned"))) continue;
            var other = knowledge
                    .match(kept + " " + item, state.amount, form, region)
                    .food();
            if (other.isPresent()) return fitted(state, other.get());
        }
        for (var note : state.notes) {
            if (!knowledge.isDenial(note)) continue;
            var other = knowledge.match(note + " " + item, state.amount, form, region);
            return other.food().isPresent() ? fitted(state, other.food().get()) : another(state, note + " " + item);
        }
        var match = knowledge.match(item, state.amount, form, region);
        if (match.food().isPresent()) {
            var kept = keptOtherwise(state, match.food().get());
            return kept.isEmpty() ? fitted(state, match.food().get()) : another(state, kept + " " + item);
        }
        if (match.why() != Match.Why.UNKNOWN || knowledge.toolNamed(item).isEmpty())
            state.unsure.add(new Doubt(
                    switch (match.why()) {
                        case SAYS_MORE -> Doubt.Kind.OTHER_FOOD;
                        case SEVERAL -> Doubt.Kind.WHICH_FOOD;
                        default -> Doubt.Kind.UNKNOWN_FOOD;
                    },
                    item));
        return null;
    }

    private static Food another(LineState state, String item) {
        state.unsure.add(new Doubt(Doubt.Kind.OTHER_FOOD, item));
        return null;
    }

    /** "Couscous, cooked" weighs more than twice the couscous of the table: a word that makes it another food than the one found, or "". */
    private static String keptOtherwise(LineState state, Food food) {
        return kinds(state).stream()
                .filter(kept -> !isUsual(kept, food))
                .findFirst()
                .orElse("");
    }

    /** Words of {@link #KEPT} that stand behind the name for sure: "(cooked)", and not "fresh or frozen", "not dried". */
    private static List<String> kinds(LineState state) {
        return Stream.concat(state.form.stream(), state.notes.stream())
                .map(part -> Word.of(part).stream().map(Word::stem).toList())
                .filter(words -> words.size() <= LONGEST_KEPT && words.stream().noneMatch(OPEN::contains))
                .flatMap(List::stream)
                .filter(KEPT::contains)
                .toList();
    }

    private static final Set<String> OPEN = Set.of("or", "not", "no", "if", "nor", "until", "till");

    private static boolean isUsual(String kept, Food food) {
        boolean named = food.names().stream().anyMatch(n -> n.contains(kept));
        return named
                || switch (kept) {
                    case "dried" -> food.shelf() == Shelf.CUPBOARD || food.shelf() == Shelf.SPICE;
                    case "tinned", "canned" -> food.shelf() == Shelf.CUPBOARD;
                    case "frozen" -> food.shelf() == Shelf.FREEZER;
                    case "roasted" -> food.group() == Group.NUT || food.group() == Group.SEED;
                    case "cooked" -> food.risk() == Risk.READY && food.shelf() == Shelf.FRIDGE;
                    default -> false;
                };
    }

    /** Words of a form that says how a food was kept, "cooked and cooled"; more tell what is done with it now. */
    private static final int LONGEST_KEPT = 4;

    /** Butter comes in sticks of a quarter pound, celery in stalks; garlic in bulbs, broccoli in heads. */
    private static Food fitted(LineState state, Food food) {
        if (state.amount == null) return food;
        var unit = state.amount.unit();
        if (unit == STICK && food.group() != Group.FAT) counted(state, Unit.STALK);
        if (unit == BULB && !food.id().equals("garlic") && !food.id().equals("fennel-bulb")) counted(state, Unit.PIECE);
        return food;
    }

    private static void counted(LineState state, Unit unit) {
        state.amount = new Amount(state.amount.low(), state.amount.high(), unit, state.amount.approximate());
    }
}
