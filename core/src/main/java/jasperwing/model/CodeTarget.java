package jasperwing.model;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;

/**
 * What the design says of one target that code is made for.
 *
 * @param target its word, or the folder of its templates
 * @param folder where its files go, or empty; what is no absolute path is meant from the design's own folder
 * @param options values by the words of the options, in the order said
 */
public record CodeTarget(String target, String folder, Map<String, String> options, Comments comments) {
    public CodeTarget {
        Names.require(target);
        Objects.requireNonNull(folder);
        options = Collections.unmodifiableMap(new LinkedHashMap<>(options));
        Objects.requireNonNull(comments);
    }

    /** A target of which nothing is said. */
    public static CodeTarget of(String target) {
        return new CodeTarget(target, "", Map.of(), Comments.NONE);
    }

    public CodeTarget withFolder(String newFolder) {
        return new CodeTarget(target, newFolder, options, comments);
    }

    /** @param value empty to say nothing of the option any more */
    public CodeTarget withOption(String word, String value) {
        Map<String, String> now = new LinkedHashMap<>(options);
        if (value.isEmpty()) {
            now.remove(word);
        } else {
            now.put(word, value);
        }
        return new CodeTarget(target, folder, now, comments);
    }

    /** What is said of an option; empty when nothing is. */
    public String option(String word) {
        return options.getOrDefault(word, "");
    }
}
