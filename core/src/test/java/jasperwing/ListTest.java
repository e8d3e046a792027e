package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Databases;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import java.math.BigDecimal;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The ways of keeping the elements of a list. */
class ListTest {
    private static final String TEXT =
            """
            design "Test"

            enum Hue: red, green

            entity Boat
              id          serial         key
              marks       text(9) list   kept as an array
              hues        Hue list       kept as an array
              crews       int list?      kept as json
              fees        decimal(6,2) list  kept as an array
              days        date list      kept as json
              nets        text(9) list   kept as rows
            """;

    private final Design design = Samples.design(TEXT.split("\n", 2)[1].split("\n"));

    @Test
    void isReadAndPrintedAsItWas() {
        assertThat(Notation.print(design)).isEqualTo(TEXT);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '^',
            value = {
                "x int kept as json | only a list is kept in several ways",
                "x int list kept as a heap | 'a' is not understood here",
                "x int list kept as json kept as json | 'kept' is said twice"
            })
    void whatCannotBeReadIsAProblem(String line, String message) {
        assertThat(Notation.attribute(line).problems())
                .extracting(Problem::message)
                .containsExactly(message);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void theDatabaseTakesArraysAndNothingElse(Dialect dialect) throws SQLException {
        Schema schema = Schema.derive(design, dialect);
        assertThat(schema.listTable("Boat", "nets")).isPresent();
        assertThat(schema.listTable("Boat", "marks")).isEmpty();
        try (Connection connection = Databases.loaded(design, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into boats (id) values (1)");
            statement.execute("insert into boats (id, crews) values (2, " + json(dialect, "[1, 2]") + ")");
            try (ResultSet rows = statement.executeQuery("select marks, crews from boats order by id")) {
                rows.next();
                assertThat(rows.getString("marks")).isEqualTo(dialect == Dialects.POSTGRESQL ? "{}" : "[]");
                assertThat(rows.getString("crews")).isNull();
            }
            refused(statement, "insert into boats (id, crews) values (3, " + json(dialect, "{}") + ")");
            if (dialect == Dialects.H2) {
                refused(statement, "insert into boats (id, hues) values (3, array['blue'])");
                refused(statement, "insert into boats (id, fees) values (3, array['many'])");
            }
            if (dialect == Dialects.POSTGRESQL) {
                refused(statement, "insert into boats (id, hues) values (3, '{blue}')");
                refused(statement, "insert into boats (id, fees) values (3, '{many}')");
            }
        }
    }

    /** To H2 a text alone is one JSON text. */
    private static String json(Dialect dialect, String text) {
        return (dialect == Dialects.H2 ? "json " : "") + "'" + text + "'";
    }

    private static void refused(Statement statement, String sql) {
        assertThatThrownBy(() -> statement.execute(sql)).as(sql).isInstanceOf(SQLException.class);
    }

    @Test
    void textsGiveBackTheListsTheyWereMadeOf(@TempDir Path folder) throws Exception {
        Javac.write(OurTargets.JAKARTA.files(design), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("out"));
        URL[] classes = {folder.resolve("out").toUri().toURL()};
        try (URLClassLoader loader = new URLClassLoader(classes, getClass().getClassLoader())) {
            List<String> texts = Arrays.asList("a", "", "null", null, "x,\"y\"\\{}[]", " \n\t\u0001é", "\uD83D\uDE00");
            there(loader, "StringArray", texts);
            there(loader, "BigDecimalArray", List.of(new BigDecimal("1.50"), new BigDecimal("-2")));
            there(loader, "IntegerJson", Arrays.asList(1, -2, null));
            there(loader, "LocalDateJson", List.of(java.time.LocalDate.of(2026, 3, 1)));
            Object red = loader.loadClass("test.Hue").getField("RED").get(null);
            there(loader, "HueArray", List.of(red, red));
            there(loader, "HueArray", List.of());
        }
    }

    private static void there(ClassLoader loader, String name, List<?> list) throws ReflectiveOperationException {
        Class<?> texts = loader.loadClass("test." + name);
        Object text = texts.getMethod("text", List.class).invoke(null, list);
        assertThat(texts.getMethod("list", String.class).invoke(null, text)).isEqualTo(list);
        assertThat(texts.getMethod("text", List.class).invoke(null, (Object) null))
                .isNull();
    }

    @Test
    void theDatabaseReadsTheTextOfAnArray(@TempDir Path folder) throws Exception {
        Javac.write(OurTargets.JAKARTA.files(design), folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("out"));
        URL[] classes = {folder.resolve("out").toUri().toURL()};
        List<String> texts = List.of("a", "x,\"y\"\\{}", "NULL", " é");
        try (URLClassLoader loader = new URLClassLoader(classes, getClass().getClassLoader());
                Connection connection = Databases.loaded(design, Dialects.POSTGRESQL);
                Statement statement = connection.createStatement()) {
            Class<?> arrays = loader.loadClass("test.StringArray");
            String kept = (String) arrays.getMethod("text", List.class).invoke(null, texts);
            statement.execute("insert into boats (id, marks) values (1, " + Dialects.POSTGRESQL.literal(kept) + ")");
            try (ResultSet rows = statement.executeQuery("select marks, marks[2] as second from boats")) {
                rows.next();
                assertThat(rows.getString("second")).isEqualTo("x,\"y\"\\{}");
                assertThat(arrays.getMethod("list", String.class).invoke(null, rows.getString("marks")))
                        .isEqualTo(texts);
            }
        }
    }

    @Test
    void whatCannotLieInARowIsFoundAndKeptAsRows() {
        Design times = Samples.design("entity Boat", "  id serial key", "  seen timestamp list kept as an array");
        assertThat(Schema.derive(times, Dialects.POSTGRESQL).listTable("Boat", "seen"))
                .isPresent();
        var found = Report.of(times, Dialects.POSTGRESQL).of(Level.ERROR);
        assertThat(found).extracting(f -> f.rule().code()).containsExactly("list-not-in-row");
        Design mended = found.get(0).fixes().get(0).edit().on(times);
        assertThat(Report.of(mended, Dialects.POSTGRESQL).of(Level.ERROR)).isEmpty();
    }
}
