package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import jasperwing.Samples;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class DesignDiffTest {
    private static final Design HARBOUR = Samples.design(
            "entity Boat",
            "  id serial key",
            "  name text(40)",
            "entity Berth",
            "  id serial key",
            "each Boat may lie at one Berth as berth, which may have many Boat as boats",
            "each Boat may leave one Berth as former, which may have many Boat as left");

    private static <T> List<String> told(Changes<T> changes, Function<T, String> name) {
        return changes.all().stream()
                .map(c -> c.before().map(name).orElse("") + " > "
                        + c.after().map(name).orElse(""))
                .toList();
    }

    @Test
    void whatIsTheSameDiffersInNothing() {
        DesignDiff diff = DesignDiff.between(Samples.demo(), Samples.demo());
        assertThat(diff.isEmpty()).isTrue();
        assertThat(diff.touched()).isEmpty();
        assertThat(diff.types().isEmpty()).isTrue();
    }

    @Test
    void whatWasCalledOtherwiseIsTheSame() {
        Design renamed = EntityEdits.change(
                        "Boat", e -> e.withName("Ship").withNotes(e.notes().withWas("Boat")))
                .on(HARBOUR);
        Design followed = renamed.withRelationships(HARBOUR.relationships().stream()
                .map(r -> r.withEntityRenamed("Boat", "Ship"))
                .toList());
        DesignDiff diff = DesignDiff.between(HARBOUR, followed);
        assertThat(told(diff.entities(), Entity::name)).containsExactly("Boat > Ship");
        assertThat(told(diff.relationships(), r -> r.from() + " " + r.forward().role()))
                .containsExactly("Boat berth > Ship berth", "Boat former > Ship former");
        assertThat(diff.touched()).containsExactlyInAnyOrder("Boat", "Ship", "Berth");
    }

    @Test
    void withoutThatOneGoesAndAnotherComes() {
        Design other = EntityEdits.change("Boat", e -> e.withName("Ship")).on(HARBOUR);
        assertThat(told(DesignDiff.between(HARBOUR, other).entities(), Entity::name))
                .containsExactly(" > Ship", "Boat > ");
    }

    @Test
    void attributesAreToldOneByOne() {
        Design other = EntityEdits.change(
                        "Boat",
                        e -> e.withAttributes(List.of(
                                Attribute.of("id", Type.of(Scalar.SERIAL)),
                                Attribute.of("title", new Type.Text(40)).withNotes(Notes.NONE.withWas("name")),
                                Attribute.of("length", Type.of(Scalar.INT)))))
                .on(HARBOUR);
        Change<Entity> boat =
                DesignDiff.between(HARBOUR, other).entities().all().get(0);
        assertThat(told(DesignDiff.attributes(boat), Attribute::name)).containsExactly("name > title", " > length");
    }

    @Test
    void relationshipsAreKnownByEndsAndRolesWhereverTheyStand() {
        List<Relationship> turned = new ArrayList<>(HARBOUR.relationships());
        Collections.reverse(turned);
        turned.set(0, turned.get(0).withForward(turned.get(0).forward().withMust(true)));
        DesignDiff diff = DesignDiff.between(HARBOUR, HARBOUR.withRelationships(turned));
        assertThat(diff.relationships().reordered()).isTrue();
        assertThat(told(diff.relationships(), r -> r.forward().role())).containsExactly("former > former");
    }

    @Test
    void theOrderOfEntitiesIsPartOfADesign() {
        List<Entity> turned = new ArrayList<>(HARBOUR.entities());
        Collections.reverse(turned);
        DesignDiff diff = DesignDiff.between(HARBOUR, HARBOUR.withEntities(turned));
        assertThat(diff.entities().all()).isEmpty();
        assertThat(diff.entities().reordered()).isTrue();
        assertThat(diff.isEmpty()).isFalse();
    }

    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Provide
    Arbitrary<List<Edit>> edits() {
        return Designs.edits().list().ofMaxSize(4);
    }

    /** Taking out what came and what changed leaves the same on both sides. */
    @Property(tries = 200, seed = "20261201")
    void theRestIsTheSame(@ForAll("designs") Design before, @ForAll("edits") List<Edit> edits, @ForAll long seed) {
        Design after = before;
        for (Edit edit : edits) {
            after = edit.on(after);
        }
        List<Entity> mixed = new ArrayList<>(after.entities());
        Collections.shuffle(mixed, new Random(seed));
        for (Design other : List.of(after, after.withEntities(mixed))) {
            DesignDiff there = DesignDiff.between(before, other);
            check(before.entities(), other.entities(), there.entities());
            check(before.relationships(), other.relationships(), there.relationships());
            check(before.enums(), other.enums(), there.enums());
            check(before.targets(), other.targets(), there.targets());
            assertThat(there.isEmpty()).isEqualTo(before.equals(other));
            DesignDiff back = DesignDiff.between(other, before);
            assertThat(back.touched()).isEqualTo(there.touched());
            assertThat(back.types()).isEqualTo(there.types());
        }
    }

    private static <T> void check(List<T> before, List<T> after, Changes<T> changes) {
        List<T> had = new ArrayList<>(before);
        List<T> has = new ArrayList<>(after);
        changes.all().forEach(c -> {
            c.before().ifPresent(had::remove);
            c.after().ifPresent(has::remove);
        });
        boolean repeated = new HashSet<>(before).size() < before.size() || new HashSet<>(after).size() < after.size();
        if (changes.reordered() || repeated) {
            assertThat(has).containsExactlyInAnyOrderElementsOf(had);
        } else {
            assertThat(has).isEqualTo(had);
        }
    }
}
