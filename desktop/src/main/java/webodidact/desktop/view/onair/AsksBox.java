package webodidact.desktop.view.onair;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;
import webodidact.core.air.Answering;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.AirWatch;
import webodidact.desktop.words.Words;

/** What homes ask, with what the sheet knows of it; the one on top is the one that a key answers. */
final class AsksBox extends VBox {
    private static final int SHOWN = 3;

    AsksBox() {
        super(8);
        setId("air-asks");
    }

    /** The one that the keys are about. */
    private List<AirWatch.Asked> shown;

    static Optional<AirWatch.Asked> first(AirWatch.Seen seen) {
        return seen == null ? Optional.empty() : seen.asked().stream().findFirst();
    }

    void show(AirWatch.Seen seen) {
        var now = seen == null ? List.<AirWatch.Asked>of() : seen.asked();
        if (now.equals(shown)) return;
        shown = now;
        getChildren().clear();
        boolean any = seen != null && !seen.asked().isEmpty();
        setManaged(any);
        setVisible(any);
        if (!any) return;
        int more = seen.asked().size() - SHOWN;
        getChildren()
                .add(Nodes.row(
                        8,
                        Nodes.label(Words.of("air.asked"), "studio-head"),
                        Nodes.label(more > 0 ? Words.of("air.askedMore", more) : "", "studio-soft")));
        for (var asked : seen.asked().subList(0, Math.min(SHOWN, seen.asked().size())))
            getChildren().add(card(asked, asked.equals(seen.asked().getFirst())));
    }

    private static VBox card(AirWatch.Asked asked, boolean first) {
        var answer = asked.answer();
        var card = Nodes.styled(
                new VBox(
                        3,
                        Nodes.wrapped(
                                asked.home().isEmpty()
                                        ? Words.of("air.askedTyped", asked.text())
                                        : Words.of("air.askedBy", asked.text(), asked.home()),
                                "studio-soft"),
                        Nodes.wrapped(
                                answer.kind() == Answering.Kind.UNMATCHED ? Words.of("air.unmatched") : answer.say(),
                                "studio-answer")),
                "studio-card");
        // What follows is read where it can hurt: the first stands there, the rest with the first question.
        if (!answer.then().isEmpty())
            card.getChildren()
                    .add(Nodes.wrapped(
                            first
                                    ? String.join("; ", answer.then())
                                    : answer.then().getFirst(),
                            "studio-caution"));
        if (first)
            card.getChildren()
                    .add(Nodes.wrapped(
                            answer.standIn().isPresent() ? Words.of("air.askKeysSheet") : Words.of("air.askKeys"),
                            "studio-keys"));
        return card;
    }
}
