package webodidact.desktop.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import webodidact.core.food.Knowledge;
import webodidact.core.outcome.Outcome;
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
        for (int second : new int[] {-3600, -1234, 0, 1, 1500, 2999}) assertThat(axis.second(axis.x(second))).isEqualTo(second);
        assertThat(axis.markEvery(70)).isEqualTo(300);
        assertThat(new TimeAxis(0, 60, 0, 100).x(30)).isEqualTo(50);
    }

    @Test
    void lanesShowEveryStepAndEveryWaitOnce(@TempDir Path folder) throws IOException {
        DemoCourse.copyTo(folder);
        var book = ((Read.Done<CourseFolder.Opened>) CourseFolder.open(folder)).value().workbook();
        for (var lesson : book.lessons()) {
            var outcome = Outcome.of(lesson, book.course(), Knowledge.shipped());
            var lanes = Lanes.of(outcome);
            var hands = lanes.stream().filter(l -> l.id().equals("hands")).findFirst().orElseThrow();
            long worked = lesson.steps().stream().filter(s -> !s.hands().isZero()).count();
            assertThat(hands.blocks().stream().filter(b -> b.look().equals("hands"))).hasSize((int) worked);
            long waits = lesson.steps().stream().filter(s -> s.waiting() != null && !(s.waiting().cover() instanceof webodidact.core.lesson.Cover.ReadyCopy)).count();
            assertThat(lanes.stream().flatMap(l -> l.blocks().stream()).filter(b -> b.look().equals("wait"))).hasSize((int) waits);
            var camera = lanes.getFirst().blocks();
            for (int i = 1; i < camera.size(); i++) assertThat(camera.get(i).span().start()).isEqualTo(camera.get(i - 1).span().end());
        }
    }
}
