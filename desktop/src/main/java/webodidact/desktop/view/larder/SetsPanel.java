package webodidact.desktop.view.larder;

import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.amount.Amount;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Ratio;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Sets;
import webodidact.core.lesson.Shaping;
import webodidact.core.outcome.Outcome;
import webodidact.core.reading.AmountReader;
import webodidact.core.time.Clock;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** How often it is made and how it is portioned, and what follows: pieces, loads, salt, waiting for tools, what is said aloud. */
final class SetsPanel extends VBox {
    private final Workspace workspace;

    SetsPanel(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        getStyleClass().add("side-body");
        setId("sets-panel");
        WhenSeen.of(this, this::show, workspace.outcomeProperty());
    }

    private void show() {
        getChildren().clear();
        var outcome = workspace.outcome();
        if (outcome == null) return;
        getChildren()
                .addAll(Nodes.label(Words.of("sets.over"), "overline"), Nodes.wrapped(Words.of("sets.title"), "title"));
        var sets = outcome.lesson().sets();
        getChildren()
                .add(new FlowPane(
                        14,
                        6,
                        number("groups", sets.groups(), 99, n -> new Sets(n, sets.demo(), sets.spares())),
                        number("demo", sets.demo(), 9, n -> new Sets(sets.groups(), n, sets.spares())),
                        number("spares", sets.spares(), 9, n -> new Sets(sets.groups(), sets.demo(), n))));
        for (var delay : outcome.answers().delays()) {
            getChildren()
                    .add(Nodes.wrapped(
                            "▲ "
                                    + Words.of(
                                            "sets.delay",
                                            delay.step(),
                                            delay.tool().name(),
                                            delay.turns(),
                                            Clock.text(delay.added())),
                            "warn"));
        }
        shaping(outcome);
        salt(outcome);
        spoken(outcome);
    }

    private HBox number(String id, int value, int most, Function<Integer, Sets> change) {
        var field = small(id);
        Typed.onEnter(field, () -> String.valueOf(value), t -> {
            int n = whole(t, 0, most);
            workspace.editLesson(Words.of("edit.sets"), l -> l.but(d -> d.sets = change.apply(n)));
        });
        return Nodes.row(6, field, Nodes.label(Words.of("sets." + id), "body"));
    }

    private static TextField small(String id) {
        var field = Nodes.field("sets-" + id, "", Words.of("sets." + id));
        field.setPrefColumnCount(4);
        return field;
    }

    private static int whole(String text, int least, int most) {
        var t = text.strip();
        if (!t.matches("\\d{1,3}") || Integer.parseInt(t) < least || Integer.parseInt(t) > most)
            throw new IllegalArgumentException(Words.of("brief.wholeWrong", t, least, most));
        return Integer.parseInt(t);
    }

    private void shaping(Outcome outcome) {
        var s = outcome.lesson().shaping() == null
                ? Shaping.BLANK
                : outcome.lesson().shaping();
        getChildren().add(Nodes.label(Words.of("sets.portions"), "panel-title"));
        var portion = small("portion");
        portion.setPromptText(Words.of("sets.portionPrompt"));
        Typed.onEnter(
                portion,
                () -> text(s.portion()),
                t -> change(x -> new Shaping(
                        x.mixture(), amount(t), t.isBlank() ? x.sheet() : null, x.load(), x.each(), x.partners())));
        var mixture = small("mixture");
        mixture.setPromptText(Words.of("sets.mixturePrompt"));
        Typed.onEnter(
                mixture,
                () -> text(s.mixture()),
                t -> change(x -> new Shaping(amount(t), x.portion(), x.sheet(), x.load(), x.each(), x.partners())));
        var sheet = Nodes.field("sets-sheet", Words.of("sets.sheetPrompt"), Words.of("sets.sheet"));
        sheet.setPrefColumnCount(9);
        Typed.onEnter(
                sheet,
                () -> s.sheet() == null
                        ? ""
                        : AmountText.number(s.sheet().length()) + " × "
                                + AmountText.number(s.sheet().width()) + " / "
                                + AmountText.number(s.sheet().cutter()),
                t -> change(x -> new Shaping(
                        x.mixture(), t.isBlank() ? x.portion() : null, sheet(t), x.load(), x.each(), x.partners())));
        var load = small("load");
        Typed.onEnter(load, () -> s.load() == 0 ? "" : String.valueOf(s.load()), t -> {
            int n = t.isBlank() ? 0 : whole(t, 1, 999);
            change(x -> new Shaping(x.mixture(), x.portion(), x.sheet(), n, x.each(), x.partners()));
        });
        var each = small("each");
        Typed.onEnter(each, () -> String.valueOf(s.each()), t -> {
            int n = whole(t, 1, 99);
            change(x -> new Shaping(x.mixture(), x.portion(), x.sheet(), x.load(), n, x.partners()));
        });
        var partners = small("partners");
        Typed.onEnter(partners, () -> String.valueOf(s.partners()), t -> {
            int n = whole(t, 1, 9);
            change(x -> new Shaping(x.mixture(), x.portion(), x.sheet(), x.load(), x.each(), n));
        });
        for (var field : List.of(portion, mixture, sheet, load, each, partners)) {
            getChildren()
                    .add(Nodes.row(
                            8,
                            Nodes.cell(
                                    Nodes.wrapped(
                                            Words.of("sets." + field.getId().substring(5)), "soft"),
                                    9),
                            Nodes.grown(field)));
            field.setMinWidth(40);
            field.setMaxWidth(150);
        }
        makes(outcome);
    }

