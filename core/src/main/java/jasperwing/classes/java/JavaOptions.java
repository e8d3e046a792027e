package jasperwing.classes.java;

import jasperwing.model.Design;
import jasperwing.naming.Reserved;
import jasperwing.naming.Words;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What can be chosen for Java.
 *
 * @param basePackage the package of what belongs to no area; each area has a package below it
 */
public record JavaOptions(String basePackage) {
    /** The package named by the first word of the design's name. */
    public static JavaOptions of(Design design) {
        List<String> words = Words.split(design.name());
        return new JavaOptions(words.isEmpty() ? "model" : segment(words.get(0)));
    }

    /** The package of an area; for an empty name that of what belongs to none. */
    public String packageOf(String area) {
        return area.isEmpty() ? basePackage : basePackage + "." + segment(area);
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
