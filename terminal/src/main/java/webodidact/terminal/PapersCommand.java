package webodidact.terminal;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.lesson.Household;
import webodidact.core.words.Language;
import webodidact.formats.paper.Edition;
import webodidact.formats.paper.Paper;
import webodidact.formats.paper.Papers;
import webodidact.formats.paper.Print;
import webodidact.formats.paper.Sheet;

/** The papers of a lesson, or of all lessons of a course; a paper that stops hold is not written, unless as a draft. */
@Command(name = "papers", mixinStandardHelpOptions = true)
final class PapersCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "LESSON|COURSE")
    private Path file;

    @Option(names = "--out", required = true, paramLabel = "DIR")
    private Path out;

    @Option(names = "--only", split = ",", paramLabel = "PAPER")
    private List<String> only = List.of();

    @Option(names = "--paper", defaultValue = "a4", paramLabel = "SIZE")
    private String sheet;

    @Option(names = "--home", paramLabel = "ALIAS")
    private String home;

    @Option(names = "--all-homes")
    private boolean allHomes;

    @Option(names = "--measures", paramLabel = "SYSTEM")
    private String measures;

    @Option(names = "--language", paramLabel = "L")
    private String language;

    @Option(names = "--large")
    private boolean large;

    @Option(names = "--spaced")
    private boolean spaced;

    @Option(names = "--draft")
    private boolean draft;

    @Override
    public Integer call() {
        var err = spec.commandLine().getErr();
        var papers = papers();
        var print = new Print(named(Sheet.values(), sheet, "--paper"), large, spaced);
        var system = measures == null ? null : named(MeasureSystem.values(), measures, "--measures");
        var speaks = language == null ? null : language(language);
        int code = 0;
        for (var lesson : LessonFile.lessons("papers", file, err)) {
            var base = Edition.of(lesson.outcome()).printed(print).asDraft(draft);
            if (speaks != null) base = base.in(speaks);
            if (system != null) base = base.in(system);
            var orders = new ArrayList<Papers.Order>();
            for (var paper : papers)
                for (var edition : editions(paper, base, lesson)) orders.add(new Papers.Order(paper, edition));
            var written = Papers.writeAll(orders, out, n -> {}, () -> false);
            written.files().forEach(f -> spec.commandLine().getOut().println(f));
            written.held().forEach(h -> err.println("papers: " + h));
            written.failed().forEach(f -> err.println("papers: " + f));
            if (!written.failed().isEmpty()) code = Terminal.CANNOT_READ;
            else if (!written.held().isEmpty() && code == 0) code = 1;
        }
        return code;
    }

    /** "gather" is the gather list. */
    private List<Paper> papers() {
        if (only.isEmpty()) return Papers.ALL;
        return only.stream().map(String::strip).map(PapersCommand::paper).toList();
    }

    private static Paper paper(String name) {
        var found = Papers.ALL.stream()
                .filter(p -> p.id().equals(name) || p.id().startsWith(name + "-"))
                .toList();
        // "running-order" is the paper of that name, not the data of it as well.
        if (!found.isEmpty() && !name.isEmpty()) return found.getFirst();
        throw new IllegalArgumentException(Words.say(
                "papers.none", name, Papers.ALL.stream().map(Paper::id).toList()));
    }

    private List<Edition> editions(Paper paper, Edition base, LessonFile lesson) {
        if (!paper.isPerHome() || home == null && !allHomes) return List.of(base);
        var homes = lesson.book().households();
        if (allHomes)
            return homes.isEmpty()
                    ? List.of(base)
                    : homes.stream().map(h -> forHome(base, h)).toList();
        return List.of(forHome(
                base,
                homes.stream()
                        .filter(h -> h.alias().equalsIgnoreCase(home))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException(Words.say(
                                "papers.noHome",
                                home,
                                homes.stream().map(Household::alias).toList())))));
    }

    /** In its own measures, unless others are asked for. */
    private Edition forHome(Edition base, Household to) {
        var edition = base.forHome(to);
        return measures == null ? edition : edition.in(base.measures());
    }

    private static <E extends Enum<E>> E named(E[] values, String said, String option) {
        for (var value : values) if (value.name().equalsIgnoreCase(said.replace('-', '_'))) return value;
        throw new IllegalArgumentException(Words.say(
                "papers.choice",
                option,
                said,
                Arrays.stream(values)
                        .map(v -> v.name().toLowerCase(Locale.ROOT))
                        .toList()));
    }

    private static Language language(String said) {
        for (var each : Language.values())
            if (each.code().equalsIgnoreCase(said) || each.name().equalsIgnoreCase(said)) return each;
        throw new IllegalArgumentException(Words.say(
                "papers.choice",
                "--language",
                said,
                Arrays.stream(Language.values()).map(Language::code).toList()));
    }
}
