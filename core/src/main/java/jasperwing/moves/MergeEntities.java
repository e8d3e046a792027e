package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.Comments;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.SharedKeys;
import jasperwing.model.TextConstraint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Takes one entity into another of which it is a double: attributes both have are kept once, those only one has may be empty from then
 * on, and whatever was related to the one is related to the other.
 */
public record MergeEntities(String stays, String gone) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.when(stays.equals(gone), "Merging takes two entities."),
                () -> Preconditions.entity(design, stays),
                () -> Preconditions.entity(design, gone),
                () -> Preconditions.family(design, gone),
                () -> new EntityMerger(stays, gone).hindrance(design, Optional.empty()),
                () -> clash(design));
    }

    private Optional<String> clash(Design design) {
        Entity one = design.entity(stays).orElseThrow();
        List<String> roles = Preconditions.membersOfTree(design, stays);
        for (Attribute attribute :
                SharedKeys.of(design.entity(gone).orElseThrow()).attributes()) {
            Optional<Attribute> other = one.attribute(attribute.name());
            boolean differs = other.isPresent()
                    && !(other.get().type().equals(attribute.type())
                            && other.get().list() == attribute.list());
            if (differs || other.isEmpty() && roles.contains(attribute.name())) {
                return Optional.of("Both have a " + attribute.name() + ", and not alike; rename one of them first.");
            }
        }
        List<String> coming = design.entity(gone).orElseThrow().attributes().stream()
                .map(Attribute::name)
                .toList();
        List<String> own = one.attributes().stream().map(Attribute::name).toList();
        return Preconditions.members(design, gone).stream()
                .filter(m -> !coming.contains(m) && own.contains(m))
                .findFirst()
                .map(m -> "Both have a " + m + ", and not alike; rename one of them first.");
    }

    @Override
    public Design made(Design design) {
        Entity coming = SharedKeys.of(design.entity(gone).orElseThrow());
        Design merged = MoveSteps.change(design, stays, e -> taking(e, coming));
        return new EntityMerger(stays, gone).done(merged, Comments.NONE);
    }

    private static Entity taking(Entity entity, Entity coming) {
        List<Attribute> attributes = new ArrayList<>();
        entity.attributes().forEach(a -> attributes.add(merged(entity, a, coming.attribute(a.name()))));
        coming.attributes().stream()
                .filter(a -> entity.attribute(a.name()).isEmpty())
                .map(a -> a.list() || a.isComputed() ? a : a.withOptional(true))
                .forEach(attributes::add);
        List<Members> uniques = new ArrayList<>(entity.uniques());
        coming.uniques().stream()
                .filter(u -> uniques.stream().noneMatch(o -> o.names().equals(u.names())))
                .forEach(uniques::add);
        return entity.withNotes(both(entity.notes(), coming.notes()))
                .withAttributes(attributes)
                .withUniques(uniques)
                .withIndexes(MoveSteps.both(entity.indexes(), coming.indexes()))
                .withRules(
                        entity.rules().stream().filter(coming.rules()::contains).toList());
    }

    /** As the rows of both have it: what only one says of its values cannot be asked of those of the other. */
    private static Attribute merged(Entity entity, Attribute attribute, Optional<Attribute> other) {
        boolean fixed = entity.isKey(attribute) || attribute.list() || attribute.isComputed();
        if (other.isEmpty()) {
            return fixed ? attribute : attribute.withOptional(true);
        }
        Attribute coming = other.get();
        boolean optional = attribute.optional() || !fixed && coming.optional();
        return attribute
                .withOptional(optional)
                .withRange(attribute.range().equals(coming.range()) ? attribute.range() : Optional.empty())
                .withTextConstraint(
                        attribute.textConstraint().equals(coming.textConstraint())
                                ? attribute.textConstraint()
                                : TextConstraint.NONE)
                .withDefault(attribute.defaultValue().or(coming::defaultValue))
                .withNotes(both(attribute.notes(), coming.notes()));
    }

    private static Notes both(Notes one, Notes other) {
        boolean same = one.doc().isBlank() || other.doc().isBlank() || one.doc().equals(other.doc());
        String doc = same ? (one.doc().isBlank() ? other.doc() : one.doc()) : one.doc() + "\n" + other.doc();
        return one.withDoc(doc).withLabel(one.label().isBlank() ? other.label() : one.label());
    }
}
