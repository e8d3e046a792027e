package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.physical.SqlExpression;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class IgnoringCaseTest {
    private static final Design DESIGN = Samples.design(
            "entity Observer",
            "  sign text(20) key ignoring case",
            "  mail text(80) unique ignoring case",
            "  team text(20) ignoring case",
            "  number int",
            "  unique (team, number)",
            "  nick text(20) unique",
            "entity Watch",
            "  id serial key",
            "each Watch must be kept by one Observer as observer");

    private static void refused(Statement statement, String sql) {
        assertThatThrownBy(() -> statement.execute(sql)).as(sql).isInstanceOf(SQLException.class);
    }

    private static String row(String sign, String mail, String team, int number, String nick) {
        return "insert into observers (sign, mail, team, number, nick) values ('" + sign + "', '" + mail + "', '" + team
                + "', " + number + ", '" + nick + "')";
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void capitalsMakeNoDifferenceWhereTheyAreIgnored(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(Schema.derive(DESIGN, dialect).sql());
            statement.execute(row("Otter", "otter@marsh.example", "North", 1, "o"));
            refused(statement, row("OTTER", "x@marsh.example", "x", 2, "x"));
            refused(statement, row("x", "Otter@Marsh.example", "x", 2, "x"));
            refused(statement, row("x", "x@marsh.example", "north", 1, "x"));
            statement.execute(row("Heron", "heron@marsh.example", "north", 2, "O"));
            statement.execute("insert into watches (observer_sign) values ('Heron')");
        }
    }

    @Test
    void anIndexComparesSmallLettersWhereItCan() {
        DerivedTable observers =
                Schema.derive(DESIGN, Dialects.POSTGRESQL).table("Observer").orElseThrow();
        assertThat(observers.uniqueKeys())
                .extracting(UniqueKey::compared)
                .containsExactlyInAnyOrder(
                        List.of("lower(sign)"),
                        List.of("lower(mail)"),
                        List.of("nick"),
                        List.of("lower(team)", "number"));
        assertThat(observers.isIndexed(List.of("mail"))).isFalse();
    }

    @Test
    void elsewhereAColumnHoldsTheSmallLetters() {
        DerivedTable observers =
                Schema.derive(DESIGN, Dialects.MARIADB).table("Observer").orElseThrow();
        assertThat(observers.column("mail_folded").orElseThrow().computed()).contains(SqlExpression.of("lower(mail)"));
        assertThat(observers.uniqueKeys()).extracting(UniqueKey::columns).contains(List.of("mail_folded"));
    }

    @Test
    void itIsReadBackAsItWasWritten() {
        assertThat(Notation.print(DESIGN)).contains("  mail        text(80)       unique ignoring case\n");
        assertThat(Notation.parse(Notation.print(DESIGN)).value()).isEqualTo(DESIGN);
    }
}
