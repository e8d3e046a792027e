package jasperwing.moves;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import java.util.List;
import java.util.Optional;

/** Attributes that several entities have alike; what the first has is what all must have. */
record AlikeAttributes(List<String> entities, List<String> attributes) {
    AlikeAttributes {
        entities = List.copyOf(entities);
        attributes = List.copyOf(attributes);
    }

    /** In the order of the first entity. */
    List<Attribute> of(Design design) {
        return design.entity(entities.get(0)).orElseThrow().attributes().stream()
                .filter(a -> attributes.contains(a.name()))
                .toList();
    }

    /** Which of them another entity has otherwise. */
    Optional<String> hindrance(Design design, String entity) {
        List<Attribute> its = design.entity(entity).orElseThrow().attributes();
        return of(design).stream()
                .filter(a -> !its.contains(a))
                .findFirst()
                .map(a -> entity + "'s " + a.name() + " is not the same as that of " + entities.get(0) + ".");
    }
}
