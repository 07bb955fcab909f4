package webodidact.formats.paper;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import webodidact.formats.course.AtomicFile;
import webodidact.formats.course.DiskWords;
import webodidact.formats.pdf.Merged;

/** The one index of papers, and writing them. */
public final class Papers {
    public static final List<Paper> ALL = List.of(
            new GatherPaper(),
            new MethodCard(),
            new SubstitutionPaper(),
            new PupilPaper(),
            new AnswerKey(),
            new WentPaper(),
            new ScriptPaper(),
            new RunningOrderPaper(),
            new ShootPaper(),
            new PrompterFile(),
            new PrepPaper(),
            new KitPaper(),
            new LabelsPaper(),
            new LoadingPaper(),
            new CameraPaper(),
            new CaptionsFile(),
            new ChaptersFile(),
            new DescriptionFile(),
            new EditListFile(),
            new RunningOrderFile(),
            new ListsFile(),
            new CalendarFile(),
            new RecipeFile());

    private Papers() {}

    /** @throws IllegalArgumentException if there is none, with those there are */
    public static Paper of(String id) {
        return ALL.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        Words.say("none", id, ALL.stream().map(Paper::id).toList())));
    }

    /** A paper with stops against it is not handed out. */
    public static final class Blocked extends IllegalStateException {
        Blocked(String message) {
            super(message);
        }
    }

    /**
     * What came of writing several papers.
     *
     * @param files written, each whole
     * @param held for each paper that stops hold, its title and how many
     * @param failed for each paper that could not be written, its title and why
     */
    public record Written(List<Path> files, List<String> held, List<String> failed) {
        public boolean isWhole() {
            return held.isEmpty() && failed.isEmpty();
        }
    }

    /** One paper for one reader. */
    public record Order(Paper paper, Edition edition) {}

    /** Writes all of them that can be written, and says the rest. */
    public static Written writeAll(List<Paper> papers, Edition edition, Path folder) {
        return writeAll(papers.stream().map(p -> new Order(p, edition)).toList(), folder, n -> {}, () -> false);
    }

    /**
     * The same for many readers.
     *
     * @param progress hears how many orders are done
     * @param stopped asked between two orders; what is written stays
     */
    public static Written writeAll(List<Order> orders, Path folder, IntConsumer progress, BooleanSupplier stopped) {
        var files = new ArrayList<Path>();
        var held = new ArrayList<String>();
        var failed = new ArrayList<String>();
        int done = 0;
        for (var order : orders) {
            if (stopped.getAsBoolean()) break;
            try {
                files.addAll(write(order.paper(), order.edition(), folder));
            } catch (Blocked e) {
                held.add(e.getMessage());
            } catch (IOException | RuntimeException | StackOverflowError e) {
                failed.add(Words.say("failed", order.paper().title(), DiskWords.of(e)));
            }
            progress.accept(++done);
        }
        return new Written(
                List.copyOf(files), List.copyOf(held.stream().distinct().toList()), List.copyOf(failed));
    }

    /**
     * Writes a paper in all of its formats; none is begun before all of them are whole.
     *
     * @return the files written
     * @throws Blocked if stops hold it and it is no draft; nothing is written
     */
    public static List<Path> write(Paper paper, Edition edition, Path folder) throws IOException {
        var holds = paper.holds(edition.outcome());
        if (!holds.isEmpty() && !edition.draft()) throw new Blocked(Words.say("blocked", paper.title(), holds.size()));
        var whole = paper.files(edition);
        Files.createDirectories(folder);
        var name = name(paper, edition);
        var files = new ArrayList<Path>();
        for (var each : whole.entrySet()) {
            var file = folder.resolve(name + "." + each.getKey());
            AtomicFile.write(file, each.getValue());
            files.add(file);
        }
        return files;
    }

    /**
     * All homes' papers as one PDF, to be printed in one go.
     *
     * @param editions one or more, in the order of printing
     * @throws Blocked as {@link #write}
     */
    public static Path writeMerged(
            PagePaper paper, List<Edition> editions, Path folder, IntConsumer progress, BooleanSupplier stopped)
            throws IOException {
        var pdfs = new ArrayList<byte[]>();
        for (var edition : editions) {
            if (stopped.getAsBoolean()) throw new IOException(Words.say("stopped"));
            var holds = paper.holds(edition.outcome());
            if (!holds.isEmpty() && !edition.draft())
                throw new Blocked(Words.say("blocked", paper.title(), holds.size()));
            pdfs.add(paper.pdf(edition));
            progress.accept(pdfs.size());
        }
        Files.createDirectories(folder);
        var file = folder.resolve(editions.getFirst().lesson().id() + "-" + paper.id() + "-all-homes.pdf");
        AtomicFile.write(file, Merged.of(pdfs));
        return file;
    }

    /** The file's name without ending: "1-fish-parcels-gather-list", "…-bittern" for a home. */
    public static String name(Paper paper, Edition edition) {
        var name = edition.lesson().id() + "-" + paper.id();
        return edition.home() == null || !paper.isPerHome()
                ? name
                : name + "-" + fileName(edition.home().alias());
    }

    /** Letters and figures of a name, the rest hyphens: whatever a home is called, its file lies in the folder. */
    static String fileName(String alias) {
        var plain = Normalizer.normalize(alias, Normalizer.Form.NFKC)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{M}\\p{N}]+", "-")
                .replaceAll("^-+|-+$", "");
        if (plain.length() > 60) plain = plain.substring(0, 60);
        return plain.isEmpty() ? "home-" + Integer.toHexString(alias.hashCode()) : plain;
    }
}
