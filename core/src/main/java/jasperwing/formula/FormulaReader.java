package jasperwing.formula;

import jasperwing.formula.Formula.Error;
import jasperwing.formula.Formula.Mistake;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Type;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads one formula, or the condition about one of many in it. */
final class FormulaReader {
    /** The operator that tells whether two roles lead to the same row. */
    private static final String SAME = "is";

    private static final Set<String> NULL_TESTS = Set.of("is null", "is not null");
    private static final Term NONE = FormulaResolver.NONE;

    private final FormulaResolver resolver;
    private final Design design;
    private final KeyPaths keys;
    private final String entity;
    private final List<Mistake> mistakes = new ArrayList<>();
    private long size;
    private boolean isRule;

    /** @param entity whose rows it is about */
    FormulaReader(FormulaResolver resolver, Design design, KeyPaths keys, String entity) {
        this.resolver = resolver;
        this.design = design;
        this.keys = keys;
        this.entity = entity;
    }

    Formula read(Attribute attribute) {
        isRule = design.entity(entity).stream().noneMatch(e -> e.attributes().contains(attribute));
        Term term = term(attribute.formula().orElseThrow());
        Kind wanted = resolver.kind(attribute.type());
        boolean declared = attribute.type() instanceof Type.Named;
        boolean kept = !attribute.list() && !declared && wanted != Kind.OTHER && wanted.takes(term.kind());
        if (mistakes.isEmpty() && !kept) {
            String as = attribute.list() ? "a list" : declared ? "what the design declares" : wanted.words();
            mistakes.add(new Mistake(Error.TYPE, "is computed as " + TermWords.of(term) + ", and kept as " + as));
        }
        if (size > FormulaResolver.MOST_PARTS) {
            mistakes.add(new Mistake(
                    Error.SIZE,
                    "is too large with the formulas of all it names: over " + FormulaResolver.MOST_PARTS + " parts"));
        }
        resolver.sized(entity, attribute, size);
        return new Formula(mistakes.isEmpty() ? term : NONE, mistakes);
    }

    private Term wrong(Error error, String message) {
        return wrong(new Mistake(error, message));
    }

    private Term wrong(Mistake mistake) {
        mistakes.add(mistake);
        return NONE;
    }

    private Term term(Expression expression) {
        size++;
        return expression.match(
                name -> member(name.path()),
                constant -> new Term.Constant(constant.literal(), FormulaResolver.kind(constant.literal())),
                call -> Operations.AGGREGATES.contains(call.function()) ? aggregate(call) : apply(call));
    }

    private Term apply(Expression.Call call) {
        if (call.function().equals(SAME)) {
            return same(call.arguments().get(0), call.arguments().get(1));
        }
        if (call.function().equals(OverlapRule.FUNCTION)) {
            return apart(call.arguments());
        }
        if (condition(call).isPresent() && !call.function().equals("exists")) {
            return wrong(
                    Error.TYPE,
                    "says where in " + call.function()
                            + ", which takes no many; count, sum, avg, min, max and exists do");
        }
        return Operations.written(call).map(w -> written(call, w)).orElseGet(() -> applied(call));
    }

    /** A function that is written by others; what is wrong with what it is given is told by its own name. */
    private Term written(Expression.Call call, Expression meaning) {
        int before = mistakes.size();
        Term term = term(meaning);
        if (mistakes.size() == before) {
            return term;
        }
        FormulaReader apart = new FormulaReader(resolver, design, keys, entity);
        List<Term> arguments = call.arguments().stream().map(apart::term).toList();
        if (!apart.mistakes.isEmpty()) {
            return NONE;
        }
        mistakes.subList(before, mistakes.size()).clear();
        return wrong(Error.TYPE, misuse(call.function(), arguments));
    }

