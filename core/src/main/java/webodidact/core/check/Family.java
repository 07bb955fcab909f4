package webodidact.core.check;

import java.util.Locale;

/** Matters that belong together; its title is {@code family.<name>} in the table of checks. */
public enum Family {
    TRACE,
    FACTS,
    LISTS,
    HEAT,
    KEEPING,
    PEOPLE,
    INFANTS,
    ALLERGENS,
    ARITHMETIC,
    PROMISES,
    PUBLISHED,
    DELIVERY,
    PROGRAM;

    public String title() {
        return CheckTable.WORDS.say("family." + name().toLowerCase(Locale.ROOT));
    }
}
