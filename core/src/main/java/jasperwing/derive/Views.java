package jasperwing.derive;

import jasperwing.derive.RoleJoins.Aliased;
import jasperwing.derive.RoleJoins.Joined;
import jasperwing.formula.Formula;
import jasperwing.formula.Term;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Step;
import jasperwing.physical.Column;
import jasperwing.physical.SqlExpression;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Derives the views of a design from its tables. */
final class Views {
    private final Design design;
    private final Schema schema;
    private final PhysicalNames names;
    private final ColumnTypes types;

    Views(Design design, Schema schema, PhysicalNames names) {
        this.types = new ColumnTypes(design, schema.dialect(), names);
        this.design = design;
        this.schema = schema;
        this.names = names;
    }

    /** In the order of the entities. */
    List<ComputedView> derive() {
        return design.entities().stream()
                .filter(Views::computesAny)
                .flatMap(e -> schema.rows(e.name()).flatMap(t -> view(e, t)).stream())
                .toList();
    }

    private static boolean computesAny(Entity entity) {
        for (Attribute attribute : entity.attributes()) {
            if (attribute.isComputed()) {
                return true;
            }
        }
        return false;
    }

    private Optional<ComputedView> view(Entity entity, DerivedTable table) {
        Identifiers columnNames = names.columns();
        table.columns().forEach(c -> columnNames.take(c.name()));
        List<ComputedView.Computed> columns = new ArrayList<>();
        for (Attribute attribute : entity.attributes()) {
            if (attribute.isComputed()) {
                Formula formula = Formula.of(design, entity.name(), attribute);
                boolean ofRow = RowFormulas.isOfRow(design, schema.dialect(), entity.name(), formula);
                if (formula.isSound() && !ofRow && isReadable(table, formula.term())) {
                    String name = columnNames.take(PhysicalNames.wantedColumn(attribute));
                    columns.add(new ComputedView.Computed(
                            name, SqlExpression.of(sql(table, formula.term(), attribute)), attribute.name()));
                }
            }
        }
        return columns.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new ComputedView(names.view(entity), entity.name(), table.name(), columns, ofKind(table)));
    }

    /** Whether all rows it needs can be joined: none can where an end has no key. */
    private boolean isReadable(DerivedTable table, Term term) {
        RoleJoins joins = new RoleJoins(schema);
        return isReadable(joins, joins.under(table, ""), term);
    }

    private static boolean isReadable(RoleJoins joins, Aliased row, Term term) {
        return term.match(
                constant -> true,
                member -> reached(joins, row, member.steps())
                        .filter(there -> isReadable(joins, there, member))
                        .isPresent(),
                apply -> apply.arguments().stream().allMatch(a -> isReadable(joins, row, a)),
                aggregate -> reached(joins, row, aggregate.steps())
                        .filter(there -> Stream.concat(aggregate.of().stream(), aggregate.where().stream())
                                .allMatch(t -> isReadable(joins, there, t)))
                        .isPresent());
    }

    /** An attribute of the row itself. */
    private static boolean isReadable(RoleJoins joins, Aliased row, Term.Member member) {
        if (member.formula().isPresent()) {
            return isReadable(joins, row, member.formula().get().term());
        }
        Aliased from = joins.ancestor(row, member.entity()).map(Joined::table).orElse(row);
        return !from.table().columnsOf(member.path().get(0).name()).isEmpty();
    }

    private static Optional<Aliased> reached(RoleJoins joins, Aliased row, List<Step> steps) {
        if (steps.isEmpty()) {
            return Optional.of(row);
        }
        List<Joined> all = joined(joins, row, steps);
        return all.isEmpty()
                ? Optional.empty()
                : Optional.of(all.get(all.size() - 1).table());
    }

    private Optional<SqlExpression> ofKind(DerivedTable table) {
        RoleJoins joins = new RoleJoins(schema);
        return joins.ofKind(joins.under(table, schema.dialect().quote(table.name())))
                .map(SqlExpression::of);
    }

    private String sql(DerivedTable table, Term term, Attribute attribute) {
        RoleJoins joins = new RoleJoins(schema);
        String alias = schema.dialect().quote(table.name());
        FormulaSql sql = at(joins, joins.under(table, alias));
        return sql.cast(
                sql.kept(term, attribute.type()),
                attribute.type(),
                types.dialect()
                        .write(types.type(
                                attribute.type(), attribute.notes().stored().types())));
    }

    /** Formulas about the row a statement knows by an alias. */
    private FormulaSql at(RoleJoins joins, Aliased row) {
        return new FormulaSql(design, schema.dialect(), new FormulaSql.Source() {
            @Override
            public String column(Term.Member member) {
                Optional<Joined> elsewhere = joins.ancestor(row, member.entity());
                Aliased from = elsewhere.map(Joined::table).orElse(row);
                List<String> columns = from
                        .table()
                        .columnsOf(member.path().get(0).name())
                        .stream()
                        .map(Column::name)
                        .toList();
                String column = joins.column(from, FormulaSql.column(design, columns, member));
                return elsewhere
                        .map(e -> "(select " + column + from(joins, List.of(e)) + ")")
                        .orElse(column);
            }

            @Override
            public String reached(Term.Member member) {
                return reachedText(joins, row, member);
            }

            @Override
            public String many(Term.Aggregate aggregate) {
                return manyText(joins, row, aggregate);
            }
        });
    }

    private String reachedText(RoleJoins joins, Aliased row, Term.Member member) {
        List<Joined> all = joined(joins, row, member.steps());
        Aliased there = all.get(all.size() - 1).table();
        Term.Member own = new Term.Member(
                List.of(),
                member.entity(),
                member.path(),
                member.kind(),
                member.nullable(),
                member.formula(),
                0,
                false);
        return "(select " + at(joins, there).text(own) + from(joins, all) + ")";
    }

    /** Each row there counts once, however many ways lead to it. */
    private String manyText(RoleJoins joins, Aliased row, Term.Aggregate aggregate) {
        List<Joined> all = joined(joins, row, aggregate.steps());
        Joined last = all.get(all.size() - 1);
        FormulaSql sql = at(joins, last.table());
        String start = "(select " + sql.aggregate(aggregate, aggregate.of().map(sql::text)) + " from "
                + joins.named(last.table()) + " where ";
        String where = aggregate.where().map(w -> " and " + sql.condition(w)).orElse("");
        if (all.size() == 1) {
            return start + last.condition() + where + ")";
        }
        return start + "exists (select 1" + from(joins, all.subList(0, all.size() - 1)) + " and " + last.condition()
                + ")" + where + ")";
    }

    /** Empty where a step cannot be joined. */
    private static List<Joined> joined(RoleJoins joins, Aliased row, List<Step> steps) {
        List<Joined> all = new ArrayList<>();
        Aliased at = row;
        for (Step step : steps) {
            List<Joined> next = joins.of(at, step);
            if (next.isEmpty()) {
                return List.of();
            }
            all.addAll(next);
            at = all.get(all.size() - 1).table();
        }
        return all;
    }

    /** The first table joined is selected from, and its condition comes last. */
    private static String from(RoleJoins joins, List<Joined> all) {
        StringBuilder from =
                new StringBuilder(" from ").append(joins.named(all.get(0).table()));
        all.subList(1, all.size()).forEach(j -> from.append(" join ")
                .append(joins.named(j.table()))
                .append(" on ")
                .append(j.condition()));
        return from.append(" where ").append(all.get(0).condition()).toString();
    }
}
