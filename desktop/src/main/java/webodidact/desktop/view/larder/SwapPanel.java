package webodidact.desktop.view.larder;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import webodidact.core.homes.Coverage;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;
import webodidact.core.time.Clock;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.words.Words;

/** What a home can use if it has none of the selected food, and how the homes stand with it. */
final class SwapPanel extends VBox {
    private final Workspace workspace;
    private boolean stale = true;

    SwapPanel(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        getStyleClass().add("side-body");
        setId("swap-panel");
        workspace.outcomeProperty().addListener(o -> later());
        workspace.foodProperty().addListener(o -> later());
        sceneProperty().addListener(o -> later());
        later();
    }

    private void later() {
        stale = true;
        if (getScene() != null) show();
    }

    private void show() {
        if (!stale) return;
        stale = false;
        getChildren().clear();
        Outcome outcome = workspace.outcome();
        if (outcome == null) return;
        var line = outcome.lesson().food(workspace.foodProperty().get()).orElse(null);
        if (line == null) {
            getChildren().add(Nodes.wrapped(Words.of("swap.empty"), "empty"));
            return;
        }
        var entry = outcome.gather().entries().stream().filter(e -> e.line().id().equals(line.id())).findFirst();
        getChildren().addAll(Nodes.label(Words.of("swap.over"), "overline"),
                Nodes.wrapped(line.item() + entry.map(e -> ", " + e.take()).orElse(""), "title"));
        for (var doubt : line.unsure()) getChildren().add(Nodes.wrapped("▲ " + doubt, "finding", "look"));
        var offers = new Swaps(workspace.knowledge()).offers(outcome.lesson(), line, workspace.book().households(), outcome.course().house());
        job(line, offers, entry.map(e -> e.steps()).orElse(List.of()));
        int n = 1;
        for (var offer : offers) getChildren().add(offer.isRefused() ? refused(offer) : card(n++, line, offer, outcome));
        if (line.food() == null) getChildren().add(Nodes.wrapped(Words.of("swap.unknown"), "body"));
        var actions = new FindingActions(workspace);
        outcome.report().open().stream().filter(f -> f.where().equals(line.id())).forEach(f -> getChildren().add(new FindingCard(f, actions)));
        homes(outcome, line);
    }

    private void job(FoodLine line, List<Offer> offers, List<Integer> steps) {
        var jobs = offers.stream().filter(o -> !o.isLeaveOut()).map(o -> o.rule().job() + " (" + o.rule().context() + ")").distinct().toList();
        var at = steps.isEmpty() ? Words.of("swap.noStep") : Words.of(steps.size() == 1 ? "swap.step" : "swap.stepsWord", String.join(", ", steps.stream().map(String::valueOf).toList()));
        if (!jobs.isEmpty()) getChildren().add(Nodes.wrapped(Words.of("swap.job", String.join("; ", jobs), at), "soft"));
        else if (line.food() != null) getChildren().add(Nodes.wrapped(Words.of("swap.noRule", at), "soft"));
    }

