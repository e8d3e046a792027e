package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindsKept;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.naming.Role;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;

/** References that must be filled by one of several things, of which none can have a row before their holder has. */
final class FirstRowRules {
    private FirstRowRules() {}

    /** @param musts the references that must be filled at once */
    static void check(Checked checked, List<Role> musts, Consumer<Finding> found) {
        Design design = checked.design();
        if (musts.stream().noneMatch(r -> hasChoice(design, r))) {
            return;
        }
        Set<String> storable = FirstRows.of(design, musts);
        for (Role role : musts) {
            boolean stuck = hasChoice(design, role)
                    && design.entity(role.holder()).isPresent()
                    && !storable.contains(role.holder())
                    && role.targets().stream().noneMatch(storable::contains)
                    && leadsBack(design, musts, role);
            if (stuck) {
                found.accept(stuck(design, role));
            }
        }
    }

    private static Finding stuck(Design design, Role role) {
        String choice = String.join(
                ", ",
                role.targets().stream()
                        .flatMap(t -> choices(design, t).stream())
                        .distinct()
                        .toList());
        return new Finding(
                Rule.REQUIRED_CYCLE,
                Subject.of(role.relationship(), role.name()),
                "Each " + role.holder() + " must have one of " + choice + " as " + role.name()
                        + " first, and each of these in the end one " + role.holder() + ".",
                "None of them can have a first row.",
                ReferenceRules.canLoosen(role)
                        ? List.of(new Fix(
                                "Let " + role.holder() + " be without " + role.name(),
                                ReferenceRules.must(role, false)))
                        : List.of());
    }

    /** Whether rows of several entities can fill a reference; where there is no choice it is a plain circle. */
    private static boolean hasChoice(Design design, Role role) {
        return role.targets().size() > 1 || hasOnlyKinds(design, role.target());
    }

    private static boolean hasOnlyKinds(Design design, String entity) {
        return design.entity(entity).filter(e -> e.inheritance().onlyKinds()).isPresent();
    }

    private static List<String> choices(Design design, String target) {
        List<String> kinds = hasOnlyKinds(design, target)
                ? InheritanceTree.withRows(design, design.entity(target).orElseThrow()).stream()
                        .map(Entity::name)
                        .toList()
                : List.of();
        return kinds.isEmpty() ? List.of(target) : kinds;
    }

    /** Whether what can fill a reference must, in the end, have what holds it, or a kind or an ancestor of that. */
    private static boolean leadsBack(Design design, List<Role> musts, Role role) {
        Set<String> reached = new HashSet<>();
        Deque<String> open = new ArrayDeque<>(role.targets());
        while (!open.isEmpty()) {
            String entity = open.remove();
            if (reached.add(entity)) {
                design.parent(entity).ifPresent(p -> open.add(p.name()));
                if (hasOnlyKinds(design, entity)) {
                    design.kinds(entity).forEach(k -> open.add(k.name()));
                }
                musts.stream().filter(r -> r.holder().equals(entity)).forEach(r -> open.addAll(r.targets()));
            }
        }
        return reached.contains(role.holder());
    }

    /**
     * Whether a row can be pointed to only when it is there: a kind and an id can name one there is not, a late key one there will be, and
     * nothing holds what points to rows in several tables.
     */
    static boolean bindsAtOnce(Checked checked, Role role) {
        boolean late = role.relationship().checkedAtEnd() && checked.dialect().defersKeys();
        boolean loose = role.relationship() instanceof PolymorphicRelationship oneOf
                && oneOf.kept() == PolymorphicMapping.KIND_AND_ID;
        return !late && !loose && role.targets().stream().noneMatch(t -> isScattered(checked.design(), t));
    }

    /** Whether its rows lie in the tables of its kinds, so that no key can point to them. */
    private static boolean isScattered(Design design, String entity) {
        return !design.kinds(entity).isEmpty() && InheritanceTree.isKept(design, entity, KindsKept.COMPLETE_TABLES);
    }
}
