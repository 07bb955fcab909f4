package webodidact.desktop.view.look;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import webodidact.core.check.Finding;
import webodidact.core.outcome.Outcome;
import webodidact.desktop.control.CardButton;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.words.Words;

/** The findings as rows, under the heads of their families or of their steps. */
final class FindingRows extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private final Consumer<Finding> choose;
    private CardButton here;

    FindingRows(Consumer<Finding> choose) {
        super(4);
        this.choose = choose;
        getStyleClass().add("look-rows");
    }

    /** As they are shown: covered ones last. */
    List<Finding> ordered(List<Finding> findings, Outcome outcome, boolean byStep) {
        var covered = new HashSet<>(outcome.report().covered());
        Comparator<Finding> order = Comparator.comparing(covered::contains);
        order = byStep
                ? order.thenComparingInt(Finding::step).thenComparing(Comparator.naturalOrder())
                : order.thenComparing(Finding::family).thenComparing(Comparator.naturalOrder());
        return findings.stream().sorted(order).toList();
    }

    void show(Outcome outcome, List<Finding> findings, boolean byStep, Finding chosen) {
        var covered = new HashSet<>(outcome.report().covered());
        var shown = new ArrayList<Node>();
        here = null;
        String head = "";
        for (var finding : findings) {
            var title = head(outcome, finding, byStep, covered);
            if (!title.equals(head)) shown.add(Nodes.label(title.toUpperCase(Locale.ROOT), "overline", "look-head"));
            head = title;
            var row = row(finding, covered.contains(finding));
            boolean on = finding == chosen;
            row.pseudoClassStateChanged(CHOSEN, on);
            if (on) here = row;
            shown.add(row);
        }
        if (findings.isEmpty()) shown.add(Nodes.wrapped(Words.of("look.none"), "empty-text"));
        getChildren().setAll(shown);
    }

    private static String head(Outcome outcome, Finding finding, boolean byStep, Set<Finding> covered) {
        if (covered.contains(finding)) return Words.of("look.covered");
        if (!byStep) return finding.family().title();
        if (finding.step() == 0) return Words.of("look.whole");
        return Words.of(
                "look.step",
                finding.step(),
                outcome.lesson().steps().get(finding.step() - 1).title());
    }

    private CardButton row(Finding finding, boolean covered) {
        var sign = covered ? "✓ " : finding.isStop() ? "■ " : "▲ ";
        var what = Nodes.wrapped(sign + finding.what(), "look-what");
        var where = Nodes.label(steps(finding), "look-where");
        where.setMinWidth(USE_PREF_SIZE);
        var row = new CardButton("look-row", () -> choose.accept(finding), Nodes.row(8, Nodes.grown(what), where));
        row.getStyleClass().add(covered ? "covered" : finding.isStop() ? "stop" : "look");
        row.setId("look-" + finding.check() + (finding.step() > 0 ? "-" + finding.step() : ""));
        row.setAccessibleText(Words.of(finding.isStop() ? "finding.stop" : "finding.look", finding.what()));
        return row;
    }

    static String steps(Finding finding) {
        var steps = finding.steps();
        if (steps.isEmpty()) return "";
        return steps.size() == 1
                ? Words.of("look.one", steps.first())
                : Words.of("look.many", steps.first(), steps.last());
    }

    /** Scrolls to the chosen row. */
    void reveal() {
        Platform.runLater(() -> {
            if (here != null && here.getScene() != null) Panes.reveal(here);
        });
    }
}
