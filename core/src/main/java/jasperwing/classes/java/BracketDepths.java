package jasperwing.classes.java;

import java.util.ArrayDeque;
import java.util.Deque;

/** How deep in brackets the characters of a line of Java are, and which are text in quotes. The brackets themselves are as deep as what is around them. */
final class BracketDepths {
    private final int[] depths;
    private final boolean[] texts;
    private final boolean[] strings;
    private int deepest;

    private BracketDepths(int length) {
        depths = new int[length];
        texts = new boolean[length];
        strings = new boolean[length];
    }

    static BracketDepths of(String line) {
        BracketDepths found = new BracketDepths(line.length());
        found.read(line);
        return found;
    }

    private void read(String line) {
        Deque<Character> open = new ArrayDeque<>();
        char quote = 0;
        for (int i = 0; i < line.length(); i++) {
            char c = line.charAt(i);
            texts[i] = quote != 0;
            strings[i] = quote == '"';
            if (quote != 0) {
                depths[i] = open.size();
                if (c == '\\' && i + 1 < line.length()) {
                    i++;
                    texts[i] = true;
                    depths[i] = open.size();
                } else if (c == quote) {
                    texts[i] = false;
                    quote = 0;
                }
            } else {
                quote = c == '"' || c == '\'' ? c : 0;
                bracket(line, i, open);
            }
            deepest = Math.max(deepest, open.size());
        }
    }

    private void bracket(String line, int i, Deque<Character> open) {
        char c = line.charAt(i);
        boolean closes = c == '>' ? !open.isEmpty() && open.peek() == '<' : ")]}".indexOf(c) >= 0;
        if (closes && !open.isEmpty()) {
            open.pop();
        }
        depths[i] = open.size();
        boolean ofTypes = c == '<' && i + 1 < line.length() && " =".indexOf(line.charAt(i + 1)) < 0;
        if ("([{".indexOf(c) >= 0 || ofTypes) {
            open.push(c);
        }
    }

    int depth(int at) {
        return depths[at];
    }

    /** Whether it is within quotes of either kind. */
    boolean isText(int at) {
        return texts[at];
    }

    /** Whether it is within double quotes. */
    boolean isString(int at) {
        return strings[at];
    }

    int deepest() {
        return deepest;
    }
}
