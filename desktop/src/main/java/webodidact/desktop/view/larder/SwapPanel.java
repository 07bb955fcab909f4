package webodidact.desktop.view.larder;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import webodidact.core.edit.Operations;
import webodidact.core.food.Allergen;
import webodidact.core.homes.Coverage;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.core.swap.Accepting;
import webodidact.core.swap.Context;
import webodidact.core.swap.InUse;
import webodidact.core.swap.KnockOn;
import webodidact.core.swap.Offer;
import webodidact.core.swap.Swaps;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.FindingCard;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.FindingActions;
import webodidact.desktop.view.Typed;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** What a home can use if it has none of the selected food, and how the homes stand with it. */
final class SwapPanel extends VBox {
    private final Workspace workspace;
    private final Runnable foodForm;

    /** @param foodForm opens what the course knows of the selected food */
    SwapPanel(Workspace workspace, Runnable foodForm) {
        super(10);
        this.workspace = workspace;
        this.foodForm = foodForm;
        getStyleClass().add("side-body");
        setId("swap-panel");
        WhenSeen.of(this, this::show, workspace.outcomeProperty(), workspace.foodProperty(), workspace.bookProperty());
    }

    private void show() {
        getChildren().clear();
        Outcome outcome = workspace.outcome();
        if (outcome == null) return;
        var line = outcome.lesson().food(workspace.foodProperty().get()).orElse(null);
        if (line == null) {
            getChildren().add(Nodes.wrapped(Words.of("swap.empty"), "empty"));
            return;
        }
        var entry = outcome.gather().entries().stream()
                .filter(e -> e.line().id().equals(line.id()))
                .findFirst();
        getChildren()
                .addAll(
                        Nodes.label(Words.of("swap.over"), "overline"),
                        Nodes.wrapped(
                                line.item()
                                        + entry.filter(e -> line.chosen() == null)
                                                .map(e -> ", " + e.take())
                                                .orElse(""),
                                "title"));
        for (var doubt : line.unsure()) getChildren().add(Nodes.wrapped("▲ " + doubt.text(), "finding", "look"));
        candidates(line);
        var offers = outcome.answers().offers(line);
        if (line.food() != null) job(outcome.lesson(), line, offers);
        label(outcome, line);
        int n = 1;
        for (var offer : offers) if (!offer.isRefused()) getChildren().add(card(n++, line, offer, outcome));
        if (line.food() != null) own(line, outcome);
        if (line.food() == null) getChildren().add(Nodes.wrapped(Words.of("swap.unknown"), "body"));
        var actions = new FindingActions(workspace);
        outcome.report().open().stream()
                .filter(f -> f.where().equals(line.id()))
                .forEach(f -> getChildren().add(new FindingCard(f, actions)));
        for (var offer : offers)
            if (offer.isRefused())
                getChildren()
                        .add(Nodes.wrapped(
                                "■ " + Words.of("swap.refused", offer.title(), offer.refused()), "finding", "stop"));
        getChildren()
                .add(Nodes.named(
                        Nodes.button(
                                Words.of(line.food() == null ? "swap.addFood" : "swap.changeFood"), foodForm, "small"),
                        "food-form-open",
                        Words.of("swap.changeFood")));
        homes(outcome, line);
    }

    /** What the instructor says herself; it stays on the sheet though no rule knows it. */
    private void own(FoodLine line, Outcome outcome) {
        for (var entry : outcome.answers().substitutions().entries()) {
            if (!entry.line().equals(line.id()) || !entry.offer().isOwn()) continue;
            var card = Nodes.styled(
                    Nodes.column(
                            3,
                            Nodes.wrapped(capital(entry.offer().title()), "offer-title"),
                            Nodes.wrapped(
                                    entry.announceBy() == 0
                                            ? Words.of("swap.announceBefore")
                                            : Words.of("swap.ownBy", entry.announceBy()),
                                    "covers")),
                    "offer",
                    "taken");
            paragraph(card, entry.offer(), "bad", KnockOn.Kind.SAFETY);
            card.getChildren()
                    .add(Nodes.button(Words.of("swap.ownOff"), () -> mention(line, entry.mentioned(), false), "small"));
            getChildren().add(card);
        }
        var field = Nodes.field("own-swap", Words.of("swap.ownPrompt"), Words.of("swap.ownOf", line.item()));
        Typed.onEnter(field, () -> "", text -> {
            if (!text.isBlank()) mention(line, text.strip(), true);
        });
        getChildren().add(field);
    }

