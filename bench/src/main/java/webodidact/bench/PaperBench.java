package webodidact.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import webodidact.core.answer.Question;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Household;
import webodidact.core.lesson.Workbook;
import webodidact.core.outcome.Outcome;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;
import webodidact.formats.paper.Edition;
import webodidact.formats.paper.PagePaper;
import webodidact.formats.paper.Papers;

/**
 * Papers of the demo lesson, warm: the gather list as PDF, all papers, and the lists of 500 homes with the memory they leave behind.
 * Read as ratios: a home against the one paper, the last hundred homes against the first.
 */
public final class PaperBench {
    private static final int WARM = 12;
    private static final int RUNS = 15;
    private static final int HOMES = 500;

    private PaperBench() {}

    public static void main(String[] args) throws IOException {
        var folder = Files.createTempDirectory("webodidact-bench");
        DemoCourse.copyTo(folder);
        var book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
        var edition = Edition.of(outcome(book, book.households()));
        var gather = (PagePaper) Papers.of("gather-list");
        double one = median(() -> gather.pdf(edition));
        double all = median(() -> {
            for (var paper : Papers.ALL) paper.files(edition);
        });
        System.out.printf("gather list as PDF, warm: %.0f ms%n", one);
        System.out.printf(
                "all %d papers of the demo lesson, in all formats: %.0f ms, ratio %.1f%n",
                Papers.ALL.size(), all, all / one);
        homes(book, gather, one);
        delete(folder);
    }

    private static void homes(Workbook book, PagePaper gather, double one) throws IOException {
        var homes = new ArrayList<Household>();
        for (int i = 0; i < HOMES; i++) {
            var like = book.households().get(i % book.households().size());
            int n = i;
            homes.add(like.but(d -> d.alias = "home " + n));
        }
        var base = Edition.of(outcome(book, homes));
        var times = new ArrayList<Double>();
        var heaps = new ArrayList<Long>();
        for (int from = 0; from < HOMES; from += 100) {
            long start = System.nanoTime();
            for (var home : homes.subList(from, from + 100)) gather.pdf(base.forHome(home));
            times.add((System.nanoTime() - start) / 1e8);
            System.gc();
            heaps.add((Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory()) >> 20);
        }
        System.out.printf(
                "gather lists of %d homes: %.0f ms a home, ratio to one %.2f; last hundred against first %.2f; heap after each hundred %s MB%n",
                HOMES,
                times.stream().mapToDouble(Double::doubleValue).average().orElseThrow(),
                times.getLast() / one,
                times.getLast() / times.getFirst(),
                heaps);
    }

    private static Outcome outcome(Workbook book, List<Household> homes) {
        return Outcome.of(new Question(
                book.lessons().getFirst(),
                book.course(),
                Knowledge.of(book.course().foods()),
                homes,
                book.lessons(),
                Map.of(),
                Map.of()));
    }

    private interface Work {
        void run() throws IOException;
    }

    private static double median(Work work) throws IOException {
        for (int i = 0; i < WARM; i++) work.run();
        var times = new ArrayList<Double>();
        for (int i = 0; i < RUNS; i++) {
            long start = System.nanoTime();
            work.run();
            times.add((System.nanoTime() - start) / 1e6);
        }
        return times.stream().sorted().toList().get(RUNS / 2);
    }

    private static void delete(Path folder) throws IOException {
        try (var files = Files.list(folder)) {
            for (var file : files.toList()) Files.delete(file);
        }
        Files.delete(folder);
    }
}
