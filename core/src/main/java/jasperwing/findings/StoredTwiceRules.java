package jasperwing.findings;

import jasperwing.formula.Formula;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Expression;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/** Attributes that hold what other rows say already: a copy of what a reference leads to, a count of rows, a sum over them. */
final class StoredTwiceRules {
    /** What is added up to a total, the likeliest first. */
    private static final List<String> SUMMED = List.of("line_total", "total", "subtotal", "amount");

    /** Last words of names of what a thing with a total is made up of; payments make up none. */
    private static final Set<String> PARTS = Set.of("item", "line", "position", "entry", "cost", "expense", "row");

    private static final Set<String> TOTAL = Set.of("total", "total_amount", "amount_total", "grand_total");

    private final Checked checked;
    private final Entity entity;
    private final List<Role> held;

    private StoredTwiceRules(Checked checked, Entity entity) {
        this.checked = checked;
        this.entity = entity;
        this.held = checked.heldBy(entity);
    }

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        if (entity.outside()) {
            return;
        }
        StoredTwiceRules rules = new StoredTwiceRules(checked, entity);
        for (Attribute attribute : entity.attributes()) {
            if (!attribute.list() && !attribute.isComputed() && !entity.isKey(attribute)) {
                rules.copied(attribute).ifPresent(found);
                rules.total(attribute).ifPresent(found);
            }
        }
    }

    /** Whether what was found of an entity that is as it was holds: whether neither what it leads to nor what points to it has changed. */
    static boolean stands(Checked checked, OtherChanges others, Entity entity, List<Finding> found) {
        return !others.changed(Aspect.TYPES)
                && !others.beside().contains(entity.name())
                && (found.isEmpty() || !others.changed(Aspect.ENTITIES));
    }

    /** The entities that refer to one of some, or that one of them refers to. */
    static Set<String> beside(Checked checked, Set<String> some) {
        Set<String> beside = new HashSet<>(some);
        for (String entity : some) {
            Roles.pointingTo(checked.design(), entity).forEach(r -> beside.add(r.holder()));
            checked.heldBy(entity).forEach(r -> beside.addAll(r.targets()));
        }
        return beside;
    }

    /** {@code customerName} beside a reference {@code customer} that has a {@code name}; what costs is copied on purpose. */
    private Optional<Finding> copied(Attribute attribute) {
        for (Role role : held) {
            if (attribute.name().regionMatches(true, 0, role.name(), 0, 2)
                    && role.targets().size() == 1
                    && !AttributeRules.isMoney(attribute)) {
                Optional<Attribute> original = original(attribute, role);
                if (original.isPresent()) {
                    return original.map(o -> copied(attribute, role, o));
                }
            }
        }
        return Optional.empty();
    }

    /** The attribute of the role's target that it is named after, of a type of the same sort. */
    private Optional<Attribute> original(Attribute attribute, Role role) {
        String snake = Words.snake(attribute.name());
        String start = Words.snake(role.name()) + "_";
        return snake.startsWith(start)
                ? named(role.target(), snake.substring(start.length()))
                        .filter(o -> !o.list()
                                && o.type().getClass() == attribute.type().getClass())
                : Optional.empty();
    }

    private Optional<Attribute> named(String target, String snake) {
        Optional<Entity> parent = checked.design().entity(target);
        return parent.flatMap(p -> p.attributes().stream()
                .filter(a -> Words.snake(a.name()).equals(snake) && !p.isKey(a))
                .findFirst());
    }

    private Finding copied(Attribute attribute, Role role, Attribute original) {
        Expression formula = Expression.Name.of(role.name(), original.name());
        return new Finding(
                Rule.COPIED_ATTRIBUTE,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " repeats the " + original.name() + " of its " + role.name()
                        + ".",
                "When one is changed the other is not. Accept this where it must stay as it was then.",
                computed(attribute, original.type(), formula, role.name() + "." + original.name()));
    }

    private Optional<Finding> total(Attribute attribute) {
        if (!attribute.type().isNumeric() || attribute.type().is(Scalar.SERIAL)) {
            return Optional.empty();
        }
        String snake = Words.snake(attribute.name());
        boolean counts = snake.contains("count") || snake.contains("num") || snake.contains("total");
        boolean sums = snake.contains("total") || snake.contains("sum");
        if (!counts && !sums) {
            return Optional.empty();
        }
        List<BinaryRelationship> binaries = binaries();
        return binaries.stream()
                .filter(t -> isCount(snake, Words.snake(Roles.held(t))))
                .findFirst()
                .map(t -> count(attribute, t))
                .or(() -> binaries.size() == 1 ? sum(attribute, snake, binaries.get(0)) : Optional.empty());
    }

    /** The one-to-many relationships whose many point here. */
    private List<BinaryRelationship> binaries() {
        List<BinaryRelationship> binaries = new ArrayList<>();
        for (Role role : Roles.pointingTo(checked.design(), entity.name())) {
            role.relationship()
                    .visit(
                            binary -> {
                                if (binary.shape() == BinaryRelationship.Shape.ONE_TO_MANY) {
                                    binaries.add(binary);
                                }
                            },
                            oneOf -> {});
        }
        return binaries;
    }

    private static boolean isCount(String snake, String role) {
        String one = Plurals.singular(role);
        return List.of(
                        role + "_count",
                        one + "_count",
                        "count_of_" + role,
                        "number_of_" + role,
                        "num_" + role,
                        "total_" + role)
                .contains(snake);
    }

    private Finding count(Attribute attribute, BinaryRelationship binary) {
        String role = Roles.held(binary);
        Expression formula = Expression.Call.of("count", Expression.Name.of(role));
        return stored(attribute, "the number of its " + role, attribute.type(), formula, "count(" + role + ")");
    }

    private Optional<Finding> sum(Attribute attribute, String snake, BinaryRelationship binary) {
        Optional<Entity> many = checked.design().entity(binary.holder());
        String role = Roles.held(binary);
        return many.flatMap(m -> summed(snake, m)).map(s -> {
            Expression formula = Expression.Call.of("sum", Expression.Name.of(role, s.name()));
            String path = role + "." + s.name();
            return stored(attribute, "the sum of " + path, s.type(), formula, "sum(" + path + ")");
        });
    }

    private static Optional<Attribute> summed(String snake, Entity many) {
        List<String> words = Words.split(many.name());
        boolean part = !words.isEmpty() && PARTS.contains(words.get(words.size() - 1));
        List<String> names = TOTAL.contains(snake)
                ? part ? SUMMED : List.of()
                : List.of(snake.replaceAll("^(total|sum_of|sum)_|_(total|sum)$", ""));
        return names.stream()
                .flatMap(n -> many.attributes().stream()
                        .filter(a -> Words.snake(a.name()).equals(n)))
                .filter(a -> a.type().isNumeric() && !a.list() && !a.type().is(Scalar.SERIAL))
                .findFirst();
    }

    private Finding stored(Attribute attribute, String what, Type type, Expression formula, String text) {
        return new Finding(
                Rule.STORED_TOTAL,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " stores " + what + ".",
                "It is wrong as soon as one row is written without it; computed, it always agrees.",
                computed(attribute, type, formula, text));
    }

    /** Empty where something else is said of the attribute, or the formula would not be sound. */
    private List<Fix> computed(Attribute attribute, Type type, Expression formula, String text) {
        Design design = checked.design();
        Attribute instead = Attribute.of(attribute.name(), type)
                .withNotes(attribute.notes())
                .withFormula(Optional.of(formula));
        boolean sound = UndeclaredRules.saysNothingElse(
                        entity, attribute.withDefault(Optional.empty()).withRange(Optional.empty()))
                && !attribute.unique()
                && !RepeatRules.hasRepeats(entity)
                && Formula.of(design, entity.name(), instead).isSound();
        return sound
                ? List.of(new Fix(
                        "Compute it: " + attribute.name() + " = " + text,
                        EntityEdits.changeAttribute(entity.name(), attribute.name(), a -> instead)))
                : List.of();
    }
}
