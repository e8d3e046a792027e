package jasperwing.classes.java;

import jasperwing.naming.Plurals;
import jasperwing.naming.Reserved;
import jasperwing.naming.Words;
import java.util.Locale;

/** The names of methods and constants, and texts, as Java writes them. */
final class JavaNames {
    static final Reserved RESERVED = Reserved.ofLanguage("java");

    private JavaNames() {}

    /** The method that does something with a property, such as {@code getDepth}; none is one that every object has. */
    static String method(String verb, String property) {
        String name = verb + Words.capitalised(property);
        return name.equals("getClass") ? "getClass_" : name;
    }

    /** The method that does something with one of a collection, such as {@code addPhoto}. */
    static String elementMethod(String verb, String collection) {
        return verb + Words.capitalised(Plurals.singular(collection));
    }

    /** The constant for a value of an enum; two values may ask for the same one. */
    static String constant(String value) {
        String upper = Words.snake(value).toUpperCase(Locale.ROOT);
        boolean fits = !upper.isEmpty() && !Character.isDigit(upper.codePointAt(0)) && !RESERVED.contains(upper);
        return fits ? upper : "V_" + upper;
    }

    /** A string literal. */
    static String quote(String text) {
        StringBuilder quoted = new StringBuilder("\"");
        text.chars().forEach(c -> {
            switch (c) {
                case '"' -> quoted.append("\\\"");
                case '\\' -> quoted.append("\\\\");
                case '\n' -> quoted.append("\\n");
                case '\r' -> quoted.append("\\r");
                case '\t' -> quoted.append("\\t");
                default -> quoted.append(c < ' ' ? String.format("\\u%04x", c) : String.valueOf((char) c));
            }
        });
        return quoted.append('"').toString();
    }
}
