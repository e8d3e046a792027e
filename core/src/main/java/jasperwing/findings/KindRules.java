package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Inheritance;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindEdits;
import jasperwing.model.KindsKept;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Who is said to be a kind of whom, and cannot be. */
final class KindRules {
    /** The most kinds above one another. */
    private static final int DEEPEST = 5;

    private KindRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        Design design = checked.design();
        if (design.entities().stream().allMatch(e -> e.inheritance().equals(Inheritance.NONE))) {
            return;
        }
        for (Entity entity : design.entities()) {
            if (entity.inheritance().equals(Inheritance.NONE)) {
                continue;
            }
            Optional<Entity> parent = design.entity(entity.inheritance().of());
            if (!entity.inheritance().of().isEmpty()
                    && design.parent(entity.name()).isEmpty()) {
                found.accept(cannotBe(entity, parent));
            }
            boolean isKind = design.parent(entity.name()).isPresent();
            if (isKind && !entity.key().isEmpty()) {
                found.accept(ownKey(entity));
            }
            if (entity.inheritance().onlyKinds() && design.kinds(entity.name()).isEmpty()) {
                found.accept(noKinds(entity));
            }
            if (isKind && InheritanceTree.ancestors(design, entity.name()).size() == DEEPEST + 1) {
                tooDeep(design, entity).ifPresent(found);
            }
            if (entity.inheritance().kept().isPresent()
                    && (isKind || design.kinds(entity.name()).isEmpty())) {
                found.accept(keptInVain(design, entity, isKind));
            }
        }
        KindMemberRules.check(checked, found);
    }

    /** Databases join a few dozen tables at most. */
    private static Optional<Finding> tooDeep(Design design, Entity entity) {
        if (!InheritanceTree.isKept(design, entity.name(), KindsKept.TABLE_EACH)) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                Rule.KINDS_TOO_DEEP,
                Subject.of(entity.name()),
                "A row of " + entity.name() + " lies in " + (DEEPEST + 2)
                        + " tables, one for each of what it is a kind of.",
                "It is read by as many joins and stored by as many statements, and a few dozen are more than databases join.",
                List.of(KindKeepingRules.keepIn(design, entity.name(), KindsKept.ONE_TABLE))));
    }

    private static Finding cannotBe(Entity entity, Optional<Entity> parent) {
        String of = entity.inheritance().of();
        Fix without = new Fix("Let " + entity.name() + " be no kind", KindEdits.noKind(entity.name()));
        if (parent.isEmpty()) {
            return new Finding(
                    Rule.UNKNOWN_NAME,
                    Subject.of(entity.name()),
                    entity.name() + " is a kind of " + of + ", which is no entity.",
                    "It gets no attributes and no key from it.",
                    List.of(new Fix("Add an entity " + of, EntityEdits.add(Entity.keyed(of))), without));
        }
        if (entity.outside() || parent.get().outside()) {
            String outside = entity.outside() ? entity.name() : of;
            return new Finding(
                    Rule.KIND_OUTSIDE,
                    Subject.of(entity.name()),
                    entity.name() + " is a kind of " + of + ", and " + outside + " lives in another system.",
                    "What another system keeps cannot be kept here as a kind; a one-to-one can point to it.",
                    List.of(without));
        }
        return new Finding(
                Rule.KINDS_IN_CIRCLE,
                Subject.of(entity.name()),
                entity.name() + " is a kind of itself in the end, by way of " + of + ".",
                "None of them would get a key or a table.",
                List.of(without));
    }

    private static Finding ownKey(Entity entity) {
        return new Finding(
                Rule.KIND_WITH_KEY,
                Subject.of(entity.name()),
                entity.name() + " has a key of its own, and is a kind of "
                        + entity.inheritance().of() + ".",
                "A kind is identified by the key of its parent; its own key would be left out.",
                List.of(new Fix("Remove its own key", KindEdits.withoutKey(entity.name()))));
    }

    private static Finding noKinds(Entity entity) {
        return new Finding(
                Rule.NO_KINDS,
                Subject.of(entity.name()),
                entity.name() + " is only its kinds, and there are none.",
                "It can never have a row.",
                List.of(new Fix("Give it rows of its own", KindEdits.onlyKinds(entity.name(), false))));
    }

    private static Finding keptInVain(Design design, Entity entity, boolean isKind) {
        String kept = entity.inheritance().kept().orElseThrow().words();
        List<Fix> fixes = new ArrayList<>(List.of(new Fix(
                "Remove this line",
                EntityEdits.change(
                        entity.name(), e -> e.withInheritance(e.inheritance().withKept(Optional.empty()))))));
        if (isKind) {
            Edit moved = fixes.get(0)
                    .edit()
                    .then(KindEdits.keep(
                            entity.name(), entity.inheritance().kept().orElseThrow()));
            fixes.add(new Fix("Say it of " + InheritanceTree.root(design, entity.name()), moved));
        }
        return new Finding(
                Rule.KINDS_KEPT_IN_VAIN,
                Subject.of(entity.name()),
                entity.name() + "'s kinds are kept in " + kept
                        + (isKind ? ", and it is a kind itself." : ", and it has none."),
                isKind ? "A whole family is kept in one way, which its root says." : "The line has no effect.",
                fixes);
    }
}
