package webodidact.core.swap;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import webodidact.core.memo.Remembered;

/** How a food is treated where it is used; a stand-in that is right in one is wrong in another. */
public enum Context {
    COLD,
    BAKED,
    FRIED,
    BOILED,
    STEAMED,
    TOASTED,
    MELTED,
    /** By a heat that no word tells. */
    HEATED;

    /** Words of the substitution table; one that is not here fits anywhere. */
    private static final Map<String, Set<Context>> WORDS = Map.ofEntries(
            Map.entry("cold", EnumSet.of(COLD)),
            Map.entry("raw", EnumSet.of(COLD)),
            Map.entry("dressing", EnumSet.of(COLD)),
            Map.entry("whipped", EnumSet.of(COLD)),
            Map.entry("spread", EnumSet.of(COLD)),
            Map.entry("crumbled", EnumSet.of(COLD, BAKED)),
            Map.entry("cold sauce", EnumSet.of(COLD)),
            Map.entry("baked", EnumSet.of(BAKED)),
            Map.entry("baked in parcels", EnumSet.of(BAKED, STEAMED)),
            Map.entry("roasted", EnumSet.of(BAKED)),
            Map.entry("rubbed in", EnumSet.of(BAKED)),
            Map.entry("dough", EnumSet.of(BAKED, FRIED, STEAMED, BOILED)),
            Map.entry("bread", EnumSet.of(BAKED)),
            Map.entry("batter", EnumSet.of(BAKED, FRIED)),
            Map.entry("crumbed", EnumSet.of(BAKED, FRIED)),
            Map.entry("burgers", EnumSet.of(BAKED, FRIED)),
            Map.entry("grated on top", EnumSet.of(BAKED, COLD, TOASTED)),
            Map.entry("fried", EnumSet.of(FRIED)),
            Map.entry("softened in fat", EnumSet.of(FRIED)),
            Map.entry("bloomed in fat", EnumSet.of(FRIED)),
            Map.entry("stir-fried", EnumSet.of(FRIED)),
            Map.entry("scrambled", EnumSet.of(FRIED)),
            Map.entry("boiled", EnumSet.of(BOILED)),
            Map.entry("simmered", EnumSet.of(BOILED)),
            Map.entry("soaked", EnumSet.of(BOILED, COLD)),
            Map.entry("soup", EnumSet.of(BOILED)),
            Map.entry("mashed", EnumSet.of(BOILED, STEAMED)),
            Map.entry("wilted", EnumSet.of(BOILED, FRIED, STEAMED)),
            Map.entry("steamed", EnumSet.of(STEAMED, BOILED)),
            Map.entry("dumplings", EnumSet.of(STEAMED, BOILED, FRIED)),
            Map.entry("toasted", EnumSet.of(TOASTED, BAKED, FRIED)),
            Map.entry("melted", EnumSet.of(MELTED, BAKED, FRIED, TOASTED)),
            Map.entry("cooked", EnumSet.complementOf(EnumSet.of(COLD))),
            Map.entry("cooked from the start", EnumSet.complementOf(EnumSet.of(COLD))),
            Map.entry("warmed", EnumSet.complementOf(EnumSet.of(COLD))),
            Map.entry("liquid", EnumSet.complementOf(EnumSet.of(COLD))),
            Map.entry("sponge", EnumSet.of(BAKED)),
            Map.entry("creamed", EnumSet.of(BAKED)),
            Map.entry("poached", EnumSet.of(BOILED)),
            Map.entry("deep-fried", EnumSet.of(FRIED)),
            Map.entry("caramelised", EnumSet.of(FRIED)),
            Map.entry("browned", EnumSet.of(FRIED, MELTED)),
            Map.entry("sauce", EnumSet.of(BOILED, FRIED, BAKED)),
            Map.entry("in a sauce", EnumSet.of(BOILED, FRIED)));

    private static final Set<String> ANYWHERE = Set.of(
            "any",
            "custard",
            "setting",
            "marinade",
            "meringue",
            "pesto",
            "added at the end",
            "stirred in",
            "filling",
            "dusted",
            "pieces",
            "blitzed",
            "in soup");

    public String title() {
        return Words.OURS.title(this);
    }

    public boolean isHeated() {
        return this != COLD;
    }

    /** As a food line's use names it, "baked"; empty for any other word. */
    static Optional<Context> named(String use) {
        return Arrays.stream(values())
                .filter(c -> c.name().equalsIgnoreCase(use.strip()))
                .findFirst();
    }

    /**
     * "baked or cold": where a rule of the table holds; empty means anywhere.
     *
     * @throws IllegalArgumentException for a word that is not known
     */
    static Set<Context> parse(String text) {
        return PARSED.of(text);
    }

    /** Thousands of rows of the tables say the same few things. */
    private static final Remembered<String, Set<Context>> PARSED = new Remembered<>(Context::read);

    private static Set<Context> read(String text) {
        var all = EnumSet.noneOf(Context.class);
        for (var word : List.of(text.split(" or "))) {
            if (ANYWHERE.contains(word)) return Set.of();
            var known = WORDS.get(word);
            if (known == null) throw new IllegalArgumentException(Words.OURS.say("wrong.context", word));
            all.addAll(known);
        }
        return Set.copyOf(all);
    }
}
