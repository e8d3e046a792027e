package jasperwing.model;

import java.util.List;

/** The parts of a design while some of them are being put in place of others. */
final class DesignDraft {
    String name;
    List<Area> areas;
    List<EnumType> enums;
    List<AttributeGroup> groups;
    List<Entity> entities;
    List<Relationship> relationships;
    List<Sheet> sheets;
    DatabaseNaming naming;
    List<AcceptedWarning> accepted;
    List<CodeTarget> targets;
    List<Place> places;
    Comments comments;

    DesignDraft(Design design) {
        name = design.name();
        areas = design.areas();
        enums = design.enums();
        groups = design.groups();
        entities = design.entities();
        relationships = design.relationships();
        sheets = design.sheets();
        naming = design.naming();
        accepted = design.accepted();
        targets = design.targets();
        places = design.places();
        comments = design.comments();
    }
}
