package jasperwing.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Edits on relationships. A relationship is named by its value; of two equal ones the first is meant. */
public final class RelationshipEdits {
    private RelationshipEdits() {}

    public static Edit add(Relationship relationship) {
        return design -> design.withRelationships(EntityEdits.append(design.relationships(), relationship));
    }

    /** Puts one relationship in another's place; changes nothing when the old one is not there. */
    public static Edit replace(Relationship old, Relationship now) {
        return design -> {
            int index = design.relationships().indexOf(old);
            if (index < 0) {
                return design;
            }
            List<Relationship> all = new ArrayList<>(design.relationships());
            all.set(index, now);
            return design.withRelationships(all);
        };
    }

    public static Edit remove(Relationship old) {
        return design -> {
            List<Relationship> all = new ArrayList<>(design.relationships());
            all.remove(old);
            return design.withRelationships(all);
        };
    }

    /** The relationship with a further subject: a tie to one thing becomes a one-of; a subject it has changes nothing. */
    public static Optional<Relationship> withSubject(Relationship relationship, String subject) {
        if (relationship.targets().contains(subject) || relationship.forward().many()) {
            return Optional.empty();
        }
        List<String> subjects = EntityEdits.append(relationship.targets(), subject);
        if (relationship instanceof OneOf oneOf) {
            return Optional.of(oneOf.withSubjects(subjects));
        }
        return Optional.of(new OneOf(
                relationship.from(),
                subjects,
                relationship.forward(),
                relationship.back(),
                Optional.empty(),
                relationship.deletes(),
                relationship.notes()));
    }

    /** The relationship with the given rule for deleting a row of the entity; a rule that stood is replaced in place. */
    public static Relationship withRule(Relationship relationship, String entity, DeleteRule rule) {
        List<OnDelete> rules = new ArrayList<>(relationship.deletes());
        for (int i = 0; i < rules.size(); i++) {
            if (rules.get(i).entity().equals(entity)) {
                rules.set(i, new OnDelete(entity, rule, rules.get(i).comments()));
                return relationship.withDeletes(rules);
            }
        }
        rules.add(new OnDelete(entity, rule));
        return relationship.withDeletes(rules);
    }

    /** The relationship with another name for what its holder points to; empty when no single entity holds it. */
    public static Optional<Relationship> withHolderRole(Relationship relationship, String role) {
        if (relationship instanceof Tie tie
                && (tie.shape() == Tie.Shape.LINKED || tie.shape() == Tie.Shape.MANY_TO_MANY)) {
            return Optional.empty();
        }
        boolean forward = relationship instanceof OneOf || relationship instanceof Tie tie && tie.fromHolds();
        return Optional.of(
                forward
                        ? relationship.withForward(relationship.forward().withRole(role))
                        : relationship.withBack(relationship.back().map(b -> b.withRole(role))));
    }

    /** The relationship with nothing said about deleting. */
    public static Relationship withoutRules(Relationship relationship) {
        return relationship.withDeletes(List.of());
    }
}
