package webodidact.formats.paper;

import java.util.List;
import webodidact.core.list.Costs;

/** Everything the instructor needs, ready copies and spare takes included. */
final class ShootPaper extends ListPaper {
    ShootPaper() {
        super("shoot-list", PaperGroup.INSTRUCTOR);
    }

    @Override
    String intro(Edition edition) {
        var list = edition.answers().shoot();
        var cost = edition.answers().costs().shoot();
        var said = Words.say("shoot.intro", list.onCamera(), list.copies(), list.spares());
        return cost.outlay().isZero()
                ? said
                : Words.say(
                        "shoot.paid",
                        said,
                        Costs.money(cost.outlay(), edition.outcome().course().currency()));
    }

    @Override
    List<Section> sections(Edition edition) {
        var list = edition.answers().shoot();
        var lefts = edition.answers().leftovers();
        return List.of(
                new Section(
                        Words.say("shoot.food"),
                        "",
                        list.entries().stream()
                                .map(e -> new Row(e.take(), e.item(), e.why(), ""))
                                .toList()),
                new Section(
                        Words.say("shoot.kit"),
                        "",
                        list.tools().stream()
                                .map(t -> new Row(t.count() > 1 ? t.count() + " ×" : "1 ×", t.name(), "", ""))
                                .toList()),
                new Section(
                        Words.say("shoot.left"),
                        "",
                        lefts.stream()
                                .map(l -> new Row(l.shown(), l.item(), l.plan(), ""))
                                .toList()));
    }
}
