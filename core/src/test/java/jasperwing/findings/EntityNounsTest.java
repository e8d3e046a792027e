package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class EntityNounsTest {
    @Test
    void ofManyNamesTheFirstAreSaid() {
        assertThat(EntityNouns.all(List.of("Dive", "Site"))).isEqualTo("Dive, Site");
        List<String> many = IntStream.rangeClosed(1, 11).mapToObj(i -> "E" + i).toList();
        assertThat(EntityNouns.all(many)).isEqualTo("E1, E2, E3, E4, E5, E6, E7, E8 and 3 more");
    }
}
