package webodidact.desktop.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MemoryTest {
    @TempDir
    Path home;

    @BeforeEach
    void here() {
        System.setProperty("webodidact.home", home.toString());
    }

    @Test
    void whatIsPutIsThereTheNextTime() {
        var memory = Memory.load();
        memory.put("course", "/somewhere/ß");
        memory.put("width", 1300);
        memory.save();
        assertThat(Memory.load().get("course")).contains("/somewhere/ß");
        assertThat(Memory.load().number("width", 1, 0, 9999)).isEqualTo(1300);
    }

    @Test
    void nonsenseIsForgottenWithoutHarm() throws IOException {
        Files.writeString(home.resolve("state.properties"), "width=wide\nheight=99999\nbroken=\\u00");
        var memory = Memory.load();
        assertThat(memory.number("width", 1280, 1100, 6000)).isEqualTo(1280);
        assertThat(memory.number("height", 800, 700, 4000)).isEqualTo(800);
        memory.put("x", 1);
        memory.save();
        assertThat(Memory.load().get("x")).contains("1");
    }
}
