package webodidact.core.publish;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Step;

/**
 * What learners read of a step: the words written for them; else what hands do, without directions for those before and behind the
 * camera; else what of the spoken words tells them to do something.
 *
 * @param basis where the words are from; all but {@code WRITTEN} deserve a look before they are printed
 */
public record CardText(String text, Basis basis) {
    public enum Basis {
        WRITTEN,
        DONE,
        SAID,
        NONE
    }

    private static final Pattern STAGE = Pattern.compile(
            "\\b(?:(?:on|to|towards?|for|at|into|off|by) (?:the )?(?:camera|lens|shot|screen|viewers?|audience)|on air|close[- ]?up|overhead|cut(?:away)? to|wide shot|zoom|tilt (?:it|the)|hold (?:it |each |one |them |up )|hold[^.;]{0,20} up\\b|show (?:the|a|an|them|it|how|off|what)\\b|at speed|read [^.;]{0,30}aloud|tick [^.;]{0,20} off|start the timer|in vision|voice[- ]?over|v\\.?o\\.?\\b|graphic|caption|slate|ready copy|swap)",
            Pattern.CASE_INSENSITIVE);
    /** Most sentences of speech that a card can bear. */
    private static final int MOST = 4;

    public static CardText of(Step step, Knowledge knowledge) {
        if (!step.card().isBlank()) return new CardText(step.card().strip(), Basis.WRITTEN);
        var done = withoutDirections(step.doing());
        boolean lost = !step.doing().isBlank() && !done.equals(step.doing().strip());
        if (!done.isBlank() && (!lost || !knowledge.actionsIn(done).isEmpty())) return new CardText(done, Basis.DONE);
        var said = instructions(step.say(), knowledge);
        var both = (said + " " + done).strip();
        return both.isEmpty()
                ? new CardText("", Basis.NONE)
                : new CardText(both, said.isEmpty() ? Basis.DONE : Basis.SAID);
    }

    /** The clauses in which nothing is said of camera, lens or show. */
    static String withoutDirections(String text) {
        if (!STAGE.matcher(text).find()) return text.strip();
        var kept = new ArrayList<String>();
        for (var sentence : Phrases.sentences(text)) {
            var clauses = new ArrayList<String>();
            for (var clause : sentence.split("(?<=[;:])\\s+"))
                if (!STAGE.matcher(clause).find()) clauses.add(clause.strip());
            if (clauses.isEmpty()) continue;
            var joined = String.join(" ", clauses).replaceAll("[;:,]+$", "");
            kept.add(joined.matches(".*[.!?…]$") ? joined : joined + ".");
        }
        return capital(String.join(" ", kept));
    }

    private static String instructions(String say, Knowledge knowledge) {
        List<String> told = Phrases.sentences(say).stream()
                .filter(s -> !STAGE.matcher(s).find())
                .filter(s -> !knowledge.actionsIn(s).isEmpty()
                        || !knowledge.foodsIn(s).isEmpty())
                .limit(MOST)
                .toList();
        return String.join(" ", told);
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
