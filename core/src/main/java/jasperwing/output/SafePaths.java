package jasperwing.output;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** Where files lie below a folder; whatever they are called, never outside of it. */
final class SafePaths {
    private static final Pattern DEVICE = Pattern.compile("(?i)(con|prn|aux|nul|com[1-9]|lpt[1-9])(\\..*)?");

    private static final Pattern UNUSABLE = Pattern.compile("[\\x00-\\x1f\\x7f\\\\:*?\"<>|]");

    private final Path folder;
    private final Map<Path, Boolean> inside = new HashMap<>();

    /** For one look or one run: what links lead to is not asked twice. */
    SafePaths(Path folder) {
        this.folder = folder.toAbsolutePath().normalize();
    }

    /** The paths as files, in order. Two that differ in capitals alone are one file on many machines. */
    void check(List<String> paths) throws UnsafePathException {
        Map<String, String> seen = new HashMap<>();
        for (String path : paths) {
            checkParts(path);
            String other = seen.putIfAbsent(path.toLowerCase(Locale.ROOT), path);
            if (other != null) {
                throw new UnsafePathException(path, "differs from '" + other + "' in capitals at most");
            }
        }
    }

    private static void checkParts(String path) throws UnsafePathException {
        if (path.isEmpty() || UNUSABLE.matcher(path).find()) {
            throw new UnsafePathException(path, "has characters no file can have everywhere");
        }
        for (String part : path.split("/", -1)) {
            boolean hidden = part.isBlank() || part.startsWith(".") || part.endsWith(".") || part.endsWith(" ");
            if (hidden || DEVICE.matcher(part).matches()) {
                throw new UnsafePathException(path, "leads out of the folder or to a hidden file or a device");
            }
        }
    }

    /**
     * Resolves a path below the folder; the same rules hold for generated paths and for paths read from a list.
     *
     * @throws UnsafePathException when it is hidden or a device, or when it, or a folder on the way, is a link that leads elsewhere or to such
     */
    Path resolve(String path) throws IOException {
        checkParts(path);
        Path file;
        try {
            file = folder.resolve(path).normalize();
        } catch (InvalidPathException e) {
            throw new UnsafePathException(path, "is no path here");
        }
        boolean inside = file.startsWith(folder) && !file.equals(folder);
        if (!inside || !isReallyInside(file.getParent()) || Files.isSymbolicLink(file) && !isReallyInside(file)) {
            throw new UnsafePathException(path, "leads out of the folder");
        }
        return file;
    }

    /** Whether what there is of a path lies in the folder when links are followed; asked once of each. */
    private boolean isReallyInside(Path path) throws IOException {
        Boolean known = inside.get(path);
        if (known == null) {
            Path there = path;
            while (!Files.exists(there) && there.getParent() != null) {
                there = there.getParent();
            }
            known = !there.startsWith(folder) || isAllowed(there.toRealPath());
            inside.put(path, known);
        }
        return known;
    }

    /** Whether a path without links lies in the folder and is neither hidden nor a device there. */
    private boolean isAllowed(Path real) throws IOException {
        Path root = Files.exists(folder) ? folder.toRealPath() : folder;
        if (!real.startsWith(root)) {
            return false;
        }
        for (Path part : root.relativize(real)) {
            if (part.toString().startsWith(".")
                    || DEVICE.matcher(part.toString()).matches()) {
                return false;
            }
        }
        return true;
    }

    /** Removes the folders above a file that have nothing in them any more. */
    void removeEmptyAbove(Path file) throws IOException {
        Path above = file.getParent();
        while (above != null && !above.equals(folder) && above.startsWith(folder) && isEmpty(above)) {
            Files.delete(above);
            above = above.getParent();
        }
    }

    private static boolean isEmpty(Path directory) throws IOException {
        try (var files = Files.newDirectoryStream(directory)) {
            return !files.iterator().hasNext();
        }
    }
}
