package jasperwing.storage;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;

/** Replaces a file whole or not at all. */
public final class SafeWrite {
    private SafeWrite() {}

    /** Writes UTF-8 text beside the file, forces it to the disk and renames it over the file. Folders are made as needed. */
    public static void write(Path path, String text) throws IOException {
        write(path, text.getBytes(StandardCharsets.UTF_8));
    }

    public static void write(Path path, byte[] bytes) throws IOException {
        put(path, bytes, true);
    }

    /** As {@link #write(Path, byte[])}, but leaves it to the system when the bytes come to the disk. */
    public static void replace(Path path, byte[] bytes) throws IOException {
        put(path, bytes, false);
    }

    private static void put(Path path, byte[] bytes, boolean force) throws IOException {
        Path target = Files.isSymbolicLink(path) ? path.toRealPath() : path.toAbsolutePath();
        Files.createDirectories(target.getParent());
        Path beside = Files.createTempFile(target.getParent(), "." + target.getFileName(), ".part");
        try {
            try (FileChannel out = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                ByteBuffer buffer = ByteBuffer.wrap(bytes);
                while (buffer.hasRemaining()) {
                    out.write(buffer);
                }
                if (force) {
                    out.force(true);
                }
            }
            keepPermissions(target, beside);
            move(beside, target);
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    private static void keepPermissions(Path target, Path beside) throws IOException {
        if (!Files.getFileStore(beside).supportsFileAttributeView("posix")) {
            return;
        }
        var permissions = Files.exists(target)
                ? Files.getPosixFilePermissions(target)
                : PosixFilePermissions.fromString("rw-r--r--");
        Files.setPosixFilePermissions(beside, permissions);
    }

    /** Puts a file in the place of another, at once where the disk can. */
    public static void move(Path beside, Path target) throws IOException {
        try {
            Files.move(beside, target, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(beside, target, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
