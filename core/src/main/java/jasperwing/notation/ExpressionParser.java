package jasperwing.notation;

import jasperwing.model.Expression;
import jasperwing.model.Expression.Call;
import jasperwing.model.Expression.Constant;
import jasperwing.model.Expression.Name;
import jasperwing.model.Literal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Reads a formula: operators bind as in SQL, each level a method. It ends where no operator follows. */
final class ExpressionParser {
    /** The words a formula uses itself; as names they stand in backquotes. */
    static final Set<String> WORDS = Set.of(
            "and", "or", "not", "is", "null", "true", "false", "between", "in", "case", "when", "then", "else", "end");

    private static final int DEEPEST = 100;

    private final Cursor cursor;
    private int depth;
    private int parts;

    ExpressionParser(Cursor cursor) {
        this.cursor = cursor;
    }

    Expression read() throws SyntaxException {
        if (++depth > DEEPEST) {
            throw cursor.wrong(cursor.peek(), "the formula is nested more than " + DEEPEST + " deep", "");
        }
        Expression expression = disjunction();
        depth--;
        return expression;
    }

    private Expression made(Expression expression) throws SyntaxException {
        if (++parts > Expression.MOST_PARTS) {
            throw cursor.wrong(cursor.peek(), "the formula has more than " + Expression.MOST_PARTS + " parts", "");
        }
        return expression;
    }

    private Expression call(String function, Expression... arguments) throws SyntaxException {
        return made(Call.of(function, arguments));
    }

    private Expression disjunction() throws SyntaxException {
        Expression left = conjunction();
        while (cursor.takeWord("or")) {
            left = call("or", left, conjunction());
        }
        return left;
    }

    private Expression conjunction() throws SyntaxException {
        Expression left = negation();
        while (cursor.takeWord("and")) {
            left = call("and", left, negation());
        }
        return left;
    }

    private Expression negation() throws SyntaxException {
        int nots = 0;
        while (cursor.takeWord("not")) {
            nots++;
        }
        Expression expression = comparison();
        for (int i = 0; i < nots; i++) {
            expression = call("not", expression);
        }
        return expression;
    }

    private Expression comparison() throws SyntaxException {
        Expression left = sum();
        if (cursor.takeWords("is", "not", "null")) {
            return call("is not null", left);
        }
        if (cursor.takeWords("is", "null")) {
            return call("is null", left);
        }
        if (cursor.takeWord("is")) {
            return cursor.takeWord("not") ? call("not", same(left)) : same(left);
        }
        boolean not = cursor.peek().isWord("not")
                && (cursor.peek(1).isWord("in") || cursor.peek(1).isWord("between"));
        if (not) {
            cursor.next();
        }
        Optional<Expression> range = cursor.takeWord("between")
                ? Optional.of(between(left))
                : cursor.takeWord("in") ? Optional.of(call("in", among(left))) : Optional.empty();
        if (range.isPresent()) {
            return not ? call("not", range.get()) : range.get();
        }
        String operator = comparing();
        return operator.isEmpty() ? left : call(operator, left, sum());
    }

    /** That two roles lead to the same row; only names can be roles. */
    private Expression same(Expression left) throws SyntaxException {
        Token at = cursor.peek();
        Expression right = sum();
        if (left instanceof Name && right instanceof Name) {
            return call("is", left, right);
        }
        throw cursor.wrong(at, "'is' asks for null, or whether two roles lead to the same", "'null' or a role");
    }

    private Expression between(Expression value) throws SyntaxException {
        Expression low = sum();
        cursor.words("and");
        return call("between", value, low, sum());
    }

    private Expression[] among(Expression value) throws SyntaxException {
        List<Expression> all = new ArrayList<>(List.of(value));
        cursor.symbol("(");
        do {
            all.add(read());
        } while (cursor.takeSymbol(","));
        cursor.symbol(")");
        return all.toArray(Expression[]::new);
    }

    private String comparing() {
        for (String operator : List.of("<>", "<=", ">=", "<", ">", "=")) {
            if (takeOperator(operator)) {
                return operator;
            }
        }
        return "";
    }

    /** The signs of an operator stand together. */
    private boolean takeOperator(String operator) {
        for (int i = 0; i < operator.length(); i++) {
            boolean together =
                    i == 0 || cursor.peek(i).column() == cursor.peek(0).column() + i;
            if (!together || !cursor.peek(i).isSymbol(operator.substring(i, i + 1))) {
                return false;
            }
        }
        for (int i = 0; i < operator.length(); i++) {
            cursor.next();
        }
        return true;
    }

