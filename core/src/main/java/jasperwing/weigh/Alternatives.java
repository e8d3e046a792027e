package jasperwing.weigh;

import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Neighbours;
import jasperwing.model.Relationship;
import java.util.List;
import java.util.Optional;

/**
 * The ways to keep one thing.
 *
 * @param title what is kept
 * @param about what it is now, in a few words
 * @param questions what every way is asked, in order
 * @param ways the one of the design as it stands among them
 */
public record Alternatives(String title, String about, List<String> questions, List<Alternative> ways) {
    public Alternatives {
        questions = List.copyOf(questions);
        ways = List.copyOf(ways);
    }

    /** The ways to keep a list; empty when the attribute is none or its entity lives elsewhere. */
    public static Optional<Alternatives> ofList(Design design, Dialect dialect, String entity, String attribute) {
        Optional<Entity> holder = design.entity(entity).filter(e -> !e.outside());
        return holder.flatMap(e -> e.attribute(attribute))
                .filter(Attribute::list)
                .map(a -> new Lists(design, dialect, holder.orElseThrow(), a).weigh());
    }

    /** The ways to keep the family of an entity; empty when it is no kind and has none. */
    public static Optional<Alternatives> ofKinds(Design design, Dialect dialect, String entity) {
        return InheritanceTree.has(design, entity)
                ? Optional.of(new Kinds(design, dialect, InheritanceTree.root(design, entity)).weigh())
                : Optional.empty();
    }

    /** The ways to keep a relationship; empty where there is only one, as for a one-to-many that no other route can disagree with. */
    public static Optional<Alternatives> ofRelationship(Design design, Dialect dialect, Relationship relationship) {
        boolean outside = Neighbours.of(relationship).stream()
                .anyMatch(n -> design.entity(n).map(Entity::outside).orElse(true));
        if (outside || !design.relationships().contains(relationship)) {
            return Optional.empty();
        }
        return relationship.match(
                binary -> ofBinary(design, dialect, binary),
                oneOf -> Optional.of(new OneOfs(design, dialect, oneOf).weigh()));
    }

    private static Optional<Alternatives> ofBinary(Design design, Dialect dialect, BinaryRelationship binary) {
        return switch (binary.shape()) {
            case ONE_TO_ONE -> Optional.of(new OneToOnes(design, dialect, binary).weigh());
            case MANY_TO_MANY, LINKED -> Optional.of(new ManyToManys(design, dialect, binary).weigh());
            case ONE_TO_MANY -> binary.isSelf() ? Optional.empty() : AgreeingRoutes.of(design, dialect, binary);
        };
    }
}
