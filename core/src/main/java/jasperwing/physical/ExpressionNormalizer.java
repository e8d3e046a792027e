package jasperwing.physical;

import jasperwing.physical.SqlTokens.Kind;
import jasperwing.physical.SqlTokens.Token;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Writes an expression in one way, whatever database wrote it. Reads it by the precedence of operators, as the SQL standard has it; what it
 * cannot read is given back as it is.
 */
final class ExpressionNormalizer {
    private static final int OR = 1;
    private static final int AND = 2;
    private static final int NOT = 3;
    private static final int COMPARISON = 4;
    private static final int OTHER = 5;
    private static final int SUM = 6;
    private static final int PRODUCT = 7;
    private static final int UNARY = 8;
    private static final int ATOM = 9;

    private static final Set<String> COMPARISONS = Set.of("=", "<>", "<", ">", "<=", ">=", "like", "regexp", "glob");
    private static final Set<String> OTHERS = Set.of("||", "~", "!~", "~*", "@>", "<@", "->", "->>", "collate");
    private static final Set<String> PRODUCTS = Set.of("*", "/", "%", "div");

    /** Other names of functions. */
    private static final Map<String, String> SAME = Map.of(
            "substr", "substring",
            "btrim", "trim",
            "lcase", "lower",
            "ucase", "upper",
            "curdate", "current_date",
            "curtime", "current_time",
            "rlike", "regexp");

    private static final Set<String> TYPE_WORDS =
            Set.of("varying", "precision", "with", "without", "time", "zone", "large", "object");

    /**
     * A part of the expression, as it is written.
     *
     * @param binding how tightly its outermost operator binds
     * @param operands of {@code and} and {@code or}; empty for others
     */
    private record Part(int binding, String text, List<String> operands) {
        Part(int binding, String text) {
            this(binding, text, List.of());
        }

        /** In the order of the texts, since databases change it. */
        static Part joined(int binding, List<String> operands) {
            List<String> sorted = operands.stream().sorted().distinct().toList();
            return sorted.size() == 1
                    ? new Part(NOT, sorted.get(0))
                    : new Part(binding, String.join(binding == OR ? " or " : " and ", sorted), sorted);
        }

        List<String> operands(int outer) {
            return binding == outer && !operands.isEmpty() ? operands : List.of(in(outer));
        }

        String in(int outer) {
            return binding < outer ? "(" + text + ")" : text;
        }
    }

    private final SqlTokens tokens;
    private boolean isBroken;

    private ExpressionNormalizer(SqlTokens tokens) {
        this.tokens = tokens;
    }

    static String normal(String sql) {
        ExpressionNormalizer normalizer = new ExpressionNormalizer(new SqlTokens(sql));
        String normal = normalizer.expression().text();
        return normalizer.isBroken || !normalizer.tokens.isAtEnd() ? sql : normal;
    }

    private Part expression() {
        return joined(OR, "or", () -> joined(AND, "and", this::negation));
    }

    private interface Reader {
        Part read();
    }

    private Part joined(int binding, String word, Reader operand) {
        Part first = operand.read();
        if (!tokens.peek().is(word)) {
            return first;
        }
        List<String> all = new ArrayList<>(first.operands(binding));
        while (tokens.skip(word)) {
            all.addAll(operand.read().operands(binding));
        }
        return Part.joined(binding, all);
    }

    private Part negation() {
        if (tokens.skip("not")) {
            return new Part(NOT, "not " + negation().in(NOT));
        }
        return comparison();
    }

    private Part comparison() {
        Part left = other();
        Optional<Part> more = compared(left);
        while (more.isPresent()) {
            left = more.get();
            more = compared(left);
        }
        return left;
    }

    private Optional<Part> compared(Part left) {
        if (tokens.skip("is")) {
            return Optional.of(is(left));
        }
        int before = tokens.position();
        boolean not = tokens.skip("not");
        if (tokens.skip("in")) {
            return Optional.of(isIn(left, not, list("(", ")")));
        }
        if (tokens.skip("between")) {
            return Optional.of(between(left, not));
        }
        if (COMPARISONS.contains(tokens.peek().text()) && tokens.peek().kind() != Kind.TEXT) {
            String sign = tokens.next().text();
            return Optional.of(quantified(left, sign)
                    .orElseGet(() -> new Part(
                            COMPARISON, left.in(COMPARISON) + (not ? " not " : " ") + sign + " " + other().in(OTHER))));
        }
        tokens.back(before);
        return Optional.empty();
    }

