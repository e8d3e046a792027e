package jasperwing.classes.java;

import java.util.ArrayList;
import java.util.List;

/** Source text with four spaces a level. A line ending in an opening brace indents what follows. */
final class Code {
    private final StringBuilder out = new StringBuilder();
    private final List<String> members = new ArrayList<>();
    private String member = "";
    private int level;

    Code(int level) {
        this.level = level;
    }

    /** Tells of which attribute or role the lines that follow are made; empty for the whole. */
    Code about(String name) {
        member = name;
        return this;
    }

    /** What each line is made of. */
    List<String> members() {
        return List.copyOf(members);
    }

    Code line(String text) {
        members.add(text.isEmpty() ? "" : member);
        if (text.startsWith("}")) {
            level--;
        }
        out.append(text.isEmpty() ? "" : "    ".repeat(level)).append(text).append('\n');
        if (text.endsWith("{")) {
            level++;
        }
        return this;
    }

    Code lines(List<String> texts) {
        texts.forEach(this::line);
        return this;
    }

    Code blank() {
        return line("");
    }

    /** A documentation comment; nothing for an empty text. */
    Code doc(String text) {
        if (!text.isBlank()) {
            line("/** " + escaped(text) + " */");
        }
        return this;
    }

    /** Text that can stand in a comment: it cannot end it, and no escape is read in it. */
    static String escaped(String text) {
        return text.replaceAll("\\s+", " ")
                .replace("\\", "&#92;")
                .replace("*/", "*&#47;")
                .replace("@", "&#64;")
                .replace("<", "&lt;")
                .strip();
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

    @Override
    public String toString() {
        return out.toString();
    }
}
