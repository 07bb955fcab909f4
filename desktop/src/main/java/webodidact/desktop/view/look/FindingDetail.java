package webodidact.desktop.view.look;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.check.Covering;
import webodidact.core.check.Family;
import webodidact.core.check.Finding;
import webodidact.core.outcome.MendPrice;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.words.Words;

/** One finding: what, why with what it goes by, the trace where it is of hands and boards, mends with their price, and covering it. */
final class FindingDetail extends VBox {
    private final Desk desk;
    private final FindingActions actions;
    private final Consumer<Finding> goThere;
    private final AtomicLong wanted = new AtomicLong();
    private Finding shown;
    private Outcome of;
    private String stood = "";
    private boolean covered;
    private final List<Button> buttons = new ArrayList<>();
    private final VBox prices = new VBox(2);

    FindingDetail(Desk desk, Consumer<Finding> goThere) {
        super(8);
        this.desk = desk;
        this.goThere = goThere;
        actions = new FindingActions(desk.workspace());
        getStyleClass().add("look-detail");
    }

    /** @param finding null where there is none */
    void show(Outcome outcome, Finding finding) {
        var now = finding == null ? "" : Covering.stands(finding, outcome.lesson());
        // Found anew after each keystroke, mostly the same: what is typed in the field stays.
        boolean same =
                finding != null && finding.equals(shown) && now.equals(stood) && covered == isCovered(outcome, finding);
        if (same && of == outcome) return;
        of = outcome;
        if (same) {
            if (!covered) price(outcome, finding);
            return;
        }
        shown = finding;
        stood = now;
        getChildren().clear();
        if (finding == null) {
            getChildren().add(Nodes.wrapped(Words.of("look.clean"), "empty-text"));
            return;
        }
        covered = isCovered(outcome, finding);
        getChildren()
                .addAll(
                        Nodes.named(
                                Nodes.wrapped(
                                        Words.of(
                                                covered
                                                        ? "look.kind.covered"
                                                        : finding.isStop() ? "look.kind.stop" : "look.kind.look",
                                                finding.family().title(),
                                                finding.basis(),
                                                outcome.course().profile().title()),
                                        "soft"),
                                "look-detail-kind",
                                finding.family().title()),
                        Nodes.named(Nodes.wrapped(finding.what(), "title"), "look-detail-what", finding.what()),
                        Nodes.wrapped(finding.why(), "body"));
        if (finding.family() == Family.TRACE
                && !outcome.answers().trace().lanes().isEmpty()) getChildren().add(new TraceDrawing(outcome, finding));
        if (covered) covered(outcome, finding);
        else {
            mends(outcome, finding);
            cover(finding);
        }
    }

    private static boolean isCovered(Outcome outcome, Finding finding) {
        return outcome.report().covered().contains(finding);
    }

    private void mends(Outcome outcome, Finding finding) {
        var row = new FlowPane(6, 6);
        buttons.clear();
        for (var mend : finding.mends()) {
            var button = Nodes.button(
                    mend.label(), () -> actions.mend(finding, mend), buttons.isEmpty() ? "primary" : "mend");
            button.setId("look-mend-" + buttons.size());
            buttons.add(button);
            row.getChildren().add(Nodes.wrapping(button, row));
        }
        var go = Nodes.named(
                Nodes.button(Words.of("look.go." + finding.station()), () -> goThere.accept(finding), "mend"),
                "look-go",
                Words.of("look.go." + finding.station()));
        row.getChildren().add(go);
        getChildren()
                .addAll(
                        Nodes.label(
                                Words.of(finding.family() == Family.TRACE ? "look.breaks" : "look.mends"),
                                "panel-title"),
                        row,
                        prices);
        prices.setId("look-prices");
        price(outcome, finding);
    }

    /** Each mend is tried on the whole lesson, off the interface thread. */
    private void price(Outcome outcome, Finding finding) {
        long mine = wanted.incrementAndGet();
        prices.getChildren().clear();
        var made = List.copyOf(buttons);
        desk.background().execute(() -> {
            for (int i = 0; i < finding.mends().size() && mine == wanted.get(); i++) {
                var mend = finding.mends().get(i);
                var price = MendPrice.of(outcome, mend);
                var button = made.get(i);
                Platform.runLater(() -> {
                    if (mine != wanted.get()) return;
                    button.setText(price.delta().isEmpty() ? mend.label() : mend.label() + " · " + price.delta());
                    prices.getChildren().add(Nodes.wrapped(Words.of("look.price", mend.label(), price.text()), "soft"));
                });
            }
        });
    }

    private void cover(Finding finding) {
        var reason = new TextField();
        reason.setId("look-reason");
        reason.setPromptText(
                finding.steps().isEmpty()
                        ? Words.of("look.coverPrompt")
                        : Words.of(
                                finding.steps().size() == 1 ? "look.coverPromptStep" : "look.coverPromptSteps",
                                FindingRows.steps(finding)));
        reason.setAccessibleText(Words.of("look.coverTitle"));
        reason.setOnAction(e -> {
            if (!reason.getText().isBlank())
                actions.cover(finding, reason.getText().strip());
        });
        getChildren().addAll(Nodes.label(Words.of("look.coverTitle"), "panel-title"), reason);
    }

    private void covered(Outcome outcome, Finding finding) {
        var cover = Covering.of(finding, outcome.lesson()).orElseThrow();
        getChildren()
                .addAll(
                        Nodes.wrapped(
                                Words.of(
                                        "look.coveredBy",
                                        cover.reason(),
                                        cover.by().isEmpty() ? Words.of("look.nobody") : cover.by(),
                                        cover.on() == null
                                                ? Words.of("look.noDay")
                                                : cover.on().toString()),
                                "finding",
                                "covered"),
                        Nodes.named(
                                Nodes.button(Words.of("look.uncover"), () -> actions.uncover(finding), "mend"),
                                "look-uncover",
                                Words.of("look.uncover")));
    }
}
