package jasperwing.weigh;

import static jasperwing.weigh.Fact.cost;
import static jasperwing.weigh.Fact.good;
import static jasperwing.weigh.Fact.lack;

import jasperwing.derive.GuardTriggers;
import jasperwing.derive.Reference;
import jasperwing.derive.RowRules;
import jasperwing.dialect.Dialect;
import jasperwing.formula.RouteAgreement;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Expression;
import jasperwing.model.Expression.Name;
import jasperwing.model.Indexing;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.RowRule;
import jasperwing.model.RuleKept;
import jasperwing.naming.Articles;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** The ways to keep that a reference leads to what another leads on to: the harbour of a mooring is the harbour of its berth. */
final class AgreeingRoutes {
    private final Design design;
    private final Dialect dialect;
    private final Role direct;
    private final List<Role> longer;
    private final Optional<RowRule> stated;
    private final RowRule rule;
    private final String read;
    private final String write;

    private AgreeingRoutes(Design design, Dialect dialect, Role direct, List<Role> longer, Optional<RowRule> stated) {
        this.design = design;
        this.dialect = dialect;
        this.direct = direct;
        this.longer = longer;
        this.stated = stated;
        this.rule = stated.orElseGet(() -> RouteAgreement.rule(name(longer), Name.of(direct.name())))
                .withKept(RuleKept.CONSTRAINT);
        String holder = Words.spoken(direct.holder());
        this.read = "To read the " + Words.spoken(direct.name()) + " of " + Articles.with(holder);
        this.write = "To write " + Articles.with(holder);
    }

    /** Those of a relationship of one with many; empty where no other route of its holder leads to the same by a role of the same name, or by a rule. */
    static Optional<Alternatives> of(Design design, Dialect dialect, BinaryRelationship binary) {
        Role direct = Roles.of(binary).get(0);
        Optional<Entity> holder = design.entity(direct.holder());
        List<RowRule> rules = holder.map(Entity::rules).orElse(List.of());
        for (RowRule rule : rules) {
            Optional<List<Role>> longer = other(rule, direct).flatMap(n -> roles(design, direct.holder(), n));
            if (longer.isPresent()) {
                return Optional.of(
                        new AgreeingRoutes(design, dialect, direct, longer.get(), Optional.of(rule)).weigh());
            }
        }
        return further(design, direct)
                .map(l -> new AgreeingRoutes(design, dialect, direct, l, Optional.empty()).weigh());
    }

    /** The route that a rule says is the same as a reference. */
    private static Optional<Name> other(RowRule rule, Role direct) {
        Name own = Name.of(direct.name());
        return rule.condition() instanceof Expression.Call call
                        && call.function().equals("is")
                        && call.arguments().contains(own)
                ? call.names().filter(n -> n.path().size() > 1).findFirst()
                : Optional.empty();
    }

    private static Optional<List<Role>> roles(Design design, String start, Name route) {
        List<Role> found = new ArrayList<>();
        String at = start;
        for (String name : route.path()) {
            Optional<Role> role =
                    Roles.find(design, at, name).filter(r -> r.targets().size() == 1);
            if (role.isEmpty()) {
                return Optional.empty();
            }
            found.add(role.get());
            at = role.get().target();
        }
        return Optional.of(found);
    }

    /** By one other reference. */
    private static Optional<List<Role>> further(Design design, Role direct) {
        return Roles.heldBy(design, direct.holder()).stream()
                .filter(r -> !r.equals(direct)
                        && r.targets().size() == 1
                        && !r.target().equals(direct.holder()))
                .flatMap(r -> Roles.heldBy(design, r.target()).stream()
                        .filter(n ->
                                n.targets().equals(direct.targets()) && n.name().equals(direct.name()))
                        .map(n -> List.of(r, n)))
                .findFirst();
    }

    private static Name name(List<Role> route) {
        return new Name(route.stream().map(Role::name).toList());
    }

    private Alternatives weigh() {
        Set<String> ends = new LinkedHashSet<>(List.of(direct.holder()));
        longer.forEach(r -> ends.add(r.target()));
        return new Alternatives(
                "Ways to keep the " + Words.spoken(direct.name()) + " of "
                        + Articles.with(Words.spoken(direct.holder())) + " the " + spoken(),
                "two routes to one \u00b7 " + dialect.title(),
                List.of(read, write),
                new AlternativeDerivation(design, dialect, ends).of(plans()));
    }

    private List<Plan> plans() {
        RowRules.Holder holder = holder();
        boolean constrained = holder == RowRules.Holder.KEY || holder == RowRules.Holder.CHECK;
        boolean triggered = holder != RowRules.Holder.CLASSES && GuardTriggers.areIn(dialect);
        return List.of(
                plan(
                        holder == RowRules.Holder.CHECK ? "A check constraint" : "A shared column",
                        is(RuleKept.CONSTRAINT),
                        ruled(RuleKept.CONSTRAINT),
                        constrained ? Optional.empty() : Optional.of(farther()),
                        (now, then) -> byConstraint(then, holder)),
                plan(
                        "Triggers",
                        is(RuleKept.TRIGGERS),
                        ruled(RuleKept.TRIGGERS),
                        triggered
                                ? Optional.empty()
                                : Optional.of("No triggers can be written for it in " + dialect.title() + "."),
                        (now, then) -> byTriggers(then)),
                plan(
                        "Only " + String.join(".", name(longer).path()),
                        false,
                        without().then(RelationshipEdits.remove(direct.relationship())),
                        hindrance(),
                        (now, then) -> computed(then)),
                plan(
                        "Nothing in the database",
                        stated.isEmpty() || is(RuleKept.CLASSES),
                        ruled(RuleKept.CLASSES),
                        Optional.empty(),
                        (now, then) -> List.of(
                                lack("rows can disagree; classes alone check them"), SchemaFacts.joins(read(then)))));
    }

