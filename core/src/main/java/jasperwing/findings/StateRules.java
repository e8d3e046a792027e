package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Expression;
import jasperwing.model.Notes;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** One state spread over several booleans. */
final class StateRules {
    private static final int ENOUGH = 3;

    /** What a thing is in at most one of at a time. */
    private static final Set<String> STATES = WordSet.of(
            "draft pending open opened closed submitted approved rejected accepted declined published archived",
            "cancelled canceled completed finished started running paused stopped paid shipped delivered returned",
            "suspended blocked confirmed requested granted expired withdrawn planned sent received resolved",
            "reopened assigned reserved issued settled dispatched checked_in checked_out landed boarded");

    private static final Pattern BEFORE_STATE = Pattern.compile("^(is|was|has_been)_");

    private StateRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        List<Attribute> states = entity.attributes().stream()
                .filter(a -> a.type().is(Scalar.BOOLEAN) && !a.list() && !a.isComputed())
                .filter(a -> STATES.contains(state(a)))
                .toList();
        if (states.size() >= ENOUGH) {
            found.accept(finding(checked.design(), entity, checked.heldBy(entity), states));
        }
    }

    /** {@code shipped} of {@code isShipped}. */
    private static String state(Attribute attribute) {
        return BEFORE_STATE.matcher(Words.snake(attribute.name())).replaceFirst("");
    }

    private static Finding finding(Design design, Entity entity, List<Role> roles, List<Attribute> states) {
        List<String> names = states.stream().map(Attribute::name).toList();
        return new Finding(
                Rule.BOOLEANS_AS_STATE,
                Subject.of(entity.name(), names.get(0)),
                entity.name() + "'s " + EntityNouns.all(names) + " look like one state.",
                states.size() + " booleans allow " + (1L << Math.min(states.size(), 30))
                        + " combinations, and only a few of them mean something.",
                isFree(design, entity, states) ? List.of(asEnum(design, entity, roles, states)) : List.of());
    }

    /** Whether nothing else is said of them, and no formula names one. */
    private static boolean isFree(Design design, Entity entity, List<Attribute> states) {
        boolean plain = !RepeatRules.hasRepeats(entity)
                && states.stream()
                        .allMatch(a -> UndeclaredRules.saysNothingElse(entity, a.withDefault(Optional.empty()))
                                && !entity.isKey(a)
                                && !a.unique());
        Set<String> named = design.entities().stream()
                .flatMap(e -> Stream.concat(
                        e.attributes().stream().flatMap(a -> a.formula().stream()),
                        e.indexes().stream().flatMap(i -> i.where().stream())))
                .flatMap(Expression::names)
                .flatMap(n -> n.path().stream())
                .collect(Collectors.toSet());
        return plain && states.stream().map(Attribute::name).noneMatch(named::contains);
    }

    private static String free(Entity entity, List<Role> roles, List<String> going) {
        return Stream.iterate(1, i -> i + 1)
                .map(i -> i == 1 ? "state" : "state" + i)
                .filter(n -> entity.attribute(n).isEmpty() || going.contains(n))
                .filter(n -> roles.stream().noneMatch(r -> r.name().equals(n)))
                .findFirst()
                .orElseThrow();
    }

    private static Fix asEnum(Design design, Entity entity, List<Role> roles, List<Attribute> states) {
        String name = GatheringRules.freeGroup(design, entity.name() + "State");
        String attribute =
                free(entity, roles, states.stream().map(Attribute::name).toList());
        List<EnumValue> values = states.stream()
                .map(StateRules::state)
                .distinct()
                .map(s -> new EnumValue(s, ""))
                .toList();
        Edit edit = design0 -> design0.withEnums(
                Stream.concat(design0.enums().stream(), Stream.of(new EnumType(name, values, Notes.NONE)))
                        .toList());
        edit = edit.then(EntityEdits.changeAttribute(
                entity.name(), states.get(0).name(), a -> Attribute.of(attribute, new Type.Named(name))
                        .withNotes(a.notes())));
        for (Attribute state : states.subList(1, states.size())) {
            edit = edit.then(EntityEdits.removeAttribute(entity.name(), state.name()));
        }
        return new Fix("Make one attribute of them, " + attribute + " of an enum " + name, edit);
    }
}
