package webodidact.formats.course;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;

/** Copies of files as they were before something else was written over them: "name.kept-3" beside the file, a bounded number of each. */
public final class KeptCopies {
    /** Of one file; the oldest goes. */
    public static final int MOST = 10;

    private static final Pattern NAME = Pattern.compile("(.+)\\.kept-(\\d{1,9})");

    /**
     * @param of name of the file it is a copy of
     * @param bytes its size
     */
    public record Copy(Path path, String of, int number, Instant at, long bytes) {}

    private KeptCopies() {}

    /** All of a course, newest first. */
    public static List<Copy> in(Path folder) throws IOException {
        var all = new ArrayList<Copy>();
        try (var files = Files.list(folder)) {
            for (var path : files.toList()) {
                var m = NAME.matcher(path.getFileName().toString());
                if (m.matches() && Files.isRegularFile(path))
                    all.add(new Copy(
                            path,
                            m.group(1),
                            Integer.parseInt(m.group(2)),
                            Files.getLastModifiedTime(path).toInstant(),
                            Files.size(path)));
            }
        }
        all.sort(Comparator.comparing(Copy::at)
                .reversed()
                .thenComparing(Comparator.comparing(Copy::number).reversed()));
        return all;
    }

    /** Keeps one more; nothing if the newest one of that file is the same. */
    static void keep(Path folder, String name, byte[] content) throws IOException {
        var known = in(folder).stream()
                .filter(c -> c.of().equals(name))
                .sorted(Comparator.comparing(Copy::number))
                .toList();
        if (!known.isEmpty() && Arrays.equals(Files.readAllBytes(known.getLast().path()), content)) return;
        int next = known.isEmpty() ? 1 : known.getLast().number() + 1;
        AtomicFile.write(folder.resolve(name + ".kept-" + next), content);
        for (int i = 0; i <= known.size() - MOST; i++)
            Files.deleteIfExists(known.get(i).path());
    }
}
