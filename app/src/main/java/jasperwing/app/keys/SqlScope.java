package jasperwing.app.keys;

import jasperwing.app.workspace.Selection;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.GuardTriggers;
import jasperwing.derive.Schema;
import jasperwing.derive.SqlScript;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.physical.Trigger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Which tables a script creates.
 *
 * @param words what a person chooses it by
 * @param table its name, for one alone
 * @param selected whether it is the tables of what is selected
 */
record SqlScope(String words, Optional<String> table, boolean selected) {
    static final SqlScope WHOLE = new SqlScope("The whole schema", Optional.empty(), false);
    static final SqlScope SELECTED = new SqlScope("What is selected", Optional.empty(), true);

    /** All that can be chosen for a schema. */
    static List<SqlScope> of(Schema schema) {
        List<SqlScope> scopes = new ArrayList<>(List.of(WHOLE, SELECTED));
        schema.tables().forEach(t -> scopes.add(new SqlScope(t.name(), Optional.of(t.name()), false)));
        return scopes;
    }

    /** @param triggers whether all triggers of the tables are written, and not only those the design asks for */
    SqlScript script(Design design, Schema schema, Selection selection, boolean triggers) {
        List<Trigger> guards = triggers ? GuardTriggers.of(design, schema) : GuardTriggers.asked(design, schema);
        if (equals(WHOLE)) {
            return schema.script().then(triggers(schema, guards));
        }
        List<DerivedTable> tables = schema.tables().stream()
                .filter(t ->
                        selected ? isOf(t, design, schema, selection) : t.name().equals(table.orElse("")))
                .toList();
        SqlScript script = schema.script(tables);
        List<Trigger> theirs = guards.stream()
                .filter(g -> tables.stream().anyMatch(t -> t.name().equals(g.table())))
                .toList();
        return script.then(triggers(schema, theirs));
    }

    private static SqlScript triggers(Schema schema, List<Trigger> triggers) {
        return triggers.isEmpty()
                ? GuardTriggers.script(schema, triggers)
                : SqlScript.SEPARATOR.then(GuardTriggers.script(schema, triggers));
    }

    private static boolean isOf(DerivedTable table, Design design, Schema schema, Selection selection) {
        boolean ofEntity = selection.entities().stream()
                .anyMatch(e -> schema.tablesOf(design, e).stream()
                                .anyMatch(t -> t.name().equals(table.name()))
                        || table.source() instanceof DerivedTable.Source.OfList l
                                && l.entity().equals(e));
        return ofEntity
                || selection.relationship().stream()
                        .anyMatch(r -> table.references().stream()
                                        .flatMap(k -> k.role().stream())
                                        .anyMatch(role -> role.relationship().equals(r))
                                || table.source() instanceof DerivedTable.Source.OfJoin j
                                        && j.binary().equals(r)
                                || r instanceof BinaryRelationship binary
                                        && schema.table(binary.via())
                                                .filter(table::equals)
                                                .isPresent());
    }

    @Override
    public String toString() {
        return words;
    }
}
