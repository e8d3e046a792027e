package jasperwing.classes.template;

import jasperwing.classes.java.LongLines;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the lines of a text are made of, as marks in it say, which are taken out. */
final class Origins {
    /** Two characters that no text has any use for. */
    private static final String MARK = "\uFDD0\uFDD1";

    private static final Pattern MARKS = Pattern.compile(MARK + "(.*?)" + MARK);

    private final StringBuilder text = new StringBuilder();
    private final List<String> members = new ArrayList<>();

    /** @param java whether lines are not to be longer than people like */
    Origins(String marked, boolean java) {
        String member = "";
        for (String line : (Iterable<String>) marked.lines()::iterator) {
            Matcher marks = MARKS.matcher(line);
            boolean any = false;
            while (marks.find()) {
                any = true;
                member = marks.group(1);
            }
            String plain = any ? marks.replaceAll("") : line;
            if (!any || !plain.isBlank()) {
                add(java ? LongLines.broken(plain) : List.of(plain), member);
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
        return MARK + member.replaceAll("[\uFDD0\uFDD1\\v]", " ") + MARK;
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
