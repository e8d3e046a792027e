package jasperwing.findings;

import jasperwing.naming.Role;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Leaves out the references that lie on no circle: those from what nothing points to, and those to what points to nothing, again and again.
 * Linear, after Kahn, at both ends. What is left lies on circles, or between two.
 */
final class OnCircles {
    private final List<Role> roles;
    private final Map<String, Integer> numbers = new HashMap<>();
    private final int[] from;
    private final int[] to;
    private final boolean[] gone;

    private OnCircles(List<Role> roles) {
        this.roles = roles;
        this.from = roles.stream().mapToInt(r -> number(r.holder())).toArray();
        this.to = roles.stream().mapToInt(r -> number(r.target())).toArray();
        this.gone = new boolean[roles.size()];
    }

    /** Those of references to one thing each that may lie on a circle, in order. */
    static List<Role> of(List<Role> roles) {
        OnCircles circles = new OnCircles(roles);
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

    /** Takes away the references at a node that none leaves, then those at nodes none leaves for that. */
    private void prune(int[] leaving, int[] coming) {
        int[] open = new int[numbers.size()];
        int[] first = new int[numbers.size()];
        int[] next = new int[roles.size()];
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

    private List<Role> left() {
        List<Role> left = new ArrayList<>();
        for (int i = 0; i < gone.length; i++) {
            if (!gone[i]) {
                left.add(roles.get(i));
            }
        }
        return left;
    }
}
