package webodidact.core.rules;

import java.util.stream.Stream;
import webodidact.core.check.About;
import webodidact.core.check.Check;
import webodidact.core.check.CheckTable;
import webodidact.core.check.Finding;
import webodidact.core.check.Situation;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Kind;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Step;
import webodidact.core.script.Mentions;
import webodidact.core.script.Phrase;

/** Homes are never told what to have ready: no gather check, and no step that names it. */
final class ListsNeverSaid implements Check {
    private static final Phrase TOLD = Phrase.of(
            "you(?:'ll| will)?(?: all)? need\\b",
            "ingredients\\b",
            "(?:get|have|put) (?:out|together|ready)\\b",
            "gather\\b",
            "shopping list\\b",
            "on (?:the|your) list\\b",
            "on the bench in front");
    private static final int FEW = 3;

    @Override
    public Stream<Finding> find(Situation s) {
        if (s.lesson().foods().size() < FEW || s.handsOn().count() < 2) return Stream.empty();
        var steps = s.lesson().steps();
        for (var step : steps) {
            long named = Stream.concat(s.mentions().get(step.id()).stream(), s.done().get(step.id()).stream())
                    .filter(m -> m.kind() == Mentions.Kind.LISTED)
                    .map(Mentions.Mention::id)
                    .distinct()
                    .count();
            boolean most = named >= FEW && named * 5 >= s.lesson().foods().size() * 3L;
            if (step.kind() == Kind.RUN_THROUGH
                    || !step.kind().isHandsOn() && most
                    || named >= FEW && TOLD.isIn(step.say())) return Stream.empty();
        }
        return Stream.of(
                about(new About.OfLesson(), 0, s.lesson().foods().size()).mending(mend("add", l -> gathering(s, l))));
    }

    private static Lesson gathering(Situation s, Lesson lesson) {
        var names = lesson.foods().stream().map(FoodLine::item).toList();
        var step = Step.blank(
                        lesson.newStepId(), Kind.RUN_THROUGH, CheckTable.words().say("said.gather"))
                .but(d -> d.say = CheckTable.words().say("said.gather.say", names));
        int first = lesson.indexOf(s.handsOn().findFirst().orElseThrow().id());
        return lesson.inserting(first, step);
    }
}
