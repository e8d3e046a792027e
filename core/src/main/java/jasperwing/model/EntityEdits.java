package jasperwing.model;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Edits on entities and the areas and enums they use. An edit on something that is not there changes nothing. */
public final class EntityEdits {
    private EntityEdits() {}

    public static Edit add(Entity entity) {
        return design -> design.withEntities(append(design.entities(), entity));
    }

    public static Edit change(String name, UnaryOperator<Entity> change) {
        return design -> design.withEntities(design.entities().stream()
                .map(e -> e.name().equals(name) ? change.apply(e) : e)
                .toList());
    }

    /** Adds rules behind those the entity has. */
    public static Edit addRules(String entity, List<RowRule> rules) {
        return change(
                entity,
                e -> e.withRules(
                        Stream.concat(e.rules().stream(), rules.stream()).toList()));
    }

    /** Adds members that no two rows share, unless that is said of them already, in whatever order. */
    public static Edit addUnique(String entity, Members members) {
        Set<String> names = Set.copyOf(members.names());
        return change(entity, e -> {
            boolean said = Stream.concat(Stream.of(e.key()), e.uniques().stream())
                    .anyMatch(m -> Set.copyOf(m.names()).equals(names));
            return said
                    ? e
                    : e.withUniques(Stream.concat(e.uniques().stream(), Stream.of(members))
                            .toList());
        });
    }

    /** Renames an entity wherever it is named: in relationships, sheets and places. */
    public static Edit rename(String oldName, String newName) {
        return change(oldName, e -> e.withName(newName))
                .then(kindsOf(oldName, newName))
                .then(design -> renameMentions(design, oldName, newName));
    }

    /** The kinds of one entity are kinds of another then, or of none when its name is empty. */
    private static Edit kindsOf(String oldName, String newName) {
        return design ->
                design.entities().stream().noneMatch(e -> e.inheritance().of().equals(oldName))
                        ? design
                        : design.withEntities(design.entities().stream()
                                .map(e -> e.inheritance().of().equals(oldName)
                                        ? e.withInheritance(e.inheritance().withOf(newName))
                                        : e)
                                .toList());
    }

    private static Design renameMentions(Design before, String oldName, String newName) {
        Design design = AcceptedWarningEdits.entityRenamed(before, oldName, newName);
        return design.withRelationships(design.relationships().stream()
                        .map(r -> r.mentions(oldName) ? r.withEntityRenamed(oldName, newName) : r)
                        .toList())
                .withSheets(design.sheets().stream()
                        .map(s -> new Sheet(
                                s.name(),
                                s.entities().stream()
                                        .map(e -> e.equals(oldName) ? newName : e)
                                        .toList(),
                                s.comments()))
                        .toList())
                .withPlaces(design.places().stream()
                        .map(p -> p.entity().equals(oldName) ? new Place(newName, p.sheet(), p.x(), p.y()) : p)
                        .toList());
    }

    /**
     * Removes an entity, the relationships it is an end of, and every mention of it as a link or a subject. Its kinds are then kinds of what
     * it was a kind of.
     */
    public static Edit remove(String name) {
        return design -> {
            String above = design.entity(name).map(e -> e.inheritance().of()).orElse("");
            return removed(
                    AcceptedWarningEdits.entityRemoved(kindsOf(name, above).on(design), name), name);
        };
    }

    private static Design removed(Design design, String name) {
        return design.withEntities(design.entities().stream()
                        .filter(e -> !e.name().equals(name))
                        .toList())
                .withRelationships(design.relationships().stream()
                        .flatMap(r -> without(r, name).stream())
                        .toList())
                .withSheets(design.sheets().stream()
                        .map(s -> new Sheet(
                                s.name(),
                                s.entities().stream()
                                        .filter(e -> !e.equals(name))
                                        .toList(),
                                s.comments()))
                        .toList())
                .withPlaces(design.places().stream()
                        .filter(p -> !p.entity().equals(name))
                        .toList());
    }

    private static Optional<Relationship> without(Relationship relationship, String name) {
        return relationship.match(binary -> without(binary, name), oneOf -> without(oneOf, name));
    }

    private static Optional<Relationship> without(PolymorphicRelationship oneOf, String name) {
        List<String> left =
                oneOf.subjects().stream().filter(s -> !s.equals(name)).toList();
        return oneOf.from().equals(name) || left.isEmpty()
                ? Optional.empty()
                : Optional.of(oneOf.withSubjects(left).withRulesFor(e -> !e.equals(name)));
    }

