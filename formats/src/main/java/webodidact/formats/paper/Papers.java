package webodidact.formats.paper;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import webodidact.core.outcome.Outcome;
import webodidact.formats.course.AtomicFile;
import webodidact.formats.course.DiskWords;
import webodidact.formats.pdf.PdfWriter;

/** The one index of papers, and writing them. */
public final class Papers {
    public static final List<Paper> ALL = List.of(
            new GatherPaper(),
            new MethodCard(),
            new SubstitutionPaper(),
            new ShootPaper(),
            new BenchPaper(),
            new KitPaper(),
            new PupilPaper(),
            new AnswerKey());

    private Papers() {}

    /** A lesson with open stops is not handed out. */
    public static final class Blocked extends IllegalStateException {
        Blocked(long stops) {
            super(Words.say("blocked", stops));
        }
    }

    /**
     * What came of writing several papers.
     *
     * @param files written, each whole
     * @param failed for each paper that was not, its title and why
     */
    public record Written(List<Path> files, List<String> failed) {}

    /** Writes all of them that can be written, and says the rest. @throws Blocked if the lesson has open stops; nothing is written */
    public static Written writeAll(List<Paper> papers, Outcome outcome, Path folder) {
        var files = new ArrayList<Path>();
        var failed = new ArrayList<String>();
        for (var paper : papers) {
            try {
                files.addAll(write(paper, outcome, folder));
            } catch (Blocked e) {
                throw e;
            } catch (IOException | RuntimeException | StackOverflowError e) {
                failed.add(Words.say("failed", paper.title(), DiskWords.of(e)));
            }
        }
        return new Written(List.copyOf(files), List.copyOf(failed));
    }

    /**
     * Writes the paper as PDF and HTML.
     *
     * @return the files written
     * @throws Blocked if the lesson has open stops; nothing is written
     */
    public static List<Path> write(Paper paper, Outcome outcome, Path folder) throws IOException {
        if (outcome.report().stops() > 0) throw new Blocked(outcome.report().stops());
        Files.createDirectories(folder);
        var html = paper.html(outcome);
        var name = outcome.lesson().id() + "-" + paper.id();
        var files = new ArrayList<Path>();
        files.add(folder.resolve(name + ".pdf"));
        files.add(folder.resolve(name + ".html"));
        AtomicFile.write(files.get(0), PdfWriter.write(html));
        AtomicFile.write(files.get(1), ("<!DOCTYPE html>\n" + html).getBytes(StandardCharsets.UTF_8));
        return files;
    }
}
