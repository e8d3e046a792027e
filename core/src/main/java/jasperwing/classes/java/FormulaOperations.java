package jasperwing.classes.java;

import jasperwing.classes.language.Imports;
import jasperwing.formula.Kind;
import jasperwing.formula.Term;
import jasperwing.model.Literal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Operators and functions as Java. */
final class FormulaOperations {
    private final FormulaCode formula;
    private final Imports imports;

    FormulaOperations(FormulaCode formula, Imports imports) {
        this.formula = formula;
        this.imports = imports;
    }

    Value apply(Term.Apply apply) {
        List<Term> terms = apply.arguments();
        return switch (apply.operation()) {
            case "between" -> between(terms);
            case "in" -> among(terms);
            case "case" -> choice(apply);
            case "extract" -> extract(terms);
            default -> of(apply, terms.stream().map(formula::value).toList());
        };
    }

    private Value of(Term.Apply apply, List<Value> a) {
        return switch (apply.operation()) {
            case "today" -> Value.of(imports.use("java.time.LocalDate") + ".now()", Kind.DATE);
            case "now" -> Value.of(imports.use("java.time.OffsetDateTime") + ".now()", Kind.TIMESTAMP);
            case "+", "-", "*", "/", "mod" -> arithmetic(apply.operation(), apply.kind(), a);
            case "neg", "abs" -> signed(apply.operation(), a.get(0));
            case "round", "floor", "ceiling" -> rounded(apply, a.get(0));
            case "=", "<>", "<", "<=", ">", ">=" -> compared(apply.operation(), a.get(0), a.get(1));
            case "and", "or" -> joined(apply.operation(), a.get(0), a.get(1));
            case "not" -> a.get(0).with("!(" + a.get(0).code() + ")", Kind.BOOLEAN);
            case "is null" -> Value.of(a.get(0).isMissing(), Kind.BOOLEAN);
            case "is not null" -> Value.of(
                    a.get(0).guards().size() > 1
                            ? "(" + a.get(0).isThere() + ")"
                            : a.get(0).isThere(),
                    Kind.BOOLEAN);
            case "coalesce" -> first(a, apply.kind());
            case "nullif" -> unless(a.get(0), a.get(1));
            case "||", "upper", "lower", "trim", "char_length", "substring", "right", "replace" -> text(apply, a);
            case "to_text" -> a.get(0)
                    .with(
                            imports.use("java.lang.String") + ".valueOf("
                                    + a.get(0).code() + ")",
                            Kind.TEXT);
            default -> units(apply.operation(), a);
        };
    }

    /** The same number as another kind. */
    Value to(Value value, Kind kind) {
        if (value.kind() == kind || value.kind() == Kind.NOTHING) {
            return value;
        }
        if (kind == Kind.DECIMAL) {
            return value.with(imports.use("java.math.BigDecimal") + ".valueOf(" + value.code() + ")", kind);
        }
        if (kind != Kind.REAL) {
            return value;
        }
        return value.with(
                value.kind() == Kind.DECIMAL ? value.code() + ".doubleValue()" : "(double) (" + value.code() + ")",
                kind);
    }

    private static Kind wider(Value a, Value b) {
        return a.kind().with(b.kind()).orElse(a.kind());
    }

    private Value arithmetic(String operator, Kind kind, List<Value> a) {
        List<Value> same = a.stream().map(v -> to(v, kind)).toList();
        List<String> guards = Value.guards(same);
        String left = same.get(0).code();
        String right = same.get(1).code();
        if (operator.equals("/") || operator.equals("mod")) {
            guards.add(kind == Kind.DECIMAL ? right + ".signum() == 0" : right + " == 0");
        }
        return new Value(guards, calculated(operator, kind, left, right), kind);
    }

    private String calculated(String operator, Kind kind, String left, String right) {
        String math = kind == Kind.WHOLE ? imports.use("java.lang.Math") : "";
        String method =
                switch (operator) {
                    case "+" -> "add";
                    case "-" -> "subtract";
                    case "*" -> "multiply";
                    default -> "divide";
                };
        if (kind == Kind.DECIMAL) {
            String scale = operator.equals("/") ? ", 20, " + formula.halfUp() : "";
            return left + "." + method + "(" + right + scale + ")";
        }
        boolean exact = kind == Kind.WHOLE && !method.equals("divide");
        String sign = operator.equals("mod") ? "%" : operator;
        return exact
                ? math + "." + method + "Exact(" + left + ", " + right + ")"
                : "(" + left + " " + sign + " " + right + ")";
    }

