package webodidact.formats.paper;

import java.util.List;
import webodidact.core.list.PupilList;
import webodidact.core.publish.CardText;

/** The list as an exercise: which of these goes into which step, and how much? */
final class PupilPaper extends ListPaper {
    PupilPaper() {
        super("pupil-list", PaperGroup.HOMES);
    }

    @Override
    String intro(Edition edition) {
        return Words.say("pupil.intro");
    }

    @Override
    List<Section> sections(Edition edition) {
        var pupil = edition.answers().pupil();
        return List.of(
                new Section(
                        Words.say("pupil.steps"),
                        "",
                        pupil.questions().stream()
                                .map(q -> new Row(
                                        String.valueOf(q.step()),
                                        told(edition, q),
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

    /** In the words learners read, without what is for the camera. */
    private static String told(Edition edition, PupilList.Question question) {
        var step = edition.lesson().steps().get(question.step() - 1);
        var text = CardText.of(step, edition.outcome().knowledge()).text();
        return text.isEmpty() ? question.title() : question.title() + ": " + text;
    }

    @Override
    boolean isNarrow() {
        return false;
    }

    @Override
    boolean isTicked() {
        return false;
    }

    @Override
    String notice(Edition edition) {
        return Words.say("pupil.notice");
    }
}
