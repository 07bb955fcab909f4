package webodidact.desktop.view.papers;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.afters.Best;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Take;
import webodidact.core.outcome.Outcome;
import webodidact.core.words.Language;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;
import webodidact.formats.paper.Edition;
import webodidact.formats.paper.FilePaper;
import webodidact.formats.paper.LabelGrid;
import webodidact.formats.paper.Paper;
import webodidact.formats.paper.Print;
import webodidact.formats.paper.Sheet;

/** For whom a paper is, on what, in which measures and language. */
final class ReaderPanel extends VBox {
    enum Whom {
        ANY,
        ONE,
        ALL
    }

    private final Workspace workspace;
    private final Runnable changed;
    private final ToggleButton any = Nodes.toggle("", "choice");
    private final ToggleButton all = Nodes.toggle("", "choice");
    private final ComboBox<Household> one;
    private final CheckBox together = new CheckBox(Words.of("papers.together"));
    private final ComboBox<MeasureSystem> measures;
    private final ComboBox<Language> language;
    private final ComboBox<Take> timed;
    private final ComboBox<LabelGrid> grid;
    private final ComboBox<Integer> first;
    private final Label remark = Nodes.wrapped("", "soft");
    private final VBox homes;
    private final VBox times;
    private final VBox labels;
    private Whom whom = Whom.ANY;
    private Print print = Print.USUAL;
    private MeasureSystem chosen;
    private Language speaks;
    private boolean filling;

    ReaderPanel(Workspace workspace, Runnable changed) {
        super(8);
        this.workspace = workspace;
        this.changed = changed;
        var group = new ToggleGroup();
        pick(any, group, "for-any", Whom.ANY);
        pick(all, group, "for-all", Whom.ALL);
        one = Choice.of(
                "for-home", Words.of("papers.one"), new Household[0], h -> h.alias(), h -> set(() -> whom = Whom.ONE));
        one.setPromptText(Words.of("papers.one"));
        one.setStyle("-fx-pref-width: 7.2em;");
        together.setId("in-one-file");
        homes = Nodes.column(
                6, Nodes.label(Words.of("papers.whom"), "side-title"), new FlowPane(6, 6, any, one, all), together);
        measures = Choice.of(
                "measures",
                Words.of("papers.measures"),
                MeasureSystem.values(),
                MeasureSystem::title,
                m -> set(() -> chosen = m));
        language = Choice.of(
                "language",
                Words.of("papers.language"),
                Language.values(),
                ReaderPanel::name,
                l -> set(() -> speaks = l));
        timed = Choice.of("timed-by", Words.of("papers.timed"), new Take[0], ReaderPanel::name, t -> set(() -> {}));
        timed.setPromptText(Words.of("papers.timed.plan"));
        times = Nodes.column(6, Nodes.label(Words.of("papers.timed"), "side-title"), timed);
        grid = Choice.of(
                "label-grid",
                Words.of("papers.labels"),
                new LabelGrid[0],
                LabelGrid::title,
                g -> set(() -> print = print.on(g)));
        first = Choice.of(
                "first-label",
                Words.of("papers.firstLabel"),
                new Integer[0],
                n -> Words.of("papers.fromLabel", n),
                n -> set(() -> print = print.from(n)));
        remark.setId("labels-remark");
        labels = Nodes.column(6, Nodes.label(Words.of("papers.labels"), "side-title"), grid, first, remark);
        getChildren().addAll(homes, times, Nodes.label(Words.of("papers.sheet"), "side-title"), sheets(), labels);
        getChildren().add(new FlowPane(6, 6, measures, language));
    }

    private void pick(ToggleButton button, ToggleGroup group, String id, Whom to) {
        button.setId(id);
        button.setToggleGroup(group);
        button.setOnAction(e -> {
            button.setSelected(true);
            set(() -> whom = to);
        });
    }

