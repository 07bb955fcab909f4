package webodidact.terminal;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringReader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import webodidact.formats.demo.DemoCourse;

/** Every command once on the demo, saying nothing: what the launcher starts to make the start-up cache from. */
final class WarmUpCommand implements Command {
    /** Commands of which each starts with classes of its own: those that lay out pages, read office files or solve plans. */
    private String part;

    @Override
    public Manual manual() {
        return new Manual("warm-up").arguments("PART", 0, 1);
    }

    @Override
    public int run(Told told) throws IOException {
        part = told.arguments().isEmpty() ? "light" : told.argument();
        var folder = Files.createTempDirectory("webodidact-warm");
        DemoCourse.copyTo(folder);
        var lesson = folder.resolve(DemoCourse.FILES.get(1)).toString();
        for (var words : part.equals("heavy") ? heavy(folder, lesson) : light(lesson))
            Terminal.run(
                    new BufferedReader(new StringReader("")),
                    new PrintWriter(Writer.nullWriter()),
                    new PrintWriter(Writer.nullWriter()),
                    words.toArray(String[]::new));
        try (var files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) Files.delete(file);
        }
        return 0;
    }

    private static List<List<String>> light(String lesson) {
        return List.of(
                List.of("read", "--json", "1½ cups (225 g) plain flour, sifted"),
                List.of("read", "2 x 400 g tins chickpeas, drained"),
                List.of("convert", "1½ cups", "--food", "plain-flour", "--to", "g"),
                List.of("swap", "milk", "--use", "baked", "--without", "milk"),
                List.of("check", "--json", lesson),
                List.of("check", lesson),
                List.of("clock", lesson),
                List.of("clock", "--json", lesson),
                List.of("homes", "--homes", "100", lesson),
                List.of("list", "--json", lesson, "--for", "home"),
                List.of("list", lesson, "--for", "kit"),
                List.of("check", "--help"));
    }

    private static List<List<String>> heavy(Path folder, String lesson) throws IOException {
        var page = Files.writeString(
                folder.resolve("page.txt"), "Toast\n\n2 slices bread\n\n1. Toast the bread for 3 minutes.\n");
        return List.of(
                List.of("papers", lesson, "--out", folder.resolve("papers").toString(), "--draft"),
                List.of("prep", lesson),
                List.of("prep", "--json", lesson),
                List.of(
                        "draft",
                        page.toString(),
                        "--out",
                        folder.resolve("9-toast.lesson.json").toString()),
                List.of(
                        "import",
                        page.toString(),
                        "--out",
                        folder.resolve("8-toast.lesson.json").toString()));
    }
}
