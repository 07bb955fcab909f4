package webodidact.formats.paper;

import webodidact.core.outcome.Outcome;

/** One document for learners or helpers. */
public interface Paper {
    /** Stable; the file's name without ending. */
    String id();

    String title();

    /** A whole page in XHTML, styles inside, nothing fetched from outside. */
    String html(Outcome outcome);
}
