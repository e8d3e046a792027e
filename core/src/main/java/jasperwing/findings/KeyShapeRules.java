package jasperwing.findings;

import jasperwing.derive.ColumnCounts;
import jasperwing.model.Attribute;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.Members;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/** Keys that work, and will hurt: what can be empty or change, what is wider than need be, what hardly tells rows apart. */
final class KeyShapeRules {
    private static final Set<Scalar> INEXACT =
            Set.of(Scalar.REAL, Scalar.BOOLEAN, Scalar.TIME, Scalar.TIMESTAMP, Scalar.LOCAL_TIMESTAMP, Scalar.DURATION);

    /** Last words of names of what people change their minds about. */
    private static final Set<String> CHANGING =
            Set.of("name", "title", "email", "mail", "phone", "label", "caption", "nickname", "login", "username");

    private KeyShapeRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        for (Attribute attribute : entity.attributes()) {
            if (entity.isKey(attribute)) {
                member(checked, entity, attribute, found);
            }
        }
        for (Role role : checked.heldBy(entity.name())) {
            if (!role.must() && entity.key().names().contains(role.name())) {
                found.accept(optionalRole(entity, role));
            }
        }
        if (entity.key().names().size() > 1) {
            entity.attributes().stream()
                    .filter(a -> entity.isKey(a) && isEnough(a))
                    .findFirst()
                    .ifPresent(a -> found.accept(wide(entity, a)));
        }
        tooWide(checked, entity, found);
        redundant(entity, found);
    }

    /** A key of two keys that are keys of two keys doubles at each step; told where it goes beyond. */
    private static void tooWide(Checked checked, Entity entity, Consumer<Finding> found) {
        List<Role> roles = checked.heldBy(entity.name()).stream()
                .filter(r -> entity.key().names().contains(r.name()))
                .toList();
        if (roles.isEmpty()) {
            return;
        }
        long count = ColumnCounts.ofKey(checked.design(), entity.name());
        boolean here = count > ColumnCounts.MOST_OF_KEY
                && roles.stream()
                        .allMatch(r -> ColumnCounts.ofKey(checked.design(), r.target()) <= ColumnCounts.MOST_OF_KEY);
        if (here) {
            found.accept(new Finding(
                    Rule.KEY_TOO_WIDE,
                    Subject.of(entity.name()),
                    entity.name() + "'s key comes to " + count + " columns, counting the keys of what it refers to.",
                    "No database takes more than " + ColumnCounts.MOST_OF_KEY
                            + " in a key, so the table has none. A serial key of its own has one.",
                    List.of()));
        }
    }

    private static void member(Checked checked, Entity entity, Attribute attribute, Consumer<Finding> found) {
        if (attribute.optional()) {
            found.accept(optional(
                    entity,
                    attribute.name(),
                    Subject.of(entity.name(), attribute.name()),
                    EntityEdits.changeAttribute(entity.name(), attribute.name(), a -> a.withOptional(false))));
        }
        if (attribute.type() instanceof Type.Plain plain && INEXACT.contains(plain.scalar())) {
            found.accept(inexact(entity, attribute));
        } else if (isAlone(entity, attribute) && isChanging(attribute)) {
            unstable(checked, entity, attribute).ifPresent(found);
        }
    }

    /** Whether it is the key, and there is more to a row than its key; a list of words is keyed by them on purpose. */
    private static boolean isAlone(Entity entity, Attribute attribute) {
        return attribute.type().isText()
                && entity.key().names().size() == 1
                && entity.attributes().size() > 1;
    }

    private static boolean isChanging(Attribute attribute) {
        List<String> words = Words.split(attribute.name());
        return !words.isEmpty() && CHANGING.contains(words.get(words.size() - 1));
    }

    /** Whether one attribute tells all rows apart by itself. */
    private static boolean isEnough(Attribute attribute) {
        return attribute.unique()
                || attribute.type().is(Scalar.SERIAL)
                || attribute.type().is(Scalar.UUID);
    }

    private static Finding optional(Entity entity, String member, Subject subject, Edit must) {
        return new Finding(
                Rule.OPTIONAL_KEY,
                subject,
                entity.name() + "'s key has " + member + " in it, which may be empty.",
                "Key columns cannot be null; the column becomes NOT NULL.",
                List.of(
                        new Fix("Let " + member + " be filled always", must),
                        new Fix(
                                "Take " + member + " out of the key",
                                EntityEdits.change(
                                        entity.name(), e -> e.withKey(e.key().without(member))))));
    }

    private static Finding optionalRole(Entity entity, Role role) {
        return optional(
                entity, role.name(), Subject.of(role.relationship(), role.name()), ReferenceRules.must(role, true));
    }

    private static Finding inexact(Entity entity, Attribute attribute) {
        return new Finding(
                Rule.INEXACT_KEY,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + " is identified by its " + attribute.name()
                        + ", which is no kind of value that is the same again.",
                "Times and measurements may be rounded; the row is then not found by its own key.",
                List.of(numbered(entity)));
    }

    /** None where every relationship with what refers to it says what becomes of that. */
    private static Optional<Finding> unstable(Checked checked, Entity entity, Attribute attribute) {
        String name = entity.name();
        List<Relationship> referring = checked.relationshipsOf(entity).stream()
                .filter(r -> Roles.of(r).stream().anyMatch(o -> o.targets().contains(name)))
                .toList();
        List<Relationship> silent = referring.stream()
                .filter(r -> r.keyChanges().stream().noneMatch(c -> c.entity().equals(name)))
                .toList();
        if (!referring.isEmpty() && silent.isEmpty()) {
            return Optional.empty();
        }
        List<Fix> fixes = new ArrayList<>(List.of(numbered(entity)));
        if (!silent.isEmpty()) {
            fixes.add(new Fix("Let what refers to it follow its key", following(silent, name)));
        }
        return Optional.of(new Finding(
                Rule.UNSTABLE_KEY,
                Subject.of(name, attribute.name()),
                name + " is identified by its " + attribute.name() + ", which will be changed some day.",
                "Every row that refers to it must be updated too.",
                fixes));
    }

    private static Edit following(List<Relationship> all, String entity) {
        Edit edit = Edit.NOTHING;
        for (Relationship each : all) {
            edit = edit.then(
                    RelationshipEdits.replace(each, RelationshipEdits.withRule(each, entity, KeyChangeRule.FOLLOW)));
        }
        return edit;
    }

    /** A counted number is the key; what was it stays unique. */
    private static Fix numbered(Entity entity) {
        String name = entity.attribute("id").isEmpty() ? "id" : "rowId";
        return new Fix("Add " + name + " serial key, and keep this unique", EntityEdits.change(entity.name(), e -> {
            boolean alone = e.key().names().size() == 1;
            List<Attribute> all = new ArrayList<>(List.of(Attribute.of(name, Type.of(Scalar.SERIAL))));
            e.attributes().forEach(a -> all.add(alone && e.isKey(a) ? a.withUnique(true) : a));
            List<Members> uniques = new ArrayList<>(e.uniques());
            if (!alone) {
                uniques.add(e.key());
            }
            return e.withAttributes(all).withKey(Members.of(name)).withUniques(uniques);
        }));
    }

    private static Finding wide(Entity entity, Attribute enough) {
        return new Finding(
                Rule.WIDE_KEY,
                Subject.of(entity.name(), enough.name()),
                entity.name() + "'s key has more in it than " + enough.name() + ", which tells all rows apart alone.",
                "Every foreign key to it carries all columns.",
                List.of(new Fix(
                        "Let " + enough.name() + " be the key alone",
                        EntityEdits.change(entity.name(), e -> e.withKey(Members.of(enough.name()))))));
    }

    private static void redundant(Entity entity, Consumer<Finding> found) {
        for (Members unique : entity.uniques()) {
            boolean said = contains(unique, entity.key())
                    || entity.uniques().stream().anyMatch(u -> u != unique && contains(unique, u))
                    || entity.attributes().stream()
                            .anyMatch(a -> a.unique() && unique.names().contains(a.name()));
            if (said) {
                found.accept(redundant(entity, unique));
            }
        }
    }

    /** Whether what the other says already makes the first unique. Of two that say the same each makes the other so. */
    private static boolean contains(Members unique, Members other) {
        return !other.isEmpty() && new HashSet<>(unique.names()).containsAll(other.names());
    }

    private static Finding redundant(Entity entity, Members unique) {
        String names = String.join(", ", unique.names());
        return new Finding(
                Rule.REDUNDANT_UNIQUE,
                Subject.ofUnique(entity.name(), unique),
                entity.name() + "'s unique (" + names + ") follows from what is unique already.",
                "The extra index slows writes and is never used.",
                List.of(new Fix("Take unique (" + names + ") out", EntityEdits.change(entity.name(), e -> {
                    List<Members> left = new ArrayList<>(e.uniques());
                    left.remove(unique);
                    return e.withUniques(left);
                }))));
    }
}
