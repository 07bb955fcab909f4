package webodidact.formats.course;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.Locale;

/** What went wrong on disk, in words: which file, and what to look at. Never a class of the program. */
public final class DiskWords {
    private DiskWords() {}

    /** "the disk is full (1-fish.lesson.json)". */
    public static String of(Throwable e) {
        return switch (e) {
            case NoSuchFileException x -> named(x) + " is not there (any more)";
            case AccessDeniedException x -> named(x) + " may not be read or written: permission is missing";
            case NotDirectoryException x -> named(x) + " is no folder";
            case FileSystemException x when x.getReason() != null -> reason(x.getReason()) + " (" + named(x) + ")";
            case CharacterCodingException _ -> "it is not text in UTF-8";
            case InvalidPathException x -> "'" + x.getInput() + "' cannot be a file's name in this system's language settings";
            case IOException x when x.getMessage() != null && !x.getMessage().contains("Exception") -> reason(x.getMessage());
            case OutOfMemoryError _ -> "the memory is full";
            default -> "the program failed; please report “" + webodidact.core.check.Unworked.of("", e).report() + "”";
        };
    }

    private static String reason(String reason) {
        var r = reason.toLowerCase(Locale.ROOT);
        if (r.contains("no space") || r.contains("quota")) return "the disk is full";
        if (r.contains("read-only")) return "the disk or folder can only be read";
        if (r.contains("name too long")) return "the name is too long";
        return reason;
    }

    private static String named(FileSystemException e) {
        if (e.getFile() == null) return "a file";
        var path = Path.of(e.getFile());
        var name = path.getFileName() == null ? e.getFile() : path.getFileName().toString();
        // The temporary file beside it means nothing to anybody: its folder does.
        return "'" + (name.startsWith(AtomicFile.TEMPORARY) && path.getParent() != null ? path.getParent() : name) + "'";
    }
}
