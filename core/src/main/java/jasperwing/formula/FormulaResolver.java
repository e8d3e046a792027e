package jasperwing.formula;

import jasperwing.formula.Formula.Error;
import jasperwing.formula.Formula.Mistake;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Literal;
import jasperwing.model.Type;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Resolves the names of formulas and types their parts; the formulas of attributes they name are resolved once each. */
final class FormulaResolver {
    /** The most parts there may be when the formulas of all attributes named are put in. */
    private static final long MOST_PARTS = 2_000;

    /** The operator that tells whether two roles lead to the same row. */
    private static final String SAME = "is";

    private static final Set<String> NULL_TESTS = Set.of("is null", "is not null");

    private static final Term NONE = new Term.Constant(Literal.word("null"), Kind.NOTHING);

    private final Design design;
    private final KeyPaths keys;
    private final Map<String, Formula> known = new HashMap<>();
    private final Map<String, Long> sizes = new HashMap<>();
    private final Set<String> open = new LinkedHashSet<>();

    /** @param design with the attributes of traits in the entities that have them */
    FormulaResolver(Design design) {
        this.design = design;
        this.keys = new KeyPaths(design);
    }

    Formula of(String entity, Attribute attribute) {
        String key = entity + "\0" + attribute.name();
        Formula done = known.get(key);
        if (done != null) {
            return done;
        }
        if (!open.add(key)) {
            String circle = open.stream().map(o -> o.replace('\0', '.')).collect(Collectors.joining(", "));
            return new Formula(NONE, List.of(new Mistake(Error.CIRCLE, "is computed in a circle, over " + circle)));
        }
        Formula made = new Reader(entity).read(attribute);
        open.remove(key);
        known.put(key, made);
        return made;
    }

    /** Reads the formula of one attribute. */
    private final class Reader {
        private final String entity;
        private final List<Mistake> mistakes = new ArrayList<>();
        private long size;
        private boolean isRule;

        Reader(String entity) {
            this.entity = entity;
        }

        Formula read(Attribute attribute) {
            isRule =
                    design.entity(entity).stream().noneMatch(e -> e.attributes().contains(attribute));
            Term term = term(attribute.formula().orElseThrow());
            Kind wanted = kind(attribute.type());
            boolean declared = attribute.type() instanceof Type.Named;
            boolean kept = !attribute.list() && !declared && wanted != Kind.OTHER && wanted.takes(term.kind());
            if (mistakes.isEmpty() && !kept) {
                String as = attribute.list() ? "a list" : declared ? "what the design declares" : wanted.words();
                mistakes.add(
                        new Mistake(Error.TYPE, "is computed as " + term.kind().words() + ", and kept as " + as));
            }
            if (size > MOST_PARTS) {
                mistakes.add(new Mistake(
                        Error.SIZE, "is too large with the formulas of all it names: over " + MOST_PARTS + " parts"));
            }
            sizes.put(entity + "\0" + attribute.name(), Math.min(size, MOST_PARTS + 1));
            return new Formula(mistakes.isEmpty() ? term : NONE, mistakes);
        }

        private Term wrong(Error error, String message) {
            mistakes.add(new Mistake(error, message));
            return NONE;
        }

        private Term term(Expression expression) {
            size++;
            return expression.match(
                    name -> member(name.path()),
                    constant -> new Term.Constant(constant.literal(), kind(constant.literal())),
                    call -> Operations.AGGREGATES.contains(call.function()) ? aggregate(call) : apply(call));
        }

        private Term apply(Expression.Call call) {
            if (call.function().equals(SAME)) {
                return same(call.arguments().get(0), call.arguments().get(1));
            }
            if (call.function().equals(OverlapRule.FUNCTION)) {
                return apart(call.arguments());
            }
            Optional<Expression> written = Operations.written(call);
            if (written.isPresent()) {
                return term(written.get());
            }
            int before = mistakes.size();
            List<Term> arguments = reference(call)
                    .map(List::of)
                    .orElseGet(() -> call.arguments().stream().map(this::term).toList());
            if (!Operations.isKnown(call.function())) {
                return wrong(
                        Error.UNKNOWN,
                        "names a function " + call.function() + " there is not; "
                                + Operations.nearest(call.function())
                                        .map(n -> "perhaps " + n + " is meant")
                                        .orElse("there are " + Operations.functions()));
            }
            if (mistakes.size() > before) {
                return NONE;
            }
            if (Operations.dividesByZero(call.function(), arguments)) {
                return wrong(Error.TYPE, "divides by 0, which never gives anything");
            }
            return Operations.result(call.function(), arguments)
                    .<Term>map(k -> new Term.Apply(
                            call.function(), arguments, k, Operations.nullable(call.function(), arguments)))
                    .orElseGet(() -> wrong(Error.TYPE, misuse(call.function(), arguments)));
        }

