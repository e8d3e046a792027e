package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.derive.Schema;
import jasperwing.derive.SchemaCache;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Analysis;
import jasperwing.findings.FindingsCache;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Scalar;
import jasperwing.model.TableOwner;
import jasperwing.model.Type;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** What follows from a design with the help of what followed from others before is what follows from it alone. */
class RecallTest {
    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Property(tries = 120, seed = "20261123")
    void schemaAndFindingsDoNotDependOnWhatCameBefore(
            @ForAll("designs") Design first, @ForAll("designs") Design second) {
        SchemaCache schemas = new SchemaCache();
        FindingsCache reports = new FindingsCache();
        for (Design design : edited(List.of(first, second, Samples.demo()))) {
            Schema schema = Schema.derive(design, Dialects.POSTGRESQL, schemas);
            Design unrelated = unrelated(design);
            Schema fresh = Schema.derive(unrelated, Dialects.POSTGRESQL);
            assertThat(schema.tables()).isEqualTo(fresh.tables());
            assertThat(words(Report.of(design, schema, reports))).isEqualTo(words(Report.of(unrelated, fresh)));
        }
    }

    @Test
    void aRuleOnWhatMovesIntoAnotherSystemIsToldAtOnce() {
        Design here = Samples.design(
                "entity Dive",
                "entity Boat",
                "  id serial key",
                "each Boat may be on one Dive",
                "  deleting Dive empties it");
        SchemaCache schemas = new SchemaCache();
        FindingsCache reports = new FindingsCache();
        for (Design design :
                List.of(here, TableOwner.OTHER_SYSTEM.assign("Dive", "").on(here), here)) {
            Schema schema = Schema.derive(design, Dialects.POSTGRESQL, schemas);
            assertThat(words(Report.of(design, schema, reports)))
                    .isEqualTo(words(Report.of(design, Schema.derive(unrelated(design), Dialects.POSTGRESQL))));
        }
    }

    /** The same design, as if no other had been before it. */
    private static Design unrelated(Design design) {
        return new Design(
                design.name(),
                design.naming(),
                design.areas(),
                design.enums(),
                design.groups(),
                design.entities(),
                design.relationships(),
                design.sheets(),
                design.accepted(),
                design.targets(),
                design.places(),
                design.comments());
    }

    @Property(tries = 120, seed = "20261127")
    void whatIsRelatedAndHeldDoesNotDependOnWhatCameBefore(@ForAll("designs") Design first) {
        for (Design design : edited(List.of(first, Samples.demo()))) {
            Design unrelated = unrelated(design);
            for (Entity entity : design.entities()) {
                String name = entity.name();
                assertThat(design.relationshipsOf(name)).isEqualTo(unrelated.relationshipsOf(name));
                assertThat(design.isLink(name)).isEqualTo(unrelated.isLink(name));
                assertThat(Roles.heldBy(design, name)).isEqualTo(Roles.heldBy(unrelated, name));
                assertThat(Roles.pointingTo(design, name)).isEqualTo(Roles.pointingTo(unrelated, name));
            }
        }
    }

    @Test
    void anEditLeavesTheTablesOfOthersAsTheyAre() {
        SchemaCache memory = new SchemaCache();
        Design demo = Samples.demo();
        Schema before = Schema.derive(demo, Dialects.POSTGRESQL, memory);
        Schema after =
                Schema.derive(EntityEdits.change("Dive", RecallTest::longer).on(demo), Dialects.POSTGRESQL, memory);
        assertThat(after.table("Dive")).isNotEqualTo(before.table("Dive"));
        assertThat(after.table("Specimen").orElseThrow())
                .isSameAs(before.table("Specimen").orElseThrow());
    }

    @Test
    void whatLivesElsewhereIsNoRootOfTables() {
        Design design = Samples.design(
                "entity Net",
                "  id serial key",
                "  kinds kept in one table",
                "entity Trawl is a kind of Net",
                "  table \"hauls\"");
        Design outside = EntityEdits.change("Net", e -> e.withOutside(true)).on(design);
        SchemaCache memory = new SchemaCache();
        Schema.derive(design, Dialects.POSTGRESQL, memory);
        assertThat(Schema.derive(outside, Dialects.POSTGRESQL, memory).tables())
                .isEqualTo(
                        Schema.derive(unrelated(outside), Dialects.POSTGRESQL).tables());
    }

    @Test
    void whatIsFoundOfAnotherOfTheSameNameDoesNotDependOnTheTableOfTheFirst() {
        Design design = Samples.design(
                "entity Buoy, outside",
                "entity Light is a kind of Buoy",
                "  range int",
                "entity Light",
                "  number int key",
                "  kinds kept in a complete table each");
        Design here = EntityEdits.change("Buoy", e -> e.withOutside(false)).on(design);
        SchemaCache schemas = new SchemaCache();
        FindingsCache reports = new FindingsCache();
        for (Design each : List.of(design, here, design)) {
            Design unrelated = unrelated(each);
            assertThat(words(Report.of(each, Schema.derive(each, Dialects.POSTGRESQL, schemas), reports)))
                    .isEqualTo(words(Report.of(unrelated, Schema.derive(unrelated, Dialects.POSTGRESQL))));
        }
    }

    /** So many entities are checked in several threads when nothing is known of them, and one by one after an edit. */
    @Test
    void whatIsFoundOfManyAtOnceIsWhatIsFoundOfEach() {
        Design design = many();
        Schema schema = Schema.derive(design, Dialects.POSTGRESQL);
        FindingsCache memory = new FindingsCache();
        List<String> atOnce = words(Report.of(design, schema, memory));
        assertThat(atOnce).hasSizeGreaterThan(1000);
        assertThat(words(Report.of(design, schema))).isEqualTo(atOnce);
        Design every = design.withEntities(design.entities().stream()
                .map(e -> e.withAttributes(new ArrayList<>(e.attributes())))
                .toList());
        assertThat(words(Report.of(every, Schema.derive(every, Dialects.POSTGRESQL), memory)))
                .isEqualTo(atOnce);
    }

