package jasperwing.derive;

import jasperwing.formula.Formula;
import jasperwing.formula.OverlapRule;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Indexing;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindsKept;
import jasperwing.model.Members;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.RuleKept;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Adds what one entity keeps to a table: its own, or one that keeps several kinds. There, what a kind keeps is empty in the rows of the
 * others.
 */
final class EntityColumns {
    private final Design design;
    private final Entity entity;
    private final KeyColumns keys;
    private final ColumnTypes types;
    private final PhysicalNames names;
    private final TableDraft draft;
    private final DraftRow row;
    private final List<String> line;
    private final Optional<DerivedTable.Kinds> among;
    private final List<String> key;
    private final List<Attribute> inKey = new ArrayList<>();
    private final List<Attribute> others = new ArrayList<>();
    private final List<Attribute> computed = new ArrayList<>();
    private final List<String> filled = new ArrayList<>();

    /**
     * Adds to a draft.
     *
     * @param line the owners of its members, as {@link TableDraft#of} takes them
     * @param among its rows, where rows of other kinds lie in the table too; else empty
     */
    EntityColumns(
            Making making, TableDraft draft, Entity entity, List<String> line, Optional<DerivedTable.Kinds> among) {
        this.design = making.design();
        this.entity = entity;
        this.keys = making.keys();
        this.types = making.types();
        this.names = making.names();
        this.draft = draft;
        this.row = new DraftRow(making, draft, entity.name());
        this.line = line;
        this.among = among;
        this.key = keys.members(entity);
        entity.attributes().forEach(this::sort);
    }

    private void sort(Attribute attribute) {
        if (attribute.isComputed()) {
            computed.add(attribute);
        } else if (ValueColumns.isInRow(design, attribute)) {
            (key.contains(attribute.name()) ? inKey : others).add(attribute);
        }
    }

    /** What tables are made with. */
    record Making(Design design, KeyColumns keys, ColumnTypes types, PhysicalNames names) {}

    void keyAttributes() {
        draft.of(line);
        inKey.forEach(a -> attribute(a, true));
    }

    /** References, then the attributes that are not in the key, then what the row alone computes. */
    void rest() {
        draft.of(line);
        keys.rolesOf(entity.name()).forEach(this::role);
        others.forEach(a -> attribute(a, false));
        computed();
    }

    List<String> key() {
        draft.of(line);
        return columns(key);
    }

    void uniques() {
        draft.of(line);
        keys.rolesOf(entity.name()).forEach(this::uniqueRole);
        entity.uniques().forEach(this::unique);
        entity.indexes().forEach(this::index);
        RowRules.of(design, entity).forEach(this::rule);
        uniquePairs();
        among.ifPresent(this::kindsOwn);
    }

    private void attribute(Attribute attribute, boolean ofKey) {
        Type type = ColumnTypes.inTable(design, entity, attribute);
        Attribute typed = type == attribute.type() ? attribute : attribute.withType(type);
        Attribute kept = among.isEmpty() ? typed : empty(typed);
        if (ValueColumns.value(design, attribute.type()).isPresent()) {
            draft.value(ValueColumns.of(design, kept), kept, ofKey);
        } else {
            draft.attribute(kept, PhysicalNames.wantedColumn(design, entity, attribute), ofKey, attribute.name());
        }
        if (!attribute.optional() && among.isPresent()) {
            requiredColumn(attribute).ifPresent(filled::add);
        }
    }

    /** The first column that every row with the attribute fills; none when all parts of a value may be missing. */
    private Optional<String> requiredColumn(Attribute attribute) {
        List<String> columns = draft.columnsOf(attribute.name());
        if (ValueColumns.value(design, attribute.type()).isEmpty()) {
            return columns.stream().findFirst();
        }
        List<ValueColumns.Leaf> leaves = ValueColumns.of(design, attribute);
        return IntStream.range(0, Math.min(leaves.size(), columns.size()))
                .filter(i -> !leaves.get(i).optional())
                .mapToObj(columns::get)
                .findFirst();
    }

    /** What the rows of other kinds leave empty: neither counted up nor filled in unasked. */
    private static Attribute empty(Attribute attribute) {
        Attribute free =
                attribute.withOptional(true).withDefault(Optional.empty()).withStamp(Optional.empty());
        return attribute.type().is(Scalar.SERIAL) ? free.withType(Type.of(Scalar.BIG_INT)) : free;
    }

    /** That rows of the kind are filled where they must be, and rows of others empty. */
    private void kindsOwn(DerivedTable.Kinds kinds) {
        List<String> own = draft.filledBy(entity.name()).stream()
                .filter(c -> draft.canBeChecked(List.of(c)))
                .toList();
        if (own.isEmpty()) {
            return;
        }
        String others = own.stream().map(c -> types.quote(c) + " is null").collect(Collectors.joining(" and "));
        String its = filled.stream()
                .map(c -> " and " + types.quote(c) + " is not null")
                .collect(Collectors.joining());
        String condition = kinds.names().isEmpty()
                ? others
                : its.isEmpty()
                        ? isOf(kinds) + " or " + others
                        : isOf(kinds) + its + " or " + types.quote(kinds.column()) + " not in (" + list(kinds.names())
                                + ") and " + others;
        draft.check(List.of(Words.snake(entity.name()), kinds.column()), condition);
    }

