package webodidact.desktop.view.larder;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import webodidact.core.amount.AmountText;
import webodidact.core.amount.Dimension;
import webodidact.core.amount.KitchenRounding;
import webodidact.core.amount.Ratio;
import webodidact.core.amount.Unit;
import webodidact.core.lesson.Course;
import webodidact.core.list.Costs;
import webodidact.core.money.Price;
import webodidact.core.outcome.Outcome;
import webodidact.core.reading.PackText;
import webodidact.core.time.Clock;
import webodidact.desktop.control.ListRows;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Typed;
import webodidact.desktop.view.WhenSeen;
import webodidact.desktop.words.Words;

/** The lists of the lesson side by side in one place: for a home, for the shoot, for the bench, for the kits, for pupils. */
final class ListsPane extends VBox {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private final Workspace workspace;
    private final ListRows rows = new ListRows();
    private final ReceiptBox receipt;
    private ListKind kind = ListKind.GATHER;

    ListsPane(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        receipt = new ReceiptBox(workspace);
        setId("lists");
        var group = new ToggleGroup();
        var pills = new FlowPane(6, 6);
        for (var each : ListKind.values()) {
            ToggleButton pill = Nodes.named(
                    Nodes.toggle(Words.of("lists." + each.key()), "tab"),
                    "list-" + each.key(),
                    Words.of("lists." + each.key()));
            pill.setToggleGroup(group);
            pill.setSelected(each == kind);
            pill.setOnAction(e -> {
                kind = each;
                pill.setSelected(true);
                show();
            });
            pills.getChildren().add(pill);
        }
        getChildren().addAll(pills, rows);
        WhenSeen.of(this, this::show, workspace.outcomeProperty(), workspace.bookProperty());
    }

    private void show() {
        rows.getChildren().clear();
        var outcome = workspace.outcome();
        if (outcome == null) return;
        if (outcome.lesson().foods().isEmpty()) {
            rows.getChildren().add(Nodes.wrapped(Words.of("lists.empty"), "empty"));
            return;
        }
        rows.getChildren().add(Nodes.wrapped(Words.of("lists.about." + kind.key()), "soft"));
        switch (kind) {
            case GATHER -> gather(outcome);
            case BEFORE -> before(outcome);
            case SHOOT -> shoot(outcome);
            case BENCH -> bench(outcome);
            case KIT -> kit(outcome);
            case PUPIL -> pupil(outcome);
            case LEFT -> left(outcome);
            case COST -> cost(outcome);
        }
    }

    private static String steps(List<Integer> steps) {
        return steps.isEmpty()
                ? ""
                : Words.of(
                        steps.size() == 1 ? "swap.step" : "swap.stepsWord",
                        steps.stream().map(String::valueOf).collect(Collectors.joining(", ")));
    }

    private void gather(Outcome outcome) {
        outcome.gather().shelves().forEach((shelf, entries) -> {
            rows.title(shelf.title());
            for (var e : entries)
                rows.row(
                        e.take(),
                        e.item() + (e.line().optional() ? " " + Words.of("lists.optional") : ""),
                        String.join(
                                " · ",
                                Stream.of(e.also(), e.line().form(), steps(e.steps()))
                                        .filter(t -> !t.isEmpty())
                                        .toList()),
                        Nodes.label(e.contains(), "allergen"));
        });
    }

    private void before(Outcome outcome) {
        var leads = outcome.answers().leads();
        if (leads.isEmpty()) rows.getChildren().add(Nodes.wrapped(Words.of("lists.noLeads"), "good"));
        for (var lead : leads) {
            var when = lead.start() == null
                    ? Words.of("lists.beforeAir", Clock.spell(lead.beforeAir()))
                    : WHEN.format(lead.start());
            rows.row(when, lead.item() + ": " + lead.what(), Clock.spell(lead.seconds()));
        }
    }

    private void shoot(Outcome outcome) {
        var list = outcome.answers().shoot();
        rows.title(Words.of("lists.food"));
        for (var e : list.entries()) rows.row(e.take(), e.item(), e.why());
        rows.title(Words.of("larder.kit"));
        for (var t : list.tools()) rows.row(t.count() + " ×", t.name(), "");
    }

    private void bench(Outcome outcome) {
        for (var s : outcome.answers().setOut().settings()) {
            rows.title(s.number() + " " + s.title());
            for (var food : s.foods()) rows.row("", food, "");
            if (!s.tools().isEmpty()) rows.row("", String.join(", ", s.tools()), "");
            if (!s.apart().isEmpty())
                rows.getChildren()
                        .add(Nodes.wrapped("■ " + Words.of("lists.apart", String.join(", ", s.apart())), "bad"));
        }
    }

    private void kit(Outcome outcome) {
        var kit = outcome.answers().kit();
        rows.title(Words.of("lists.pots", kit.sets()));
        for (var pot : kit.pots())
            rows.row(kit.sets() + " ×", pot.label(), pot.lines().size() > 1 ? Words.of("lists.together") : "");
        rows.title(Words.of("lists.buyAll"));
        for (var t : kit.totals()) rows.row(t.take(), t.item(), t.packs());
        rows.title(Words.of("lists.tools"));
        for (var t : kit.tools())
            rows.row(t.there() + " ×", t.name(), t.turns() > 1 ? Words.of("lists.turns", t.wanted(), t.turns()) : "");
    }

