package jasperwing.schema;

import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Family;
import jasperwing.model.Keeping;
import jasperwing.model.OneOf;
import jasperwing.naming.Roles;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What deleting one row of a table does everywhere.
 *
 * @param table the table the row is deleted from
 * @param effects the nearest first, those as near in the order of the schema
 */
public record Ripple(String table, List<Effect> effects) {
    public Ripple {
        effects = List.copyOf(effects);
    }

    /** What happens to rows that point to one that goes. */
    public enum Kind {
        /** The delete is refused while there are any. */
        REFUSES("refuses"),
        /** They go too. */
        GOES("goes too"),
        /** They stay, and their reference is emptied. */
        EMPTIED("is emptied"),
        /** They stay as they are and point to nothing; no database notices. */
        DANGLES("is left dangling");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * What happens to the rows of one table by one reference.
     *
     * @param table whose rows they are
     * @param columns they point by
     * @param target the table of the row that goes
     * @param distance how many deletes lead there, from 1
     */
    public record Effect(Kind kind, String table, List<String> columns, String target, int distance) {
        public Effect {
            columns = List.copyOf(columns);
        }
    }

    /** Linear in the tables and keys reached. */
    public static Ripple of(Design design, Schema schema, Table start) {
        Map<String, List<Effect>> pointing = pointing(design, schema);
        Map<String, Integer> gone = new LinkedHashMap<>(Map.of(start.name(), 0));
        Deque<String> open = new ArrayDeque<>(List.of(start.name()));
        List<Effect> effects = new ArrayList<>();
        while (!open.isEmpty()) {
            String at = open.remove();
            for (Effect effect : pointing.getOrDefault(at, List.of())) {
                effects.add(
                        new Effect(effect.kind(), effect.table(), effect.columns(), effect.target(), gone.get(at) + 1));
                if (effect.kind() == Kind.GOES && gone.putIfAbsent(effect.table(), gone.get(at) + 1) == null) {
                    open.add(effect.table());
                }
            }
        }
        return new Ripple(start.name(), effects);
    }

    private static Map<String, List<Effect>> pointing(Design design, Schema schema) {
        Map<String, List<Effect>> pointing = new HashMap<>();
        for (Table table : schema.tables()) {
            for (ForeignKey key : table.foreignKeys()) {
                if (key.enforced()) {
                    pointing.computeIfAbsent(key.target(), t -> new ArrayList<>())
                            .add(new Effect(kind(key.onDelete()), table.name(), key.columns(), key.target(), 0));
                }
            }
        }
        design.relationships().stream().forEach(r -> r.visit(t -> {}, o -> loose(design, schema, o, pointing)));
        return pointing;
    }

    private static void loose(Design design, Schema schema, OneOf oneOf, Map<String, List<Effect>> pointing) {
        if (oneOf.kept() != Keeping.KIND_AND_ID) {
            return;
        }
        schema.table(oneOf.from()).ifPresent(holder -> {
            List<String> columns = holder.columnsOf(Roles.forward(oneOf)).stream()
                    .map(Column::name)
                    .toList();
            oneOf.subjects().stream()
                    .flatMap(s -> Stream.concat(design.entity(s).stream(), Family.descendants(design, s).stream()))
                    .map(Entity::name)
                    .flatMap(s -> schema.table(s).stream())
                    .map(Table::name)
                    .distinct()
                    .forEach(s -> pointing.computeIfAbsent(s, t -> new ArrayList<>())
                            .add(new Effect(Kind.DANGLES, holder.name(), columns, s, 0)));
        });
    }

    private static Kind kind(DeleteRule rule) {
        return switch (rule) {
            case REFUSE -> Kind.REFUSES;
            case DELETE_TOO -> Kind.GOES;
            case EMPTY -> Kind.EMPTIED;
        };
    }

    /** The tables something of a kind happens to, each once, the nearest first. */
    public Set<String> tables(Kind kind) {
        return effects.stream()
                .filter(e -> e.kind() == kind)
                .map(Effect::table)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** All of it in plain sentences. */
    public String sentence() {
        if (effects.isEmpty()) {
            return "Deleting a row of " + table + " touches nothing else.";
        }
        List<String> sentences = new ArrayList<>();
        Set<String> refuse = tables(Kind.REFUSES);
        Set<String> go = tables(Kind.GOES);
        if (!refuse.isEmpty()) {
            boolean far = effects.stream().anyMatch(e -> e.kind() == Kind.REFUSES && e.distance() > 1);
            sentences.add("Deleting a row of " + table + " is refused while " + either(refuse)
                    + " has a row that points to it" + (far ? ", or to one that would go with it" : "") + ".");
        }
        if (!go.isEmpty()) {
            sentences.add((refuse.isEmpty() ? "Deleting a row of " + table + " deletes" : "Else it deletes")
                    + " what belongs to it in " + all(go) + ".");
        }
        Set<String> emptied = effects.stream()
                .filter(e -> e.kind() == Kind.EMPTIED)
                .map(e -> e.table() + "." + String.join(", ", e.columns()))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (!emptied.isEmpty()) {
            sentences.add("It empties " + all(emptied) + ".");
        }
        Set<String> dangling = tables(Kind.DANGLES);
        if (!dangling.isEmpty()) {
            sentences.add("Rows of " + all(dangling) + " go on pointing to what is gone, and no database notices.");
        }
        return String.join(" ", sentences);
    }

    private static String all(Set<String> names) {
        return joined(names, " and ");
    }

    private static String either(Set<String> names) {
        return joined(names, " or ");
    }

    private static String joined(Set<String> names, String last) {
        List<String> all = List.copyOf(names);
        return all.size() == 1
                ? all.get(0)
                : String.join(", ", all.subList(0, all.size() - 1)) + last + all.get(all.size() - 1);
    }
}
