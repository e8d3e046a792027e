package jasperwing.output;

import jasperwing.classes.GeneratedFile;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Finds which file that is not made any more has become which new one: of the same or the renamed entity, or else the most alike. */
final class FileMoves {
    /** How much of its lines two files share at least to be taken for one. */
    private static final double ALIKE = 0.6;

    /** Where more files than this come and go at once, only entities tell. */
    private static final int MANY = 100;

    private final Map<String, WrittenFile> gone = new LinkedHashMap<>();
    private final Map<String, WrittenFile> found = new HashMap<>();

    private FileMoves(Collection<WrittenFile> notMade) {
        notMade.forEach(w -> gone.put(w.path(), w));
    }

    /**
     * The files as they were written last, by their new paths.
     *
     * @param fresh files that were not written before
     * @param was the former names of entities by their names
     */
    static Map<String, WrittenFile> of(
            Collection<WrittenFile> notMade, List<GeneratedFile> fresh, Map<String, String> was) {
        FileMoves relocations = new FileMoves(notMade);
        List<GeneratedFile> left = new ArrayList<>();
        for (GeneratedFile file : fresh) {
            if (!relocations.byEntity(file, was.getOrDefault(file.entity(), ""))) {
                left.add(file);
            }
        }
        if (left.size() <= MANY && relocations.gone.size() <= MANY) {
            left.forEach(relocations::byLines);
        }
        return relocations.found;
    }

    private boolean byEntity(GeneratedFile file, String was) {
        String name = name(file.path());
        for (WrittenFile written : gone.values()) {
            boolean same = written.entity().equals(file.entity())
                    && name(written.path()).equals(name);
            boolean renamed = !was.isEmpty()
                    && written.entity().equals(was)
                    && rest(written.path(), was).equals(rest(file.path(), file.entity()));
            if (same || renamed) {
                take(file, written);
                return true;
            }
        }
        return false;
    }

    /** What a file's name says besides its entity's. */
    private static String rest(String path, String entity) {
        return name(path).replace(entity, "");
    }

    private void byLines(GeneratedFile file) {
        WrittenFile best = null;
        double most = ALIKE;
        for (WrittenFile written : gone.values()) {
            double alike = alike(written, file);
            if (alike > most) {
                most = alike;
                best = written;
            }
        }
        if (best != null) {
            take(file, best);
        }
    }

    /** The share of different lines both have, with the files' own names left out of account. */
    private static double alike(WrittenFile written, GeneratedFile file) {
        Set<String> one = lines(written.base(), written.path());
        Set<String> other = lines(file.text(), file.path());
        Set<String> both = new HashSet<>(one);
        both.retainAll(other);
        return 2.0 * both.size() / Math.max(1, one.size() + other.size());
    }

    private static Set<String> lines(String text, String path) {
        String name = name(path).replaceFirst("\\..*", "");
        return new HashSet<>(text.replace(name, "").lines().toList());
    }

    private void take(GeneratedFile file, WrittenFile written) {
        gone.remove(written.path());
        found.put(file.path(), written);
    }

    private static String name(String path) {
        return path.substring(path.lastIndexOf('/') + 1);
    }
}
