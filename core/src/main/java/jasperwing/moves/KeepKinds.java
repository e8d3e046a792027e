package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindEdits;
import jasperwing.model.KindsKept;
import jasperwing.model.Scalar;
import java.util.Optional;

/** Keeps the family of an entity in another way. */
public record KeepKinds(String entity, KindsKept way) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.when(!InheritanceTree.has(design, entity), entity + " is no kind and has none."),
                () -> Preconditions.when(
                        InheritanceTree.isKept(design, entity, way),
                        "Its kinds are kept in " + way.words() + " already."),
                () -> counted(design));
    }

    private Optional<String> counted(Design design) {
        Entity root = design.entity(InheritanceTree.root(design, entity)).orElseThrow();
        boolean counted = root.attributes().stream()
                .anyMatch(a -> root.isKey(a) && a.type().is(Scalar.SERIAL));
        return Preconditions.when(
                way == KindsKept.COMPLETE_TABLES && counted,
                root.name() + "'s key is counted up, and each table would count for itself; make it a uuid first.");
    }

    @Override
    public Design made(Design design) {
        return KindEdits.keep(entity, way).on(design);
    }
}