    private Region card(int number, FoodLine line, Offer offer, Outcome outcome) {
        boolean chosen = !offer.isLeaveOut() && offer.food().id().equals(line.chosen());
        boolean mentioned = !offer.isLeaveOut() && line.mentioned().contains(offer.food().id());
        var left = Nodes.column(2, Nodes.wrapped(number + ". " + capital(offer.title()), "offer-title"),
                Nodes.wrapped(offer.amount() + (offer.rule().needs().isEmpty() ? "" : " + " + offer.rule().needs()), "body"));
        left.setPrefWidth(150);
        left.minWidthProperty().bind(widthProperty().multiply(0.31));
        var right = Nodes.column(2, facts(offer), Nodes.wrapped(offer.rule().change(), "body"));
        right.setMinWidth(0);
        var card = Nodes.styled(Nodes.column(3, Nodes.row(12, left, Nodes.grown(right))), "offer");
        ((HBox) card.getChildren().getFirst()).setAlignment(javafx.geometry.Pos.TOP_LEFT);
        if (chosen || mentioned) card.getStyleClass().add("taken");
        var buttons = new FlowPane(8, 4);
        buttons.setAlignment(javafx.geometry.Pos.CENTER_RIGHT);
        if (!offer.covers().isEmpty()) buttons.getChildren().add(Nodes.label(Words.count("swap.covers", offer.covers().size()), "covers"));
        if (offer.isLeaveOut()) {
            buttons.getChildren().add(Nodes.button(Words.of(line.optional() ? "swap.needed" : "swap.optional"), () -> optional(line), "small"));
        } else {
            buttons.getChildren().add(Nodes.named(Nodes.button(Words.of(chosen ? "swap.back" : "swap.cook"), () -> cook(line, chosen ? null : offer.food().id()), "small"), "cook-" + offer.food().id(), Words.of("swap.cookWith", offer.title())));
            buttons.getChildren().add(Nodes.named(Nodes.button(Words.of(mentioned ? "swap.unmention" : "swap.mention"), () -> mention(line, offer.food().id(), !mentioned), "small"), "mention-" + offer.food().id(), Words.of("swap.mentionThis", offer.title())));
        }
        card.getChildren().add(buttons);
        return card;
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static FlowPane facts(Offer offer) {
        var pane = new FlowPane(6, 0);
        int s = offer.rule().seconds();
        if (!offer.isLeaveOut()) pane.getChildren().add(Nodes.label(s == 0 ? Words.of("swap.sameTime") : (s > 0 ? "+" : "−") + Words.of("swap.onAir", Clock.text(Math.abs(s))), s > 0 ? "warn" : "good"));
        if (!offer.isLeaveOut() && !offer.food().contains().isEmpty()) pane.getChildren().add(Nodes.label(Words.of("swap.contains", offer.food().contains()), "allergen"));
        if (!offer.removed().isEmpty()) pane.getChildren().add(Nodes.label(Words.of("swap.without", String.join(", ", offer.removed().stream().sorted().map(a -> a.title()).toList())), "soft"));
        return pane;
    }

    private static Region refused(Offer offer) {
        return Nodes.wrapped("■ " + Words.of("swap.refused", offer.title(), offer.refused()), "finding", "stop");
    }

    private void cook(FoodLine line, String food) {
        var name = workspace.knowledge().food(food).map(f -> f.name()).orElse(line.item());
        workspace.editLesson(Words.of("edit.cook", name), l -> l.withFood(line.id(), f -> f.but(d -> d.chosen = food)));
    }

    private void mention(FoodLine line, String food, boolean on) {
        workspace.editLesson(Words.of("edit.mention"), l -> l.withFood(line.id(), f -> {
            var all = new ArrayList<>(f.mentioned());
            if (on) all.add(food);
            else all.remove(food);
            return f.but(d -> d.mentioned = all);
        }));
    }

    private void optional(FoodLine line) {
        workspace.editLesson(Words.of("edit.optional", line.item()), (Lesson l) -> l.withFood(line.id(), f -> f.but(d -> d.optional = !f.optional())));
    }

    private void homes(Outcome outcome, FoodLine line) {
        var households = workspace.book().households();
        if (households.isEmpty()) return;
        var coverage = Coverage.of(outcome.lesson(), line, households, workspace.knowledge(), outcome.course().house());
        var strip = new HBox(3);
        for (var home : coverage.homes()) {
            var box = HomesGrid.square(home);
            strip.getChildren().add(Nodes.grown(box));
        }
        long blocked = coverage.count(Coverage.Stand.BLOCKED);
        var names = String.join(", ", coverage.homes().stream().filter(h -> h.stand() == Coverage.Stand.BLOCKED).map(Coverage.Home::alias).toList());
        getChildren().addAll(Nodes.label(Words.of("swap.homes"), "strong"), strip,
                Nodes.wrapped(Words.of("swap.homesText", coverage.count(Coverage.Stand.HAS), coverage.count(Coverage.Stand.CHECKS), coverage.count(Coverage.Stand.SWAPS)), "soft"));
        if (blocked > 0) getChildren().add(Nodes.wrapped("■ " + Words.count("swap.blocked", blocked) + ": " + names, "bad"));
    }
}
