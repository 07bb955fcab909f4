package webodidact.desktop.view.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import javafx.scene.control.ListView;
import webodidact.core.outcome.Outcome;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;
import webodidact.desktop.geometry.Lanes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** All blocks of the timeline as lines, in the order of their time: what a narrow block cannot say, and what a keyboard can read. */
final class BlockList extends ListView<BlockList.Line> {
    /** @param step id of the step it belongs to, or "" */
    record Line(int second, String text, String step) {
        @Override
        public String toString() {
            return text;
        }
    }

    private final Workspace workspace;
    private boolean showing;

    BlockList(Workspace workspace) {
        this.workspace = workspace;
        setId("clock-list");
        setAccessibleText(Words.of("clock.list"));
        setPrefHeight(150);
        setMinHeight(90);
        getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!showing && now != null && !now.step().isEmpty())
                workspace.stepProperty().set(now.step());
        });
    }

    void show(Outcome outcome) {
        showing = true;
        var now = lines(outcome);
        if (!getItems().equals(now)) getItems().setAll(now);
        var step = workspace.stepProperty().get();
        var selected = getSelectionModel().getSelectedItem();
        if (selected == null || !selected.step().equals(step))
            now.stream().filter(l -> l.step().equals(step)).findFirst().ifPresent(l -> {
                getSelectionModel().select(l);
                scrollTo(l);
            });
        showing = false;
    }

    private static List<Line> lines(Outcome outcome) {
        if (outcome == null) return List.of();
        var all = new ArrayList<Line>();
        for (var lane : Lanes.of(outcome))
            for (var block : lane.blocks()) {
                var placed = outcome.schedule().of(block.step()).orElse(null);
                all.add(new Line(
                        block.span().start(),
                        Words.of(
                                "clock.line",
                                Clock.text(block.span().start()),
                                Clock.text(block.span().length()),
                                lane.title(),
                                block.text(),
                                placed == null ? "" : said(placed, block.look())),
                        block.step()));
            }
        all.sort(Comparator.comparingInt(Line::second));
        return all;
    }

    /** The step, and of a wait its cue. */
    private static String said(Placed placed, String look) {
        var step = placed.number() + " " + placed.step().title();
        var wait = placed.step().waiting();
        return look.equals("wait") && wait != null && !wait.cue().isBlank()
                ? Words.of("clock.lineCue", step, wait.cue())
                : step;
    }
}
