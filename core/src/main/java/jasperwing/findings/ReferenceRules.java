package jasperwing.findings;

import jasperwing.derive.PhysicalNames;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.OnDelete;
import jasperwing.model.OnKeyChange;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.TableOwner;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** References that no row could ever satisfy, and rules on deleting that cannot be kept. */
final class ReferenceRules {
    private ReferenceRules() {}

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        if (!entity.outside()) {
            checked.heldBy(entity).forEach(r -> reference(checked, r, found));
        }
        for (Relationship relationship : checked.relationshipsOf(entity)) {
            if (relationship.from().equals(entity.name())) {
                said(checked, relationship, found);
            }
        }
    }

    private static void said(Checked checked, Relationship relationship, Consumer<Finding> found) {
        if (relationship instanceof BinaryRelationship binary
                && binary.isOfPairsAlone()
                && binary.deletes().stream().anyMatch(d -> d.rule() != DeleteRule.REFUSE)) {
            found.accept(ruleOnJoin(binary));
        }
        if (relationship instanceof BinaryRelationship binary && binary.isOfPairsAlone()) {
            binary.keyChanges().stream()
                    .filter(c -> c.rule() == KeyChangeRule.EMPTY)
                    .forEach(c -> found.accept(emptiedPair(binary, c.entity())));
        }
        Stream.concat(
                        relationship.deletes().stream().map(OnDelete::entity),
                        relationship.keyChanges().stream().map(OnKeyChange::entity))
                .distinct()
                .flatMap(e -> checked.design().entity(e).stream())
                .filter(Entity::elsewhere)
                .forEach(e -> found.accept(ruleOnOutside(checked, relationship, e)));
        if (relationship.checkedAtEnd() && !checked.dialect().defersKeys()) {
            found.accept(checkedAtOnce(checked, relationship));
        }
    }

    private static void reference(Checked checked, Role role, Consumer<Finding> found) {
        boolean key = isInKey(checked, role);
        if ((role.must() || key) && !role.relationship().deletes().isEmpty()) {
            role.targets().stream()
                    .filter(t -> role.relationship().onDelete(t) == DeleteRule.EMPTY)
                    .forEach(t -> found.accept(emptyOnMust(role, t, key)));
        }
        if (role.must() || key) {
            role.targets().stream()
                    .filter(t -> role.relationship().onKeyChange(t) == KeyChangeRule.EMPTY)
                    .forEach(t -> found.accept(emptiedByKey(role, t, key)));
        }
        if (role.must()
                && FirstRowRules.bindsAtOnce(checked, role)
                && role.targets().equals(List.of(role.holder()))) {
            found.accept(requiredSelf(role));
        }
    }

    static Edit checkedAtEnd(Relationship relationship, boolean atEnd) {
        return RelationshipEdits.replace(relationship, relationship.withCheckedAtEnd(atEnd));
    }

    private static Finding checkedAtOnce(Checked checked, Relationship relationship) {
        return new Finding(
                Rule.CHECKED_AT_ONCE,
                Subject.of(relationship, ""),
                checked.dialect().title() + " checks what " + relationship.from() + " points to at every statement.",
                "Rows that only fit together at the end of the transaction are refused earlier.",
                List.of(new Fix("Have it checked at once everywhere", checkedAtEnd(relationship, false))));
    }

    private static boolean isInKey(Checked checked, Role role) {
        return checked.design()
                .entity(role.holder())
                .filter(e -> e.key().names().contains(role.name()))
                .isPresent();
    }

    private static Finding emptyOnMust(Role role, String target, boolean key) {
        Relationship relationship = role.relationship();
        List<Fix> fixes = new ArrayList<>();
        fixes.add(new Fix(
                "Refuse to delete " + target + " instead",
                RelationshipEdits.replace(
                        relationship, RelationshipEdits.withRule(relationship, target, DeleteRule.REFUSE))));
        if (canLoosen(role) && !key) {
            fixes.add(new Fix("Let " + role.holder() + " be without one", loosen(role)));
        }
        return new Finding(
                Rule.EMPTY_ON_MUST,
                Subject.of(relationship, role.name()),
                "Deleting " + target + " empties " + role.holder() + "'s " + role.name()
                        + (key ? ", which is in its key." : ", which must be filled."),
                "The database will refuse the delete.",
                fixes);
    }

    private static Finding emptiedByKey(Role role, String target, boolean key) {
        Relationship relationship = role.relationship();
        List<Fix> fixes = new ArrayList<>();
        fixes.add(following(relationship, target));
        if (canLoosen(role) && !key) {
            fixes.add(new Fix("Let " + role.holder() + " be without one", loosen(role)));
        }
        return new Finding(
                Rule.EMPTY_ON_MUST,
                Subject.of(relationship, role.name()),
                "Changing the key of " + target + " empties " + role.holder() + "'s " + role.name()
                        + (key ? ", which is in its key." : ", which must be filled."),
                "The database will refuse the change.",
                fixes);
    }

    private static Fix following(Relationship relationship, String target) {
        return new Fix(
                "Let it follow the key of " + target,
                RelationshipEdits.replace(
                        relationship, RelationshipEdits.withRule(relationship, target, KeyChangeRule.FOLLOW)));
    }

    private static Finding emptiedPair(BinaryRelationship binary, String target) {
        return new Finding(
                Rule.EMPTY_ON_MUST,
                Subject.of(binary, Roles.forward(binary)),
                "Changing the key of " + target + " empties pairs of " + binary.from() + " and " + binary.to()
                        + ", which have both ends.",
                "The database will not create the join table.",
                List.of(following(binary, target)));
    }

    private static Finding requiredSelf(Role role) {
        return new Finding(
                Rule.REQUIRED_SELF,
                Subject.of(role.relationship(), role.name()),
                "Every " + role.holder() + " must have another as " + role.name() + ".",
                "The first row can never be stored.",
                canLoosen(role) ? List.of(new Fix("Make the reference optional", loosen(role))) : List.of());
    }

    private static Finding ruleOnJoin(BinaryRelationship binary) {
        List<OnDelete> refusing = binary.deletes().stream()
                .filter(d -> d.rule() == DeleteRule.REFUSE)
                .toList();
        List<OnDelete> refused = binary.deletes().stream()
                .map(d -> new OnDelete(d.entity(), DeleteRule.REFUSE, d.comments()))
                .toList();
        return new Finding(
                Rule.RULE_ON_JOIN,
                Subject.of(binary, ""),
                "A rule for deleting that removes or empties the other end stands on the many-to-many of "
                        + binary.from() + " and " + binary.to() + ".",
                "It has no effect: deleting a row removes its pairs, never the rows at the other end.",
                List.of(
                        new Fix("Remove the rule", RelationshipEdits.replace(binary, binary.withDeletes(refusing))),
                        new Fix(
                                "Refuse to delete what is in a pair",
                                RelationshipEdits.replace(binary, binary.withDeletes(refused)))));
    }

    private static Finding ruleOnOutside(Checked checked, Relationship relationship, Entity outside) {
        String table = PhysicalNames.wantedTable(checked.design(), outside);
        boolean deletes =
                relationship.deletes().stream().anyMatch(d -> d.entity().equals(outside.name()));
        String what = deletes ? "deleting " : "changing the key of ";
        return new Finding(
                Rule.RULE_ON_OUTSIDE,
                Subject.of(relationship, ""),
                "A rule says what " + what + outside.name() + " does, and " + outside.name()
                        + " lives in another system.",
                "It has no effect: no foreign key leads there, and the database does not notice the "
                        + (deletes ? "delete." : "change."),
                List.of(
                        new Fix(
                                "Remove the rule",
                                RelationshipEdits.replace(
                                        relationship, relationship.withRulesFor(e -> !e.equals(outside.name())))),
                        new Fix(
                                outside.name() + " is the table " + table + " of this database",
                                TableOwner.OTHERS.assign(outside.name(), table))));
    }

    /** The references of a link entity are always filled. */
    static boolean canLoosen(Role role) {
        return role.relationship() instanceof PolymorphicRelationship
                || role.relationship() instanceof BinaryRelationship binary
                        && binary.via().isEmpty();
    }

    static Edit loosen(Role role) {
        return must(role, false);
    }

    /** Says whether the holder of a reference has to point to something. */
    static Edit must(Role role, boolean must) {
        Relationship relationship = role.relationship();
        boolean forward = relationship instanceof PolymorphicRelationship
                || relationship instanceof BinaryRelationship binary && binary.fromHolds();
        Relationship changed = forward
                ? relationship.withForward(relationship.forward().withMust(must))
                : relationship.withBack(relationship.back().map(b -> b.withMust(must)));
        return RelationshipEdits.replace(relationship, changed);
    }
}
