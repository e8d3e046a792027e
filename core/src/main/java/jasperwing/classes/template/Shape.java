package jasperwing.classes.template;

import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/** What templates see of one kind of thing: its fields and what they mean, from which the guide to them is written. */
public final class Shape {
    private final String title;
    private final String about;
    private final Map<String, String> fields = new LinkedHashMap<>();
    private final Map<String, Integer> indexes = new HashMap<>();

    /**
     * A shape.
     *
     * @param title as the guide names it
     * @param about what it is, in a sentence
     * @param fields a line for each: its name, a colon, and what it means
     */
    public Shape(String title, String about, String fields) {
        this.title = title;
        this.about = about;
        fields.lines().map(l -> l.split(": ", 2)).forEach(f -> {
            this.indexes.put(f[0], this.fields.size());
            this.fields.put(f[0], f[1]);
        });
    }

    String title() {
        return title;
    }

    String about() {
        return about;
    }

    /** What each field means, in order. */
    Map<String, String> fields() {
        return Collections.unmodifiableMap(fields);
    }

    /** The place of a field, or -1. */
    int index(Object field) {
        return indexes.getOrDefault(field, -1);
    }

    /** Data of this shape: a value for each field, in order, or what finds it {@link Data#later later}. */
    public Data of(Object... values) {
        if (values.length != fields.size()) {
            throw new IllegalArgumentException(
                    title + " has " + fields.size() + " fields, but was given " + values.length + " values");
        }
        return new Data(this, values);
    }
}
