package webodidact.desktop.view.larder;

import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import webodidact.core.afters.CarryOver;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Scaling;
import webodidact.core.lesson.Yield;
import webodidact.core.page.Page;
import webodidact.desktop.control.Choice;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.CarriedIn;
import webodidact.desktop.view.Desk;
import webodidact.desktop.view.PagePanel;
import webodidact.desktop.view.Screen;
import webodidact.desktop.view.Typed;
import webodidact.desktop.words.Words;

/** The lists on the left, what the selection means on the right. */
public final class LarderScreen extends HBox implements Screen {
    private final Workspace workspace;
    private final FoodTable foods;
    private final KitTable kit;
    private final ScrollPane list = Panes.work(null);
    private final ScrollPane side = Panes.side(null, 480, 300);
    private final SwapPanel swaps;
    private final KitPanel tools;
    private final PagePanel paste;
    private final HomesPanel homesPanel;
    private final VariantPanel variant;
    private final FoodForm foodForm;
    private final ListsPane lists;
    private final SetsPanel sets;
    private final HomesGrid homes;
    private final TextField home = Nodes.field("larder-home", "", Words.of("field.brief-home"));
    private final Label makes = Nodes.label("", "soft");
    private final Label times = Nodes.label("", "soft");
    private final ComboBox<MeasureSystem> house;
    private final ToggleButton foodTab = Nodes.toggle(Words.of("larder.food"), "tab");
    private final ToggleButton kitTab = Nodes.toggle(Words.of("larder.kit"), "tab");
    private final ToggleButton homesTab = Nodes.toggle(Words.of("larder.homes"), "tab");
    private final ToggleButton listsTab = Nodes.toggle(Words.of("larder.lists"), "tab");
    private Typed homeTyped;
    private boolean refreshing;
    /** What stays above the list of the tab. */
    private final StackPane over = new StackPane();

    public LarderScreen(Desk desk) {
        workspace = desk.workspace();
        getStyleClass().add("station");
        swaps = new SwapPanel(workspace, this::showForm);
        variant = new VariantPanel(workspace, this::showFood);
        foodForm = new FoodForm(workspace, this::showFood);
        lists = new ListsPane(workspace);
        sets = new SetsPanel(workspace);
        tools = new KitPanel(workspace);
        paste = new PagePanel(desk, false, Page::place, this::showFood);
        foods = new FoodTable(workspace, this::showPaste, this::showVariant);
        homesPanel = new HomesPanel(desk, this::put, this::open);
        homes = new HomesGrid(workspace, homesPanel::select, this::open);
        kit = new KitTable(workspace, tools::select);
        Consumer<MeasureSystem> set = v -> {
            if (!refreshing)
                workspace.edit(
                        Words.of("edit.house"), b -> b.withCourse(b.course().withHouse(v)));
        };
        house = Choice.of("larder-house", Words.of("brief.house"), MeasureSystem.values(), MeasureSystem::title, set);
        // With large text the choice goes into a line of its own rather than end in dots.
        house.setMinWidth(Region.USE_PREF_SIZE);
        homeTyped = Typed.onEnter(
                home,
                () -> workspace.lesson() == null
                        ? ""
                        : String.valueOf(workspace.lesson().homeOf()),
                this::scale);
        home.setPrefColumnCount(1);
        home.setMinWidth(44);
        side.prefWidthProperty().bind(Bindings.min(480, widthProperty().multiply(0.4)));
        var carried = new CarriedIn(desk, CarryOver.Kind.LEFT, CarryOver.Kind.FROZEN);
        var work = Nodes.styled(new VBox(10, head(), carried, over, Nodes.grown(list)), "work");
        work.setMinWidth(0);
        getChildren().addAll(Nodes.grown(work), side);
        workspace.lessonProperty().addListener(o -> refresh());
        workspace.bookProperty().addListener(o -> refresh());
        workspace.foodProperty().addListener(o -> {
            if (side.getContent() != swaps && side.getContent() != foodForm && foodTab.isSelected()) put(swaps);
        });
        refresh();
        showFood();
    }

