package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.formula.FormulaPaths;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RowRule;
import jasperwing.model.SharedKeys;
import jasperwing.naming.Steps;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Takes the entity that holds a one-to-one into the one it points to. Its attributes may be empty from then on when it was not a must;
 * a generated key of its own goes.
 *
 * @param at where its attributes stand among those of the other; beyond them when at their end
 */
public record Fold(BinaryRelationship binary, int at) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.oneToOne(design, binary, "folded"),
                () -> Preconditions.entity(design, binary.parent()),
                () -> Preconditions.entity(design, binary.holder()),
                () -> Preconditions.family(design, binary.holder()),
                () -> pointing(design),
                () -> new EntityMerger(binary.parent(), binary.holder()).hindrance(design, Optional.of(binary)),
                () -> clash(design));
    }

    /** The reference that goes must not be what something is unique by or shown as. */
    private Optional<String> pointing(Design design) {
        Entity gone = design.entity(binary.holder()).orElseThrow();
        List<String> roles = Preconditions.roles(binary, binary.holder());
        boolean shared =
                gone.key().names().size() == 1 && roles.containsAll(gone.key().names());
        List<Members> naming = new ArrayList<>(gone.uniques());
        naming.add(gone.shown());
        if (!shared) {
            naming.add(gone.key());
        }
        return naming.stream()
                .flatMap(m -> m.names().stream())
                .filter(roles::contains)
                .findFirst()
                .map(r -> binary.holder() + " is told apart or shown by its " + r + ", which goes; change that first.");
    }

    private Optional<String> clash(Design design) {
        List<String> names = Preconditions.membersOfTree(design, binary.parent());
        names.removeAll(Preconditions.roles(binary, binary.parent()));
        return SharedKeys.of(design.entity(binary.holder()).orElseThrow()).attributes().stream()
                .map(Attribute::name)
                .filter(names::contains)
                .findFirst()
                .map(n -> "Both have a " + n + "; rename one of them first.");
    }

    @Override
    public Design made(Design design) {
        Entity gone = SharedKeys.of(design.entity(binary.holder()).orElseThrow());
        boolean must = binary.held().map(Reading::must).orElse(false);
        List<Attribute> coming = gone.attributes().stream()
                .map(a -> must || a.list() ? a : a.withOptional(true))
                .toList();
        List<Relationship> relationships = new ArrayList<>(design.relationships());
        relationships.remove(binary);
        List<RowRule> rules = gone.rules().stream()
                .flatMap(r -> (must ? Optional.of(r) : MoveSteps.unlessMissing(r, gone.attributes())).stream())
                .toList();
        Design taken =
                MoveSteps.change(design.withRelationships(relationships), binary.parent(), e -> taking(e, gone, coming)
                        .withRules(MoveSteps.both(e.rules(), rules)));
        Design folded = FormulaPaths.followed(design, taken, led(design, coming));
        return new EntityMerger(binary.parent(), binary.holder())
                .done(folded, binary.notes().comments());
    }

    /** What the role between them led to. */
    private List<FormulaPaths.Moved> led(Design design, List<Attribute> coming) {
        return Steps.from(design, binary.parent()).stream()
                .filter(s -> s.relationship().equals(binary) && s.to().equals(binary.holder()))
                .findFirst()
                .map(s -> coming.stream()
                        .map(a ->
                                new FormulaPaths.Moved(binary.parent(), List.of(s.name(), a.name()), List.of(a.name())))
                        .toList())
                .orElse(List.of());
    }

    private Entity taking(Entity entity, Entity gone, List<Attribute> coming) {
        List<Attribute> attributes = new ArrayList<>(entity.attributes());
        attributes.addAll(at < 0 || at > attributes.size() ? attributes.size() : at, coming);
        List<Members> uniques = new ArrayList<>(entity.uniques());
        uniques.addAll(gone.uniques());
        return entity.withAttributes(attributes)
                .withUniques(uniques)
                .withIndexes(MoveSteps.both(entity.indexes(), gone.indexes()))
                .withShown(entity.shown().isEmpty() ? gone.shown() : entity.shown());
    }
}
