package webodidact.desktop.control;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.Pane;
import webodidact.core.time.Clock;
import webodidact.desktop.geometry.BlockLayout;
import webodidact.desktop.geometry.Lane;
import webodidact.desktop.words.Words;

/**
 * The buttons that blocks are drawn as. Blocks that are there already stay the same nodes, so that one that is dragged or has the focus
 * keeps it; the others are taken for what is new: making and styling a node costs more than all the rest of a frame.
 */
final class BlockPool extends Pane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass ALIKE = PseudoClass.getPseudoClass("alike");
    /** Pixels of a block that no word can have. */
    private static final int PADDING = 13;

    private final Map<String, Button> pool = new HashMap<>();
    private final Map<String, String> shownText = new HashMap<>();
    private final Consumer<String> select;
    private final Consumer<Button> made;
    private String hovered = "";

    /** @param made told of each new button, once */
    BlockPool(Consumer<String> select, Consumer<Button> made) {
        this.select = select;
        this.made = made;
        setPickOnBounds(false);
    }

    void clear() {
        getChildren().clear();
        pool.clear();
        shownText.clear();
    }

    /** @param chosen id of the selected step */
    void arrange(List<BlockLayout.Box> wanted, String chosen) {
        var keys = new HashSet<String>();
        wanted.forEach(w -> keys.add(w.key()));
        var spare = new ArrayList<Button>();
        for (var key : pool.keySet().stream().filter(k -> !keys.contains(k)).toList()) {
            spare.add(pool.remove(key));
            shownText.remove(key);
        }
        for (var want : wanted)
            fill(
                    want,
                    pool.computeIfAbsent(
                            want.key(),
                            k -> spare.isEmpty() || spare.getLast().isFocused() ? fresh() : spare.removeLast()),
                    chosen);
        getChildren().removeAll(spare);
    }

    private void fill(BlockLayout.Box want, Button button, String chosen) {
        var block = want.block();
        if (!button.getStyleClass().getLast().equals("block-" + block.look()))
            button.getStyleClass().set(1, "block-" + block.look());
        button.setId("block-" + block.look() + "-" + block.step());
        button.setFocusTraversable(!block.step().isEmpty());
        var spoken = words(want.lane(), block);
        if (!spoken.equals(shownText.put(want.key(), spoken))) {
            button.setAccessibleText(spoken);
        }
        var text = Fitting.words(block.text(), button.getFont(), want.w() - PADDING);
        // A number alone is no word.
        button.setText(text.matches("\\d*") ? "" : text);
        button.setUserData(block);
        button.pseudoClassStateChanged(
                CHOSEN, !block.step().isEmpty() && block.step().equals(chosen));
        button.pseudoClassStateChanged(
                ALIKE, !block.step().isEmpty() && block.step().equals(hovered));
        button.resizeRelocate(Math.round(want.x()), want.y(), Math.max(3, Math.round(want.w()) - 1), want.h());
    }

    private static String hint(Lane.Block block) {
        return block.text() + "\n" + Clock.text(block.span().start()) + "–"
                + Clock.text(block.span().end()) + " · "
                + Clock.text(block.span().length());
    }

    static Lane.Block blockOf(Button button) {
        return (Lane.Block) button.getUserData();
    }

    private Button fresh() {
        var button = new Button();
        button.getStyleClass().setAll("block", "");
        button.setTextOverrun(OverrunStyle.CLIP);
        button.setMinWidth(0);
        button.setManaged(false);
        Hints.on(button, () -> hint(blockOf(button)));
        button.setOnAction(e -> {
            if (!blockOf(button).step().isEmpty()) select.accept(blockOf(button).step());
        });
        button.hoverProperty()
                .addListener((o, was, now) -> hover(now ? blockOf(button).step() : ""));
        made.accept(button);
        getChildren().add(button);
        return button;
    }

    /** All blocks of the step under the pointer light up, in every lane. */
    private void hover(String step) {
        hovered = step;
        for (var button : pool.values())
            button.pseudoClassStateChanged(
                    ALIKE,
                    !blockOf(button).step().isEmpty() && blockOf(button).step().equals(step));
    }

    static String words(Lane lane, Lane.Block block) {
        return Words.of(
                "clock.block",
                lane.title(),
                block.text(),
                Clock.text(block.span().start()),
                Clock.text(block.span().end()));
    }
}