    private Part is(Part left) {
        StringBuilder what = new StringBuilder(left.in(COMPARISON)).append(" is");
        while (Set.of("not", "null", "true", "false", "json", "array", "object")
                .contains(tokens.peek().text())) {
            what.append(' ').append(tokens.next().text());
        }
        String text = what.toString();
        return new Part(
                COMPARISON, text.endsWith(" is") || text.endsWith(" is not") ? text + " " + other().in(OTHER) : text);
    }

    private static Part isIn(Part left, boolean not, List<String> values) {
        String one = left.in(COMPARISON);
        if (values.size() == 1) {
            return new Part(COMPARISON, one + (not ? " <> " : " = ") + values.get(0));
        }
        return new Part(COMPARISON, one + (not ? " not in (" : " in (") + String.join(", ", values) + ")");
    }

    private Part between(Part left, boolean not) {
        String from = other().in(OTHER);
        tokens.skip("and");
        String to = other().in(OTHER);
        String one = left.in(OTHER);
        Part both = Part.joined(AND, List.of(one + " >= " + from, one + " <= " + to));
        return not ? new Part(NOT, "not " + both.in(NOT)) : both;
    }

    /** {@code = any (array[…])} and {@code <> all (array[…])} are lists of values. */
    private Optional<Part> quantified(Part left, String sign) {
        int before = tokens.position();
        boolean any = sign.equals("=") && tokens.skip("any", "(");
        if (any || sign.equals("<>") && tokens.skip("all", "(")) {
            int open = 0;
            while (tokens.skip("(")) {
                open++;
            }
            if (tokens.skip("array")) {
                List<String> values = list("[", "]");
                cast();
                for (int i = 0; i <= open; i++) {
                    tokens.skip(")");
                    cast();
                }
                return Optional.of(isIn(left, !any, values));
            }
        }
        tokens.back(before);
        return Optional.empty();
    }

    private List<String> list(String open, String close) {
        List<String> values = new ArrayList<>();
        tokens.skip(open);
        while (!tokens.isAtEnd() && !tokens.skip(close)) {
            values.add(expression().text());
            tokens.skip(",");
        }
        return values;
    }

    private Part other() {
        return leftToRight(
                OTHER,
                OTHERS,
                () -> leftToRight(SUM, Set.of("+", "-"), () -> leftToRight(PRODUCT, PRODUCTS, this::unary)));
    }

    private Part leftToRight(int binding, Set<String> signs, Reader operand) {
        Part left = operand.read();
        while (true) {
            if (binding == OTHER && tokens.skip("at", "time", "zone")) {
                left = new Part(
                        OTHER,
                        left.in(OTHER) + " at time zone " + operand.read().in(OTHER + 1));
                continue;
            }
            Token sign = tokens.peek();
            if (sign.kind() == Kind.TEXT || sign.kind() == Kind.NAME || !signs.contains(sign.text())) {
                return left;
            }
            tokens.next();
            left = new Part(
                    binding,
                    left.in(binding) + " " + sign.text() + " " + operand.read().in(binding + 1));
        }
    }

    private Part unary() {
        if (tokens.skip("-")) {
            Part of = unary();
            return of.text().startsWith("-")
                    ? new Part(UNARY, "-(" + of.text() + ")")
                    : new Part(UNARY, "-" + of.in(UNARY));
        }
        tokens.skip("+");
        Part atom = atom();
        while (tokens.peek().is("::")) {
            atom = cast(atom);
        }
        return atom;
    }

    private Part cast(Part what) {
        cast();
        return unquoted(what);
    }

    /** A negative number is written as a text that is cast. */
    private static Part unquoted(Part what) {
        return what.text().matches("'-?\\d+(\\.\\d+)?'")
                ? new Part(UNARY, what.text().substring(1, what.text().length() - 1))
                : what;
    }

