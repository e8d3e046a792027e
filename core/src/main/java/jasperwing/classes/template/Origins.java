package jasperwing.classes.template;

import jasperwing.classes.java.LongLines;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** What the lines of a text are made of, as marks in it say, which are taken out. */
final class Origins {
    /** Two characters that no text has any use for. */
    private static final String MARK = "\uFDD0\uFDD1";

    private static final Pattern UNUSABLE = Pattern.compile("[\uFDD0\uFDD1\\v]");

    private final StringBuilder text = new StringBuilder();
    private final List<String> members = new ArrayList<>();

    /** @param java whether lines are not to be longer than people like */
    Origins(String marked, boolean java) {
        String member = "";
        for (String line : (Iterable<String>) marked.lines()::iterator) {
            String plain = line;
            for (int at = plain.indexOf(MARK); at >= 0; at = plain.indexOf(MARK)) {
                int end = plain.indexOf(MARK, at + MARK.length());
                member = plain.substring(at + MARK.length(), end);
                plain = plain.substring(0, at) + plain.substring(end + MARK.length());
            }
            if (plain.equals(line) || !plain.isBlank()) {
                add(java ? LongLines.broken(plain) : List.of(plain), plain.isBlank() ? "" : member);
            }
        }
        if (!marked.endsWith("\n") && !java && text.length() > 0) {
            text.setLength(text.length() - 1);
        }
    }

    private void add(List<String> lines, String member) {
        for (String line : lines) {
            text.append(line).append('\n');
            members.add(member);
        }
    }

    /** Says what the lines from one on are made of. */
    static String mark(String member) {
        return MARK + UNUSABLE.matcher(member).replaceAll(" ") + MARK;
    }

    /** Without marks; a line that was nothing but marks is left out. */
    String text() {
        return text.toString();
    }

    /** For each line. */
    List<String> members() {
        return List.copyOf(members);
    }
}
