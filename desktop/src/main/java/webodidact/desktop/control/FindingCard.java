package webodidact.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.check.Finding;
import webodidact.core.check.Mend;
import webodidact.desktop.words.Words;

/** One finding: what, why, and its mends as buttons; it can be covered with a reason. */
public final class FindingCard extends VBox {
    /** What the card may ask for. */
    public interface Actions {
        void mend(Finding finding, Mend mend);

        void cover(Finding finding, String reason);
    }

    public FindingCard(Finding finding, Actions actions) {
        super(6);
        getStyleClass().addAll("finding", finding.isStop() ? "stop" : "look");
        setAccessibleText(Words.of(finding.isStop() ? "finding.stop" : "finding.look", finding.what()));
        getChildren().add(Nodes.wrapped((finding.isStop() ? "■ " : "▲ ") + finding.what(), "finding-what"));
        getChildren().add(Nodes.wrapped(finding.why(), "finding-why"));
        var buttons = new FlowPane(8, 6);
        for (var mend : finding.mends()) {
            var button = Nodes.button(mend.label(), () -> actions.mend(finding, mend), "mend");
            button.setId("mend-" + finding.check());
            buttons.getChildren().add(Nodes.wrapping(button, buttons));
        }
        buttons.getChildren().add(cover(finding, actions));
        getChildren().add(buttons);
    }

    private Node cover(Finding finding, Actions actions) {
        var reason = new TextField();
        reason.setPromptText(Words.of("finding.coverPrompt"));
        reason.setAccessibleText(Words.of("finding.coverPrompt"));
        reason.setId("reason-" + finding.check());
        reason.setOnAction(e -> {
            if (!reason.getText().isBlank())
                actions.cover(finding, reason.getText().strip());
        });
        reason.setVisible(false);
        reason.setManaged(false);
        var ask = Nodes.button(
                Words.of("finding.cover"),
                () -> {
                    reason.setManaged(true);
                    reason.setVisible(true);
                    reason.requestFocus();
                },
                "quiet");
        ask.setId("cover-" + finding.check());
        getChildren().add(reason);
        return ask;
    }
}
