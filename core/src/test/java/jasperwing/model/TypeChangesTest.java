package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import java.util.List;
import org.junit.jupiter.api.Test;

class TypeChangesTest {
    private static final Design DESIGN = Samples.design(
            "area Shore moss",
            "enum Tide: ebb, flood",
            "value Spot",
            "  tide Tide",
            "  depth int",
            "value Track",
            "  start Spot",
            "trait Stamped",
            "  madeAt timestamp",
            "entity Dive in Shore with Stamped",
            "  id serial key",
            "entity Site",
            "  id serial key",
            "  way Track",
            "entity Net",
            "  id serial key");

    private static Entity entity(String name) {
        return DESIGN.entity(name).orElseThrow();
    }

    private static TypeChanges without(Design now) {
        return DesignDiff.between(DESIGN, now).types();
    }

    @Test
    void anEnumConcernsWhatIsMadeOfIt() {
        TypeChanges changes = without(DESIGN.withEnums(List.of()));
        assertThat(changes.types()).containsExactlyInAnyOrder("Tide", "Spot", "Track");
        assertThat(changes.concern(entity("Site"))).isTrue();
        assertThat(changes.concern(entity("Net"))).isFalse();
        assertThat(changes.concern(new Type.Named("Tide"))).isTrue();
        assertThat(changes.concern(Type.of(Scalar.INT))).isFalse();
    }

    @Test
    void aTraitConcernsWhatHasIt() {
        TypeChanges changes = without(DESIGN.withGroups(DESIGN.groups().subList(0, 2)));
        assertThat(changes.types()).containsExactly("Stamped");
        assertThat(changes.concern(entity("Dive"))).isTrue();
        assertThat(changes.concern(entity("Site"))).isFalse();
    }

    @Test
    void anAreaConcernsWhatIsInIt() {
        TypeChanges changes = without(DESIGN.withAreas(List.of()));
        assertThat(changes.areas()).containsExactly("Shore");
        assertThat(changes.concern(entity("Dive"))).isTrue();
        assertThat(changes.concern(entity("Net"))).isFalse();
    }

    @Test
    void whatIsDeclaredAnewConcernsWhatNamedItBefore() {
        TypeChanges changes =
                DesignDiff.between(DESIGN.withEnums(List.of()), DESIGN).types();
        assertThat(changes.concern(entity("Site"))).isTrue();
    }

    @Test
    void nothingChangesBetweenADesignAndItself() {
        assertThat(without(DESIGN.withName("Other")).isEmpty()).isTrue();
        assertThat(TypeChanges.NONE.concern(entity("Dive"))).isFalse();
        assertThat(TypeChanges.NONE.and(java.util.Set.of("Tide")).isEmpty()).isFalse();
    }
}
