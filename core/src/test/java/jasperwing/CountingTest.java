package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.catalog.CatalogTest;
import jasperwing.complete.Proposal;
import jasperwing.complete.TextCompletion;
import jasperwing.derive.Databases;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Fix;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.Counting;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import jasperwing.physical.Column;
import jasperwing.physical.Table;
import jasperwing.reading.Narration;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Serials that begin with a number of one's own and go on in steps. */
class CountingTest {
    private static final Design KILN = Samples.design(
            "entity Firing",
            "  number  serial     key  counted from 1000 by 10",
            "  glaze   text(40)",
            "entity Shelf",
            "  code    text(9)    key",
            "  place   serial     counted from 5",
            "each Firing may fill many Shelf, which may be filled by one Firing");

    @Test
    void itIsReadAndWrittenInOneWay() {
        assertThat(KILN.entities().get(0).attributes().get(0).counting()).isEqualTo(new Counting(1000, 10));
        assertThat(line("number serial counted from 1000 by 10 key"))
                .isEqualTo("number serial key counted from 1000 by 10");
        assertThat(line("number serial counted by 2")).isEqualTo("number serial counted by 2");
        assertThat(line("number serial counted from 1 by 1")).isEqualTo("number serial");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "int | Let it not be counted, Make it a serial",
                "int set on update | Let it not be counted",
                "int default 3 | Let it not be counted",
                "int list | Let it not be counted",
                "text(9) | Let it not be counted"
            })
    void whatIsNoSerialBecomesOneWhereItCan(String type, String fixes) {
        Design design = Samples.design("entity A", "  id serial key", "  n " + type + " counted from 5");
        assertThat(Report.of(design, Dialects.DEFAULT).findings())
                .filteredOn(f -> f.rule() == Rule.COUNTED_OTHERWISE)
                .flatExtracting(Finding::fixes)
                .extracting(Fix::title)
                .containsExactly(fixes.split(", "));
    }

    private static String line(String said) {
        String[] lines = Notation.print(Samples.design("entity A", "  " + said)).split("\n");
        return lines[lines.length - 1].strip().replaceAll(" +", " ");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "counted | something is missing at the end; expected 'from' and the first number, or 'by' and how far apart they are",
                "counted from 0 | found '0'; expected the first number, from 1 on",
                "counted from 1.5 | found '1.5'; expected the first number, from 1 on",
                "counted by -2 | found '-2'; expected how far apart the numbers are, from 1 on"
            })
    void whatCannotBeReadIsSaid(String said, String problem) {
        assertThat(Notation.parse("design \"A\"\nentity A\n  id serial key " + said + "\n")
                        .problems())
                .extracting(Problem::sentence)
                .containsExactly(problem);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void databasesCountSo(Dialect dialect) throws SQLException {
        CatalogTest.agrees(KILN, dialect);
        try (Connection connection = Databases.loaded(KILN, dialect);
                Statement statement = connection.createStatement()) {
            for (int i = 0; i < 3; i++) {
                statement.executeUpdate("insert into firings (glaze) values ('celadon')");
            }
            long start = dialect.counters().start() ? 1000 : 1;
            long step = dialect.counters().step() ? 10 : 1;
            assertThat(numbers(statement)).containsExactly(start, start + step, start + 2 * step);
        }
    }

    private static List<Long> numbers(Statement statement) throws SQLException {
        List<Long> all = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery("select number from firings order by number")) {
            while (rows.next()) {
                all.add(rows.getLong(1));
            }
        }
        return all;
    }

    @Test
    void aTableIsCountedOtherwiseWhereThatCanBe() throws SQLException {
        Dialect dialect = Dialects.POSTGRESQL;
        Design usual = Samples.design("entity Firing", "  number serial key", "  glaze text(40)");
        Table was = firings(usual, dialect);
        Column number = was.columns().get(0);
        Column now = firings(KILN, dialect).columns().get(0);
        try (Connection connection = Databases.loaded(usual, dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("insert into firings (glaze) values ('celadon')");
            statement.execute(dialect.changes().alter(was, number, now).get(0).sql());
            statement.executeUpdate("insert into firings (glaze) values ('tenmoku')");
            assertThat(numbers(statement)).containsExactly(1L, 11L);
        }
        assertThat(Dialects.MARIADB.changes().alter(was, number, now))
                .extracting(jasperwing.dialect.Statement::sql)
                .containsExactly("alter table firings auto_increment = 1000");
        assertThatThrownBy(() -> Dialects.H2.changes().alter(was, number, now))
                .isInstanceOf(UnsupportedOperationException.class)
                .hasMessage("number cannot be counted otherwise: add another column and copy the numbers");
    }

    private static Table firings(Design design, Dialect dialect) {
        return Schema.derive(design, dialect).catalog().table("firings").orElseThrow();
    }

    @Test
    void databasesThatCountOtherwiseAreTold() {
        assertThat(told(KILN, Dialects.POSTGRESQL)).isEmpty();
        assertThat(told(KILN, Dialects.MARIADB))
                .containsExactly(
                        "Firing's number is to be counted from 1000 by 10, and MariaDB counts it from 1000 by 1.");
        assertThat(told(KILN, Dialects.SQLITE))
                .containsExactly("Firing's number is to be counted from 1000 by 10, and SQLite counts it from 1 by 1.");
        assertThat(told(Samples.design("entity A", "  id int key counted from 9"), Dialects.H2))
                .containsExactly("A's id is counted from 9, and is no serial.");
    }

    @ParameterizedTest
    @CsvSource({"from 1000, 1", "from 1000 counted from 1000, 0", "from 1000 counted from 999, 1", "up to 9, 0"})
    void aRangeThatRefusesTheFirstNumbersIsTold(String rules, int found) {
        assertThat(of(Samples.design("entity A", "  id serial key " + rules), Dialects.H2, Rule.COUNTED_FROM_BELOW))
                .hasSize(found);
    }

    private static List<String> told(Design design, Dialect dialect) {
        return of(design, dialect, Rule.COUNTED_OTHERWISE).stream()
                .map(Finding::message)
                .toList();
    }

    private static List<Finding> of(Design design, Dialect dialect, Rule rule) {
        return Report.of(design, dialect).findings().stream()
                .filter(f -> f.rule() == rule)
                .toList();
    }

    @Test
    void sqlServerSaysBoth() {
        assertThat(Schema.derive(KILN, Dialects.SQL_SERVER).sql()).contains("number bigint identity(1000,10)");
    }

    @Test
    void itIsToldInWordsAndProposed() {
        assertThat(Narration.entity(KILN, "Firing").get(0).facts())
                .anyMatch(f -> f.contains("a number that is counted up by itself, from 1000 by 10"));
        assertThat(TextCompletion.of(KILN, List.of("entity Firing"), "  no serial count")
                        .list())
                .extracting(Proposal::insert)
                .containsExactly("counted from 1000", "counted by 10");
    }
}
