package jasperwing.picture;

import jasperwing.model.AreaColor;
import java.awt.Color;
import java.util.Optional;

/** The colours of a picture. */
public record Palette(
        Color paper,
        Color dot,
        Color card,
        Color cardEdge,
        Color ink,
        Color quiet,
        Color line,
        Color accent,
        Color fan) {
    public static final Palette LIGHT = new Palette(
            new Color(0xF5F2ED),
            new Color(0xE3DED5),
            new Color(0xFFFEFC),
            new Color(0xD3CCC0),
            new Color(0x26221E),
            new Color(0x6F675D),
            new Color(0x5A534B),
            new Color(0xA63D2F),
            new Color(0xF1E8F0));

    public static final Palette DARK = new Palette(
            new Color(0x1F1C1A),
            new Color(0x2C2825),
            new Color(0x2A2623),
            new Color(0x453F39),
            new Color(0xF0EBE3),
            new Color(0xA69D91),
            new Color(0xB4AA9C),
            new Color(0xE2705F),
            new Color(0x33262F));

    /** Whether light ink stands on dark paper. */
    public boolean isDark() {
        return paper.getRed() < 128;
    }

    Color area(Optional<AreaColor> color) {
        return color.map(c -> isDark() ? onDark(c) : onLight(c)).orElse(new Color(0x8C857B));
    }

    private static Color onLight(AreaColor color) {
        return switch (color) {
            case MOSS -> new Color(0x5F7A3D);
            case SEA -> new Color(0x2C6E7F);
            case OCHRE -> new Color(0xB67A1E);
            case PLUM -> new Color(0x7A4A73);
            case SLATE -> new Color(0x56616E);
        };
    }

    private static Color onDark(AreaColor color) {
        return switch (color) {
            case MOSS -> new Color(0x86A65B);
            case SEA -> new Color(0x4F9BAE);
            case OCHRE -> new Color(0xD29A3E);
            case PLUM -> new Color(0xBB8AB3);
            case SLATE -> new Color(0x8E9BAA);
        };
    }

    /** The area's colour, mostly card: for the cut corner. */
    Color tint(Optional<AreaColor> color) {
        return mix(area(color), card, 0.28);
    }

    /** The area's colour, hardly more than paper: for its ground. */
    Color ground(AreaColor color) {
        return mix(area(Optional.of(color)), paper, isDark() ? 0.09 : 0.10);
    }

    /** A line among very many. */
    Color faintLine() {
        return mix(line, paper, 0.45);
    }

    private static Color mix(Color strong, Color weak, double share) {
        return new Color(
                mix(strong.getRed(), weak.getRed(), share),
                mix(strong.getGreen(), weak.getGreen(), share),
                mix(strong.getBlue(), weak.getBlue(), share));
    }

    private static int mix(int strong, int weak, double share) {
        return (int) Math.round(strong * share + weak * (1 - share));
    }
}
