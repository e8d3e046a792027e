package jasperwing.model;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A whole design. All lists keep the order of the text, except places, which are sorted.
 *
 * <p>Comments: {@code before} stands at the head of the text, {@code closing} at its end, above the places.
 */
public record Design(
        String name,
        List<Area> areas,
        List<EnumType> enums,
        List<Entity> entities,
        List<Relationship> relationships,
        List<Sheet> sheets,
        List<Place> places,
        Comments comments) {
    public Design {
        Objects.requireNonNull(name);
        areas = List.copyOf(areas);
        enums = List.copyOf(enums);
        entities = List.copyOf(entities);
        relationships = List.copyOf(relationships);
        sheets = List.copyOf(sheets);
        places = places.stream().sorted().toList();
    }

    /** A design with nothing in it. */
    public static Design named(String name) {
        return new Design(name, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), Comments.NONE);
    }

    public Optional<Entity> entity(String entityName) {
        return entities.stream().filter(e -> e.name().equals(entityName)).findFirst();
    }

    public Optional<EnumType> enumType(String enumName) {
        return enums.stream().filter(e -> e.name().equals(enumName)).findFirst();
    }

    public Optional<Area> area(String areaName) {
        return areas.stream().filter(a -> a.name().equals(areaName)).findFirst();
    }

    public Optional<Place> place(String entityName, String sheet) {
        return places.stream()
                .filter(p -> p.entity().equals(entityName) && p.sheet().equals(sheet))
                .findFirst();
    }

    /** The relationships the entity takes part in, as an end or as a link. */
    public List<Relationship> relationshipsOf(String entityName) {
        return relationships.stream().filter(r -> r.mentions(entityName)).toList();
    }

    /** Whether the entity is the link of a many-to-many. */
    public boolean isLink(String entityName) {
        return relationships.stream()
                .anyMatch(r -> r instanceof Tie tie && tie.via().equals(entityName));
    }

    public Design withName(String newName) {
        return new Design(newName, areas, enums, entities, relationships, sheets, places, comments);
    }

    public Design withAreas(List<Area> newAreas) {
        return new Design(name, newAreas, enums, entities, relationships, sheets, places, comments);
    }

    public Design withEnums(List<EnumType> newEnums) {
        return new Design(name, areas, newEnums, entities, relationships, sheets, places, comments);
    }

    public Design withEntities(List<Entity> newEntities) {
        return new Design(name, areas, enums, newEntities, relationships, sheets, places, comments);
    }

    public Design withRelationships(List<Relationship> newRelationships) {
        return new Design(name, areas, enums, entities, newRelationships, sheets, places, comments);
    }

    public Design withSheets(List<Sheet> newSheets) {
        return new Design(name, areas, enums, entities, relationships, newSheets, places, comments);
    }

    public Design withPlaces(List<Place> newPlaces) {
        return new Design(name, areas, enums, entities, relationships, sheets, newPlaces, comments);
    }

    public Design withComments(Comments newComments) {
        return new Design(name, areas, enums, entities, relationships, sheets, places, newComments);
    }
}
