package webodidact.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What holds of all sources, whichever module they are in. */
class SourcesTest {
    private static final List<String> MODULES = List.of("core", "formats", "desktop", "terminal", "bench");
    private static final Pattern NO_CODE = Pattern.compile(
            "\"\"\"[\\s\\S]*?\"\"\"|\"(?:[^\"\\\\\n]|\\\\.)*\"|/\\*[\\s\\S]*?\\*/|//[^\n]*|(?m:^(?:import|package) .*$)");
    private static final Pattern QUALIFIED =
            Pattern.compile("(?<![\\w.@])(?:java|javax|javafx|webodidact|org|com)(?:\\.[a-z]\\w*)+\\.([A-Z]\\w*)");

    private static List<Path> sources(String kind) throws IOException {
        var all = new ArrayList<Path>();
        for (var module : MODULES) {
            var root = Path.of("..", module, "src", kind, "java");
            try (Stream<Path> files = Files.walk(root)) {
                files.filter(f -> f.toString().endsWith(".java") && !f.endsWith("module-info.java"))
                        .forEach(all::add);
            }
        }
        return all;
    }

    /** A qualified name stands inside code only where another class of that name is imported. */
    @Test
    void namesAreImported() throws IOException {
        var found = new ArrayList<String>();
        for (var kind : List.of("main", "test")) {
            for (var file : sources(kind)) {
                var text = Files.readString(file);
                var m = QUALIFIED.matcher(NO_CODE.matcher(text).replaceAll(" "));
                while (m.find()) {
                    boolean taken = text.contains("." + m.group(1) + ";")
                            || text.matches("(?s).*\\b(?:class|record|enum|interface) " + m.group(1) + "\\b.*");
                    if (!taken) found.add(file + ": " + m.group());
                }
            }
        }
        assertThat(found).isEmpty();
    }

    @Test
    void noFileIsAGiant() throws IOException {
        for (var file : sources("main"))
            assertThat(Files.readAllLines(file)).as(file.toString()).hasSizeLessThan(501);
    }

    /** Whose sources these are is no secret, but where they were written is nobody's business. */
    @Test
    void nobodysMachineIsNamed() throws IOException {
        for (var kind : List.of("main", "test")) {
            for (var file : sources(kind))
                if (!file.endsWith("SourcesTest.java"))
                    assertThat(Files.readString(file))
                            .as(file.toString())
                            .doesNotContain("/work/", "/home/", "C:\\\\Users");
        }
    }

    @Test
    void coloursAreTokens() throws IOException {
        var css = Files.readString(Path.of("../desktop/src/main/resources/webodidact/desktop/app/webodidact.css"));
        assertThat(css.substring(css.indexOf('}'))).doesNotContainPattern("#[0-9A-Fa-f]{3,8}\\b");
        for (var file : sources("main"))
            if (file.toString().contains("desktop"))
                assertThat(Files.readString(file)).as(file.toString()).doesNotContainPattern("Color\\.(?:web|rgb)");
    }
}
