package jasperwing.change;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.ArrayList;
import java.util.List;

/**
 * Something made of lines that is not what it was.
 *
 * @param name what it is called now, or was when it is gone
 */
public record Changed(String name, Kind kind, List<Line> lines) {
    /** How far around a change lines are shown that stay. */
    private static final int NEAR = 2;

    public Changed {
        lines = List.copyOf(lines);
    }

    /** Whether it was there before and is there after. */
    public enum Kind {
        NEW,
        GONE,
        CHANGED
    }

    /** A line that comes, goes or stays; one that leaves out those that are far from any change. */
    public record Line(Sign sign, String text) {}

    /** What becomes of a line. */
    public enum Sign {
        COMES,
        GOES,
        STAYS,
        LEFT_OUT
    }

    /** @param before empty when it is new; {@code after} when it is gone */
    public static Changed of(String name, List<String> before, List<String> after) {
        Kind kind = before.isEmpty() ? Kind.NEW : after.isEmpty() ? Kind.GONE : Kind.CHANGED;
        return new Changed(name, kind, shortened(lines(before, after)));
    }

    private static List<Line> lines(List<String> before, List<String> after) {
        List<Line> lines = new ArrayList<>();
        int at = 0;
        for (AbstractDelta<String> delta : DiffUtils.diff(before, after).getDeltas()) {
            int start = delta.getSource().getPosition();
            before.subList(at, start).forEach(l -> lines.add(new Line(Sign.STAYS, l)));
            delta.getSource().getLines().forEach(l -> lines.add(new Line(Sign.GOES, l)));
            delta.getTarget().getLines().forEach(l -> lines.add(new Line(Sign.COMES, l)));
            at = start + delta.getSource().size();
        }
        before.subList(at, before.size()).forEach(l -> lines.add(new Line(Sign.STAYS, l)));
        return lines;
    }

    private static List<Line> shortened(List<Line> all) {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            boolean near = all.subList(Math.max(0, i - NEAR), Math.min(all.size(), i + NEAR + 1)).stream()
                    .anyMatch(l -> l.sign() != Sign.STAYS);
            if (near) {
                lines.add(all.get(i));
            } else if (lines.isEmpty() || lines.get(lines.size() - 1).sign() != Sign.LEFT_OUT) {
                lines.add(new Line(Sign.LEFT_OUT, ""));
            }
        }
        return lines;
    }
}
