package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.formula.Formula;
import jasperwing.formula.FormulaPaths;
import jasperwing.formula.Term;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Comments;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Indexing;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.Reading;
import jasperwing.model.RowRule;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Moves attributes into a new entity with a generated key, and what is unique and ruled among them. Formulas that stay follow them there.
 *
 * @param attributes names, at least one
 * @param shared whether many rows may have the same one of the new entity; else each has its own, which goes with it
 */
public record SplitOff(String entity, List<String> attributes, String name, boolean shared) implements Move {
    public SplitOff {
        attributes = List.copyOf(attributes);
    }

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.freeName(design, name),
                () -> Preconditions.when(attributes.isEmpty(), "Choose what is to move."),
                () -> Preconditions.attributes(design, entity, attributes),
                () -> Preconditions.inKey(design, entity, attributes),
                () -> Preconditions.torn(design, entity, attributes),
                () -> Preconditions.sorting(design, entity, attributes),
                () -> Preconditions.freeMember(design, entity, role()),
                () -> Preconditions.when(
                        attributes.contains(Words.camel(entity)) && !shared,
                        name + " would have two members " + Words.camel(entity) + "; rename the attribute first."));
    }

    private String role() {
        return Words.camel(name);
    }

    @Override
    public Design made(Design design) {
        Entity before = design.entity(entity).orElseThrow();
        List<Attribute> moved = before.attributes().stream()
                .filter(a -> attributes.contains(a.name()))
                .toList();
        List<RowRule> rules = MoveSteps.rulesAmong(design, entity, attributes);
        Predicate<Members> moves = m -> !m.isEmpty() && attributes.containsAll(m.names());
        Entity added = MoveSteps.keyed(name, moved)
                .withUniques(before.uniques().stream().filter(moves).toList())
                .withIndexes(before.indexes().stream()
                        .filter(i -> attributes.containsAll(i.named()) && isAmongThem(design, i))
                        .toList())
                .withRules(rules)
                .withShown(moves.test(before.shown()) ? before.shown() : Members.NONE);
        Design split = MoveSteps.change(MoveSteps.addBeside(design, entity, added), entity, e -> e.withAttributes(
                        MoveSteps.without(e, attributes))
                .withUniques(e.uniques().stream().filter(moves.negate()).toList())
                .withRules(MoveSteps.without(e.rules(), rules))
                .withShown(moves.test(e.shown()) ? Members.NONE : e.shown()));
        boolean must = moved.stream().anyMatch(a -> !a.optional() && !a.list());
        Reading having = new Reading(must, "have", false, role());
        Design related = MoveSteps.relate(
                MoveSteps.acceptedMoved(split, entity, attributes, name),
                shared ? sharing(having) : MoveSteps.part(name, entity, having, Comments.NONE));
        return FormulaPaths.followed(
                design,
                related,
                attributes.stream()
                        .map(a -> new FormulaPaths.Moved(entity, List.of(a), List.of(role(), a)))
                        .toList());
    }

    /** Whether a condition looks at nothing but what moves. */
    private boolean isAmongThem(Design design, Indexing index) {
        return index.where()
                .map(w -> Formula.condition(design, entity, w))
                .map(f -> f.isSound()
                        && f.term()
                                .all()
                                .allMatch(t -> !(t instanceof Term.Member m)
                                        || m.steps().isEmpty()
                                                && attributes.contains(
                                                        m.path().get(0).name())))
                .orElse(true);
    }

    private BinaryRelationship sharing(Reading having) {
        Reading back = new Reading(false, "be of", true, MoveSteps.backRole(entity, true));
        return new BinaryRelationship(entity, name, "", having, Optional.of(back), List.of(), Notes.NONE);
    }
}