    private Expression sum() throws SyntaxException {
        Expression left = product();
        while (true) {
            if (takeOperator("||")) {
                left = call("||", left, product());
            } else if (takeOperator("+")) {
                left = call("+", left, product());
            } else if (takeOperator("-")) {
                left = call("-", left, product());
            } else if (isNegative(cursor.peek())) {
                String digits = cursor.next().text().substring(1);
                left = call("-", left, new Constant(Literal.number(digits)));
            } else {
                return left;
            }
        }
    }

    private static boolean isNegative(Token token) {
        return token.kind() == Token.Kind.NUMBER && token.text().startsWith("-");
    }

    private Expression product() throws SyntaxException {
        Expression left = factor();
        while (true) {
            if (takeOperator("*")) {
                left = call("*", left, factor());
            } else if (takeOperator("/")) {
                left = call("/", left, factor());
            } else {
                return left;
            }
        }
    }

    private Expression factor() throws SyntaxException {
        if (!cursor.takeSymbol("-")) {
            return operand();
        }
        if (++depth > DEEPEST) {
            throw cursor.wrong(cursor.peek(), "the formula is nested more than " + DEEPEST + " deep", "");
        }
        Expression inner = factor();
        depth--;
        boolean positive = inner instanceof Constant c
                && c.literal().kind() == Literal.Kind.NUMBER
                && !c.literal().text().startsWith("-");
        return inner instanceof Constant c && positive
                ? new Constant(Literal.number("-" + c.literal().text()))
                : call("neg", inner);
    }

    private Expression operand() throws SyntaxException {
        Token token = cursor.peek();
        if (cursor.takeSymbol("(")) {
            Expression inner = read();
            cursor.symbol(")");
            return inner;
        }
        switch (token.kind()) {
            case NUMBER -> {
                return made(new Constant(Literal.number(cursor.next().text())));
            }
            case STRING -> {
                return made(new Constant(Literal.text(cursor.next().text())));
            }
            case DATE -> {
                return made(new Constant(
                        new Literal(Literal.Kind.DATE, cursor.next().text())));
            }
            case WORD -> {
                return word(token);
            }
            case QUOTED_NAME -> {
                return name();
            }
            default -> throw cursor.unexpected("a name, a number, a \"text\", a function or '('");
        }
    }

    private Expression word(Token token) throws SyntaxException {
        if (Set.of("true", "false", "null").contains(token.text())) {
            return made(new Constant(Literal.word(cursor.next().text())));
        }
        if (cursor.takeWord("case")) {
            return choice();
        }
        if (WORDS.contains(token.text())) {
            throw cursor.unexpected("a name, a number, a \"text\", a function or '('");
        }
        return cursor.peek(1).isSymbol("(") ? function() : name();
    }

    private Expression name() throws SyntaxException {
        List<String> path = new ArrayList<>();
        do {
            path.add(cursor.name("the name of an attribute or role"));
        } while (cursor.takeSymbol("."));
        return made(new Name(path));
    }

    private Expression function() throws SyntaxException {
        String name = cursor.next().text().toLowerCase(Locale.ROOT);
        cursor.symbol("(");
        List<Expression> arguments = new ArrayList<>();
        if (name.equals("extract")) {
            arguments.add(new Constant(Literal.word(cursor.name("year, month, day, hour or minute"))));
            cursor.words("from");
        }
        if (!cursor.peek().isSymbol(")")) {
            Expression first = read();
            arguments.add(cursor.takeWord(Expression.WHERE) ? call(Expression.WHERE, first, read()) : first);
        }
        boolean part = name.equals("substring") && cursor.takeWord("from");
        if (part) {
            arguments.add(read());
            if (cursor.takeWord("for")) {
                arguments.add(read());
            }
        }
        while (cursor.takeSymbol(",")) {
            arguments.add(read());
        }
        cursor.symbol(")");
        return call(name, arguments.toArray(Expression[]::new));
    }

    private Expression choice() throws SyntaxException {
        List<Expression> branches = new ArrayList<>();
        cursor.words("when");
        do {
            branches.add(read());
            cursor.words("then");
            branches.add(read());
        } while (cursor.takeWord("when"));
        branches.add(cursor.takeWord("else") ? read() : Constant.NULL);
        cursor.words("end");
        return call("case", branches.toArray(Expression[]::new));
    }
}
