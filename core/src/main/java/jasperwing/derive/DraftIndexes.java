package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.physical.Index;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The indexes of a table while its parts are being gathered. */
final class DraftIndexes {
    private final String table;
    private final PhysicalNames names;
    private final Dialect dialect;
    private final Map<List<String>, String> wanted = new LinkedHashMap<>();
    private final List<Index> asked = new ArrayList<>();

    DraftIndexes(String table, PhysicalNames names, Dialect dialect) {
        this.table = table;
        this.names = names;
        this.dialect = dialect;
    }

    /** One by which rows are to be found; it is left out where another finds them too. */
    void add(List<String> columns) {
        wanted.putIfAbsent(columns, "");
    }

    /**
     * One the design asks for, as far as the dialect knows such.
     *
     * @param where which rows are in it, as SQL; empty for all
     * @param given its name; empty to derive it
     */
    void add(List<String> found, List<String> covered, String where, String given) {
        String rows = dialect.indexesSomeRows() ? where : "";
        List<String> rest = covered.stream().filter(c -> !found.contains(c)).toList();
        if (found.isEmpty()) {
            return;
        }
        if (rest.isEmpty() && rows.isEmpty()) {
            wanted.merge(found, given, (one, other) -> one.isEmpty() ? other : one);
        } else if (dialect.includesColumns()) {
            asked.add(Index.of(name(given, "ix", found), found, rest, condition(rows), false));
        } else {
            List<String> all = Stream.concat(found.stream(), rest.stream()).toList();
            asked.add(Index.of(name(given, "ix", all), all, List.of(), condition(rows), false));
        }
    }

    /** @param filled those of the columns that must be filled for it to hold */
    void addUnique(List<String> columns, List<String> filled, String where, String given) {
        String rows = Stream.concat(Stream.of(where), filled.stream().map(c -> dialect.quote(c) + " is not null"))
                .collect(Collectors.joining(" and "));
        asked.add(Index.of(name(given, "uq", columns), columns, List.of(), condition(rows), true));
    }

    private String name(String given, String kind, List<String> columns) {
        return names.constraint(given, kind, table, columns);
    }

    private static Optional<SqlExpression> condition(String sql) {
        return sql.isEmpty() ? Optional.empty() : Optional.of(SqlExpression.of(FormulaSql.withoutParentheses(sql)));
    }

    /** The table with its indexes; one that a key or another index begins with is left out. */
    Table addedTo(Table bare, List<UniqueKey> uniques) {
        List<Index> all = new ArrayList<>(0);
        uniques.forEach(u -> u.index(dialect).ifPresent(all::add));
        all.addAll(asked);
        for (Map.Entry<List<String>, String> entry : wanted.entrySet()) {
            List<String> each = entry.getKey();
            boolean unique = uniques.stream().anyMatch(u -> u.finds(each));
            if (!unique
                    && !begins(each)
                    && !bare.isIndexed(each)
                    && all.stream().noneMatch(i -> i.finds(each))) {
                all.add(Index.of(name(entry.getValue(), "ix", each), each));
            }
        }
        return all.isEmpty() ? bare : bare.withIndexes(all);
    }

    private boolean begins(List<String> columns) {
        return wanted.keySet().stream()
                .anyMatch(o -> o.size() > columns.size()
                        && o.subList(0, columns.size()).equals(columns));
    }
}
