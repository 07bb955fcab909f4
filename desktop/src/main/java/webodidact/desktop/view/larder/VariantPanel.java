package webodidact.desktop.view.larder;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.food.Allergen;
import webodidact.core.food.Diet;
import webodidact.core.lesson.Lesson;
import webodidact.core.swap.Accepting;
import webodidact.core.swap.DishLabels;
import webodidact.core.swap.KnockOn;
import webodidact.core.swap.Variant;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** Several wishes met in one dish: what is exchanged, what that does to the rest, and what may be said of it. */
final class VariantPanel extends VBox {
    private static final Map<String, Set<Allergen>> WITHOUT = new LinkedHashMap<>();

    static {
        WITHOUT.put("gluten", EnumSet.of(Allergen.GLUTEN, Allergen.WHEAT));
        WITHOUT.put("milk", EnumSet.of(Allergen.MILK));
        WITHOUT.put("eggs", EnumSet.of(Allergen.EGGS));
        WITHOUT.put("nuts", EnumSet.of(Allergen.NUTS, Allergen.PEANUTS));
        WITHOUT.put("fish", EnumSet.of(Allergen.FISH, Allergen.CRUSTACEANS, Allergen.MOLLUSCS));
        WITHOUT.put("soya", EnumSet.of(Allergen.SOYA));
        WITHOUT.put("sesame", EnumSet.of(Allergen.SESAME));
    }

    private final Workspace workspace;
    private final Map<String, ToggleButton> wishes = new LinkedHashMap<>();
    private final VBox result = new VBox(8);
    private final Runnable done;

    private static final List<Diet> DIETS = List.of(Diet.VEGETARIAN, Diet.VEGAN);

    VariantPanel(Workspace workspace, Runnable done) {
        super(10);
        this.workspace = workspace;
        this.done = done;
        getStyleClass().add("side-body");
        setId("variant-panel");
        var chips = new FlowPane(6, 6);
        for (var diet : DIETS) chips.getChildren().add(chip(code(diet), title(diet)));
        for (var allergen : WITHOUT.keySet())
            chips.getChildren().add(chip(allergen, Words.of("variant.no." + allergen)));
        getChildren()
                .addAll(
                        Nodes.label(Words.of("variant.over"), "overline"),
                        Nodes.wrapped(Words.of("variant.title"), "title"),
                        chips,
                        result,
                        Nodes.named(
                                Nodes.button(Words.of("variant.close"), done),
                                "variant-close",
                                Words.of("variant.close")));
        WhenSeen.of(this, this::show, workspace.outcomeProperty(), workspace.bookProperty());
    }

    private ToggleButton chip(String id, String text) {
        var chip = Nodes.named(Nodes.toggle(text, "tab"), "wish-" + id, text);
        chip.setOnAction(e -> {
            // One diet word at a time: vegan is vegetarian too.
            var diets = DIETS.stream().map(VariantPanel::code).toList();
            if (diets.contains(id) && chip.isSelected())
                diets.stream()
                        .filter(d -> !d.equals(id))
                        .forEach(d -> wishes.get(d).setSelected(false));
            show();
        });
        wishes.put(id, chip);
        return chip;
    }

    private static String code(Diet diet) {
        return diet.name().toLowerCase(Locale.ROOT);
    }

    static String title(Diet diet) {
        return Words.of("variant." + code(diet));
    }

    private Variant.Wish wish() {
        var without = EnumSet.noneOf(Allergen.class);
        WITHOUT.forEach((id, set) -> {
            if (wishes.get(id).isSelected()) without.addAll(set);
        });
        return new Variant.Wish(
                DIETS.stream()
                        .filter(d -> wishes.get(code(d)).isSelected())
                        .findFirst()
                        .orElse(null),
                without);
    }

