package jasperwing.classes.template;

import jasperwing.classes.Source;
import jasperwing.classes.language.Language;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the lines of a text are made of, as marks in it say, which are taken out. */
final class Origins {
    /** Two characters that no text has any use for; around a number they are a mark. */
    private static final String MARK = "\uFDD0\uFDD1";

    private static final Pattern NUMBER = Pattern.compile(MARK + "(\\d{1,9})" + MARK);

    private final StringBuilder out = new StringBuilder();
    private final List<Source> sources = new ArrayList<>();

    /**
     * Reads the marks.
     *
     * @param marked what marks stand for, by their numbers
     * @param whole what lines are made of of which nothing is said
     * @param language of the text, whose lines are not to be longer than people like; empty for text of another kind
     */
    Origins(String text, List<Source> marked, Source whole, Optional<Language> language) {
        Source source = whole;
        for (String line : (Iterable<String>) text.lines()::iterator) {
            String plain = line;
            int at = line.indexOf(MARK);
            while (at >= 0) {
                Matcher mark = NUMBER.matcher(plain).region(at, plain.length());
                if (mark.lookingAt() && Integer.parseInt(mark.group(1)) < marked.size()) {
                    source = marked.get(Integer.parseInt(mark.group(1)));
                    plain = plain.substring(0, at) + plain.substring(mark.end());
                } else {
                    at++;
                }
                at = plain.indexOf(MARK, at);
            }
            if (plain.equals(line) || !plain.isBlank()) {
                String kept = plain;
                add(language.map(l -> l.broken(kept)).orElse(List.of(kept)), kept.isBlank() ? whole : source);
            }
        }
        if (!text.endsWith("\n") && language.isEmpty() && out.length() > 0) {
            out.setLength(out.length() - 1);
        }
    }

    private void add(List<String> lines, Source source) {
        for (String line : lines) {
            out.append(line).append('\n');
            sources.add(source);
        }
    }

    /** Says what the lines from one on are made of. */
    static String mark(int number) {
        return MARK + number + MARK;
    }

    /** Without marks; a line that was nothing but marks is left out. */
    String text() {
        return out.toString();
    }

    /** For each line. */
    List<Source> sources() {
        return List.copyOf(sources);
    }
}
