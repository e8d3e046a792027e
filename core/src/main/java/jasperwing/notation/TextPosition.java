package jasperwing.notation;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.List;

/** Follows a place in a text that is replaced by another of mostly the same lines. */
public final class TextPosition {
    private TextPosition() {}

    /**
     * Where a place of one text is in another: at the same column of the same line, if that is still there; else at the end of what came in
     * its place.
     *
     * @param offset in UTF-16 units from the start of {@code before}
     */
    public static int follow(String before, String after, int offset) {
        List<String> old = lines(before);
        List<String> now = lines(after);
        int line = 0;
        int column = offset;
        while (line < old.size() - 1 && column > old.get(line).length()) {
            column -= old.get(line).length() + 1;
            line++;
        }
        int moved = line;
        for (AbstractDelta<String> delta : DiffUtils.diff(old, now).getDeltas()) {
            int first = delta.getSource().getPosition();
            int size = delta.getSource().size();
            int grown = delta.getTarget().size() - size;
            if (first + size <= line) {
                moved += grown;
            } else if (first <= line) {
                return inChanged(now, delta, line - first, column);
            }
        }
        return offset(now, moved) + Math.min(column, now.get(moved).length());
    }

    /** The line itself was changed: its counterpart is the one as far down in what came in its place. */
    private static int inChanged(List<String> now, AbstractDelta<String> delta, int down, int column) {
        int size = delta.getTarget().size();
        int line = Math.min(now.size() - 1, delta.getTarget().getPosition() + Math.min(down, Math.max(0, size - 1)));
        return offset(now, line) + Math.min(column, now.get(line).length());
    }

    private static int offset(List<String> lines, int line) {
        return lines.subList(0, line).stream().mapToInt(l -> l.length() + 1).sum();
    }

    private static List<String> lines(String text) {
        return List.of(text.split("\n", -1));
    }
}
