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

    /** The colour of an area; of none, a grey. */
    public Color area(Optional<AreaColor> color) {
        return color.map(c -> isDark() ? onDark(c) : onLight(c)).orElse(new Color(0x8C857B));
    }

    private static Color onLight(AreaColor color) {
        return switch (color) {
            case MOSS -> new Color(0x656B34);
            case SEA -> new Color(0x226E8E);
            case OCHRE -> new Color(0x8B630E);
            case PLUM -> new Color(0x542B5C);
            case SLATE -> new Color(0x4C5961);
            case UMBER -> new Color(0x553312);
            case INDIGO -> new Color(0x384B8D);
            case FERN -> new Color(0x3A7657);
            case ROSE -> new Color(0x6D1638);
        };
    }

    private static Color onDark(AreaColor color) {
        return switch (color) {
            case MOSS -> new Color(0xB7C077);
            case SEA -> new Color(0x76D0EE);
            case OCHRE -> new Color(0xEBB34D);
            case PLUM -> new Color(0xC286BB);
            case SLATE -> new Color(0xB2BDC4);
            case UMBER -> new Color(0xB7896D);
            case INDIGO -> new Color(0x92AEFD);
            case FERN -> new Color(0x8BD4A3);
            case ROSE -> new Color(0xD97093);
        };
    }

    /** For the name of an area on its ground. */
    Color areaName(AreaColor color) {
        return mix(area(Optional.of(color)), ink, 0.75);
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