    /** The foods it may mean, each a button: nothing is taken that was not said. */
    private void candidates(FoodLine line) {
        if (line.food() != null
                || line.unsure().stream().noneMatch(d -> d.kind().isOfFood())) return;
        var nearest = workspace.knowledge().nearest(line.item(), 5);
        if (nearest.isEmpty()) return;
        var buttons = Nodes.styled(new FlowPane(6, 6), "candidates");
        for (var food : nearest) {
            var contains = food.contains();
            buttons.getChildren()
                    .add(Nodes.named(
                            Nodes.button(
                                    contains.isEmpty()
                                            ? food.name()
                                            : Words.of("swap.candidate", food.name(), contains),
                                    () -> workspace.editLesson(
                                            Words.of("edit.means", line.item(), food.name()),
                                            Operations.means(line.id(), food.id())),
                                    "small"),
                            "means-" + food.id(),
                            Words.of("swap.means", line.item(), food.name())));
        }
        getChildren().addAll(Nodes.wrapped(Words.of("swap.which"), "soft"), buttons);
    }

    private void job(Lesson lesson, FoodLine line, List<Offer> offers) {
        var use = InUse.of(lesson, line);
        var jobs = offers.stream()
                .filter(o -> !o.isLeaveOut() && !o.isRefused())
                .map(o -> o.rule().job())
                .distinct()
                .toList();
        var at = use.steps().isEmpty()
                ? Words.of("swap.noStep")
                : Words.of(
                        use.steps().size() == 1 ? "swap.step" : "swap.stepsWord",
                        use.steps().stream().map(String::valueOf).collect(Collectors.joining(", ")));
        var text = jobs.isEmpty() ? Words.of("swap.noRule", at) : Words.of("swap.job", String.join("; ", jobs), at);
        if (!use.contexts().isEmpty()) {
            text += " "
                    + (use.contexts().equals(EnumSet.of(Context.COLD))
                            ? Words.of("swap.cold")
                            : Words.of(
                                    "swap.heated",
                                    use.contexts().stream().map(Context::title).collect(Collectors.joining(", "))));
        }
        var choices = new String[Context.values().length + 1];
        choices[0] = "";
        for (var context : Context.values())
            choices[context.ordinal() + 1] = context.name().toLowerCase(Locale.ROOT);
        var chosen = Choice.of(
                "line-use",
                Words.of("swap.useOf", line.item()),
                choices,
                c -> c.isEmpty()
                        ? Words.of("swap.useByWords")
                        : Context.valueOf(c.toUpperCase(Locale.ROOT)).title());
        chosen.setValue(line.use());
        chosen.setOnAction(e -> {
            if (!chosen.getValue().equals(line.use()))
                workspace.editLesson(
                        Words.of("edit.use", line.item()),
                        l -> l.withFood(line.id(), f -> f.but(d -> d.use = chosen.getValue())));
        });
        chosen.getStyleClass().add("small");
        getChildren()
                .addAll(Nodes.wrapped(text, "soft"), Nodes.row(8, Nodes.label(Words.of("swap.use"), "soft"), chosen));
    }

    /** A packed food: what the label of the pack in hand says decides the diet words. */
    private void label(Outcome outcome, FoodLine line) {
        var food = workspace.knowledge().food(line.cooked()).orElse(null);
        if (food == null || !food.checkLabel()) return;
        var field = Nodes.field("label-says", Words.of("swap.labelPrompt"), Words.of("swap.labelOf", food.name()));
        Typed.onEnter(
                field,
                () -> AllergenText.of(line.labelSays()),
                text -> workspace.editLesson(
                        Words.of("edit.label", food.name()),
                        l -> l.withFood(line.id(), f -> f.but(d -> d.labelSays = AllergenText.read(text)))));
        getChildren()
                .addAll(
                        Nodes.wrapped(
                                "▲ "
                                        + Words.of(
                                                line.labelSays() == null ? "swap.label" : "swap.labelRead",
                                                food.name(),
                                                outcome.course().profile().title()),
                                line.labelSays() == null ? "warn" : "soft"),
                        field);
    }

