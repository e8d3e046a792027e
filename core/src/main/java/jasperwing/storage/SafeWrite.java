package jasperwing.storage;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Optional;

/**
 * Replaces a file whole or not at all. A file that is there keeps its mode, owner, group and links; a new one has the mode the process gives new
 * files. A device or a pipe is written to and stays what it is. Every {@link IOException} names the file asked for and the reason.
 */
public final class SafeWrite {
    private SafeWrite() {}

    /** Writes UTF-8 text beside the file, forces it to the disk and renames it over the file. Folders are made as needed. */
    public static void write(Path path, String text) throws IOException {
        write(path, text.getBytes(StandardCharsets.UTF_8));
    }

    /** As {@link #write(Path, String)}. Removes what an earlier write that was killed left beside the file. */
    public static void write(Path path, byte[] bytes) throws IOException {
        put(path, bytes, true);
    }

    /** As {@link #write(Path, byte[])}, but lets the system decide when the bytes reach the disk, and removes nothing else. */
    public static void replace(Path path, byte[] bytes) throws IOException {
        put(path, bytes, false);
    }

    private static void put(Path path, byte[] bytes, boolean force) throws IOException {
        try {
            if (Files.isDirectory(path)) {
                throw new IOException("this is a folder; name a file");
            }
            if (Files.exists(path) && !Files.isRegularFile(path)) {
                stream(path, bytes);
                return;
            }
            Path target = Files.isSymbolicLink(path) ? linked(path) : path.toAbsolutePath();
            Files.createDirectories(target.getParent());
            if (force) {
                cleanBeside(target);
            }
            putFile(target, bytes, force);
        } catch (IOException e) {
            throw named(path, e);
        }
    }

    /** What a link points to, also when that is not there yet. */
    private static Path linked(Path link) throws IOException {
        return Files.exists(link)
                ? link.toRealPath()
                : link.toAbsolutePath()
                        .resolveSibling(Files.readSymbolicLink(link))
                        .normalize();
    }

    private static void stream(Path path, byte[] bytes) throws IOException {
        try (OutputStream out = Files.newOutputStream(path, StandardOpenOption.WRITE)) {
            out.write(bytes);
        }
    }

    private static void putFile(Path target, byte[] bytes, boolean force) throws IOException {
        Optional<PosixFileAttributes> before = attributes(target);
        if (before.isPresent() && !before.get().permissions().contains(PosixFilePermission.OWNER_WRITE)) {
            throw new IOException("the file is read-only; make it writable, or name another file");
        }
        try (Beside beside = new Beside(target)) {
            beside.write(bytes, force);
            if (before.isEmpty() || beside.looksLike(before.get()) && !isLinkedElsewhere(target)) {
                move(beside.path(), target);
            } else {
                overwrite(target, bytes, force);
            }
        }
    }

    /** The file stays the same one, for those who own it or have linked it; its new content lies beside it meanwhile. */
    private static void overwrite(Path target, byte[] bytes, boolean force) throws IOException {
        try (FileChannel out =
                FileChannel.open(target, StandardOpenOption.WRITE, StandardOpenOption.TRUNCATE_EXISTING)) {
            write(out, bytes, force);
        }
    }

    private static void write(FileChannel out, byte[] bytes, boolean force) throws IOException {
        ByteBuffer buffer = ByteBuffer.wrap(bytes);
        while (buffer.hasRemaining()) {
            out.write(buffer);
        }
        if (force) {
            out.force(true);
        }
    }

    private static boolean isLinkedElsewhere(Path target) throws IOException {
        return Files.getAttribute(target, "unix:nlink") instanceof Integer links && links > 1;
    }

    /** Empty when there is no file, or where files have no owners. */
    private static Optional<PosixFileAttributes> attributes(Path file) throws IOException {
        return Files.exists(file) && Files.getFileStore(file).supportsFileAttributeView(PosixFileAttributeView.class)
                ? Optional.of(Files.readAttributes(file, PosixFileAttributes.class))
                : Optional.empty();
    }

    /** A file beside another that takes its place when it is whole; locked while it is written. */
    private static final class Beside implements AutoCloseable {
        private static final String ENDING = ".part";

        private final Path path;
        private final FileChannel out;
        private final FileLock lock;

        Beside(Path target) throws IOException {
            Path free = target.resolveSibling(prefix(target) + Long.toHexString(System.nanoTime()) + ENDING);
            this.path = free;
            this.out = FileChannel.open(free, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
            this.lock = out.tryLock();
        }

        /** Does not grow with the name of the file, which can be as long as a name may be. */
        static String prefix(Path target) {
            return ".jasperwing-"
                    + Integer.toHexString(target.getFileName().toString().hashCode()) + "-";
        }

        Path path() {
            return path;
        }

        void write(byte[] bytes, boolean force) throws IOException {
            SafeWrite.write(out, bytes, force);
        }

        /** Gives it mode, owner and group of another. @return whether that could be done */
        boolean looksLike(PosixFileAttributes other) {
            PosixFileAttributeView view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
            try {
                PosixFileAttributes own = view.readAttributes();
                if (!own.owner().equals(other.owner())) {
                    view.setOwner(other.owner());
                }
                if (!own.group().equals(other.group())) {
                    view.setGroup(other.group());
                }
                view.setPermissions(other.permissions());
                return true;
            } catch (IOException e) {
                return false;
            }
        }

        @Override
        public void close() throws IOException {
            if (lock != null) {
                lock.release();
            }
            out.close();
            Files.deleteIfExists(path);
        }
    }

    /** Removes what writes that were killed left beside a file; what is being written now is locked and stays. */
    public static void cleanBeside(Path target) throws IOException {
        Path folder = target.toAbsolutePath().getParent();
        if (!Files.isDirectory(folder)) {
            return;
        }
        String pattern = Beside.prefix(target) + "*" + Beside.ENDING;
        try (DirectoryStream<Path> left = Files.newDirectoryStream(folder, pattern)) {
            for (Path each : left) {
                removeUnlocked(each);
            }
        }
    }

    private static void removeUnlocked(Path left) throws IOException {
        try (FileChannel channel = FileChannel.open(left, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            if (lock != null) {
                Files.deleteIfExists(left);
            }
        } catch (OverlappingFileLockException | FileSystemException e) {
            return;
        }
    }

    /** Puts a file in the place of another, at once where the disk can. */
    public static void move(Path beside, Path target) throws IOException {
        try {
            Files.move(beside, target, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(beside, target, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static IOException named(Path path, IOException problem) {
        return new IOException(path + ": " + reason(problem), problem);
    }

    private static String reason(IOException problem) {
        if (problem instanceof AccessDeniedException) {
            return "it may not be written there";
        }
        if (problem instanceof FileAlreadyExistsException || problem instanceof NotDirectoryException) {
            return "a folder on the way is a file";
        }
        if (problem instanceof NoSuchFileException) {
            return "there is no such folder";
        }
        return problem instanceof FileSystemException system && system.getReason() != null
                ? system.getReason()
                : problem.getMessage();
    }
}
