package webodidact.desktop.view.larder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import webodidact.core.food.Allergen;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Household;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.words.Words;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;
import webodidact.formats.csv.HouseholdTable;

/** A form tool's table of homes: which of its columns is which of ours, and what would be read, before anything is taken. */
final class ColumnPanel extends VBox {
    /** Homes listed one by one; the sums above them are of all. */
    private static final int SHOWN = 60;

    private final HouseholdTable table;
    private final Knowledge knowledge;
    private final Map<String, ComboBox<String>> choices = new LinkedHashMap<>();
    private final VBox preview = new VBox(4);
    private final Button take;
    private final BiConsumer<List<Household>, List<String>> taken;

    /** @param taken told the homes and the rows that could not be read */
    ColumnPanel(
            HouseholdTable table,
            Knowledge knowledge,
            BiConsumer<List<Household>, List<String>> taken,
            Runnable cancel) {
        super(8);
        this.table = table;
        this.knowledge = knowledge;
        this.taken = taken;
        getStyleClass().add("side-body");
        setId("column-panel");
        take = Nodes.named(Nodes.button("", this::take, "primary"), "columns-take", Words.of("columns.take", 0));
        getChildren()
                .addAll(
                        Nodes.label(Words.of("columns.over", table.size()), "overline"),
                        Nodes.wrapped(Words.of("columns.title"), "title"));
        var guess = table.guess();
        var headings = new ArrayList<String>();
        headings.add("");
        headings.addAll(table.headings());
        for (var ours : HouseholdTable.columns()) {
            var id = "column-" + ours.replace(' ', '-');
            var box = Choice.of(
                    id,
                    Words.of("columns.for", Words.of("columns." + ours.replace(' ', '-'))),
                    headings.toArray(String[]::new),
                    h -> h.isEmpty() ? Words.of("columns.none") : h);
            box.setValue(guess.getOrDefault(ours, ""));
            box.setOnAction(e -> show());
            box.setMaxWidth(Double.MAX_VALUE);
            choices.put(ours, box);
            getChildren()
                    .add(Nodes.row(
                            8,
                            Nodes.cell(Nodes.label(Words.of("columns." + ours.replace(' ', '-')), "body"), 8),
                            Nodes.grown(box)));
        }
        getChildren()
                .addAll(
                        preview,
                        Nodes.row(
                                8,
                                take,
                                Nodes.named(
                                        Nodes.button(Words.of("new.cancel"), cancel),
                                        "columns-cancel",
                                        Words.of("new.cancel"))));
        show();
    }

    private Map<String, String> match() {
        var match = new LinkedHashMap<String, String>();
        choices.forEach((ours, box) -> {
            if (!box.getValue().isEmpty()) match.put(ours, box.getValue());
        });
        return match;
    }

    private void show() {
        preview.getChildren().clear();
        choices.forEach((ours, box) -> {
            var examples = box.getValue().isEmpty() ? List.<String>of() : table.examples(box.getValue(), 3);
            if (!examples.isEmpty())
                preview.getChildren()
                        .add(Nodes.wrapped(
                                Words.of("columns." + ours.replace(' ', '-')) + ": " + String.join(" · ", examples),
                                "soft"));
        });
        switch (table.read(match(), knowledge)) {
            case Read.Done<List<Household>>(var homes, var warnings) -> {
                take.setText(Words.of("columns.take", homes.size()));
                take.setDisable(homes.isEmpty());
                for (var warning : warnings) preview.getChildren().add(Nodes.wrapped("▲ " + warning.text(), "warn"));
                asRead(homes);
            }
            case Read.Refused<List<Household>>(var why) -> {
                take.setText(Words.of("columns.take", 0));
                take.setDisable(true);
                preview.getChildren().add(Nodes.wrapped("■ " + why.text(), "bad"));
            }
        }
    }

    /** What would be taken, allergies first: how many homes have each, then home by home. */
    private void asRead(List<Household> homes) {
        preview.getChildren().add(Nodes.label(Words.of("columns.asRead"), "overline"));
        var counts = new TreeMap<Allergen, Long>();
        for (var home : homes) for (var allergy : home.allergies()) counts.merge(allergy, 1L, Long::sum);
        long none = homes.stream().filter(h -> h.allergies().isEmpty()).count();
        var told = counts.entrySet().stream()
                .map(e -> e.getKey().title() + " " + e.getValue())
                .collect(Collectors.joining(" · "));
        preview.getChildren()
                .add(Nodes.wrapped(
                        Words.of("columns.allergies.sum", told.isEmpty() ? Words.of("columns.none") : told, none),
                        "strong"));
        var sorted = homes.stream()
                .sorted(Comparator.comparing((Household h) -> h.allergies().isEmpty()))
                .toList();
        for (var home : sorted.subList(0, Math.min(SHOWN, sorted.size()))) {
            var allergies = home.allergies().isEmpty()
                    ? Words.of("columns.noAllergy")
                    : home.allergies().stream().map(Allergen::title).collect(Collectors.joining(", "));
            var rest = home.diets().isEmpty() ? "" : " · " + String.join(", ", home.diets());
            preview.getChildren()
                    .add(Nodes.wrapped(
                            home.alias() + ": " + allergies + rest,
                            home.allergies().isEmpty() ? "soft" : "body"));
        }
        if (sorted.size() > SHOWN)
            preview.getChildren().add(Nodes.label(Words.of("open.more", sorted.size() - SHOWN), "soft"));
    }

    private void take() {
        if (table.read(match(), knowledge) instanceof Read.Done<List<Household>>(var homes, var warnings))
            taken.accept(homes, warnings.stream().map(Warning::text).toList());
    }
}
