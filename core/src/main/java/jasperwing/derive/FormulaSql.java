package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.FormulaFunctions;
import jasperwing.formula.Kind;
import jasperwing.formula.Term;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.EnumType;
import jasperwing.model.Literal;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Formulas as SQL that gives the same in every dialect, as far as its class says. */
final class FormulaSql {
    /** How columns and what lies beyond the row are written. */
    interface Source {
        /** The column of a member that belongs to the row itself. */
        String column(Term.Member member);

        /** What a member of another row gives. */
        String reached(Term.Member member);

        /** What many rows give together. */
        String many(Term.Aggregate aggregate);
    }

    private static final Set<String> CONDITIONS =
            Set.of("=", "<>", "<", "<=", ">", ">=", "between", "in", "not", "is null", "is not null", "and", "or");

    private final Design design;
    private final Dialect dialect;
    private final FormulaFunctions functions;
    private final Source source;

    FormulaSql(Design design, Dialect dialect, Source source) {
        this.design = design;
        this.dialect = dialect;
        this.functions = dialect.functions();
        this.source = source;
    }

    /** The whole formula, of the type it is kept as. */
    String kept(Term term, Type type) {
        String sql = text(term);
        return type instanceof Type.Decimal decimal ? functions.exact(sql, decimal.scale()) : sql;
    }

    /** A value. */
    String text(Term term) {
        String sql = sql(term);
        return isCondition(term) ? functions.truth(sql) : sql;
    }

    /** SQL without the parentheses around the whole. */
    static String withoutParentheses(String sql) {
        if (!sql.startsWith("(")) {
            return sql;
        }
        int depth = 0;
        char quote = 0;
        for (int i = 0; i < sql.length() - 1; i++) {
            char c = sql.charAt(i);
            if (quote != 0) {
                quote = c == quote ? 0 : quote;
            } else if ("'\"`[".indexOf(c) >= 0) {
                quote = c == '[' ? ']' : c;
            } else {
                depth += c == '(' ? 1 : c == ')' ? -1 : 0;
            }
            if (depth == 0) {
                return sql;
            }
        }
        return sql.substring(1, sql.length() - 1);
    }

    /** A truth value as a condition. */
    String condition(Term term) {
        String sql = sql(term);
        return isCondition(term) ? sql : functions.condition(sql);
    }

    /** A truth value as a condition that stands alone. */
    String whole(Term term) {
        return withoutParentheses(condition(term));
    }

    private String sql(Term term) {
        return term.match(this::constant, this::member, this::apply, source::many);
    }

    private static boolean isCondition(Term term) {
        return term instanceof Term.Apply apply && CONDITIONS.contains(apply.operation());
    }

    private String member(Term.Member member) {
        if (!member.steps().isEmpty()) {
            return source.reached(member);
        }
        return member.formula()
                .map(f -> "(" + kept(f.term(), member.leaf().type()) + ")")
                .orElseGet(() -> asText(member.leaf(), source.column(member)));
    }

    /** A value of a type of the database as the text it is elsewhere; a cast would not do where the same must come of the same. */
    String asText(Attribute attribute, String column) {
        Optional<EnumType> nativeEnum = ColumnTypes.nativeEnum(design, dialect, attribute.type());
        if (nativeEnum.isEmpty()) {
            return ColumnTypes.sortedAs(attribute).isEmpty() ? column : functions.unsorted(column);
        }
        return nativeEnum.get().values().stream()
                .map(v -> dialect.literal(v.name()))
                .distinct()
                .map(v -> " when " + v + " then " + v)
                .collect(Collectors.joining("", "(case " + column, " end)"));
    }

    private String constant(Term.Constant constant) {
        Literal literal = constant.literal();
        return switch (literal.kind()) {
            case NUMBER -> literal.text().startsWith("-") ? "(" + literal.text() + ")" : literal.text();
            case TEXT -> dialect.literal(literal.text());
            case DATE -> functions.date(dialect.literal(literal.text()));
            case WORD, CLOCK, UUID -> functions.word(literal.text());
        };
    }