    private FlowPane sheets() {
        var group = new ToggleGroup();
        var row = new FlowPane(6, 6);
        for (var sheet : Sheet.values()) {
            var button = Nodes.toggle(sheet.title(), "choice");
            button.setId("sheet-" + sheet.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setSelected(sheet == print.sheet());
            button.setOnAction(e -> {
                button.setSelected(true);
                set(() -> print = print.on(sheet));
            });
            row.getChildren().add(button);
        }
        var large = Nodes.toggle(Words.of("papers.large"), "choice");
        large.setId("large-print");
        large.setOnAction(e -> set(() -> print = print.large(large.isSelected())));
        var spaced = Nodes.toggle(Words.of("papers.spaced"), "choice");
        spaced.setId("spaced-print");
        spaced.setOnAction(e -> set(() -> print = print.spaced(spaced.isSelected())));
        row.getChildren().addAll(large, spaced);
        return row;
    }

    private static String name(Language language) {
        return language.locale().getDisplayLanguage(language.locale());
    }

    private static String name(Take take) {
        if (take.id().equals(Best.ID))
            return Words.of("papers.timed.best", take.steps().size());
        return Words.of(
                "papers.timed.take", take.at().toLocalDate(), take.steps().size());
    }

    /** What homes saw: each take, and of a recording the best of all. */
    private List<Take> takes(Outcome outcome) {
        var own = workspace.book().takesOf(outcome.lesson().id()).stream()
                .filter(t -> !t.kind().isRehearsal())
                .toList();
        if (own.size() < 2) return own;
        var all = new ArrayList<Take>();
        Best.all(outcome.lesson(), own).ifPresent(all::add);
        all.addAll(own);
        return all;
    }

    private void set(Runnable change) {
        if (filling) return;
        change.run();
        changed.run();
    }

    /** Shows what can be chosen for that paper. */
    void show(Paper paper, Outcome outcome) {
        filling = true;
        var households = workspace.book().households();
        any.setText(Words.of("papers.any", outcome.lesson().homeOf()));
        all.setText(Words.of("papers.all", households.size()));
        all.setDisable(households.isEmpty());
        one.setDisable(households.isEmpty());
        refill(one, households, Household::alias);
        if (whom != Whom.ANY && households.isEmpty()) whom = Whom.ANY;
        any.setSelected(whom == Whom.ANY);
        all.setSelected(whom == Whom.ALL);
        if (whom != Whom.ONE) one.setValue(null);
        refill(timed, takes(outcome), Take::id);
        shown(homes, paper.isPerHome());
        shown(together, whom == Whom.ALL);
        boolean byTime = paper instanceof FilePaper
                && List.of("captions", "chapters", "description", "edit-list").contains(paper.id());
        shown(labels, paper.id().equals("labels"));
        refill(grid, LabelGrid.on(print.sheet()), LabelGrid::name);
        grid.setValue(print.labels());
        refill(first, IntStream.rangeClosed(1, print.labels().count()).boxed().toList(), n -> String.valueOf(n));
        first.setValue(print.first());
        shown(times, byTime && !timed.getItems().isEmpty());
        if (speaks == null
                || workspace.lesson() != null
                        && language.getUserData() != workspace.lesson().id()) {
            speaks = outcome.lesson().language();
            language.setUserData(outcome.lesson().id());
        }
        language.setValue(speaks);
        measures.setValue(edition(outcome, paper).measures());
        measures.setDisable(paper.isPerHome() && whom != Whom.ANY);
        filling = false;
    }

    /** What has been found out of how the labels lie. */
    void remark(String text) {
        remark.setText(text);
    }

    private static <T> void refill(ComboBox<T> box, List<T> items, Function<T, String> key) {
        if (box.getItems().equals(items)) return;
        var was = Optional.ofNullable(box.getValue()).map(key);
        box.getItems().setAll(items);
        box.setValue(items.stream()
                .filter(i -> was.filter(key.apply(i)::equals).isPresent())
                .findFirst()
                .orElse(null));
    }

    private static void shown(Node node, boolean on) {
        node.setVisible(on);
        node.setManaged(on);
    }

    Whom whom() {
        return whom;
    }

    boolean isTogether() {
        return whom == Whom.ALL && together.isSelected();
    }

    /** The paper as it is shown: of all homes the first. */
    Edition edition(Outcome outcome, Paper paper) {
        return editions(outcome, paper).getFirst();
    }

    /** One for each home that it is written for. */
    List<Edition> editions(Outcome outcome, Paper paper) {
        var base = Edition.of(outcome).printed(print);
        if (speaks != null && speaks != base.language()) base = base.in(speaks);
        if (chosen != null) base = base.in(chosen);
        if (timed.getValue() != null) base = base.timedBy(timed.getValue());
        if (!paper.isPerHome() || whom == Whom.ANY) return List.of(base);
        var all = new ArrayList<Edition>();
        if (whom == Whom.ONE && one.getValue() != null) all.add(base.forHome(one.getValue()));
        if (whom == Whom.ALL) for (var home : workspace.book().households()) all.add(base.forHome(home));
        return all.isEmpty() ? List.of(base) : all;
    }
}
