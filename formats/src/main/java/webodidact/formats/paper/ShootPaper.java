package webodidact.formats.paper;

import java.util.List;
import webodidact.core.list.Costs;
import webodidact.core.list.Leftovers;
import webodidact.core.list.ShootList;
import webodidact.core.outcome.Outcome;

/** Everything the instructor needs, ready copies and spare takes included. */
final class ShootPaper extends ListPaper {
    @Override
    public String id() {
        return "shoot-list";
    }

    @Override
    public String title() {
        return "Shoot list";
    }

    @Override
    String intro(Outcome outcome) {
        var list = ShootList.of(outcome.lesson(), outcome.course(), outcome.knowledge());
        var cost = Costs.of(outcome.lesson(), outcome.course(), outcome.knowledge()).shoot();
        var paid = cost.outlay().isZero() ? "" : ". At the till: " + Costs.money(cost.outlay(), outcome.course().currency());
        return list.onCamera() + " on camera, " + list.copies() + (list.copies() == 1 ? " ready copy, " : " ready copies, ") + list.spares() + (list.spares() == 1 ? " spare take" : " spare takes") + paid;
    }

    @Override
    List<Section> sections(Outcome outcome) {
        var list = ShootList.of(outcome.lesson(), outcome.course(), outcome.knowledge());
        var lefts = Leftovers.of(outcome.lesson(), List.of(), outcome.course(), outcome.knowledge());
        return List.of(new Section("Food", "", list.entries().stream().map(e -> new Row(e.take(), e.item(), e.why(), "")).toList()),
                new Section("Kit", "", list.tools().stream().map(t -> new Row(t.count() > 1 ? t.count() + " ×" : "1 ×", t.name(), "", "")).toList()),
                new Section("What will be left over", "", lefts.stream().map(l -> new Row(l.shown(), l.item(), l.plan(), "")).toList()));
    }

    @Override
    String empty() {
        return "This lesson has no food yet.";
    }
}
