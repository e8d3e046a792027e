package jasperwing.moves;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Databases;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.derive.SchemaCache;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.FindingsCache;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindEdits;
import jasperwing.notation.Notation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.List;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** Moves among kinds, and what holds for every family. */
class KindMovesTest {
    private static final String GEAR = "entity Gear, only its kinds\n  id serial key\n  name text(40)\n"
            + "entity Sensor is a kind of Gear\n  reach decimal(5,1)\n  maker text(40)\n"
            + "entity Net is a kind of Gear\n  mesh int\n  maker text(40)";

    @Property(tries = 60, seed = "20261221")
    void everyFamilyLoadsInEveryDatabase(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) throws SQLException {
        Design design = SoundDesigns.withKinds(seed);
        Assume.that(Report.of(design, Dialects.POSTGRESQL).of(Level.ERROR).isEmpty());
        for (Dialect dialect : Databases.running()) {
            try (Connection connection = Databases.loaded(design, dialect)) {
                assertThat(connection.isClosed()).isFalse();
            }
        }
    }

    @Property(tries = 25, seed = "20261222")
    void theClassesOfEveryFamilyCompile(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) throws IOException {
        Design design = SoundDesigns.withKinds(seed);
        Assume.that(Report.of(design, Dialects.POSTGRESQL).of(Level.ERROR).isEmpty());
        Path folder = Files.createTempDirectory("kinds");
        try {
            Javac.write(OurTargets.JAKARTA.files(design), folder.resolve("src"));
            Javac.compile(folder.resolve("src"), folder.resolve("out"));
        } finally {
            try (var all = Files.walk(folder)) {
                all.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
            }
        }
    }

    @Property(tries = 40, seed = "20261225")
    void whatFollowsFromAFamilyDoesNotDependOnWhatCameBefore(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Design design = SoundDesigns.withKinds(seed);
        SchemaCache schemas = new SchemaCache();
        FindingsCache reports = new FindingsCache();
        for (Entity entity : design.entities()) {
            for (Offer offer : Offers.ofEntity(design, entity.name())) {
                for (Design each : List.of(offer.suggested().on(design), design)) {
                    Schema schema = Schema.derive(each, Dialects.POSTGRESQL, schemas);
                    Schema fresh = Schema.derive(each, Dialects.POSTGRESQL);
                    assertThat(schema).isEqualTo(fresh);
                    assertThat(messages(Report.of(each, schema, reports))).isEqualTo(messages(Report.of(each, fresh)));
                }
            }
        }
    }

    private static List<String> messages(Report report) {
        return report.findings().stream().map(Finding::message).toList();
    }

    @Property(tries = 200, seed = "20261223")
    void lettingAKindPointAndMakingItAKindAgainGiveBackTheDesign(
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Design before = SoundDesigns.withKinds(seed);
        Entity kind = before.entities().stream()
                .filter(e -> before.parent(e.name()).isPresent()
                        && before.kinds(e.name()).isEmpty())
                .findFirst()
                .orElse(null);
        Assume.that(kind != null);
        Move point = new KindToOneToOne(kind.name());
        assertThat(point.hindrance(before)).isEmpty();
        Design pointing = point.on(before);
        assertThat(pointing.parent(kind.name())).isEmpty();
        BinaryRelationship binary = (BinaryRelationship)
                pointing.relationships().get(pointing.relationships().size() - 1);
        Design back = new OneToOneToKind(binary).on(pointing);
        String parent = before.parent(kind.name()).orElseThrow().name();
        boolean last = before.kinds(parent).size() == 1;
        Design expected = last ? KindEdits.onlyKinds(parent, false).on(before) : before;
        assertThat(Notation.print(back)).isEqualTo(Notation.print(expected));
    }

    @Property(tries = 200, seed = "20261224")
    void pushingDownAndPullingUpGiveBackTheDesign(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Design before = SoundDesigns.withKinds(seed);
        Entity parent = before.entities().stream()
                .filter(e ->
                        e.inheritance().onlyKinds() && !before.kinds(e.name()).isEmpty())
                .findFirst()
                .orElse(null);
        Assume.that(parent != null);
        String last = parent.attributes().get(parent.attributes().size() - 1).name();
        Move down = new PushDown(parent.name(), List.of(last));
        assertThat(down.hindrance(before)).isEmpty();
        Design pushed = down.on(before);
        List<Entity> kinds = pushed.kinds(parent.name());
        assertThat(kinds).allMatch(k -> k.attribute(last).isPresent());
        Design back = new PullUp(kinds.get(0).name(), List.of(last)).on(pushed);
        assertThat(Notation.print(back)).isEqualTo(Notation.print(before));
    }

