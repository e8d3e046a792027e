package jasperwing.formula;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Databases;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.Attribute;
import java.lang.reflect.Method;
import java.math.BigDecimal;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Records compute from their row what the databases compute from it. */
class FormulaInRecordsTest {
    @TempDir
    Path folder;

    @Test
    void givesTheSameAsTheDatabases() throws Exception {
        List<GeneratedFile> files = OurTargets.PLAIN.files(Formulas.design());
        Javac.write(files, folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("out"));
        URL[] classes = {folder.resolve("out").toUri().toURL()};
        try (URLClassLoader loader = new URLClassLoader(classes, getClass().getClassLoader());
                Connection connection = Databases.open(Dialects.POSTGRESQL);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(
                    Schema.derive(Formulas.design(), Dialects.POSTGRESQL).sql());
            for (String insert : Formulas.inserts()) {
                statement.execute(insert);
            }
            Object rows = loader.loadClass("test.BoatRows")
                    .getConstructor(Connection.class)
                    .newInstance(connection);
            List<?> boats = (List<?>)
                    rows.getClass().getMethod("page", int.class, long.class).invoke(rows, 100, 0L);
            assertThat(found(boats)).containsExactlyEntriesOf(expected());
        }
    }

    /** What follows from the row alone. */
    private static Map<String, List<String>> expected() {
        Map<String, List<String>> expected = new LinkedHashMap<>(Formulas.expected());
        Map<String, Attribute> attributes = new LinkedHashMap<>();
        Formulas.design().entity("Boat").orElseThrow().attributes().forEach(a -> attributes.put(a.name(), a));
        expected.keySet().removeIf(name -> !Formula.of(Formulas.design(), "Boat", attributes.get(name))
                .isLocal());
        assertThat(expected).hasSizeGreaterThan(20);
        return expected;
    }

    private static Map<String, List<String>> found(List<?> boats) throws ReflectiveOperationException {
        Map<String, List<String>> found = new LinkedHashMap<>();
        for (String attribute : expected().keySet()) {
            List<String> values = new ArrayList<>();
            for (Object boat : boats) {
                Method method = boat.getClass().getMethod(attribute);
                Object value = method.invoke(boat);
                values.add(value instanceof Number number ? plain(number) : String.valueOf(value));
            }
            found.put(attribute, values);
        }
        return found;
    }

    private static String plain(Number number) {
        BigDecimal exact = new BigDecimal(number.toString()).stripTrailingZeros();
        return exact.signum() == 0 ? "0" : exact.toPlainString();
    }
}
