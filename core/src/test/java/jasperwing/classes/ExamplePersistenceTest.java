package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jasperwing.ExampleDesigns;
import jasperwing.classes.Persisting.Provider;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Order;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Scalar;
import jasperwing.physical.Column;
import jasperwing.physical.SqlType;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The classes of designs of unlike fields in both providers: rows written by hand are read into objects, copies of these are stored in a
 * second database, which then has the same rows, and are removed again.
 */
class ExamplePersistenceTest {
    @TempDir
    Path folder;

    /** In PostgreSQL with both mappings, in the others with that in the classes. */
    private static Stream<Arguments> all() {
        return ExampleDesigns.NAMES.stream().flatMap(n -> Stream.of(Provider.values())
                .flatMap(p -> OurTargets.databases(OurTargets.JAKARTA).stream()
                        .flatMap(d -> Stream.of("annotations", "xml")
                                .filter(m -> d == Dialects.POSTGRESQL || m.equals("annotations"))
                                .map(m -> Arguments.of(n, p, m, d)))));
    }

    @ParameterizedTest
    @MethodSource("all")
    void rowsAreReadAndStoredAndRemoved(String name, Provider provider, String mapping, Dialect dialect)
            throws Exception {
        Design design = Persisting.keptIn(dialect, Persisting.mapped(ExampleDesigns.design(name), mapping, provider));
        Schema schema = OurTargets.JAKARTA.schema(design);
        String filled = Persisting.database(design, dialect);
        String copied = Persisting.database(design, dialect);
        fill(filled, name, dialect);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory from = Persisting.boot(loader, filled, provider);
                EntityManagerFactory to = Persisting.boot(loader, copied, provider)) {
            EntityManager reading = from.createEntityManager();
            GraphCopy copy = new GraphCopy(reading, roots(design, schema), given(design));
            reading.close();
            store(to, copy);
            assertThat(values(copied, schema)).isEqualTo(values(filled, schema));
            remove(to, roots(design, schema));
            assertThat(values(copied, schema).values())
                    .allSatisfy(v -> assertThat(v).isEmpty());
        }
    }

    private static Stream<Arguments> eachProvider() {
        return ExampleDesigns.NAMES.stream()
                .flatMap(n -> Stream.of(Provider.values()).map(p -> Arguments.of(n, p)));
    }

    /** The names are those of PostgreSQL, which H2 can be told to take. */
    @ParameterizedTest
    @MethodSource("eachProvider")
    void rowsAreReadFromH2(String name, Provider provider) throws Exception {
        Design design = Persisting.mapped(ExampleDesigns.design(name), "annotations", provider);
        Schema schema = Schema.derive(design, Dialects.H2);
        String url = Persisting.h2Database(design);
        fill(url, name, Dialects.H2);
        try (URLClassLoader loader = Persisting.compiled(design, folder);
                EntityManagerFactory factory = Persisting.boot(loader, url, provider)) {
            EntityManager reading = factory.createEntityManager();
            assertThat(new GraphCopy(reading, roots(design, schema), given(design)).copies())
                    .hasSizeGreaterThan(10);
            reading.close();
        }
    }

    private static void fill(String url, String name, Dialect dialect) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            for (ExampleDesigns.Row row : ExampleDesigns.rows(name)) {
                if (row.accepted() && row.isFor(dialect)) {
                    statement.execute(row.in(dialect));
                }
            }
        }
    }

    /** The names of classes that are kinds of no other, in the order in which rows can be stored. */
    private static List<String> roots(Design design, Schema schema) {
        List<DerivedTable> order = Order.ofRows(design, schema).tables();
        Map<String, String> names = OurTargets.JAKARTA.model(design, schema).classNames();
        return design.entities().stream()
                .filter(e -> !e.outside() && design.parent(e.name()).isEmpty())
                .sorted(Comparator.comparingInt(e -> schema.tablesOf(design, e.name()).stream()
                        .mapToInt(t -> order.indexOf(schema.named(t.name()).orElseThrow()))
                        .max()
                        .orElse(0)))
                .map(e -> names.get(e.name()))
                .toList();
    }

    /** Keys that are counted up, and versions. */
    private static Set<String> given(Design design) {
        return design.whole().entities().stream()
                .flatMap(e -> e.attributes().stream()
                        .filter(a -> isMade(e, a) || a.name().equals("version"))
                        .map(a -> e.name() + "." + a.name()))
                .collect(Collectors.toSet());
    }

    private static boolean isMade(Entity entity, Attribute attribute) {
        return entity.key().names().equals(List.of(attribute.name()))
                && (attribute.type().is(Scalar.SERIAL) || attribute.type().is(Scalar.UUID));
    }

    /** First the objects, then what they have in collections. */
    private static void store(EntityManagerFactory factory, GraphCopy copy) throws IllegalAccessException {
        EntityManager storing = factory.createEntityManager();
        storing.getTransaction().begin();
        for (Object each : copy.copies()) {
            storing.persist(each);
            storing.flush();
        }
        copy.relate();
        storing.getTransaction().commit();
        storing.close();
        factory.getCache().evictAll();
    }

    /** The last first; what goes with another is gone when its turn comes. */
    private static void remove(EntityManagerFactory factory, List<String> roots) {
        EntityManager removing = factory.createEntityManager();
        removing.getTransaction().begin();
        for (int i = roots.size() - 1; i >= 0; i--) {
            removing.createQuery("select e from " + roots.get(i) + " e", Object.class)
                    .getResultList()
                    .forEach(removing::remove);
            removing.flush();
            removing.clear();
        }
        removing.getTransaction().commit();
        removing.close();
    }

    /** What each table has in the columns that are neither numbered nor timed by themselves nor refer to such numbers. */
    private static Map<String, List<String>> values(String url, Schema schema) throws SQLException {
        Map<String, List<String>> values = new LinkedHashMap<>();
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            for (DerivedTable table : schema.tables()) {
                if (table.source() instanceof DerivedTable.Source.OfEnum) {
                    continue;
                }
                List<String> columns = table.columns().stream()
                        .filter(c -> isSaid(table, c))
                        .map(c -> schema.dialect().quote(c.name()))
                        .toList();
                List<String> rows = new ArrayList<>();
                String select = columns.isEmpty() ? "'row'" : String.join(", ", columns);
                try (ResultSet found = statement.executeQuery(
                        "select " + select + " from " + schema.dialect().quote(table.name()))) {
                    while (found.next()) {
                        rows.add(row(found));
                    }
                }
                Collections.sort(rows);
                values.put(table.name(), rows);
            }
        }
        return values;
    }

    private static String row(ResultSet found) throws SQLException {
        List<String> values = new ArrayList<>();
        for (int i = 1; i <= found.getMetaData().getColumnCount(); i++) {
            values.add(found.getString(i));
        }
        return values.toString();
    }

    private static boolean isSaid(DerivedTable table, Column column) {
        boolean reference =
                table.references().stream().anyMatch(k -> k.columns().contains(column.name()));
        boolean timed = column.defaultValue()
                        .filter(d -> d.sql().startsWith("current_"))
                        .isPresent()
                || column.name().equals("version");
        return !reference
                && !timed
                && !column.isCounted()
                && !column.type().is(SqlType.Kind.BIGINT)
                && !column.type().is(SqlType.Kind.UUID);
    }
}
