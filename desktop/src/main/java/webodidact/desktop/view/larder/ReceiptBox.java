package webodidact.desktop.view.larder;

import java.util.List;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.list.Receipt;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** A receipt, typed or pasted, held against the list: what is missing, what is too little, what is over and goes on to a later lesson. */
final class ReceiptBox extends VBox {
    private final Workspace workspace;
    private final TextArea text = Nodes.tabbing(new TextArea());
    private final VBox found = new VBox(4);

    ReceiptBox(Workspace workspace) {
        super(6);
        this.workspace = workspace;
        setId("receipt");
        text.setId("receipt-text");
        text.setAccessibleText(Words.of("receipt.title"));
        text.setPromptText(Words.of("receipt.prompt"));
        text.setPrefRowCount(4);
        getChildren()
                .addAll(
                        Nodes.label(Words.of("receipt.title"), "overline"),
                        text,
                        Nodes.named(
                                Nodes.button(Words.of("receipt.compare"), this::compare),
                                "receipt-compare",
                                Words.of("receipt.compare")),
                        found);
    }

    private void compare() {
        found.getChildren().clear();
        var outcome = workspace.outcome();
        if (outcome == null || text.getText().isBlank()) {
            found.getChildren().add(Nodes.wrapped(Words.of("receipt.empty"), "soft"));
            return;
        }
        var receipt = Receipt.of(text.getText(), outcome.lesson(), outcome.course(), workspace.knowledge());
        for (var row : receipt.rows()) found.getChildren().add(row(row, outcome));
        if (!receipt.unread().isEmpty())
            found.getChildren()
                    .add(Nodes.wrapped("▲ " + Words.of("receipt.unread", String.join("; ", receipt.unread())), "warn"));
        found.getChildren()
                .add(Nodes.named(
                        Nodes.button(
                                Words.of("receipt.take"),
                                () -> workspace.editLesson(Words.of("edit.receipt"), receipt.taken()::apply)),
                        "receipt-take",
                        Words.of("receipt.take")));
    }

    private static VBox row(Receipt.Row row, Outcome outcome) {
        var style = switch (row.verdict()) {
            case ENOUGH -> "good";
            case OPEN -> "soft";
            case SHORT, MISSING -> "warn";
        };
        var figures = row.need() == null || row.bought() == null
                ? ""
                : Words.of("receipt.figures", shown(row.bought(), outcome), shown(row.need(), outcome));
        var over =
                row.over().map(o -> Words.of("receipt.over", shown(o, outcome))).orElse("");
        var line = Nodes.row(
                10,
                Nodes.label(row.item(), "strong"),
                Nodes.label(row.verdict().title(), style),
                Nodes.label(String.join(" ", List.of(figures, over)).strip(), "soft"));
        return new VBox(line);
    }

    private static String shown(Amount amount, Outcome outcome) {
        return AmountText.of(
                KitchenRounding.round(amount, outcome.course().house()).parts().getFirst());
    }
}
