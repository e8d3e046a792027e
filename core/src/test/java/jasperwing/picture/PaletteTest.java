package jasperwing.picture;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Contrast;
import jasperwing.model.AreaColor;
import java.awt.Color;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;

/**
 * The colours of areas: told apart also without red or without green (simulated after Machado, Oliveira and Fernandes, 2009), and names
 * of areas as WCAG 2.1 wants texts.
 */
class PaletteTest {
    private static final double[][] ALL = {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}};
    private static final double[][] NO_RED = {
        {0.152286, 1.052583, -0.204868}, {0.114503, 0.786281, 0.099216}, {-0.003882, -0.048116, 1.051998}
    };
    private static final double[][] NO_GREEN = {
        {0.367322, 0.860646, -0.227968}, {0.280085, 0.672501, 0.047413}, {-0.011820, 0.042940, 0.968881}
    };

    /** CIELAB of a colour as somebody sees it. */
    private static double[] seen(Color color, double[][] eye) {
        double[] light = Arrays.stream(channels(color)).map(Contrast::linear).toArray();
        double[] rgb = new double[3];
        for (int i = 0; i < 3; i++) {
            double sum = eye[i][0] * light[0] + eye[i][1] * light[1] + eye[i][2] * light[2];
            rgb[i] = Math.max(0, Math.min(1, sum));
        }
        double x = curve((0.4124564 * rgb[0] + 0.3575761 * rgb[1] + 0.1804375 * rgb[2]) / 0.95047);
        double y = curve(0.2126729 * rgb[0] + 0.7151522 * rgb[1] + 0.072175 * rgb[2]);
        double z = curve((0.0193339 * rgb[0] + 0.119192 * rgb[1] + 0.9503041 * rgb[2]) / 1.08883);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double curve(double t) {
        return t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
    }

    private static double difference(double[] one, double[] other) {
        return Math.sqrt(
                Math.pow(one[0] - other[0], 2) + Math.pow(one[1] - other[1], 2) + Math.pow(one[2] - other[2], 2));
    }

    @Test
    void everybodyCanTellTheColoursOfAreasApart() {
        SoftAssertions softly = new SoftAssertions();
        for (Palette palette : List.of(Palette.LIGHT, Palette.DARK)) {
            for (AreaColor one : AreaColor.values()) {
                Stream.of(AreaColor.values()).filter(o -> o.compareTo(one) > 0).forEach(other -> {
                    for (double[][] eye : List.of(ALL, NO_RED, NO_GREEN)) {
                        softly.assertThat(difference(
                                        seen(palette.area(Optional.of(one)), eye),
                                        seen(palette.area(Optional.of(other)), eye)))
                                .as(one + " and " + other)
                                .isGreaterThan(15);
                    }
                });
            }
        }
        softly.assertAll();
    }

    @Test
    void namesOfAreasCanBeReadOnTheirGround() {
        for (Palette palette : List.of(Palette.LIGHT, Palette.DARK)) {
            for (AreaColor color : AreaColor.values()) {
                assertThat(contrast(palette.areaName(color), palette.ground(color)))
                        .as(color + " on its ground")
                        .isGreaterThanOrEqualTo(4.5);
                assertThat(contrast(palette.area(Optional.of(color)), palette.card()))
                        .as(color + " beside a card")
                        .isGreaterThanOrEqualTo(3);
            }
            assertThat(contrast(palette.quiet(), palette.card())).isGreaterThanOrEqualTo(4.5);
            assertThat(contrast(palette.quiet(), palette.paper())).isGreaterThanOrEqualTo(4.5);
        }
    }

    private static double contrast(Color one, Color other) {
        return Contrast.between(channels(one), channels(other));
    }

    private static double[] channels(Color color) {
        return new double[] {color.getRed() / 255.0, color.getGreen() / 255.0, color.getBlue() / 255.0};
    }
}
