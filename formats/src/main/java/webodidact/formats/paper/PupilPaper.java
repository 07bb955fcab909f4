package webodidact.formats.paper;

import java.util.List;
import webodidact.core.outcome.Outcome;

/** The list as an exercise: which of these goes into which step, and how much? */
final class PupilPaper extends ListPaper {
    @Override
    public String id() {
        return "pupil-list";
    }

    @Override
    String intro(Outcome outcome) {
        return Words.say("pupil.intro");
    }

    @Override
    List<Section> sections(Outcome outcome) {
        var pupil = outcome.answers().pupil();
        return List.of(
                new Section(
                        Words.say("pupil.steps"),
                        "",
                        pupil.questions().stream()
                                .map(q -> new Row(
                                        String.valueOf(q.step()),
                                        q.title() + (q.doing().isBlank() ? "" : ": " + q.doing()),
                                        "_______________________   "
                                                .repeat(q.blanks())
                                                .strip(),
                                        ""))
                                .toList()),
                new Section(
                        Words.say("pupil.choose"),
                        "",
                        pupil.foods().stream().map(Row::of).toList()));
    }

    @Override
    String notice(Outcome outcome) {
        return Words.say("pupil.notice");
    }
}