    private Value signed(String operation, Value value) {
        boolean negated = operation.equals("neg");
        String code =
                switch (value.kind()) {
                    case DECIMAL -> value.code() + (negated ? ".negate()" : ".abs()");
                    case WHOLE -> imports.use("java.lang.Math") + (negated ? ".negateExact(" : ".absExact(")
                            + value.code() + ")";
                    default -> negated
                            ? "-(" + value.code() + ")"
                            : imports.use("java.lang.Math") + ".abs(" + value.code() + ")";
                };
        return value.with(code, value.kind());
    }

    private Value rounded(Term.Apply apply, Value number) {
        Value exact = to(number, Kind.DECIMAL);
        String mode = apply.operation().equals("round")
                ? formula.halfUp()
                : imports.use("java.math.RoundingMode") + "."
                        + apply.operation().toUpperCase(Locale.ROOT);
        if (apply.kind() == Kind.WHOLE) {
            return exact.with(exact.code() + ".setScale(0, " + mode + ").longValueExact()", Kind.WHOLE);
        }
        String digits = ((Term.Constant) apply.arguments().get(1)).literal().text();
        return exact.with(exact.code() + ".setScale(" + digits + ", " + mode + ")", Kind.DECIMAL);
    }

    private Value compared(String operator, Value a, Value b) {
        Kind kind = wider(a, b);
        Value left = to(a, kind);
        Value right = to(b, kind);
        String sign = operator.equals("=") ? "==" : operator.equals("<>") ? "!=" : operator;
        String code =
                switch (kind) {
                    case WHOLE, REAL -> left.code() + " " + sign + " " + right.code();
                    case BOOLEAN -> imports.use("java.lang.Boolean") + ".compare(" + left.code() + ", " + right.code()
                            + ") " + sign + " 0";
                    case TIMESTAMP -> left.code() + ".toInstant().compareTo(" + right.code() + ".toInstant()) " + sign
                            + " 0";
                    default -> left.code() + ".compareTo(" + right.code() + ") " + sign + " 0";
                };
        return new Value(Value.guards(List.of(left, right)), "(" + code + ")", Kind.BOOLEAN);
    }

    /** Of three: what is false without the other is false, what is true without the other is true, else nothing is known. */
    private Value joined(String operator, Value a, Value b) {
        boolean and = operator.equals("and");
        if (a.guards().isEmpty() && b.guards().isEmpty()) {
            return Value.of("(" + a.code() + (and ? " && " : " || ") + b.code() + ")", Kind.BOOLEAN);
        }
        String type = imports.use("java.lang.Boolean");
        String left = materialised(a);
        String right = materialised(b);
        String decisive = type + (and ? ".FALSE" : ".TRUE");
        String variable = formula.variable(Kind.BOOLEAN);
        formula.statement("if (" + decisive + ".equals(" + left + ") || " + decisive + ".equals(" + right + ")) {");
        formula.statement(variable + " = " + !and + ";");
        formula.statement("} else {");
        formula.statement(variable + " = " + left + " == null || " + right + " == null ? null : " + and + ";");
        formula.statement("}");
        return new Value(List.of(variable + " == null"), variable, Kind.BOOLEAN);
    }

    private String materialised(Value value) {
        return formula.local(value.kind() == Kind.NOTHING ? "null" : value.orNull(), Kind.BOOLEAN)
                .code();
    }

    private Value between(List<Term> terms) {
        List<Value> a = terms.stream().map(formula::value).toList();
        return joined("and", compared(">=", a.get(0), a.get(1)), compared("<=", a.get(0), a.get(2)));
    }

    private Value among(List<Term> terms) {
        List<Value> a = terms.stream().map(formula::value).toList();
        return a.stream()
                .skip(1)
                .map(v -> compared("=", a.get(0), v))
                .reduce((one, other) -> joined("or", one, other))
                .orElseThrow();
    }

    private Value first(List<Value> values, Kind kind) {
        String variable = formula.variable(kind);
        assign(variable, to(values.get(0), kind));
        for (Value value : values.subList(1, values.size())) {
            formula.statement("if (" + variable + " == null) {");
            assign(variable, to(value, kind));
            formula.statement("}");
        }
        return new Value(List.of(variable + " == null"), variable, kind);
    }

