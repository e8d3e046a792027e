package jasperwing.formula;

import jasperwing.model.Expression;
import jasperwing.model.RowRule;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * That no two rows that have something the same have spans that overlap: {@code apart(startsAt, endsAt, room)}. A span has its beginning and not its end;
 * one that is null is without bound, and one that ends where it begins, or before, overlaps none.
 *
 * @param same what is the same, of a role each part of its key; empty to compare all rows
 */
public record OverlapRule(Term.Member from, Term.Member to, List<Term.Member> same) {
    /** How a condition says it. */
    public static final String FUNCTION = "apart";

    /** What begins and ends. */
    private static final Set<Kind> SPANS =
            Set.of(Kind.DATE, Kind.TIME, Kind.TIMESTAMP, Kind.LOCAL_TIMESTAMP, Kind.WHOLE, Kind.DECIMAL);

    public OverlapRule {
        same = List.copyOf(same);
    }

    /** What a condition says of spans; empty when it says something else. */
    public static Optional<OverlapRule> of(Formula condition) {
        return condition.isSound() && isStatedBy(condition.term())
                ? Optional.of(of(((Term.Apply) condition.term())
                        .arguments().stream().map(Term.Member.class::cast).toList()))
                : Optional.empty();
    }

    private static OverlapRule of(List<Term.Member> members) {
        return new OverlapRule(members.get(0), members.get(1), members.subList(2, members.size()));
    }

    /** Whether a beginning, an end and what is the same are stored in the row, and of kinds that can be compared. */
    static boolean isOf(List<Term> all) {
        Kind span = all.get(0).kind();
        return span == all.get(1).kind()
                && SPANS.contains(span)
                && all.stream()
                        .allMatch(t -> t instanceof Term.Member m
                                && m.formula().isEmpty()
                                && m.isInRow()
                                && m.kind() != Kind.OTHER);
    }

    static boolean isStatedBy(Term term) {
        return term instanceof Term.Apply apply && apply.operation().equals(FUNCTION);
    }

    /** Whether a rule says it, whether its formula is sound or not. */
    public static boolean isStatedBy(RowRule rule) {
        return rule.condition() instanceof Expression.Call call
                && call.function().equals(FUNCTION);
    }
}
