package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
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
    private static Role role(String holder, String target) {
        return Roles.of(Samples.design(
                                "entity " + holder,
                                "entity " + target,
                                "each " + holder + " must be near one " + target + " as near")
                        .relationships()
                        .get(0))
                .get(0);
    }

    @Test
    void whatLeadsToACircleAndWhatLeadsAwayIsLeftOut() {
        Role into = role("Photo", "Dive");
        Role one = role("Dive", "Site");
        Role other = role("Site", "Dive");
        Role away = role("Site", "Country");
        assertThat(OnCircles.of(List.of(into, one, away, other))).containsExactly(one, other);
        assertThat(OnCircles.of(List.of(into, one, away))).isEmpty();
    }

    @Property(tries = 200)
    void whatLiesOnACircleIsNeverLeftOut(@ForAll @Size(max = 20) List<@IntRange(max = 7) Integer> ends) {
        List<Role> roles = new ArrayList<>();
        for (int i = 0; i + 1 < ends.size(); i += 2) {
            if (!ends.get(i).equals(ends.get(i + 1))) {
                roles.add(new Role("E" + ends.get(i), "near", List.of("E" + ends.get(i + 1)), true, false, null));
            }
        }
        List<Role> left = OnCircles.of(roles);
        assertThat(roles).containsAll(left);
        for (Role role : roles) {
            if (reaches(roles, role.target(), role.holder())) {
                assertThat(left).contains(role);
            }
        }
        boolean circle = roles.stream().anyMatch(r -> reaches(roles, r.target(), r.holder()));
        assertThat(left.isEmpty()).isEqualTo(!circle);
    }

    private static boolean reaches(List<Role> roles, String from, String to) {
        Set<String> seen = new HashSet<>(Set.of(from));
        Deque<String> open = new ArrayDeque<>(seen);
        while (!open.isEmpty()) {
            String at = open.remove();
            roles.stream()
                    .filter(r -> r.holder().equals(at) && seen.add(r.target()))
                    .forEach(r -> open.add(r.target()));
        }
        return seen.contains(to);
    }
}
