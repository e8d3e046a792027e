package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Contrast;
import jasperwing.model.AreaColor;
import jasperwing.picture.Palette;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The colours of the window's style sheet, as WCAG 2.1 measures contrast: 4.5 to 1 for text, 3 to 1 for marks. */
class ContrastTest {
    private static final List<String> TEXTS =
            List.of("ink", "quiet", "accent", "amber", "plum", "good", "sea", "faint");
    private static final List<String> MARKS = List.of("warning", "holds", "accent");
    private static final List<String> GROUNDS = List.of("paper", "card", "sunk", "hover", "blush", "come");

    private static Map<String, Color> colors(boolean dark) throws IOException {
        String css = new String(
                ContrastTest.class
                        .getResourceAsStream("/jasperwing/app/window.css")
                        .readAllBytes(),
                StandardCharsets.UTF_8);
        String[] blocks = css.split("}", 3);
        Map<String, Color> colors = new HashMap<>();
        Matcher matcher = Pattern.compile("-([a-z-]+): (#[0-9A-F]{6});").matcher(blocks[dark ? 1 : 0]);
        while (matcher.find()) {
            colors.put(matcher.group(1), Color.web(matcher.group(2)));
        }
        assertThat(colors).containsKeys("ink", "paper", "card");
        return colors;
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void everyTextAndMarkStandsOutFromEveryGround(boolean dark) throws IOException {
        Map<String, Color> colors = colors(dark);
        SoftAssertions softly = new SoftAssertions();
        for (String ground : GROUNDS) {
            TEXTS.forEach(t -> softly.assertThat(contrast(colors.get(t), colors.get(ground)))
                    .as(t + " on " + ground)
                    .isGreaterThanOrEqualTo(4.5));
            MARKS.forEach(m -> softly.assertThat(contrast(colors.get(m), colors.get(ground)))
                    .as(m + " on " + ground)
                    .isGreaterThanOrEqualTo(3));
        }
        softly.assertAll();
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void areasHaveTheSameColoursInListsAsOnTheSheet(boolean dark) throws IOException {
        Map<String, Color> colors = colors(dark);
        Palette palette = dark ? Palette.DARK : Palette.LIGHT;
        for (AreaColor area : AreaColor.values()) {
            java.awt.Color drawn = palette.area(Optional.of(area));
            assertThat(colors.get(area.word()))
                    .as(area.word())
                    .isEqualTo(Color.rgb(drawn.getRed(), drawn.getGreen(), drawn.getBlue()));
        }
    }

    private static double contrast(Color one, Color other) {
        return Contrast.between(channels(one), channels(other));
    }

    private static double[] channels(Color color) {
        return new double[] {color.getRed(), color.getGreen(), color.getBlue()};
    }
}
