package jasperwing.findings;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Articles;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.Optional;
import java.util.function.Consumer;

/** Rules on deleting and changing keys that the database takes no foreign key for, because the change would reach a table in two ways or come back. */
final class ReplacedDeleteRules {
    private ReplacedDeleteRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        if (checked.dialect().takesSeveralCascades()) {
            return;
        }
        for (DerivedTable table : checked.schema().tables()) {
            table.references().stream()
                    .filter(r -> r.stated() != r.onDelete())
                    .forEach(r -> found.accept(replaced(checked, table, r)));
            table.references().stream()
                    .filter(r -> r.statedKeyChange() != r.keyChange())
                    .forEach(r -> found.accept(unchanged(checked, table, r)));
        }
    }

    private static Finding replaced(Checked checked, DerivedTable table, Reference reference) {
        String stated = reference.stated() == DeleteRule.EMPTY ? " to null" : "";
        String why = reference.target().equals(table.name())
                ? "a delete must not come back to its own table"
                : "the delete would reach a table in two ways";
        return new Finding(
                Rule.DELETE_RULE_REPLACED,
                subject(table, reference),
                checked.dialect().title() + (stated.isEmpty() ? " cannot delete" : " cannot set") + " rows of "
                        + table.name() + stated + " when their row of " + reference.target()
                        + " is deleted: " + why + ". The foreign key " + reference.name()
                        + " refuses it instead.",
                "Deleting " + Articles.with(reference.targetEntity()) + " fails while rows of " + table.name()
                        + " refer to it.",
                reference.role().map(r -> refuse(r, reference)).stream().toList());
    }

    private static Finding unchanged(Checked checked, DerivedTable table, Reference reference) {
        String target = Articles.with(reference.targetEntity());
        return new Finding(
                Rule.DELETE_RULE_REPLACED,
                subject(table, reference),
                checked.dialect().title() + " cannot change rows of " + table.name() + " when the key of their row of "
                        + reference.target() + " changes: the change would reach a table in two ways. The foreign key "
                        + reference.name() + " refuses it instead.",
                "Changing the key of " + target + " fails while rows of " + table.name() + " refer to it.",
                reference.role().stream()
                        .map(r -> new Fix(
                                "Say that changing the key of " + target + " is refused",
                                RelationshipEdits.replace(
                                        r.relationship(),
                                        RelationshipEdits.withRule(
                                                r.relationship(), reference.targetEntity(), KeyChangeRule.REFUSE))))
                        .toList());
    }

    private static Subject subject(DerivedTable table, Reference reference) {
        Optional<Subject> ofRole = reference.role().map(r -> Subject.of(r.relationship(), r.name()));
        return ofRole.orElseGet(() -> table.source()
                .match(
                        e -> Subject.of(e.entity()),
                        j -> join(j.binary()),
                        l -> Subject.of(l.entity(), l.attribute()),
                        e -> Subject.of(e.type().name())));
    }

    private static Subject join(BinaryRelationship binary) {
        return Subject.of(binary, Roles.forward(binary));
    }

    private static Fix refuse(Role role, Reference reference) {
        return new Fix(
                "Say that deleting " + Articles.with(reference.targetEntity()) + " is refused",
                RelationshipEdits.replace(
                        role.relationship(),
                        RelationshipEdits.withRule(role.relationship(), reference.targetEntity(), DeleteRule.REFUSE)));
    }
}
