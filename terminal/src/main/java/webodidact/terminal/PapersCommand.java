package webodidact.terminal;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import webodidact.core.amount.MeasureSystem;
import webodidact.core.lesson.Household;
import webodidact.core.words.Language;
import webodidact.formats.paper.Edition;
import webodidact.formats.paper.LabelGrid;
import webodidact.formats.paper.Paper;
import webodidact.formats.paper.Papers;
import webodidact.formats.paper.Print;
import webodidact.formats.paper.Sheet;

/** The papers of a lesson, or of all lessons of a course; a paper that stops hold is not written, unless as a draft. */
final class PapersCommand implements Command {
    private Told told;

    private Path file;

    private Path out;

    private List<String> only = List.of();

    private String sheet;

    private String home;

    private boolean allHomes;

    private String measures;

    private String language;

    private boolean large;

    private boolean spaced;

    private boolean draft;

    @Override
    public Manual manual() {
        return new Manual("papers")
                .needed("out", "DIR")
                .option("only", "PAPER")
                .option("paper", "SIZE", "a4")
                .option("labels", "N")
                .option("first-label", "N", "1")
                .option("home", "ALIAS")
                .flag("all-homes")
                .option("measures", "SYSTEM")
                .option("language", "L")
                .flag("large")
                .flag("spaced")
                .flag("draft")
                .argument("LESSON|COURSE");
    }

    @Override
    public int run(Told told) {
        this.told = told;
        file = told.file();
        out = told.path("out");
        only = told.several("only");
        sheet = told.text("paper");
        home = told.text("home");
        allHomes = told.has("all-homes");
        measures = told.text("measures");
        language = told.text("language");
        large = told.has("large");
        spaced = told.has("spaced");
        draft = told.has("draft");
        var err = told.err();
        var papers = papers();
        var print = print(named(Sheet.values(), sheet, "--paper"));
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
            written.files().forEach(f -> told.out().println(f));
            written.held().forEach(h -> err.println("papers: " + h));
            written.failed().forEach(f -> err.println("papers: " + f));
            if (!written.failed().isEmpty()) code = Terminal.CANNOT_READ;
            else if (!written.held().isEmpty() && code == 0) code = 1;
        }
        return code;
    }

    private Print print(Sheet on) {
        var print = new Print(on, large, spaced);
        var count = told.number("labels");
        if (count != null) {
            var grids = LabelGrid.on(on);
            print = print.on(grids.stream()
                    .filter(g -> g.count() == count)
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(Words.say(
                            "papers.choice",
                            "--labels",
                            count,
                            grids.stream().map(LabelGrid::count).toList()))));
        }
        return print.from(told.number("first-label"));
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
