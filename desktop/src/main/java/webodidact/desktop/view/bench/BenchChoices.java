package webodidact.desktop.view.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.lesson.BenchEdits;
import webodidact.core.lesson.Helper;
import webodidact.core.lesson.Kitchen;
import webodidact.core.lesson.Lesson;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.PrepTasks;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** What is decided besides single jobs: jobs of one's own, what is left out or given up, who helps from when with what, quiet hours. */
final class BenchChoices extends FlowPane {
    private static final double WIDTH = 380;
    private final Desk desk;
    private final Lesson lesson;
    private final Kitchen kitchen;

    BenchChoices(Desk desk, Outcome outcome) {
        super(28, 14);
        this.desk = desk;
        lesson = outcome.lesson();
        kitchen = outcome.course().kitchen();
        getStyleClass().add("bench-choices");
        people();
        place();
        own();
        leftOut();
        given(outcome);
    }

    /** A part of it, beside the one before where there is room. */
    private VBox part(String title) {
        var box = new VBox(8, Nodes.label(Words.of(title), "overline"));
        box.setPrefWidth(WIDTH);
        getChildren().add(box);
        return box;
    }

    private void own() {
        var what = Nodes.field("own-what", Words.of("ownJob.prompt"), Words.of("ownJob.title"));
        what.setPrefColumnCount(16);
        var takes = Nodes.field("own-takes", Words.of("ownJob.minutes"), Words.of("ownJob.minutes"));
        takes.setPrefColumnCount(6);
        var before = Nodes.field("own-before", Words.of("ownJob.before"), Words.of("ownJob.before"));
        before.setPrefColumnCount(10);
        Runnable add = () -> add(what, takes, before);
        for (var field : List.of(what, takes, before)) field.setOnAction(e -> add.run());
        part("ownJob.title")
                .getChildren()
                .add(new FlowPane(
                        6,
                        6,
                        what,
                        takes,
                        before,
                        Nodes.named(Nodes.button(Words.of("ownJob.add"), add), "own-add", Words.of("ownJob.add"))));
    }

    private void add(TextField what, TextField takes, TextField before) {
        if (what.getText().isBlank()) {
            what.requestFocus();
            return;
        }
        int minutes = whole(takes.getText());
        if (minutes <= 0 || minutes > 1440) {
            desk.tell(Words.of("ownJob.wrong", takes.getText()));
            takes.requestFocus();
            return;
        }
        int early = Math.max(0, whole(before.getText()));
        edit(b -> b.adding(what.getText(), minutes * 60, early * 60));
    }

    private static int whole(String text) {
        return text.strip().matches("\\d{1,4}") ? Integer.parseInt(text.strip()) : -1;
    }

    private void leftOut() {
        var off =
                lesson.benchEdits().jobs().stream().filter(BenchEdits.Job::off).toList();
        if (off.isEmpty()) return;
        var box = part("bench.leftOut");
        for (var job : off)
            box.getChildren()
                    .add(Nodes.row(
                            8,
                            Nodes.label(job.job(), "body"),
                            Nodes.button(Words.of("bench.putBack"), () -> edit(b -> b.leavingOut(job.job(), false)))));
    }

    private void given(Outcome outcome) {
        if (lesson.benchEdits().given().isEmpty()) return;
        var box = part("bench.given");
        for (var key : lesson.benchEdits().given())
            box.getChildren()
                    .add(Nodes.row(
                            8,
                            Nodes.wrapped(
                                    PrepTasks.demand(outcome.answers(), key).orElse(key), "body"),
                            Nodes.button(Words.of("bench.keepAgain"), () -> edit(b -> b.keeping(key)))));
    }

    private void people() {
        var box = part("crew.title");
        for (int i = 0; i < kitchen.helpers(); i++) box.getChildren().add(helper(i));
        var buttons = new FlowPane(
                6,
                6,
                Nodes.named(
                        Nodes.button(
                                Words.of("crew.add"),
                                () -> crew(k -> k.but(d -> {
                                    var all = new ArrayList<>(crewOf(k));
                                    all.add(Helper.usual(Words.of("crew.name", all.size() + 1)));
                                    d.helpers = all.size();
                                    d.crew = all;
                                }))),
                        "crew-add",
                        Words.of("crew.add")));
        if (kitchen.helpers() > 0)
            buttons.getChildren()
                    .add(Nodes.named(
                            Nodes.button(
                                    Words.of("crew.less"), () -> crew(k -> k.but(d -> d.helpers = k.helpers() - 1))),
                            "crew-less",
                            Words.of("crew.less")));
        var opens = Nodes.field("bench-opens", Words.of("crew.opensPrompt"), Words.of("crew.opens"));
        opens.setText(kitchen.opens());
        opens.setPrefColumnCount(5);
        opens.setOnAction(e -> opens(opens.getText().strip()));
        box.getChildren().addAll(buttons, Nodes.row(8, Nodes.label(Words.of("crew.opens"), "soft"), opens));
    }