    @Test
    void whatIsPulledUpIsOptionalWhereSomeHaveNone() {
        Design design = Samples.design(GEAR);
        Design maker = new PullUp("Net", List.of("maker")).on(design);
        assertThat(maker.entity("Gear").orElseThrow().attribute("maker"))
                .map(Attribute::optional)
                .contains(false);
        assertThat(maker.entity("Sensor").orElseThrow().attribute("maker")).isEmpty();
        Design reach = new PullUp("Sensor", List.of("reach")).on(design);
        assertThat(reach.entity("Gear").orElseThrow().attribute("reach"))
                .map(Attribute::optional)
                .contains(true);
    }

    @Test
    void collectionsThatNobodyNamedAreInNoOnesWay() {
        String[] lines = {
            "entity Boat",
            "  id serial key",
            "entity Ferry",
            "  id serial key",
            "entity Trip",
            "  id serial key",
            "each Boat may have many Trip, which may have many Boat",
            "each Ferry may have many Trip, which may have many Ferry"
        };
        assertThat(new MakeKind("Ferry", "Boat").hindrance(Samples.design(lines)))
                .isEmpty();
        lines[7] = "each Ferry may have many Trip as trips, which may have many Ferry";
        assertThat(new MakeKind("Ferry", "Boat").hindrance(Samples.design(lines)))
                .contains("Both Ferry and Boat have a trips, and not alike; rename one of them first.");
    }

    @Test
    void whatStandsInTheWayIsTold() {
        Design design = Samples.design(GEAR, "entity Account, outside", "  id text(36) key");
        assertThat(new MakeKind("Gear", "Net").hindrance(design)).contains("Net is a kind of Gear.");
        assertThat(new MakeKind("Gear", "Gear").hindrance(design)).contains("Nothing is a kind of itself.");
        assertThat(new MakeKind("Account", "Gear").hindrance(design))
                .contains("Account lives in another system; its shape is decided there.");
        assertThat(new PullUp("Gear", List.of("name")).hindrance(design)).contains("Gear is no kind of anything.");
        assertThat(new PushDown("Net", List.of("mesh")).hindrance(design)).contains("There are no kinds of Net.");
        assertThat(new PushDown("Gear", List.of("name")).hindrance(new OnlyKinds("Gear", false).on(design)))
                .contains("Gear has rows of its own, which would lose them; say that it is only its kinds first.");
        assertThat(new MergeEntities("Sensor", "Net").hindrance(design))
                .contains("Net is a kind of Gear; let it be none first.");
        assertThat(new OwnKey("Net").hindrance(design))
                .contains("Net is known by the key of Gear, which it is a kind of.");
        assertThat(new KeepKinds("Net", jasperwing.model.KindsKept.COMPLETE_TABLES).hindrance(design))
                .contains("Gear's key is counted up, and each table would count for itself; make it a uuid first.");
    }

    @Test
    void twoEntitiesBecomeKindsOfANewOneWithWhatTheyShare() {
        Design design = Samples.design(
                "entity Sensor",
                "  id serial key",
                "  reach int",
                "  maker text(40)",
                "entity Net",
                "  code text(8) key",
                "  maker text(40)",
                "each Sensor may be near one Net as net, which may have many Sensor as sensors");
        Design made = new Generalise(List.of("Sensor", "Net"), List.of("maker"), "Gear").on(design);
        assertThat(Report.of(made, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
        assertThat(InheritanceTree.descendants(made, "Gear"))
                .extracting(Entity::name)
                .containsExactly("Sensor", "Net");
        assertThat(made.entity("Gear").orElseThrow().attributes())
                .extracting(Attribute::name)
                .containsExactly("id", "maker");
        assertThat(made.entity("Net").orElseThrow().attribute("code"))
                .map(Attribute::unique)
                .contains(true);
        DerivedTable sensors =
                Schema.derive(made, Dialects.POSTGRESQL).table("Sensor").orElseThrow();
        assertThat(sensors.keyColumns()).containsExactly("id");
    }

    @Test
    void anEntityIsMadeAKindWithoutWhatBothHaveAlike() {
        Design design = Samples.design(
                "entity Gear",
                "  id serial key",
                "  maker text(40)",
                "entity Net",
                "  id serial key",
                "  maker text(40)",
                "  mesh int");
        Design made = new MakeKind("Net", "Gear").on(design);
        assertThat(made.entity("Net").orElseThrow().attributes())
                .extracting(Attribute::name)
                .containsExactly("mesh");
        assertThat(made.parent("Net")).map(Entity::name).contains("Gear");
    }
}
