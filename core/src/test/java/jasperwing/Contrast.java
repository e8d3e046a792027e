package jasperwing;

/** Contrast as WCAG 2.1 measures it. Channels are red, green and blue from 0 to 1. */
public final class Contrast {
    private Contrast() {}

    /** From 1 to 21; 4.5 is asked of texts, 3 of large ones and of marks. */
    public static double between(double[] one, double[] other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    /** The light of a channel that is stored as sRGB. */
    public static double linear(double channel) {
        return channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }

    private static double luminance(double[] color) {
        return 0.2126 * linear(color[0]) + 0.7152 * linear(color[1]) + 0.0722 * linear(color[2]);
    }
}
