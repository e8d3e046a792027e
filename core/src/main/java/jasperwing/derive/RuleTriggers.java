package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.formula.Formula;
import jasperwing.formula.OverlapRule;
import jasperwing.formula.Term;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import jasperwing.naming.Step;
import jasperwing.physical.Trigger.Event;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Triggers for rules over a row that reads others along its references, and for those the design wants held so: one on the table of the row, and one
 * on each table it reads, whose rows are not changed so that a row breaks the rule.
 */
final class RuleTriggers {
    private final Design design;
    private final Schema schema;
    private final Dialect dialect;
    private final KeyColumns keys;
    private final TriggerWriter out;

    /** @param design with the members of traits in the entities that have them */
    RuleTriggers(Design design, Schema schema, TriggerWriter out) {
        this.design = design;
        this.schema = schema;
        this.dialect = schema.dialect();
        this.keys = new KeyColumns(design, dialect.nameLimit());
        this.out = out;
    }

    /** Whether all it reads lies along references that foreign keys hold, in the tables of entities that are no kinds and have none. */
    static boolean canHold(Design design, String entity, Formula formula) {
        return AgreedRoutes.hasOneTable(design, entity)
                && formula.term().all().noneMatch(Term.Aggregate.class::isInstance)
                && formula.term()
                        .all()
                        .filter(Term.Member.class::isInstance)
                        .map(Term.Member.class::cast)
                        .allMatch(m -> canRead(design, m));
    }

    private static boolean canRead(Design design, Term.Member member) {
        return (member.steps().isEmpty() || member.formula().isEmpty())
                && member.steps().stream()
                        .allMatch(s -> s.way() != Step.Way.HOLDERS
                                && s.relationship() instanceof BinaryRelationship
                                && AgreedRoutes.hasOneTable(design, s.to()));
    }

    /**
     * Those of one entity.
     *
     * @param entity as it is in the design
     * @param asked whether of its rules only those whose holder the design names are held
     */
    void of(Entity entity, boolean asked) {
        Optional<DerivedTable> table = schema.table(entity.name());
        if (table.isEmpty() || entity.outside()) {
            return;
        }
        Set<RowRule> byKeys = AgreedRoutes.of(design, entity).keySet();
        for (RowRules.SeenRule seen : RowRules.of(design, entity)) {
            if (OverlapRule.isStatedBy(seen.rule())) {
                apart(table.get(), entity.name(), seen, asked);
                continue;
            }
            RuleKept kept = seen.rule().kept();
            Formula formula =
                    Formula.condition(design, entity.name(), seen.rule().condition());
            boolean wanted = kept == RuleKept.TRIGGERS
                    || kept == RuleKept.CONSTRAINT
                            && !asked
                            && !byKeys.contains(seen.rule())
                            && !RowFormulas.isOfRow(design, dialect, entity.name(), formula);
            if (wanted
                    && formula.isSound()
                    && canHold(design, entity.name(), formula)
                    && isThere(table.get(), formula.term())) {
                new Guard(table.get(), seen, formula.term()).write();
            }
        }
    }

    private void apart(DerivedTable table, String entity, RowRules.SeenRule seen, boolean asked) {
        RowRule rule = seen.rule();
        boolean wanted = rule.kept() == RuleKept.TRIGGERS || rule.kept() == RuleKept.CONSTRAINT && !asked;
        ApartRows.of(design, entity, rule)
                .filter(a -> wanted
                        && seen.path().isEmpty()
                        && !ApartRows.isConstraint(design, dialect, rule, a)
                        && Stream.concat(Stream.of(a.from(), a.to()), a.same().stream())
                                .allMatch(m -> column(table, m.steps(), m).isPresent()))
                .ifPresent(a -> ApartRows.write(
                        out,
                        dialect,
                        table,
                        a,
                        rule.constraint().isEmpty() ? "apart_" + name(table, seen) : rule.constraint(),
                        message(table, seen),
                        m -> column(table, m.steps(), m).orElseThrow()));
    }

    private static String message(DerivedTable table, RowRules.SeenRule seen) {
        return table.name() + ": " + seen.rule().message();
    }

    private static String name(DerivedTable table, RowRules.SeenRule seen) {
        return table.name() + "_"
                + seen.about().stream().map(PhysicalNames::snake).collect(Collectors.joining("_"));
    }

    /** Writes the triggers of one rule. */
    private final class Guard {
        private final DerivedTable table;
        private final RowRules.SeenRule seen;
        private final Term term;

        Guard(DerivedTable table, RowRules.SeenRule seen, Term term) {
            this.table = table;
            this.seen = seen;
            this.term = term;
        }

        void write() {
            String message = message(table, seen);
            String name = name(table, seen);
            String given = seen.rule().constraint();
            out.refuse(
                    given.isEmpty() ? "check_" + name : given,
                    table,
                    List.of(Event.INSERT, Event.UPDATE),
                    broken(m -> value("new.", table, m, 0)),
                    message);
            for (List<Step> way : waysRead()) {
                reached(way)
                        .ifPresent(there -> out.refuse(
                                "keep_" + there.name() + "_of_" + name,
                                there,
                                List.of(Event.UPDATE),
                                brokenBy(way, there),
                                message));
            }
        }