    private Region card(int number, FoodLine line, Offer offer, Outcome outcome) {
        boolean chosen = !offer.isLeaveOut() && offer.food().id().equals(line.chosen());
        boolean mentioned =
                !offer.isLeaveOut() && line.mentioned().contains(offer.food().id());
        var left = Nodes.column(
                2,
                Nodes.wrapped(number + ". " + capital(offer.title()), "offer-title"),
                Nodes.wrapped(offer.amount() + (offer.addedText().isEmpty() ? "" : " + " + offer.addedText()), "body"));
        left.setPrefWidth(150);
        left.minWidthProperty().bind(widthProperty().multiply(0.31));
        var right = Nodes.column(2, facts(offer));
        if (offer.isLeaveOut())
            right.getChildren().add(Nodes.wrapped(offer.rule().change(), "body"));
        paragraph(right, offer, "body", KnockOn.Kind.CHANGE, KnockOn.Kind.TOOL, KnockOn.Kind.DIET);
        paragraph(right, offer, "warn", KnockOn.Kind.TIME, KnockOn.Kind.BREAKS);
        paragraph(right, offer, "bad", KnockOn.Kind.SAFETY);
        paragraph(right, offer, "soft", KnockOn.Kind.WORDING);
        if (mentioned)
            right.getChildren()
                    .add(Nodes.wrapped(
                            offer.announceBy() == 0
                                    ? Words.of("swap.announceBefore")
                                    : Words.of(
                                            "swap.announce",
                                            offer.announceBy(),
                                            offer.rule().words()),
                            "covers"));
        right.setMinWidth(0);
        var card = Nodes.styled(Nodes.column(3, Nodes.row(12, left, Nodes.grown(right))), "offer");
        ((HBox) card.getChildren().getFirst()).setAlignment(Pos.TOP_LEFT);
        if (chosen || mentioned) card.getStyleClass().add("taken");
        card.getChildren().add(buttons(line, offer, outcome, chosen, mentioned));
        return card;
    }

    private FlowPane buttons(FoodLine line, Offer offer, Outcome outcome, boolean chosen, boolean mentioned) {
        var buttons = new FlowPane(8, 4);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        if (offer.isLeaveOut()) {
            buttons.getChildren()
                    .add(Nodes.button(
                            Words.of(line.optional() ? "swap.needed" : "swap.optional"),
                            () -> optional(line),
                            "small"));
            return buttons;
        }
        var id = offer.food().id();
        buttons.getChildren()
                .add(Nodes.named(
                        Nodes.button(
                                Words.of(chosen ? "swap.back" : "swap.cook"),
                                () -> cook(line, chosen ? null : offer),
                                "small"),
                        "cook-" + id,
                        Words.of("swap.cookWith", offer.title())));
        if (!workspace.book().households().isEmpty()) buttons.getChildren().add(forHome(line, offer, outcome));
        buttons.getChildren()
                .add(Nodes.named(
                        Nodes.button(
                                Words.of(mentioned ? "swap.unmention" : "swap.mention"),
                                () -> mention(line, id, !mentioned),
                                "small"),
                        "mention-" + id,
                        Words.of("swap.mentionThis", offer.title())));
        return buttons;
    }