    private Term applied(Expression.Call call) {
        int before = mistakes.size();
        List<Term> arguments = reference(call)
                .map(List::of)
                .orElseGet(() -> call.arguments().stream().map(this::term).toList());
        if (!Operations.isKnown(call.function())) {
            Optional<String> nearest = Operations.nearest(call.function());
            return wrong(Mistake.unknown(
                    "names a function " + call.function() + " there is not"
                            + (nearest.isEmpty() ? "; there are " + Operations.functions() : ""),
                    call.function(),
                    nearest));
        }
        if (mistakes.size() > before) {
            return NONE;
        }
        if (Operations.dividesByZero(call.function(), arguments)) {
            return wrong(Error.TYPE, "divides by 0, which never gives anything");
        }
        return Operations.result(call.function(), arguments)
                .<Term>map(k ->
                        new Term.Apply(call.function(), arguments, k, Operations.nullable(call.function(), arguments)))
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
            return wrong(Error.TYPE, "says apart beside something else; a rule that compares rows says nothing more");
        }
        if (arguments.size() < 2 || keys.of(entity).isEmpty()) {
            return wrong(
                    Error.TYPE,
                    arguments.size() < 2
                            ? "gives too little to apart, which takes " + Operations.takes(OverlapRule.FUNCTION)
                            : "compares rows of " + entity + ", which has no key");
        }
        int before = mistakes.size();
        List<Term> all = arguments.stream().flatMap(a -> compared(a).stream()).toList();
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
                resolver.kind(leaf.type()),
                !way.must(),
                Optional.empty(),
                keys.joins(steps, leaf),
                false);
    }

    private String misuse(String operation, List<Term> arguments) {
        return "gives " + TermWords.of(arguments) + " to " + (operation.equals("neg") ? "a minus sign" : operation)
                + ", which takes " + Operations.takes(operation);
    }

    private Term member(List<String> path) {
        Optional<Kind> clock = Operations.clock(path);
        if (clock.isPresent()
                && InheritanceTree.attribute(design, entity, path.get(0)).isEmpty()) {
            return new Term.Apply(path.get(0), List.of(), clock.get(), false);
        }
        RoleWay way = new RoleWay(design, entity);
        int at = way.follow(path, false);
        if (at == path.size()) {
            return wrong(Error.UNKNOWN, "names " + String.join(".", path) + ", which is a role and no attribute");
        }
        return attribute(way, path, at);
    }

    private Term attribute(RoleWay way, List<String> path, int from) {
        List<Attribute> within = new ArrayList<>();
        String owner = resolver.declaring(way.at(), path.get(from));
        List<Attribute> there = design.entity(owner).map(e -> e.attributes()).orElse(List.of());
        for (String name : path.subList(from, path.size())) {
            Optional<Attribute> found =
                    there.stream().filter(a -> a.name().equals(name)).findFirst();
            if (found.isEmpty()) {
                return wrong(
                        within.isEmpty()
                                ? UnknownNames.of(design, owner, name)
                                : UnknownNames.ofPart(within.get(within.size() - 1), there, name));
            }
            within.add(found.get());
            there = resolver.value(found.get().type())
                    .map(AttributeGroup::attributes)
                    .orElse(List.of());
        }
        return member(way, owner, within);
    }

    private Term member(RoleWay way, String owner, List<Attribute> within) {
        Attribute leaf = within.get(within.size() - 1);
        boolean list = within.stream().anyMatch(Attribute::list);
        Kind kind = list || resolver.value(leaf.type()).isPresent() ? Kind.OTHER : resolver.kind(leaf.type());
        Optional<Formula> formula = Optional.empty();
        boolean nullable = within.stream().anyMatch(Attribute::optional) || !way.must();
        if (leaf.isComputed() && within.size() == 1) {
            Formula inner = resolver.of(owner, leaf);
            inner.mistakes().stream()
                    .findFirst()
                    .ifPresent(m -> wrong(
                            m.error() == Error.CIRCLE ? Error.CIRCLE : Error.UNKNOWN,
                            m.error() == Error.CIRCLE
                                    ? m.message()
                                    : "names " + leaf.name() + ", whose own formula is wrong"));
            size += resolver.size(owner, leaf);
            formula = Optional.of(inner);
            nullable = inner.term().nullable() || !way.must();
        }
        int joins =
                within.size() == 1 ? keys.joins(way.steps(), leaf) : way.steps().size();
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
                        resolver.kind(k.type()),
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
        if (call.arguments().size() != 1 || !(taken(call.arguments().get(0)) instanceof Expression.Name name)) {
            return wrong(Error.TYPE, "gives " + function + " other than a role to many, or one attribute of it");
        }
        size++;
        RoleWay way = new RoleWay(design, entity);
        int at = way.follow(name.path(), true);
        if (way.steps().isEmpty() || !way.many()) {
            return wrong(UnknownNames.ofMany(design, entity, function, name.path()));
        }
        if (at == name.path().size() && !function.equals("count")) {
            return wrong(
                    Error.TYPE,
                    "takes the " + function + " of " + String.join(".", name.path())
                            + ", which are rows; name an attribute of them");
        }
        int before = mistakes.size();
        Optional<Term> where = condition(call).map(c -> where(way.at(), c));
        Optional<Term> of = at == name.path().size()
                ? Optional.empty()
                : Optional.of(attribute(new RoleWay(design, way.at()), name.path(), at));
        if (mistakes.size() > before) {
            return NONE;
        }
        return of.map(o -> o instanceof Term.Member member ? aggregated(function, way, member, where) : o)
                .orElseGet(() -> new Term.Aggregate(
                        function, way.steps(), way.at(), Optional.empty(), where, Kind.WHOLE, false));
    }

    /** The condition on some of many that a function is given. */
    private static Optional<Expression> condition(Expression.Call call) {
        return call.arguments().stream()
                .filter(a -> a instanceof Expression.Call c && c.isCondition())
                .map(a -> ((Expression.Call) a).arguments().get(1))
                .findFirst();
    }

    /** What is taken, without the condition on it. */
    private static Expression taken(Expression argument) {
        return argument instanceof Expression.Call call && call.isCondition()
                ? call.arguments().get(0)
                : argument;
    }

    /** A condition about one of many. */
    private Term where(String many, Expression condition) {
        FormulaReader there = new FormulaReader(resolver, design, keys, many);
        Term term = there.term(condition);
        size += there.size;
        mistakes.addAll(there.mistakes);
        if (!there.mistakes.isEmpty()) {
            return NONE;
        }
        if (term.kind() != Kind.BOOLEAN) {
            return wrong(Error.TYPE, "says where with " + TermWords.of(term) + ", and not with a condition");
        }
        return term.all().anyMatch(Term.Aggregate.class::isInstance)
                ? wrong(Error.TYPE, "takes many of " + many + " within a condition on which of them are taken")
                : term;
    }

    private static String many(RoleWay way, Term.Member of) {
        return Stream.concat(way.steps().stream().map(Step::name), Stream.of(TermWords.path(of)))
                .collect(Collectors.joining("."));
    }

    private Term aggregated(String function, RoleWay way, Term.Member of, Optional<Term> where) {
        Kind kind = of.kind();
        boolean number = kind.isNumber();
        boolean ordered = kind != Kind.OTHER && kind != Kind.BOOLEAN && kind != Kind.UUID;
        Optional<Kind> result =
                switch (function) {
                    case "count" -> Optional.of(Kind.WHOLE);
                    case "sum" -> number ? Optional.of(kind) : Optional.empty();
                    case "avg" -> number ? Optional.of(kind == Kind.REAL ? Kind.REAL : Kind.DECIMAL) : Optional.empty();
                    default -> ordered ? Optional.of(kind) : Optional.empty();
                };
        return result.<Term>map(k -> new Term.Aggregate(
                        function, way.steps(), way.at(), Optional.of(of), where, k, !function.equals("count")))
                .orElseGet(() -> wrong(
                        Error.TYPE,
                        "takes the " + function + " of " + many(way, of) + ", which is " + TermWords.type(of)));
    }
}
