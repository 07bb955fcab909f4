package webodidact.formats.paper;

import java.util.ArrayList;
import java.util.List;
import webodidact.core.list.HomeList;
import webodidact.core.publish.KitVariants;
import webodidact.core.time.Clock;

/** Sets for groups and the demonstration: pots with their labels, what to buy for all, and tools that are shared. */
final class KitPaper extends ListPaper {
    KitPaper() {
        super("kit-list", PaperGroup.HELPERS);
    }

    @Override
    String intro(Edition edition) {
        var sets = edition.outcome().lesson().sets();
        return Words.say("kit.intro", sets.inRoom(), sets.groups(), sets.demo());
    }

    /** Who gets which variant; what is not agreed yet stands there as that. */
    private static List<Row> own(Edition edition) {
        if (edition.outcome().lesson().sets().groups() == 0) return List.of();
        var rows = new ArrayList<Row>();
        for (var own : KitVariants.of(edition.answers().question()).sets()) {
            for (var entry : own.instead())
                rows.add(new Row(own.alias(), entry.take() + " " + entry.item(), instead(entry), ""));
            for (var entry : own.open()) rows.add(new Row(own.alias(), entry.item(), Words.say("kit.own.open"), ""));
            if (!own.labels().isEmpty())
                rows.add(new Row(own.alias(), String.join(", ", own.labels()), Words.say("kit.own.label"), ""));
        }
        return rows;
    }

    private static String instead(HomeList.Entry entry) {
        return entry.from().isEmpty() ? "" : GatherPaper.from(entry);
    }

    @Override
    List<Section> sections(Edition edition) {
        var kit = edition.answers().kit();
        var delays = edition.answers().delays().stream()
                .map(d -> Row.of(Words.say("kit.delay", d.step(), d.tool().name(), d.turns(), Clock.text(d.added()))))
                .toList();
        return List.of(
                new Section(
                        Words.say("kit.pots"),
                        "",
                        kit.pots().stream()
                                .map(p -> new Row(kit.sets() + " ×", p.label(), "", ""))
                                .toList()),
                new Section(
                        Words.say("kit.buy"),
                        "",
                        kit.totals().stream()
                                .map(t -> new Row(t.take(), t.item(), t.packs(), ""))
                                .toList()),
                new Section(
                        Words.say("kit.tools"),
                        "",
                        kit.tools().stream()
                                .map(t -> new Row(
                                        t.there() + " ×",
                                        t.name(),
                                        t.turns() > 1 ? Words.say("kit.shared", t.turns()) : "",
                                        ""))
                                .toList()),
                new Section(Words.say("kit.waits"), "", delays),
                new Section(Words.say("kit.own"), Words.say("kit.own.first"), own(edition)));
    }
}
