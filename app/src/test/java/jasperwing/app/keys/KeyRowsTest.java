package jasperwing.app.keys;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.app.keys.KeyRows.KeyRow;
import jasperwing.app.keys.LedgerTable.Cell;
import jasperwing.app.workspace.Workspace;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the ledger says of a design, row by row. */
class KeyRowsTest {
    private static KeyRows rows(Design design) {
        return KeyRows.of(new Workspace(design, Optional.empty()).projection().get());
    }

    private static List<String> texts(List<KeyRow> rows) {
        return rows.stream()
                .map(r -> String.join(" | ", r.cells().stream().map(Cell::text).toList()))
                .toList();
    }

    private static Collection<Level> levels(Design design) {
        return Report.of(design, Dialects.POSTGRESQL).byRelationship().values();
    }

    @Test
    void everyForeignKeyOfTheDemoHasItsRow() {
        KeyRows rows = rows(Samples.demo());
        assertThat(texts(rows.foreignKeys()))
                .hasSize(18)
                .contains(
                        "dives.expedition_id | \u2192 expeditions.id | belongs to Expedition | bigint | no | restrict | yes | no action",
                        "assignments.dive_id | \u2192 dives.id | links Dive | bigint | no | cascade | yes | no action",
                        "researchers.account_id | \u2192 accounts.id (outside) | signs in as Account | varchar(36) | yes | is left dangling | unique | ",
                        "taxa.parent_id | \u2192 taxa.id | is under Taxon | bigint | yes | set null | yes | no action",
                        "cameras.serial | \u2192 instruments.serial | is a kind of Instrument | varchar(20) | no | cascade | unique | cascade",
                        "dive_hazards.dive_id | \u2192 dives.id | is in hazards of Dive | bigint | no | cascade | yes | no action",
                        "instrument_dives.dive_id | \u2192 dives.id | pairs Instrument and Dive | bigint | no | cascade | yes | no action",
                        "calibrations.instrument_serial | \u2192 instruments.serial | is of Instrument | varchar(20) | no | cascade | yes | cascade");
        assertThat(texts(rows.joins()))
                .containsExactly(
                        "assignments | Dive \u00d7 Researcher | (dive_id, researcher_id, duty) | duty, airUsed, signedAt | a class of its own",
                        "specimen_keywords | Specimen \u00d7 Keyword | (specimen_id, keyword_id) | nothing | a set on both sides",
                        "instrument_dives | Instrument \u00d7 Dive | (instrument_serial, dive_id) | nothing | a set on both sides");
        assertThat(texts(rows.oneOfs()))
                .containsExactly(
                        "notes.subject_kind + subject_id | Dive, Specimen, Instrument | a kind and an id | varchar(20), text | yes | no: the keys differ");
    }

    @Test
    void aColumnOfAnEnumThatIsKeptAsATableHasItsRow() {
        Design design =
                Samples.design("enum Gear kept as a table: net, trap", "entity Haul", "  id serial key", "  gear Gear");
        assertThat(texts(rows(design).foreignKeys()))
                .containsExactly(
                        "hauls.gear | \u2192 gears.value | is one of Gear | varchar(20) | no | restrict | yes");
    }

    @Test
    void aRowHasTheWorstStateOfWhatIsFoundOfIt() {
        Design demo = Samples.demo();
        Relationship keywords = demo.relationships().stream()
                .filter(r -> r.targets().equals(List.of("Keyword")))
                .findFirst()
                .orElseThrow();
        Design design = RelationshipEdits.replace(
                        keywords, RelationshipEdits.withRule(keywords, "Keyword", DeleteRule.EMPTY))
                .on(demo);
        KeyRows rows = rows(design);
        assertThat(rows.oneOfs().get(0).state()).contains(Level.ERROR);
        assertThat(rows.joins())
                .extracting(KeyRow::state)
                .containsExactly(Optional.empty(), Optional.of(Level.WARNING), Optional.empty());
        assertThat(rows.foreignKeys())
                .filteredOn(r -> r.state().isPresent())
                .allMatch(r -> r.cells().get(0).text().startsWith("specimen_keywords."))
                .hasSize(2);
        assertThat(levels(design)).containsExactly(Level.ERROR, Level.WARNING);
    }

    @Test
    void aColumnForEachHasARowPerSubjectAndCountsOnce() {
        Design design = Samples.design(
                "entity Note",
                "  id serial key",
                "entity Dive",
                "  id serial key",
                "entity Site",
                "  id serial key",
                "each Note must be on one of Dive, Site as about",
                "  deleting Dive empties it");
        KeyRows rows = rows(design);
        assertThat(texts(rows.foreignKeys()))
                .containsExactly(
                        "notes.about_dive_id | \u2192 dives.id | is on Dive | bigint | yes | set null | yes",
                        "notes.about_site_id | \u2192 sites.id | is on Site | bigint | yes | restrict | yes");
        assertThat(texts(rows.oneOfs()))
                .containsExactly(
                        "notes.about_\u2026 | Dive, Site | a column for each | bigint | yes | yes, each key and that exactly one is filled");
        assertThat(levels(design)).containsExactly(Level.ERROR);
    }

    @Test
    void aDesignWithoutRelationshipsHasNoRows() {
        KeyRows rows = rows(Design.named("Empty"));
        assertThat(rows.foreignKeys()).isEmpty();
        assertThat(levels(Design.named("Empty"))).isEmpty();
    }
}