    @Test
    void whatIsFoundWhileTablesAreDerivedIsWhatIsFoundAfterwards() {
        SchemaCache schemas = new SchemaCache();
        FindingsCache reports = new FindingsCache();
        for (Design design :
                List.of(many(), EntityEdits.change("Thing7", RecallTest::longer).on(many()))) {
            Schema schema = Schema.derive(design, Dialects.MARIADB);
            Analysis checkup = Analysis.of(design, Dialects.MARIADB, schemas, reports);
            assertThat(checkup.schema().tables()).isEqualTo(schema.tables());
            assertThat(words(checkup.report())).isEqualTo(words(Report.of(design, schema)));
        }
    }

    private static Design many() {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < 300; i++) {
            lines.append("entity Thing")
                    .append(i)
                    .append("\n  id serial key\n  price real\n  seenAt local timestamp\n");
            lines.append("  thing").append((i * 7) % 300).append("Id int\n  phone1 text(9)\n  phone2 text(9)\n");
        }
        for (int i = 1; i < 300; i++) {
            lines.append("each Thing")
                    .append(i)
                    .append(" must be near one Thing")
                    .append(i % 9 == 0 ? i + 1 : i / 2)
                    .append(" as near\n");
        }
        lines.append("each Thing1 must be about one of Thing2, Thing3 as subject\n  deleting Thing2 empties it\n");
        return Samples.design(lines.toString().split("\n"));
    }

    /** What was found before an edit is offered after it, and its fix is made on the design as it is then. */
    @Test
    void aFixThatIsRecalledMendsWhatHasChangedSince() {
        Design twice = Samples.design("entity Dive", "  id serial key", "entity Dive", "  id serial key");
        FindingsCache memory = new FindingsCache();
        Report.of(twice, Schema.derive(twice, Dialects.POSTGRESQL), memory);
        Design longer = twice.withEntities(
                twice.entities().stream().map(RecallTest::longer).toList());
        Report report = Report.of(longer, Schema.derive(longer, Dialects.POSTGRESQL), memory);
        Design mended = report.findings().stream()
                .filter(f -> f.rule() == Rule.DUPLICATE_NAME)
                .findFirst()
                .orElseThrow()
                .fixes()
                .get(0)
                .edit()
                .on(longer);
        assertThat(mended.entities())
                .extracting(e -> e.name() + " " + e.attributes().size())
                .containsExactly("Dive 2", "Dive2 2");
    }

    /** Each design, and after it what becomes of it edit by edit. */
    private static List<Design> edited(List<Design> designs) {
        List<Design> all = new ArrayList<>();
        for (Design start : designs) {
            Design design = start;
            all.add(design);
            int number = 0;
            for (Entity entity : start.entities()) {
                design = edit(design, entity.name(), number++).on(design);
                all.add(design);
            }
        }
        return all;
    }

    private static Edit edit(Design design, String entity, int number) {
        return switch (number % 13) {
            case 0 -> EntityEdits.change(entity, RecallTest::longer);
            case 1 -> EntityEdits.rename(entity, entity + "2");
            case 2 -> EntityEdits.change(entity, e -> e.withOutside(!e.outside()));
            case 3 -> design.relationships().isEmpty()
                    ? Edit.NOTHING
                    : RelationshipEdits.remove(design.relationships().get(0));
            case 4 -> EntityEdits.change(
                    entity, e -> e.withAttributes(List.of()).withKey(e.key()));
            case 5 -> EntityEdits.remove(entity);
            case 6 -> RelationshipEdits.add(
                    near(entity, design.entities().get(0).name()));
            case 7 -> RelationshipEdits.add(near(design.entities().get(0).name(), entity));
            case 8 -> d ->
                    d.withEnums(each(d.enums(), e -> new EnumType(e.name(), e.kept(), more(e.values()), e.notes())));
            case 9 -> d -> d.withGroups(each(d.groups(), g -> g.withAttributes(less(g.attributes()))));
            case 10 -> d -> d.withEnums(less(d.enums()));
            case 11 -> d -> d.withGroups(less(d.groups()));
            default -> d -> d.withAreas(less(d.areas()));
        };
    }

    private static <T> List<T> each(List<T> all, UnaryOperator<T> change) {
        return all.stream().map(change).toList();
    }

    private static <T> List<T> less(List<T> all) {
        return all.subList(Math.min(1, all.size()), all.size());
    }

    private static List<EnumValue> more(List<EnumValue> values) {
        List<EnumValue> more = new ArrayList<>(values);
        more.add(new EnumValue("muchLongerThanAllTheOthers", ""));
        return more;
    }

    private static BinaryRelationship near(String from, String to) {
        Reading one = new Reading(false, "be near", false, "neighbour");
        return new BinaryRelationship(from, to, "", one, Optional.empty(), List.of(), Notes.NONE);
    }

    private static Entity longer(Entity entity) {
        List<Attribute> attributes = new ArrayList<>(entity.attributes());
        attributes.add(Attribute.of("added", Type.of(Scalar.INT)));
        return entity.withAttributes(attributes);
    }

    private static List<String> words(Report report) {
        return report.findings().stream()
                .map(f -> f.rule() + " " + f.subject().text() + ": " + f.message() + " "
                        + f.fixes().size())
                .toList();
    }
}