    private String isOf(DerivedTable.Kinds kinds) {
        return types.quote(kinds.column()) + " in (" + list(kinds.names()) + ")";
    }

    private String list(List<String> texts) {
        return texts.stream().map(types::literal).collect(Collectors.joining(", "));
    }

    /** What is computed from the row alone is a column; the rest is left to a view. */
    private void computed() {
        for (Attribute attribute : computed) {
            Formula formula = Formula.of(design, entity.name(), attribute);
            if (row.has(formula) && RowFormulas.canBeColumn(types.dialect(), formula)) {
                String sql = row.sql("").kept(formula.term(), attribute.type());
                draft.computed(attribute, among.map(k -> ofKind(k, sql)).orElse(sql));
            }
        }
    }

    private String ofKind(DerivedTable.Kinds kinds, String sql) {
        return kinds.names().isEmpty() ? "null" : "case when " + isOf(kinds) + " then " + sql + " end";
    }

    private void role(Role role) {
        if (role.relationship() instanceof PolymorphicRelationship oneOf) {
            if (oneOf.kept() == PolymorphicMapping.KIND_AND_ID) {
                kindAndId(role);
            } else {
                columnEach(role);
            }
            return;
        }
        boolean must = role.must() || key.contains(role.name());
        List<String> columns = draft.reference(keys.columns(role), must && among.isEmpty());
        if (!columns.isEmpty()) {
            DeleteRule rule = role.relationship().onDelete(role.target());
            draft.references()
                    .add(
                            columns,
                            target(role.target()),
                            rule,
                            Optional.of(role),
                            new GivenNames(role.relationship()).foreignKey(GivenNames.index(role)),
                            Words.snake(role.name()));
            draft.index(columns);
            if (columns.size() > 1 && !(must && among.isEmpty())) {
                draft.check(List.of(Words.snake(role.name())), columns, before -> filledTogether(columns, before));
            }
            if (must) {
                filled.addAll(columns);
            }
        }
    }

    private void columnEach(Role role) {
        GivenNames given = new GivenNames(role.relationship());
        int added = 0;
        List<List<String>> subjects = new ArrayList<>();
        for (String subject : role.targets()) {
            String prefix = role.name() + "_" + Words.snake(subject);
            List<KeyColumns.KeyColumn> wanted = given.named(added, keys.columns(prefix, subject, role.name()));
            List<String> columns = draft.reference(wanted, false);
            added += columns.size();
            if (!columns.isEmpty()) {
                DeleteRule rule = role.relationship().onDelete(subject);
                draft.references()
                        .add(
                                columns,
                                target(subject),
                                rule,
                                Optional.of(role),
                                given.foreignKey(role.targets().indexOf(subject)),
                                Words.snake(prefix));
                draft.index(columns);
                subjects.add(columns);
            }
        }
        List<String> all = subjects.stream().flatMap(List::stream).toList();
        if (!subjects.isEmpty()) {
            draft.check(
                    List.of(Words.snake(role.name())),
                    all,
                    before -> ofItsKind(role, before, exactlyOne(subjects, role.must(), before)));
        }
    }

    /** What must be filled must be so in the rows of the kind alone. */
    private String ofItsKind(Role role, String before, String condition) {
        return role.must() ? inItsKind(before, condition) : condition;
    }

    private String inItsKind(String before, String condition) {
        return among.filter(k -> !k.names().isEmpty())
                .map(k -> before + types.quote(k.column()) + " not in (" + list(k.names()) + ") or " + condition)
                .orElse(condition);
    }

    /** A foreign key of several columns is not checked while one of them is empty, so that the others could point to nothing. */
    private String filledTogether(List<String> columns, String before) {
        String first = before + types.quote(columns.get(0));
        return columns.stream()
                .skip(1)
                .map(c -> types.dialect().nullTogether(first, before + types.quote(c)))
                .collect(Collectors.joining(" and "));
    }

    /** Counts the filled references by their first columns; the further columns of a key are filled with the first. */
    private String exactlyOne(List<List<String>> references, boolean must, String before) {
        String count = references.stream()
                .map(r -> "case when " + before + types.quote(r.get(0)) + " is null then 0 else 1 end")
                .collect(Collectors.joining(" + "));
        StringBuilder condition = new StringBuilder(count).append(must ? " = 1" : " <= 1");
        references.stream()
                .filter(r -> r.size() > 1)
                .forEach(r -> condition.append(" and ").append(filledTogether(r, before)));
        return condition.toString();
    }

