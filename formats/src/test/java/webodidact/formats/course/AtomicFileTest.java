package webodidact.formats.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AtomicFileTest {
    @TempDir
    Path folder;

    @Test
    void replacesWholeFiles() throws IOException {
        Files.createDirectories(folder.resolve("a/b"));
        var file = folder.resolve("a/b/c.txt");
        AtomicFile.write(file, "first, longer".getBytes());
        AtomicFile.write(file, "second".getBytes());
        assertThat(file).hasContent("second");
        try (var all = Files.list(file.getParent())) {
            assertThat(all).hasSize(1);
        }
    }

    @Test
    void aReaderSeesTheOldOrTheNewFileNeverAHalf() throws Exception {
        var file = folder.resolve("x.txt");
        var a = "a".repeat(200_000);
        var b = "b".repeat(200_000);
        AtomicFile.write(file, a.getBytes());
        var stop = new AtomicBoolean();
        var halves = new AtomicBoolean();
        var reader = Thread.ofVirtual().start(() -> {
            while (!stop.get()) {
                try {
                    var text = Files.readString(file);
                    if (!text.equals(a) && !text.equals(b)) halves.set(true);
                } catch (IOException e) {
                    halves.set(true);
                }
            }
        });
        for (int i = 0; i < 40; i++) AtomicFile.write(file, (i % 2 == 0 ? b : a).getBytes());
        stop.set(true);
        reader.join();
        assertThat(halves).isFalse();
    }
}
