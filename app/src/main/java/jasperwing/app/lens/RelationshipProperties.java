package jasperwing.app.lens;

import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Roles;
import jasperwing.reading.RelationshipReversal;
import java.util.List;
import java.util.Optional;

/** What a relationship says besides its sentence, as fields; each change is one edit. */
final class RelationshipProperties {
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
        properties.notes();
        properties.storage();
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
        } else if (binary.shape() == BinaryRelationship.Shape.MANY_TO_MANY
                && binary.back().isPresent()) {
            form.choice("owner", "Owned by", ends, binary.from(), now -> RelationshipReversal.fromOtherEnd(binary)
                    .ifPresent(this::changed));
        }
    }

    private Optional<String> changed(Relationship now) {
        workspace.edit(RelationshipEdits.restate(relationship, now), Selection.of(now));
        return Optional.empty();
    }
}