    private static Optional<Relationship> without(BinaryRelationship binary, String name) {
        if (binary.from().equals(name) || binary.to().equals(name)) {
            return Optional.empty();
        }
        return Optional.of(binary.via().equals(name) ? binary.relinked("") : binary);
    }

    /**
     * Replaces one attribute; when its name changes, keys, unique combinations and what is shown follow.
     *
     * @param entity whose attribute it is; a value or trait where no entity has that name
     */
    public static Edit changeAttribute(String entity, String attribute, UnaryOperator<Attribute> change) {
        return design -> {
            if (design.entity(entity).isEmpty()) {
                return GroupEdits.changeAttribute(entity, attribute, change).on(design);
            }
            Design changed = change(entity, e -> changed(e, attribute, change)).on(design);
            String name = design.entity(entity)
                    .flatMap(e -> e.attribute(attribute))
                    .map(a -> change.apply(a).name())
                    .orElse(attribute);
            Design followed = AcceptedWarningEdits.memberRenamed(changed, entity, attribute, name);
            return SortingEdits.named(design, followed, entity, n -> Optional.of(n.equals(attribute) ? name : n));
        };
    }

    private static Entity changed(Entity entity, String attribute, UnaryOperator<Attribute> change) {
        return entity.attribute(attribute)
                .map(old -> {
                    Attribute now = change.apply(old);
                    Entity replaced = entity.withAttributes(entity.attributes().stream()
                            .map(a -> a == old ? now : a)
                            .toList());
                    return memberRenamed(replaced, attribute, now.name());
                })
                .orElse(entity);
    }

    /** An entity in which everything that names a member has its new name. The member itself has the old one still. */
    public static Entity memberRenamed(Entity entity, String oldName, String newName) {
        return entity.withAttributes(inFormulas(entity.attributes(), oldName, newName))
                .withKey(entity.key().renamed(oldName, newName))
                .withShown(entity.shown().renamed(oldName, newName))
                .withUniques(entity.uniques().stream()
                        .map(u -> u.renamed(oldName, newName))
                        .toList())
                .withIndexes(entity.indexes().stream()
                        .map(i -> i.renamed(oldName, newName))
                        .toList())
                .withRules(entity.rules().stream()
                        .map(r -> r.renamed(oldName, newName))
                        .toList());
    }

    private static List<Indexing> without(List<Indexing> indexes, String attribute) {
        return indexes.stream()
                .map(i -> i.without(attribute))
                .filter(i -> !i.members().isEmpty())
                .toList();
    }

    private static List<Attribute> inFormulas(List<Attribute> attributes, String oldName, String newName) {
        return attributes.stream()
                .map(a -> a.isComputed()
                        ? a.withFormula(a.formula().map(f -> f.withNames(n -> n.renamed(oldName, newName))))
                        : a)
                .toList();
    }

    public static Edit removeAttribute(String entity, String attribute) {
        Edit removed = change(entity, e -> without(e, attribute)
                .withKey(e.key().without(attribute))
                .withShown(e.shown().without(attribute))
                .withUniques(e.uniques().stream()
                        .map(u -> u.without(attribute))
                        .filter(u -> !u.isEmpty())
                        .toList())
                .withIndexes(without(e.indexes(), attribute)));
        return design -> SortingEdits.named(
                design, removed.on(design), entity, n -> Optional.of(n).filter(a -> !a.equals(attribute)));
    }

    /**
     * Takes an attribute to another place of its entity, or to another entity; there it is no longer part of a key. Changes
     * nothing when the other entity has one of that name.
     *
     * @param index where it stands among the others then, counted without it
     */
    public static Edit moveAttribute(String from, String attribute, String to, int index) {
        return design -> {
            Optional<Attribute> moved = design.entity(from).flatMap(e -> e.attribute(attribute));
            boolean taken = !from.equals(to)
                    && design.entity(to).flatMap(e -> e.attribute(attribute)).isPresent();
            if (moved.isEmpty() || taken || design.entity(to).isEmpty()) {
                return design;
            }
            if (from.equals(to)) {
                return change(from, e -> inserted(without(e, attribute), moved.get(), index))
                        .on(design);
            }
            return removeAttribute(from, attribute)
                    .then(change(to, e -> inserted(e, moved.get(), index)))
                    .on(design);
        };
    }

