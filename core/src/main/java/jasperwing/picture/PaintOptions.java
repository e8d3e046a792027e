package jasperwing.picture;

import java.util.Objects;

/**
 * How scenes are painted.
 *
 * @param regions whether the ground of areas is tinted
 * @param columns what is said below an attribute when it is seen from very near
 */
public record PaintOptions(Palette palette, LineEnds ends, boolean regions, Columns columns) {
    /** Crow's feet on light paper. */
    public static final PaintOptions LIGHT =
            new PaintOptions(Palette.LIGHT, LineEnds.CROWS_FOOT, true, (entity, attribute) -> "");

    public PaintOptions {
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
    public boolean isAs(PaintOptions other) {
        return palette == other.palette && ends == other.ends && regions == other.regions;
    }

    public PaintOptions withPalette(Palette other) {
        return new PaintOptions(other, ends, regions, columns);
    }

    public PaintOptions withEnds(LineEnds other) {
        return new PaintOptions(palette, other, regions, columns);
    }

    public PaintOptions withColumns(Columns other) {
        return new PaintOptions(palette, ends, regions, other);
    }
}
