package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class OnCirclesTest {
    private static RowDependency need(String from, String to) {
        return RowDependency.ofKind(from, to);
    }

    @Test
    void whatLeadsToACircleAndWhatLeadsAwayIsLeftOut() {
        RowDependency into = need("Photo", "Dive");
        RowDependency one = need("Dive", "Site");
        RowDependency other = need("Site", "Dive");
        RowDependency away = need("Site", "Country");
        assertThat(OnCircles.of(List.of(into, one, away, other))).containsExactly(one, other);
        assertThat(OnCircles.of(List.of(into, one, away))).isEmpty();
    }

    @Property(tries = 200, seed = "20261129")
    void whatLiesOnACircleIsNeverLeftOut(@ForAll @Size(max = 20) List<@IntRange(max = 7) Integer> ends) {
        List<RowDependency> needs = new ArrayList<>();
        for (int i = 0; i + 1 < ends.size(); i += 2) {
            if (!ends.get(i).equals(ends.get(i + 1))) {
                needs.add(need("E" + ends.get(i), "E" + ends.get(i + 1)));
            }
        }
        List<RowDependency> left = OnCircles.of(needs);
        assertThat(needs).containsAll(left);
        for (RowDependency need : needs) {
            if (reaches(needs, need.to(), need.from())) {
                assertThat(left).contains(need);
            }
        }
        boolean circle = needs.stream().anyMatch(n -> reaches(needs, n.to(), n.from()));
        assertThat(left.isEmpty()).isEqualTo(!circle);
    }

    private static boolean reaches(List<RowDependency> needs, String from, String to) {
        Set<String> seen = new HashSet<>(Set.of(from));
        Deque<String> open = new ArrayDeque<>(seen);
        while (!open.isEmpty()) {
            String at = open.remove();
            needs.stream().filter(n -> n.from().equals(at) && seen.add(n.to())).forEach(n -> open.add(n.to()));
        }
        return seen.contains(to);
    }
}
