package jasperwing.picture;

import java.util.Objects;

/**
 * How scenes are painted.
 *
 * @param regions whether the ground of areas is tinted
 * @param columns what is said below an attribute when it is seen from very near
 */
public record Look(Palette palette, Ends ends, boolean regions, Columns columns) {
    /** Crow's feet on light paper. */
    public static final Look LIGHT = new Look(Palette.LIGHT, Ends.CROWS_FOOT, true, (entity, attribute) -> "");

    public Look {
        Objects.requireNonNull(palette);
        Objects.requireNonNull(ends);
        Objects.requireNonNull(columns);
    }

    /** Tells how an attribute is stored. */
    public interface Columns {
        /** The column in a few words; empty when there is none. */
        String of(String entity, String attribute);
    }

    /** Whether both paint the same, if they say the same of columns. */
    public boolean isAs(Look other) {
        return palette == other.palette && ends == other.ends && regions == other.regions;
    }

    public Look withPalette(Palette other) {
        return new Look(other, ends, regions, columns);
    }

    public Look withEnds(Ends other) {
        return new Look(palette, other, regions, columns);
    }

    public Look withColumns(Columns other) {
        return new Look(palette, ends, regions, other);
    }
}
