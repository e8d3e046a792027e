package jasperwing.schema;

import java.util.List;

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
}
