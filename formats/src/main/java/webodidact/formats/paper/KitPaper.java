package webodidact.formats.paper;

import java.util.List;
import webodidact.core.list.KitList;
import webodidact.core.list.Sharing;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;

/** Sets for groups and the demonstration: pots with their labels, what to buy for all, and tools that are shared. */
final class KitPaper extends ListPaper {
    @Override
    public String id() {
        return "kit-list";
    }

    @Override
    public String title() {
        return "Kit list";
    }

    @Override
    String intro(Outcome outcome) {
        var sets = outcome.lesson().sets();
        return sets.inRoom() + (sets.inRoom() == 1 ? " set: " : " sets: ") + sets.groups() + " for groups, " + sets.demo() + " for the demonstration";
    }

    @Override
    List<Section> sections(Outcome outcome) {
        var kit = KitList.of(outcome.lesson(), outcome.course(), outcome.knowledge());
        var delays = Sharing.delays(outcome.lesson()).stream().map(d -> Row.of("Step " + d.step() + ": " + d.tool().name() + ", " + d.turns() + " turns, " + Clock.text(d.added()) + " more")).toList();
        return List.of(new Section("Pots of one set, and their labels", "", kit.pots().stream().map(p -> new Row(kit.sets() + " ×", p.label(), "", "")).toList()),
                new Section("To buy for all sets", "", kit.totals().stream().map(t -> new Row(t.take(), t.item(), t.packs(), "")).toList()),
                new Section("Tools", "", kit.tools().stream().map(t -> new Row(t.there() + " ×", t.name(), t.turns() > 1 ? "shared: " + t.turns() + " turns" : "", "")).toList()),
                new Section("Where groups wait", "", delays));
    }

    @Override
    String empty() {
        return "This lesson has no food yet.";
    }
}
