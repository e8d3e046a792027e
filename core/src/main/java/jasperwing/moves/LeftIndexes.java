package jasperwing.moves;

import jasperwing.formula.Formula;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.Indexing;
import jasperwing.naming.Roles;
import java.util.List;

/** Indexes say nothing any more of what a move has taken from their entity. */
final class LeftIndexes {
    private LeftIndexes() {}

    static Design trimmed(Design before, Design after) {
        if (after.entities().stream().allMatch(e -> e.indexes().isEmpty())) {
            return after;
        }
        return after.withEntities(after.entities().stream()
                .map(e -> e.indexes().isEmpty() ? e : trimmed(before, after, e))
                .toList());
    }

    private static Entity trimmed(Design before, Design after, Entity entity) {
        List<Indexing> indexes = entity.indexes().stream()
                .map(i -> trimmed(before, after, entity, i))
                .filter(i -> !i.members().isEmpty())
                .filter(i -> i.where().isEmpty()
                        || isOfRow(after, entity, i.where().get())
                        || before.entity(entity.name()).stream()
                                .flatMap(e -> e.indexes().stream())
                                .noneMatch(o -> o.members().equals(i.members())
                                        && o.where()
                                                .filter(w -> isOfRow(before, entity, w))
                                                .isPresent()))
                .toList();
        return indexes.equals(entity.indexes()) ? entity : entity.withIndexes(indexes);
    }

    /** Whether an index can have the condition. */
    private static boolean isOfRow(Design design, Entity entity, Expression condition) {
        Formula formula = Formula.condition(design, entity.name(), condition);
        return formula.isSound() && formula.isLocal();
    }

    private static Indexing trimmed(Design before, Design after, Entity entity, Indexing index) {
        Indexing left = index;
        for (String name : index.named()) {
            if (has(before, entity.name(), name) && !has(after, entity.name(), name)) {
                left = left.without(name);
            }
        }
        return left;
    }

    private static boolean has(Design design, String entity, String member) {
        return design.whole().entity(entity).flatMap(e -> e.attribute(member)).isPresent()
                || Roles.find(design, entity, member).isPresent();
    }
}