    private void pupil(Outcome outcome) {
        var pupil = outcome.answers().pupil();
        rows.title(Words.of("lists.questions"));
        for (var q : pupil.questions())
            rows.row(String.valueOf(q.step()), q.title(), Words.count("lists.blanks", q.blanks()));
        rows.title(Words.of("lists.key"));
        for (var answer : pupil.answers()) rows.row("", answer, "");
    }

    private void left(Outcome outcome) {
        var lefts = outcome.answers().leftovers();
        if (lefts.isEmpty()) rows.getChildren().add(Nodes.wrapped(Words.of("lists.noLeft"), "empty"));
        for (var l : lefts) {
            var plan = Nodes.field("plan-" + l.line().id(), l.plan(), Words.of("lists.planFor", l.item()));
            Typed.onEnter(
                    plan,
                    () -> l.decided() ? l.plan() : "",
                    t -> workspace.editLesson(
                            Words.of("edit.plan", l.item()),
                            x -> x.withFood(l.line().id(), f -> f.but(d -> d.plan = t.strip()))));
            var row = rows.row(
                    l.shown(),
                    l.item(),
                    l.keepsUntil() == null ? "" : Words.of("lists.keepsUntil", DAY.format(l.keepsUntil())));
            var text = (VBox) row.getChildren().get(1);
            text.getChildren().add(plan);
        }
    }

    private void cost(Outcome outcome) {
        var costs = outcome.answers().costs();
        var sign = outcome.course().currency();
        rows.getChildren()
                .add(Nodes.wrapped(
                        Words.of(
                                "lists.costHome",
                                Costs.money(costs.home().outlay(), sign),
                                Costs.money(costs.home().used(), sign)),
                        "strong"));
        rows.getChildren()
                .add(Nodes.wrapped(
                        Words.of(
                                "lists.costShoot",
                                Costs.money(costs.shoot().outlay(), sign),
                                Costs.money(costs.shoot().used(), sign)),
                        "strong"));
        if (!costs.home().unpriced().isEmpty())
            rows.getChildren()
                    .add(Nodes.wrapped(
                            "▲ "
                                    + Words.of(
                                            "lists.unpriced",
                                            String.join(", ", costs.home().unpriced())),
                            "warn"));
        for (var r : costs.home().rows()) if (r.food() != null) costRow(r, outcome.course());
        rows.getChildren().add(receipt);
    }

    private void costRow(Costs.Row r, Course course) {
        var text = r.buying() == null
                ? ""
                : r.isPriced()
                        ? Words.of(
                                "lists.buys",
                                r.buying().packs(),
                                pack(r.buying().pack()),
                                Costs.money(r.buying().used(), course.currency()),
                                AmountText.of(KitchenRounding.round(r.buying().left(), course.house())
                                        .parts()
                                        .getFirst()))
                        : Words.of("lists.usualPack", pack(r.buying().pack()));
        var row = rows.row(r.isPriced() ? Costs.money(r.buying().outlay(), course.currency()) : "–", r.item(), text);
        var column = (VBox) row.getChildren().get(1);
        if (r.isPriced() && r.buying().isDisagreeing()) {
            column.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    "lists.disagree",
                                    pack(r.buying().cheapestByWeight()),
                                    Costs.money(per100(r.buying().cheapestByWeight(), course), course.currency()),
                                    Costs.money(per100(r.buying().pack(), course), course.currency())),
                            "covers"));
        }
        TextField packs = Nodes.field(
                "packs-" + r.food().id(), Words.of("lists.packPrompt"), Words.of("lists.packsOf", r.item()));
        var own = course.prices().stream()
                .filter(p -> p.food().equals(r.food().id()))
                .toList();
        Typed.onEnter(packs, () -> PackText.of(own), t -> {
            var read = PackText.read(r.food().id(), t);
            workspace.edit(
                    Words.of("edit.packs", r.item()),
                    b -> b.withCourse(b.course()
                            .but(d -> d.prices = Stream.concat(
                                            d.prices.stream()
                                                    .filter(p -> !p.food()
                                                            .equals(r.food().id())),
                                            read.stream())
                                    .toList())));
        });
        column.getChildren().add(packs);
    }

    private static String pack(Price price) {
        return (price.name() + " " + AmountText.of(price.holds())).strip();
    }

    /** Price of a hundred of the pack's measure; of one where it is counted. */
    private static Ratio per100(Price price, Course course) {
        var unit = price.holds().unit().dimension() == Dimension.MASS ? Unit.G : Unit.ML;
        if (!price.holds().unit().convertsTo(unit))
            return Ratio.of(price.coins()).dividedBy(price.holds().low());
        return Ratio.of(price.coins())
                .times(100)
                .dividedBy(price.holds().in(unit, course.house()).low());
    }
}
