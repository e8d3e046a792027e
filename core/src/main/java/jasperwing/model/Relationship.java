package jasperwing.model;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** A relationship, stated from one entity and optionally read back from the other end. */
public sealed interface Relationship permits BinaryRelationship, PolymorphicRelationship {
    /** Applies the function for its kind; every kind must have one. */
    <R> R match(Function<BinaryRelationship, R> binary, Function<PolymorphicRelationship, R> oneOf);

    /** Calls the action for its kind; every kind must have one. */
    default void visit(Consumer<BinaryRelationship> binary, Consumer<PolymorphicRelationship> oneOf) {
        Runnable action = match(t -> () -> binary.accept(t), o -> () -> oneOf.accept(o));
        action.run();
    }

    /** The entity the sentence starts with. */
    String from();

    /** The entities at the far end: one for a tie, the subjects of a one-of. */
    List<String> targets();

    Reading forward();

    /** Absent when the relationship is known in one direction only; then many may point to one. */
    Optional<Reading> back();

    /** In the order written; for an entity without a rule, {@link DeleteRule#REFUSE} holds. */
    List<OnDelete> deletes();

    /** In the order written; for an entity without a rule, {@link KeyChangeRule#REFUSE} holds. */
    List<OnKeyChange> keyChanges();

    /** Whether the database checks its keys at the end of a transaction, where it can, and not at each statement. */
    boolean checkedAtEnd();

    Notes notes();

    Relationship withForward(Reading reading);

    Relationship withBack(Optional<Reading> reading);

    Relationship withDeletes(List<OnDelete> rules);

    Relationship withKeyChanges(List<OnKeyChange> rules);

    Relationship withCheckedAtEnd(boolean atEnd);

    Relationship withNotes(Notes newNotes);

    /** This relationship with every mention of one entity replaced by another. */
    Relationship withEntityRenamed(String oldName, String newName);

    /** This relationship with a reading changed at each end whose many are of one entity. */
    default Relationship withReadingsOf(String entity, UnaryOperator<Reading> change) {
        Relationship changed = targets().contains(entity) ? withForward(change.apply(forward())) : this;
        return from().equals(entity) ? changed.withBack(changed.back().map(change)) : changed;
    }

    /** Whether the entity is at either end or is the link. */
    boolean mentions(String entity);

    /** The entities at its ends, and the link, each once: first those at the far end. */
    default Set<String> ends() {
        Set<String> ends = new LinkedHashSet<>(8);
        ends.addAll(targets());
        ends.add(from());
        String link = match(BinaryRelationship::via, oneOf -> "");
        if (!link.isEmpty()) {
            ends.add(link);
        }
        return ends;
    }

    /** The entities that rows point to because of it: the parent, of pairs both ends, of a one-of its subjects; each once. */
    default Set<String> pointedTo() {
        return match(
                binary -> new LinkedHashSet<>(
                        binary.isOfPairs() ? List.of(binary.from(), binary.to()) : List.of(binary.parent())),
                oneOf -> new LinkedHashSet<>(oneOf.subjects()));
    }

    /** Whether it is a plain many-to-many, whose pairs have nothing of their own. */
    default boolean isOfPairsAlone() {
        return match(binary -> binary.shape() == BinaryRelationship.Shape.MANY_TO_MANY, oneOf -> false);
    }

    /** Whether several things at the near end can share one at the far end. */
    default boolean backMany() {
        return back().isEmpty() || back().get().many();
    }

    default DeleteRule onDelete(String entity) {
        for (OnDelete said : deletes()) {
            if (said.entity().equals(entity)) {
                return said.rule();
            }
        }
        return DeleteRule.REFUSE;
    }

    default KeyChangeRule onKeyChange(String entity) {
        return keyChanges().stream()
                .filter(c -> c.entity().equals(entity))
                .map(OnKeyChange::rule)
                .findFirst()
                .orElse(KeyChangeRule.REFUSE);
    }

    /** The same with those rules alone, on deleting and on changes of keys, that are about some entities. */
    default Relationship withRulesFor(Predicate<String> entity) {
        return withDeletes(
                        deletes().stream().filter(d -> entity.test(d.entity())).toList())
                .withKeyChanges(keyChanges().stream()
                        .filter(c -> entity.test(c.entity()))
                        .toList());
    }

    private static OnDelete renamed(OnDelete rule, String oldName, String newName) {
        return rule.entity().equals(oldName) ? new OnDelete(newName, rule.rule(), rule.comments()) : rule;
    }

    /** The rules on changes of keys with an entity renamed. */
    default List<OnKeyChange> keyChangesRenamed(String oldName, String newName) {
        return keyChanges().stream()
                .map(c -> c.entity().equals(oldName) ? new OnKeyChange(newName, c.rule(), c.comments()) : c)
                .toList();
    }

    /** The delete rules with an entity renamed. */
    default List<OnDelete> deletesRenamed(String oldName, String newName) {
        return deletes().stream().map(d -> renamed(d, oldName, newName)).toList();
    }
}
