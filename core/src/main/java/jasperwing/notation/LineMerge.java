package jasperwing.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Brings together two changes of one text, each a block of lines that was changed. */
public final class LineMerge {
    /** Lines {@code from} to before {@code to} of the base, and what stands there instead. */
    private record Block(int from, int to, List<String> lines) {}

    private LineMerge() {}

    /** The text with both changes; empty when they touch the same or neighbouring lines. */
    public static Optional<String> of(String base, String one, String other) {
        List<String> lines = lines(base);
        Block first = changed(lines, lines(one));
        Block second = changed(lines, lines(other));
        Block upper = first.from() <= second.from() ? first : second;
        Block lower = upper == first ? second : first;
        if (one.equals(base) || other.equals(base) || one.equals(other)) {
            return Optional.of(one.equals(base) ? other : one);
        }
        if (upper.to() >= lower.from()) {
            return Optional.empty();
        }
        List<String> merged = new ArrayList<>(lines.subList(0, upper.from()));
        merged.addAll(upper.lines());
        merged.addAll(lines.subList(upper.to(), lower.from()));
        merged.addAll(lower.lines());
        merged.addAll(lines.subList(lower.to(), lines.size()));
        return Optional.of(String.join("\n", merged));
    }

    private static List<String> lines(String text) {
        return List.of(text.split("\n", -1));
    }

    private static Block changed(List<String> base, List<String> now) {
        int start = 0;
        int least = Math.min(base.size(), now.size());
        while (start < least && base.get(start).equals(now.get(start))) {
            start++;
        }
        int end = 0;
        while (end < least - start && base.get(base.size() - 1 - end).equals(now.get(now.size() - 1 - end))) {
            end++;
        }
        return new Block(start, base.size() - end, now.subList(start, now.size() - end));
    }
}
