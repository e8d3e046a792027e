package jasperwing.moves;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.derive.DeleteEffect;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.notation.Notation;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What each move makes of a design, and what stands in its way. */
class MovesTest {
    private final Design design = Samples.design(
            "area Sea sea",
            "area Land moss",
            "enum What: dive, site",
            "entity Dive in Sea",
            "  id serial key",
            "  number int",
            "  # as the log says",
            "  weather text(40)?",
            "  wind text(40)? label \"Wind, Beaufort\"",
            "  hazards text(20) list",
            "  depth1 int?",
            "  depth2 int?",
            "  unique (site, number)",
            "  shown as number",
            "entity Site in Sea",
            "  id serial key",
            "  name text(80) unique",
            "entity Log in Sea",
            "  id uuid key",
            "  text long text",
            "  # who wrote it",
            "entity Photo in Sea",
            "  id serial key",
            "  aboutKind What",
            "  aboutId big int",
            "entity Account, outside",
            "  id text(36) key",
            "each Dive must be at one Site, which may have many Dive",
            "each Dive may have one Log as log, which must tell of one Dive as dive",
            "  deleting Dive deletes Log too",
            "each Dive may have many Photo, which may show many Dive",
            "each Log may be read by one Account",
            "sheet Main: Dive, Log",
            "accept numbered-repeats on Dive.weather \"as it comes\"",
            "places",
            "  Dive 10,20",
            "  Log 30,40");

    private static String text(Move move, Design design) {
        assertThat(move.hindrance(design)).isEmpty();
        return Notation.print(move.on(design));
    }

    private void hindered(Move move, String... words) {
        assertThat(move.hindrance(design)).hasValueSatisfying(h -> assertThat(h).contains(words));
        assertThat(move.on(design)).isSameAs(design);
    }

    private BinaryRelationship binary(int index) {
        return (BinaryRelationship) design.relationships().get(index);
    }

    @Test
    void splitAttributesTakeTheirCommentsAndWarningsAlong() {
        String after = text(new SplitOff("Dive", List.of("weather", "wind"), "Conditions", false), design);
        assertThat(after)
                .contains(
                        """
                        entity Conditions in Sea
                          id          serial         key
                          # as the log says
                          weather     text(40)?
                          wind        text(40)?      label "Wind, Beaufort"
                        """,
                        "each Conditions must belong to one Dive as dive, which may have one Conditions as conditions\n"
                                + "  deleting Dive deletes Conditions too\n",
                        "sheet Main: Dive, Conditions, Log",
                        "on Conditions.weather \"as it comes\"");
        assertThat(text(new SplitOff("Dive", List.of("wind"), "Conditions", true), design))
                .contains("each Dive may have one Conditions as conditions, which may be of many Dive as dives");
    }

    @Test
    void whatIsNotAloneIsNotSplitOff() {
        hindered(new SplitOff("Dive", List.of("id"), "Extra", false), "id is part of the key of Dive");
        hindered(new SplitOff("Dive", List.of("number"), "Extra", false), "unique together", "site, number");
        hindered(new SplitOff("Dive", List.of("wind"), "Site", false), "There is a Site already");
        hindered(new SplitOff("Account", List.of("id"), "Extra", false), "another system");
        hindered(new SplitOff("Nothing", List.of("id"), "Extra", false), "no entity Nothing");
        hindered(new SplitOff("Dive", List.of(), "Extra", false), "Choose");
    }

    @Test
    void aOneToOneIsFoldedWithAllThatIsRelatedToIt() {
        String after = text(new Fold(binary(1), 1), design);
        assertThat(after)
                .contains(
                        "  id          serial         key\n  text        long text?\n  number      int\n",
                        "each Dive may be read by one Account",
                        "  # who wrote it\n",
                        "sheet Main: Dive\n")
                .doesNotContain("Log");
        hindered(new Fold(binary(0), 1), "Only a one-to-one");
    }

    @Test
    void reversingChangesWhoHoldsTheKeyAndNotWhatIsSaid() {
        Design once = new SwapKeyHolder(binary(1)).on(design);
        BinaryRelationship turned = (BinaryRelationship) once.relationships().get(1);
        assertThat(turned.holder()).isEqualTo("Dive");
        assertThat(turned.forward()).isEqualTo(binary(1).forward());
        assertThat(turned.back()).isEqualTo(binary(1).back());
        assertThat(Notation.print(once)).contains("  key held by Dive\n").doesNotContain("deleting Log deletes Dive");
        assertThat(Notation.parse(Notation.print(once)).value()).isEqualTo(once);
        assertThat(new SwapKeyHolder(turned).on(once))
                .isEqualTo(design.withRelationships(design.relationships().stream()
                        .map(r -> r.equals(binary(1)) ? r.withDeletes(List.of()) : r)
                        .toList()));
    }