    private void assign(String variable, Value value) {
        formula.statement(variable + " = " + (value.kind() == Kind.NOTHING ? "null" : value.orNull()) + ";");
    }

    private Value unless(Value value, Value other) {
        Value equal = compared("=", value, other);
        return value.guarded(
                other.guards().isEmpty() ? equal.code() : "!" + "(" + other.isMissing() + ") && " + equal.code());
    }

    private Value choice(Term.Apply apply) {
        List<Value> values = apply.arguments().stream().map(formula::value).toList();
        String variable = formula.variable(apply.kind());
        for (int i = 0; i + 1 < values.size(); i += 2) {
            formula.statement((i == 0 ? "if (" : "} else if (") + values.get(i).isTrue() + ") {");
            assign(variable, to(values.get(i + 1), apply.kind()));
        }
        formula.statement("} else {");
        assign(variable, to(values.get(values.size() - 1), apply.kind()));
        formula.statement("}");
        return new Value(List.of(variable + " == null"), variable, apply.kind());
    }

    private Value extract(List<Term> terms) {
        String field = ((Term.Constant) terms.get(0)).literal().text();
        Value from = formula.value(terms.get(1));
        String code = from.kind() == Kind.TIMESTAMP
                ? from.code() + ".withOffsetSameInstant(" + imports.use("java.time.ZoneOffset") + ".UTC)"
                : from.code();
        String getter =
                switch (field) {
                    case "year" -> "getYear";
                    case "month" -> "getMonthValue";
                    case "day" -> "getDayOfMonth";
                    case "hour" -> "getHour";
                    default -> "getMinute";
                };
        return from.with("(long) " + code + "." + getter + "()", Kind.WHOLE);
    }

    private Value units(String operation, List<Value> a) {
        String unit = operation.substring(0, operation.indexOf('_')).toUpperCase(Locale.ROOT);
        String code = imports.use("java.time.temporal.ChronoUnit") + "." + unit + ".between("
                + a.get(0).code() + ", " + a.get(1).code() + ")";
        return new Value(Value.guards(a), code, Kind.WHOLE);
    }

    private Value text(Term.Apply apply, List<Value> a) {
        Value text = a.get(0);
        List<String> guards = new ArrayList<>(Value.guards(a));
        String code = text.code();
        String locale = Stream.of("upper", "lower").anyMatch(apply.operation()::equals)
                ? imports.use("java.util.Locale") + ".ROOT"
                : "";
        return switch (apply.operation()) {
            case "||" -> new Value(guards, "(" + code + " + " + a.get(1).code() + ")", Kind.TEXT);
            case "upper" -> text.with(code + ".toUpperCase(" + locale + ")", Kind.TEXT);
            case "lower" -> text.with(code + ".toLowerCase(" + locale + ")", Kind.TEXT);
            case "trim" -> text.with(code + ".replaceAll(\"^ +| +$\", \"\")", Kind.TEXT);
            case "char_length" -> text.with("(long) " + code + ".codePointCount(0, " + code + ".length())", Kind.WHOLE);
            case "right" -> text.with(lastPart(apply, code), Kind.TEXT);
            case "replace" -> new Value(
                    guards,
                    code + ".replace(" + a.get(1).code() + ", " + a.get(2).code() + ")",
                    Kind.TEXT);
            default -> text.with(part(apply, code), Kind.TEXT);
        };
    }

    private String lastPart(Term.Apply apply, String code) {
        String count = ((Term.Constant) apply.arguments().get(1)).literal().text();
        String math = imports.use("java.lang.Math");
        return code + ".substring(" + code + ".offsetByCodePoints(0, " + math + ".max(0, " + code
                + ".codePointCount(0, " + code + ".length()) - " + count + ")))";
    }

    private String part(Term.Apply apply, String code) {
        List<Integer> numbers = apply.arguments().stream()
                .skip(1)
                .map(t -> ((Term.Constant) t).literal())
                .map(Literal::text)
                .map(Integer::valueOf)
                .toList();
        String limit = numbers.size() > 1 ? ".limit(" + numbers.get(1) + ")" : "";
        String builder = imports.use("java.lang.StringBuilder");
        return code + ".codePoints().skip(" + (numbers.get(0) - 1) + ")" + limit + ".collect(" + builder + "::new, "
                + builder + "::appendCodePoint, " + builder + "::append).toString()";
    }
}
