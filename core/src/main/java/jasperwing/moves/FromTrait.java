package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.GroupEdits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Gives an entity the attributes and rules of a trait itself, after its own. A trait nothing has any more goes. */
public record FromTrait(String entity, String trait) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.when(design.trait(trait).isEmpty(), "There is no trait " + trait + "."),
                () -> Preconditions.when(
                        !design.entity(entity).orElseThrow().traits().contains(trait),
                        entity + " does not have the trait " + trait + "."),
                () -> design.trait(trait).orElseThrow().attributes().stream()
                        .flatMap(a -> Preconditions.freeMember(design, entity, a.name()).stream())
                        .findFirst());
    }

    @Override
    public Design made(Design design) {
        AttributeGroup given = design.trait(trait).orElseThrow();
        Design made = MoveSteps.change(design, entity, e -> taken(e, given));
        boolean used = made.entities().stream().anyMatch(e -> e.traits().contains(trait));
        return used ? made : GroupEdits.remove(AttributeGroup.Kind.TRAIT, trait).on(made);
    }

    private Entity taken(Entity entity, AttributeGroup given) {
        List<Attribute> all = new ArrayList<>(entity.attributes());
        all.addAll(given.attributes());
        return entity.withAttributes(all)
                .withRules(MoveSteps.both(entity.rules(), given.rules()))
                .withTraits(
                        entity.traits().stream().filter(t -> !t.equals(trait)).toList());
    }
}
