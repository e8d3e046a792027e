package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.ExampleDesigns;
import jasperwing.derive.Databases;
import jasperwing.dialect.Dialects;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import java.lang.reflect.Field;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Savepoint;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Rows written by hand, of designs of unlike fields, are read, put in their own place, deleted and stored again by records and classes of rows. */
class ExampleRowsTest {
    @TempDir
    Path folder;

    private static Stream<Arguments> all() {
        return ExampleDesigns.NAMES.stream()
                .flatMap(n -> Stream.of("records", "classes").map(r -> Arguments.of(n, r)));
    }

    @ParameterizedTest
    @MethodSource("all")
    void rowsAreReadAndPutInTheirPlaceAndStoredAgain(String name, String rows) throws Exception {
        Design design = CodeTargetEdits.choose("java-plain", "rows", rows).on(ExampleDesigns.design(name));
        Javac.write(OurTargets.PLAIN.files(design), folder.resolve("source"));
        Javac.compile(folder.resolve("source"), folder.resolve("classes"));
        try (Connection connection = Databases.loaded(design, Dialects.POSTGRESQL);
                URLClassLoader loader = new URLClassLoader(
                        new URL[] {folder.resolve("classes").toUri().toURL()})) {
            fill(connection, name);
            int all = 0;
            for (GeneratedFile file : OurTargets.PLAIN.files(design)) {
                if (file.text().contains(" pageAfter(")) {
                    String type = file.path().replace('/', '.').replaceAll("\\.java$", "");
                    all += Rows.of(loader.loadClass(type), connection).goThereAndBack(connection);
                }
            }
            assertThat(all).isGreaterThanOrEqualTo(20);
        }
    }

    private static void fill(Connection connection, String name) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (ExampleDesigns.Row row : ExampleDesigns.rows(name)) {
                if (row.accepted() && row.isFor(Dialects.POSTGRESQL)) {
                    statement.execute(row.in(Dialects.POSTGRESQL));
                }
            }
        }
        countOn(connection);
    }

    /** Numbers that were written by hand are not counted up to again. */
    private static void countOn(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                Statement change = connection.createStatement();
                ResultSet counted =
                        statement.executeQuery("select table_name, column_name from information_schema.columns"
                                + " where is_identity = 'YES' and table_schema = current_schema()")) {
            while (counted.next()) {
                change.execute("alter table \"" + counted.getString(1) + "\" alter column \"" + counted.getString(2)
                        + "\" restart with 1000");
            }
        }
    }

    /** What reads and writes the rows of one entity. */
    private record Rows(Object rows) {
        static Rows of(Class<?> type, Connection connection) throws ReflectiveOperationException {
            return new Rows(type.getConstructor(Connection.class).newInstance(connection));
        }

        /** @return how many rows there are */
        int goThereAndBack(Connection connection) throws ReflectiveOperationException, SQLException {
            List<?> all = (List<?>) call("page", 100, 0L);
            List<Object> each = new ArrayList<>();
            call("forEach", (Consumer<Object>) each::add);
            assertThat(each).isEqualTo(all);
            for (int i = 0; i < all.size(); i++) {
                assertThat(found(all.get(i))).isEqualTo(all.get(i));
                assertThat((List<?>) call("pageAfter", with(key(all.get(i)), 100)))
                        .isEqualTo(all.subList(i + 1, all.size()));
            }
            for (Object row : all) {
                if (method("update").isPresent()) {
                    Optional<?> updated = (Optional<?>) call("update", row);
                    assertThat(updated).isPresent().hasValueSatisfying(u -> assertThat(found(u))
                            .isEqualTo(u));
                }
                if (method("insert").isPresent()) {
                    storeAgain(found(row), connection);
                }
            }
            return all.size();
        }

        /** Takes a row out, if nothing refers to it, and stores it again. */
        private void storeAgain(Object row, Connection connection) throws ReflectiveOperationException, SQLException {
            Object[] key = key(row);
            connection.setAutoCommit(false);
            Savepoint before = connection.setSavepoint();
            try {
                assertThat(call("delete", key)).isEqualTo(true);
                Object stored = ((List<?>) call("insertAll", List.of(row))).get(0);
                assertThat(found(stored)).isEqualTo(stored);
                assertThat(key(stored)).hasSameSizeAs(key);
            } catch (IllegalStateException refused) {
                assertThat(refused).hasStackTraceContaining("foreign key");
            } finally {
                connection.rollback(before);
                connection.setAutoCommit(true);
            }
        }

        private Object found(Object row) {
            try {
                return ((Optional<?>) call("find", key(row))).orElseThrow();
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }

        /** In the order in which a row is found by it. */
        private Object[] key(Object row) throws ReflectiveOperationException {
            List<Object> key = new ArrayList<>();
            for (Parameter part : method("find").orElseThrow().getParameters()) {
                key.add(part(row, part.getName()));
            }
            return key.toArray();
        }

        /** A part of a row, or of the row it goes on in. */
        private static Object part(Object row, String name) throws ReflectiveOperationException {
            for (Method method : row.getClass().getMethods()) {
                if (method.getName().equals(name)) {
                    return method.invoke(row);
                }
            }
            Field base = row.getClass().getDeclaredFields()[0];
            base.setAccessible(true);
            return part(base.get(row), name);
        }

        private static Object[] with(Object[] values, Object last) {
            Object[] all = Arrays.copyOf(values, values.length + 1);
            all[values.length] = last;
            return all;
        }

        private Optional<Method> method(String name) {
            return Arrays.stream(rows.getClass().getMethods())
                    .filter(m -> m.getName().equals(name))
                    .findFirst();
        }

        private Object call(String name, Object... values) throws ReflectiveOperationException {
            try {
                return method(name).orElseThrow().invoke(rows, values);
            } catch (InvocationTargetException e) {
                throw new IllegalStateException(rows.getClass() + "." + name, e.getCause());
            }
        }
    }
}
