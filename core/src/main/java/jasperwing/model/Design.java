package jasperwing.model;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * A whole design. All lists keep the order of the text, except places, which are sorted. Immutable; equal when all parts are. Names
 * are looked up in an index that is made when first needed.
 *
 * <p>Comments: {@code before} stands at the head of the text, {@code closing} at its end, above the places.
 */
public final class Design {
    private final String name;
    private final DatabaseNaming naming;
    private final List<Area> areas;
    private final List<EnumType> enums;
    private final List<AttributeGroup> groups;
    private final List<Entity> entities;
    private final List<Relationship> relationships;
    private final List<Sheet> sheets;
    private final List<AcceptedWarning> accepted;
    private final List<CodeTarget> targets;
    private final List<Place> places;
    private final Comments comments;
    private final DerivationCache lineage;
    private volatile Lookup lookup;
    private volatile Map<String, Map<String, Place>> placed;
    private volatile Relations relations;
    private volatile Design whole;

    public Design(
            String name,
            DatabaseNaming naming,
            List<Area> areas,
            List<EnumType> enums,
            List<AttributeGroup> groups,
            List<Entity> entities,
            List<Relationship> relationships,
            List<Sheet> sheets,
            List<AcceptedWarning> accepted,
            List<CodeTarget> targets,
            List<Place> places,
            Comments comments) {
        this.name = Objects.requireNonNull(name);
        this.naming = Objects.requireNonNull(naming);
        this.areas = List.copyOf(areas);
        this.enums = List.copyOf(enums);
        this.groups = List.copyOf(groups);
        this.entities = List.copyOf(entities);
        this.relationships = List.copyOf(relationships);
        this.sheets = List.copyOf(sheets);
        this.accepted = List.copyOf(accepted);
        this.targets = List.copyOf(targets);
        this.places = places.stream().sorted().toList();
        this.comments = Objects.requireNonNull(comments);
        this.lineage = new DerivationCache();
    }

    /** What an edit makes of a design; what was looked up for parts that are left as they were is taken over. */
    private Design(DesignDraft draft, Design origin) {
        this.name = Objects.requireNonNull(draft.name);
        this.naming = Objects.requireNonNull(draft.naming);
        this.areas = List.copyOf(draft.areas);
        this.enums = List.copyOf(draft.enums);
        this.groups = List.copyOf(draft.groups);
        this.entities = List.copyOf(draft.entities);
        this.relationships = List.copyOf(draft.relationships);
        this.sheets = List.copyOf(draft.sheets);
        this.accepted = List.copyOf(draft.accepted);
        this.targets = List.copyOf(draft.targets);
        this.places = draft.places == origin.places
                ? origin.places
                : draft.places.stream().sorted().toList();
        this.comments = Objects.requireNonNull(draft.comments);
        this.lineage = origin.lineage;
        this.relations = relationships == origin.relationships ? origin.relations : null;
        boolean sameNames = entities == origin.entities
                && areas == origin.areas
                && enums == origin.enums
                && groups == origin.groups;
        this.lookup = sameNames ? origin.lookup : null;
    }

    /** A design with nothing in it. */
    public static Design named(String name) {
        return new Design(
                name,
                DatabaseNaming.USUAL,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Comments.NONE);
    }

    public String name() {
        return name;
    }

    /** How what it becomes is called in a database. */
    public DatabaseNaming naming() {
        return naming;
    }

    public List<Area> areas() {
        return areas;
    }

    public List<EnumType> enums() {
        return enums;
    }

    /** The values and traits. */
    public List<AttributeGroup> groups() {
        return groups;
    }

    public List<Entity> entities() {
        return entities;
    }

    public List<Relationship> relationships() {
        return relationships;
    }

    public List<Sheet> sheets() {
        return sheets;
    }

    /** The warnings that are to be left as they are. */
    public List<AcceptedWarning> accepted() {
        return accepted;
    }

    /** What is said of the targets that code is made for. */
    public List<CodeTarget> targets() {
        return targets;
    }

    /** What is said of a target; one of which nothing is said when nothing is. */
    public CodeTarget target(String word) {
        return targets.stream().filter(t -> t.target().equals(word)).findFirst().orElseGet(() -> CodeTarget.of(word));
    }

    public List<Place> places() {
        return places;
    }

    public Comments comments() {
        return comments;
    }

    private Lookup lookup() {
        Lookup known = lookup;
        if (known == null) {
            known = new Lookup(this);
            lookup = known;
        }
        return known;
    }

