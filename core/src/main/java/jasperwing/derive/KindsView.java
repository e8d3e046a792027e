package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.View;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * All rows of an entity whose kinds are kept in complete tables.
 *
 * @param entity whose rows they are, of whatever kind
 * @param kind the first column, which holds the name of the kind
 * @param columns the others, as all kinds have them
 * @param tables the kinds and their tables, in the order of the design
 */
public record KindsView(String name, String entity, String kind, List<String> columns, List<OfKind> tables) {
    /** The table of a kind. */
    public record OfKind(String entity, String table) {}

    public KindsView {
        columns = List.copyOf(columns);
        tables = List.copyOf(tables);
    }

    View view(Dialect dialect, String namespace) {
        return new View(
                namespace, name, tables.stream().map(t -> query(dialect, t)).toList());
    }

    private View.Query query(Dialect dialect, OfKind of) {
        List<View.Output> outputs = new ArrayList<>();
        outputs.add(new View.Output(kind, SqlExpression.of(dialect.literal(of.entity()))));
        columns.forEach(c -> outputs.add(new View.Output(c, SqlExpression.of(dialect.quote(c)))));
        return new View.Query(of.table(), false, outputs, Optional.empty());
    }
}
