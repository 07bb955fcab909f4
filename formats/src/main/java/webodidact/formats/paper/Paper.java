package webodidact.formats.paper;

import webodidact.core.outcome.Outcome;

/** One document for learners or helpers. */
public interface Paper {
    /** Stable; the file's name without ending. */
    String id();

    /** In the language spoken here. */
    default String title() {
        return Words.say("paper." + id());
    }

    /** A whole page in XHTML in the lesson's language, styles inside, nothing fetched from outside. */
    default String html(Outcome outcome) {
        return outcome.lesson().language().during(() -> written(outcome));
    }

    /** The page in the language spoken here. */
    String written(Outcome outcome);
}
