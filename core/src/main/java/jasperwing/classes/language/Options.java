package jasperwing.classes.language;

import jasperwing.classes.NameStyle;
import jasperwing.model.Design;
import jasperwing.naming.Words;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What is chosen for the classes of a design.
 *
 * @param module what lies in no area lies in, such as a package; its parts with points between
 * @param byArea whether each area has a module below it
 * @param header what stands at the head of every file, or empty
 * @param values what holds of each option, by its word
 */
public record Options(String module, boolean byArea, String header, Map<String, String> values) {
    public Options {
        values = Map.copyOf(values);
    }

    /**
     * What holds for a design.
     *
     * @param values of all options, said or usual
     */
    public static Options of(Design design, NameStyle style, Map<String, String> values) {
        String said = values.getOrDefault("package", "");
        String module = said.isBlank()
                ? usual(design, style)
                : Arrays.stream(said.split("\\.")).map(style::moduleName).collect(Collectors.joining("."));
        boolean byArea = !values.getOrDefault("areas", "").equals("together");
        return new Options(module, byArea, values.getOrDefault("header", ""), values);
    }

    /** The first word of the design's name that can be one. */
    private static String usual(Design design, NameStyle style) {
        return Words.split(design.name()).stream()
                .filter(w -> !style.isReserved(w))
                .findFirst()
                .map(style::moduleName)
                .orElse("model");
    }

    /** What holds of an option; empty for one that the target does not have. */
    public String value(String word) {
        return values.getOrDefault(word, "");
    }

    public boolean is(String word, String value) {
        return value(word).equals(value);
    }

    /** What an option names, as in {@code Dive.photos, Site.dives}; in the order said. */
    public List<String> named(String word) {
        return Arrays.stream(value(word).split("[,\\s]+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }
}
