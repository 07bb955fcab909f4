package webodidact.core.table;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/**
 * Reads the shipped tables, in plain loops, for they are read at every start: one entry a line, columns parted by '|', lists by ';', '#' for comments, '-' for none.
 */
public final class TableFile {
    private TableFile() {}

    /** The lines of the resource beside {@code anchor}; every one has exactly {@code columns} columns. */
    public static List<String[]> rows(Class<?> anchor, String resource, int columns) {
        var rows = new ArrayList<String[]>();
        for (var line : lines(anchor, resource)) {
            var cells = line.split("\\|", -1);
            for (int i = 0; i < cells.length; i++) {
                var cell = cells[i].strip();
                cells[i] = cell.equals("-") ? "" : cell;
            }
            if (cells.length != columns) {
                throw new IllegalStateException(
                        resource + ", “" + line + "”: " + cells.length + " columns, expected " + columns);
            }
            rows.add(cells);
        }
        return rows;
    }

    /** The lines of the resource beside {@code anchor} that are neither blank nor comments, as they stand. */
    public static List<String> lines(Class<?> anchor, String resource) {
        try (var in = new BufferedReader(
                new InputStreamReader(anchor.getResourceAsStream(resource), StandardCharsets.UTF_8))) {
            var lines = new ArrayList<String>();
            for (String line = in.readLine(); line != null; line = in.readLine())
                if (!line.isBlank() && !line.startsWith("#")) lines.add(line);
            return lines;
        } catch (IOException e) {
            throw new UncheckedIOException(resource, e);
        }
    }

    /** The parts of a list cell, none blank. */
    public static List<String> list(String cell) {
        if (cell.isEmpty()) return List.of();
        var all = new ArrayList<String>();
        for (var part : cell.split(";")) if (!part.isBlank()) all.add(part.strip());
        return List.copyOf(all);
    }
}