    private void makes(Outcome outcome) {
        var makes = outcome.answers().makes();
        var what = outcome.lesson().makes().what();
        var weighs = Words.of("sets.weighs", makes.grams().nearest())
                + (makes.unweighed().isEmpty()
                        ? ""
                        : " " + Words.of("sets.unweighed", String.join(", ", makes.unweighed())));
        getChildren().add(Nodes.wrapped(weighs, "soft"));
        if (!outcome.gather().factor().equals(Ratio.ONE) || makes.loads() > 1) {
            getChildren()
                    .add(Nodes.wrapped(
                            Words.of("sets.noScale") + (makes.loads() > 1 ? " " + Words.of("sets.eachLoad") : ""),
                            "soft"));
        }
        if (makes.pieces() != null) {
            var text = Words.of("sets.makes", makes.pieces(), what, makes.stated());
            getChildren()
                    .add(Nodes.named(
                            Nodes.wrapped(
                                    (makes.isWrong() ? "▲ " : "")
                                            + text
                                            + (makes.left() == null
                                                            || makes.left()
                                                                    .low()
                                                                    .isZero()
                                                    ? ""
                                                    : " " + Words.of("sets.left", AmountText.of(makes.left()))),
                                    makes.isWrong() ? "warn" : "good"),
                            "sets-result",
                            text));
        }
        if (outcome.lesson().shaping() == null) return;
        if (makes.loads() > 0) getChildren().add(Nodes.wrapped(Words.count("sets.loads", makes.loads()), "body"));
        if (outcome.lesson().shaping().partners() > 1)
            getChildren().add(Nodes.wrapped(Words.of("sets.wholes", makes.wholes()), "body"));
        getChildren()
                .add(Nodes.wrapped(
                        Words.of("sets.served", makes.served(), what) + " "
                                + (makes.over() > 0
                                        ? Words.of("sets.over2", makes.over())
                                        : makes.over() < 0 ? "▲ " + Words.of("sets.few", -makes.over()) : ""),
                        makes.over() < 0 ? "warn" : "body"));
    }

    private static String text(Amount amount) {
        return amount == null ? "" : AmountText.of(amount);
    }

    private static Amount amount(String text) {
        return text.isBlank() ? null : AmountReader.whole(text);
    }

    /** "24 × 18 / 6": a sheet and its cutter, centimetres; half of the trimmings are rolled again. */
    private static Shaping.Sheet sheet(String text) {
        if (text.isBlank()) return null;
        var parts = text.split("[x×/]");
        try {
            if (parts.length != 3) throw new IllegalArgumentException(text);
            return new Shaping.Sheet(cm(parts[0]), cm(parts[1]), cm(parts[2]), Ratio.HALF);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(Words.of("sets.sheetWrong", text.strip()), e);
        }
    }

    private static Ratio cm(String text) {
        return Ratio.parseDecimal(text.strip().replaceFirst("\\s*cm$", "").replace(',', '.'));
    }

    private void change(UnaryOperator<Shaping> change) {
        // What was typed is read before anything is changed: a wrong text throws here and leaves the lesson alone.
        Lesson lesson = workspace.lesson();
        var after = change.apply(lesson.shaping() == null ? Shaping.BLANK : lesson.shaping());
        workspace.editLesson(
                Words.of("edit.shaping"), l -> l.but(d -> d.shaping = after.equals(Shaping.BLANK) ? null : after));
    }

    private void salt(Outcome outcome) {
        var salt = outcome.answers().salt();
        if (salt.carriers().isEmpty() && salt.uncounted().isEmpty()) return;
        getChildren().add(Nodes.label(Words.of("sets.salt"), "panel-title"));
        getChildren()
                .add(Nodes.wrapped(
                        (salt.isMuch() ? "▲ " : "")
                                + Words.of(
                                        "sets.saltText",
                                        AmountText.number(salt.grams().toStep(Ratio.of(1, 10))),
                                        salt.share().times(100).nearest(),
                                        salt.limit(),
                                        outcome.lesson().audience().title()),
                        salt.isMuch() ? "warn" : "body"));
        for (var c : salt.carriers().stream().limit(4).toList())
            getChildren()
                    .add(Nodes.wrapped(
                            c.item() + ": " + AmountText.number(c.grams().toStep(Ratio.of(1, 100))) + " g", "soft"));
        if (!salt.uncounted().isEmpty())
            getChildren().add(Nodes.wrapped(Words.of("sets.saltToTaste", String.join(", ", salt.uncounted())), "soft"));
    }

    private void spoken(Outcome outcome) {
        var spoken = outcome.answers().spoken();
        if (spoken.step() == null) return;
        getChildren().add(Nodes.label(Words.of("sets.spoken", spoken.number()), "panel-title"));
        var unsaid = spoken.unsaid().stream().map(FoodLine::item).toList();
        getChildren()
                .add(Nodes.wrapped(
                        unsaid.isEmpty()
                                ? Words.of("sets.spokenAll")
                                : "▲ " + Words.of("sets.unsaid", String.join(", ", unsaid)),
                        unsaid.isEmpty() ? "good" : "warn"));
    }
}