    /** The operands of and, or and not are conditions, and so is every other one of case but the last. */
    private List<String> operands(Term.Apply apply) {
        List<Term> terms = apply.arguments();
        return switch (apply.operation()) {
            case "and", "or", "not" -> terms.stream().map(this::condition).toList();
            case "case" -> IntStream.range(0, terms.size())
                    .mapToObj(i -> i % 2 == 0 && i < terms.size() - 1 ? condition(terms.get(i)) : text(terms.get(i)))
                    .toList();
            default -> terms.stream().map(this::text).toList();
        };
    }

    private String apply(Term.Apply apply) {
        List<Term> terms = apply.arguments();
        List<String> a =
                comparesValues(apply) ? terms.stream().map(this::asKept).toList() : operands(apply);
        return switch (apply.operation()) {
            case "today", "now" -> clock(apply.operation());
            case "neg" -> "(- " + a.get(0) + ")";
            case "*" -> "(" + (apply.kind() == Kind.WHOLE ? functions.wide(a.get(0)) : a.get(0)) + " * " + a.get(1)
                    + ")";
            case "/" -> functions.divided(apply.kind(), a.get(0), "nullif(" + a.get(1) + ", 0)");
            case "mod" -> "(" + a.get(0) + " % nullif(" + a.get(1) + ", 0))";
            case "round" -> rounded(apply, a);
            case "floor", "ceiling" -> functions.toWhole(apply.operation(), a.get(0));
            case "||" -> functions.concat(a);
            case "char_length" -> dialect.length(a.get(0));
            case "substring" -> functions.substring(a);
            case "right" -> functions.right(a.get(0), a.get(1));
            case "replace" -> functions.replaced(a.get(0), a.get(1), a.get(2));
            case "to_text" -> functions.text(a.get(0));
            case "<", "<=", ">", ">=" -> infix(apply.operation(), ordered(terms, a));
            case "between" -> between(ordered(terms, a));
            case "in" -> "(" + a.get(0) + " in (" + String.join(", ", a.subList(1, a.size())) + "))";
            case "not" -> "(not " + a.get(0) + ")";
            case "is null", "is not null" -> "(" + a.get(0) + " " + apply.operation() + ")";
            case "case" -> choice(a);
            case "extract" -> functions.extract(
                    ((Term.Constant) terms.get(0)).literal().text(),
                    terms.get(1).kind(),
                    a.get(1));
            case "+", "-", "=", "<>", "and", "or" -> infix(apply.operation(), a);
            default -> apply.operation().endsWith("_between")
                    ? functions.between(unit(apply.operation()), terms.get(0).kind(), a.get(0), a.get(1))
                    : apply.operation() + "(" + String.join(", ", a) + ")";
        };
    }

    private String clock(String word) {
        return dialect.now(new Type.Plain(word.equals("today") ? Scalar.DATE : Scalar.TIMESTAMP));
    }

    /** Whether values of a type of the database are compared with some of its values alone; then an index over the column finds them. */
    private boolean comparesValues(Term.Apply apply) {
        List<Term> terms = apply.arguments();
        return switch (apply.operation()) {
            case "is null", "is not null" -> nativeEnum(terms.get(0)).isPresent();
            case "=", "<>", "in" -> terms.stream()
                    .flatMap(t -> nativeEnum(t).stream())
                    .findFirst()
                    .filter(e -> terms.stream().allMatch(t -> nativeEnum(t).isPresent() || isValueOf(e, t)))
                    .filter(e -> terms.stream()
                                    .filter(t -> nativeEnum(t).isPresent())
                                    .count()
                            == 1)
                    .isPresent();
            default -> false;
        };
    }

