package jasperwing.classes.java;

import jasperwing.model.CodeTarget;
import jasperwing.model.Design;
import jasperwing.model.TargetOption;
import jasperwing.naming.Reserved;
import jasperwing.naming.Words;
import java.util.Arrays;
import java.util.stream.Collectors;

/**
 * What is chosen for Java.
 *
 * @param basePackage the package of what belongs to no area
 * @param byArea whether each area has a package below it
 * @param header what stands at the head of every file, or empty
 * @param chosen the other options
 */
public record JavaOptions(String basePackage, boolean byArea, String header, CodeTarget chosen) {
    /** The usual choices. */
    public JavaOptions(String basePackage) {
        this(basePackage, true, "", CodeTarget.of("java"));
    }

    /** The package named by the first word of the design's name, and the usual choices. */
    public static JavaOptions of(Design design) {
        return of(design, CodeTarget.of("java"));
    }

    /** What the design says of a target. */
    public static JavaOptions of(Design design, CodeTarget target) {
        String usual = Words.split(design.name()).stream()
                .filter(w -> !Reserved.JAVA.contains(w))
                .findFirst()
                .map(JavaOptions::segment)
                .orElse("model");
        String said = target.value(TargetOption.PACKAGE);
        return new JavaOptions(
                said.isBlank() ? usual : packageName(said),
                target.value(TargetOption.AREAS).equals("packages"),
                target.value(TargetOption.HEADER),
                target);
    }

    /** A package name, with each part made usable. */
    private static String packageName(String said) {
        return Arrays.stream(said.split("\\.")).map(JavaOptions::segment).collect(Collectors.joining("."));
    }

    public boolean is(TargetOption option, String value) {
        return chosen.value(option).equals(value);
    }

    /** Whether objects can be changed. */
    boolean areChanged() {
        return !is(TargetOption.SETTERS, "none");
    }

    /** Whether rows are records. */
    public boolean areRecords() {
        return !is(TargetOption.ROWS, "classes");
    }

    /** Whether the mapping is said in the classes themselves. */
    boolean mapsInSource() {
        return !is(TargetOption.MAPPING, "xml");
    }

    /** The package of an area; for an empty name that of what belongs to none. */
    public String packageOf(String area) {
        return area.isEmpty() || !byArea ? basePackage : basePackage + "." + segment(area);
    }

    /** A name as one part of a package name. */
    static String segment(String name) {
        String joined = Words.split(name).stream().collect(Collectors.joining());
        if (joined.isEmpty()) {
            return "model";
        }
        return Character.isDigit(joined.codePointAt(0)) || Reserved.JAVA.contains(joined) ? "_" + joined : joined;
    }
}
