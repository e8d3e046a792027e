package jasperwing.classes.java;

import jasperwing.classes.language.Imports;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Decides for one source file of Java which types are imported and which must be written in full; import lines are sorted. */
final class JavaImports implements Imports {
    private final String ownPackage;
    private final Map<String, String> simpleNames = new TreeMap<>();
    private final Set<String> neighbours;

    /** @param neighbours simple names of the other types in the file's own package */
    JavaImports(String ownPackage, String ownName, Set<String> neighbours) {
        this.ownPackage = ownPackage;
        this.neighbours = neighbours;
        simpleNames.put(ownName, ownPackage + "." + ownName);
    }

    @Override
    public String use(String qualified) {
        int dot = qualified.lastIndexOf('.');
        if (dot < 0) {
            return qualified;
        }
        String simple = qualified.substring(dot + 1);
        String home = qualified.substring(0, dot);
        boolean hidden = !home.equals(ownPackage) && neighbours.contains(simple);
        if (hidden || !simpleNames.computeIfAbsent(simple, s -> qualified).equals(qualified)) {
            return qualified;
        }
        return simple;
    }

    @Override
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
