package jasperwing.model;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A kind of thing the design keeps rows of.
 *
 * @param area the name of its area, or empty
 * @param outside whether others keep it: it can be pointed to, and is neither created nor generated. With a physical name it is a table
 *     of the same database, without one it lives in another system
 * @param attributes in the order they are listed
 * @param key names of the attributes and roles that identify a row; empty when none was said
 * @param uniques combinations of attributes and roles that no two rows share
 * @param indexes what rows are found by besides
 * @param rules conditions that every row fulfils
 * @param shown the members a row is shown by; empty when none was said
 * @param traits the names of the traits it has, in the order said
 * @param inheritance what it is a kind of, and what its kinds are like
 */
public record Entity(
        String name,
        String area,
        boolean outside,
        List<Attribute> attributes,
        Members key,
        List<Members> uniques,
        List<Indexing> indexes,
        List<RowRule> rules,
        Members shown,
        List<String> traits,
        Inheritance inheritance,
        Notes notes) {
    public Entity {
        Names.require(name);
        Objects.requireNonNull(area);
        attributes = List.copyOf(attributes);
        uniques = List.copyOf(uniques);
        indexes = List.copyOf(indexes);
        rules = List.copyOf(rules);
        traits = List.copyOf(traits);
        Objects.requireNonNull(inheritance);
    }

    /** An entity of the given name with nothing in it. */
    public static Entity of(String name) {
        return new Entity(
                name,
                "",
                false,
                List.of(),
                Members.NONE,
                List.of(),
                List.of(),
                List.of(),
                Members.NONE,
                List.of(),
                Inheritance.NONE,
                Notes.NONE);
    }

    /** An entity with a generated key {@code id}, as a new one is drawn. */
    public static Entity keyed(String name) {
        return of(name).withAttributes(List.of(Attribute.of("id", Type.of(Scalar.SERIAL))))
                .withKey(Members.of("id"));
    }

    public Optional<Attribute> attribute(String attributeName) {
        for (Attribute attribute : attributes) {
            if (attribute.name().equals(attributeName)) {
                return Optional.of(attribute);
            }
        }
        return Optional.empty();
    }

    /** Whether others keep it in a table of the same database, to which foreign keys can point. */
    public boolean inSameDatabase() {
        return outside && !notes.physical().isEmpty();
    }

    /** Whether it lives in another system, where no foreign key can point. */
    public boolean elsewhere() {
        return outside && notes.physical().isEmpty();
    }

    public boolean isKey(Attribute attribute) {
        return key.names().contains(attribute.name());
    }

    public Entity withName(String newName) {
        return new Entity(
                newName, area, outside, attributes, key, uniques, indexes, rules, shown, traits, inheritance, notes);
    }

    public Entity withArea(String newArea) {
        return new Entity(
                name, newArea, outside, attributes, key, uniques, indexes, rules, shown, traits, inheritance, notes);
    }

    public Entity withOutside(boolean nowOutside) {
        return new Entity(
                name, area, nowOutside, attributes, key, uniques, indexes, rules, shown, traits, inheritance, notes);
    }

    public Entity withAttributes(List<Attribute> newAttributes) {
        return new Entity(
                name, area, outside, newAttributes, key, uniques, indexes, rules, shown, traits, inheritance, notes);
    }

    public Entity withKey(Members newKey) {
        return new Entity(
                name, area, outside, attributes, newKey, uniques, indexes, rules, shown, traits, inheritance, notes);
    }

    public Entity withUniques(List<Members> newUniques) {
        return new Entity(
                name, area, outside, attributes, key, newUniques, indexes, rules, shown, traits, inheritance, notes);
    }

    public Entity withIndexes(List<Indexing> newIndexes) {
        return new Entity(
                name, area, outside, attributes, key, uniques, newIndexes, rules, shown, traits, inheritance, notes);
    }

    public Entity withRules(List<RowRule> newRules) {
        return new Entity(
                name, area, outside, attributes, key, uniques, indexes, newRules, shown, traits, inheritance, notes);
    }

    public Entity withShown(Members newShown) {
        return new Entity(
                name, area, outside, attributes, key, uniques, indexes, rules, newShown, traits, inheritance, notes);
    }

    public Entity withNotes(Notes newNotes) {
        return new Entity(
                name, area, outside, attributes, key, uniques, indexes, rules, shown, traits, inheritance, newNotes);
    }

    public Entity withTraits(List<String> newTraits) {
        return new Entity(
                name, area, outside, attributes, key, uniques, indexes, rules, shown, newTraits, inheritance, notes);
    }

    public Entity withInheritance(Inheritance newKinship) {
        return new Entity(
                name, area, outside, attributes, key, uniques, indexes, rules, shown, traits, newKinship, notes);
    }
}
