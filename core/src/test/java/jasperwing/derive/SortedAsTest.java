package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SortedAsTest {
    private static final Design DESIGN = Samples.design(
            "value Label",
            "  words text(40) sorted as da",
            "entity Port",
            "  name text(40) key sorted as sv",
            "  german text(40) unique sorted as de",
            "  label Label",
            "  both boolean = name < german",
            "entity Call",
            "  id serial key",
            "each Call must be at one Port as port");

    private static List<String> texts(Statement statement, String sql) throws SQLException {
        List<String> texts = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(sql)) {
            while (rows.next()) {
                texts.add(rows.getString(1));
            }
        }
        return texts;
    }

    private static String row(String name) {
        return "insert into ports (name, german, label_words) values ('" + name + "', '" + name + "', '" + name + "')";
    }

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb"})
    void textsComeInTheOrderOfTheirLanguage(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(Schema.derive(DESIGN, dialect).sql());
            for (String name : List.of("Zoll", "zoll", "Ost", "öst", "Åland")) {
                statement.execute(row(name));
            }
            assertThat(texts(statement, "select name from ports order by name"))
                    .containsExactly("Ost", "zoll", "Zoll", "Åland", "öst");
            assertThat(texts(statement, "select german from ports order by german"))
                    .containsExactly("Åland", "Ost", "öst", "zoll", "Zoll");
            assertThat(texts(statement, "select label_words from ports where name <> 'zoll' order by label_words"))
                    .containsExactly("Ost", "Zoll", "öst", "Åland");
            statement.execute("insert into calls (port_name) values ('öst')");
            assertThatThrownBy(() -> statement.execute("insert into calls (port_name) values ('Öst')"))
                    .isInstanceOf(SQLException.class);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"postgresql", "mariadb"})
    void theCatalogHasTheCollationsThatWereDerived(Dialect dialect) throws SQLException {
        Schema schema = Schema.derive(DESIGN, dialect);
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(schema.sql());
            List<String> read = texts(
                    statement,
                    "select concat(table_name, '.', column_name, ' ', collation_name)"
                            + " from information_schema.columns where table_name in ('ports', 'calls')"
                            + " and collation_name is not null");
            assertThat(read.stream().map(String::toLowerCase).filter(c -> !c.endsWith("_nopad_bin")))
                    .containsExactlyInAnyOrderElementsOf(schema.tables().stream()
                            .flatMap(SortedAsTest::collations)
                            .toList());
        }
    }

    private static Stream<String> collations(DerivedTable table) {
        return table.columns().stream()
                .filter(c -> !c.collation().isEmpty())
                .map(c -> table.name() + "." + c.name() + " " + c.collation().replace("\"", ""));
    }

    @Test
    void whatRefersToATextIsSortedAsItIs() {
        DerivedTable calls =
                Schema.derive(DESIGN, Dialects.MARIADB).table("Call").orElseThrow();
        assertThat(calls.column("port_name").orElseThrow().collation())
                .isEqualTo("utf8mb4_uca1400_swedish_nopad_as_cs");
    }

    @ParameterizedTest
    @ValueSource(strings = {"sqlite", "h2"})
    void whereNoLanguageIsKnownACautionTellsAndTheTablesStand(Dialect dialect) throws SQLException {
        assertThat(Report.of(DESIGN, dialect).findings())
                .filteredOn(f -> f.rule() == Rule.SORTED_OTHERWISE)
                .extracting(Finding::message)
                .containsExactly(
                        dialect.title() + " knows no order of Swedish to sort Port's name in.",
                        dialect.title() + " knows no order of German to sort Port's german in.");
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(Schema.derive(DESIGN, dialect).sql());
            statement.execute(row("Ost"));
        }
    }

    @Test
    void itIsReadBackAsItWasWritten() {
        assertThat(Notation.print(DESIGN)).contains("  name        text(40)       key sorted as sv\n");
        assertThat(Notation.parse(Notation.print(DESIGN)).value()).isEqualTo(DESIGN);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"sorted as", "sorted as Swedish", "sorted as \"sv\"", "sorted sv", "sorted as sv sorted as de"})
    void whatIsNoLanguageIsAProblemAtItsPlace(String rule) {
        assertThat(Notation.parse("design \"T\"\nentity Port\n  name text(9) " + rule + "\n")
                        .problems())
                .singleElement()
                .satisfies(p -> assertThat(p.line()).isEqualTo(3));
    }
}
