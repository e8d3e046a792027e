package jasperwing.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.derive.Databases;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.dialect.Statement;
import jasperwing.physical.Catalog;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Index;
import jasperwing.physical.Part;
import jasperwing.physical.PrimaryKey;
import jasperwing.physical.Sequence;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import jasperwing.physical.SqlType.Kind;
import jasperwing.physical.Table;
import jasperwing.physical.Trigger;
import jasperwing.physical.Unique;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A schema that no design made is created, changed and dropped, and is then what the statements say. */
class StatementsTest {
    private static Connection created(Dialect dialect) throws SQLException {
        Connection connection = Databases.open(dialect);
        run(connection, dialect.statements().create(Harbour.catalog(dialect)));
        return connection;
    }

    private static void run(Connection connection, List<Statement> statements) throws SQLException {
        try (var statement = connection.createStatement()) {
            for (Statement each : statements) {
                statement.execute(each.sql());
            }
        }
    }

    private static void isNow(Connection connection, Dialect dialect, Table... tables) throws SQLException {
        Catalog expected = dialect.kept(Catalog.of(List.of(tables))).normal();
        Catalog read = CatalogReader.read(connection, dialect).normal();
        assertThat(read.tables()).usingRecursiveComparison().isEqualTo(expected.tables());
        assertThat(read.tables()).isEqualTo(expected.tables());
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void whatIsCreatedIsReadBack(Dialect dialect) throws SQLException {
        try (Connection connection = created(dialect)) {
            isNow(connection, dialect, Harbour.PIERS, Harbour.boats(dialect));
            assertThat(new Query(connection).names("select code from piers order by depth"))
                    .containsExactly("A", "B");
            assertThat(new Query(connection).names("select metres from long_boats"))
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aColumnIsAddedRenamedAndDropped(Dialect dialect) throws SQLException {
        Table piers = Harbour.PIERS;
        Column lamp = Column.of("lamp", SqlType.of(Kind.VARCHAR, 9)).withComment("Its colour");
        try (Connection connection = created(dialect)) {
            run(connection, dialect.changes().add(piers, lamp));
            isNow(connection, dialect, with(piers, lamp), Harbour.boats(dialect));
            run(connection, List.of(dialect.changes().rename(piers, lamp, "light")));
            Column light = Column.of("light", lamp.type()).withComment("Its colour");
            isNow(connection, dialect, with(piers, light), Harbour.boats(dialect));
            run(connection, List.of(dialect.changes().drop(with(piers, light), light)));
            isNow(connection, dialect, piers, Harbour.boats(dialect));
        }
    }

    private static Table with(Table table, Column column) {
        List<Column> columns = new ArrayList<>(table.columns());
        columns.removeIf(c -> c.name().equals(column.name()));
        columns.add(column);
        return with(table, columns, table.foreignKeys(), table.uniques(), table.checks());
    }

    private static Table with(
            Table table, List<Column> columns, List<ForeignKey> keys, List<Unique> uniques, List<Check> checks) {
        return new Table(
                table.name(), columns, table.primaryKey(), keys, uniques, checks, table.indexes(), table.comment());
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aColumnIsChangedWhereItCanBe(Dialect dialect) throws SQLException {
        Table boats = Harbour.boats(dialect);
        Column was = boats.column("pier_code").orElseThrow();
        Column now = Column.of("name", SqlType.of(Kind.VARCHAR, 80)).withDefault(SqlExpression.of("'unnamed'"));
        Column name = boats.column("name").orElseThrow();
        try (Connection connection = created(dialect)) {
            if (!dialect.altersColumns()) {
                assertThatThrownBy(() -> dialect.changes().alter(boats, name, now))
                        .isInstanceOf(UnsupportedOperationException.class);
                return;
            }
            run(
                    connection,
                    List.of(dialect.changes()
                            .drop(Harbour.catalog(dialect).views().get(0))));
            run(connection, dialect.changes().alter(boats, name, now.withComment(name.comment())));
            List<Column> columns = new ArrayList<>(boats.columns());
            columns.set(1, now.withComment(name.comment()));
            Table changed = with(boats, columns, boats.foreignKeys(), boats.uniques(), boats.checks());
            isNow(connection, dialect, Harbour.PIERS, changed);
            run(connection, dialect.changes().alter(changed, columns.get(1), name));
            isNow(connection, dialect, Harbour.PIERS, boats);
        }
        assertThatThrownBy(() -> dialect.changes().alter(boats, was, was.counted()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void constraintsAndIndexesComeAndGo(Dialect dialect) throws SQLException {
        Table boats = Harbour.boats(dialect);
        Table piers = Harbour.PIERS;
        Index index = Index.of("ix_piers_depth", List.of("depth"));
        Unique unique = new Unique("uq_piers_depth", List.of("depth"));
        Check check = new Check("ck_boats_length", SqlExpression.of("length > 0"));
        try (Connection connection = created(dialect)) {
            run(connection, List.of(dialect.statements().create(piers, index)));
            isNow(connection, dialect, piers.withIndexes(List.of(index)), boats);
            run(connection, List.of(dialect.changes().drop(piers, index)));
            if (!dialect.altersConstraints()) {
                assertThatThrownBy(() -> dialect.changes().add(piers, unique))
                        .isInstanceOf(UnsupportedOperationException.class);
                return;
            }
            ForeignKey key = boats.foreignKeys().get(0);
            run(
                    connection,
                    List.of(
                            dialect.changes().add(piers, unique),
                            dialect.changes().add(boats, check),
                            dialect.changes().drop(boats, key)));
            isNow(
                    connection,
                    dialect,
                    with(piers, piers.columns(), piers.foreignKeys(), List.of(unique), piers.checks()),
                    with(boats, boats.columns(), List.of(), boats.uniques(), List.of(check)));
            run(
                    connection,
                    List.of(
                            dialect.changes().drop(piers, unique),
                            dialect.changes().drop(boats, check),
                            dialect.changes().add(boats, key)));
            isNow(connection, dialect, piers, boats);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aPrimaryKeyIsChangedWhereItCanBe(Dialect dialect) throws SQLException {
        Table log = new Table(
                "log",
                List.of(Column.of("line", SqlType.of(Kind.INTEGER)).notNull()),
                Optional.of(new PrimaryKey("pk_log", List.of("line"))),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                "");
        PrimaryKey key = log.primaryKey().orElseThrow();
        if (!dialect.altersConstraints()) {
            return;
        }
        try (Connection connection = Databases.open(dialect)) {
            run(connection, dialect.statements().create(log));
            run(connection, List.of(dialect.changes().drop(log, key)));
            assertThat(CatalogReader.read(connection, dialect).tables().get(0).primaryKey())
                    .isEmpty();
            run(connection, List.of(dialect.changes().add(log, key)));
            isNow(connection, dialect, log);
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void sequencesComeAndGoWhereThereAreSome(Dialect dialect) throws SQLException {
        Sequence tickets = new Sequence("tickets", 100, 5);
        Catalog catalog = new Catalog(List.of(), List.of(tickets), List.of(), List.of(), List.of(), List.of());
        try (Connection connection = Databases.open(dialect)) {
            run(connection, dialect.statements().create(catalog));
            run(connection, dialect.changes().drop(tickets));
            run(connection, dialect.statements().create(tickets));
        }
        assertThat(dialect.statements().create(tickets).isEmpty()).isEqualTo(dialect == Dialects.SQLITE);
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void aTriggerRefusesUntilItIsDropped(Dialect dialect) throws SQLException {
        Trigger trigger = new Trigger(
                "keep_piers",
                "piers",
                "Keeps deep piers",
                List.of(Trigger.Event.DELETE),
                new Trigger.Action.Refuse(SqlExpression.of("old.depth > 5"), "a deep pier is kept"));
        assertThat(dialect.statements().create(trigger).isEmpty())
                .isEqualTo(dialect.triggers().isEmpty());
        if (dialect.triggers().isPresent()) {
            try (Connection connection = created(dialect);
                    var statement = connection.createStatement()) {
                run(connection, dialect.statements().create(trigger));
                assertThatThrownBy(() -> statement.execute("delete from piers where code = 'B'"))
                        .hasMessageContaining("a deep pier is kept");
                run(connection, dialect.changes().drop(trigger));
                statement.execute("delete from piers where code = 'B'");
            }
        }
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void tablesAreRenamedAndDropped(Dialect dialect) throws SQLException {
        Catalog catalog = Harbour.catalog(dialect);
        try (Connection connection = created(dialect)) {
            run(connection, List.of(dialect.changes().drop(catalog.views().get(0))));
            if (dialect.altersConstraints()) {
                run(
                        connection,
                        List.of(dialect.changes()
                                .drop(Harbour.PIERS, Harbour.PIERS.foreignKeys().get(0))));
            }
            run(connection, List.of(dialect.changes().drop(Harbour.boats(dialect))));
            run(connection, dialect.changes().drop(Harbour.HULL));
            run(connection, List.of(dialect.changes().rename(Harbour.PIERS, "jetties")));
            Catalog left = CatalogReader.read(connection, dialect);
            assertThat(left.tables()).extracting(Table::name).containsExactly("jetties");
            assertThat(left.enums()).isEmpty();
        }
    }

    @Test
    void everyLineSaysWhatItIsAbout() {
        List<Statement> statements = Dialects.POSTGRESQL.statements().create(Harbour.catalog(Dialects.POSTGRESQL));
        assertThat(statements).extracting(Statement::kind).contains(Statement.Kind.CREATE, Statement.Kind.INSERT);
        assertThat(statements.stream().flatMap(s -> s.lines().stream()))
                .contains(
                        new Statement.Line("  depth numeric(5,1) not null default 2.5,", Part.column("piers", "depth")),
                        new Statement.Line(
                                "  length / 3 as metres", new Part(Part.Kind.VIEW_COLUMN, "long_boats", "metres")),
                        new Statement.Line(
                                "insert into piers (code, depth) values ('A', 4)",
                                new Part(Part.Kind.ROW, "piers", "A")));
    }
}
