package jasperwing.derive;

import jasperwing.naming.Identifiers;
import jasperwing.physical.Check;
import jasperwing.physical.ExclusionConstraint;
import jasperwing.physical.Index;
import jasperwing.physical.PrimaryKey;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** The names of primary keys. They are those of indexes, which share one namespace with tables. */
final class KeyNames {
    private KeyNames() {}

    /** The tables, of which a key whose name another table, constraint or index has is called otherwise. */
    static List<DerivedTable> settled(List<DerivedTable> tables, int limit) {
        Set<String> seen = new HashSet<>(16 * tables.size());
        tables.forEach(t -> others(t).forEach(n -> seen.add(folded(n))));
        if (tables.stream().flatMap(t -> t.table().primaryKey().stream()).allMatch(k -> seen.add(folded(k.name())))) {
            return tables;
        }
        Identifiers names = new Identifiers(limit, 2 * tables.size());
        tables.forEach(t -> others(t).filter(names::isFree).forEach(names::take));
        return tables.stream().map(t -> named(t, names)).toList();
    }

    /** The names there are besides those of primary keys. */
    private static Stream<String> others(DerivedTable table) {
        return Stream.of(
                        Stream.of(table.name()),
                        table.references().stream().map(Reference::name),
                        table.uniqueKeys().stream().map(UniqueKey::name),
                        table.table().checks().stream().map(Check::name),
                        table.table().exclusions().stream().map(ExclusionConstraint::name),
                        table.indexes().stream().map(Index::name))
                .flatMap(names -> names);
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
