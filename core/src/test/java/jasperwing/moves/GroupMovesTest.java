package jasperwing.moves;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.change.LostFacts;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Type;
import jasperwing.notation.Notation;
import jasperwing.physical.Column;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** Moves to values and traits and back, and those of a one-of and of keys. */
class GroupMovesTest {
    private static List<String> columns(Design design, String entity) {
        DerivedTable table =
                Schema.derive(design, Dialects.POSTGRESQL).table(entity).orElseThrow();
        return table.columns().stream().map(Column::name).sorted().toList();
    }

    @Property(tries = 200, seed = "20261211")
    void gatheringAValueAndTakingItApartGiveBackTheDesign(
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed, @ForAll @LongRange(min = 0, max = 99) long which) {
        Design before = SoundDesigns.of(seed);
        Entity entity = before.entities().get((int) (which % before.entities().size()));
        Assume.that(entity.attributes().size() > 2);
        int from = 1 + (int) (which % (entity.attributes().size() - 2));
        List<String> run = entity.attributes().subList(from, from + 2).stream()
                .map(Attribute::name)
                .toList();
        Move gather = new ToValue(entity.name(), run, "Gathered", "gathered");
        Assume.that(gather.hindrance(before).isEmpty());
        Design gathered = gather.on(before);
        assertThat(columns(gathered, entity.name()))
                .hasSameSizeAs(columns(before, entity.name()))
                .contains("gathered_"
                        + columns(only(before, entity, run.get(0)), "One").get(0));
        assertThat(Notation.print(new FromValue(entity.name(), "gathered").on(gathered)))
                .isEqualTo(Notation.print(before));
    }

    /** A design with one entity of one attribute, to see its column. */
    private static Design only(Design design, Entity entity, String attribute) {
        Entity alone = Entity.of("One")
                .withAttributes(List.of(entity.attribute(attribute).orElseThrow()));
        return design.withEntities(List.of(alone)).withRelationships(List.of());
    }

    @Property(tries = 200, seed = "20261212")
    void aTraitOfWhatIsSharedIsWrittenOnceAndChangesNoColumn(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Design sound = SoundDesigns.of(seed);
        Assume.that(sound.entities().size() > 1);
        List<String> two = sound.entities().stream().limit(2).map(Entity::name).toList();
        Attribute shared = Attribute.of("sharedNote", new Type.Text(20));
        Design before = sound;
        for (String entity : two) {
            before = MoveSteps.change(
                    before,
                    entity,
                    e -> e.withAttributes(Stream.concat(e.attributes().stream(), Stream.of(shared))
                            .toList()));
        }
        Design made = new ToTrait(two, List.of("sharedNote"), "Noted").on(before);
        assertThat(made).isNotEqualTo(before);
        for (String entity : two) {
            assertThat(columns(made, entity)).isEqualTo(columns(before, entity));
        }
        Design back = made;
        for (String entity : two) {
            back = new FromTrait(entity, "Noted").on(back);
        }
        assertThat(Notation.print(back)).isEqualTo(Notation.print(before));
    }

    private final Design design = Samples.design(
            "value Spot",
            "  north int",
            "  east int",
            "entity Boat, outside",
            "  id serial key",
            "  north int",
            "  east int",
            "entity Buoy",
            "  id serial key",
            "  north int",
            "  east int",
            "  depth int list",
            "  sum int = north + 1",
            "entity Mark",
            "  id serial key",
            "  north int",
            "  east int",
            "  code text(3)",
            "  unique (code, east)",
            "entity Note",
            "  id serial key",
            "each Note must be about one of Buoy, Mark as subject, which may have many Note as notes",
            "  deleting Buoy deletes Note too",
            "each Note may be in one Mark as place, which may keep many Note as kept",
            "places",
            "  Note 40,60");

    private String hindrance(Move move) {
        return move.hindrance(design).orElse("");
    }

