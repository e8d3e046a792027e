package jasperwing.naming;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Family;
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
        Family.ancestors(design, entity).forEach(a -> line.add(a.name()));
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
            relationship.visit(tie -> tie(steps, tie, entity), oneOf -> oneOf(steps, oneOf, entity));
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

    private static void tie(List<Step> steps, BinaryRelationship tie, String entity) {
        if (tie.from().equals(entity)) {
            steps.add(step(entity, Roles.forward(tie), tie.to(), tie.forward(), tie, forward(tie)));
        }
        if (tie.to().equals(entity)) {
            tie.back().ifPresent(b -> steps.add(step(entity, Roles.back(tie), tie.from(), b, tie, backward(tie))));
        }
        if (tie.via().equals(entity)) {
            steps.add(new Step(entity, Roles.linkFrom(tie), tie.from(), true, false, tie, Step.Way.LINKED_FROM));
            steps.add(new Step(entity, Roles.linkTo(tie), tie.to(), true, false, tie, Step.Way.LINKED_TO));
        }
    }

    private static Step step(
            String from, String name, String to, Reading reading, BinaryRelationship tie, Step.Way way) {
        return new Step(from, name, to, reading.must(), reading.many(), tie, way);
    }

    private static Step.Way forward(BinaryRelationship tie) {
        return switch (tie.shape()) {
            case MANY_TO_MANY -> Step.Way.PAIRS;
            case LINKED -> Step.Way.LINK;
            default -> tie.fromHolds() ? Step.Way.REFERENCE : Step.Way.HOLDERS;
        };
    }

    private static Step.Way backward(BinaryRelationship tie) {
        return switch (tie.shape()) {
            case MANY_TO_MANY -> Step.Way.PAIRS_BACK;
            case LINKED -> Step.Way.LINK_BACK;
            default -> tie.fromHolds() ? Step.Way.HOLDERS : Step.Way.REFERENCE;
        };
    }
}
