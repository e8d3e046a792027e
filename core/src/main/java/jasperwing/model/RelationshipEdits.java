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

    /**
     * Puts one relationship in another's place; a link entity that is new is added beside the first one's area, one that is no longer
     * named and has nothing of its own is removed.
     */
    public static Edit restate(Relationship old, Relationship now) {
        return design -> {
            String before = old instanceof BinaryRelationship binary ? binary.via() : "";
            String after = now instanceof BinaryRelationship binary ? binary.via() : "";
            if (before.equals(after)) {
                return replace(old, now).on(design);
            }
            Edit edit = Edit.NOTHING;
            Relationship wanted = now;
            if (!after.isEmpty()) {
                String name = free(design, after);
                String area = design.entity(old.from()).map(Entity::area).orElse("");
                edit = EntityEdits.add(Entity.of(name).withArea(area));
                wanted = now.match(binary -> binary.withVia(name), oneOf -> oneOf);
            }
            edit = edit.then(replace(old, wanted));
            if (!before.isEmpty() && isBareLink(design, before)) {
                edit = edit.then(EntityEdits.remove(before));
            }
            return edit.on(design);
        };
    }

    private static String free(Design design, String wanted) {
        String name = wanted;
        for (int i = 2; design.entity(name).isPresent(); i++) {
            name = wanted + i;
        }
        return name;
    }

    /** Whether an entity is the link of one relationship and has nothing of its own: no attributes but a generated key, no other ties. */
    public static boolean isBareLink(Design design, String entity) {
        boolean bare = design.entity(entity)
                .filter(e -> e.traits().isEmpty() && e.inheritance().of().isEmpty())
                .map(e -> e.attributes().stream().allMatch(a -> e.isKey(a) && SharedKeys.isGenerated(a)))
                .orElse(false);
        return bare && design.isLink(entity) && design.relationshipsOf(entity).size() == 1;
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
        if (relationship instanceof PolymorphicRelationship oneOf) {
            return Optional.of(oneOf.withSubjects(subjects));
        }
        return Optional.of(new PolymorphicRelationship(
                relationship.from(),
                subjects,
                relationship.forward(),
                relationship.back(),
                Optional.empty(),
                relationship.deletes(),
                relationship.keyChanges(),
                relationship.checkedAtEnd(),
                relationship.notes()));
    }

    /** The relationship with the given rule for deleting a row of the entity; a rule that stood is replaced in place. */
    public static Relationship withRule(Relationship relationship, String entity, DeleteRule rule) {
        Relationship unsaid = relationship.withDeletes(relationship.deletes().stream()
                .filter(d -> !d.entity().equals(entity))
                .toList());
        if (relationship.isOfPairsAlone() && unsaid.onDelete(entity) == rule) {
            return unsaid;
        }
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

    /** The relationship with the given rule for changing the key of a row of the entity; a rule that stood is replaced in place. */
    public static Relationship withRule(Relationship relationship, String entity, KeyChangeRule rule) {
        List<OnKeyChange> rules = new ArrayList<>(relationship.keyChanges());
        boolean stood = rules.stream().anyMatch(r -> r.entity().equals(entity));
        rules.replaceAll(r -> r.entity().equals(entity) ? new OnKeyChange(entity, rule, r.comments()) : r);
        if (!stood) {
            rules.add(new OnKeyChange(entity, rule));
        }
        return relationship.withKeyChanges(rules);
    }

    /** The relationship with another name for what its holder points to; empty when no single entity holds it. */
    public static Optional<Relationship> withHolderRole(Relationship relationship, String role) {
        if (relationship instanceof BinaryRelationship binary && binary.isOfPairs()) {
            return Optional.empty();
        }
        boolean forward = relationship instanceof PolymorphicRelationship
                || relationship instanceof BinaryRelationship binary && binary.fromHolds();
        return Optional.of(
                forward
                        ? relationship.withForward(relationship.forward().withRole(role))
                        : relationship.withBack(relationship.back().map(b -> b.withRole(role))));
    }

    /** The relationship with nothing said about deleting an entity. */
    public static Relationship withoutRule(Relationship relationship, String entity) {
        return relationship.withDeletes(relationship.deletes().stream()
                .filter(d -> !d.entity().equals(entity))
                .toList());
    }

    /** The relationship with nothing said about deleting. */
    public static Relationship withoutRules(Relationship relationship) {
        return relationship.withDeletes(List.of());
    }
}
