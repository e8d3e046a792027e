package jasperwing.classes.template;

import jasperwing.classes.Source;
import jasperwing.classes.java.LongLines;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** What the lines of a text are made of, as marks in it say, which are taken out. */
final class Origins {
    /** Characters that no text has any use for: around a mark, and between its parts. */
    private static final String MARK = "\uFDD0\uFDD1";

    private static final char BETWEEN = '\uFDD2';

    private static final Pattern UNUSABLE = Pattern.compile("[\uFDD0-\uFDD2\\v]");

    private final StringBuilder text = new StringBuilder();
    private final List<Source> sources = new ArrayList<>();

    /**
     * Reads the marks.
     *
     * @param whole what lines are made of of which nothing is said
     * @param java whether lines are not to be longer than people like
     */
    Origins(String marked, Source whole, boolean java) {
        Source source = whole;
        for (String line : (Iterable<String>) marked.lines()::iterator) {
            String plain = line;
            for (int at = plain.indexOf(MARK); at >= 0; at = plain.indexOf(MARK)) {
                int end = plain.indexOf(MARK, at + MARK.length());
                source = source(plain.substring(at + MARK.length(), end));
                plain = plain.substring(0, at) + plain.substring(end + MARK.length());
            }
            if (plain.equals(line) || !plain.isBlank()) {
                add(java ? LongLines.broken(plain) : List.of(plain), plain.isBlank() ? whole : source);
            }
        }
        if (!marked.endsWith("\n") && !java && text.length() > 0) {
            text.setLength(text.length() - 1);
        }
    }

    private void add(List<String> lines, Source source) {
        for (String line : lines) {
            text.append(line).append('\n');
            sources.add(source);
        }
    }

    private static Source source(String said) {
        int between = said.indexOf(BETWEEN);
        return new Source(said.substring(0, between), said.substring(between + 1));
    }

    /** Says what the lines from one on are made of. */
    static String mark(Source source) {
        return MARK + usable(source.of()) + BETWEEN + usable(source.member()) + MARK;
    }

    private static String usable(String name) {
        return UNUSABLE.matcher(name).replaceAll(" ");
    }

    /** Without marks; a line that was nothing but marks is left out. */
    String text() {
        return text.toString();
    }

    /** For each line. */
    List<Source> sources() {
        return List.copyOf(sources);
    }
}
