package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Edits as functions: what they change, what follows, and what they leave alone. */
class EditsTest {
    private final Design design = Samples.design(
            "enum Duty: leader, recorder",
            "entity Dive",
            "  id serial key",
            "  number int",
            "  duty Duty",
            "  unique (site, number)",
            "  shown as number",
            "entity Site",
            "  id serial key",
            "entity Diver",
            "  id serial key",
            "entity Assignment",
            "  day date",
            "  key (dive, diver, day)",
            "entity Note",
            "  id serial key",
            "each Dive must be at one Site as site, which may have many Dive as dives",
            "  deleting Site deletes Dive too",
            "each Dive may have many Diver via Assignment, which may have many Dive",
            "each Note must be about one of Dive, Site as about",
            "  deleting Dive empties it",
            "sheet Main: Dive, Site",
            "places",
            "  Dive 10,20",
            "  Dive 30,40 on Main",
            "  Site 5,6");

    @Test
    void renamingAnEntityRenamesEveryMentionOfIt() {
        Design after = EntityEdits.rename("Dive", "Descent").on(design);
        assertThat(after.entity("Dive")).isEmpty();
        assertThat(Notation.print(after))
                .contains(
                        "each Descent must be at one Site as site, which may have many Descent as dives\n  deleting Site deletes Descent too\n",
                        "each Note must be about one of Descent, Site as about\n  deleting Descent empties it\n",
                        "sheet Main: Descent, Site\n",
                        "  Descent 10,20\n  Descent 30,40 on Main\n")
                .doesNotContain("Dive ");
        assertThat(EntityEdits.rename("Descent", "Dive").on(after)).isEqualTo(design);
    }

    @Test
    void renamingALinkKeepsItTheLink() {
        Design after = EntityEdits.rename("Assignment", "Duty list").on(design);
        assertThat(after.isLink("Duty list")).isTrue();
    }

    @Test
    void removingAnEntityRemovesItsRelationshipsAndItsMentions() {
        Design after = EntityEdits.remove("Site").on(design);
        assertThat(after.relationships()).hasSize(2);
        PolymorphicRelationship about =
                (PolymorphicRelationship) after.relationships().get(1);
        assertThat(about.subjects()).containsExactly("Dive");
        assertThat(after.sheets().get(0).entities()).containsExactly("Dive");
        assertThat(after.places()).extracting(Place::entity).containsOnly("Dive");
    }

    @Test
    void removingALinkLeavesAPlainManyToManyAndRemovingEverySubjectRemovesTheOneOf() {
        Design after = EntityEdits.remove("Assignment").on(design);
        assertThat(((BinaryRelationship) after.relationships().get(1)).shape())
                .isEqualTo(BinaryRelationship.Shape.MANY_TO_MANY);
        Design bare =
                EntityEdits.remove("Dive").then(EntityEdits.remove("Site")).on(design);
        assertThat(bare.relationships()).isEmpty();
    }

    @Test
    void renamingAnAttributeRenamesItInKeysUniquesAndWhatIsShown() {
        Design after = EntityEdits.changeAttribute("Dive", "number", a -> a.withName("serial"))
                .then(EntityEdits.changeAttribute("Dive", "id", a -> a.withName("key")))
                .on(design);
        Entity dive = after.entity("Dive").orElseThrow();
        assertThat(dive.uniques().get(0).names()).containsExactly("site", "serial");
        assertThat(dive.shown().names()).containsExactly("serial");
        assertThat(dive.key().names()).containsExactly("key");
    }

    @Test
    void removingAnAttributeTakesItOutOfWhatNamesIt() {
        Entity dive = EntityEdits.removeAttribute("Dive", "number")
                .on(design)
                .entity("Dive")
                .orElseThrow();
        assertThat(dive.uniques()).extracting(Members::names).containsExactly(List.of("site"));
        assertThat(dive.shown().isEmpty()).isTrue();
    }

    @Test
    void retypingLinesTakesANewNameInAnOldPlaceForARename() {
        List<Attribute> lines = List.of(
                Attribute.of("id", Type.of(Scalar.SERIAL)),
                Attribute.of("count", Type.of(Scalar.INT)),
                Attribute.of("duty", new Type.Named("Duty")));
        Entity dive = EntityEdits.retype("Dive", lines, List.of("id"))
                .on(design)
                .entity("Dive")
                .orElseThrow();
        assertThat(dive.shown().names()).containsExactly("count");
        assertThat(dive.uniques().get(0).names()).containsExactly("site", "count");
    }

    @Test
    void retypingFewerLinesDropsWhatIsGoneAndKeepsRolesInTheKey() {
        Entity link = EntityEdits.retype(
                        "Assignment", List.of(Attribute.of("hour", Type.of(Scalar.TIME))), List.of("hour"))
                .on(design)
                .entity("Assignment")
                .orElseThrow();
        assertThat(link.key().names()).containsExactly("dive", "diver", "hour");
        Entity dive = EntityEdits.retype("Dive", List.of(), List.of())
                .on(design)
                .entity("Dive")
                .orElseThrow();
        assertThat(dive.key().isEmpty()).isTrue();
        assertThat(dive.shown().isEmpty()).isTrue();
    }

