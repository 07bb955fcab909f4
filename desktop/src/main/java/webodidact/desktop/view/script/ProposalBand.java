package webodidact.desktop.view.script;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import webodidact.core.edit.Operations;
import webodidact.core.script.Suggestion;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.words.Words;

/** All that the words of the lesson propose, in one band: taken at once, put away at once, or looked at one by one. */
final class ProposalBand extends HBox {
    /** @param step id of the step whose words say it */
    private record Proposed(String step, Suggestion suggestion) {}

    /** How kinds are told together. */
    private enum Group {
        WAITS,
        AMOUNTS,
        TOOLS,
        LENGTHS,
        HEAT,
        OTHERS
    }

    private final Workspace workspace;
    private List<Proposed> all = List.of();
    private int at = -1;

    ProposalBand(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        setId("proposals");
        getStyleClass().add("band");
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        show();
    }

    void propose(Map<String, List<Suggestion>> proposals) {
        var now = new ArrayList<Proposed>();
        proposals.forEach((step, list) -> list.forEach(s -> now.add(new Proposed(step, s))));
        // What a step proposes is remembered: mostly it is the very same as after the letter before.
        boolean same = now.equals(all) || keys(now).equals(keys(all));
        all = now;
        if (same) return;
        if (at >= all.size()) at = all.size() - 1;
        show();
    }

    private static List<String> keys(List<Proposed> all) {
        return all.stream()
                .map(p -> p.step() + p.suggestion().key() + p.suggestion().text())
                .toList();
    }

    private void show() {
        boolean focused = isFocusWithin();
        getChildren().clear();
        setVisible(!all.isEmpty());
        setManaged(!all.isEmpty());
        if (all.isEmpty()) {
            at = -1;
            return;
        }
        if (at < 0) summary();
        else one();
        if (focused && at >= 0 && lookup("#proposal-take") != null)
            lookup("#proposal-take").requestFocus();
    }

    private void summary() {
        var text = Words.of("band.proposed", all.size(), counted());
        var label = Nodes.named(Nodes.label(text, "body"), "proposals-text", text);
        label.setMinWidth(0);
        getChildren()
                .addAll(
                        label,
                        Nodes.spring(),
                        Nodes.named(
                                Nodes.button(Words.of("band.away"), this::putAllAway, "small"),
                                "proposals-away",
                                Words.of("band.away")),
                        Nodes.named(
                                Nodes.button(Words.of("band.oneByOne"), () -> look(0), "small"),
                                "proposals-look",
                                Words.of("band.oneByOne")),
                        Nodes.named(
                                Nodes.button(Words.of("band.all", all.size()), this::takeAll, "primary", "small"),
                                "proposals-take",
                                Words.of("band.all", all.size())));
    }

    /** "6 waits, 12 amounts, 9 tools". */
    private String counted() {
        var counts = new EnumMap<Group, Integer>(Group.class);
        all.forEach(p -> counts.merge(group(p.suggestion().kind()), 1, Integer::sum));
        return counts.entrySet().stream()
                .map(e -> Words.count("band." + e.getKey().name().toLowerCase(Locale.ROOT), e.getValue()))
                .collect(Collectors.joining(", "));
    }

    private static Group group(Suggestion.Kind kind) {
        return switch (kind) {
            case WAIT, CUE, LOOK, COLLECT -> Group.WAITS;
            case USE, AMOUNT -> Group.AMOUNTS;
            case TOOL -> Group.TOOLS;
            case HANDS -> Group.LENGTHS;
            case HEAT, RING, PLACE -> Group.HEAT;
            default -> Group.OTHERS;
        };
    }

    private void look(int index) {
        at = Math.clamp(index, 0, Math.max(0, all.size() - 1));
        if (!all.isEmpty()) workspace.stepProperty().set(all.get(at).step());
        show();
        if (lookup("#proposal-take") != null) lookup("#proposal-take").requestFocus();
    }

    private void one() {
        var proposed = all.get(at);
        int number = workspace.lesson().indexOf(proposed.step()) + 1;
        var title = workspace.lesson().step(proposed.step()).map(s -> s.title()).orElse("");
        var text = Words.of(
                "band.one",
                at + 1,
                all.size(),
                number,
                title,
                proposed.suggestion().text());
        var label = Nodes.named(Nodes.label(text, "body"), "proposals-text", text);
        label.setMinWidth(0);
        getChildren()
                .addAll(
                        label,
                        Nodes.spring(),
                        button("proposal-before", "◂", "band.before", () -> look(at - 1)),
                        button("proposal-next", "▸", "band.next", () -> look(at + 1)),
                        button("proposal-decline", Words.of("band.decline"), "band.decline", this::decline),
                        Nodes.styled(
                                button("proposal-take", Words.of("band.take"), "band.take", this::take), "primary"),
                        button("proposals-done", Words.of("band.done"), "band.done", this::done));
    }

    private static Button button(String id, String text, String name, Runnable action) {
        return Nodes.named(Nodes.button(text, action, "small"), id, Words.of(name));
    }

    private void key(KeyEvent e) {
        if (at < 0) return;
        boolean mine = true;
        switch (e.getCode()) {
            case KeyCode.ENTER -> take();
            case KeyCode.DELETE, KeyCode.BACK_SPACE -> decline();
            case KeyCode.LEFT, KeyCode.UP -> look(at - 1);
            case KeyCode.RIGHT, KeyCode.DOWN -> look(at + 1);
            case KeyCode.ESCAPE -> done();
            default -> mine = false;
        }
        if (mine) e.consume();
    }

    private void done() {
        at = -1;
        show();
    }

    private void take() {
        var it = all.get(at);
        workspace.editLesson(
                Words.of("edit.suggest", it.suggestion().text()), Operations.take(it.step(), it.suggestion()));
    }

    private void decline() {
        var it = all.get(at);
        workspace.editLesson(
                Words.of("edit.decline", it.suggestion().text()),
                Operations.decline(it.step(), it.suggestion().key()));
    }

    private void takeAll() {
        var steps = all.stream().map(Proposed::step).distinct().toList();
        workspace.editLesson(
                Words.count("edit.bandAll", all.size()),
                Operations.takeAll(steps, workspace.knowledge(), workspace.handsPace()));
    }

    private void putAllAway() {
        var shown = List.copyOf(all);
        workspace.editLesson(
                Words.count("edit.bandAway", shown.size()),
                Operations.all(shown.stream()
                        .map(p -> Operations.decline(p.step(), p.suggestion().key()))
                        .toList()));
    }
}
