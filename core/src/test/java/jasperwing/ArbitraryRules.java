package jasperwing;

import jasperwing.model.Expression;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Rules over rows, whether they mean something or not. */
final class ArbitraryRules {
    private ArbitraryRules() {}

    static Arbitrary<RowRule> all() {
        Arbitrary<String> messages =
                Arbitraries.of("must end after it starts", "a \"b\" #c", "\\", "é", "${x} {y}", "rule: 1 < 2");
        return Combinators.combine(
                        messages,
                        conditions(),
                        Arbitraries.of(RuleKept.values()),
                        Arbitraries.of("", "", "ck \"1\""),
                        Designs.comments(false))
                .as(RowRule::new);
    }

    private static Arbitrary<Expression> conditions() {
        Arbitrary<Expression> members =
                Designs.names().list().ofMinSize(1).ofMaxSize(2).map(Expression.Name::new);
        Arbitrary<Expression> compared = Combinators.combine(Arbitraries.of("=", "<>", "<", ">="), members, members)
                .as((sign, a, b) -> Expression.Call.of(sign, a, b));
        Arbitrary<Expression> same = Combinators.combine(members, members).as((a, b) -> Expression.Call.of("is", a, b));
        Arbitrary<Expression> any = Combinators.combine(Arbitraries.of("and", "or", "is null"), compared, members)
                .as((word, condition, member) -> word.equals("is null")
                        ? Expression.Call.of("or", Expression.Call.of(word, member), condition)
                        : Expression.Call.of(word, condition, condition));
        Arbitrary<Expression> some = Combinators.combine(members, any)
                .as((many, condition) -> Expression.Call.of(
                        ">=",
                        Expression.Call.of("count", Expression.Call.of(Expression.WHERE, many, condition)),
                        Expression.Call.of("count", many)));
        return Arbitraries.oneOf(any, same, some);
    }
}
