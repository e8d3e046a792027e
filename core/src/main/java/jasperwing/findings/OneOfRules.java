package jasperwing.findings;

import jasperwing.derive.Enforcement;
import jasperwing.derive.GuardTriggers;
import jasperwing.derive.KeyTypes;
import jasperwing.dialect.Dialect;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.OnDelete;
import jasperwing.model.OnKeyChange;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** One-of relationships whose way of being kept costs more than it seems. */
final class OneOfRules {
    private OneOfRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        for (Relationship relationship : checked.design().relationships()) {
            if (relationship instanceof BinaryRelationship binary) {
                halfFilled(checked, binary, found);
            }
            if (relationship instanceof PolymorphicRelationship oneOf) {
                always(checked, oneOf, found);
            }
            if (relationship instanceof PolymorphicRelationship oneOf
                    && oneOf.kept() == PolymorphicMapping.KIND_AND_ID) {
                found.accept(
                        KeyTypes.alike(checked.design(), oneOf.subjects())
                                ? notEnforced(checked, oneOf)
                                : differ(oneOf));
            } else if (relationship instanceof PolymorphicRelationship oneOf
                    && !Enforcement.checksOneFilled(checked.dialect(), oneOf)) {
                found.accept(unchecked(checked, oneOf));
            }
        }
    }

    /** An optional reference of several columns that a change of another row changes, where no check may look at its columns. */
    private static void halfFilled(Checked checked, BinaryRelationship binary, Consumer<Finding> found) {
        boolean emptied = !checked.dialect().checksEmptied()
                && (binary.deletes().stream().anyMatch(d -> d.rule() == DeleteRule.EMPTY)
                        || binary.keyChanges().stream().anyMatch(c -> c.rule() != KeyChangeRule.REFUSE));
        if (!emptied) {
            return;
        }
        for (Role role : Roles.of(binary)) {
            int columns = checked.schema()
                    .table(role.holder())
                    .map(t -> t.columnsOf(role.name()).size())
                    .orElse(0);
            boolean deletes = binary.onDelete(role.target()) == DeleteRule.EMPTY;
            if (columns > 1 && !role.must() && (deletes || binary.onKeyChange(role.target()) != KeyChangeRule.REFUSE)) {
                found.accept(new Finding(
                        Rule.HALF_REFERENCE,
                        Subject.of(binary, role.name()),
                        role.holder() + "'s " + role.name() + " has " + columns
                                + " columns, and " + checked.dialect().title()
                                + " takes no check on columns that "
                                + (deletes ? "a delete sets to null." : "follow a key."),
                        "A row with only some of them filled is accepted, and its foreign key is not checked; triggers refuse it.",
                        List.of(deletes ? keptFromDeleting(binary, role) : keptFromChanging(binary, role)),
                        GuardSql.ofChecks(checked, role.holder())));
            }
        }
    }

    private static Fix keptFromDeleting(BinaryRelationship binary, Role role) {
        return new Fix(
                "Refuse to delete " + role.target() + " while something refers to it",
                RelationshipEdits.replace(
                        binary, RelationshipEdits.withRule(binary, role.target(), DeleteRule.REFUSE)));
    }

    private static Fix keptFromChanging(BinaryRelationship binary, Role role) {
        return new Fix(
                "Refuse to change the key of " + role.target() + " while something refers to it",
                RelationshipEdits.replace(
                        binary, RelationshipEdits.withRule(binary, role.target(), KeyChangeRule.REFUSE)));
    }

    private static void always(Checked checked, PolymorphicRelationship oneOf, Consumer<Finding> found) {
        if (oneOf.subjects().size() == 1) {
            found.accept(single(oneOf));
        }
        if (oneOf.kept() == PolymorphicMapping.KIND_AND_ID) {
            oneOf.subjects().stream()
                    .flatMap(s -> checked.design().entity(s).stream())
                    .filter(e -> !e.notes().was().isEmpty())
                    .forEach(e -> found.accept(renamed(checked, oneOf, e)));
        }
    }

    private static Finding single(PolymorphicRelationship oneOf) {
        String subject = oneOf.subjects().get(0);
        BinaryRelationship binary = new BinaryRelationship(
                oneOf.from(),
                subject,
                "",
                oneOf.forward(),
                oneOf.back(),
                oneOf.deletes(),
                oneOf.keyChanges(),
                oneOf.checkedAtEnd(),
                false,
                oneOf.notes());
        return new Finding(
                Rule.ONE_OF_SINGLE,
                Subject.of(oneOf, Roles.forward(oneOf)),
                oneOf.from() + "'s " + Roles.forward(oneOf) + " can be one kind of thing only, " + subject + ".",
                "A plain relationship is simpler.",
                List.of(new Fix("Let it point to " + subject, RelationshipEdits.replace(oneOf, binary))));
    }

    /** Rows say the kind by its name. */
    private static Finding renamed(Checked checked, PolymorphicRelationship oneOf, Entity subject) {
        Dialect dialect = checked.dialect();
        String was = subject.notes().was();
        String sql = checked.schema()
                .table(oneOf.from())
                .flatMap(t -> t.columnsOf(Roles.forward(oneOf)).stream()
                        .findFirst()
                        .map(kind -> "update " + dialect.quote(t.table()) + "\nset " + dialect.quote(kind.name())
                                + " = "
                                + dialect.literal(subject.name()) + "\nwhere " + dialect.quote(kind.name()) + " = "
                                + dialect.literal(was) + ";\n"))
                .orElse("");
        return new Finding(
                Rule.KIND_RENAMED,
                Subject.of(oneOf, Roles.forward(oneOf)),
                subject.name() + " was " + was + ", and rows of " + oneOf.from() + " still name it so as their "
                        + Roles.forward(oneOf) + ".",
                "Existing rows still hold the old name; the check constraint will reject them.",
                List.of(
                        new Fix(
                                "It is done: forget that it was " + was,
                                EntityEdits.change(
                                        subject.name(),
                                        e -> e.withNotes(e.notes().withWas("")))),
                        columnEach(oneOf)),
                sql);
    }

    private static Finding differ(PolymorphicRelationship oneOf) {
        return new Finding(
                Rule.ONE_OF_KEYS_DIFFER,
                Subject.of(oneOf, Roles.forward(oneOf)),
                "The subjects of " + oneOf.from() + " are not keyed alike: one id column cannot hold "
                        + "all their keys as they are.",
                "The id is stored as text and must be converted for every join.",
                List.of(columnEach(oneOf)));
    }

    private static Finding notEnforced(Checked checked, PolymorphicRelationship oneOf) {
        return new Finding(
                Rule.ONE_OF_NOT_ENFORCED,
                Subject.of(oneOf, Roles.forward(oneOf)),
                oneOf.from() + "'s " + Roles.forward(oneOf) + " is kept as a kind and an id, without a foreign key.",
                "The database does not notice when the row it refers to does not exist"
                        + (GuardTriggers.areIn(checked.dialect()) ? "; triggers can." : "."),
                List.of(columnEach(oneOf)),
                GuardSql.of(checked, oneOf));
    }

    private static Finding unchecked(Checked checked, PolymorphicRelationship oneOf) {
        Optional<String> deleted = oneOf.deletes().stream()
                .filter(d -> d.rule() == DeleteRule.EMPTY)
                .map(OnDelete::entity)
                .findFirst();
        String changed = deleted.orElseGet(() -> oneOf.keyChanges().stream()
                .filter(c -> c.rule() != KeyChangeRule.REFUSE)
                .map(OnKeyChange::entity)
                .findFirst()
                .orElseThrow());
        String database = checked.dialect().title();
        String role = oneOf.from() + "'s " + Roles.forward(oneOf);
        List<Fix> fixes = deleted.stream()
                .map(d -> new Fix(
                        "Refuse to delete " + d + " while something points to it",
                        RelationshipEdits.replace(
                                oneOf,
                                oneOf.withDeletes(oneOf.deletes().stream()
                                        .filter(o -> !o.entity().equals(d))
                                        .toList()))))
                .toList();
        return new Finding(
                Rule.ONE_OF_NOT_ENFORCED,
                Subject.of(oneOf, Roles.forward(oneOf)),
                deleted.isPresent()
                        ? "Deleting " + changed + " empties " + role + ", and " + database
                                + " checks nothing that deleting empties."
                        : "A change of the key of " + changed + " changes " + role + ", and " + database
                                + " checks nothing that follows a key.",
                "The database does not notice when more than one is filled; triggers can.",
                fixes,
                GuardSql.ofChecks(checked, oneOf.from()));
    }

    private static Fix columnEach(PolymorphicRelationship oneOf) {
        return new Fix(
                "Keep it as a column for each",
                RelationshipEdits.replace(oneOf, oneOf.withKeeping(PolymorphicMapping.COLUMN_EACH)));
    }
}
