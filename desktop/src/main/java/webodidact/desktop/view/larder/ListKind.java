package webodidact.desktop.view.larder;

import java.util.Locale;

/** The lists that one lesson yields; none inherits another's extras. */
enum ListKind {
    GATHER,
    BEFORE,
    SHOOT,
    BENCH,
    KIT,
    PUPIL,
    LEFT,
    COST;

    String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
