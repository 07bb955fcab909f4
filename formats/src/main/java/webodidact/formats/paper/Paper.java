package webodidact.formats.paper;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import webodidact.core.check.Family;
import webodidact.core.check.Finding;
import webodidact.core.outcome.Outcome;

/** One document for learners, helpers, editors or the instructor: {@link PagePaper} on pages, {@link FilePaper} for other programs. */
public sealed interface Paper permits PagePaper, FilePaper {
    /** Families that say nothing against a list of food and kit: what hands touch, times, promises. */
    Set<Family> NOT_OF_LISTS =
            Set.of(Family.TRACE, Family.HEAT, Family.PROMISES, Family.DELIVERY, Family.PUBLISHED, Family.KEEPING);

    /** Stable; the end of the file's name. */
    String id();

    PaperGroup group();

    /** In the language spoken here. */
    default String title() {
        return Words.say("paper." + id());
    }

    /** It reads otherwise in each home. */
    default boolean isPerHome() {
        return false;
    }

    /** What goes wrong in the steps does not make it wrong. */
    default boolean isList() {
        return false;
    }

    /** Its files would tell something wrong or unsafe while that stop is open. */
    default boolean isHeldBy(Finding stop) {
        return stop.isStop() && !(isList() && NOT_OF_LISTS.contains(stop.family()));
    }

    /** The open stops that hold it. */
    default List<Finding> holds(Outcome outcome) {
        return outcome.report().open().stream().filter(this::isHeldBy).toList();
    }

    /** Endings of its files, the one to look at first. */
    List<String> endings();

    /** What its files contain, by ending. */
    Map<String, byte[]> files(Edition edition) throws IOException;
}
