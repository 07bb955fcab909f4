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
import webodidact.core.check.Unworked;

/** What went wrong on disk, in words: which file, and what to look at. Never a class of the program. */
public final class DiskWords {
    private DiskWords() {}

    /** "the disk is full (1-fish.lesson.json)". */
    public static String of(Throwable e) {
        return switch (e) {
            case NoSuchFileException x -> Words.say("disk.gone", named(x));
            case AccessDeniedException x -> Words.say("disk.forbidden", named(x));
            case NotDirectoryException x -> Words.say("disk.folder", named(x));
            case FileSystemException x
            when x.getReason() != null -> Words.say("disk.reason", reason(x.getReason()), named(x));
            case CharacterCodingException _ -> Words.say("disk.utf8");
            case InvalidPathException x -> Words.say("disk.name", x.getInput());
            case IOException x
            when x.getMessage() != null && !x.getMessage().contains("Exception") -> reason(x.getMessage());
            case OutOfMemoryError _ -> Words.say("disk.memory");
            default -> Words.say("disk.failed", Unworked.report(e));
        };
    }

    private static String reason(String reason) {
        var r = reason.toLowerCase(Locale.ROOT);
        if (r.contains("no space") || r.contains("quota")) return Words.say("disk.full");
        if (r.contains("read-only")) return Words.say("disk.readOnly");
        if (r.contains("name too long")) return Words.say("disk.long");
        return reason;
    }

    private static String named(FileSystemException e) {
        if (e.getFile() == null) return Words.say("disk.file");
        var path = Path.of(e.getFile());
        var name = path.getFileName() == null ? e.getFile() : path.getFileName().toString();
        // The temporary file beside it means nothing to anybody: its folder does.
        return "'" + (name.startsWith(AtomicFile.TEMPORARY) && path.getParent() != null ? path.getParent() : name)
                + "'";
    }
}
