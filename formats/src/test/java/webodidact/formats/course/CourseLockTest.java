package webodidact.formats.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Locks of windows that are elsewhere, gone, or never were. */
class CourseLockTest {
    @TempDir
    Path folder;

    private Path file;

    @BeforeEach
    void file() {
        file = folder.resolve(CourseLock.FILE);
    }

    /** As a window on another machine writes it, last touched so many seconds ago. */
    private void elsewhere(int seconds) throws IOException {
        Files.writeString(file, "id=other\npid=1\nstarted=0\nmachine=another\nsince=1700000000\n");
        Files.setLastModifiedTime(file, FileTime.from(Instant.now().minusSeconds(seconds)));
    }

    @Test
    void aWindowOnAnotherMachineHoldsTheCourseWhileItTouchesItsLock() throws IOException {
        elsewhere(60);
        assertThat(CourseLock.holder(folder))
                .hasValue(new CourseLock.Holder(Instant.ofEpochSecond(1_700_000_000), false));
        elsewhere(180);
        assertThat(CourseLock.holder(folder)).as("silent for three minutes").isEmpty();
    }

    @Test
    void aSilentLockIsReplacedByOurs() throws IOException {
        elsewhere(180);
        try (var mine = CourseLock.take(folder).orElseThrow()) {
            assertThat(mine.isHeld()).isTrue();
            assertThat(CourseLock.holder(folder))
                    .hasValueSatisfying(h -> assertThat(h.here()).isTrue());
        }
        assertThat(file).doesNotExist();
    }

    @Test
    void whatIsNoLockHoldsNothing() throws IOException {
        for (var text : new String[] {"", "pid=", "machine=another\nsince=yesterday\n", "\\u00zz", "x".repeat(5000)}) {
            Files.writeString(file, text);
            assertThat(CourseLock.holder(folder))
                    .as(text.length() > 40 ? "long" : text)
                    .isEmpty();
        }
        Files.delete(file);
        Files.createDirectory(file);
        assertThat(CourseLock.holder(folder)).as("a folder").isEmpty();
    }

    @Test
    void aLockSweptAwayIsStillOursAndOneTakenOverIsNot() throws IOException {
        var mine = CourseLock.take(folder).orElseThrow();
        Files.delete(file);
        assertThat(mine.isHeld()).as("nobody else has it").isTrue();
        elsewhere(0);
        assertThat(mine.isHeld()).isFalse();
        mine.close();
        assertThat(file).as("theirs stays").exists();
    }

    @Test
    void aFolderThatIsNotThereHasNone() {
        assertThat(CourseLock.take(folder.resolve("gone"))).isEmpty();
        assertThat(folder.resolve("gone")).doesNotExist();
    }
}
