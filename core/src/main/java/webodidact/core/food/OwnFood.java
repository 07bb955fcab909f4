package webodidact.core.food;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Consumer;
import webodidact.core.amount.Ratio;

/**
 * A food of the course's own, or what the course knows better about a shipped one. What is null or empty stays as shipped;
 * for a new food it is unknown. A food whose allergens nobody has stated is "check the label".
 *
 * @param id of the shipped food that is changed, or a new one
 * @param density grams in a millilitre by form; "" is any form
 * @param piece grams of one piece, or null
 * @param allergens null while nobody has stated them; empty if there are none
 * @param diet the strictest it suits, or null
 */
public record OwnFood(
        String id,
        List<String> names,
        Shelf shelf,
        Map<String, Ratio> density,
        Ratio piece,
        Set<Allergen> allergens,
        Boolean checkLabel,
        Risk risk,
        Diet diet,
        Ratio salt) {
    public OwnFood {
        if (id == null || id.isBlank()) throw new IllegalArgumentException(Words.OURS.say("wrong.ownFood"));
        names = names == null ? List.of() : List.copyOf(names);
        density = density == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(density));
        density.forEach((form, d) -> {
            if (!d.isMoreThan(Ratio.of(1, 20)) || d.isMoreThan(Ratio.of(3))) {
                throw new IllegalArgumentException(Words.OURS.say("wrong.ownFood.2", d, id));
            }
        });
        if (piece != null && !piece.isMoreThan(Ratio.ZERO))
            throw new IllegalArgumentException(Words.OURS.say("wrong.ownFood.3", id));
        if (piece != null && (piece.isLessThan(Ratio.of(1, 100)) || piece.isMoreThan(Ratio.of(100_000))))
            throw new IllegalArgumentException(Words.OURS.say("wrong.ownFood.4", id, piece));
        if (salt != null && (salt.isNegative() || salt.isMoreThan(Ratio.of(100))))
            throw new IllegalArgumentException(Words.OURS.say("wrong.ownFood.5", salt, id));
        allergens = allergens == null ? null : Collections.unmodifiableSet(new TreeSet<>(allergens));
    }

    public static OwnFood of(String id) {
        return new OwnFood(id, null, null, null, null, null, null, null, null, null);
    }

    public OwnFood but(Consumer<Draft> change) {
        var draft = new Draft(this);
        change.accept(draft);
        return new OwnFood(
                id,
                draft.names,
                draft.shelf,
                draft.density,
                draft.piece,
                draft.allergens,
                draft.checkLabel,
                draft.risk,
                draft.diet,
                draft.salt);
    }

    /** The food as the course knows it. @param shipped null for a new one */
    Food over(Food shipped) {
        var names =
                this.names.isEmpty() ? shipped == null ? List.of(id.replace('-', ' ')) : shipped.names() : this.names;
        var facts = shipped == null ? Facts.NONE : shipped.facts();
        return new Food(
                id,
                names,
                shipped == null ? List.of() : shipped.usNames(),
                shipped == null ? List.of() : shipped.auNames(),
                shelf != null ? shelf : shipped == null ? Shelf.CUPBOARD : shipped.shelf(),
                shipped == null ? Group.OTHER : shipped.group(),
                density.isEmpty() && shipped != null ? shipped.density() : density,
                piece == null && shipped != null ? shipped.piece() : piece,
                allergens != null ? allergens : shipped == null ? Set.of() : shipped.allergens(),
                checkLabel != null ? checkLabel : shipped == null ? allergens == null : shipped.checkLabel(),
                risk != null ? risk : shipped == null ? Risk.READY : shipped.risk(),
                shipped != null && shipped.cautious(),
                diet != null ? diet : shipped == null ? Diet.NONE : shipped.diet(),
                Words.OURS.say("own"),
                salt == null ? facts : facts.withSalt(salt));
    }

    /** What is to change; what is not set stays. */
    public static final class Draft {
        public List<String> names;
        public Shelf shelf;
        public Map<String, Ratio> density;
        public Ratio piece;
        public Set<Allergen> allergens;
        public Boolean checkLabel;
        public Risk risk;
        public Diet diet;
        public Ratio salt;

        private Draft(OwnFood f) {
            names = f.names;
            shelf = f.shelf;
            density = f.density;
            piece = f.piece;
            allergens = f.allergens;
            checkLabel = f.checkLabel;
            risk = f.risk;
            diet = f.diet;
            salt = f.salt;
        }
    }
}