    private static Entity without(Entity entity, String attribute) {
        return entity.withAttributes(entity.attributes().stream()
                .filter(a -> !a.name().equals(attribute))
                .toList());
    }

    private static Entity inserted(Entity entity, Attribute attribute, int index) {
        List<Attribute> all = new ArrayList<>(entity.attributes());
        all.add(Math.max(0, Math.min(all.size(), index)), attribute);
        return entity.withAttributes(all);
    }

    /**
     * Replaces all attribute lines of an entity. A line that stands where another stood and bears a new name is a rename.
     * Roles in the key stay; the attributes in it are those named in {@code key}.
     */
    public static Edit retype(String entity, List<Attribute> attributes, List<String> key) {
        return design -> design.entity(entity)
                .map(e -> {
                    Map<String, String> renames = renames(e.attributes(), attributes);
                    Design changed = change(entity, old -> retyped(old, attributes, key, renames))
                            .on(design);
                    for (Map.Entry<String, String> rename : renames.entrySet()) {
                        changed =
                                AcceptedWarningEdits.memberRenamed(changed, entity, rename.getKey(), rename.getValue());
                    }
                    Set<String> left = attributes.stream().map(Attribute::name).collect(Collectors.toSet());
                    return SortingEdits.named(design, changed, entity, n -> Optional.of(renames.getOrDefault(n, n))
                            .filter(now -> left.contains(now) || e.attribute(n).isEmpty()));
                })
                .orElse(design);
    }

    private static Entity retyped(
            Entity entity, List<Attribute> attributes, List<String> key, Map<String, String> renames) {
        Entity renamed = entity;
        for (Map.Entry<String, String> rename : renames.entrySet()) {
            renamed = memberRenamed(renamed, rename.getKey(), rename.getValue());
        }
        List<String> roles = renamed.key().names().stream()
                .filter(k -> entity.attribute(k).isEmpty()
                        && attributes.stream().noneMatch(a -> a.name().equals(k)))
                .toList();
        List<String> newKey = Stream.concat(roles.stream(), key.stream()).toList();
        List<Attribute> followed = attributes;
        for (Map.Entry<String, String> rename : renames.entrySet()) {
            followed = inFormulas(followed, rename.getKey(), rename.getValue());
        }
        return withoutLost(renamed.withAttributes(followed), entity)
                .withKey(renamed.key().withNames(newKey));
    }

    /** The attributes that stand where they stood and bear a name nothing had before, by their old names. */
    public static Map<String, String> renames(List<Attribute> before, List<Attribute> attributes) {
        Map<String, String> renames = new LinkedHashMap<>();
        for (int i = 0; attributes.size() == before.size() && i < attributes.size(); i++) {
            String oldName = before.get(i).name();
            String newName = attributes.get(i).name();
            boolean gone = attributes.stream().noneMatch(a -> a.name().equals(oldName));
            if (gone && before.stream().noneMatch(a -> a.name().equals(newName))) {
                renames.put(oldName, newName);
            }
        }
        return renames;
    }

    private static Entity withoutLost(Entity now, Entity before) {
        Entity result = now;
        for (Attribute old : before.attributes()) {
            if (now.attribute(old.name()).isEmpty()) {
                result = result.withShown(result.shown().without(old.name()))
                        .withUniques(result.uniques().stream()
                                .map(u -> u.without(old.name()))
                                .filter(u -> !u.isEmpty())
                                .toList())
                        .withIndexes(without(result.indexes(), old.name()));
            }
        }
        return result;
    }

    /** Renames one enum, and the attributes' type with it. Of several of one name only the last is renamed. */
    public static Edit renameEnum(String oldName, String newName) {
        return design -> {
            List<EnumType> enums = new ArrayList<>(design.enums());
            int last = enums.stream().map(EnumType::name).toList().lastIndexOf(oldName);
            if (last < 0) {
                return design;
            }
            EnumType type = enums.get(last);
            enums.set(last, new EnumType(newName, type.kept(), type.values(), type.notes()));
            boolean another = enums.stream().anyMatch(e -> e.name().equals(oldName));
            Design renamed = design.withEnums(enums);
            return another ? renamed : GroupEdits.retyped(oldName, newName).on(renamed);
        };
    }

    /** The list with one more element. */
    static <T> List<T> append(List<T> list, T element) {
        List<T> longer = new ArrayList<>(list);
        longer.add(element);
        return longer;
    }
}
