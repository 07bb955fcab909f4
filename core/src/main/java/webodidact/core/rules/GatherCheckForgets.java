package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.check.Severity;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.list.SpokenList;

/** The list named aloud on air leaves out what is on the gather list. */
final class GatherCheckForgets implements Check {
    @Override
    public String id() {
        return "gather-check-forgets";
    }

    @Override
    public String summary() {
        return "The gather check names everything on the gather list";
    }

    @Override
    public Severity severity() {
        return Severity.LOOK;
    }

    @Override
    public Stream<Finding> find(Situation s) {
        var spoken = SpokenList.of(s.lesson(), s.knowledge());
        // Where nothing is named the step is not a list read aloud: "hold things up as I name them" is still to be written.
        if (spoken.said().isEmpty() || spoken.unsaid().isEmpty()) return Stream.empty();
        var names = spoken.unsaid().stream().map(FoodLine::item).toList();
        return Stream.of(at(s, spoken.step().id(), "The gather check names " + spoken.said().size() + " of " + (spoken.said().size() + names.size()) + " foods; not "
                + String.join(", ", names) + ".", "Homes will notice in the middle of the step that needs it.",
                new Mend(names.size() == 1 ? "Name it" : "Name them", l -> l.withStep(spoken.step().id(), x -> x.but(d -> d.say = x.say().strip() + " " + sentence(names))))));
    }

    /** "Chives, salt and black pepper." */
    private static String sentence(List<String> names) {
        var text = names.size() == 1 ? names.getFirst() : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.getLast();
        return Character.toUpperCase(text.charAt(0)) + text.substring(1) + ".";
    }
}
