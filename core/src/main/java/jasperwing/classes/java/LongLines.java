package jasperwing.classes.java;

import java.util.ArrayList;
import java.util.List;

/** Breaks lines of Java that are longer than people like, where an operator, a comma or a call allows it; texts in quotes between words. */
public final class LongLines {
    private static final int MOST = 120;
    private static final String FURTHER = "        ";

    /** What a line is broken before, the best first. */
    private static final List<String> BEFORE = List.of(" && ", " || ", " ? ", " : ", " + ", " throws ");

    private LongLines() {}

    /** The same lines, where they are longer than 120 characters as several. */
    public static List<String> broken(String line) {
        String bare = line.strip();
        if (line.length() <= MOST || bare.startsWith("//") || bare.startsWith("import ") || line.contains("'\"'")) {
            return List.of(line);
        }
        String indent = line.substring(0, line.length() - line.stripLeading().length());
        if (bare.startsWith("/**") || bare.startsWith("*")) {
            return comment(indent, bare);
        }
        List<String> lines = new ArrayList<>();
        String rest = line;
        String further = indent + FURTHER;
        while (rest.length() > MOST) {
            int at = place(rest, further.length() + 1);
            if (at < 0) {
                break;
            }
            boolean inText = isInText(rest, at);
            lines.add(
                    inText
                            ? rest.substring(0, at) + "\""
                            : rest.substring(0, at).stripTrailing());
            rest = further
                    + (inText ? "+ \"" + rest.substring(at) : rest.substring(at).stripLeading());
        }
        lines.add(rest);
        return lines;
    }

    /** Where to break, before the longest a line may be; -1 when nowhere. */
    private static int place(String line, int from) {
        for (String operator : BEFORE) {
            int at = last(line, operator, from);
            if (at > 0) {
                return at;
            }
        }
        int comma = last(line, ", ", from);
        int call = last(line, ").", from);
        if (comma > 0 || call > 0) {
            return comma > call ? comma + 2 : call + 1;
        }
        int word = line.lastIndexOf(' ', MOST - 2) + 1;
        return word > from && isInText(line, word) ? word : -1;
    }

    /** The last place of something outside of texts in quotes. */
    private static int last(String line, String wanted, int from) {
        int at = line.lastIndexOf(wanted, MOST - wanted.length());
        while (at > from && isInText(line, at)) {
            at = line.lastIndexOf(wanted, at - 1);
        }
        return at > from ? at : -1;
    }

    private static boolean isInText(String line, int at) {
        boolean inside = false;
        for (int i = 0; i < at; i++) {
            char c = line.charAt(i);
            if (c == '\\' && inside) {
                i++;
            } else if (c == '"') {
                inside = !inside;
            }
        }
        return inside;
    }

    private static List<String> comment(String indent, String bare) {
        boolean whole = bare.startsWith("/**") && bare.endsWith("*/");
        if (bare.startsWith("/**") && !whole) {
            return List.of(indent + bare);
        }
        String start = indent + (whole ? " * " : "* ");
        String text = whole
                ? bare.substring(3, bare.length() - 2).strip()
                : bare.substring(1).strip();
        List<String> lines = new ArrayList<>();
        if (whole) {
            lines.add(indent + "/**");
        }
        StringBuilder line = new StringBuilder(start);
        for (String word : text.split(" ")) {
            if (line.length() > start.length() && line.length() + word.length() > MOST) {
                lines.add(line.toString().stripTrailing());
                line = new StringBuilder(start);
            }
            line.append(word).append(' ');
        }
        lines.add(line.toString().stripTrailing());
        if (whole) {
            lines.add(indent + " */");
        }
        return lines;
    }
}
