package jasperwing.catalog;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.ExampleDesigns;
import jasperwing.Samples;
import jasperwing.derive.Databases;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.model.Design;
import jasperwing.physical.Catalog;
import jasperwing.physical.Table;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The catalog that a database reports equals the derived one. */
public class CatalogTest {
    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void theDemoIsKeptAsItWasDerived(Dialect dialect) throws SQLException {
        agrees(Samples.demo(), dialect);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void everyExampleIsKeptAsItWasDerived(Dialect dialect) throws SQLException {
        for (String name : ExampleDesigns.NAMES) {
            agrees(ExampleDesigns.design(name), dialect);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void quotesInTextsAreKept(Dialect dialect) throws SQLException {
        agrees(
                Samples.design(
                        "enum Mood: `it's`, plain",
                        "entity Song",
                        "  id serial key",
                        "  title text(9) default \"it's\"",
                        "  mood Mood"),
                dialect);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void whatIsNotTrueIsKept(Dialect dialect) throws SQLException {
        agrees(
                Samples.design(
                        "entity Song",
                        "  id serial key",
                        "  sung boolean",
                        "  key boolean",
                        "  rule \"must be new\": not sung and (id > 0 or not key)"),
                dialect);
    }

    /** Loads a design and compares the catalogs. */
    public static void agrees(Design design, Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(design, dialect)) {
            agrees(connection, design, dialect);
        }
    }

    /** Compares the catalog of a database with the tables of a design with what was derived. */
    public static void agrees(Connection connection, Design design, Dialect dialect) throws SQLException {
        Schema schema = Schema.derive(design, dialect);
        Catalog derived = schema.catalog();
        Catalog expected = tables(dialect.kept(derived)).normal();
        Set<String> others = schema.others().stream().map(DerivedTable::name).collect(Collectors.toSet());
        Catalog read = without(CatalogReader.read(connection, dialect), others).normal();
        assertThat(read.tables()).extracting(Table::name).isEqualTo(names(expected));
        for (Table table : expected.tables()) {
            Table found = read.table(table.name()).orElseThrow();
            assertThat(found.columns()).as(table.name()).containsExactlyElementsOf(table.columns());
            assertThat(found.checks()).as(table.name()).containsExactlyElementsOf(table.checks());
            assertThat(found.indexes()).as(table.name()).containsExactlyElementsOf(table.indexes());
        }
        assertThat(read).isEqualTo(expected);
    }

    private static List<String> names(Catalog catalog) {
        return catalog.tables().stream().map(Table::name).toList();
    }

    private static Catalog without(Catalog read, Set<String> names) {
        List<Table> tables =
                read.tables().stream().filter(t -> !names.contains(t.name())).toList();
        return new Catalog(read.enums(), read.sequences(), tables, List.of(), List.of(), List.of());
    }

    /** Views, rows and triggers are not read. */
    private static Catalog tables(Catalog catalog) {
        return new Catalog(catalog.enums(), catalog.sequences(), catalog.tables(), List.of(), List.of(), List.of());
    }
}
