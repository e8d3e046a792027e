package jasperwing.model;

import java.util.Objects;

/**
 * A subject area: groups entities, gives them a colour and a package.
 *
 * @param schema the namespace of its tables in the database; empty for that of all tables
 */
public record Area(String name, AreaColor color, String schema, Notes notes) {
    public Area {
        Names.require(name);
        Objects.requireNonNull(schema);
    }

    /** One whose tables lie where all do. */
    public Area(String name, AreaColor color, Notes notes) {
        this(name, color, "", notes);
    }

    public Area withName(String newName) {
        return new Area(newName, color, schema, notes);
    }

    public Area withColor(AreaColor newColor) {
        return new Area(name, newColor, schema, notes);
    }

    public Area withSchema(String newSchema) {
        return new Area(name, color, newSchema, notes);
    }
}
