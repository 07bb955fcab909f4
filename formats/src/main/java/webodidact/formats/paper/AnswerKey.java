package webodidact.formats.paper;

import java.util.List;

/** The answers to the pupils' list. */
final class AnswerKey extends ListPaper {
    AnswerKey() {
        super("pupil-key", PaperGroup.HOMES);
    }

    @Override
    String intro(Edition edition) {
        return Words.say("key.intro");
    }

    @Override
    List<Section> sections(Edition edition) {
        return List.of(new Section(
                Words.say("key.answers"),
                "",
                edition.answers().pupil().answers().stream().map(Row::of).toList()));
    }

    @Override
    boolean isTicked() {
        return false;
    }
}