    private void kindAndId(Role role) {
        String start = Words.snake(role.name());
        int length = role.targets().stream().mapToInt(String::length).reduce(20, Math::max);
        boolean required = role.must() && among.isEmpty();
        GivenNames given = new GivenNames(role.relationship());
        String kind = draft.column(
                given.column(0, start + "_kind"), types.type(new Type.Text(length)), required, role.name());
        String id = draft.column(
                given.column(1, start + "_id"),
                types.idType(KeyTypes.idType(design, role.targets())),
                required,
                role.name());
        if (role.must()) {
            filled.addAll(List.of(kind, id));
        }
        String both = required ? "" : " and " + types.dialect().nullTogether(types.quote(kind), types.quote(id));
        draft.check(List.of(kind), types.quote(kind) + " in (" + list(role.targets()) + ")" + both);
        draft.index(List.of(kind, id));
    }

    private DraftReferences.Target target(String name) {
        return keys.target(names, name);
    }

    private List<String> columns(List<String> members) {
        List<String> columns = new ArrayList<>(1);
        members.stream().distinct().forEach(m -> columns.addAll(draft.columnsOf(m)));
        return columns;
    }

    private void uniqueRole(Role role) {
        if (!role.unique()) {
            return;
        }
        if (role.relationship() instanceof PolymorphicRelationship oneOf
                && oneOf.kept() == PolymorphicMapping.COLUMN_EACH) {
            draft.columnsOf(role.name()).forEach(c -> draft.unique(List.of(c)));
        } else {
            draft.unique(draft.columnsOf(role.name()));
        }
    }

    /** Left out where a member of what it is a kind of lies in another table. */
    private void unique(Members members) {
        boolean apart = InheritanceTree.isKept(design, entity.name(), KindsKept.TABLE_EACH)
                && members.names().stream().anyMatch(this::isInherited);
        if (!apart) {
            draft.unique(columns(members.names()), members.constraint());
        }
    }

    /** Left out where its condition is wrong or looks beyond the row. */
    private void index(Indexing index) {
        Optional<Formula> where = index.where().map(w -> Formula.condition(design, entity.name(), w));
        boolean apart = InheritanceTree.isKept(design, entity.name(), KindsKept.TABLE_EACH)
                && index.named().stream().anyMatch(this::isInherited);
        boolean sound = where.filter(f -> !row.has(f)
                        || !types.dialect().indexesSomeRows()
                                && index.unique()
                                && !RowFormulas.canBeColumn(types.dialect(), f))
                .isEmpty();
        if (sound && !apart && among.isEmpty()) {
            String sql = where.map(f -> row.sql("").condition(f.term())).orElse("");
            List<String> found = columns(index.members().names());
            if (index.unique()) {
                draft.uniqueAmong(found, sql, index.members().constraint());
            } else {
                draft.index(
                        found, columns(index.covered()), sql, index.members().constraint());
            }
        }
    }

    /** Left out where it is wrong or looks beyond the row. */
    private void rule(RowRules.SeenRule seen) {
        if (OverlapRule.isStatedBy(seen.rule())) {
            ApartRows.of(design, entity.name(), seen.rule())
                    .filter(a -> ApartRows.isConstraint(design, types.dialect(), seen.rule(), a))
                    .ifPresent(a -> ApartRows.exclude(draft, row, seen, a));
            return;
        }
        Formula formula = Formula.condition(design, entity.name(), seen.rule().condition());
        boolean rows = among.filter(k -> k.names().isEmpty()).isEmpty();
        if (rows && seen.rule().kept() == RuleKept.CONSTRAINT && row.has(formula)) {
            draft.check(
                    seen.rule().constraint(),
                    seen.about(),
                    row.columns(formula),
                    before -> inItsKind(before, row.sql(before).whole(formula.term())));
        }
    }

    private boolean isInherited(String member) {
        return InheritanceTree.ancestors(design, entity.name()).stream()
                .anyMatch(a -> a.attribute(member).isPresent()
                        || keys.rolesOf(a.name()).stream()
                                .anyMatch(r -> r.name().equals(member)));
    }

    /** The two references of a link are unique together, unless the link's own keys say how a pair may repeat. */
    private void uniquePairs() {
        if (!design.isLink(entity.name())) {
            return;
        }
        keys.rolesOf(entity.name()).stream()
                .map(Role::relationship)
                .distinct()
                .filter(r -> r instanceof BinaryRelationship t && t.via().equals(entity.name()))
                .map(r -> keys.rolesOf(entity.name()).stream()
                        .filter(role -> role.relationship() == r)
                        .map(Role::name)
                        .toList())
                .filter(pair -> !key.containsAll(pair)
                        && entity.uniques().stream().noneMatch(u -> u.names().containsAll(pair)))
                .forEach(pair -> draft.unique(columns(pair)));
    }
}