    @Test
    void whoHoldsTheKeyIsAMatterOfStorageAlone() {
        Design specimens = Samples.design(
                "entity Specimen",
                "  id serial key",
                "entity Record",
                "  id serial key",
                "each Specimen may have one Record as record, which must describe one Specimen as specimen",
                "  key held by Specimen");
        DerivedTable specimen =
                Schema.derive(specimens, Dialects.POSTGRESQL).table("Specimen").orElseThrow();
        assertThat(specimen.column("record_id"))
                .hasValueSatisfying(c -> assertThat(c.required()).isFalse());
        assertThat(specimen.isUnique(List.of("record_id"))).isTrue();
        assertThat(Schema.derive(specimens, Dialects.POSTGRESQL)
                        .table("Record")
                        .orElseThrow()
                        .references())
                .isEmpty();
    }

    @Test
    void aTextBecomesAnEntityUnderItsNameAsTheRole() {
        String after = text(new TextToEntity("Dive", "weather", "Weather"), design);
        assertThat(after)
                .contains(
                        "entity Weather in Sea\n  id          serial         key\n  name        text(40)       unique\n",
                        "# as the log says\neach Dive may have one Weather as weather, which may be of many Dive as dives\n");
        hindered(new TextToEntity("Dive", "number", "Number"), "no text");
    }

    @Test
    void aListBecomesEntitiesOwnOrShared() {
        assertThat(text(new ListToEntity("Dive", "hazards", "Hazard", false), design))
                .contains(
                        "entity Hazard in Sea\n  id          serial         key\n  name        text(20)\n",
                        "each Hazard must belong to one Dive as dive, which may have many Hazard as hazards\n"
                                + "  deleting Dive deletes Hazard too\n");
        assertThat(text(new ListToEntity("Dive", "hazards", "Hazard", true), design))
                .contains(
                        "  name        text(20)       unique\n",
                        "each Dive may have many Hazard as hazards, which may be of many Dive as dives\n");
    }

    @Test
    void repeatsAreGatheredUnderTheirNumbers() {
        assertThat(text(new RepeatsToEntity("Dive", "depth", "Depth"), design))
                .contains(
                        "  position    small int      from 1 to 2\n  depth       int\n  unique (dive, position)\n",
                        "each Depth must belong to one Dive as dive, which may have many Depth as depths\n")
                .doesNotContain("depth1");
        hindered(new RepeatsToEntity("Dive", "wind", "Wind"), "no numbered attributes");
    }

    @Test
    void aTextBecomesAnEnum() {
        assertThat(text(new TextToEnum("Dive", "wind", "Wind", List.of("calm", "fresh breeze")), design))
                .contains(
                        "enum Wind: calm, `fresh breeze`\n", "  wind        Wind?          label \"Wind, Beaufort\"\n");
        hindered(new TextToEnum("Dive", "wind", "Wind", List.of("calm", "calm")), "twice");
        hindered(new TextToEnum("Dive", "wind", "Wind", List.of()), "Say its values");
    }

    @Test
    void aKindAndAnIdBecomeAOneOf() {
        assertThat(text(new ToOneOf("Photo", "aboutKind", "aboutId", List.of("Dive", "Site")), design))
                .contains(
                        "each Photo must be about one of Dive, Site as about, which may have many Photo as aboutPhotos\n"
                                + "  kept as a kind and an id\n")
                .doesNotContain("aboutId");
        hindered(new ToOneOf("Photo", "aboutKind", "aboutId", List.of()), "Choose");
        Offer offer = Offers.ofEntity(design, "Photo").get(0);
        assertThat(offer.chosen()).containsExactly("Dive", "Site");
    }

    @Test
    void aPlainManyToManyIsGivenAnEntityAndMadePlainAgain() {
        Design linked = new Relink(binary(2), "Shot").on(design);
        BinaryRelationship through = (BinaryRelationship) linked.relationships().get(2);
        assertThat(through.via()).isEqualTo("Shot");
        assertThat(new Relink(through, "").on(linked)).isEqualTo(design);
    }

