package jasperwing.dialect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.Samples;
import jasperwing.derive.Databases;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.model.Design;
import jasperwing.physical.Column;
import jasperwing.physical.SqlType;
import jasperwing.physical.SqlType.Kind;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class TypesTest {
    private static final Design ALL = Samples.design(
            "enum Hue kept as a type: red, `it's`, green",
            "enum Grade: A, B",
            "entity Shelf",
            "  id serial key",
            "  code text(40)",
            "  notes long text",
            "  remark text(1500)",
            "  width int",
            "  floor small int",
            "  visits big int",
            "  token uuid",
            "  price decimal(8,2)",
            "  ratio real",
            "  open boolean",
            "  built date",
            "  opens time",
            "  seenAt timestamp",
            "  changedAt local timestamp",
            "  rest duration",
            "  picture binary",
            "  extra json",
            "  hue Hue",
            "  grade Grade",
            "  tags text(20) list kept as an array",
            "  levels int list kept as an array",
            "  words text(9) list kept as json");

    @ParameterizedTest
    @MethodSource("jasperwing.dialect.Dialects#all")
    void whatIsWrittenIsReadAsTheSameType(Dialect dialect) {
        for (Column column : columns(dialect)) {
            SqlType type = column.type();
            SqlType expected = type.is(Kind.NAMED) ? SqlType.other(type.text()) : type;
            assertThat(dialect.read(dialect.write(type))).as(column.name()).isEqualTo(expected);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void theCatalogHasTheTypesThatWereDerived(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(ALL, dialect)) {
            for (Column column : columns(dialect)) {
                SqlType read = dialect.read(catalogued(connection, dialect, column.name()));
                assertThat(read).as(column.name()).isEqualTo(kept(dialect, column.type()));
            }
        }
    }

    private static List<Column> columns(Dialect dialect) {
        DerivedTable shelves = Schema.derive(ALL, dialect).table("Shelf").orElseThrow();
        assertThat(shelves.columns()).hasSize(23);
        return shelves.columns();
    }

    /** MariaDB keeps JSON as a text with a check; the name of an enum is known to the catalog as one, not to its text. */
    private static SqlType kept(Dialect dialect, SqlType type) {
        if (type.is(Kind.NAMED)) {
            return SqlType.other(type.text());
        }
        return dialect == Dialects.MARIADB && type.is(Kind.JSON) ? SqlType.of(Kind.TEXT) : type;
    }

    private static String catalogued(Connection connection, Dialect dialect, String column) throws SQLException {
        Map<Dialect, String> queries = Map.of(
                Dialects.POSTGRESQL,
                "select format_type(atttypid, atttypmod) from pg_attribute where attrelid = 'shelves'::regclass and attname = ?",
                Dialects.MARIADB,
                "select column_type from information_schema.columns where table_schema = database() and table_name = 'shelves'"
                        + " and column_name = ?",
                Dialects.SQLITE,
                "select type from pragma_table_info('shelves') where name = ?",
                Dialects.H2,
                "select data_type_sql(table_schema, table_name, 'TABLE', dtd_identifier) from information_schema.columns"
                        + " where table_schema = 'PUBLIC' and lower(table_name) = 'shelves' and lower(column_name) = ?");
        try (PreparedStatement query = connection.prepareStatement(queries.get(dialect))) {
            query.setString(1, column);
            try (ResultSet found = query.executeQuery()) {
                assertThat(found.next()).as(column).isTrue();
                return found.getString(1);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "postgresql|character varying(40)|varchar(40)",
                "postgresql|INT4|integer",
                "postgresql|timestamp(3) with time zone|timestamp(3) with time zone",
                "postgresql|timestamp without time zone|timestamp",
                "postgresql|numeric(12)|numeric(12,0)",
                "postgresql|integer[]|integer[]",
                "mariadb|int(11)|int",
                "mariadb|tinyint(1)|boolean",
                "mariadb|ENUM('a','it''s')|enum('a', 'it''s')",
                "mariadb|text|text",
                "h2|NUMERIC(8, 2)|decimal(8,2)",
                "sqlite|REAL|real",
                "sqlite|geometry|geometry",
                "sqlserver|NVARCHAR(40)|nvarchar(40)",
                "sqlserver|varchar(max)|nvarchar(max)",
                "sqlserver|datetime2(3)|datetime2(3)",
                "sqlserver|timestamp|timestamp"
            })
    void otherWordsMeanTheSame(Dialect dialect, String said, String written) {
        assertThat(dialect.write(dialect.read(said))).isEqualTo(written);
    }

    @Test
    void aTypeIsWrittenAsTheDatabaseHasIt() {
        SqlType list = SqlType.arrayOf(SqlType.of(Kind.VARCHAR, 9));
        assertThat(Dialects.POSTGRESQL.write(list)).isEqualTo("varchar(9)[]");
        assertThat(Dialects.H2.write(list)).isEqualTo("varchar(9) array");
        assertThat(Dialects.MARIADB.write(SqlType.of(Kind.TEXT))).isEqualTo("longtext");
        assertThat(Dialects.POSTGRESQL.write(SqlType.named("order"))).isEqualTo("\"order\"");
    }

    @Test
    void anArrayHasElementsAndNothingElseHas() {
        assertThatThrownBy(() -> SqlType.of(Kind.ARRAY)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SqlType(
                        Kind.DATE, SqlType.UNSAID, 0, false, Optional.of(SqlType.of(Kind.DATE)), List.of(), "", ""))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
