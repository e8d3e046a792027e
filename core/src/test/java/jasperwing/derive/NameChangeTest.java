package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.DatabaseNaming.Rule;
import jasperwing.model.Design;
import jasperwing.physical.Part;
import java.util.List;
import org.junit.jupiter.api.Test;

class NameChangeTest {
    private static final Design DESIGN = Samples.design(
            "entity Dive",
            "  id serial key",
            "  deep boolean = max(notes.id) > 3",
            "entity Note",
            "  id serial key",
            "each Note must be about one Dive as dive, which may have many Note as notes");

    private static List<NameChange> changes(DatabaseNaming naming) {
        return NameChange.between(
                Schema.derive(DESIGN, Dialects.POSTGRESQL),
                Schema.derive(DESIGN.withNaming(naming), Dialects.POSTGRESQL));
    }

    @Test
    void whatIsCalledOtherwiseIsToldTableByTable() {
        List<NameChange> changes = changes(DatabaseNaming.USUAL.with(Rule.KEYS_AFTER_TABLES, true));
        assertThat(changes)
                .containsExactly(
                        new NameChange(Part.Kind.COLUMN, "dives", "id", "dive_id"),
                        new NameChange(Part.Kind.COLUMN, "notes", "id", "note_id"));
        assertThat(NameChange.counted(changes)).isEqualTo("2 columns");
    }

    @Test
    void theSchemaIsAPartOfATablesName() {
        List<NameChange> changes = changes(DatabaseNaming.USUAL.withSchema("sea"));
        assertThat(changes)
                .contains(
                        new NameChange(Part.Kind.TABLE, "dives", "dives", "sea.dives"),
                        new NameChange(Part.Kind.VIEW, "dives_computed", "dives_computed", "sea.dives_computed"));
        assertThat(NameChange.counted(changes)).isEqualTo("2 tables, 1 view");
        assertThat(changes(DatabaseNaming.USUAL)).isEmpty();
    }
}
