package webodidact.desktop.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.food.Knowledge;
import webodidact.core.lesson.Cover;
import webodidact.core.outcome.Outcome;
import webodidact.core.prep.PrepPlan;
import webodidact.core.prep.PrepTasks;
import webodidact.core.prep.Prepared;
import webodidact.core.prep.Task;
import webodidact.core.time.Span;
import webodidact.formats.api.Read;
import webodidact.formats.course.CourseFolder;
import webodidact.formats.demo.DemoCourse;

class GeometryTest {
    @Test
    void bothSidesOfAirHaveTheirOwnScaleAndPixelsGoBackToSeconds() {
        var axis = new TimeAxis(-3600, 3000, 200, 1000);
        assertThat(axis.x(-3600)).isZero();
        assertThat(axis.x(0)).isEqualTo(200);
        assertThat(axis.x(3000)).isEqualTo(1000);
        for (int second : new int[] {-3600, -1234, 0, 1, 1500, 2999})
            assertThat(axis.second(axis.x(second))).isEqualTo(second);
        assertThat(axis.markEvery(70)).isEqualTo(300);
        assertThat(new TimeAxis(0, 60, 0, 100).x(30)).isEqualTo(50);
    }

    /** Any work, any day: time goes to the right, each second comes back from its pixel, and no work lies in a fold. */
    @Test
    void aFoldedAxisKeepsTheOrderOfSecondsAndFoldsNoWork() {
        for (int seed = 1; seed <= 200; seed++) folded(new Random(seed));
    }

    private static void folded(Random random) {
        var busy = new ArrayList<Span>();
        for (int i = 0; i < 1 + random.nextInt(8); i++) {
            int start = -random.nextInt(9 * 3600);
            busy.add(new Span(start, start + 60 + random.nextInt(3000)));
        }
        var axis = new FoldedAxis(busy, -9 * 3600, 600, 110, 800);
        assertThat(axis.x(600)).isCloseTo(800, Offset.offset(0.01));
        double last = axis.x(-9 * 3600);
        assertThat(last).isEqualTo(110);
        for (int second = -9 * 3600 + 60; second <= 600; second += 60) {
            assertThat(axis.x(second)).isGreaterThan(last);
            last = axis.x(second);
            int back = axis.second(last);
            assertThat(Math.abs(back - second)).as("second %d", second).isLessThanOrEqualTo(1);
        }
        for (var span : busy)
            assertThat(axis.folds()).noneMatch(f -> f.overlaps(span)).allMatch(f -> f.length() >= 32 * 60);
    }

    @Test
    void aDayWithoutLongGapsIsNotFolded() {
        var axis = new FoldedAxis(List.of(new Span(-3600, -1800), new Span(-600, 0)), -3600, 600, 0, 700);
        assertThat(axis.folds()).isEmpty();
        assertThat(axis.x(-1500)).isCloseTo(350, Offset.offset(0.01));
        assertThat(axis.open()).isEqualTo(4200);
    }

    @Test
    void lanesShowEveryStepAndEveryWaitOnce(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        var book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
        for (var lesson : book.lessons()) {
            var outcome = Outcome.of(lesson, book.course(), Knowledge.shipped());
            var lanes = Lanes.of(outcome);
            var hands = lanes.stream()
                    .filter(l -> l.id().equals("hands"))
                    .findFirst()
                    .orElseThrow();
            long worked =
                    lesson.steps().stream().filter(s -> !s.hands().isZero()).count();
            assertThat(hands.blocks().stream().filter(b -> b.look().equals("hands")))
                    .hasSize((int) worked);
            long waits = lesson.steps().stream()
                    .filter(s -> s.waiting() != null && !(s.waiting().cover() instanceof Cover.ReadyCopy))
                    .count();
            assertThat(lanes.stream()
                            .flatMap(l -> l.blocks().stream())
                            .filter(b -> b.look().equals("wait")))
                    .hasSize((int) waits);
            var camera = lanes.getFirst().blocks();
            for (int i = 1; i < camera.size(); i++)
                assertThat(camera.get(i).span().start())
                        .isEqualTo(camera.get(i - 1).span().end());
        }
    }

    @Test
    void jobsBeforeAirAreThoseOfTheBenchAsSoonAsItHasAPlan(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        var book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder))
                .value()
                .workbook();
        for (var lesson : book.lessons()) {
            var outcome = Outcome.of(lesson, book.course(), Knowledge.shipped());
            var plan = Prepared.of(outcome.answers(), () -> false).plan().orElseThrow();
            var model = TimelineModel.of(outcome, "", null, List.of(), Optional.of(plan));
            var drawn = model.lanes().stream()
                    .filter(l -> l.id().equals("hands"))
                    .flatMap(l -> l.blocks().stream())
                    .filter(b -> b.look().equals("prep"))
                    .map(b -> b.span().start() + " " + b.text())
                    .toList();
            var planned = plan.jobs().stream()
                    .filter(j -> j.task().hands() && j.who().equals(PrepTasks.YOU))
                    .filter(j ->
                            j.task().kind() == Task.Kind.SET_OUT || j.task().kind() == Task.Kind.CLEAN)
                    .map(j -> j.start() + " " + j.task().what())
                    .toList();
            assertThat(planned).isNotEmpty();
            assertThat(drawn).containsAll(planned);
            assertThat(model.from())
                    .isLessThanOrEqualTo(plan.jobs().stream()
                            .filter(j -> j.task().kind() == Task.Kind.CLEAN)
                            .mapToInt(PrepPlan.Job::start)
                            .min()
                            .orElseThrow());
        }
    }

    @Test
    void zoomingKeepsWhatIsUnderThePointerAndPanningStaysInside() {
        var view = Viewport.all(-600, 3000, 1000);
        int second = view.second(400);
        for (double factor : new double[] {1.25, 2, 5}) {
            var closer = view.zoomedBy(factor, 400);
            assertThat(closer.x(second)).as("zoom " + factor).isCloseTo(400, Offset.offset(1.5));
        }
        assertThat(view.zoomedBy(1000, 0).zoom()).isEqualTo(Viewport.MOST);
        assertThat(view.zoomedBy(0.1, 0)).isEqualTo(view);
        var close = view.zoomedBy(4, 500);
        assertThat(close.pannedTo(-5).pan()).isZero();
        assertThat(close.pannedTo(1e9).x(3000)).isEqualTo(1000);
        assertThat(view.pannedTo(50)).as("all in view, nothing to pan").isEqualTo(view);
        assertThat(close.pannedTo(0).revealing(2900).x(2900)).isBetween(0.0, 1000.0);
        assertThat(close.revealing(close.second(10))).isEqualTo(close);
    }

    @Test
    void blocksOutOfViewAreNotThereAndHundredsInAPixelAreOne() {
        var blocks = new ArrayList<Lane.Block>();
        for (int i = 0; i < 600; i++)
            blocks.add(new Lane.Block(new Span(i * 5, i * 5 + 5), "Step " + i, "hands", "s" + i));
        var lane = new Lane("hands", "Hands", "", blocks);
        var all = BlockLayout.of(lane, Viewport.all(0, 3000, 300), 10, 40, "s301");
        assertThat(all.size()).isBetween(50, 400);
        assertThat(all).extracting(b -> b.block().step()).contains("s301");
        var close = BlockLayout.of(lane, Viewport.all(0, 3000, 300).zoomedBy(20, 0), 10, 40, "");
        assertThat(close).hasSizeLessThan(40).allMatch(b -> b.x() <= 300 && b.x() + b.w() >= 0);
        assertThat(close).extracting(BlockLayout.Box::key).doesNotHaveDuplicates();
    }
}
