package jasperwing.derive;

import jasperwing.naming.Identifiers;
import jasperwing.naming.Words;
import jasperwing.physical.PrimaryKey;
import java.util.ArrayList;
import java.util.List;

/** The names of primary keys. They are those of indexes, which share one namespace with tables. */
final class KeyNames {
    private static final String PREFIX = "pk_";

    private KeyNames() {}

    static String wanted(String table) {
        return PREFIX + PhysicalNames.orElse(Words.snake(table), "table");
    }

    /** The tables, of which a key whose name another table or key has is called otherwise. */
    static List<DerivedTable> settled(List<DerivedTable> tables, int limit) {
        if (tables.stream().allMatch(KeyNames::isFree)) {
            return tables;
        }
        Identifiers names = new Identifiers(limit, 2 * tables.size());
        tables.forEach(t -> names.take(t.name()));
        List<DerivedTable> settled = new ArrayList<>(tables.size());
        for (DerivedTable each : tables) {
            String name = names.take(wanted(each.name()));
            settled.add(each.keyColumns().isEmpty() ? each : keyed(each, name));
        }
        return settled;
    }

    private static DerivedTable keyed(DerivedTable each, String name) {
        return each.with(each.table().withPrimaryKey(new PrimaryKey(name, each.keyColumns())));
    }

    /** Whether it has no key, or one with the whole name of the table, which no other has. */
    private static boolean isFree(DerivedTable each) {
        return !each.name().startsWith(PREFIX)
                && each.table()
                        .primaryKey()
                        .map(PrimaryKey::name)
                        .filter(n -> n.length() != PREFIX.length() + each.name().length() || !n.endsWith(each.name()))
                        .isEmpty();
    }
}
