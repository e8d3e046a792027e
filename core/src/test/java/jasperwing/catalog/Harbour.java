package jasperwing.catalog;

import jasperwing.dialect.Dialect;
import jasperwing.physical.Catalog;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.EnumDefinition;
import jasperwing.physical.ForeignKey;
import jasperwing.physical.Index;
import jasperwing.physical.PrimaryKey;
import jasperwing.physical.Rows;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import jasperwing.physical.SqlType.Kind;
import jasperwing.physical.Table;
import jasperwing.physical.Unique;
import jasperwing.physical.View;
import java.util.List;
import java.util.Optional;

/** A schema of boats and their berths that was written by hand, without a design. */
final class Harbour {
    private Harbour() {}

    static final EnumDefinition HULL = new EnumDefinition("hull", List.of("wood", "steel"));

    static final Table PIERS = new Table(
            "piers",
            List.of(
                    Column.of("code", SqlType.of(Kind.VARCHAR, 4)).notNull(),
                    Column.of("depth", SqlType.decimal(5, 1)).notNull().withDefault(SqlExpression.of("2.5")),
                    Column.of("master_boat", SqlType.of(Kind.BIGINT))),
            Optional.of(new PrimaryKey("pk_piers", List.of("code"))),
            List.of(ForeignKey.of(
                    "fk_piers_master_boat",
                    List.of("master_boat"),
                    "boats",
                    List.of("id"),
                    ForeignKey.Action.SET_NULL)),
            List.of(),
            List.of(new Check("ck_piers_depth", SqlExpression.of("depth between 0.5 and 30"))),
            List.of(),
            "Where boats lie");

    /** With the type of a hull where the database has such types. */
    static Table boats(Dialect dialect) {
        return new Table(
                "boats",
                List.of(
                        Column.of("id", SqlType.of(Kind.BIGINT)).notNull().counted(),
                        Column.of("name", SqlType.of(Kind.VARCHAR, 60))
                                .notNull()
                                .withComment("As it is painted on the bow"),
                        Column.of(
                                "hull", dialect.hasEnumTypes() ? SqlType.named("hull") : SqlType.of(Kind.VARCHAR, 10)),
                        Column.of("length", SqlType.of(Kind.INTEGER)),
                        Column.of("fee", SqlType.of(Kind.INTEGER)).computedAs(SqlExpression.of("length * 12")),
                        Column.of("pier_code", SqlType.of(Kind.VARCHAR, 4)).notNull()),
                Optional.of(new PrimaryKey("pk_boats", List.of("id"))),
                List.of(ForeignKey.of(
                        "fk_boats_pier", List.of("pier_code"), "piers", List.of("code"), ForeignKey.Action.CASCADE)),
                List.of(new Unique("uq_boats_name", List.of("name", "pier_code"))),
                List.of(),
                List.of(Index.of("ix_boats_pier_code", List.of("pier_code", "length"))),
                "");
    }

    static Catalog catalog(Dialect dialect) {
        View longest = new View(
                "long_boats",
                List.of(new View.Query(
                        "boats",
                        true,
                        List.of(new View.Output("metres", SqlExpression.of("length / 3"))),
                        Optional.of(SqlExpression.of("length > 30")))));
        return new Catalog(
                List.of(HULL),
                List.of(),
                List.of(PIERS, boats(dialect)),
                List.of(new Rows("piers", List.of("code", "depth"), List.of(List.of("A", 4), List.of("B", 6)))),
                List.of(longest),
                List.of());
    }
}
