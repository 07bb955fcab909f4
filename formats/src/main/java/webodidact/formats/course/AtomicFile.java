package webodidact.formats.course;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.util.UUID;

/** Writes a file so that a crash leaves either the old one or the new one, whole. */
public final class AtomicFile {
    static final String TEMPORARY = ".writing-";

    private AtomicFile() {}

    /**
     * Temporary file beside it, flushed, then renamed over it, and the folder flushed. A link is followed, the file's permissions
     * are kept, and a folder that is not there is not made.
     */
    public static void write(Path file, byte[] content) throws IOException {
        var target = (Files.isSymbolicLink(file) ? followed(file) : file).toAbsolutePath();
        var folder = target.getParent();
        if (Files.exists(target) && !Files.isWritable(target)) throw new AccessDeniedException(target.toString());
        // Not createTempFile: its files can be read by nobody else, and papers are for others.
        var temporary = folder.resolve(TEMPORARY + UUID.randomUUID() + ".tmp");
        try {
            try (var channel = FileChannel.open(temporary, StandardOpenOption.WRITE, StandardOpenOption.CREATE_NEW)) {
                var buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) channel.write(buffer);
                channel.force(true);
            }
            permit(target, temporary);
            Files.move(temporary, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            flush(folder);
        } finally {
            Files.deleteIfExists(temporary);
        }
    }

    /** Where the link points, also if there is nothing yet. */
    private static Path followed(Path link) throws IOException {
        return Files.exists(link)
                ? link.toRealPath()
                : link.toAbsolutePath()
                        .getParent()
                        .resolve(Files.readSymbolicLink(link))
                        .normalize();
    }

    /** The new file may be read and written by whom the old one may. */
    private static void permit(Path old, Path fresh) throws IOException {
        if (!Files.exists(old)) return;
        var from = Files.getFileAttributeView(old, PosixFileAttributeView.class);
        var to = Files.getFileAttributeView(fresh, PosixFileAttributeView.class);
        if (from != null && to != null) to.setPermissions(from.readAttributes().permissions());
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