    @Test
    void formulasAndRulesFollowWhatIsGathered() {
        Design ruled = Samples.design(
                "entity Shelf",
                "  id serial key",
                "  low int",
                "  high int",
                "  room int = high - low",
                "  rule \"must be in order\": low < high",
                "  rule \"must have room\": high - low > 3 and id > 0",
                "entity Book",
                "  id serial key",
                "  rule \"must fit\": shelf.high > 2",
                "each Book must be on one Shelf as shelf, which may have many Book as books");
        Design gathered = new ToValue("Shelf", List.of("low", "high"), "Span", "span").on(ruled);
        assertThat(Notation.print(gathered))
                .contains("value Span\n  low         int\n  high        int\n  rule \"must be in order\": low < high\n")
                .contains("= span.high - span.low\n  rule \"must have room\": span.high - span.low > 3 and id > 0\n")
                .contains("rule \"must fit\": shelf.span.high > 2");
        assertThat(Report.of(gathered, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(Notation.print(new FromValue("Shelf", "span").on(gathered)))
                .contains("= high - low\n  rule \"must have room\": high - low > 3 and id > 0\n")
                .contains("  rule \"must be in order\": low < high\n")
                .contains("rule \"must fit\": shelf.high > 2");
        Design split = new SplitOff("Shelf", List.of("low", "high"), "Extent", false).on(ruled);
        assertThat(Notation.print(split))
                .contains("entity Extent\n")
                .contains("= extent.high - extent.low\n")
                .contains("rule \"must fit\": shelf.extent.high > 2");
        assertThat(split.entity("Extent").orElseThrow().rules()).hasSize(1);
        BinaryRelationship part =
                (BinaryRelationship) split.relationshipsOf("Extent").get(0);
        assertThat(Notation.print(new Fold(part, -1).on(split)))
                .contains("= high - low\n")
                .contains("rule \"must be in order\": low < high\n")
                .contains("rule \"must fit\": shelf.high > 2");
    }

    @Test
    void aValueMayBearTheNameOfOneOfItsParts() {
        Design ruled =
                Samples.design("entity Shelf", "  id serial key", "  low int", "  high int", "  room int = high - low");
        assertThat(Notation.print(new ToValue("Shelf", List.of("low", "high"), "Span", "high").on(ruled)))
                .contains("= high.high - high.low");
    }

    @Test
    void aRuleThatWouldBindShelvesWithoutALockIsToldAsLost() {
        Design ruled = Samples.design(
                "entity Shelf",
                "  id serial key",
                "entity Lock",
                "  rule \"must have a maker\": maker is not null",
                "  key (shelf)",
                "entity Maker",
                "  id serial key",
                "each Lock must close one Shelf as shelf, which may have one Lock as lock",
                "each Lock may be by one Maker as maker, which may have many Lock as locks");
        BinaryRelationship closing =
                (BinaryRelationship) ruled.relationshipsOf("Lock").get(0);
        Design folded = new Fold(closing, -1).on(ruled);
        assertThat(folded.entity("Shelf").orElseThrow().rules()).isEmpty();
        assertThat(LostFacts.of(ruled, folded)).contains("the rule \u201cmust have a maker\u201d of Lock");
    }

    @Test
    void whatStandsInTheWayIsSaid() {
        List<String> both = List.of("north", "east");
        assertThat(hindrance(new ToValue("Boat", both, "Place", "at"))).contains("lives in another system");
        assertThat(hindrance(new ToValue("Buoy", List.of("north"), "Place", "at")))
                .contains("two or more");
        assertThat(hindrance(new ToValue("Buoy", List.of("north", "depth"), "Place", "at")))
                .contains("depth cannot be a part of a value");
        assertThat(hindrance(new ToValue("Buoy", List.of("id", "east"), "Place", "at")))
                .contains("part of the key");
        assertThat(hindrance(new ToValue("Buoy", both, "Place", "at"))).isEmpty();
        assertThat(hindrance(new ToValue("Mark", both, "Place", "at"))).contains("unique by one of them");
        assertThat(hindrance(new FromValue("Buoy", "north"))).isEqualTo("north is no value.");
        assertThat(hindrance(new ToTrait(List.of("Buoy", "Note"), both, "Placed")))
                .contains("Note has no attribute north");
        assertThat(hindrance(new ToTrait(List.of("Buoy", "Mark"), List.of("id"), "Placed")))
                .contains("part of the key");
        assertThat(hindrance(new FromTrait("Buoy", "Placed"))).isEqualTo("There is no trait Placed.");
    }

    @Test
    void aValueThatIsThereAlreadyIsUsed() {
        Design plain = MoveSteps.change(design, "Mark", e -> e.withUniques(List.of()));
        Design again =
                MoveSteps.change(plain, "Buoy", e -> e.withAttributes(MoveSteps.without(e, List.of("sum", "depth"))));
        Design gathered = new ToValue("Mark", List.of("north", "east"), "Spot", "at").on(again);
        assertThat(gathered.groups()).isEqualTo(design.groups());
        assertThat(Notation.print(gathered)).contains("  at          Spot\n");
    }

    @Test
    void anEntityForEachSubjectKeepsRulesAndOtherRelationships() {
        Design made = new TableForEach(
                        (PolymorphicRelationship) design.relationships().get(0))
                .on(design);
        assertThat(Notation.print(made))
                .contains(
                        "each BuoyNote must be about one Buoy as buoy, which may have many BuoyNote as notes\n"
                                + "  deleting Buoy deletes BuoyNote too\n",
                        "each MarkNote must be about one Mark as mark, which may have many MarkNote as notes\n",
                        "each BuoyNote may be in one Mark as place, which may keep many BuoyNote as buoyKept\n",
                        "  BuoyNote 40,60\n",
                        "  MarkNote 80,250\n")
                .doesNotContain("entity Note");
        assertThat(Report.of(made, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
    }

    @Test
    void aLinkGetsAKeyOfItsOwnAndItsPairStaysUnique() {
        Design linked = Samples.design(
                "entity Dive",
                "  id serial key",
                "entity Diver",
                "  id serial key",
                "entity Turn",
                "  part int",
                "  key (dive, diver, part)",
                "each Dive may have many Diver via Turn, which may join many Dive");
        Design made = new OwnKey("Turn").on(linked);
        assertThat(Notation.print(made))
                .contains("  id          serial         key\n", "  unique (dive, diver, part)\n");
        assertThat(new OwnKey("Turn").hindrance(made)).isPresent();
        BinaryRelationship binary = (BinaryRelationship) linked.relationships().get(0);
        assertThat(new ShareKey(binary).hindrance(linked)).contains("Only a one-to-one can share its key.");
    }

    @Test
    void aRenamedRoleIsFollowedByKeysFormulasAndWarnings() {
        Design before = Samples.design(
                "entity Dive",
                "  id serial key",
                "  depth int",
                "entity Log",
                "  number int",
                "  deep int = dive.depth * 2",
                "  key (dive, number)",
                "each Log must tell of one Dive as dive, which may have many Log as logs",
                "accept one-of-not-enforced on Log.dive \"so it is\"");
        Design made = new RenameRole(before.relationships().get(0), true, "descent").on(before);
        assertThat(Notation.print(made))
                .contains(
                        "= descent.depth * 2",
                        "  key (descent, number)",
                        "one Dive as descent was dive, which may have many Log as logs",
                        "on Log.descent");
        Design again = new RenameRole(made.relationships().get(0), true, "dive").on(made);
        assertThat(Notation.print(again)).isEqualTo(Notation.print(before));
        assertThat(new RenameRole(made.relationships().get(0), false, "id").hindrance(made))
                .contains("Dive has a id already; rename one of them first.");
    }

    @Test
    void aListOfTextsIsClosedToAnEnum() {
        Design before = Samples.design("entity Dive", "  id serial key", "  hazards text(40) list kept as an array");
        Design made = new TextToEnum("Dive", "hazards", "Hazard", List.of("current", "boats")).on(before);
        assertThat(Notation.print(made))
                .contains("enum Hazard: current, boats", "  hazards     Hazard list    kept as an array");
        assertThat(Report.of(made, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
    }
}
