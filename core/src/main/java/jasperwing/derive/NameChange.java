package jasperwing.derive;

import jasperwing.naming.Words;
import jasperwing.physical.Catalog;
import jasperwing.physical.Check;
import jasperwing.physical.Column;
import jasperwing.physical.ExclusionConstraint;
import jasperwing.physical.Index;
import jasperwing.physical.Part;
import jasperwing.physical.PrimaryKey;
import jasperwing.physical.Table;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Something that is called otherwise in another schema of the same design, or lies elsewhere.
 *
 * <pre>{@code
 * NameChange.between(before, after); // dives -> dive, fk_dives_site_id -> fk_dive_site_id
 * }</pre>
 *
 * @param table in which it is, as it was called; of a table, type or view that one itself
 * @param was its name, of a table with the schema it lies in where it says one
 */
public record NameChange(Part.Kind kind, String table, String was, String now) {
    /** Tables in the order of the first schema, each followed by its columns, keys and indexes; then views and types. */
    public static List<NameChange> between(Schema before, Schema after) {
        List<NameChange> changes = new ArrayList<>();
        Map<DerivedTable.Source, DerivedTable> others = new HashMap<>();
        after.tables().forEach(t -> others.putIfAbsent(t.source(), t));
        for (DerivedTable table : before.tables()) {
            DerivedTable now = others.get(table.source());
            if (now != null) {
                ofTable(changes, table, now);
            }
        }
        Catalog was = before.catalog();
        Catalog is = after.catalog();
        named(changes, Part.Kind.VIEW, "", was.views(), is.views(), v -> placed(v.namespace(), v.name()));
        named(changes, Part.Kind.ENUM, "", was.enums(), is.enums(), e -> placed(e.namespace(), e.name()));
        return changes;
    }

    private static void ofTable(List<NameChange> changes, DerivedTable before, DerivedTable after) {
        Table was = before.table();
        Table is = after.table();
        String name = was.name();
        named(changes, Part.Kind.TABLE, name, List.of(was), List.of(is), t -> placed(t.namespace(), t.name()));
        named(changes, Part.Kind.COLUMN, name, was.columns(), is.columns(), Column::name);
        named(changes, Part.Kind.PRIMARY_KEY, name, keys(was), keys(is), PrimaryKey::name);
        named(changes, Part.Kind.FOREIGN_KEY, name, before.references(), after.references(), Reference::name);
        named(changes, Part.Kind.UNIQUE, name, before.uniqueKeys(), after.uniqueKeys(), UniqueKey::name);
        named(changes, Part.Kind.CHECK, name, was.checks(), is.checks(), Check::name);
        named(changes, Part.Kind.EXCLUSION, name, was.exclusions(), is.exclusions(), ExclusionConstraint::name);
        named(changes, Part.Kind.INDEX, name, before.indexes(), after.indexes(), Index::name);
    }

    private static List<PrimaryKey> keys(Table table) {
        return table.primaryKey().stream().toList();
    }

    private static String placed(String namespace, String name) {
        return namespace.isEmpty() ? name : namespace + "." + name;
    }

    private static <T> void named(
            List<NameChange> changes, Part.Kind kind, String table, List<T> was, List<T> is, Function<T, String> name) {
        for (int i = 0; i < Math.min(was.size(), is.size()); i++) {
            String before = name.apply(was.get(i));
            String after = name.apply(is.get(i));
            if (!before.equals(after)) {
                changes.add(new NameChange(kind, table.isEmpty() ? before : table, before, after));
            }
        }
    }

    /** How many of each kind there are, in words: {@code 3 tables, 12 columns}; empty for none. */
    public static String counted(List<NameChange> changes) {
        Map<Part.Kind, Long> counts =
                changes.stream().collect(Collectors.groupingBy(NameChange::kind, Collectors.counting()));
        List<String> words = new ArrayList<>();
        counts.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> words.add(Words.count(e.getValue(), e.getKey().words())));
        return String.join(", ", words);
    }
}
