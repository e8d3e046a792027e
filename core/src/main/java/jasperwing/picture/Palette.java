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

    Color area(Optional<AreaColor> color) {
        return color.map(c -> switch (c) {
                    case MOSS -> new Color(0x5F7A3D);
                    case SEA -> new Color(0x2C6E7F);
                    case OCHRE -> new Color(0xB67A1E);
                    case PLUM -> new Color(0x7A4A73);
                    case SLATE -> new Color(0x56616E);
                })
                .orElse(new Color(0x8C857B));
    }

    /** The area's colour, mostly card: for the cut corner. */
    Color tint(Optional<AreaColor> color) {
        Color strong = area(color);
        return new Color(
                mix(strong.getRed(), card.getRed()),
                mix(strong.getGreen(), card.getGreen()),
                mix(strong.getBlue(), card.getBlue()));
    }

    private static int mix(int strong, int weak) {
        return (int) Math.round(strong * 0.28 + weak * 0.72);
    }
}
