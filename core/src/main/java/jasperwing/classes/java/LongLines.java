package jasperwing.classes.java;

import java.util.ArrayList;
import java.util.List;

/**
 * Breaks lines of Java that are longer than people like: where they are the least deep in brackets, at the operator that binds the least. Lines may begin
 * and end within brackets; what goes on is indented by eight spaces.
 */
final class LongLines {
    static final int MOST = 120;
    private static final String FURTHER = "        ";

    private LongLines() {}

    /** The same lines, where they are longer than 120 characters as several. */
    static List<String> broken(String line) {
        String bare = line.strip();
        if (line.length() <= MOST || bare.startsWith("//") || bare.startsWith("import ")) {
            return List.of(line);
        }
        String indent = line.substring(0, line.length() - line.stripLeading().length());
        return bare.startsWith("/**") || bare.startsWith("*") ? comment(indent, bare) : code(indent, bare);
    }

    private static List<String> code(String indent, String text) {
        if (indent.length() + text.length() <= MOST) {
            return List.of(indent + text);
        }
        BracketDepths depths = BracketDepths.of(text);
        for (int depth = 0; depth <= depths.deepest(); depth++) {
            for (LineBreak lineBreak : LineBreak.values()) {
                List<Integer> places = lineBreak.places(text, depths, depth);
                if (!places.isEmpty()) {
                    return pieces(indent, lineBreak.filled(text, places), split(text, places));
                }
            }
        }
        return words(indent, text);
    }

    /** What is cut at all places, or at as few as are needed. */
    private static List<String> pieces(String indent, boolean filled, List<String> pieces) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder(pieces.get(0));
        String at = indent;
        for (String piece : pieces.subList(1, pieces.size())) {
            String between = line.toString().matches(".*[({]") || piece.startsWith(".") ? "" : " ";
            if (filled && at.length() + line.length() + between.length() + piece.length() <= MOST) {
                line.append(between).append(piece);
            } else {
                lines.addAll(code(at, line.toString()));
                line = new StringBuilder(piece);
                at = indent + FURTHER;
            }
        }
        lines.addAll(code(at, line.toString()));
        return lines;
    }

    private static List<String> split(String text, List<Integer> places) {
        List<String> pieces = new ArrayList<>();
        int from = 0;
        for (int place : places) {
            pieces.add(text.substring(from, place).strip());
            from = place;
        }
        pieces.add(text.substring(from).strip());
        return pieces;
    }

    /** A text in quotes is cut between words and joined again. */
    private static List<String> words(String indent, String text) {
        BracketDepths depths = BracketDepths.of(text);
        int at = text.lastIndexOf(' ', MOST - 2 - indent.length()) + 1;
        while (at > 0 && !(depths.isString(at) && depths.isText(at))) {
            at = text.lastIndexOf(' ', at - 2) + 1;
        }
        if (at <= 0) {
            return List.of(indent + text);
        }
        boolean goesOn = text.startsWith("+ ");
        List<String> lines = new ArrayList<>(List.of(indent + text.substring(0, at) + "\""));
        lines.addAll(code(goesOn ? indent : indent + FURTHER, "+ \"" + text.substring(at)));
        return lines;
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
