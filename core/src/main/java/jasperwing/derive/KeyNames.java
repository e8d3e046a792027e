package jasperwing.derive;

import jasperwing.naming.Identifiers;
import jasperwing.physical.PrimaryKey;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** The names of primary keys. They are those of indexes, which share one namespace with tables. */
final class KeyNames {
    private KeyNames() {}

    /** The tables, of which a key whose name another table or key has is called otherwise. */
    static List<DerivedTable> settled(List<DerivedTable> tables, int limit) {
        Set<String> seen = new HashSet<>(4 * tables.size());
        tables.forEach(t -> seen.add(folded(t.name())));
        if (tables.stream().flatMap(t -> t.table().primaryKey().stream()).allMatch(k -> seen.add(folded(k.name())))) {
            return tables;
        }
        Identifiers names = new Identifiers(limit, 2 * tables.size());
        tables.forEach(t -> names.take(t.name()));
        return tables.stream().map(t -> named(t, names)).toList();
    }

    private static String folded(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    private static DerivedTable named(DerivedTable table, Identifiers names) {
        return table.table()
                .primaryKey()
                .map(k -> new PrimaryKey(names.take(k.name()), k.columns()))
                .map(k -> table.with(table.table().withPrimaryKey(k)))
                .orElse(table);
    }
}
