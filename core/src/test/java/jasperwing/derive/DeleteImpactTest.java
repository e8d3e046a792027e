package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.derive.DeleteImpact.Effect;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DeleteImpactTest {
    private static final Design MARSH = Samples.design(
            "entity Marsh",
            "  id serial key",
            "entity Plot",
            "  id serial key",
            "  names text(20) list",
            "entity Core",
            "  id serial key",
            "entity Loan",
            "  id serial key",
            "entity Sketch",
            "  id serial key",
            "each Plot must lie in one Marsh as marsh, which may have many Plot as plots",
            "  deleting Marsh deletes Plot too",
            "each Core may be drilled in one Plot as plot, which may have many Core as cores",
            "  deleting Plot empties it",
            "each Loan must be of one Core as core, which may have many Loan as loans",
            "each Sketch must show one of Marsh, Core as subject",
            "  kept as a kind and an id");

    private static DeleteImpact ripple(Design design, String entity) {
        Schema schema = Schema.derive(design, Dialects.POSTGRESQL);
        return DeleteImpact.of(design, schema, schema.table(entity).orElseThrow());
    }

    @Test
    void followsDeletesAsFarAsTheyGo() {
        assertThat(ripple(MARSH, "Marsh").effects())
                .containsExactly(
                        new Effect(DeleteEffect.DELETES, "plots", List.of("marsh_id"), "marshes", 1),
                        new Effect(
                                DeleteEffect.DANGLES, "sketches", List.of("subject_kind", "subject_id"), "marshes", 1),
                        new Effect(DeleteEffect.DELETES, "plot_names", List.of("plot_id"), "plots", 2),
                        new Effect(DeleteEffect.EMPTIES, "cores", List.of("plot_id"), "plots", 2));
        assertThat(ripple(MARSH, "Marsh").sentence())
                .isEqualTo(
                        "Deleting a row of marshes deletes what belongs to it in plots and plot_names. It empties"
                                + " cores.plot_id. Rows of sketches are left pointing to rows that no longer exist; the database does not notice.");
        assertThat(ripple(MARSH, "Core").sentence())
                .isEqualTo(
                        "Deleting a row of cores is refused while loans has a row that points to it. Rows of sketches"
                                + " are left pointing to rows that no longer exist; the database does not notice.");
        assertThat(ripple(MARSH, "Loan").sentence()).isEqualTo("Deleting a row of loans touches nothing else.");
    }

    @Test
    void rowsThatReferToAKindInATableOfItsOwnAreReached() {
        Design people = Samples.design(
                "entity Person",
                "  kinds kept in a complete table each",
                "  id uuid key",
                "entity Nurse is a kind of Person",
                "  grade int",
                "entity Ward",
                "  id serial key",
                "entity Memo",
                "  id serial key",
                "each Memo must be of one Person, which may have many Memo",
                "each Ward may have many Person, which may work in many Ward");
        assertThat(ripple(people, "Nurse").effects())
                .containsExactly(
                        new Effect(DeleteEffect.DANGLES, "memos", List.of("person_id"), "nurses", 1),
                        new Effect(DeleteEffect.DANGLES, "ward_people", List.of("person_id"), "nurses", 1));
        assertThat(ripple(people, "Ward").effects())
                .containsExactly(new Effect(DeleteEffect.DELETES, "ward_people", List.of("ward_id"), "wards", 1));
    }

    @Test
    void aKindAndAnIdAreFilledAfterTheRowsTheyReferTo() {
        assertThat(Order.ofRows(MARSH, Schema.derive(MARSH, Dialects.POSTGRESQL)).tables().stream()
                        .map(DerivedTable::name))
                .containsSubsequence("marshes", "plots", "cores", "sketches");
    }

    @Test
    void comesToAnEndWhereDeletesGoInACircle() {
        Design tree = Samples.design(
                "entity Taxon",
                "  id serial key",
                "each Taxon may be under one Taxon as parent, which may have many Taxon as children",
                "  deleting Taxon deletes Taxon too");
        assertThat(ripple(tree, "Taxon").effects())
                .containsExactly(new Effect(DeleteEffect.DELETES, "taxa", List.of("parent_id"), "taxa", 1));
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void isWhatTheDatabaseDoes(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(MARSH, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into marshes (id) values (1)");
            statement.execute("insert into plots (id, marsh_id) values (2, 1)");
            statement.execute("insert into plot_names (plot_id, position, name) values (2, 1, 'low')");
            statement.execute("insert into cores (id, plot_id) values (3, 2)");
            statement.execute("insert into sketches (id, subject_kind, subject_id) values (4, 'Marsh', 1)");
            statement.execute("delete from marshes where id = 1");
            assertThat(count(statement, "plots")).isZero();
            assertThat(count(statement, "plot_names")).isZero();
            assertThat(count(statement, "cores where plot_id is null")).isOne();
            assertThat(count(statement, "sketches")).isOne();
        }
    }

    private static int count(Statement statement, String from) throws SQLException {
        try (ResultSet rows = statement.executeQuery("select count(*) from " + from)) {
            rows.next();
            return rows.getInt(1);
        }
    }
}