    @Test
    void renamingAnEnumRenamesTheTypeOfItsAttributes() {
        Design after = EntityEdits.renameEnum("Duty", "Task").on(design);
        assertThat(after.enumType("Task")).isPresent();
        assertThat(after.entity("Dive")
                        .orElseThrow()
                        .attribute("duty")
                        .orElseThrow()
                        .type())
                .isEqualTo(new Type.Named("Task"));
        assertThat(EntityEdits.renameEnum("Nothing", "X").on(design)).isEqualTo(design);
    }

    @Test
    void relationshipsAreReplacedInPlaceAndRemovedOnce() {
        Relationship first = design.relationships().get(0);
        Relationship loose = first.withForward(first.forward().withMust(false));
        Design after = RelationshipEdits.replace(first, loose).on(design);
        assertThat(after.relationships()).startsWith(loose).hasSize(3);
        assertThat(RelationshipEdits.replace(first, loose).on(after)).isEqualTo(after);
        Design twice = RelationshipEdits.add(loose).on(after);
        assertThat(RelationshipEdits.remove(loose).on(twice).relationships())
                .contains(loose)
                .hasSize(3);
    }

    @Test
    void aFurtherSubjectMakesAOneOfAndKnownOnesOrManyMakeNone() {
        BinaryRelationship binary = (BinaryRelationship) design.relationships().get(0);
        PolymorphicRelationship oneOf = (PolymorphicRelationship)
                RelationshipEdits.withSubject(binary, "Diver").orElseThrow();
        assertThat(oneOf.subjects()).containsExactly("Site", "Diver");
        assertThat(oneOf.forward()).isEqualTo(binary.forward());
        assertThat(RelationshipEdits.withSubject(oneOf, "Note"))
                .map(Relationship::targets)
                .contains(List.of("Site", "Diver", "Note"));
        assertThat(RelationshipEdits.withSubject(oneOf, "Site")).isEmpty();
        assertThat(RelationshipEdits.withSubject(design.relationships().get(1), "Site"))
                .isEmpty();
    }

    @Test
    void aRuleForDeletingIsReplacedInPlaceAndAddedWhenItIsNew() {
        Relationship first = design.relationships().get(0);
        Relationship emptied = RelationshipEdits.withRule(first, "Site", DeleteRule.EMPTY);
        assertThat(emptied.deletes()).hasSize(1);
        assertThat(emptied.onDelete("Site")).isEqualTo(DeleteRule.EMPTY);
        assertThat(emptied.onDelete("Other")).isEqualTo(DeleteRule.REFUSE);
        assertThat(RelationshipEdits.withRule(design.relationships().get(2), "Site", DeleteRule.DELETE_TOO)
                        .deletes())
                .hasSize(2);
        assertThat(RelationshipEdits.withoutRules(emptied).deletes()).isEmpty();
    }

    @Test
    void placesAreReplacedPerSheetAndKeptSorted() {
        Design after = SheetEdits.place(List.of(new Place("Dive", "Main", 1, 2), new Place("Anemone", "", 3, 4)))
                .on(design);
        assertThat(after.places())
                .containsExactly(
                        new Place("Anemone", "", 3, 4),
                        new Place("Dive", "", 10, 20),
                        new Place("Dive", "Main", 1, 2),
                        new Place("Site", "", 5, 6));
    }

    @Test
    void theHolderOfAOneToOneIsTheSideThatMust() {
        assertThat(binary("each Dive may have one Log, which must be of one Dive")
                        .holder())
                .isEqualTo("Log");
        assertThat(binary("each Dive must have one Log, which may be of one Dive")
                        .holder())
                .isEqualTo("Dive");
        assertThat(binary("each Dive must have one Log, which must be of one Dive")
                        .holder())
                .isEqualTo("Dive");
        assertThat(binary("each Dive may have one Log, which may be of one Dive")
                        .holder())
                .isEqualTo("Dive");
    }

    @Test
    void aLinkIsLetGoWhenAnEndBecomesOne() {
        BinaryRelationship linked = binary("each Dive may have many Diver via Duty, which may have many Dive");
        assertThat(linked.withForward(linked.forward().withMany(false)).via()).isEmpty();
        assertThat(linked.withBack(linked.back().map(b -> b.withMust(true))).via())
                .isEqualTo("Duty");
        assertThat(linked.withBack(Optional.empty()).via()).isEqualTo("Duty");
    }

    private static BinaryRelationship binary(String sentence) {
        return (BinaryRelationship) Notation.sentence(sentence).value().orElseThrow();
    }
}
