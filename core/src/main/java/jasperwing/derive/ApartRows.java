package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.formula.Formula;
import jasperwing.formula.OverlapRule;
import jasperwing.formula.Term;
import jasperwing.model.Design;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.physical.Trigger.Event;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * That spans of rows do not overlap, such as {@code apart(startsAt, endsAt, room)}: a constraint keeps them apart in the databases that have such, triggers
 * where they are wanted.
 */
final class ApartRows {
    /** Those that no index of a span can compare with it. */
    private static final Set<Scalar> NOT_COMPARED = EnumSet.of(Scalar.BOOLEAN, Scalar.JSON, Scalar.BINARY);

    private ApartRows() {}

    /** What a rule of an entity says of spans; empty where it says something else, is wrong, or rows lie in the tables of kinds. */
    static Optional<OverlapRule> of(Design design, String entity, RowRule rule) {
        return OverlapRule.isStatedBy(rule) && AgreedRoutes.hasOneTable(design, entity)
                ? OverlapRule.of(Formula.condition(design, entity, rule.condition()))
                : Optional.empty();
    }

    /** Whether a constraint keeps them apart. */
    static boolean isConstraint(Design design, Dialect dialect, RowRule rule, OverlapRule apart) {
        return rule.kept() == RuleKept.CONSTRAINT
                && dialect.excludesOverlaps()
                && range(apart).isPresent()
                && Stream.concat(Stream.of(apart.from(), apart.to()), apart.same().stream())
                        .noneMatch(m -> hasOwnType(dialect, m))
                && apart.same().stream()
                        .allMatch(m -> isCompared(design, m.leaf().type()));
    }

    private static boolean hasOwnType(Dialect dialect, Term.Member member) {
        return member.leaf().notes().stored().types().containsKey(dialect.word());
    }

    private static boolean isCompared(Design design, Type type) {
        return type.match(
                text -> true,
                decimal -> true,
                plain -> !NOT_COMPARED.contains(plain.scalar()),
                named -> design.enumType(named.name()).isPresent());
    }

    /** The function that makes a span; empty where there is none. */
    static Optional<String> range(OverlapRule apart) {
        return Optional.ofNullable(
                switch (apart.from().kind()) {
                    case DATE -> "daterange";
                    case TIMESTAMP -> "tstzrange";
                    case LOCAL_TIMESTAMP -> "tsrange";
                    case WHOLE -> "int8range";
                    case DECIMAL -> "numrange";
                    default -> null;
                });
    }

    /** Adds the constraint, where the row has all the columns. */
    static void exclude(TableDraft draft, DraftRow row, RowRules.SeenRule seen, OverlapRule apart) {
        List<String> span = row.columns(List.of(apart.from(), apart.to()));
        List<String> same = row.columns(apart.same());
        if (span.size() == 2
                && same.size() == apart.same().size()
                && seen.path().isEmpty()) {
            draft.exclude(seen.rule().constraint(), seen.about(), range(apart).orElseThrow(), span, same);
        }
    }

    /**
     * Writes the triggers that refuse a row whose span overlaps that of another.
     *
     * @param name of what is refused
     * @param column what a table calls a member of its rows
     */
    static void write(
            TriggerWriter out,
            Dialect dialect,
            DerivedTable table,
            OverlapRule apart,
            String name,
            String message,
            Function<Term.Member, String> column) {
        if (table.keyColumns().isEmpty()) {
            return;
        }
        String from = dialect.quote(column.apply(apart.from()));
        String to = dialect.quote(column.apply(apart.to()));
        String same = apart.same().stream()
                .map(m -> dialect.quote(column.apply(m)))
                .map(c -> "t." + c + " = new." + c + " and ")
                .collect(Collectors.joining());
        String overlaps = same
                + Stream.of(
                                List.of("t." + from, "new." + to),
                                List.of("new." + from, "t." + to),
                                List.of("t." + from, "t." + to),
                                List.of("new." + from, "new." + to))
                        .map(s -> "(" + s.get(0) + " is null or " + s.get(1) + " is null or " + s.get(0) + " < "
                                + s.get(1) + ")")
                        .collect(Collectors.joining(" and "));
        String itself = table.keyColumns().stream()
                .map(dialect::quote)
                .map(k -> "t." + k + " = old." + k)
                .collect(Collectors.joining(" and "));
        String others = "exists (select 1 from " + dialect.quote(table.table()) + " t where " + overlaps;
        out.refuse(name + "_insert", table, List.of(Event.INSERT), others + ")", message);
        out.refuse(name + "_update", table, List.of(Event.UPDATE), others + " and not (" + itself + "))", message);
    }
}
