package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Inheritance;
import jasperwing.model.SharedKeys;
import java.util.List;
import java.util.Optional;

/**
 * Makes an entity a kind of another. It is known by that one's key then: a key that was only counted up or drawn goes, another stays
 * unique. Attributes both have alike are that one's.
 */
public record MakeKind(String kind, String of) implements Move {
    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, kind),
                () -> Preconditions.entity(design, of),
                () -> Kinds.canBecome(design, kind, of),
                () -> Kinds.identified(design, kind, of),
                () -> Preconditions.namedAlone(design, kind, gone(design)),
                () -> Kinds.clash(design, kind, of, gone(design)));
    }

    /** The attributes it has no more: those of the other, and a key that says nothing. */
    private List<String> gone(Design design) {
        Entity before = design.entity(kind).orElseThrow();
        List<Attribute> left = kept(design, before).attributes();
        return before.attributes().stream()
                .filter(a -> left.stream().noneMatch(l -> l.name().equals(a.name())))
                .map(Attribute::name)
                .toList();
    }

    private Entity kept(Design design, Entity entity) {
        Entity keyless = SharedKeys.of(entity);
        List<Attribute> own = keyless.attributes().stream()
                .filter(a -> !Kinds.has(design, of, a))
                .toList();
        return keyless.withAttributes(own);
    }

    @Override
    public Design made(Design design) {
        return MoveSteps.change(design, kind, e -> kept(design, e)
                .withInheritance(new Inheritance(of, e.inheritance().onlyKinds(), Optional.empty())));
    }
}