        /** That two roles lead to the same row: each attribute of its key is the same. */
        private Term same(Expression one, Expression other) {
            int before = mistakes.size();
            RoleWay first = toOne(one);
            RoleWay second = toOne(other);
            if (mistakes.size() > before) {
                return NONE;
            }
            List<KeyPaths.KeyPath> key = keys.of(first.at());
            if (!InheritanceTree.root(design, first.at()).equals(InheritanceTree.root(design, second.at()))) {
                return wrong(
                        Error.TYPE,
                        "compares " + text(one) + ", which leads to " + first.at() + ", with " + text(other)
                                + ", which leads to " + second.at());
            }
            return key.stream()
                    .map(k -> Operations.both("=", member(first, k), member(second, k)))
                    .reduce((a, b) -> Operations.both("and", a, b))
                    .orElseGet(() -> wrong(Error.UNKNOWN, "compares rows of " + first.at() + ", which has no key"));
        }

        /** That spans of rows do not overlap: the whole of a rule. */
        private Term apart(List<Expression> arguments) {
            if (!isRule || size > 1) {
                return wrong(
                        Error.TYPE, "says apart beside something else; a rule that compares rows says nothing more");
            }
            if (arguments.size() < 2 || keys.of(entity).isEmpty()) {
                return wrong(
                        Error.TYPE,
                        arguments.size() < 2
                                ? "gives too little to apart, which takes " + Operations.takes(OverlapRule.FUNCTION)
                                : "compares rows of " + entity + ", which has no key");
            }
            int before = mistakes.size();
            List<Term> all =
                    arguments.stream().flatMap(a -> compared(a).stream()).toList();
            if (mistakes.size() > before) {
                return NONE;
            }
            return OverlapRule.isOf(all)
                    ? new Term.Apply(OverlapRule.FUNCTION, all, Kind.BOOLEAN, false)
                    : wrong(Error.TYPE, misuse(OverlapRule.FUNCTION, all) + ", all of them in the row");
        }

        /** What is compared: an attribute, or the key of what a role to one leads to. */
        private List<Term> compared(Expression argument) {
            RoleWay way = new RoleWay(design, entity);
            List<String> path = argument instanceof Expression.Name name ? name.path() : List.of();
            return !path.isEmpty() && way.follow(path, false) == path.size()
                    ? keys.of(way.at()).stream().<Term>map(k -> member(way, k)).toList()
                    : List.of(term(argument));
        }

        private RoleWay toOne(Expression role) {
            RoleWay way = new RoleWay(design, entity);
            List<String> path = role instanceof Expression.Name name ? name.path() : List.of();
            if (path.isEmpty() || way.follow(path, false) < path.size()) {
                wrong(Error.UNKNOWN, "compares " + text(role) + " by 'is', which is no role to one of " + entity);
            }
            return way;
        }

        private String text(Expression role) {
            return role instanceof Expression.Name name ? String.join(".", name.path()) : "a value";
        }

        private Term.Member member(RoleWay way, KeyPaths.KeyPath key) {
            size++;
            List<Step> steps =
                    Stream.concat(way.steps().stream(), key.steps().stream()).toList();
            Attribute leaf = key.attribute();
            return new Term.Member(
                    steps,
                    key.entity(),
                    List.of(leaf),
                    kind(leaf.type()),
                    !way.must(),
                    Optional.empty(),
                    keys.joins(steps, leaf),
                    false);
        }

        private String misuse(String operation, List<Term> arguments) {
            String given = arguments.stream().map(t -> t.kind().words()).collect(Collectors.joining(", "));
            return "gives " + given + " to " + (operation.equals("neg") ? "a minus sign" : operation) + ", which takes "
                    + Operations.takes(operation);
        }

        private Term member(List<String> path) {
            RoleWay way = new RoleWay(design, entity);
            int at = way.follow(path, false);
            if (at == path.size()) {
                return wrong(Error.UNKNOWN, "names " + String.join(".", path) + ", which is a role and no attribute");
            }
            return attribute(way, path, at);
        }

        private Term attribute(RoleWay way, List<String> path, int from) {
            List<Attribute> within = new ArrayList<>();
            String owner = declaring(way.at(), path.get(from));
            List<Attribute> there =
                    design.entity(owner).map(e -> e.attributes()).orElse(List.of());
            for (String name : path.subList(from, path.size())) {
                Optional<Attribute> found =
                        there.stream().filter(a -> a.name().equals(name)).findFirst();
                if (found.isEmpty()) {
                    return wrong(Error.UNKNOWN, UnknownNames.told(design, owner, name));
                }
                within.add(found.get());
                there = value(found.get().type())
                        .map(AttributeGroup::attributes)
                        .orElse(List.of());
            }
            return member(way, owner, within);
        }

        private Term member(RoleWay way, String owner, List<Attribute> within) {
            Attribute leaf = within.get(within.size() - 1);
            boolean list = within.stream().anyMatch(Attribute::list);
            Kind kind = list || value(leaf.type()).isPresent() ? Kind.OTHER : kind(leaf.type());
            Optional<Formula> formula = Optional.empty();
            boolean nullable = within.stream().anyMatch(Attribute::optional) || !way.must();
            if (leaf.isComputed() && within.size() == 1) {
                Formula inner = of(owner, leaf);
                inner.mistakes().stream()
                        .findFirst()
                        .ifPresent(m -> wrong(
                                m.error() == Error.CIRCLE ? Error.CIRCLE : Error.UNKNOWN,
                                m.error() == Error.CIRCLE
                                        ? m.message()
                                        : "names " + leaf.name() + ", whose own formula is wrong"));
                size += sizes.getOrDefault(owner + "\0" + leaf.name(), 0L);
                formula = Optional.of(inner);
                nullable = inner.term().nullable() || !way.must();
            }
            int joins = within.size() == 1
                    ? keys.joins(way.steps(), leaf)
                    : way.steps().size();
            return new Term.Member(way.steps(), owner, within, kind, nullable, formula, joins, false);
        }