    private boolean is(RuleKept kept) {
        return stated.filter(r -> r.kept() == kept).isPresent();
    }

    /** {@code harbour of its berth}. */
    private String spoken() {
        StringBuilder words = new StringBuilder();
        for (int i = longer.size() - 1; i >= 0; i--) {
            words.append(words.isEmpty() ? "" : i == 0 ? " of its " : " of the ");
            words.append(Words.spoken(longer.get(i).name()));
        }
        return words.toString();
    }

    private Plan plan(String title, boolean now, Edit edit, Optional<String> hindrance, Plan.Facts facts) {
        return new Plan(title, now, now ? Edit.NOTHING : edit, now ? Optional.empty() : hindrance, facts, this::asked);
    }

    private RowRules.Holder holder() {
        Design ruled = ruled(RuleKept.CONSTRAINT).on(design).whole();
        return RowRules.holder(ruled, dialect, ruled.entity(direct.holder()).orElseThrow(), rule);
    }

    private Edit ruled(RuleKept kept) {
        return without().then(EntityEdits.addRules(direct.holder(), List.of(rule.withKept(kept))));
    }

    private Edit without() {
        return EntityEdits.change(
                direct.holder(),
                e -> e.withRules(e.rules().stream()
                        .filter(r -> !stated.equals(Optional.of(r)))
                        .toList()));
    }

    private String farther() {
        return "A foreign key holds it where the reference to the "
                + Words.spoken(longer.get(0).target())
                + " is not set to null by a delete, each "
                + Words.spoken(longer.get(0).target()) + " has its "
                + Words.spoken(longer.get(1).name()) + ", and the way is no longer than that.";
    }

    /** Why the row cannot be without the reference. */
    private Optional<String> hindrance() {
        String holder = Words.capitalised(Articles.with(Words.spoken(direct.holder())));
        if (direct.must() && !longer.stream().allMatch(Role::must)) {
            return Optional.of(
                    holder + " may be without " + String.join(".", name(longer).path()) + ".");
        }
        return isNamed()
                ? Optional.of("A key, an index, a formula or another rule names " + direct.name() + ".")
                : Optional.empty();
    }

    private boolean isNamed() {
        Entity entity = design.entity(direct.holder()).orElseThrow();
        Stream<String> members = Stream.of(
                        Stream.of(entity.key(), entity.shown()).flatMap(m -> m.names().stream()),
                        entity.uniques().stream().flatMap(u -> u.names().stream()),
                        entity.indexes().stream().map(Indexing::named).flatMap(List::stream))
                .flatMap(s -> s);
        Stream<String> formulas = Stream.concat(
                        design.entities().stream()
                                .flatMap(e -> e.attributes().stream())
                                .flatMap(a -> a.formula().stream()),
                        design.entities().stream()
                                .flatMap(e -> e.rules().stream())
                                .filter(r -> !stated.equals(Optional.of(r)))
                                .map(RowRule::condition))
                .flatMap(Expression::names)
                .flatMap(n -> n.path().stream());
        return Stream.concat(members, formulas).anyMatch(direct.name()::equals);
    }

    private List<Fact> byConstraint(Tables tables, RowRules.Holder holder) {
        List<Fact> facts = new ArrayList<>();
        if (holder == RowRules.Holder.CHECK) {
            facts.add(good("a check constraint refuses rows that disagree"));
        } else {
            facts.add(good("a foreign key of " + Words.count(width(tables), "column") + " refuses rows that disagree"));
            facts.add(cost("a unique constraint more on "
                    + tables.table(longer.get(0).target()).name()));
            facts.add(cost("to move " + Articles.with(Words.spoken(longer.get(0).target())) + " to another "
                    + Words.spoken(longer.get(1).name()) + ", nothing may refer to it"));
        }
        facts.add(SchemaFacts.joins(read(tables)));
        return facts;
    }

    private int width(Tables tables) {
        return tables.keysOf(tables.table(direct.holder()), longer.get(0).relationship()).stream()
                .mapToInt(k -> k.allColumns().size())
                .max()
                .orElse(0);
    }

    private List<Fact> byTriggers(Tables tables) {
        int triggers = GuardTriggers.ofRules(tables.design(), tables.schema(), direct.holder())
                .size();
        return List.of(
                good("triggers refuse rows that disagree, however long the ways are"),
                cost(Words.count(triggers, "trigger") + " that each write runs"),
                SchemaFacts.joins(read(tables)));
    }

    private List<Fact> computed(Tables tables) {
        int fewer = Stream.of(direct)
                .flatMap(d -> Tables.of(design, dialect).table(d.holder()).referencesOf(d).stream())
                .map(Reference::columns)
                .mapToInt(List::size)
                .sum();
        return List.of(
                good("nothing can disagree"),
                good(Words.count(fewer, "fewer column") + " in "
                        + tables.table(direct.holder()).name()),
                SchemaFacts.joins(read(tables)));
    }

    private Map<String, String> asked(Tables tables) {
        Map<String, String> statements = new LinkedHashMap<>();
        statements.put(read, read(tables));
        statements.put(write, tables.insert(tables.table(direct.holder())));
        return statements;
    }

    private String read(Tables tables) {
        boolean has = Roles.find(tables.design(), direct.holder(), direct.name())
                .filter(direct::equals)
                .isPresent();
        String path = has ? direct.name() : String.join(".", name(longer).path());
        return tables.read(direct.holder(), path);
    }
}
