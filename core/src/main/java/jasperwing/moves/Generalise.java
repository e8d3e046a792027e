package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Inheritance;
import jasperwing.model.Members;
import jasperwing.model.Scalar;
import jasperwing.model.SharedKeys;
import jasperwing.model.Type;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes several entities kinds of a new one, which takes what they have alike and gives them its key. */
public record Generalise(List<String> entities, List<String> attributes, String name) implements Move {
    public Generalise {
        entities = List.copyOf(entities);
        attributes = List.copyOf(attributes);
    }

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.when(entities.size() < 2, "Select two or more entities."),
                () -> Preconditions.freeName(design, name),
                () -> entities.stream()
                        .flatMap(e -> ofEntity(design, e).stream())
                        .findFirst());
    }

    private Optional<String> ofEntity(Design design, String entity) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> design.parent(entity).map(p -> entity + " is a kind of " + p.name() + " already."),
                () -> Preconditions.attributes(design, entity, attributes),
                () -> Preconditions.inKey(design, entity, attributes),
                () -> Preconditions.uniqueOrShown(design, entity, attributes),
                () -> Preconditions.sorting(
                        design,
                        entity,
                        design.entity(entity).orElseThrow().key().names()),
                () -> new AlikeAttributes(entities, attributes).hindrance(design, entity),
                () -> freeBelow(design, entity));
    }

    /** What they share must not bear the name of a member of their kinds, nor of a role. */
    private Optional<String> freeBelow(Design design, String entity) {
        Design without = MoveSteps.change(design, entity, e -> e.withAttributes(MoveSteps.without(e, attributes)));
        return attributes.stream()
                .flatMap(a -> Preconditions.freeMember(without, entity, a).stream())
                .findFirst();
    }

    /** A name for the key that nothing of theirs bears. */
    private String key(Design design) {
        boolean taken = entities.stream()
                .anyMatch(e ->
                        kept(design.entity(e).orElseThrow()).attribute("id").isPresent()
                                || Preconditions.freeMember(design, e, "id").isPresent()
                                        && design.entity(e)
                                                .flatMap(o -> o.attribute("id"))
                                                .isEmpty());
        return taken ? Words.camel(name) + "Id" : "id";
    }

    private Entity kept(Entity entity) {
        Entity keyless = SharedKeys.of(entity);
        return keyless.withAttributes(MoveSteps.without(keyless, attributes));
    }

    @Override
    public Design made(Design design) {
        String key = key(design);
        List<Attribute> all = new ArrayList<>(List.of(Attribute.of(key, Type.of(Scalar.SERIAL))));
        all.addAll(new AlikeAttributes(entities, attributes).of(design));
        Entity parent = Entity.of(name)
                .withAttributes(all)
                .withKey(Members.of(key))
                .withInheritance(Inheritance.NONE.withOnlyKinds(true));
        Design made = MoveSteps.addBeside(design, entities.get(0), parent);
        for (String entity : entities) {
            made = MoveSteps.change(made, entity, e -> kept(e).withInheritance(
                            new Inheritance(name, e.inheritance().onlyKinds(), Optional.empty())));
        }
        return made;
    }
}
