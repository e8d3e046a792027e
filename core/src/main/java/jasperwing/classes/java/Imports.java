package jasperwing.classes.java;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Decides for one source file which types are imported and which must be written in full. */
public final class Imports {
    private final String ownPackage;
    private final Map<String, String> simpleNames = new TreeMap<>();
    private final Set<String> neighbours;

    /** @param neighbours simple names of the other types in the file's own package */
    public Imports(String ownPackage, String ownName, Set<String> neighbours) {
        this.ownPackage = ownPackage;
        this.neighbours = neighbours;
        simpleNames.put(ownName, ownPackage + "." + ownName);
    }

    /** How the file names a type: simply, or in full when the simple name means something else here. */
    public String use(String qualified) {
        int dot = qualified.lastIndexOf('.');
        String simple = qualified.substring(dot + 1);
        String home = qualified.substring(0, dot);
        boolean hidden = !home.equals(ownPackage) && neighbours.contains(simple);
        if (hidden || !simpleNames.computeIfAbsent(simple, s -> qualified).equals(qualified)) {
            return qualified;
        }
        return simple;
    }

    /** The import lines, sorted, with a blank line after them when there are any. */
    public String lines() {
        Set<String> lines = new TreeSet<>();
        simpleNames.values().stream()
                .filter(q -> !home(q).equals(ownPackage) && !home(q).equals("java.lang"))
                .forEach(q -> lines.add("import " + q + ";\n"));
        return lines.stream().collect(Collectors.joining()) + (lines.isEmpty() ? "" : "\n");
    }

    private static String home(String qualified) {
        return qualified.substring(0, qualified.lastIndexOf('.'));
    }
}
