package jasperwing.diagram;

import jasperwing.model.AreaColor;
import java.util.List;
import java.util.Optional;

/**
 * An entity as it is drawn.
 *
 * @param badge a word at the right of the name: {@code link}, {@code outside}, {@code only kinds} or empty
 * @param color of its area; empty for an entity in no area
 * @param attributes how many rows, from the first on, are the attributes of the entity in their order; 0 where only the key is shown
 */
public record Card(String entity, Box box, Optional<AreaColor> color, String badge, List<Row> rows, int attributes) {
    public static final double HEADER = 34;
    public static final double ROW = 19;
    public static final double FOOT = 8;
    public static final double SPINE = 6;
    public static final double CUT = 14;

    /** Where an attribute's name starts, from the left edge. */
    public static final double TEXT_LEFT = 26;

    public static final double TEXT_RIGHT = 10;

    public Card {
        rows = List.copyOf(rows);
    }

    /** What stands in the margin of a line. */
    public enum Mark {
        NONE,
        KEY,
        UNIQUE,
        COMPUTED,
        /** A role in the key: a reference that identifies a row, alone or with others. */
        KEY_ROLE,
        /** A column that refers to another table. */
        REFERENCE,
        TRAIT,
        /** Uniqueness over several members, or an index. */
        CONSTRAINT
    }

    /** One attribute, a role, a trait that gives several, or a constraint. */
    public record Row(String name, String type, Mark mark) {}

    /** The same card elsewhere. */
    public Card at(Point corner) {
        if (corner.x() == box.x() && corner.y() == box.y()) {
            return this;
        }
        return new Card(
                entity, new Box(corner.x(), corner.y(), box.width(), box.height()), color, badge, rows, attributes);
    }

    /** The box of a line, the width of the card. */
    public Box rowBox(int index) {
        return new Box(box.x(), box.y() + HEADER + index * ROW, box.width(), ROW);
    }
}
