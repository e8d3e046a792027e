package jasperwing.notation;

import jasperwing.model.Expression;
import jasperwing.model.Literal;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Writes formulas with no more parentheses than they need. */
final class ExpressionPrinter {
    private static final int ATOM = 8;

    /** How strongly operators bind; the others are written as functions. */
    private static final Map<String, Integer> STRENGTHS = Map.ofEntries(
            Map.entry(Expression.WHERE, 0),
            Map.entry("or", 1),
            Map.entry("and", 2),
            Map.entry("not", 3),
            Map.entry("is null", 4),
            Map.entry("is not null", 4),
            Map.entry("is", 4),
            Map.entry("between", 4),
            Map.entry("in", 4),
            Map.entry("=", 4),
            Map.entry("<>", 4),
            Map.entry("<", 4),
            Map.entry("<=", 4),
            Map.entry(">", 4),
            Map.entry(">=", 4),
            Map.entry("||", 5),
            Map.entry("+", 5),
            Map.entry("-", 5),
            Map.entry("*", 6),
            Map.entry("/", 6),
            Map.entry("neg", 7));

    private ExpressionPrinter() {}

    static String text(Expression expression) {
        return expression.match(
                name -> name.path().stream().map(ExpressionPrinter::name).collect(Collectors.joining(".")),
                constant -> literal(constant.literal()),
                ExpressionPrinter::call);
    }

    private static String literal(Literal literal) {
        return literal.kind() == Literal.Kind.TEXT ? Quoting.string(literal.text()) : literal.text();
    }

    private static String name(String name) {
        return ExpressionParser.WORDS.contains(name) ? "`" + name + "`" : Quoting.leadingName(name);
    }

    private static int strength(Expression expression) {
        return expression instanceof Expression.Call call ? STRENGTHS.getOrDefault(call.function(), ATOM) : ATOM;
    }

    /** The operand, in parentheses where it binds less than it must. */
    private static String operand(Expression expression, int least) {
        String text = text(expression);
        return strength(expression) < least ? "(" + text + ")" : text;
    }

    /** A sign does not follow an operator. */
    private static String right(Expression expression, int least) {
        String text = operand(expression, least);
        return text.startsWith("-") ? "(" + text + ")" : text;
    }

    private static String call(Expression.Call call) {
        List<Expression> all = call.arguments();
        int strength = STRENGTHS.getOrDefault(call.function(), ATOM);
        return switch (call.function()) {
            case "not" -> "not " + operand(all.get(0), 3);
            case "neg" -> all.get(0) instanceof Expression.Constant
                    ? "-(" + text(all.get(0)) + ")"
                    : "-" + operand(all.get(0), 7);
            case "is null", "is not null" -> operand(all.get(0), 5) + " " + call.function();
            case "between" -> operand(all.get(0), 5) + " between " + operand(all.get(1), 5) + " and "
                    + operand(all.get(2), 5);
            case "in" -> operand(all.get(0), 5) + " in (" + listed(all.subList(1, all.size())) + ")";
            case "case" -> choice(all);
            case "extract" -> "extract(" + text(all.get(0)) + " from " + text(all.get(1)) + ")";
            case "is", "=", "<>", "<", "<=", ">", ">=" -> operand(all.get(0), 5) + " " + call.function() + " "
                    + operand(all.get(1), 5);
            default -> strength < ATOM
                    ? operand(all.get(0), strength) + " " + call.function() + " " + right(all.get(1), strength + 1)
                    : call.function() + "(" + listed(all) + ")";
        };
    }

    private static String listed(List<Expression> expressions) {
        return expressions.stream().map(ExpressionPrinter::text).collect(Collectors.joining(", "));
    }

    private static String choice(List<Expression> branches) {
        StringBuilder text = new StringBuilder("case");
        for (int i = 0; i + 1 < branches.size(); i += 2) {
            text.append(" when ").append(text(branches.get(i)));
            text.append(" then ").append(text(branches.get(i + 1)));
        }
        Expression otherwise = branches.get(branches.size() - 1);
        return text + (otherwise.equals(Expression.Constant.NULL) ? "" : " else " + text(otherwise)) + " end";
    }
}