        /** Whether there is what a role to one leads to: it has a key then. */
        private Optional<Term> reference(Expression.Call call) {
            if (!NULL_TESTS.contains(call.function()) || !(call.arguments().get(0) instanceof Expression.Name name)) {
                return Optional.empty();
            }
            RoleWay way = new RoleWay(design, entity);
            if (way.follow(name.path(), false) < name.path().size()) {
                return Optional.empty();
            }
            size++;
            Optional<Entity> root = design.entity(InheritanceTree.root(design, way.at()));
            Optional<Attribute> key = root.stream()
                    .flatMap(e -> e.attributes().stream().filter(e::isKey))
                    .findFirst();
            return key.<Term>map(k -> new Term.Member(
                            way.steps(),
                            root.get().name(),
                            List.of(k),
                            kind(k.type()),
                            !way.must(),
                            Optional.empty(),
                            keys.joins(way.steps(), k),
                            true))
                    .or(() -> Optional.of(wrong(
                            Error.UNKNOWN,
                            "names " + String.join(".", name.path()) + ", which leads to " + way.at()
                                    + ", whose key has no attribute")));
        }

        private Term aggregate(Expression.Call call) {
            String function = call.function();
            if (call.arguments().size() != 1 || !(call.arguments().get(0) instanceof Expression.Name name)) {
                return wrong(Error.TYPE, "gives " + function + " other than a role to many, or one attribute of it");
            }
            size++;
            RoleWay way = new RoleWay(design, entity);
            int at = way.follow(name.path(), true);
            if (way.steps().isEmpty() || !way.many()) {
                return wrong(
                        Error.UNKNOWN,
                        "takes the " + function + " of " + String.join(".", name.path())
                                + ", which is no role to many of " + entity);
            }
            boolean counted = function.equals("count");
            if (at == name.path().size()) {
                return counted
                        ? new Term.Aggregate(function, way.steps(), way.at(), Optional.empty(), Kind.WHOLE, false)
                        : wrong(Error.TYPE, "takes the " + function + " of rows; name an attribute of them");
            }
            int before = mistakes.size();
            RoleWay there = new RoleWay(design, way.at());
            Term of = attribute(there, name.path(), at);
            if (mistakes.size() > before) {
                return NONE;
            }
            return of instanceof Term.Member member ? aggregated(function, way, member) : of;
        }

        private Term aggregated(String function, RoleWay way, Term.Member of) {
            Kind kind = of.kind();
            boolean number = kind.isNumber();
            boolean ordered = kind != Kind.OTHER && kind != Kind.BOOLEAN && kind != Kind.UUID;
            Optional<Kind> result =
                    switch (function) {
                        case "count" -> Optional.of(Kind.WHOLE);
                        case "sum" -> number ? Optional.of(kind) : Optional.empty();
                        case "avg" -> number
                                ? Optional.of(kind == Kind.REAL ? Kind.REAL : Kind.DECIMAL)
                                : Optional.empty();
                        default -> ordered ? Optional.of(kind) : Optional.empty();
                    };
            return result.<Term>map(k -> new Term.Aggregate(
                            function, way.steps(), way.at(), Optional.of(of), k, !function.equals("count")))
                    .orElseGet(() -> wrong(Error.TYPE, "takes the " + function + " of " + kind.words()));
        }
    }

    /** The entity itself or what it is a kind of, whichever has an attribute of that name; the entity where none has. */
    private String declaring(String entity, String attribute) {
        return design.entity(entity).map(e -> InheritanceTree.line(design, e)).orElse(List.of()).stream()
                .filter(e -> e.attribute(attribute).isPresent())
                .reduce((far, near) -> near)
                .map(Entity::name)
                .orElse(entity);
    }

    private Optional<AttributeGroup> value(Type type) {
        return type instanceof Type.Named named && design.enumType(named.name()).isEmpty()
                ? design.value(named.name())
                : Optional.empty();
    }

    private Kind kind(Type type) {
        return Kind.of(
                type,
                type instanceof Type.Named named
                        && design.enumType(named.name()).isPresent());
    }

    private static Kind kind(Literal literal) {
        return switch (literal.kind()) {
            case NUMBER -> literal.text().contains(".") ? Kind.DECIMAL : Kind.WHOLE;
            case TEXT -> Kind.TEXT;
            case DATE -> Kind.DATE;
            case CLOCK -> Kind.NOTHING;
            case WORD -> literal.text().equals("true") || literal.text().equals("false") ? Kind.BOOLEAN : Kind.NOTHING;
        };
    }
}
