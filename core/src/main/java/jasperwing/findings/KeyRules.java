package jasperwing.findings;

import jasperwing.derive.ColumnCounts;
import jasperwing.derive.ValueColumns;
import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Members;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Entities whose rows cannot be told apart. */
final class KeyRules {
    private KeyRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        if (checked.design().parent(entity.name()).isPresent()) {
            return;
        }
        List<String> unfit = unfit(checked, entity);
        unfit.forEach(m -> found.accept(keyMember(entity, m)));
        if (entity.key().isEmpty() && !checked.design().isLink(entity.name())) {
            found.accept(noKey(entity, entity.name() + " has no key."));
        } else if (unfit.isEmpty()
                && isCircle(checked, entity)
                && ColumnCounts.ofKey(checked.design(), entity.name()) <= ColumnCounts.MOST_OF_KEY) {
            found.accept(noKey(entity, entity.name() + " is identified in a circle."));
        }
    }

    private static Finding noKey(Entity entity, String message) {
        return new Finding(
                Rule.NO_KEY,
                Subject.of(entity.name()),
                message,
                "Its rows cannot be identified, and nothing can refer to one.",
                fixes(entity));
    }

    /** The members of the key that are no single value: lists, values of several parts, what is computed, and references to one of several kinds. */
    private static List<String> unfit(Checked checked, Entity entity) {
        List<String> unfit = new ArrayList<>(0);
        for (String member : entity.key().names()) {
            Optional<Attribute> attribute = entity.attribute(member);
            if (attribute.isPresent() && isSeveral(checked, attribute.get()) || isOneOf(checked, entity, member)) {
                unfit.add(member);
            }
        }
        return unfit;
    }

    private static boolean isOneOf(Checked checked, Entity entity, String member) {
        for (Role role : checked.heldBy(entity.name())) {
            if (role.relationship() instanceof PolymorphicRelationship
                    && role.name().equals(member)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isSeveral(Checked checked, Attribute attribute) {
        return attribute.list()
                || attribute.isComputed()
                || ValueColumns.value(checked.design(), attribute.type()).isPresent();
    }

    private static Finding keyMember(Entity entity, String member) {
        return new Finding(
                Rule.KEY_MEMBER,
                Subject.ofKey(entity.name(), entity.key(), member),
                entity.name() + "'s key names " + member + ", which is not a single value that is kept.",
                "The key would be without it.",
                List.of(new Fix(
                        "Take " + member + " out of the key",
                        EntityEdits.change(entity.name(), e -> e.withKey(e.key().without(member))))));
    }

    /** Of several of one name the first has the table. */
    private static boolean isCircle(Checked checked, Entity entity) {
        return checked.facts().isFirst(entity)
                && checked.schema()
                        .table(entity.name())
                        .map(t -> t.keyColumns().isEmpty())
                        .orElse(false);
    }

    private static List<Fix> fixes(Entity entity) {
        List<Fix> fixes = new ArrayList<>();
        if (entity.attribute("id").isEmpty()) {
            fixes.add(new Fix("Add id serial key", EntityEdits.change(entity.name(), e -> {
                List<Attribute> all = new ArrayList<>(List.of(Attribute.of("id", Type.of(Scalar.SERIAL))));
                all.addAll(e.attributes());
                return e.withAttributes(all).withKey(Members.of("id"));
            })));
        }
        entity.attributes().stream()
                .filter(a -> a.unique() && !a.optional() || a.name().equals("id"))
                .map(Attribute::name)
                .forEach(name -> fixes.add(new Fix(
                        "Make " + name + " the key",
                        EntityEdits.change(entity.name(), e -> e.withKey(Members.of(name))))));
        return fixes;
    }
}
