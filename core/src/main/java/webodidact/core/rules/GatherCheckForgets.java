package webodidact.core.rules;

import java.util.List;
import java.util.stream.Stream;
import webodidact.core.check.Check;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.FoodLine;

/** The list named aloud on air leaves out what is on the gather list. */
final class GatherCheckForgets implements Check {
    @Override
    public Stream<Finding> find(Situation s) {
        var spoken = s.answers().spoken();
        // Where nothing is named the step is not a list read aloud: "hold things up as I name them" is still to be
        // written.
        if (spoken.said().isEmpty() || spoken.unsaid().isEmpty()) return Stream.empty();
        var names = spoken.unsaid().stream().map(FoodLine::item).toList();
        return Stream.of(
                at(s, spoken.step().id(), spoken.said().size(), spoken.said().size() + names.size(), names)
                        .mending(mend("name", Operations.sayAlso(spoken.step().id(), sentence(names)), names.size())));
    }

    /** "Chives, salt and black pepper." */
    private static String sentence(List<String> names) {
        var text = names.size() == 1
                ? names.getFirst()
                : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.getLast();
        return Character.toUpperCase(text.charAt(0)) + text.substring(1) + ".";
    }
}