        private String broken(Function<Term.Member, String> value) {
            return "not " + new Values(value).sql.condition(term);
        }

        /** The ways to each row it reads besides its own, the shorter ones first. */
        private Set<List<Step>> waysRead() {
            Set<List<Step>> ways = new LinkedHashSet<>();
            term.all()
                    .filter(Term.Member.class::isInstance)
                    .map(Term.Member.class::cast)
                    .forEach(m -> IntStream.rangeClosed(1, m.joins())
                            .forEach(n -> ways.add(m.steps().subList(0, n))));
            return ways;
        }

        private Optional<DerivedTable> reached(List<Step> way) {
            return schema.table(way.get(way.size() - 1).to());
        }

        /** That a row which leads to the one that is changed breaks the rule then. */
        private String brokenBy(List<Step> way, DerivedTable there) {
            String row = dialect.quote(table.name()) + ".";
            String broken = broken(m ->
                    m.joins() >= way.size() && m.steps().subList(0, way.size()).equals(way)
                            ? value("new.", there, m, way.size())
                            : value(row, table, m, 0));
            return "exists (select 1 from " + along(row, table, way, "old.") + " and " + broken + ")";
        }

        /** The row's table, and those between, joined as far as a row that is at hand. */
        private String along(String row, DerivedTable from, List<Step> way, String last) {
            StringBuilder tables = new StringBuilder(dialect.quote(from.table()));
            List<String> conditions = new ArrayList<>();
            String at = row;
            DerivedTable here = from;
            for (int i = 0; i < way.size(); i++) {
                DerivedTable there = schema.table(way.get(i).to()).orElseThrow();
                String next = i + 1 == way.size() ? last : "t" + i + ".";
                conditions.add(joined(at, here, way.get(i), next));
                if (i + 1 < way.size()) {
                    tables.append(", ")
                            .append(dialect.quote(there.table()))
                            .append(" t")
                            .append(i);
                }
                at = next;
                here = there;
            }
            return tables + " where " + String.join(" and ", conditions);
        }
    }

    /** Writes what members give; see {@link #value}. */
    private final class Values implements FormulaSql.Source {
        private final Function<Term.Member, String> value;
        private final FormulaSql sql = new FormulaSql(design, dialect, this);

        Values(Function<Term.Member, String> value) {
            this.value = value;
        }

        @Override
        public String column(Term.Member member) {
            return value.apply(member);
        }

        @Override
        public String reached(Term.Member member) {
            return sql.asText(member.leaf(), value.apply(member));
        }

        @Override
        public String many(Term.Aggregate aggregate) {
            throw new IllegalStateException("no trigger counts " + aggregate);
        }
    }

    private String joined(String at, DerivedTable here, Step step, String next) {
        Reference key = reference(here, step).orElseThrow();
        return IntStream.range(0, key.columns().size())
                .mapToObj(i -> at + dialect.quote(key.columns().get(i)) + " = " + next
                        + dialect.quote(key.targetColumns().get(i)))
                .collect(Collectors.joining(" and "));
    }

    /** Whether tables have all that is read, as those of a design with errors may not. */
    private boolean isThere(DerivedTable table, Term term) {
        return term.all()
                .filter(Term.Member.class::isInstance)
                .map(Term.Member.class::cast)
                .filter(m -> m.formula().isEmpty())
                .allMatch(m -> isThere(table, m, 0));
    }

    private boolean isThere(DerivedTable table, Term.Member member, int from) {
        List<Step> rest = member.steps().subList(from, member.steps().size());
        return from == member.joins()
                ? column(table, rest, member).isPresent()
                : reference(table, rest.get(0)).isPresent()
                        && schema.table(rest.get(0).to())
                                .filter(t -> isThere(t, member, from + 1))
                                .isPresent();
    }

    private static Optional<Reference> reference(DerivedTable table, Step step) {
        return table.references().stream()
                .filter(r -> r.enforced()
                        && r.role()
                                .filter(o -> o.name().equals(step.name())
                                        && o.relationship().equals(step.relationship()))
                                .isPresent())
                .findFirst();
    }

    /**
     * What a member gives, seen from a row.
     *
     * @param row what its columns are called by, with a point at its end
     * @param from the first of the steps that starts at the row
     */
    private String value(String row, DerivedTable table, Term.Member member, int from) {
        List<Step> steps = member.steps();
        if (from == member.joins()) {
            return row
                    + dialect.quote(column(table, steps.subList(from, steps.size()), member)
                            .orElseThrow());
        }
        DerivedTable there = schema.table(steps.get(from).to()).orElseThrow();
        String next = "r" + from + ".";
        return "(select " + value(next, there, member, from + 1) + " from " + dialect.quote(there.table()) + " r" + from
                + " where " + joined(row, table, steps.get(from), next) + ")";
    }

    private Optional<String> column(DerivedTable table, List<Step> steps, Term.Member member) {
        return steps.isEmpty()
                ? FormulaSql.find(design, columns(table, member.path().get(0).name()), member)
                : keys.repeated(m -> columns(table, m), steps, member.leaf().name());
    }

    private static List<String> columns(DerivedTable table, String member) {
        return table.columnsOf(member).stream().map(c -> c.name()).toList();
    }
}
