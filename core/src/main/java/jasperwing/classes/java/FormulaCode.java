package jasperwing.classes.java;

import jasperwing.classes.language.Imports;
import jasperwing.formula.Formula;
import jasperwing.formula.Kind;
import jasperwing.formula.Term;
import jasperwing.model.Literal;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collector;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A formula as code that gives what the database gives, and null where that gives nothing. Made anew for each method. */
final class FormulaCode {
    private final Imports imports;
    private final AccessorResolver reach;
    private final FormulaOperations operations;
    private final Identifiers locals;
    private final List<String> statements = new ArrayList<>();
    private int depth;

    /** @param taken names that variables must not have */
    FormulaCode(AccessorResolver reach, Stream<String> taken, Imports imports) {
        this(reach, new Identifiers(0), imports);
        taken.forEach(locals::take);
    }

    private FormulaCode(AccessorResolver reach, Identifiers locals, Imports imports) {
        this.imports = imports;
        this.reach = reach;
        this.operations = new FormulaOperations(this, imports);
        this.locals = locals;
    }

    /** The statements that give its value as a type has it; none when it names what the classes do not lead to. */
    List<String> statements(Formula formula, Type type) {
        if (!formula.term().all().allMatch(this::isReached)) {
            return List.of();
        }
        Value value = kept(value(formula.term()), type);
        statements.add("return " + value.orNull() + ";");
        return List.copyOf(statements);
    }

    /** The statements that tell whether a condition holds, which it does where it gives nothing; none when it names what the classes do not lead to. */
    List<String> condition(Formula formula) {
        if (!formula.term().all().allMatch(this::isReached)) {
            return List.of();
        }
        statements.add("return " + String.join(" || ", fulfilled(formula.term())) + ";");
        return List.copyOf(statements);
    }

    /** Conditions of which one is true where a term is true or gives nothing. */
    private Set<String> fulfilled(Term term) {
        if (term instanceof Term.Apply apply) {
            List<Term> all = apply.arguments();
            switch (apply.operation()) {
                case "or":
                    return all.stream().flatMap(a -> fulfilled(a).stream()).collect(ordered());
                case "and":
                    return Set.of(all.stream()
                            .map(a -> grouped(String.join(" || ", fulfilled(a))))
                            .collect(Collectors.joining(" && ")));
                case "not":
                    return Set.of("!" + grouped(isTrue(all.get(0))));
                default:
                    break;
            }
        }
        Value value = value(term);
        return Stream.concat(value.guards().stream(), Stream.of(value.code())).collect(ordered());
    }

    private String isTrue(Term term) {
        if (term instanceof Term.Apply apply) {
            Stream<Term> all = apply.arguments().stream();
            switch (apply.operation()) {
                case "or", "and":
                    String sign = apply.operation().equals("or") ? " || " : " && ";
                    return all.map(a -> grouped(isTrue(a))).collect(Collectors.joining(sign));
                case "not":
                    return "!"
                            + grouped(String.join(
                                    " || ", fulfilled(apply.arguments().get(0))));
                default:
                    break;
            }
        }
        return value(term).isTrue();
    }

    private static Collector<String, ?, Set<String>> ordered() {
        return Collectors.toCollection(LinkedHashSet::new);
    }

    /** In parentheses where there is more than one call or comparison. */
    private static String grouped(String code) {
        boolean one = !code.contains(" ") || code.startsWith("(") && code.indexOf(')') == code.length() - 1;
        return one ? code : "(" + code + ")";
    }

    private boolean isReached(Term term) {
        List<Step> steps =
                term instanceof Term.Member m ? m.steps() : term instanceof Term.Aggregate a ? a.steps() : List.of();
        return reach.roles(steps).isPresent();
    }

