package webodidact.core.food;

import java.util.Locale;
import java.util.Optional;

/** What the table knows of who may eat a food. What homes write besides ("halal") stays their own word, and is looked at by hand. */
public enum Diet {
    VEGAN,
    VEGETARIAN,
    NONE;

    /** For people, in the language spoken here. */
    public String title() {
        return Words.OURS.title(this);
    }

    /** A food that is this suits who eats {@code wanted}. */
    public boolean suits(Diet wanted) {
        return compareTo(wanted) <= 0;
    }

    /** As homes and tables write it; empty for a diet that the table knows nothing of. */
    public static Optional<Diet> named(String word) {
        return switch (word.strip().toLowerCase(Locale.ROOT)) {
            case "vegan" -> Optional.of(VEGAN);
            case "vegetarian" -> Optional.of(VEGETARIAN);
            default -> Optional.empty();
        };
    }
}
