package jasperwing.say;

import jasperwing.formula.Formula;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Notes;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.RowRule;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What one clause of looser speech was taken to mean. */
sealed interface ClauseMeaning {
    /** What had to be guessed, in words; empty when nothing had. */
    List<String> guesses();

    /** What it would be in the notation. */
    String sentence();

    Edit edit();

    /** The same, with more that was guessed. */
    ClauseMeaning guessing(List<String> more);

    private static List<String> concat(List<String> first, List<String> second) {
        return Stream.concat(first.stream(), second.stream()).toList();
    }

    /** The sentence and what it says of deleting. */
    private static String text(Relationship relationship) {
        return Stream.concat(Stream.of(Notation.print(relationship)), Notation.rules(relationship).stream())
                .collect(Collectors.joining("; "));
    }

    /** Adds the entities of a relationship that a design has not. */
    static Edit adding(Design design, Relationship relationship) {
        Edit edit = Edit.NOTHING;
        for (String name : Say.missing(design, relationship)) {
            boolean link = relationship instanceof BinaryRelationship binary
                    && binary.via().equals(name);
            edit = edit.then(EntityEdits.add(link ? Entity.of(name) : Entity.keyed(name)));
        }
        return edit;
    }

    /** One side of a relationship: how one entity is tied to another, or to one of several. */
    record Related(Relationship relationship, List<String> guesses) implements ClauseMeaning {
        @Override
        public ClauseMeaning guessing(List<String> more) {
            return new Related(relationship, concat(more, guesses));
        }

        @Override
        public Optional<String> subject() {
            return Optional.of(relationship.from());
        }

        @Override
        public String sentence() {
            return text(relationship);
        }

        @Override
        public Edit edit() {
            return design -> adding(design, relationship)
                    .then(RelationshipEdits.add(relationship))
                    .on(design);
        }
    }

    /** The other side of a relationship there is, or another word for this one. */
    record Reread(Relationship old, Relationship now, List<String> guesses) implements ClauseMeaning {
        @Override
        public ClauseMeaning guessing(List<String> more) {
            return new Reread(old, now, concat(more, guesses));
        }

        @Override
        public String sentence() {
            return text(now);
        }

        @Override
        public Edit edit() {
            return design -> adding(design, now)
                    .then(old.equals(now) ? Edit.NOTHING : RelationshipEdits.replace(old, now))
                    .on(design);
        }
    }

    /**
     * Attributes an entity has; it is added when it is new.
     *
     * @param keys the names of those it is said to be identified by; none when that was not said
     * @param typed the names of those whose type was said and not guessed
     */
    record Described(
            String entity, List<Attribute> attributes, Set<String> keys, Set<String> typed, List<String> guesses)
            implements ClauseMeaning {
        @Override
        public ClauseMeaning guessing(List<String> more) {
            return new Described(entity, attributes, keys, typed, concat(more, guesses));
        }

        @Override
        public Optional<String> subject() {
            return Optional.of(entity);
        }

        @Override
        public String sentence() {
            List<String> lines = attributes.stream()
                    .map(a -> Notation.print(a, keys.contains(a.name())))
                    .toList();
            return Notation.name(entity) + ": " + String.join(", ", lines);
        }

        @Override
        public Edit edit() {
            return design -> {
                Entity fresh = keys.isEmpty() ? Entity.keyed(entity) : Entity.of(entity);
                Edit add = design.entity(entity).isPresent() ? Edit.NOTHING : EntityEdits.add(fresh);
                return add.then(EntityEdits.change(entity, this::with)).on(design);
            };
        }

        /** An attribute there is becomes what was said of it, but keeps its type when none was said. */
        private Entity with(Entity old) {
            List<Attribute> all = new ArrayList<>(old.attributes());
            for (Attribute attribute : attributes) {
                Optional<Attribute> known = old.attribute(attribute.name());
                if (known.isEmpty()) {
                    all.add(attribute);
                } else if (typed.contains(attribute.name())) {
                    all.set(all.indexOf(known.get()), restated(known.get(), attribute));
                }
            }
            Entity changed = old.withAttributes(all);
            return keys.isEmpty() ? changed : changed.withKey(old.key().withNames(List.copyOf(keys)));
        }

        /** Rules that were not said again still hold. */
        private static Attribute restated(Attribute known, Attribute said) {
            return known.withType(said.type())
                    .withList(said.list())
                    .withKept(said.list() ? said.kept().or(known::kept) : Optional.empty())
                    .withOptional(said.optional())
                    .withUnique(known.unique() || said.unique())
                    .withDefault(said.defaultValue().or(known::defaultValue))
                    .withRange(said.range().or(known::range))
                    .withTextConstraint(
                            said.textConstraint().isEmpty() ? known.textConstraint() : said.textConstraint());
        }
    }

    /** Entities there are to be. */
    record Named(List<String> entities, List<String> guesses) implements ClauseMeaning {
        @Override
        public ClauseMeaning guessing(List<String> more) {
            return new Named(entities, concat(more, guesses));
        }

        @Override
        public String sentence() {
            return String.join(
                    "; ",
                    entities.stream().map(e -> "entity " + Notation.name(e)).toList());
        }

        @Override
        public Edit edit() {
            return design -> {
                Edit edit = Edit.NOTHING;
                for (String entity : entities) {
                    if (design.entity(entity).isEmpty()) {
                        edit = edit.then(EntityEdits.add(Entity.keyed(entity)));
                    }
                }
                return edit.on(design);
            };
        }
    }

    /** A rule over the rows of an entity, stated once; empty where its condition means nothing there. */
    static Optional<List<ClauseMeaning>> ruled(Design design, String entity, RowRule rule) {
        if (!Formula.condition(design, entity, rule.condition()).isSound()) {
            return Optional.empty();
        }
        boolean stated = design.entity(entity)
                .filter(e -> e.rules().stream().anyMatch(r -> r.condition().equals(rule.condition())))
                .isPresent();
        return Optional.of(List.of(new Done(
                Notation.name(entity) + ": " + Notation.print(rule),
                EntityEdits.addRules(entity, stated ? List.of() : List.of(rule)),
                List.of())));
    }

    /** Something done to what there is. */
    record Done(String sentence, Edit edit, List<String> guesses) implements ClauseMeaning {
        @Override
        public ClauseMeaning guessing(List<String> more) {
            return new Done(sentence, edit, concat(more, guesses));
        }
    }

    /** Something that was understood and cannot be. */
    record Impossible(String problem) implements ClauseMeaning {
        @Override
        public ClauseMeaning guessing(List<String> more) {
            return this;
        }

        @Override
        public List<String> guesses() {
            return List.of();
        }

        @Override
        public String sentence() {
            return "";
        }

        @Override
        public Edit edit() {
            return Edit.NOTHING;
        }
    }

    /** The entity it is about, when it is about one. */
    default Optional<String> subject() {
        return Optional.empty();
    }

    /** The design with entities that are named in a sentence and may be new. */
    static Design withEntities(Design design, List<String> names) {
        Design then = design;
        for (String name : names) {
            if (then.entity(name).isEmpty()) {
                then = EntityEdits.add(Entity.keyed(name)).on(then);
            }
        }
        return then;
    }

    /** A relationship to one thing or to one of several. */
    static Relationship relationship(
            String from, List<String> to, Reading forward, Optional<Reading> back, String via) {
        if (to.size() > 1) {
            return new PolymorphicRelationship(
                    from, to, forward.withMany(false), back, Optional.empty(), List.of(), Notes.NONE);
        }
        return new BinaryRelationship(from, to.get(0), via, forward, back, List.of(), Notes.NONE);
    }
}
