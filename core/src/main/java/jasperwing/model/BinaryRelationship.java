package jasperwing.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A relationship between two entities, or between an entity and itself.
 *
 * @param via the link entity of a many-to-many, or empty
 * @param checkedAtEnd whether the database checks its keys at the end of a transaction, where it can
 * @param turned whether of a one-to-one the other entity holds the key than the one that usually does; see {@link #fromHolds()}
 */
public record BinaryRelationship(
        String from,
        String to,
        String via,
        Reading forward,
        Optional<Reading> back,
        List<OnDelete> deletes,
        List<OnKeyChange> keyChanges,
        boolean checkedAtEnd,
        boolean turned,
        Notes notes)
        implements Relationship {
    /** One whose keys do not change. */
    public BinaryRelationship(
            String from,
            String to,
            String via,
            Reading forward,
            Optional<Reading> back,
            List<OnDelete> deletes,
            boolean checkedAtEnd,
            boolean turned,
            Notes notes) {
        this(from, to, via, forward, back, deletes, List.of(), checkedAtEnd, turned, notes);
    }

    /** One whose key is held where it usually is. */
    public BinaryRelationship(
            String from,
            String to,
            String via,
            Reading forward,
            Optional<Reading> back,
            List<OnDelete> deletes,
            boolean checkedAtEnd,
            Notes notes) {
        this(from, to, via, forward, back, deletes, checkedAtEnd, false, notes);
    }

    /** One whose keys are checked at once. */
    public BinaryRelationship(
            String from,
            String to,
            String via,
            Reading forward,
            Optional<Reading> back,
            List<OnDelete> deletes,
            Notes notes) {
        this(from, to, via, forward, back, deletes, false, false, notes);
    }

    public BinaryRelationship {
        Names.require(from);
        Names.require(to);
        deletes = List.copyOf(deletes);
        keyChanges = List.copyOf(keyChanges);
        turned &= via.isEmpty()
                && !from.equals(to)
                && !forward.many()
                && back.isPresent()
                && !back.get().many();
        if (!via.isEmpty() && !(forward.many() && back.map(Reading::many).orElse(true))) {
            throw new IllegalArgumentException("a link entity needs many at both ends, but was given '" + via + "'");
        }
    }

    /** What the ends allow. */
    public enum Shape {
        ONE_TO_ONE,
        ONE_TO_MANY,
        MANY_TO_MANY,
        LINKED
    }

    public Shape shape() {
        if (!via.isEmpty()) {
            return Shape.LINKED;
        }
        if (forward.many() && backMany()) {
            return Shape.MANY_TO_MANY;
        }
        return forward.many() || backMany() ? Shape.ONE_TO_MANY : Shape.ONE_TO_ONE;
    }

    /** Whether neither end holds the key of the other: pairs do, in a join table or as a link entity. */
    public boolean isOfPairs() {
        return shape() == Shape.MANY_TO_MANY || shape() == Shape.LINKED;
    }

    public boolean isSelf() {
        return from.equals(to);
    }

    /**
     * Whether the sentence's first entity holds the foreign key: the many side of a one-to-many, the side that must of a
     * one-to-one, and the first when both or neither must; the other one of a one-to-one that is turned. Meaningless for a many-to-many.
     */
    public boolean fromHolds() {
        if (shape() == Shape.ONE_TO_ONE) {
            return turned != (forward.must() || !back.orElseThrow().must());
        }
        return !forward.many();
    }

    /** The entity that holds the foreign key; see {@link #fromHolds()}. */
    public String holder() {
        return fromHolds() ? from : to;
    }

    /** The entity the foreign key points to; see {@link #fromHolds()}. */
    public String parent() {
        return fromHolds() ? to : from;
    }

    /** How the holder reads the relationship, when it is read from there at all. */
    public Optional<Reading> holding() {
        return fromHolds() ? Optional.of(forward) : back;
    }

    /** How the parent reads the relationship, when it is read from there at all. */
    public Optional<Reading> held() {
        return fromHolds() ? back : Optional.of(forward);
    }

    @Override
    public <R> R match(Function<BinaryRelationship, R> binary, Function<PolymorphicRelationship, R> oneOf) {
        return binary.apply(this);
    }

    @Override
    public List<String> targets() {
        return List.of(to);
    }

    @Override
    public BinaryRelationship withForward(Reading reading) {
        return new BinaryRelationship(
                from, to, viaFor(reading, back), reading, back, deletes, keyChanges, checkedAtEnd, turned, notes);
    }

    @Override
    public BinaryRelationship withBack(Optional<Reading> reading) {
        return new BinaryRelationship(
                from, to, viaFor(forward, reading), forward, reading, deletes, keyChanges, checkedAtEnd, turned, notes);
    }

    /** Of a plain many-to-many what becomes of the pairs: they go with a row of either end, unless it is said that this is refused. */
    @Override
    public DeleteRule onDelete(String entity) {
        if (!isOfPairsAlone()) {
            return Relationship.super.onDelete(entity);
        }
        boolean refused = deletes.stream().anyMatch(d -> d.entity().equals(entity) && d.rule() == DeleteRule.REFUSE);
        return refused ? DeleteRule.REFUSE : DeleteRule.DELETE_TOO;
    }

    @Override
    public BinaryRelationship withDeletes(List<OnDelete> rules) {
        return new BinaryRelationship(from, to, via, forward, back, rules, keyChanges, checkedAtEnd, turned, notes);
    }

    @Override
    public BinaryRelationship withKeyChanges(List<OnKeyChange> rules) {
        return new BinaryRelationship(from, to, via, forward, back, deletes, rules, checkedAtEnd, turned, notes);
    }

    @Override
    public BinaryRelationship withRulesFor(Predicate<String> entity) {
        return (BinaryRelationship) Relationship.super.withRulesFor(entity);
    }

    @Override
    public BinaryRelationship withCheckedAtEnd(boolean atEnd) {
        return new BinaryRelationship(from, to, via, forward, back, deletes, keyChanges, atEnd, turned, notes);
    }

    /** The same with its key at the other end; only of a one-to-one between two entities. */
    public BinaryRelationship withTurned(boolean atOther) {
        return new BinaryRelationship(from, to, via, forward, back, deletes, keyChanges, checkedAtEnd, atOther, notes);
    }

    @Override
    public BinaryRelationship withNotes(Notes newNotes) {
        return new BinaryRelationship(
                from, to, via, forward, back, deletes, keyChanges, checkedAtEnd, turned, newNotes);
    }

    /**
     * The many-to-many with its pairs kept as a link entity, or alone, and going with a row of either end where they did before.
     *
     * @param link the name of the link entity; empty for pairs alone
     */
    public BinaryRelationship relinked(String link) {
        DeleteRule kept = link.isEmpty() ? DeleteRule.REFUSE : DeleteRule.DELETE_TOO;
        List<OnDelete> rules = new ArrayList<>(deletes.stream()
                .filter(d -> link.isEmpty() ? onDelete(d.entity()) == kept : d.rule() != DeleteRule.EMPTY)
                .toList());
        Stream.of(from, to)
                .distinct()
                .filter(e -> onDelete(e) == kept
                        && rules.stream().noneMatch(d -> d.entity().equals(e)))
                .forEach(e -> rules.add(new OnDelete(e, kept)));
        return withVia(link).withDeletes(rules);
    }

    public BinaryRelationship withVia(String link) {
        return new BinaryRelationship(from, to, link, forward, back, deletes, keyChanges, checkedAtEnd, turned, notes);
    }

    @Override
    public BinaryRelationship withEntityRenamed(String oldName, String newName) {
        return new BinaryRelationship(
                from.equals(oldName) ? newName : from,
                to.equals(oldName) ? newName : to,
                via.equals(oldName) ? newName : via,
                forward,
                back,
                deletesRenamed(oldName, newName),
                keyChangesRenamed(oldName, newName),
                checkedAtEnd,
                turned,
                notes);
    }

    @Override
    public boolean mentions(String entity) {
        return from.equals(entity) || to.equals(entity) || via.equals(entity);
    }

    private String viaFor(Reading there, Optional<Reading> here) {
        return there.many() && here.map(Reading::many).orElse(true) ? via : "";
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof BinaryRelationship o
                        && from.equals(o.from)
                        && to.equals(o.to)
                        && via.equals(o.via)
                        && forward.equals(o.forward)
                        && back.equals(o.back)
                        && deletes.equals(o.deletes)
                        && keyChanges.equals(o.keyChanges)
                        && checkedAtEnd == o.checkedAtEnd
                        && turned == o.turned
                        && notes.equals(o.notes);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * from.hashCode() + to.hashCode()) + via.hashCode();
    }
}
