package jasperwing.formula;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.derive.Databases;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Scalar;
import jasperwing.naming.Words;
import java.math.BigDecimal;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The same formulas over the same rows give the same in every database. */
class FormulaInDatabaseTest {
    private final Design design = Formulas.design();

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void givesTheSameInEveryDatabase(Dialect dialect) throws SQLException {
        assertThat(Report.of(design, dialect).of(Level.ERROR)).isEmpty();
        try (Connection connection = Databases.loaded(design, dialect);
                Statement statement = connection.createStatement()) {
            if (dialect == Dialects.POSTGRESQL) {
                statement.execute("set time zone 'UTC'");
            }
            for (String insert : Formulas.inserts()) {
                statement.execute(dialect == Dialects.MARIADB ? insert.replace("\\", "\\\\") : insert);
            }
            Map<String, List<String>> found = new LinkedHashMap<>();
            for (String attribute : Formulas.expected().keySet()) {
                found.put(attribute, values(statement, attribute));
            }
            assertThat(found).containsExactlyEntriesOf(Formulas.expected());
        }
    }

    private List<String> values(Statement statement, String name) throws SQLException {
        Attribute attribute =
                design.entity("Boat").orElseThrow().attribute(name).orElseThrow();
        List<String> values = new ArrayList<>();
        String column = Dialects.POSTGRESQL.quote(Words.snake(name)).replace("\"", "");
        try (ResultSet rows = statement.executeQuery("select * from boats_computed order by id")) {
            while (rows.next()) {
                values.add(value(rows, column, attribute));
            }
        }
        return values;
    }

    private static String value(ResultSet rows, String column, Attribute attribute) throws SQLException {
        if (rows.getObject(column) == null) {
            return "null";
        }
        if (attribute.type().is(Scalar.BOOLEAN)) {
            return String.valueOf(rows.getBoolean(column));
        }
        if (!attribute.type().isNumeric()) {
            return rows.getString(column);
        }
        BigDecimal number = new BigDecimal(rows.getString(column)).stripTrailingZeros();
        return number.signum() == 0 ? "0" : number.toPlainString();
    }
}
