package webodidact.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.control.Panes;
import webodidact.desktop.words.Words;
import webodidact.formats.course.DiskWords;
import webodidact.formats.course.KeptCopies;

/** Copies of files that were written over: looked at and brought back, or deleted. */
final class KeptSheet extends VBox {
    private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("EEE d MMM yyyy, HH:mm", Locale.UK);
    private final Path folder;
    private final Consumer<KeptCopies.Copy> back;
    private final VBox rows = new VBox(6);
    private final Label trouble = Nodes.wrapped("", "trouble");

    /** @param back brings a copy back */
    KeptSheet(Path folder, Consumer<KeptCopies.Copy> back, Runnable close) {
        super(12);
        this.folder = folder;
        this.back = back;
        Nodes.sheet(this, 51).setId("kept-sheet");
        setMaxHeight(560);
        var scroll = Panes.work(rows);
        scroll.setPrefHeight(320);
        getChildren()
                .addAll(
                        Nodes.label(Words.of("kept.title"), "title"),
                        Nodes.wrapped(Words.of("kept.text", KeptCopies.MOST), "soft"),
                        trouble,
                        Nodes.grown(scroll),
                        Nodes.row(
                                8,
                                Nodes.named(
                                        Nodes.button(Words.of("kept.close"), close),
                                        "kept-close",
                                        Words.of("kept.close"))));
        list();
    }

    private void list() {
        trouble.setText("");
        trouble.setManaged(false);
        rows.getChildren().clear();
        List<KeptCopies.Copy> all;
        try {
            all = KeptCopies.in(folder);
        } catch (IOException e) {
            wrong(e);
            return;
        }
        if (all.isEmpty()) rows.getChildren().add(Nodes.wrapped(Words.of("kept.none"), "empty"));
        for (var copy : all) {
            var name = copy.path().getFileName().toString();
            var words = Nodes.column(
                    0,
                    Nodes.label(copy.of(), "strong"),
                    Nodes.label(
                            Words.of(
                                    "kept.at",
                                    copy.number(),
                                    AT.format(copy.at().atZone(ZoneId.systemDefault())),
                                    Math.max(1, copy.bytes() / 1024)),
                            "soft"));
            words.setMinWidth(0);
            rows.getChildren()
                    .add(Nodes.row(
                            8,
                            Nodes.grown(words),
                            Nodes.named(
                                    Nodes.button(Words.of("kept.back"), () -> back.accept(copy)),
                                    "back-" + name.replace('.', '-'),
                                    Words.of("kept.backOf", name)),
                            Nodes.named(
                                    Nodes.button(Words.of("kept.delete"), () -> delete(copy)),
                                    "delete-" + name.replace('.', '-'),
                                    Words.of("kept.deleteOf", name))));
        }
    }

    private void delete(KeptCopies.Copy copy) {
        try {
            Files.deleteIfExists(copy.path());
            list();
        } catch (IOException e) {
            wrong(e);
        }
    }

    private void wrong(IOException e) {
        trouble.setText(DiskWords.of(e));
        trouble.setManaged(true);
    }
}