    /** As the type of the attribute has it. */
    private Value kept(Value value, Type type) {
        if (type instanceof Type.Decimal decimal) {
            Value exact = operations.to(value, Kind.DECIMAL);
            return exact.with(exact.code() + ".setScale(" + decimal.scale() + ", " + halfUp() + ")", Kind.DECIMAL);
        }
        if (type.is(Scalar.REAL)) {
            return operations.to(value, Kind.REAL);
        }
        if (value.kind() != Kind.WHOLE) {
            return value;
        }
        if (type.is(Scalar.INT)) {
            return value.with(imports.use("java.lang.Math") + ".toIntExact(" + value.code() + ")", Kind.WHOLE);
        }
        return type.is(Scalar.SMALL_INT) ? value.with("(short) (" + value.code() + ")", Kind.WHOLE) : value;
    }

    String halfUp() {
        return imports.use("java.math.RoundingMode") + ".HALF_UP";
    }

    Value value(Term term) {
        return term.match(this::constant, this::member, operations::apply, this::aggregate);
    }

    private Value constant(Term.Constant constant) {
        Literal literal = constant.literal();
        return switch (constant.kind()) {
            case WHOLE -> Value.of(literal.text() + "L", Kind.WHOLE);
            case DECIMAL -> Value.of(
                    "new " + imports.use("java.math.BigDecimal") + "(\"" + literal.text() + "\")", Kind.DECIMAL);
            case TEXT -> Value.of(JavaNames.quote(literal.text()), Kind.TEXT);
            case DATE -> Value.of(imports.use("java.time.LocalDate") + ".parse(\"" + literal.text() + "\")", Kind.DATE);
            case NOTHING -> new Value(List.of("true"), "null", Kind.NOTHING);
            default -> Value.of(literal.text(), Kind.BOOLEAN);
        };
    }

    /** What getters give one after the other; where one gives null there is nothing. */
    private Value member(Term.Member member) {
        List<String> getters = new ArrayList<>(reach.roles(member.steps()).orElseThrow());
        if (!member.presence() || reach.isRow()) {
            getters.addAll(reach.attribute(member));
        }
        List<String> guards = new ArrayList<>();
        String code = "";
        for (String getter : getters) {
            if (!code.isEmpty()) {
                guards.add(code + " == null");
            }
            code += (code.isEmpty() ? "" : ".") + getter + "()";
        }
        Kind kind = member.kind();
        Value all = new Value(guards, code, kind);
        if (reach.isAlways(member)) {
            return kind == Kind.WHOLE ? all.with("(long) " + code, kind) : all;
        }
        boolean enumerated = getters.get(getters.size() - 1).equals("stored");
        return enumerated ? all : unboxed(all);
    }

    /** What may be null, as a long or a double where it is a number of that kind. */
    private static Value unboxed(Value nullable) {
        Value guarded = nullable.guarded(nullable.code() + " == null");
        return guarded.kind() == Kind.WHOLE ? guarded.with("(long) " + guarded.code(), Kind.WHOLE) : guarded;
    }

    private Value aggregate(Term.Aggregate aggregate) {
        Kind of = aggregate.of().map(Term::kind).orElse(Kind.WHOLE);
        StringBuilder stream = new StringBuilder();
        List<Step> steps = aggregate.steps();
        List<String> getters = reach.roles(steps).orElseThrow();
        stream.append(steps.get(0).many() ? getters.get(0) + "().stream()" : start(getters.get(0)));
        for (int i = 1; i < steps.size(); i++) {
            stream.append(
                    steps.get(i).many()
                            ? ".flatMap(each -> each." + getters.get(i) + "().stream())"
                            : next(getters.get(i)));
        }
        stream.append(steps.size() > 1 ? ".distinct()" : "");
        aggregate.where().ifPresent(w -> filter(stream, w));
        aggregate.of().ifPresent(member -> {
            reach.roles(member.steps()).orElseThrow().forEach(g -> stream.append(next(g)));
            reach.attribute(member).forEach(g -> stream.append(next(g)));
        });
        if (aggregate.function().equals("count")) {
            return Value.of(stream + ".count()", Kind.WHOLE);
        }
        return aggregated(aggregate.function(), stream.toString(), of, aggregate.kind());
    }