    /** Homes that cannot use the food come first; one that is allergic to the stand-in is not in the menu. */
    private MenuButton forHome(FoodLine line, Offer offer, Outcome outcome) {
        var menu = Nodes.named(
                new MenuButton(Words.of("swap.forHome")),
                "home-" + offer.food().id(),
                Words.of("swap.forHomeThis", offer.title()));
        menu.getStyleClass().add("small");
        var food = workspace.knowledge().food(line.food()).orElseThrow();
        var homes = workspace.book().households().stream()
                .filter(h -> Swaps.canUse(h, offer.food()))
                .sorted(Comparator.comparing((Household h) -> Swaps.canUse(h, food)))
                .toList();
        var lesson = outcome.lesson().id();
        for (var home : homes) {
            boolean agreed = offer.food().id().equals(home.agreedFor(lesson, line.id()));
            var item = new MenuItem(
                    agreed
                            ? Words.of("swap.agreedWith", home.alias())
                            : Swaps.canUse(home, food) ? home.alias() : Words.of("swap.cannotUse", home.alias()));
            item.setOnAction(e -> workspace.edit(
                    Words.of("edit.agree", offer.title(), home.alias()),
                    b -> b.withHouseholds(b.households().stream()
                            .map(h -> h.alias().equals(home.alias())
                                    ? h.agreeing(
                                            lesson,
                                            line.id(),
                                            agreed ? null : offer.food().id())
                                    : h)
                            .toList())));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** What is of one weight stands together: a card is read at a glance. */
    private static void paragraph(VBox into, Offer offer, String style, KnockOn.Kind... kinds) {
        var text = Arrays.stream(kinds).flatMap(k -> offer.of(k).stream()).collect(Collectors.joining(" "));
        var mark = text.isEmpty()
                ? ""
                : style.equals("bad")
                        ? "■ "
                        : offer.of(KnockOn.Kind.BREAKS).isEmpty() || !style.equals("warn") ? "" : "▲ ";
        if (!text.isEmpty()) into.getChildren().add(Nodes.wrapped(mark + text, style));
    }

    private VBox facts(Offer offer) {
        var first = new FlowPane(8, 0);
        int s = offer.onAir();
        if (!offer.isLeaveOut())
            first.getChildren()
                    .add(Nodes.label(
                            s == 0
                                    ? Words.of("swap.sameTime")
                                    : (s > 0 ? "+" : "−") + Words.of("swap.onAir", Clock.text(Math.abs(s))),
                            s > 0 ? "warn" : "good"));
        if (!offer.covers().isEmpty())
            first.getChildren()
                    .add(Nodes.label(Words.count("swap.covers", offer.covers().size()), "covers"));
        var without =
                offer.allergensRemoved().stream().sorted().map(Allergen::title).collect(Collectors.joining(", "));
        var declared = offer.contains(workspace.knowledge());
        boolean contains = !declared.isEmpty();
        var box = Nodes.column(0, first);
        var said = (contains ? contains(offer, declared) : "")
                + (contains && !without.isEmpty() ? " · " : "")
                + (without.isEmpty() ? "" : Words.of("swap.without", without));
        if (!said.isEmpty()) box.getChildren().add(Nodes.wrapped(said, contains ? "allergen" : "soft"));
        return box;
    }

    /** What only its label tells is not contained yet. */
    private static String contains(Offer offer, String declared) {
        boolean own = offer.food() != null && !offer.food().allergens().isEmpty();
        return own ? Words.of("swap.contains", declared) : declared;
    }

    private void cook(FoodLine line, Offer offer) {
        var accepting = new Accepting(workspace.knowledge());
        var name = offer == null ? line.item() : offer.title();
        workspace.editLesson(
                Words.of("edit.cook", name),
                l -> offer == null ? accepting.back(l, line.id()) : accepting.cook(l, line.id(), offer));
    }

    private void mention(FoodLine line, String food, boolean on) {
        workspace.editLesson(Words.of("edit.mention"), l -> Accepting.mention(l, line.id(), food, on));
    }

    private void optional(FoodLine line) {
        workspace.editLesson(
                Words.of("edit.optional", line.item()),
                (Lesson l) -> l.withFood(line.id(), f -> f.but(d -> d.optional = !f.optional())));
    }

    private void homes(Outcome outcome, FoodLine line) {
        var households = workspace.book().households();
        if (households.isEmpty()) return;
        var coverage = outcome.answers().coverage(line);
        var strip = new HBox(3);
        for (var home : coverage.homes()) {
            var box = HomesGrid.square(home);
            strip.getChildren().add(Nodes.grown(box));
        }
        long blocked = coverage.count(Coverage.Stand.BLOCKED);
        var names = String.join(
                ", ",
                coverage.homes().stream()
                        .filter(h -> h.stand() == Coverage.Stand.BLOCKED)
                        .map(Coverage.Home::alias)
                        .toList());
        getChildren()
                .addAll(
                        Nodes.label(Words.of("swap.homes"), "strong"),
                        strip,
                        Nodes.wrapped(
                                Words.of(
                                        "swap.homesText",
                                        coverage.count(Coverage.Stand.HAS),
                                        coverage.count(Coverage.Stand.CHECKS),
                                        coverage.count(Coverage.Stand.SWAPS)),
                                "soft"));
        if (blocked > 0)
            getChildren().add(Nodes.wrapped("■ " + Words.count("swap.blocked", blocked) + ": " + names, "bad"));
    }
}
