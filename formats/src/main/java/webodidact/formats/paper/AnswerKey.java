package webodidact.formats.paper;

import java.util.List;
import webodidact.core.outcome.Outcome;

/** The answers to the pupils' list. */
final class AnswerKey extends ListPaper {
    @Override
    public String id() {
        return "pupil-key";
    }

    @Override
    String intro(Outcome outcome) {
        return Words.say("key.intro");
    }

    @Override
    List<Section> sections(Outcome outcome) {
        return List.of(new Section(
                Words.say("key.answers"),
                "",
                outcome.answers().pupil().answers().stream().map(Row::of).toList()));
    }
}