    /** Leaves those that fulfil a condition. One that takes statements is looked at ahead of the rest. */
    private void filter(StringBuilder stream, Term condition) {
        FormulaCode code = new FormulaCode(new OfEach(reach), locals, imports);
        String holds = code.isTrue(condition);
        if (code.statements.isEmpty()) {
            stream.append(".filter(each -> " + holds + ")");
            return;
        }
        String some = locals.take("some");
        statement("var " + some + " = " + stream + ".filter(each -> {");
        code.statements.forEach(this::inner);
        inner("return " + holds + ";");
        statement("}).toList();");
        stream.setLength(0);
        stream.append(some + ".stream()");
    }

    /** A line of a lambda, which is indented among its own. */
    private void inner(String line) {
        statements.add("    ".repeat(depth) + line);
    }

    private String start(String getter) {
        return imports.use("java.util.stream.Stream") + ".ofNullable(" + getter + "())";
    }

    private String next(String getter) {
        return ".map(each -> each." + getter + "()).filter(" + imports.use("java.util.Objects") + "::nonNull)";
    }

    private Value aggregated(String function, String stream, Kind of, Kind kind) {
        String decimal = imports.use("java.math.BigDecimal");
        String numbers = of == Kind.WHOLE && kind == Kind.DECIMAL
                ? ".map(each -> " + decimal + ".valueOf(each))"
                : of == Kind.WHOLE ? ".map(each -> (long) each)" : "";
        if (function.equals("avg")) {
            return mean(stream + numbers, kind, decimal);
        }
        String reduction = function.equals("sum")
                ? ".reduce(" + adding(kind, decimal) + ")"
                : "." + function + "(" + imports.use("java.util.Comparator") + ".naturalOrder())";
        return local(stream + numbers + reduction + ".orElse(null)", kind);
    }

    private String adding(Kind kind, String decimal) {
        return switch (kind) {
            case WHOLE -> imports.use("java.lang.Math") + "::addExact";
            case REAL -> imports.use("java.lang.Double") + "::sum";
            default -> decimal + "::add";
        };
    }

    private Value mean(String stream, Kind kind, String decimal) {
        String all = locals.take("all");
        String element = kind == Kind.REAL ? imports.use("java.lang.Double") : decimal;
        statement(imports.use("java.util.List") + "<" + element + "> " + all + " = " + stream + ".toList();");
        String mean = kind == Kind.REAL
                ? all + ".stream().reduce(0.0, " + element + "::sum) / " + all + ".size()"
                : all + ".stream().reduce(" + decimal + ".ZERO, " + decimal + "::add).divide(" + decimal + ".valueOf("
                        + all + ".size()), 20, " + halfUp() + ")";
        return new Value(List.of(all + ".isEmpty()"), mean, kind);
    }

    /** Computes something that may be null ahead of the rest. */
    Value local(String code, Kind kind) {
        String name = locals.take("value");
        statement(boxed(kind) + " " + name + " = " + code + ";");
        return new Value(List.of(name + " == null"), name, kind);
    }

    /** A variable that the statements added next give its value. */
    String variable(Kind kind) {
        String name = locals.take("value");
        statement(boxed(kind) + " " + name + ";");
        return name;
    }

    /** Adds a line, indented by the braces that are open. */
    void statement(String line) {
        depth -= line.startsWith("}") ? 1 : 0;
        statements.add("    ".repeat(depth) + line);
        depth += line.endsWith("{") ? 1 : 0;
    }

    String boxed(Kind kind) {
        return imports.use(
                switch (kind) {
                    case WHOLE -> "java.lang.Long";
                    case DECIMAL -> "java.math.BigDecimal";
                    case REAL -> "java.lang.Double";
                    case BOOLEAN -> "java.lang.Boolean";
                    case DATE -> "java.time.LocalDate";
                    case TIME -> "java.time.LocalTime";
                    case TIMESTAMP -> "java.time.OffsetDateTime";
                    case LOCAL_TIMESTAMP -> "java.time.LocalDateTime";
                    case UUID -> "java.util.UUID";
                    case TEXT -> "java.lang.String";
                    case OTHER, NOTHING -> "java.lang.Object";
                });
    }
}
