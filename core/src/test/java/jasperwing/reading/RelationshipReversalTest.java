package jasperwing.reading;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.WideDesigns;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class RelationshipReversalTest {
    private static Relationship of(String sentence) {
        return Notation.sentence(sentence).value().orElseThrow();
    }

    private static String said(Optional<Relationship> relationship) {
        return relationship.map(Notation::print).orElse("none");
    }

    @Test
    void endsAreExchangedAndTheVerbsStayWithTheReadings() {
        assertThat(said(RelationshipReversal.exchanged(
                        of("each Skipper may have many Boat as boats, which must belong to one Skipper as skipper"))))
                .isEqualTo("each Boat may have many Skipper, which must belong to one Boat");
        assertThat(said(RelationshipReversal.exchanged(of("each Boat must be led by one Sailor as captain"))))
                .isEqualTo("each Sailor must be led by one Boat as captain");
        assertThat(said(RelationshipReversal.exchanged(of("each Taxon may be under one Taxon as parent"))))
                .isEqualTo("none");
        assertThat(said(RelationshipReversal.exchanged(of("each Note must be about one of Dive, Site"))))
                .isEqualTo("none");
    }

    @Test
    void aRuleForDeletingGoesWithTheOtherEnd() {
        Design design = Samples.design(
                "entity Boat",
                "  id serial key",
                "entity Sail",
                "  id serial key",
                "each Sail must belong to one Boat, which may have many Sail",
                "  deleting Boat deletes Sail too");
        assertThat(RelationshipReversal.exchanged(design.relationships().get(0))
                        .orElseThrow()
                        .deletes())
                .extracting(d -> d.entity() + " " + d.rule())
                .containsExactly("Sail DELETE_TOO");
    }

    @Test
    void aCountThatTurnsTheSenseTakesTheVerbsAlong() {
        Relationship one = of("each Skipper may have one Boat, which must belong to one Skipper");
        Relationship turned =
                RelationshipReversal.sensible(one.withBack(one.back().map(b -> b.withMany(true))));
        assertThat(Notation.print(turned))
                .isEqualTo("each Skipper may belong to one Boat, which must have many Skipper");
    }

    @Test
    void whatHoldsAPairIsNamedInTheOrderOfTheEnds() {
        String names = "\n  columns \"b\", \"s\"\n  foreign keys \"fb\", \"fs\"";
        Relationship pair = Samples.design("each Boat may know many Sailor, which may know many Boat" + names)
                .relationships()
                .get(0);
        Relationship other = RelationshipReversal.fromOtherEnd(pair).orElseThrow();
        assertThat(other.notes().stored().columns()).containsExactly("s", "b");
        assertThat(other.notes().stored().constraints()).containsExactly("fs", "fb");
        assertThat(RelationshipReversal.fromOtherEnd(other)).contains(pair);
        Relationship wide =
                pair.withNotes(pair.notes().withStored(pair.notes().stored().withColumns(List.of("b", "c", "s"))));
        assertThat(RelationshipReversal.exchanged(wide)).isEmpty();
    }

    /** What is said from the other end gives the same tables. */
    @Property(tries = 200)
    void whatIsSaidFromTheOtherEndIsTheSame(@ForAll long seed) {
        Design design = WideDesigns.of(seed);
        for (Relationship relationship : design.relationships()) {
            Optional<Relationship> other = RelationshipReversal.fromOtherEnd(relationship);
            boolean plain = relationship instanceof BinaryRelationship binary
                    && binary.shape() != BinaryRelationship.Shape.MANY_TO_MANY
                    && binary.shape() != BinaryRelationship.Shape.LINKED
                    && !binary.isSelf();
            if (other.isPresent() && plain) {
                assertThat(RelationshipReversal.fromOtherEnd(other.get())).contains(relationship);
                Design now =
                        RelationshipEdits.replace(relationship, other.get()).on(design);
                assertThat(columns(now)).isEqualTo(columns(design));
            }
        }
    }

    private static java.util.List<String> columns(Design design) {
        return Schema.derive(design, Dialects.POSTGRESQL).tables().stream()
                .flatMap(t -> t.columns().stream().map(c -> qualified(t, c.name())))
                .sorted()
                .toList();
    }

    private static String qualified(DerivedTable table, String column) {
        return table.name() + "." + column;
    }
}
