package jasperwing.derive;

import jasperwing.model.Design;
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

/**
 * What deleting one row of a table does everywhere.
 *
 * @param table the table the row is deleted from
 * @param effects the nearest first, those as near in the order of the schema
 */
public record DeleteImpact(String table, List<Effect> effects) {
    public DeleteImpact {
        effects = List.copyOf(effects);
    }

    /**
     * What happens to the rows of one table by one reference.
     *
     * @param table whose rows they are
     * @param columns they point by
     * @param target the table of the row that goes
     * @param distance how many deletes lead there, from 1
     */
    public record Effect(DeleteEffect kind, String table, List<String> columns, String target, int distance) {
        public Effect {
            columns = List.copyOf(columns);
        }
    }

    /** Linear in the tables and keys reached. */
    public static DeleteImpact of(Design design, Schema schema, DerivedTable start) {
        Map<String, List<Effect>> pointing = pointing(design, schema);
        Map<String, Integer> gone = new LinkedHashMap<>(Map.of(start.name(), 0));
        Deque<String> open = new ArrayDeque<>(List.of(start.name()));
        List<Effect> effects = new ArrayList<>();
        while (!open.isEmpty()) {
            String at = open.remove();
            for (Effect effect : pointing.getOrDefault(at, List.of())) {
                effects.add(
                        new Effect(effect.kind(), effect.table(), effect.columns(), effect.target(), gone.get(at) + 1));
                if (effect.kind() == DeleteEffect.DELETES
                        && gone.putIfAbsent(effect.table(), gone.get(at) + 1) == null) {
                    open.add(effect.table());
                }
            }
        }
        return new DeleteImpact(start.name(), effects);
    }

    private static Map<String, List<Effect>> pointing(Design design, Schema schema) {
        Map<String, List<Effect>> pointing = new HashMap<>();
        for (DerivedTable table : schema.tables()) {
            for (Reference key : table.references()) {
                if (key.enforced()) {
                    pointing.computeIfAbsent(key.target(), t -> new ArrayList<>())
                            .add(new Effect(key.effect(), table.name(), key.columns(), key.target(), 0));
                }
            }
        }
        for (LooseReference loose : LooseReference.all(design, schema)) {
            for (DerivedTable target : loose.targets()) {
                pointing.computeIfAbsent(target.name(), t -> new ArrayList<>())
                        .add(new Effect(
                                DeleteEffect.DANGLES, loose.holder().name(), loose.columns(), target.name(), 0));
            }
        }
        return pointing;
    }

    /** The tables something of a kind happens to, each once, the nearest first. */
    public Set<String> tables(DeleteEffect kind) {
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
        Set<String> refuse = tables(DeleteEffect.REFUSES);
        Set<String> go = tables(DeleteEffect.DELETES);
        if (!refuse.isEmpty()) {
            boolean far = effects.stream().anyMatch(e -> e.kind() == DeleteEffect.REFUSES && e.distance() > 1);
            sentences.add("Deleting a row of " + table + " is refused while " + either(refuse)
                    + " has a row that points to it" + (far ? ", or to one that would go with it" : "") + ".");
        }
        if (!go.isEmpty()) {
            sentences.add((refuse.isEmpty() ? "Deleting a row of " + table + " deletes" : "Else it deletes")
                    + " what belongs to it in " + all(go) + ".");
        }
        Set<String> emptied = effects.stream()
                .filter(e -> e.kind() == DeleteEffect.EMPTIES)
                .map(e -> e.table() + "." + String.join(", ", e.columns()))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (!emptied.isEmpty()) {
            sentences.add("It empties " + all(emptied) + ".");
        }
        Set<String> dangling = tables(DeleteEffect.DANGLES);
        if (!dangling.isEmpty()) {
            sentences.add("Rows of " + all(dangling)
                    + " are left pointing to rows that no longer exist; the database does not notice.");
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
