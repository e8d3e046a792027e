package jasperwing.notation;

import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import java.util.Iterator;

/** A statement with the comments above it, as a part of a text, read when it is first asked for; the last can be comments alone. */
final class StatementText {
    private final String text;
    private final int lines;

    /** Null until it is read. */
    private DesignParser read;

    /** @param lines how many lines it has */
    StatementText(String text, int lines) {
        this.text = text;
        this.lines = lines;
    }

    String text() {
        return text;
    }

    int length() {
        return text.length();
    }

    int lines() {
        return lines;
    }

    boolean begins(String word) {
        int start = 0;
        while (start < text.length() && "#\r\n \t".indexOf(text.charAt(start)) >= 0) {
            int end = text.indexOf('\n', start);
            start = end < 0 ? text.length() : end + 1;
        }
        return text.startsWith(word, start);
    }

    /** What it says in a design that has begun. */
    DesignParser read() {
        if (read == null) {
            read = DesignParser.ofStatement(text);
        }
        return read;
    }

    /** Takes as many of others for its own as it has, where they are equal. */
    void adopt(Iterator<Entity> entities, Iterator<Relationship> relationships) {
        if (read != null) {
            read.adopt(entities, relationships);
        }
    }
}
