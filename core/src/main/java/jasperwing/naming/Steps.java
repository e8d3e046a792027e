package jasperwing.naming;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.InheritanceTree;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import java.util.ArrayList;
import java.util.List;

/** Tells where one can go from an entity. */
public final class Steps {
    private Steps() {}

    /**
     * The steps from an entity, in the order of the relationships, then those it has as the kind it is, which start at what it is a kind of;
     * only ways that are read are gone.
     */
    public static List<Step> from(Design design, String entity) {
        List<Step> steps = own(design, entity);
        design.parent(entity).ifPresent(p -> steps.addAll(from(design, p.name())));
        return steps;
    }

    /** As {@link #from}, and behind them those against relationships that the design reads from the other side alone. */
    public static List<Step> bothWays(Design design, String entity) {
        List<Step> steps = new ArrayList<>(from(design, entity));
        List<String> line = new ArrayList<>(List.of(entity));
        InheritanceTree.ancestors(design, entity).forEach(a -> line.add(a.name()));
        for (String at : line) {
            design.relationshipsOf(at).stream()
                    .filter(r -> r.back().isEmpty() && r.targets().contains(at))
                    .map(r -> against(r, at))
                    .forEach(steps::add);
        }
        return steps;
    }

    private static Step against(Relationship relationship, String entity) {
        Step.Way way = relationship.match(Steps::backward, oneOf -> Step.Way.HOLDERS);
        return new Step(entity, Roles.back(relationship), relationship.from(), false, true, relationship, way);
    }

    private static List<Step> own(Design design, String entity) {
        List<Step> steps = new ArrayList<>();
        for (Relationship relationship : design.relationshipsOf(entity)) {
            relationship.visit(binary -> binary(steps, binary, entity), oneOf -> oneOf(steps, oneOf, entity));
        }
        return steps;
    }

    private static void oneOf(List<Step> steps, PolymorphicRelationship oneOf, String entity) {
        if (oneOf.from().equals(entity)) {
            boolean alone = oneOf.subjects().size() == 1 && oneOf.forward().must();
            for (String subject : oneOf.subjects()) {
                String name = Roles.forward(oneOf) + "[" + subject + "]";
                steps.add(new Step(entity, name, subject, alone, false, oneOf, Step.Way.REFERENCE));
            }
        }
        if (oneOf.subjects().contains(entity)) {
            oneOf.back()
                    .ifPresent(b -> steps.add(new Step(
                            entity, Roles.back(oneOf), oneOf.from(), b.must(), b.many(), oneOf, Step.Way.HOLDERS)));
        }
    }

    private static void binary(List<Step> steps, BinaryRelationship binary, String entity) {
        if (binary.from().equals(entity)) {
            steps.add(step(entity, Roles.forward(binary), binary.to(), binary.forward(), binary, forward(binary)));
        }
        if (binary.to().equals(entity)) {
            binary.back()
                    .ifPresent(b ->
                            steps.add(step(entity, Roles.back(binary), binary.from(), b, binary, backward(binary))));
        }
        if (binary.via().equals(entity)) {
            steps.add(
                    new Step(entity, Roles.linkFrom(binary), binary.from(), true, false, binary, Step.Way.LINKED_FROM));
            steps.add(new Step(entity, Roles.linkTo(binary), binary.to(), true, false, binary, Step.Way.LINKED_TO));
        }
    }

    private static Step step(
            String from, String name, String to, Reading reading, BinaryRelationship binary, Step.Way way) {
        return new Step(from, name, to, reading.must(), reading.many(), binary, way);
    }

    private static Step.Way forward(BinaryRelationship binary) {
        return switch (binary.shape()) {
            case MANY_TO_MANY -> Step.Way.PAIRS;
            case LINKED -> Step.Way.LINK;
            default -> binary.fromHolds() ? Step.Way.REFERENCE : Step.Way.HOLDERS;
        };
    }

    private static Step.Way backward(BinaryRelationship binary) {
        return switch (binary.shape()) {
            case MANY_TO_MANY -> Step.Way.PAIRS_BACK;
            case LINKED -> Step.Way.LINK_BACK;
            default -> binary.fromHolds() ? Step.Way.HOLDERS : Step.Way.REFERENCE;
        };
    }
}
