package webodidact.desktop.view.afters;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import webodidact.core.afters.WorkReceived;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Received;
import webodidact.core.outcome.Outcome;
import webodidact.core.publish.HowItWent;
import webodidact.desktop.control.Hints;
import webodidact.desktop.control.Nodes;
import webodidact.desktop.state.Workspace;
import webodidact.desktop.view.Desk;
import webodidact.desktop.words.Words;
import webodidact.formats.api.Read;
import webodidact.formats.api.Warning;
import webodidact.formats.csv.RepliesCsv;

/** Who has sent what, against what was asked; who has not, and a text to remind them with nobody's name in it. */
final class WorkPane implements AftersPart {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.UK);
    private final Desk desk;
    private final Workspace workspace;

    WorkPane(Desk desk) {
        this.desk = desk;
        workspace = desk.workspace();
    }

    private static WorkReceived of(Outcome outcome, Workspace workspace) {
        return WorkReceived.of(
                workspace.book(),
                outcome.lesson(),
                HowItWent.of(outcome.answers().question()),
                outcome.knowledge());
    }

    /** "16/24", or "" where there are no homes. */
    static String count(Outcome outcome, Workspace workspace) {
        var work = of(outcome, workspace);
        return work.rows().isEmpty() ? "" : work.in() + "/" + work.rows().size();
    }

    @Override
    public void fill(Outcome outcome, VBox rows, VBox side) {
        var work = of(outcome, workspace);
        if (work.rows().isEmpty()) {
            rows.getChildren().add(Nodes.wrapped(Words.of("work.noHomes"), "empty-text"));
            return;
        }
        for (var row : work.rows()) rows.getChildren().add(row(row, work, outcome));
        side(work, outcome, side);
    }

    private HBox row(WorkReceived.Row row, WorkReceived work, Outcome outcome) {
        var home = row.home();
        var kinds = row.received().stream()
                .map(r -> Words.of("work.sent", r.kind().title(), DAY.format(r.on())))
                .collect(Collectors.joining(" · "));
        var name = Nodes.label(home.alias(), "strong");
        name.setMinWidth(110);
        name.setPrefWidth(110);
        var sent = Nodes.label(
                row.isOutstanding() ? Words.of("work.outstanding") : kinds, row.isOutstanding() ? "soft" : "body");
        sent.setMinWidth(0);
        sent.setMaxWidth(Double.MAX_VALUE);
        var line = Nodes.styled(Nodes.row(8, name, Nodes.grown(sent)), "row-card");
        for (int i = 0; i < row.verdicts().size(); i++) line.getChildren().add(verdict(row, work, i));
        if (row.isOutstanding() && !row.alternative().isEmpty()) {
            var other = Nodes.label(Words.of("work.other"), "warn");
            Hints.on(other, row.alternative());
            other.setAccessibleText(row.alternative());
            line.getChildren().add(other);
        }
        line.getChildren().add(got(home, Received.Kind.PICTURE, outcome));
        line.getChildren().add(got(home, Received.Kind.REPLY, outcome));
        return line;
    }

    private Node got(Household home, Received.Kind kind, Outcome outcome) {
        var text = Words.of("work.got", kind.title());
        return Nodes.named(
                Nodes.button(
                        text,
                        () -> add(List.of(
                                new Received(outcome.lesson().id(), home.alias(), kind, today(), List.of(), "")))),
                "got-" + kind.name().toLowerCase(Locale.ROOT) + "-" + home.alias(),
                Words.of("work.gotFrom", kind.title(), home.alias()));
    }

    private static Label verdict(WorkReceived.Row row, WorkReceived work, int question) {
        var verdict = row.verdicts().get(question);
        var answer = row.received().stream()
                .map(Received::answers)
                .filter(a -> question < a.size())
                .reduce((a, b) -> b)
                .map(a -> a.get(question))
                .orElse("");
        var sign = switch (verdict) {
            case AS_THE_KEY -> "✓";
            case LOOK -> "?";
            case NONE -> "–";
        };
        var label = Nodes.label(sign, verdict == WorkReceived.Verdict.AS_THE_KEY ? "good" : "soft");
        label.setMinWidth(18);
        var text = Words.of(
                verdict == WorkReceived.Verdict.NONE ? "work.noAnswer" : "work.answer",
                work.questions().get(question),
                answer,
                work.key().get(question));
        label.setAccessibleText(text);
        Hints.on(label, text);
        return label;
    }

    private LocalDate today() {
        return desk.ticker().now().toLocalDate();
    }

    private void add(List<Received> more) {
        workspace.edit(Words.of("edit.received"), b -> {
            var all = new ArrayList<>(b.received());
            for (var each : more) if (!all.contains(each)) all.add(each);
            return b.withReceived(all);
        });
    }

    private void side(WorkReceived work, Outcome outcome, VBox side) {
        side.getChildren()
                .addAll(
                        Nodes.label(Words.of("work.title"), "overline"),
                        Nodes.wrapped(Words.of("work.in", work.in(), work.rows().size()), "figure"));
        if (work.due() != null)
            side.getChildren().add(Nodes.wrapped(Words.of("work.due", DAY.format(work.due())), "body"));
        side.getChildren()
                .add(Nodes.named(
                        Nodes.button(Words.of("work.file"), () -> file(work, outcome), "primary"),
                        "work-file",
                        Words.of("work.file")));
        side.getChildren().add(Nodes.wrapped(Words.of("work.fileHint"), "soft"));
        for (int i = 0; i < work.questions().size(); i++) {
            side.getChildren()
                    .add(Nodes.wrapped(
                            Words.of(
                                    work.key().get(i).isBlank() ? "work.questionNoKey" : "work.question",
                                    work.questions().get(i),
                                    work.key().get(i)),
                            "body"));
        }
        var reminder = work.reminder(outcome.lesson());
        if (reminder.isEmpty()) return;
        side.getChildren()
                .addAll(
                        Nodes.label(Words.of("work.remind"), "overline"),
                        Nodes.wrapped(reminder, "body"),
                        new FlowPane(
                                6,
                                6,
                                Nodes.named(
                                        Nodes.button(Words.of("work.copy"), () -> copy(reminder)),
                                        "work-copy",
                                        Words.of("work.copy"))),
                        Nodes.wrapped(
                                Words.of(
                                        "work.whom",
                                        work.outstanding().stream()
                                                .map(r -> r.home().alias())
                                                .collect(Collectors.joining(", "))),
                                "soft"),
                        Nodes.wrapped(Words.of("work.deleted"), "soft"));
    }

    private void copy(String text) {
        var content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
        desk.tell(Words.of("work.copied"));
    }

    private void file(WorkReceived work, Outcome outcome) {
        desk.askFile(Words.of("work.file"), List.of("csv")).ifPresent(path -> read(path, work, outcome));
    }

    private void read(Path path, WorkReceived work, Outcome outcome) {
        byte[] content;
        try {
            content = Files.readAllBytes(path);
        } catch (IOException e) {
            desk.tell(Words.of("work.unread", path.getFileName()));
            return;
        }
        var homes = work.rows().stream().map(r -> r.home().alias()).toList();
        var name = path.getFileName().toString();
        switch (RepliesCsv.read(name, content, outcome.lesson().id(), work.questions(), homes, today())) {
            case Read.Done<List<Received>>(var more, var warnings) -> {
                add(more);
                desk.tell(
                        warnings.isEmpty()
                                ? Words.count("work.readAll", more.size())
                                : Words.of(
                                        "work.readSome",
                                        more.size(),
                                        warnings.size(),
                                        warnings.getFirst().text()));
            }
            case Read.Refused<List<Received>>(Warning why) -> desk.tell(why.text());
        }
    }
}
