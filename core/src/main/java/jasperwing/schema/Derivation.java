package jasperwing.schema;

import jasperwing.model.Attribute;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import jasperwing.model.Scalar;
import jasperwing.model.Tie;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Derives all tables of a design. */
final class Derivation {
    private final Design design;
    private final Dialect dialect;
    private final KeyColumns keys;
    private final ColumnTypes types;
    private final PhysicalNames names;
    private final List<Table> tables = new ArrayList<>();

    Derivation(Design design, Dialect dialect) {
        this.design = design;
        this.dialect = dialect;
        this.keys = new KeyColumns(design, dialect.nameLimit());
        this.types = new ColumnTypes(design, dialect);
        this.names = new PhysicalNames(design, dialect);
    }

    Schema run() {
        for (Entity entity : design.entities()) {
            boolean first = keys.entity(entity.name()).filter(e -> e == entity).isPresent();
            if (first && !entity.outside()) {
                tables.add(new EntityTable(design, entity, keys, types, names).derive());
                listTables(entity);
            }
        }
        for (Relationship relationship : design.relationships()) {
            if (relationship instanceof Tie tie && tie.shape() == Tie.Shape.MANY_TO_MANY) {
                joinTable(tie);
            }
        }
        return new Schema(dialect, tables);
    }

    private void listTables(Entity entity) {
        List<KeyColumns.KeyColumn> key = keys.of(entity.name());
        for (Attribute attribute : entity.attributes()) {
            if (attribute.list() && !key.isEmpty()) {
                tables.add(listTable(entity, attribute));
            }
        }
    }

    private Table listTable(Entity entity, Attribute attribute) {
        TableDraft draft = new TableDraft(names.listTable(entity, attribute), names, types);
        List<String> owner =
                draft.reference(keys.columns(Plurals.singular(names.table(entity.name())), entity.name(), ""), true);
        draft.foreignKey(owner, target(entity.name()), DeleteRule.DELETE_TOO, Optional.empty(), "owner");
        String position = draft.column("position", types.type(Type.of(Scalar.INT)), true, "");
        String element = Plurals.singular(PhysicalNames.wantedColumn(attribute));
        draft.attribute(attribute.withOptional(false), element, false, "");
        List<String> key = new ArrayList<>(owner);
        key.add(position);
        draft.primaryKey(key);
        return draft.table(
                new Table.Source.OfList(entity.name(), attribute.name()),
                attribute.notes().doc());
    }

    private void joinTable(Tie tie) {
        boolean from = keys.of(tie.from()).isEmpty();
        boolean to = keys.of(tie.to()).isEmpty();
        if (from || to) {
            return;
        }
        TableDraft draft = new TableDraft(names.joinTable(tie), names, types);
        List<String> first = draft.reference(keys.columns(Roles.linkFrom(tie), tie.from(), ""), true);
        List<String> second = draft.reference(keys.columns(Roles.linkTo(tie), tie.to(), ""), true);
        draft.foreignKey(first, target(tie.from()), DeleteRule.DELETE_TOO, Optional.empty(), Roles.linkFrom(tie));
        draft.foreignKey(second, target(tie.to()), DeleteRule.DELETE_TOO, Optional.empty(), Roles.linkTo(tie));
        draft.primaryKey(concat(first, second));
        draft.index(concat(second, first));
        tables.add(draft.table(new Table.Source.OfJoin(tie), tie.notes().doc()));
    }

    private TableDraft.Target target(String entity) {
        return TableDraft.Target.of(keys, names, entity);
    }

    private static List<String> concat(List<String> first, List<String> second) {
        List<String> all = new ArrayList<>(first);
        all.addAll(second);
        return all;
    }
}