    private void cast() {
        while (tokens.skip("::")) {
            tokens.next();
            while (tokens.skip(".")) {
                tokens.next();
            }
            while (TYPE_WORDS.contains(tokens.peek().text())) {
                tokens.next();
            }
            if (tokens.peek().is("(")) {
                list("(", ")");
            }
            while (TYPE_WORDS.contains(tokens.peek().text())) {
                tokens.next();
            }
            while (tokens.skip("[", "]")) {
                continue;
            }
        }
    }

    private Part atom() {
        Token token = tokens.next();
        isBroken |= token.kind() == Kind.END;
        if (token.is("(") && token.kind() == Kind.SIGN) {
            Part inside = expression();
            if (tokens.skip(")") || !tokens.peek().is(",")) {
                return inside;
            }
            StringBuilder row = new StringBuilder("(").append(inside.text());
            while (tokens.skip(",")) {
                row.append(", ").append(expression().text());
            }
            tokens.skip(")");
            return new Part(ATOM, row.append(")").toString());
        }
        boolean function = token.kind() == Kind.NAME
                && tokens.peek().kind() == Kind.SIGN
                && tokens.peek().is("(");
        if (token.kind() == Kind.WORD || function) {
            return word(token.text());
        }
        return new Part(ATOM, token.kind() == Kind.NUMBER ? number(token.text()) : path(token.text()));
    }

    /** Without zeros that say nothing. */
    private static String number(String text) {
        BigDecimal number = new BigDecimal(text);
        return number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString();
    }

    private String path(String first) {
        StringBuilder path = new StringBuilder(first);
        while (tokens.skip(".")) {
            path.append('.').append(tokens.next().text());
        }
        return path.toString();
    }

    private Part word(String word) {
        if (word.equals("case")) {
            return cases();
        }
        if (word.equals("cast") && tokens.peek().is("(")) {
            tokens.next();
            Part what = expression();
            skipToEnd();
            return unquoted(what);
        }
        if (word.equals("array") && tokens.peek().is("[")) {
            return new Part(ATOM, "array[" + String.join(", ", list("[", "]")) + "]");
        }
        if (tokens.peek().kind() == Kind.TEXT) {
            return unquoted(new Part(ATOM, tokens.next().text()));
        }
        if (tokens.peek().is("(")) {
            return called(SAME.getOrDefault(word, word));
        }
        return new Part(ATOM, path(word));
    }

    private void skipToEnd() {
        int depth = 1;
        while (depth > 0 && !tokens.isAtEnd()) {
            Token token = tokens.next();
            depth += token.is("(") ? 1 : token.is(")") ? -1 : 0;
        }
    }

    private Part cases() {
        StringBuilder text = new StringBuilder("case");
        if (!tokens.peek().is("when")) {
            text.append(' ').append(expression().text());
        }
        while (tokens.skip("when")) {
            text.append(" when ").append(expression().text());
            tokens.skip("then");
            text.append(" then ").append(expression().text());
        }
        if (tokens.skip("else")) {
            String other = expression().text();
            text.append(other.equals("null") ? "" : " else " + other);
        }
        tokens.skip("end");
        return new Part(ATOM, text.append(" end").toString());
    }

    /** Words between the arguments, as in {@code extract(year from moment)}, are kept but for those of substring and trim. */
    private Part called(String function) {
        tokens.skip("(");
        List<String> arguments = new ArrayList<>();
        boolean plain = function.equals("substring") || function.equals("trim");
        StringBuilder argument = new StringBuilder();
        while (!tokens.isAtEnd() && !tokens.skip(")")) {
            if (tokens.skip(",")) {
                arguments.add(argument.toString());
                argument.setLength(0);
            } else if (plain && (tokens.skip("from") || tokens.skip("for") || tokens.skip("both"))) {
                if (argument.length() > 0) {
                    arguments.add(argument.toString());
                    argument.setLength(0);
                }
            } else {
                argument.append(argument.length() == 0 ? "" : " ")
                        .append(tokens.skip("from") ? "from" : expression().text());
            }
        }
        if (argument.length() > 0) {
            arguments.add(argument.toString());
        }
        boolean bare = arguments.isEmpty() && function.startsWith("current_");
        return new Part(ATOM, bare ? function : function + "(" + String.join(", ", arguments) + ")");
    }
}
