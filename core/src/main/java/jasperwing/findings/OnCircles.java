package jasperwing.findings;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Leaves out the needs that lie on no circle: those of what nothing needs, and those of what needs nothing, again and again.
 * Linear, after Kahn, at both ends. What is left lies on circles, or between two.
 */
final class OnCircles {
    private final List<RowDependency> needs;
    private final Map<String, Integer> numbers = new HashMap<>();
    private final int[] from;
    private final int[] to;
    private final boolean[] gone;

    private OnCircles(List<RowDependency> needs) {
        this.needs = needs;
        this.from = needs.stream().mapToInt(n -> number(n.from())).toArray();
        this.to = needs.stream().mapToInt(n -> number(n.to())).toArray();
        this.gone = new boolean[needs.size()];
    }

    /** Those that may lie on a circle, in order. */
    static List<RowDependency> of(List<RowDependency> needs) {
        OnCircles circles = new OnCircles(needs);
        circles.prune(circles.from, circles.to);
        circles.prune(circles.to, circles.from);
        return circles.left();
    }

    private int number(String entity) {
        Integer number = numbers.get(entity);
        if (number == null) {
            number = numbers.size();
            numbers.put(entity, number);
        }
        return number;
    }

    /** Takes away the needs at a node that none leaves, then those at nodes none leaves for that. */
    private void prune(int[] leaving, int[] coming) {
        int[] open = new int[numbers.size()];
        int[] first = new int[numbers.size()];
        int[] next = new int[needs.size()];
        Arrays.fill(first, -1);
        for (int i = 0; i < next.length; i++) {
            if (!gone[i]) {
                open[leaving[i]]++;
                next[i] = first[coming[i]];
                first[coming[i]] = i;
            }
        }
        int[] ended = new int[open.length];
        int count = 0;
        for (int n = 0; n < open.length; n++) {
            if (open[n] == 0) {
                ended[count++] = n;
            }
        }
        for (int at = 0; at < count; at++) {
            for (int i = first[ended[at]]; i >= 0; i = next[i]) {
                gone[i] = true;
                if (--open[leaving[i]] == 0) {
                    ended[count++] = leaving[i];
                }
            }
        }
    }

    private List<RowDependency> left() {
        List<RowDependency> left = new ArrayList<>();
        for (int i = 0; i < gone.length; i++) {
            if (!gone[i]) {
                left.add(needs.get(i));
            }
        }
        return left;
    }
}
