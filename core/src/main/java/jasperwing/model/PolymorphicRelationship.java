package jasperwing.model;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * A relationship to one thing of several possible kinds.
 *
 * @param subjects the possible entities, in the order said, each once
 * @param keeping how it is kept in tables; {@link PolymorphicMapping#COLUMN_EACH} when not said
 * @param checkedAtEnd whether the database checks its keys at the end of a transaction, where it can
 */
public record PolymorphicRelationship(
        String from,
        List<String> subjects,
        Reading forward,
        Optional<Reading> back,
        Optional<PolymorphicMapping> keeping,
        List<OnDelete> deletes,
        List<OnKeyChange> keyChanges,
        boolean checkedAtEnd,
        Notes notes)
        implements Relationship {
    /** One whose keys do not change. */
    public PolymorphicRelationship(
            String from,
            List<String> subjects,
            Reading forward,
            Optional<Reading> back,
            Optional<PolymorphicMapping> keeping,
            List<OnDelete> deletes,
            boolean checkedAtEnd,
            Notes notes) {
        this(from, subjects, forward, back, keeping, deletes, List.of(), checkedAtEnd, notes);
    }

    /** One whose keys are checked at once. */
    public PolymorphicRelationship(
            String from,
            List<String> subjects,
            Reading forward,
            Optional<Reading> back,
            Optional<PolymorphicMapping> keeping,
            List<OnDelete> deletes,
            Notes notes) {
        this(from, subjects, forward, back, keeping, deletes, false, notes);
    }

    public PolymorphicRelationship {
        Names.require(from);
        subjects = List.copyOf(subjects);
        deletes = List.copyOf(deletes);
        keyChanges = List.copyOf(keyChanges);
        if (subjects.isEmpty() || subjects.stream().distinct().count() != subjects.size()) {
            throw new IllegalArgumentException("a one-of needs its subjects, each once, but was given " + subjects);
        }
        if (forward.many()) {
            throw new IllegalArgumentException("a one-of points to one subject at a time, not to many");
        }
    }

    public PolymorphicMapping kept() {
        return keeping.orElse(PolymorphicMapping.COLUMN_EACH);
    }

    @Override
    public <R> R match(Function<BinaryRelationship, R> binary, Function<PolymorphicRelationship, R> oneOf) {
        return oneOf.apply(this);
    }

    @Override
    public List<String> targets() {
        return subjects;
    }

    @Override
    public PolymorphicRelationship withForward(Reading reading) {
        return new PolymorphicRelationship(
                from, subjects, reading, back, keeping, deletes, keyChanges, checkedAtEnd, notes);
    }

    @Override
    public PolymorphicRelationship withBack(Optional<Reading> reading) {
        return new PolymorphicRelationship(
                from, subjects, forward, reading, keeping, deletes, keyChanges, checkedAtEnd, notes);
    }

    @Override
    public PolymorphicRelationship withDeletes(List<OnDelete> rules) {
        return new PolymorphicRelationship(
                from, subjects, forward, back, keeping, rules, keyChanges, checkedAtEnd, notes);
    }

    @Override
    public PolymorphicRelationship withKeyChanges(List<OnKeyChange> rules) {
        return new PolymorphicRelationship(from, subjects, forward, back, keeping, deletes, rules, checkedAtEnd, notes);
    }

    @Override
    public PolymorphicRelationship withRulesFor(Predicate<String> entity) {
        return (PolymorphicRelationship) Relationship.super.withRulesFor(entity);
    }

    @Override
    public PolymorphicRelationship withCheckedAtEnd(boolean atEnd) {
        return new PolymorphicRelationship(from, subjects, forward, back, keeping, deletes, keyChanges, atEnd, notes);
    }

    @Override
    public PolymorphicRelationship withNotes(Notes newNotes) {
        return new PolymorphicRelationship(
                from, subjects, forward, back, keeping, deletes, keyChanges, checkedAtEnd, newNotes);
    }

    public PolymorphicRelationship withSubjects(List<String> newSubjects) {
        Notes left = notes.withStored(notes.stored().referringTo(subjects, newSubjects));
        return new PolymorphicRelationship(
                from, newSubjects, forward, back, keeping, deletes, keyChanges, checkedAtEnd, left);
    }

    /** The same kept in a way; the names of columns and keys are those of the way it was kept in. */
    public PolymorphicRelationship withKeeping(PolymorphicMapping newKeeping) {
        Notes left = newKeeping == kept()
                ? notes
                : notes.withStored(notes.stored().withColumns(List.of()).withConstraints(List.of()));
        return new PolymorphicRelationship(
                from, subjects, forward, back, Optional.of(newKeeping), deletes, keyChanges, checkedAtEnd, left);
    }

    @Override
    public PolymorphicRelationship withEntityRenamed(String oldName, String newName) {
        List<String> renamed = subjects.stream()
                .map(s -> s.equals(oldName) ? newName : s)
                .distinct()
                .toList();
        return new PolymorphicRelationship(
                from.equals(oldName) ? newName : from,
                renamed,
                forward,
                back,
                keeping,
                deletesRenamed(oldName, newName),
                keyChangesRenamed(oldName, newName),
                checkedAtEnd,
                notes);
    }

    @Override
    public boolean mentions(String entity) {
        return from.equals(entity) || subjects.contains(entity);
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof PolymorphicRelationship o
                        && from.equals(o.from)
                        && subjects.equals(o.subjects)
                        && forward.equals(o.forward)
                        && back.equals(o.back)
                        && keeping.equals(o.keeping)
                        && deletes.equals(o.deletes)
                        && keyChanges.equals(o.keyChanges)
                        && checkedAtEnd == o.checkedAtEnd
                        && notes.equals(o.notes);
    }

    @Override
    public int hashCode() {
        return 31 * from.hashCode() + subjects.hashCode();
    }
}
