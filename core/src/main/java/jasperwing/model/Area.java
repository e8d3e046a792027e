package jasperwing.model;

/** A subject area: groups entities, gives them a colour and a package. */
public record Area(String name, AreaColor color, Notes notes) {
    public Area {
        Names.require(name);
    }

    public Area withName(String newName) {
        return new Area(newName, color, notes);
    }
}