    private void show() {
        result.getChildren().clear();
        var outcome = workspace.outcome();
        if (outcome == null) return;
        var wish = wish();
        if (wish.isEmpty()) {
            result.getChildren().add(Nodes.wrapped(Words.of("variant.choose"), "empty"));
            said(outcome.answers().labels());
            return;
        }
        var variant = Variant.of(
                outcome.lesson(), wish, workspace.book().households(), workspace.knowledge(), outcome.course());
        if (variant.choices().isEmpty() && variant.open().isEmpty())
            result.getChildren().add(Nodes.wrapped(Words.of("variant.already"), "good"));
        for (var choice : variant.choices()) result.getChildren().add(card(choice));
        for (var item : variant.open())
            result.getChildren().add(Nodes.wrapped("■ " + Words.of("variant.open", item), "finding", "stop"));
        for (var warning : variant.warnings())
            result.getChildren().add(Nodes.wrapped("▲ " + warning, "finding", "look"));
        if (variant.seconds() != 0)
            result.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    "variant.time",
                                    (variant.seconds() > 0 ? "+" : "−") + Clock.text(Math.abs(variant.seconds()))),
                            "warn"));
        said(variant.labels());
        if (variant.choices().isEmpty()) return;
        var cook = Nodes.named(
                Nodes.button(Words.count("variant.cook", variant.choices().size()), () -> cook(variant), "primary"),
                "variant-cook",
                Words.of("variant.cookName"));
        var mention = Nodes.named(
                Nodes.button(Words.of("variant.mention"), () -> mention(variant)),
                "variant-mention",
                Words.of("variant.mention"));
        result.getChildren().add(new FlowPane(8, 8, cook, mention));
    }

    private static VBox card(Variant.Choice choice) {
        var offer = choice.offer();
        var card = Nodes.styled(
                Nodes.column(
                        2,
                        Nodes.wrapped(choice.line().item() + " → " + offer.title(), "offer-title"),
                        Nodes.wrapped(
                                offer.amount() + (offer.addedText().isEmpty() ? "" : " + " + offer.addedText()),
                                "body")),
                "offer");
        offer.knockOns().stream()
                .filter(k -> k.kind() == KnockOn.Kind.SAFETY
                        || k.kind() == KnockOn.Kind.BREAKS
                        || k.kind() == KnockOn.Kind.CHANGE
                        || k.kind() == KnockOn.Kind.TIME)
                .forEach(k -> card.getChildren()
                        .add(Nodes.wrapped(
                                k.text(),
                                k.kind() == KnockOn.Kind.SAFETY
                                        ? "bad"
                                        : k.kind() == KnockOn.Kind.CHANGE ? "soft" : "warn")));
        return card;
    }

    private void said(DishLabels labels) {
        for (var diet : DIETS) {
            var answer = labels.of(diet);
            var because = String.join(", ", answer.because());
            result.getChildren()
                    .add(
                            switch (answer.truth()) {
                                case YES -> Nodes.wrapped("● " + Words.of("variant.yes", title(diet)), "good");
                                case NO -> Nodes.wrapped(Words.of("variant.not", title(diet), because), "soft");
                                case UNKNOWN ->
                                    Nodes.wrapped("▲ " + Words.of("variant.unknown", title(diet), because), "warn");
                            });
        }
        var contains = labels.contains().stream()
                .sorted()
                .filter(a -> a != Allergen.GLUTEN || !labels.contains().contains(Allergen.WHEAT))
                .map(Allergen::title)
                .toList();
        result.getChildren()
                .add(Nodes.wrapped(
                        Words.of(
                                contains.isEmpty() ? "variant.containsNone" : "variant.contains",
                                String.join(", ", contains)),
                        "allergen"));
    }

    private void cook(Variant variant) {
        workspace.editLesson(Words.of("edit.variant"), l -> variant.after());
        done.run();
    }

    private void mention(Variant variant) {
        workspace.editLesson(Words.of("edit.mention"), (Lesson l) -> {
            var now = l;
            for (var choice : variant.choices())
                if (!choice.offer().isLeaveOut())
                    now = Accepting.mention(
                            now, choice.line().id(), choice.offer().food().id(), true);
            return now;
        });
        done.run();
    }
}
