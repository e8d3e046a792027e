package jasperwing.schema;

import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.Attribute;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Keeping;
import jasperwing.model.Members;
import jasperwing.model.OneOf;
import jasperwing.model.Tie;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Derives the table of one entity: key attributes and references first as listed, then the rest. */
final class EntityTable {
    private final Design design;
    private final Entity entity;
    private final KeyColumns keys;
    private final ColumnTypes types;
    private final PhysicalNames names;
    private final TableDraft draft;
    private final List<String> key;

    EntityTable(Design design, Entity entity, KeyColumns keys, ColumnTypes types, PhysicalNames names) {
        this.design = design;
        this.entity = entity;
        this.keys = keys;
        this.types = types;
        this.names = names;
        this.draft = new TableDraft(names.table(entity.name()), names, types);
        this.key = keys.members(entity);
    }

    Table derive() {
        List<Role> roles = keys.rolesOf(entity.name());
        attributes(true);
        roles.forEach(this::role);
        attributes(false);
        computed();
        draft.primaryKey(columns(key));
        roles.forEach(this::uniqueRole);
        entity.uniques().forEach(this::unique);
        uniquePairs();
        return draft.table(
                new Table.Source.OfEntity(entity.name()), entity.notes().doc());
    }

    private void attributes(boolean ofKey) {
        for (Attribute attribute : entity.attributes()) {
            boolean inKey = key.contains(attribute.name());
            if (inKey == ofKey && Leaves.isInRow(design, attribute) && !attribute.isComputed()) {
                if (Leaves.value(design, attribute.type()).isPresent()) {
                    draft.value(Leaves.of(design, attribute), attribute, inKey);
                } else {
                    draft.attribute(attribute, PhysicalNames.wantedColumn(attribute), inKey, attribute.name());
                }
            }
        }
    }

    /** What is computed from the row alone is a column; the rest is left to a view. */
    private void computed() {
        for (Attribute attribute : entity.attributes()) {
            if (attribute.isComputed()) {
                Formula formula = Formula.of(design, entity.name(), attribute);
                if (formula.isSound() && formula.isLocal()) {
                    draft.computed(attribute, types.formula(ownColumns()).kept(formula.term(), attribute.type()));
                }
            }
        }
    }

    private FormulaSql.Source ownColumns() {
        return new FormulaSql.Source() {
            @Override
            public String column(Term.Member member) {
                List<String> own = draft.columnsOf(member.path().get(0).name());
                return types.quote(FormulaSql.column(design, own, member));
            }

            @Override
            public String beyond(Term term) {
                throw new IllegalStateException("a table cannot look beyond its row for " + term);
            }
        };
    }

    private void role(Role role) {
        if (role.relationship() instanceof OneOf oneOf) {
            if (oneOf.kept() == Keeping.KIND_AND_ID) {
                kindAndId(role);
            } else {
                columnEach(role);
            }
            return;
        }
        boolean required = role.must() || key.contains(role.name());
        List<String> columns = draft.reference(keys.columns(role), required);
        if (!columns.isEmpty()) {
            DeleteRule rule = role.relationship().onDelete(role.target());
            draft.foreignKey(columns, target(role.target()), rule, Optional.of(role), Words.snake(role.name()));
            draft.index(columns);
        }
    }

    private void columnEach(Role role) {
        List<List<String>> filled = new ArrayList<>();
        for (String subject : role.targets()) {
            String prefix = role.name() + "_" + Words.snake(subject);
            List<String> columns = draft.reference(keys.columns(prefix, subject, role.name()), false);
            if (!columns.isEmpty()) {
                DeleteRule rule = role.relationship().onDelete(subject);
                draft.foreignKey(columns, target(subject), rule, Optional.of(role), Words.snake(prefix));
                draft.index(columns);
                filled.add(columns);
            }
        }
        if (!filled.isEmpty()) {
            draft.check(List.of(Words.snake(role.name())), exactlyOne(filled, role.must()));
        }
    }

    /** Counts the filled references by their first columns; the further columns of a key are filled with the first. */
    private String exactlyOne(List<List<String>> references, boolean must) {
        String count = references.stream()
                .map(r -> "case when " + types.quote(r.get(0)) + " is null then 0 else 1 end")
                .collect(Collectors.joining(" + "));
        StringBuilder condition = new StringBuilder(count).append(must ? " = 1" : " <= 1");
        for (List<String> reference : references) {
            for (String further : reference.subList(1, reference.size())) {
                condition.append(" and (").append(types.quote(reference.get(0))).append(" is null) = (");
                condition.append(types.quote(further)).append(" is null)");
            }
        }
        return condition.toString();
    }

    private void kindAndId(Role role) {
        String start = Words.snake(role.name());
        int length = role.targets().stream().mapToInt(String::length).reduce(20, Math::max);
        String kind = draft.column(start + "_kind", types.type(new Type.Text(length)), role.must(), role.name());
        String id = draft.column(
                start + "_id", types.type(KeyTypes.idType(design, role.targets())), role.must(), role.name());
        String kinds = role.targets().stream().map(types::literal).collect(Collectors.joining(", "));
        String both = role.must() ? "" : " and (" + types.quote(kind) + " is null) = (" + types.quote(id) + " is null)";
        draft.check(List.of(kind), types.quote(kind) + " in (" + kinds + ")" + both);
        draft.index(List.of(kind, id));
    }

    private TableDraft.Target target(String name) {
        return TableDraft.Target.of(keys, names, name);
    }

    private List<String> columns(List<String> members) {
        return members.stream().flatMap(m -> draft.columnsOf(m).stream()).toList();
    }

    private void uniqueRole(Role role) {
        if (!role.unique()) {
            return;
        }
        if (role.relationship() instanceof OneOf oneOf && oneOf.kept() == Keeping.COLUMN_EACH) {
            draft.columnsOf(role.name()).forEach(c -> draft.unique(List.of(c)));
        } else {
            draft.unique(draft.columnsOf(role.name()));
        }
    }

    private void unique(Members members) {
        draft.unique(columns(members.names()));
    }

    /** The two references of a link are unique together, unless the link's own keys say how a pair may repeat. */
    private void uniquePairs() {
        keys.rolesOf(entity.name()).stream()
                .map(Role::relationship)
                .distinct()
                .filter(r -> r instanceof Tie t && t.via().equals(entity.name()))
                .map(r -> keys.rolesOf(entity.name()).stream()
                        .filter(role -> role.relationship() == r)
                        .map(Role::name)
                        .toList())
                .filter(pair -> !key.containsAll(pair)
                        && entity.uniques().stream().noneMatch(u -> u.names().containsAll(pair)))
                .forEach(pair -> draft.unique(columns(pair)));
    }
}