    /** The relationships by the entities that take part in them; the same instance after an edit that leaves all relationships alone. */
    public Relations relations() {
        Relations known = relations;
        if (known == null) {
            known = lineage.relations(relationships);
            relations = known;
        }
        return known;
    }

    /** The first of that name. */
    public Optional<Entity> entity(String entityName) {
        return lookup().entity(entityName);
    }

    public Optional<EnumType> enumType(String enumName) {
        return lookup().enumType(enumName);
    }

    public Optional<AttributeGroup> value(String valueName) {
        return lookup().value(valueName);
    }

    public Optional<AttributeGroup> trait(String traitName) {
        return lookup().trait(traitName);
    }

    /**
     * This design with the attributes and rules of their traits in the entities that have any, after their own, and without the keys of kinds, which
     * are known by those of what they are kinds of. What follows from a design is derived
     * from this; what is edited is the design itself.
     */
    public Design whole() {
        Design known = whole;
        if (known == null) {
            known = lineage.whole(this);
            known.whole = known;
            whole = known;
        }
        return known;
    }

    public Optional<Area> area(String areaName) {
        return lookup().area(areaName);
    }

    public Optional<Place> place(String entityName, String sheet) {
        Map<String, Map<String, Place>> known = placed;
        if (known == null) {
            known = new HashMap<>();
            for (Place place : places) {
                known.computeIfAbsent(place.sheet(), s -> new HashMap<>()).putIfAbsent(place.entity(), place);
            }
            placed = known;
        }
        return Optional.ofNullable(known.getOrDefault(sheet, Map.of()).get(entityName));
    }

    /** The relationships the entity takes part in, as an end or as a link, in order. */
    public List<Relationship> relationshipsOf(String entityName) {
        return relations().of(entityName);
    }

    /** Whether the entity is the link of a many-to-many. */
    public boolean isLink(String entityName) {
        return relations().isLink(entityName);
    }

    /** What an entity is a kind of; empty when it is none, and where that cannot be, as {@link InheritanceTree} says. */
    public Optional<Entity> parent(String entityName) {
        return lookup().parent(entityName);
    }

    /** The entities that are kinds of an entity, in order. */
    public List<Entity> kinds(String entityName) {
        return lookup().kinds(entityName);
    }

    public Design withName(String newName) {
        return with(d -> d.name = newName);
    }

    public Design withNaming(DatabaseNaming newNaming) {
        return with(d -> d.naming = newNaming);
    }

    public Design withAreas(List<Area> newAreas) {
        return with(d -> d.areas = newAreas);
    }

    public Design withEnums(List<EnumType> newEnums) {
        return with(d -> d.enums = newEnums);
    }

    public Design withGroups(List<AttributeGroup> newGroups) {
        return with(d -> d.groups = newGroups);
    }

    public Design withEntities(List<Entity> newEntities) {
        return with(d -> d.entities = newEntities);
    }

    public Design withRelationships(List<Relationship> newRelationships) {
        return with(d -> d.relationships = newRelationships);
    }

    public Design withSheets(List<Sheet> newSheets) {
        return with(d -> d.sheets = newSheets);
    }

    public Design withAccepted(List<AcceptedWarning> newAccepted) {
        return with(d -> d.accepted = newAccepted);
    }

    public Design withTargets(List<CodeTarget> newTargets) {
        return with(d -> d.targets = newTargets);
    }

    public Design withPlaces(List<Place> newPlaces) {
        return with(d -> d.places = newPlaces);
    }

    public Design withComments(Comments newComments) {
        return with(d -> d.comments = newComments);
    }

    private Design with(Consumer<DesignDraft> change) {
        DesignDraft draft = new DesignDraft(this);
        change.accept(draft);
        return new Design(draft, this);
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof Design d
                        && name.equals(d.name)
                        && naming.equals(d.naming)
                        && areas.equals(d.areas)
                        && enums.equals(d.enums)
                        && groups.equals(d.groups)
                        && entities.equals(d.entities)
                        && relationships.equals(d.relationships)
                        && sheets.equals(d.sheets)
                        && accepted.equals(d.accepted)
                        && targets.equals(d.targets)
                        && places.equals(d.places)
                        && comments.equals(d.comments);
    }

    @Override
    public int hashCode() {
        return Objects.hash(
                name,
                naming,
                areas,
                enums,
                groups,
                entities,
                relationships,
                sheets,
                accepted,
                targets,
                places,
                comments);
    }

    /** Its name and how much is in it. */
    @Override
    public String toString() {
        return "design " + name + " of " + entities.size() + " entities and " + relationships.size() + " relationships";
    }
}