    /** The enum of an attribute of the row itself that the database knows as a type. */
    private Optional<EnumType> nativeEnum(Term term) {
        return term instanceof Term.Member member
                        && member.steps().isEmpty()
                        && member.formula().isEmpty()
                ? ColumnTypes.nativeEnum(design, dialect, member.leaf().type())
                : Optional.empty();
    }

    private static boolean isValueOf(EnumType type, Term term) {
        return term instanceof Term.Constant constant
                && type.values().stream()
                        .anyMatch(v -> v.name().equals(constant.literal().text()));
    }

    private String asKept(Term term) {
        return term instanceof Term.Member member ? source.column(member) : text(term);
    }

    /** {@code day} of {@code days_between}. */
    private static String unit(String operation) {
        return operation.substring(0, operation.indexOf('_') - 1);
    }

    private static String infix(String operator, List<String> a) {
        return "(" + a.get(0) + " " + operator + " " + a.get(1) + ")";
    }

    private static String between(List<String> a) {
        return "(" + a.get(0) + " between " + a.get(1) + " and " + a.get(2) + ")";
    }

    /** Texts are ordered by their characters' numbers, whatever the language of the database is. */
    private List<String> ordered(List<Term> terms, List<String> a) {
        boolean texts = terms.stream().anyMatch(t -> t.kind() == Kind.TEXT);
        return texts ? a.stream().map(functions::byCharacters).toList() : a;
    }

    private String rounded(Term.Apply apply, List<String> a) {
        return apply.kind() == Kind.WHOLE
                ? functions.whole(functions.rounded(a.get(0)))
                : "round(" + a.get(0) + ", " + a.get(1) + ")";
    }

    private static String choice(List<String> a) {
        StringBuilder text = new StringBuilder("(case");
        for (int i = 0; i + 1 < a.size(); i += 2) {
            text.append(" when ").append(a.get(i)).append(" then ").append(a.get(i + 1));
        }
        return text.append(" else ").append(a.get(a.size() - 1)).append(" end)").toString();
    }

    /** What a function of many gives of one of them, or of the rows. */
    String aggregate(Term.Aggregate aggregate, Optional<String> of) {
        String each = of.orElse("*");
        if (aggregate.function().equals("avg")) {
            each = functions.averaged(aggregate.kind(), each);
        } else if (aggregate.kind() == Kind.TEXT) {
            each = functions.byCharacters(each);
        }
        String all = aggregate.function() + "(" + each + ")";
        return aggregate.kind() == Kind.WHOLE && aggregate.function().equals("sum") ? functions.whole(all) : all;
    }

    /** A value cast to the type it is kept as, for a column of a view. */
    String cast(String sql, Type type, String columnType) {
        return functions.cast(sql, type, columnType);
    }

    /** Whether values of the type are counted in binary floating point. */
    static boolean isReal(Type type) {
        return type.is(Scalar.REAL);
    }

    /** The column of the part of a value, or of an attribute that is none, among those the attribute became. */
    static String column(Design design, List<String> columns, Term.Member member) {
        return find(design, columns, member)
                .orElseThrow(
                        () -> new IllegalArgumentException("no column for " + member.path() + " among " + columns));
    }

    /** The same; empty where the attribute became no such column, as in a design with errors. */
    static Optional<String> find(Design design, List<String> columns, Term.Member member) {
        return find(design, columns, member.path());
    }

    /** @param path an attribute, and within a value what leads to the part */
    static Optional<String> find(Design design, List<String> columns, List<Attribute> path) {
        String wanted = path.stream().map(Attribute::name).collect(Collectors.joining("."));
        List<ValueColumns.Leaf> leaves = ValueColumns.of(design, path.get(0));
        for (int i = 0; i < Math.min(leaves.size(), columns.size()); i++) {
            if (leaves.get(i).name().equals(wanted)) {
                return Optional.of(columns.get(i));
            }
        }
        return Optional.empty();
    }
}
