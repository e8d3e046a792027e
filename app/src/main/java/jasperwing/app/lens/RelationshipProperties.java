package jasperwing.app.lens;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.SharedKeys;
import jasperwing.model.StorageNotes;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import jasperwing.reading.RelationshipReversal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What a relationship says besides its sentence, as fields; each change is one edit. */
final class RelationshipProperties {
    private static final String REFUSED = "change is refused";
    private static final String FOLLOWED = "change is followed";
    private static final String EMPTIED = "change empties it";

    private final Workspace workspace;
    private final Relationship relationship;
    private final PropertyForm form = new PropertyForm();

    private RelationshipProperties(Workspace workspace, Relationship relationship) {
        this.workspace = workspace;
        this.relationship = relationship;
    }

    static PropertyForm of(Workspace workspace, Relationship relationship) {
        RelationshipProperties properties = new RelationshipProperties(workspace, relationship);
        properties.roles();
        properties.limits();
        properties.notes();
        properties.storage();
        properties.names();
        return properties.form;
    }

    private void roles() {
        Reading forward = relationship.forward();
        form.text(
                "role",
                "Role in " + relationship.from(),
                forward.role(),
                Roles.forward(relationship),
                now -> changed(relationship.withForward(forward.withRole(now))));
        relationship
                .back()
                .ifPresent(back -> form.text(
                        "back-role",
                        "Role in " + String.join(", ", relationship.targets()),
                        back.role(),
                        Roles.back(relationship),
                        now -> changed(relationship.withBack(Optional.of(back.withRole(now))))));
    }

    private void limits() {
        Reading forward = relationship.forward();
        limit("most", relationship.targets().get(0), forward, relationship::withForward);
        relationship
                .back()
                .ifPresent(b -> limit("back-most", relationship.from(), b, r -> relationship.withBack(Optional.of(r))));
    }

    /** How many there can be; an empty field is any number. */
    private void limit(String id, String of, Reading reading, Function<Reading, Relationship> with) {
        if (reading.many()) {
            String most = reading.most() == 0 ? "" : String.valueOf(reading.most());
            form.text(id, Plurals.plural(of) + " at most", most, "any number", now -> limited(now, reading, with));
        }
    }

    private Optional<String> limited(String now, Reading reading, Function<Reading, Relationship> with) {
        String number = now.strip();
        if (!number.matches("|[2-9]|[1-9]\\d{1,5}")) {
            return Optional.of("a whole number from 2 on, or nothing for any number");
        }
        return changed(with.apply(reading.withMost(number.isEmpty() ? 0 : Integer.parseInt(number))));
    }

    private void notes() {
        form.note(
                "note",
                "Note",
                relationship.notes().doc(),
                now -> changed(relationship.withNotes(relationship.notes().withDoc(now))));
        form.text(
                "label",
                "Label",
                relationship.notes().label(),
                "how people see it",
                now -> changed(relationship.withNotes(relationship.notes().withLabel(now))));
    }

    private void storage() {
        form.check(
                "at-end",
                "Checked at the end of a transaction",
                relationship.checkedAtEnd(),
                now -> changed(relationship.withCheckedAtEnd(now)));
        keyChanges();
        if (!(relationship instanceof BinaryRelationship binary) || binary.isSelf()) {
            return;
        }
        List<String> ends = List.of(binary.from(), binary.to());
        if (binary.shape() == BinaryRelationship.Shape.ONE_TO_ONE
                && binary.back().isPresent()) {
            form.choice(
                    "holder",
                    "Key held by",
                    ends,
                    binary.holder(),
                    now -> changed(binary.withTurned(!binary.turned())));
        } else if (binary.isOfPairsAlone() && binary.back().isPresent()) {
            form.choice("owner", "Owned by", ends, binary.from(), now -> RelationshipReversal.fromOtherEnd(binary)
                    .ifPresent(this::changed));
        }
    }

    /** Asked where a key can change: a generated one stays what it is. */
    private void keyChanges() {
        relationship.pointedTo().stream()
                .filter(t -> relationship.keyChanges().stream()
                                .anyMatch(c -> c.entity().equals(t))
                        || canChange(t))
                .forEach(t -> form.choice(
                        "key-change-" + t,
                        "Key of " + t,
                        List.of(REFUSED, FOLLOWED, EMPTIED),
                        words(relationship.onKeyChange(t)),
                        now -> changed(RelationshipEdits.withRule(relationship, t, rule(now)))));
    }

    private boolean canChange(String entity) {
        Design design = workspace.design();
        return design.entity(InheritanceTree.root(design, entity)).stream()
                .flatMap(e -> e.attributes().stream().filter(e::isKey))
                .anyMatch(a -> !SharedKeys.isGenerated(a));
    }

    private static String words(KeyChangeRule rule) {
        return switch (rule) {
            case REFUSE -> REFUSED;
            case FOLLOW -> FOLLOWED;
            case EMPTY -> EMPTIED;
        };
    }

    private static KeyChangeRule rule(String words) {
        return words.equals(FOLLOWED)
                ? KeyChangeRule.FOLLOW
                : words.equals(EMPTIED) ? KeyChangeRule.EMPTY : KeyChangeRule.REFUSE;
    }

    /** What is called otherwise in the database than it follows from the sentence; each as it is now where nothing is said. */
    private void names() {
        StorageNotes stored = relationship.notes().stored();
        NamesInDatabase now = NamesInDatabase.of(workspace.projection().get(), relationship);
        now.joinTable()
                .ifPresent(
                        t -> form.text("join-table", "Join table", stored.name(), t, n -> stored(stored.withName(n))));
        if (!now.columns().isEmpty()) {
            form.text(
                    "columns",
                    now.columns().size() == 1 ? "Column" : "Columns",
                    String.join(", ", stored.columns()),
                    String.join(", ", now.columns()),
                    n -> stored(stored.withColumns(split(n))));
            form.text(
                    "foreign-keys",
                    now.foreignKeys().size() == 1 ? "Foreign key" : "Foreign keys",
                    String.join(", ", stored.constraints()),
                    String.join(", ", now.foreignKeys()),
                    n -> stored(stored.withConstraints(split(n))));
        }
    }

    private static List<String> split(String names) {
        return Arrays.stream(names.split(","))
                .map(String::strip)
                .filter(n -> !n.isEmpty())
                .toList();
    }

    private Optional<String> stored(StorageNotes now) {
        return changed(relationship.withNotes(relationship.notes().withStored(now)));
    }

    private Optional<String> changed(Relationship now) {
        workspace.edit(RelationshipEdits.restate(relationship, now), Selection.of(now));
        return Optional.empty();
    }
}
