package webodidact.desktop.view;

import java.time.LocalDate;
import webodidact.core.check.Covering;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.core.edit.Operations;
import webodidact.core.lesson.Accepted;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** Mending and covering a finding, the same at every station. */
public record FindingActions(Workspace workspace) implements FindingCard.Actions {
    @Override
    public void mend(Finding finding, Mend mend) {
        workspace.editLesson(mend.label(), mend.change());
        workspace.noticeProperty().set(Words.of("finding.mended", mend.label()));
    }

    @Override
    public void cover(Finding finding, String reason) {
        var by = workspace.book().course().instructor();
        workspace.editLesson(
                Words.of("edit.cover"),
                l -> Operations.accept(new Accepted(
                                finding.check(),
                                finding.where(),
                                reason,
                                by,
                                LocalDate.now(),
                                Covering.stands(finding, l)))
                        .apply(l));
    }

    /** It is looked at again. */
    public void uncover(Finding finding) {
        workspace.editLesson(Words.of("edit.uncover"), Operations.unaccept(finding.check(), finding.where()));
    }
}
