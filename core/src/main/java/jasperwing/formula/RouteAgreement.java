package jasperwing.formula;

import jasperwing.model.Expression;
import jasperwing.model.Expression.Name;
import jasperwing.model.RowRule;
import jasperwing.naming.Words;
import java.util.List;

/** Words for the rule that two routes of roles lead to the same row. */
public final class RouteAgreement {
    private RouteAgreement() {}

    /**
     * The rule that they do.
     *
     * <pre>{@code
     * RouteAgreement.rule(Name.of("berth", "harbour"), Name.of("harbour")); // "must have the harbour of its berth": berth.harbour is harbour
     * }</pre>
     */
    public static RowRule rule(Name longer, Name shorter) {
        List<String> route = longer.path();
        String direct = shorter.path().get(0);
        boolean one = shorter.path().size() == 1;
        boolean alike = one && direct.equals(route.get(route.size() - 1));
        String as = alike ? "" : " as " + (one ? Words.spoken(direct) : spoken(shorter.path()));
        return RowRule.of("must have " + spoken(route) + as, Expression.Call.of("is", longer, shorter));
    }

    /** {@code the cruise of the station of its sample}. */
    private static String spoken(List<String> route) {
        StringBuilder words = new StringBuilder();
        for (int i = route.size() - 1; i >= 0; i--) {
            words.append(i == 0 ? "its " : "the ").append(Words.spoken(route.get(i)));
            words.append(i == 0 ? "" : " of ");
        }
        return words.toString();
    }
}
