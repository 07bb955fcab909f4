package webodidact.formats.course;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;

/** Writes a file so that a crash leaves either the old one or the new one, whole. */
public final class AtomicFile {
    private AtomicFile() {}

    /** Temporary file beside it, flushed, then renamed over it, and the folder flushed. */
    public static void write(Path file, byte[] content) throws IOException {
        var folder = file.toAbsolutePath().getParent();
        Files.createDirectories(folder);
        // Not createTempFile: its files can be read by nobody else, and papers are for others.
        var temporary = folder.resolve(".writing-" + UUID.randomUUID() + ".tmp");
        try {
            try (var channel = FileChannel.open(temporary, StandardOpenOption.WRITE, StandardOpenOption.CREATE_NEW)) {
                var buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) channel.write(buffer);
                channel.force(true);
            }
            Files.move(temporary, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            flush(folder);
        } finally {
            Files.deleteIfExists(temporary);
        }
    }

    /** Not every system lets a folder be flushed; where it does not, the rename alone has to do. */
    private static void flush(Path folder) {
        try (var channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException e) {
            // Windows refuses to open folders; its rename is journalled by the file system.
            return;
        }
    }
}
