package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Comments;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Inheritance;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindEdits;
import jasperwing.model.KindsKept;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.OnDelete;
import jasperwing.model.Reading;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Lets a kind be one no more: it points to a row of what it was a kind of, with which it shares its key. What has only its kinds has rows of
 * its own when that was the last of them.
 */
public record KindToOneToOne(String kind) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, kind),
                () -> Kinds.isKind(design, kind),
                () -> Preconditions.freeMember(design, kind, Words.camel(parent(design))),
                () -> Preconditions.freeMember(design, parent(design), Words.camel(kind)),
                () -> inherited(design));
    }

    private String parent(Design design) {
        return design.parent(kind).orElseThrow().name();
    }

    /** What it names that it has only as the kind it is would be gone. */
    private Optional<String> inherited(Design design) {
        List<String> own = Preconditions.members(design, kind);
        Entity entity = design.entity(kind).orElseThrow();
        return Stream.concat(
                        entity.shown().names().stream(),
                        entity.uniques().stream().flatMap(u -> u.names().stream()))
                .filter(n -> !own.contains(n))
                .findFirst()
                .map(n -> kind + " is unique by or shown as " + n + ", which is of " + parent(design)
                        + "; change that first.");
    }

    @Override
    public Design made(Design design) {
        String of = parent(design);
        Optional<KindsKept> kept = design.kinds(kind).isEmpty()
                ? Optional.empty()
                : InheritanceTree.kept(design, kind).filter(k -> k != KindsKept.TABLE_EACH);
        String role = Words.camel(of);
        Design alone = MoveSteps.change(design, kind, e -> e.withInheritance(
                        new Inheritance("", e.inheritance().onlyKinds(), kept))
                .withKey(Members.of(role)));
        BinaryRelationship binary = new BinaryRelationship(
                kind,
                of,
                "",
                new Reading(true, "be", false, role),
                Optional.of(new Reading(false, "be", false, Words.camel(kind))),
                List.of(new OnDelete(of, DeleteRule.DELETE_TOO)),
                Notes.of(Comments.NONE));
        boolean last = design.kinds(of).size() == 1;
        return MoveSteps.relate(last ? KindEdits.onlyKinds(of, false).on(alone) : alone, binary);
    }
}
