package jasperwing.derive;

import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.Attribute;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.RuleKept;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Derives the table of the elements of a list: the owner's key, the position, and then what an element is. */
final class ListTable {
    private final EntityColumns.Making making;
    private final Entity entity;
    private final Attribute list;
    private final TableDraft draft;

    /** The columns of what elements are, by its names. */
    private final Map<List<String>, String> columns = new HashMap<>();

    ListTable(EntityColumns.Making making, Entity entity, Attribute list) {
        this.making = making;
        this.entity = entity;
        this.list = list;
        this.draft = new TableDraft(making.names().listTable(entity, list), making.names(), making.types());
    }

    DerivedTable derive() {
        String wanted = making.names().ofOwner(entity.name());
        List<String> owner = draft.reference(making.keys().columns(wanted, entity.name(), ""), true);
        DraftReferences.Target target = making.keys().target(making.names(), entity.name());
        draft.references()
                .add(
                        owner,
                        target,
                        DeleteRule.DELETE_TOO,
                        Optional.empty(),
                        making.keys().changeOfParts(target.entity()),
                        false,
                        "",
                        "owner");
        String position = draft.column("position", making.types().type(Type.of(Scalar.INT)), true, "");
        draft.check(List.of(position), making.types().quote(position) + " >= 0");
        ValueColumns.of(making.design(), list).forEach(this::element);
        List<String> key = new ArrayList<>(owner);
        key.add(position);
        draft.primaryKey(key);
        rules();
        return draft.table(
                new DerivedTable.Source.OfList(entity.name(), list.name()),
                list.notes().doc());
    }

    private void element(ValueColumns.Leaf leaf) {
        boolean value = !leaf.path().isEmpty();
        String column = PhysicalNames.wantedColumn(list);
        String wanted = value ? leaf.column().substring(column.length() + 1) : Plurals.singular(column);
        boolean optional = value && leaf.attribute().optional();
        Attribute kept = leaf.attribute().withOptional(optional).withKept(Optional.empty());
        List<String> names = leaf.names();
        columns.put(names.subList(1, names.size()), draft.attribute(kept, wanted, false, ""));
    }

    /** Those of the value that elements are. */
    private void rules() {
        Design design = making.design();
        ValueColumns.value(design, list.type()).ifPresent(value -> {
            for (RowRules.SeenRule seen : RowRules.ofElements(design, list)) {
                Formula formula = Formula.condition(design, value, seen.rule().condition());
                boolean checked = seen.rule().kept() != RuleKept.CLASSES;
                if (checked
                        && formula.isSound()
                        && formula.isLocal()
                        && formula.term().all().allMatch(this::hasColumn)) {
                    draft.check(
                            seen.rule().constraint(),
                            seen.about(),
                            making.types().formula(source()).whole(formula.term()));
                }
            }
        });
    }

    private boolean hasColumn(Term term) {
        return !(term instanceof Term.Member member)
                || member.formula().isEmpty() && columns.containsKey(names(member));
    }

    private FormulaSql.Source source() {
        return new FormulaSql.Source() {
            @Override
            public String column(Term.Member member) {
                return making.types().quote(columns.get(names(member)));
            }

            @Override
            public String reached(Term.Member member) {
                throw new IllegalStateException("an element has no roles, such as " + member);
            }

            @Override
            public String many(Term.Aggregate aggregate) {
                throw new IllegalStateException("an element has no roles, such as " + aggregate);
            }
        };
    }

    private static List<String> names(Term.Member member) {
        return member.path().stream().map(Attribute::name).toList();
    }
}
