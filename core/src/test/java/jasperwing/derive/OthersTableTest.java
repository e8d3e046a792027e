package jasperwing.derive;

import static jasperwing.derive.SqlRows.refused;
import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.TableOwner;
import jasperwing.notation.Notation;
import jasperwing.reading.Narration;
import jasperwing.say.Say;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What others keep in the same database: pointed to by foreign keys, never created. */
class OthersTableTest {
    private static final Design LIBRARY = Samples.design(
            "entity Member, outside, in table \"app_users\"",
            "  id     int       key",
            "  email  text(80)",
            "entity Tool",
            "  id     serial    key",
            "entity Loan",
            "  id     int       key",
            "entity Remark",
            "  id     int       key",
            "each Loan must be taken by one Member",
            "  deleting Member deletes Loan too",
            "each Loan may be checked by one Member as checker, which may check many Loan as checks",
            "  deleting Member empties it",
            "each Member may favour many Tool",
            "each Remark must be on one of Loan, Member as matter",
            "  kept as a kind and an id");

    @Test
    void itsTableIsPointedToAndNotCreated() {
        for (Dialect dialect : Dialects.all()) {
            Schema schema = Schema.derive(LIBRARY, dialect);
            assertThat(schema.tables())
                    .extracting(DerivedTable::name)
                    .containsExactlyInAnyOrder("tools", "loans", "remarks", "member_tools");
            assertThat(schema.others()).extracting(DerivedTable::name).containsExactly("app_users");
            assertThat(Order.of(schema).late()).isEmpty();
            assertThat(schema.sql()).contains("-- Points to what others keep: app_users (id)");
            assertThat(schema.table("Loan").orElseThrow().table().foreignKeys())
                    .hasSize(2)
                    .allMatch(k -> k.target().equals("app_users"));
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void rowsPointToItAndItsDeletesAreKept(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.guarded(LIBRARY, dialect);
                Statement statement = connection.createStatement()) {
            for (String row : List.of(
                    "insert into app_users values (1)",
                    "insert into app_users values (2)",
                    "insert into app_users values (3)",
                    "insert into loans (id, member_id, checker_id) values (1, 1, 2)",
                    "insert into remarks (id, matter_kind, matter_id) values (1, 'Member', 3)")) {
                statement.executeUpdate(row);
            }
            refused(statement, "insert into loans (id, member_id) values (2, 9)");
            if (GuardTriggers.areIn(dialect)) {
                refused(statement, "insert into remarks (id, matter_kind, matter_id) values (2, 'Member', 9)");
                refused(statement, "delete from app_users where id = 3");
            }
            statement.executeUpdate("delete from app_users where id = 2");
            assertThat(count(statement, "select count(*) from loans where checker_id is null"))
                    .isOne();
            statement.executeUpdate("delete from app_users where id = 1");
            assertThat(count(statement, "select count(*) from loans")).isZero();
        }
    }

    private static int count(Statement statement, String sql) throws SQLException {
        try (var rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getInt(1);
        }
    }

    @Test
    void itsNameIsKeptToTheLetter() {
        Design design = Samples.design(
                "entity Dock",
                "  id serial key",
                "entity Quay, outside, in table \"docks\"",
                "  id serial key",
                "each Dock may be at one Quay");
        Schema schema = Schema.derive(design, Dialects.POSTGRESQL);
        assertThat(schema.table("Dock").orElseThrow().name()).isEqualTo("docks_2");
        assertThat(schema.table("Dock").orElseThrow().table().foreignKeys())
                .allMatch(k -> k.target().equals("docks"));
    }

    @Test
    void whoKeepsAnEntityCanBeChanged() {
        Design design = Samples.design("entity Quay", "  id serial key");
        Design others = TableOwner.OTHERS.assign("Quay", "quays").on(design);
        assertThat(Notation.print(others)).contains("entity Quay, outside, in table \"quays\"\n");
        assertThat(Narration.whole(others).toString())
                .contains("kept by others in the table quays of the same database");
        Design elsewhere = TableOwner.OTHER_SYSTEM.assign("Quay", "").on(others);
        assertThat(elsewhere.entity("Quay")).get().matches(Entity::elsewhere);
        assertThat(TableOwner.DESIGN.assign("Quay", "").on(elsewhere)).isEqualTo(design);
        assertThat(Notation.parse(Notation.print(others)).value()).isEqualTo(others);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "boats are kept by others in the table vessels",
                "boats are stored in the existing table vessels",
                "boat is the existing table vessels"
            })
    void sayUnderstandsIt(String said) {
        assertThat(Say.understand(Samples.design(), said).sentences())
                .containsExactly("entity Boat, outside, in table \"vessels\"");
    }

    @Test
    void aDeleteRuleOnWhatLivesInAnotherSystemIsVoid() {
        Design design = TableOwner.OTHER_SYSTEM.assign("Member", "").on(LIBRARY);
        assertThat(Report.of(design, Dialects.POSTGRESQL).findings())
                .filteredOn(f -> f.rule().code().equals("rule-on-outside"))
                .hasSize(2)
                .allMatch(f -> f.fixes().size() == 2)
                .extracting(Finding::message)
                .allMatch(m -> m.equals("A rule says what deleting Member does, and Member lives in another system."));
        assertThat(Report.of(LIBRARY, Dialects.POSTGRESQL).findings())
                .noneMatch(f -> f.rule().code().equals("rule-on-outside"));
    }
}
