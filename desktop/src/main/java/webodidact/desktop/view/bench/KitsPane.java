package webodidact.desktop.view.bench;

import java.util.ArrayList;
import javafx.scene.layout.VBox;
import webodidact.core.answer.Answers;
import webodidact.core.list.HomeList;
import webodidact.core.list.KitList;
import webodidact.core.publish.KitVariants;
import webodidact.core.time.Clock;
import webodidact.desktop.control.ListRows;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;

/** The sets: their pots as labelled, who gets something else, what is bought for all, and which tools are handed on. */
final class KitsPane extends VBox {
    /** Width of the amounts in letters' widths: of a side of 330 pixels the words need the most. */
    static final double NARROW = 6.5;

    KitsPane(Desk desk, Answers answers) {
        super(8);
        setId("bench-kits");
        var kit = answers.kit();
        var sets = answers.question().lesson().sets();
        var rows = new ListRows(NARROW);
        rows.say(Words.of(sets.groups() == 0 ? "kits.demo" : "kits.sets", sets.groups(), sets.demo()), "soft");
        if (sets.groups() > 0) own(rows, KitVariants.of(answers.question()));
        rows.title(Words.of("kits.pots"));
        for (var pot : kit.pots())
            rows.row(kit.sets() + " ×", pot.label(), pot.lines().size() > 1 ? Words.of("kits.together") : "");
        rows.title(Words.of("kits.buy"));
        for (var total : kit.totals()) rows.row(total.take(), total.item(), total.packs());
        tools(rows, kit);
        for (var delay : answers.delays())
            rows.say(
                    "▲ "
                            + Words.of(
                                    "kits.delay",
                                    delay.step(),
                                    delay.tool().name(),
                                    delay.turns(),
                                    Clock.text(delay.added())),
                    "warn");
        getChildren()
                .addAll(
                        rows,
                        Nodes.named(
                                Nodes.button(Words.of("kits.print"), () -> desk.go("papers")),
                                "kits-print",
                                Words.of("kits.print")));
    }

    /** First of all: a set of somebody with an allergy is packed before flour and nuts are about. */
    private static void own(ListRows rows, KitVariants variants) {
        if (variants.sets().isEmpty()) return;
        rows.title(Words.of("kits.own"));
        rows.say(Words.of("kits.own.first"), "soft");
        for (var own : variants.sets()) {
            var words = new ArrayList<String>();
            for (var entry : own.instead()) words.add(instead(entry));
            for (var entry : own.open()) words.add("▲ " + Words.of("kits.own.open", instead(entry)));
            if (!own.labels().isEmpty()) words.add(Words.of("kits.own.label", String.join(", ", own.labels())));
            rows.row(own.alias(), words.getFirst(), String.join("\n", words.subList(1, words.size())));
        }
    }

    private static String instead(HomeList.Entry entry) {
        var what = entry.take() + " " + entry.item();
        return entry.from().isEmpty()
                ? what
                : Words.of(entry.along() ? "kits.own.along" : "kits.own.instead", what, entry.from());
    }

    private static void tools(ListRows rows, KitList kit) {
        if (kit.tools().isEmpty()) return;
        rows.title(Words.of("kits.tools"));
        for (var tool : kit.tools())
            rows.row(
                    tool.there() + " ×",
                    tool.name(),
                    tool.turns() > 1 ? Words.of("kits.turns", tool.wanted(), tool.turns()) : "");
    }
}
