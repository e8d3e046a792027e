package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** Where the attributes are found that tell the rows of an entity apart. A key that names roles takes in those of what they lead to. */
final class KeyPaths {
    /** The ways of which the row itself holds the reference. */
    private static final Set<Step.Way> HOLDING =
            EnumSet.of(Step.Way.REFERENCE, Step.Way.LINKED_FROM, Step.Way.LINKED_TO);

    /**
     * An attribute of a key.
     *
     * @param steps the roles of keys that lead to it; empty for an attribute of the entity itself, or of what it is a kind of
     * @param entity whose attribute it is
     */
    record KeyPath(List<Step> steps, String entity, Attribute attribute) {}

    private final Design design;

    /** @param design with the attributes of traits in the entities that have them */
    KeyPaths(Design design) {
        this.design = design;
    }

    /** The attributes that tell rows of the entity apart; none where it has no key, or is identified in a circle. */
    List<KeyPath> of(String entity) {
        List<KeyPath> found = new ArrayList<>();
        return gather(entity, List.of(), new HashSet<>(), found) ? found : List.of();
    }

    private boolean gather(String entity, List<Step> steps, Set<String> open, List<KeyPath> found) {
        Optional<Entity> root = root(entity);
        List<String> key = root.map(this::members).orElse(List.of());
        if (key.isEmpty() || !open.add(root.get().name())) {
            return false;
        }
        boolean all = true;
        for (String member : key) {
            Optional<Attribute> attribute = root.get().attribute(member);
            attribute.ifPresent(a -> found.add(new KeyPath(steps, root.get().name(), a)));
            if (attribute.isEmpty()) {
                Optional<Step> step = held(root.get().name(), member);
                all &= step.filter(s -> gather(s.to(), and(steps, s), open, found))
                        .isPresent();
            }
        }
        open.remove(root.get().name());
        return all;
    }

    private Optional<Entity> root(String entity) {
        return design.entity(InheritanceTree.root(design, entity));
    }

    /** The members of its key; for a link entity without one its two references. */
    private List<String> members(Entity entity) {
        if (!entity.key().isEmpty() || !design.isLink(entity.name())) {
            return entity.key().names();
        }
        return Steps.from(design, entity.name()).stream()
                .filter(s -> s.way() == Step.Way.LINKED_FROM || s.way() == Step.Way.LINKED_TO)
                .map(Step::name)
                .limit(2)
                .toList();
    }

    private Optional<Step> held(String entity, String role) {
        return Steps.from(design, entity).stream()
                .filter(s -> s.name().equals(role) && isHeld(s))
                .findFirst();
    }

    private static boolean isHeld(Step step) {
        return HOLDING.contains(step.way()) && step.relationship() instanceof BinaryRelationship;
    }

    private static List<Step> and(List<Step> steps, Step next) {
        List<Step> all = new ArrayList<>(steps);
        all.add(next);
        return all;
    }

    /** How many of the steps lead to the first row that has an attribute of what they all lead to. */
    int joins(List<Step> steps, Attribute attribute) {
        return IntStream.range(0, steps.size())
                .filter(i -> isRepeated(steps.subList(i, steps.size()), attribute))
                .findFirst()
                .orElse(steps.size());
    }

    /** Whether the row that steps start from repeats an attribute of what they lead to: a part of the key that its reference holds. */
    private boolean isRepeated(List<Step> steps, Attribute attribute) {
        return steps.stream().allMatch(KeyPaths::isHeld)
                && steps.stream().skip(1).allMatch(s -> isInKey(s.from(), s.name()))
                && isInKey(steps.get(steps.size() - 1).to(), attribute.name());
    }

    private boolean isInKey(String entity, String member) {
        return root(entity).filter(e -> members(e).contains(member)).isPresent();
    }
}
