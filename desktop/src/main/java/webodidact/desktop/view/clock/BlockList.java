package webodidact.desktop.view.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ListView;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.Prepared;
import webodidact.core.time.Clock;
import webodidact.core.timing.Placed;
import webodidact.desktop.geometry.Lane;
import webodidact.desktop.geometry.Lanes;
import webodidact.desktop.state.PrepWatch;
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
    private final PrepWatch prep;
    private boolean showing;

    BlockList(Workspace workspace, PrepWatch prep) {
        this.workspace = workspace;
        this.prep = prep;
        setId("clock-list");
        setAccessibleText(Words.of("clock.list"));
        setPrefHeight(150);
        setMinHeight(90);
        getStyleClass().add("block-list");
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

    private List<Line> lines(Outcome outcome) {
        if (outcome == null) return List.of();
        var all = new ArrayList<Line>();
        for (var lane : Lanes.of(outcome, Optional.ofNullable(prep.prepared()).flatMap(Prepared::plan)))
            for (var block : lane.blocks()) {
                var placed = outcome.schedule().of(block.step()).orElse(null);
                all.add(new Line(block.span().start(), text(lane, block, placed), block.step()));
            }
        all.sort(Comparator.comparingInt(Line::second));
        return all;
    }

    /** When, how long, in which lane, what; the step where the block does not say it, and of a wait its cue. */
    private static String text(Lane lane, Lane.Block block, Placed placed) {
        var parts = new ArrayList<String>();
        parts.add(Clock.text(block.span().start()));
        parts.add(Clock.text(block.span().length()));
        parts.add(Words.of("clock.line", lane.title(), block.text()));
        if (placed != null && !block.text().contains(placed.step().title()))
            parts.add(placed.number() + " " + placed.step().title());
        var wait = placed == null ? null : placed.step().waiting();
        if (block.look().equals("wait") && wait != null && !wait.cue().isBlank())
            parts.add(Words.of("clock.lineCue", wait.cue()));
        return String.join("  ·  ", parts);
    }
}
