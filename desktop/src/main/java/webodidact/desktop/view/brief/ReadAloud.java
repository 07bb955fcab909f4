package webodidact.desktop.view.brief;

import java.util.EnumMap;
import java.util.function.LongSupplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.Segment;
import webodidact.core.timing.Calibration;
import webodidact.core.words.SpokenWords;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** A paragraph to read aloud: the space bar begins and ends, and the pace that shows is the instructor's own for talk to camera. */
final class ReadAloud extends VBox {
    private final Workspace workspace;
    private final LongSupplier seconds;
    private final Button start;
    private final Label told = Nodes.wrapped("", "soft");
    private final Label paragraph = Nodes.wrapped(Words.of("aloud.text"), "body");
    private long from = -1;

    /** @param seconds since an arbitrary start */
    ReadAloud(Workspace workspace, LongSupplier seconds) {
        super(6);
        this.workspace = workspace;
        this.seconds = seconds;
        setId("read-aloud");
        start = Nodes.named(Nodes.button("", this::press, "small"), "aloud-start", Words.of("aloud.start"));
        told.setId("aloud-told");
        paragraph.setMaxWidth(560);
        told.setMaxWidth(560);
        getChildren().addAll(Nodes.row(8, start), paragraph, told);
        paragraph.setVisible(false);
        paragraph.setManaged(false);
        refresh();
    }

    /** What is known now, and where it is from. */
    void refresh() {
        if (from >= 0) return;
        start.setText(Words.of("aloud.start"));
        if (workspace.lesson() == null) return;
        told.setText(Words.of("aloud.now", workspace.pace().basis(Segment.TO_CAMERA)));
    }

    private void press() {
        if (from < 0) {
            from = seconds.getAsLong();
            start.setText(Words.of("aloud.stop"));
            paragraph.setVisible(true);
            paragraph.setManaged(true);
            told.setText(Words.of("aloud.reading"));
            return;
        }
        long took = seconds.getAsLong() - from;
        from = -1;
        paragraph.setVisible(false);
        paragraph.setManaged(false);
        start.setText(Words.of("aloud.start"));
        int words = SpokenWords.count(Words.of("aloud.text"));
        var pace = Calibration.readAloud(words, took);
        if (pace.isEmpty()) {
            told.setText(Words.of("aloud.notRead", took));
            return;
        }
        var own = new EnumMap<Segment, Integer>(Segment.class);
        own.putAll(workspace.book().course().pace());
        own.put(Segment.TO_CAMERA, pace.get());
        workspace.edit(Words.of("edit.pace"), b -> b.withCourse(b.course().withPace(own)));
        told.setText(Words.of("aloud.taken", pace.get(), words, took));
    }
}
