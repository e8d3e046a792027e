package jasperwing.derive;

import static jasperwing.derive.SqlRows.refused;
import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.reading.Narration;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How many there can be of many, in the databases themselves. */
class CountLimitsTest {
    private static final Design HERD = Samples.design(
            "entity Barn",
            "  id int key",
            "entity Cow",
            "  id int key",
            "entity Tag",
            "  id int key",
            "entity Shift",
            "  id int key",
            "entity Farmer",
            "  id int key",
            "entity Note",
            "  id int key",
            "each Cow may stand in one Barn as barn, which may have at most 2 Cow as cows",
            "each Cow may carry at most 2 Tag as tags, which may mark at most 3 Cow as cows",
            "each Farmer may milk at most 2 Barn as barns via Shift, which may be milked by many Farmer as farmers",
            "each Note must be about one of Cow, Barn as matter, which may have at most 2 Note as notes",
            "  kept as a kind and an id");

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb", "sqlite"})
    void triggersRefuseARowTooMany(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.guarded(HERD, dialect);
                Statement statement = connection.createStatement()) {
            for (String row : new String[] {
                "insert into barns values (1)",
                "insert into barns values (2)",
                "insert into barns values (3)",
                "insert into tags values (1)",
                "insert into tags values (2)",
                "insert into tags values (3)",
                "insert into farmers values (1)",
                "insert into cows (id, barn_id) values (1, 1)",
                "insert into cows (id, barn_id) values (2, 1)",
                "insert into cows (id, barn_id) values (3, null)",
                "insert into cows (id, barn_id) values (4, null)",
                "insert into cow_tags (cow_id, tag_id) values (1, 1)",
                "insert into cow_tags (cow_id, tag_id) values (1, 2)",
                "insert into cow_tags (cow_id, tag_id) values (2, 1)",
                "insert into cow_tags (cow_id, tag_id) values (3, 1)",
                "insert into shifts (id, farmer_id, barn_id) values (1, 1, 1)",
                "insert into shifts (id, farmer_id, barn_id) values (2, 1, 2)",
                "insert into notes (id, matter_kind, matter_id) values (1, 'Cow', 1)",
                "insert into notes (id, matter_kind, matter_id) values (2, 'Cow', 1)",
                "insert into notes (id, matter_kind, matter_id) values (3, 'Barn', 1)"
            }) {
                statement.executeUpdate(row);
            }
            refused(statement, "insert into cows (id, barn_id) values (5, 1)");
            refused(statement, "update cows set barn_id = 1 where id = 3");
            refused(statement, "insert into cow_tags (cow_id, tag_id) values (1, 3)");
            refused(statement, "insert into cow_tags (cow_id, tag_id) values (4, 1)");
            refused(statement, "insert into shifts (id, farmer_id, barn_id) values (3, 1, 3)");
            refused(statement, "insert into notes (id, matter_kind, matter_id) values (4, 'Cow', 1)");
            statement.executeUpdate("insert into notes (id, matter_kind, matter_id) values (4, 'Barn', 1)");
            statement.executeUpdate("update cows set barn_id = 1 where id = 1");
            statement.executeUpdate("update cows set barn_id = 2 where id = 1");
            statement.executeUpdate("update cows set barn_id = 1 where id = 3");
        }
    }

    @Test
    void itIsReadPrintedAndSaidInWords() {
        assertThat(Notation.parse(Notation.print(HERD)).value()).isEqualTo(HERD);
        assertThat(Notation.print(HERD)).contains("which may have at most 2 Cow as cows");
        assertThat(Narration.whole(HERD).toString()).contains("may carry at most 2 Tags");
        assertThat(Notation.parse("design \"x\"\nentity Cow\neach Cow may have at most 1 Cow")
                        .problems())
                .singleElement()
                .satisfies(
                        p -> assertThat(p.message()).isEqualTo("of many there can be 2 or more; for fewer, say 'one'"));
    }
}