    private Node head() {
        var group = new ToggleGroup();
        foodTab.setToggleGroup(group);
        kitTab.setToggleGroup(group);
        homesTab.setToggleGroup(group);
        listsTab.setToggleGroup(group);
        listsTab.setId("tab-lists");
        listsTab.setOnAction(e -> showLists());
        homesTab.setId("tab-homes");
        homesTab.setOnAction(e -> showHomes());
        foodTab.setId("tab-food");
        kitTab.setId("tab-kit");
        foodTab.setOnAction(e -> showFood());
        kitTab.setOnAction(e -> showKit());
        makes.setMinWidth(Region.USE_PREF_SIZE);
        times.setMinWidth(Region.USE_PREF_SIZE);
        var tabs = Nodes.row(6, foodTab, kitTab, homesTab, listsTab);
        var amounts = Nodes.row(6, makes, home, times, house);
        // In a narrow window with large text the amounts go below the tabs instead of being cut.
        var wrapping = Nodes.flow(10, 6, tabs, amounts);
        wrapping.setPrefWrapLength(640);
        var title = Nodes.label(Words.of("station.larder"), "title");
        var head = Nodes.row(10, title, Nodes.grown(wrapping));
        head.setAlignment(Pos.TOP_LEFT);
        return head;
    }

    private void over(Node... bar) {
        over.getChildren().setAll(bar);
        over.setManaged(bar.length > 0);
    }

    private void showFood() {
        foodTab.setSelected(true);
        over(foods.bar());
        list.setContent(foods);
        put(swaps);
    }

    private void showKit() {
        kitTab.setSelected(true);
        over();
        list.setContent(kit);
        put(tools);
    }

    private void showHomes() {
        homesTab.setSelected(true);
        over();
        list.setContent(homes);
        put(homesPanel);
        homesPanel.show();
    }

    private void showLists() {
        listsTab.setSelected(true);
        over();
        list.setContent(lists);
        put(sets);
    }

    private void showVariant() {
        put(variant);
    }

    /** The side shows another panel; the keyboard goes into it if it was in the one that leaves. */
    private void put(Node panel) {
        var owner = getScene() == null ? null : getScene().getFocusOwner();
        boolean inside = false;
        for (Node n = owner; n != null; n = n.getParent()) inside |= n == side;
        side.setContent(panel);
        side.setVvalue(0);
        if (!inside || !(panel instanceof Parent parent)) return;
        Platform.runLater(() -> parent.lookupAll("*").stream()
                .filter(n -> n.isFocusTraversable() && !n.isDisabled())
                .findFirst()
                .ifPresent(Node::requestFocus));
    }

    private void showForm() {
        put(foodForm);
    }

    /** One home in the side, or all of them for "". */
    private void open(String alias) {
        if (alias.isEmpty()) put(homesPanel);
        else put(new HomePanel(workspace, alias, this::showHomes));
    }

    private void showPaste() {
        put(paste);
        paste.start();
    }

    private void scale(String text) {
        var t = text.strip();
        if (!t.matches("\\d{1,3}") || Integer.parseInt(t) < 1)
            throw new IllegalArgumentException(Words.of("brief.wholeWrong", t, 1, 999));
        workspace.editLesson(Words.of("edit.scale"), l -> l.but(d -> d.homeOf = Integer.parseInt(t)));
    }

    private void refresh() {
        Lesson lesson = workspace.lesson();
        if (lesson == null) return;
        refreshing = true;
        var factor = Scaling.forHome(lesson);
        Yield yield = lesson.makes();
        makes.setText(Words.of("larder.makes", AmountText.number(yield.count().times(factor)), yield.what()));
        times.setText(Words.of("larder.times", AmountText.number(factor)));
        house.setValue(workspace.book().course().house());
        homeTyped.refresh();
        refreshing = false;
    }
}