    @Test
    void pairsWithAnEntityOfTheirOwnAreStillDeletedWithEitherEnd() {
        Design linked = new Relink(binary(2), "Shot").on(design);
        DerivedTable shots =
                Schema.derive(linked, Dialects.POSTGRESQL).table("Shot").orElseThrow();
        assertThat(shots.references()).extracting(Reference::effect).containsOnly(DeleteEffect.DELETES);
    }

    @Test
    void aLinkIdentifiedByItsEndsGetsAKeyOfItsOwn() {
        Design linked = new Relink(binary(2), "Shot").on(design);
        assertThat(new OwnKey("Shot").hindrance(linked)).isEmpty();
        Design keyed = new OwnKey("Shot").on(linked);
        DerivedTable shots =
                Schema.derive(keyed, Dialects.POSTGRESQL).table("Shot").orElseThrow();
        assertThat(shots.keyColumns()).containsExactly("id");
        assertThat(shots.uniqueKeys()).hasSize(1);
        assertThat(new OwnKey("Shot").hindrance(keyed)).isPresent();
    }

    @Test
    void twoEntitiesAreMergedAndRolesThatFollowedFromANameStay() {
        Design two = Samples.design(
                "entity Diver",
                "  id serial key",
                "  name text(40)",
                "  depth int",
                "entity Person",
                "  code text(8) key",
                "  name text(40)?",
                "  phone text(20)",
                "entity Boat",
                "  id serial key",
                "each Boat must belong to one Person, which may have many Boat",
                "each Boat may carry many Diver, which may be on many Boat as trips",
                "places",
                "  Person 1,2");
        Move merge = new MergeEntities("Diver", "Person");
        assertThat(text(merge, two))
                .contains(
                        "  name        text(40)?\n  depth       int?\n  code        text(8)?       unique\n  phone       text(20)?\n",
                        "each Boat must belong to one Diver as person, which may have many Boat\n")
                .doesNotContain("Person", "places");
        Relationship between = binary(0);
        assertThat(new MergeEntities("Dive", between.targets().get(0)).hindrance(design))
                .hasValueSatisfying(h -> assertThat(h).contains("related in another way"));
    }

    @Test
    void renamingLeavesTheOldestFormerNameBehind() {
        Design once = new Rename("Dive", "", "Descent").on(design);
        assertThat(Notation.print(once))
                .contains("entity Descent in Sea was Dive\n", "each Descent must be at one Site", "  Descent 10,20\n");
        Design twice = new Rename("Descent", "", "Plunge").on(once);
        assertThat(Notation.print(twice)).contains("entity Plunge in Sea was Dive\n");
        assertThat(new Rename("Plunge", "", "Dive").on(twice)).isEqualTo(design);
        assertThat(text(new Rename("Dive", "number", "count"), design))
                .contains(
                        "  count       int            was number\n", "  unique (site, count)\n", "  shown as count\n");
        hindered(new Rename("Dive", "", "Site"), "There is a Site already");
        hindered(new Rename("Dive", "number", "wind"), "Dive has a wind already");
        hindered(new Rename("Dive", "number", "number"), "Say its new name");
        Offer offer = Offers.ofEntity(design, "Dive").stream()
                .filter(o -> o.title().equals("Rename an attribute and remember"))
                .findFirst()
                .orElseThrow();
        hindered(offer.maker().of(List.of("number", "wind"), "count"), "Choose one attribute");
        assertThat(offer.maker().of(List.of("number"), "count")).isEqualTo(new Rename("Dive", "number", "count"));
    }

    @Test
    void formerNamesOfRolesAreKeptInTheText() {
        Design named = Samples.design(
                "entity Dive",
                "  id serial key",
                "entity Site",
                "  id serial key",
                "each Dive must be at one Site as site was place, which may have many Dive as dives was descents in order of id");
        assertThat(named.relationships().get(0).forward().was()).isEqualTo("place");
        assertThat(Notation.print(named)).contains("as dives was descents in order of id\n");
    }

    @Test
    void entitiesMoveToAnotherArea() {
        assertThat(text(new ToArea(List.of("Site"), "Land"), design)).contains("entity Site in Land\n");
        hindered(new ToArea(List.of("Site"), "Sky"), "no area Sky");
    }
}
