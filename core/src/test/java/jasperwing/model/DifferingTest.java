package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class DifferingTest {
    private static Differing of(List<Integer> one, List<Integer> other) {
        return Differing.by(Integer::equals, one, other);
    }

    @Test
    void whatBothBeginAndEndWithIsLeftOut() {
        Differing differing = of(List.of(1, 2, 3, 4, 5), List.of(1, 2, 9, 5));
        assertThat(differing).isEqualTo(new Differing(2, 1));
        assertThat(differing.of(List.of(1, 2, 3, 4, 5))).containsExactly(3, 4);
        assertThat(differing.of(List.of(1, 2, 9, 5))).containsExactly(9);
    }

    @Test
    void anElementIsNotCountedAtBothEnds() {
        assertThat(of(List.of(1, 1), List.of(1, 1, 1))).isEqualTo(new Differing(2, 0));
        assertThat(of(List.of(), List.of(7))).isEqualTo(new Differing(0, 0));
    }

    @Test
    void theVerySameIsNotWhatIsEqual() {
        String one = new String("a");
        String other = new String("a");
        assertThat(Differing.in(List.of(one), List.of(other))).isEqualTo(new Differing(0, 0));
        assertThat(Differing.in(List.of(one), List.of(one))).isEqualTo(new Differing(1, 0));
    }

    @Property
    void puttingTheStretchOfOneIntoTheOtherGivesTheOne(
            @ForAll @Size(max = 12) List<@IntRange(max = 3) Integer> one,
            @ForAll @Size(max = 12) List<@IntRange(max = 3) Integer> other) {
        Differing differing = of(one, other);
        List<Integer> made = new ArrayList<>(other.subList(0, differing.start()));
        made.addAll(differing.of(one));
        made.addAll(other.subList(other.size() - differing.end(), other.size()));
        assertThat(made).isEqualTo(one);
    }
}
