package jasperwing.app.draw;

import jasperwing.model.AttributeGroup;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;

/**
 * A line of the roster.
 *
 * @param note what stands at its right
 * @param color the style of the swatch of a head, or empty for none
 */
record RosterLine(Kind kind, String name, String note, String color) {
    enum Kind {
        HEAD,
        ENTITY,
        DECLARED
    }

    static RosterLine head(String name, String color) {
        return new RosterLine(Kind.HEAD, name, "", color);
    }

    static RosterLine of(Entity entity) {
        String note = entity.outside()
                ? "outside"
                : String.valueOf(entity.attributes().size());
        return new RosterLine(Kind.ENTITY, entity.name(), note, "");
    }

    static RosterLine of(EnumType type) {
        return new RosterLine(
                Kind.DECLARED, type.name(), String.valueOf(type.values().size()), "");
    }

    static RosterLine of(AttributeGroup group) {
        return new RosterLine(
                Kind.DECLARED, group.name(), String.valueOf(group.attributes().size()), "");
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof RosterLine o
                        && kind == o.kind
                        && name.equals(o.name)
                        && note.equals(o.note)
                        && color.equals(o.color);
    }

    @Override
    public int hashCode() {
        return name.hashCode();
    }
}