    /** Where the kitchen is, what has to be bought first, what its fridge holds. */
    private void place() {
        part("place.title")
                .getChildren()
                .addAll(
                        minutes(
                                "place-shopping",
                                "place.shopping",
                                kitchen.shopping(),
                                (k, s) -> k.but(d -> d.shopping = s)),
                        minutes("place-travel", "place.travel", kitchen.travel(), (k, s) -> k.but(d -> d.travel = s)),
                        row("place-fridge", "place.fridge", kitchen.fridge(), 200, (k, n) -> k.but(d -> d.fridge = n)),
                        row(
                                "place-freezer",
                                "place.freezer",
                                kitchen.freezer(),
                                200,
                                (k, n) -> k.but(d -> d.freezer = n)));
    }

    private HBox minutes(String id, String key, int seconds, BiFunction<Kitchen, Integer, Kitchen> change) {
        return row(id, key, seconds / 60, 1440, (k, n) -> change.apply(k, n * 60));
    }

    /** A whole number; nothing in the field is nothing said. */
    private HBox row(String id, String key, int value, int most, BiFunction<Kitchen, Integer, Kitchen> change) {
        var field = Nodes.field(id, Words.of("place.unsaid"), Words.of(key));
        field.setText(value == 0 ? "" : String.valueOf(value));
        field.setPrefColumnCount(5);
        field.setOnAction(e -> {
            int n = field.getText().isBlank() ? 0 : whole(field.getText());
            if (n < 0 || n > most) desk.tell(Words.of("place.wrong", field.getText(), most));
            else crew(k -> change.apply(k, n));
        });
        return Nodes.row(8, Nodes.cell(Nodes.label(Words.of(key), "soft"), 9), field);
    }

    private void opens(String typed) {
        if (!typed.isEmpty() && !typed.matches("([01]\\d|2[0-3]):[0-5]\\d")) desk.tell(Words.of("job.time", typed));
        else crew(k -> k.but(d -> d.opens = typed));
    }

    /** What is known of each, and the usual of those of whom nothing is. */
    private static List<Helper> crewOf(Kitchen kitchen) {
        var all = new ArrayList<>(kitchen.crew());
        for (int i = all.size(); i < kitchen.helpers(); i++) all.add(Helper.usual(Words.of("crew.name", i + 1)));
        return all;
    }

    private VBox helper(int index) {
        var helper = crewOf(kitchen).get(index);
        var name = Nodes.field("crew-name-" + index, helper.name(), Words.of("crew.nameOf", index + 1));
        name.setText(helper.name());
        name.setPrefColumnCount(9);
        name.setOnAction(e -> {
            if (!name.getText().isBlank())
                change(index, h -> new Helper(name.getText(), h.hours(), h.raw(), h.blades(), h.camera()));
        });
        var hours = Nodes.field("crew-hours-" + index, Words.of("crew.allDay"), Words.of("crew.hours"));
        hours.setText(helper.hours() == 0 ? "" : String.valueOf(helper.hours() / 60));
        hours.setPrefColumnCount(5);
        hours.setOnAction(e -> {
            int minutes = hours.getText().isBlank() ? 0 : whole(hours.getText());
            if (minutes < 0) desk.tell(Words.of("ownJob.wrong", hours.getText()));
            else change(index, h -> new Helper(h.name(), minutes * 60, h.raw(), h.blades(), h.camera()));
        });
        return new VBox(
                4,
                new FlowPane(6, 4, name, Nodes.label(Words.of("crew.hours"), "soft"), hours),
                new FlowPane(
                        10,
                        4,
                        may(
                                index,
                                "raw",
                                helper.raw(),
                                (h, on) -> new Helper(h.name(), h.hours(), on, h.blades(), h.camera())),
                        may(
                                index,
                                "blades",
                                helper.blades(),
                                (h, on) -> new Helper(h.name(), h.hours(), h.raw(), on, h.camera())),
                        may(
                                index,
                                "camera",
                                helper.camera(),
                                (h, on) -> new Helper(h.name(), h.hours(), h.raw(), h.blades(), on))));
    }

    private CheckBox may(int index, String what, boolean on, BiFunction<Helper, Boolean, Helper> change) {
        var box = new CheckBox(Words.of("crew.may." + what));
        box.setId("crew-" + what + "-" + index);
        box.setSelected(on);
        box.setOnAction(e -> change(index, h -> change.apply(h, box.isSelected())));
        return box;
    }

    private void change(int index, UnaryOperator<Helper> change) {
        crew(k -> k.but(d -> {
            var all = new ArrayList<>(crewOf(k));
            all.set(index, change.apply(all.get(index)));
            d.crew = all;
        }));
    }

    private void crew(UnaryOperator<Kitchen> change) {
        desk.workspace()
                .edit(
                        Words.of("edit.crew"),
                        b -> b.withCourse(
                                b.course().withKitchen(change.apply(b.course().kitchen()))));
    }

    private void edit(UnaryOperator<BenchEdits> change) {
        desk.workspace().editLesson(Words.of("edit.bench"), l -> l.withBench(change));
    }
}
