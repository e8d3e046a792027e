package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Contrast;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Texts of the real window against what lies behind them, as WCAG 2.1 measures contrast; what is disabled is left out. */
class ScreenContrastTest extends WindowTest {
    private final TreeSet<String> weak = new TreeSet<>();
    private int looked;

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void everyTextStandsOut(boolean dark) {
        interact(() -> {
            window.appearance().dark().set(dark);
            window.files().openDemo();
        });
        until("the demo is open", () -> design().entities().size() > 10);
        for (String stage : List.of("Draw", "Keys", "Classes")) {
            clickOn("#stage-" + stage);
            until(stage + " is drawn", () -> texts(root()).size() > 20);
            look(stage);
        }
        clickOn("#stage-Draw");
        clickOn("#findings");
        until("the findings are listed", () -> sees("#findings-panel"));
        look("Findings");
        assertThat(weak).isEmpty();
        assertThat(looked).isGreaterThan(200);
    }

    private Parent root() {
        return window.stage().getScene().getRoot();
    }

    private void look(String screen) {
        interact(() -> {
            root().applyCss();
            root().layout();
            WritableImage image = window.stage().getScene().snapshot(null);
            texts(root()).forEach(t -> look(screen, t, image));
        });
    }

    private static List<Text> texts(Parent parent) {
        List<Text> texts = new ArrayList<>();
        for (Node node : parent.getChildrenUnmodifiable()) {
            if (!node.isVisible() || node.isDisabled() || node.getOpacity() < 1) {
                continue;
            }
            if (node instanceof Text text && !text.getText().isBlank()) {
                texts.add(text);
            } else if (node instanceof Parent inner) {
                texts.addAll(texts(inner));
            }
        }
        return texts;
    }

    private void look(String screen, Text text, WritableImage image) {
        Bounds at = text.localToScene(text.getBoundsInLocal());
        boolean inside = at.getMinX() >= 1
                && at.getMinY() >= 1
                && at.getMaxX() < image.getWidth() - 1
                && at.getMaxY() < image.getHeight() - 1;
        if (!inside || !isWhole(text, at) || !(text.getFill() instanceof Color fill)) {
            return;
        }
        Color behind = mostFrequent(image.getPixelReader(), at);
        double least = text.getFont().getSize() >= 18.66 ? 3 : 4.5;
        double contrast = contrast(fill, behind);
        boolean seen = contains(image.getPixelReader(), at, fill);
        looked += seen ? 1 : 0;
        if (seen && contrast < least) {
            weak.add(screen + ": '" + text.getText() + "' " + fill + " on " + behind + " is " + contrast);
        }
    }

    /** Whether nothing of it is cut off by what it lies in, where a scroll bar may lie over the rest. */
    private static boolean isWhole(Text text, Bounds at) {
        for (Parent around = text.getParent(); around != null; around = around.getParent()) {
            Node clip = around.getClip();
            if (clip != null && !around.localToScene(clip.getBoundsInParent()).contains(at)) {
                return false;
            }
        }
        return true;
    }

    private static Color mostFrequent(PixelReader pixels, Bounds at) {
        Map<Color, Integer> counts = new HashMap<>();
        for (int x = (int) at.getMinX(); x <= at.getMaxX(); x++) {
            for (int y = (int) at.getMinY(); y <= at.getMaxY(); y++) {
                counts.merge(pixels.getColor(x, y), 1, Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }

    /** Whether the text is seen at all there, and no other node lies over it. */
    private static boolean contains(PixelReader pixels, Bounds at, Color fill) {
        for (int x = (int) at.getMinX(); x <= at.getMaxX(); x++) {
            for (int y = (int) at.getMinY(); y <= at.getMaxY(); y++) {
                Color pixel = pixels.getColor(x, y);
                double off = Math.abs(pixel.getRed() - fill.getRed())
                        + Math.abs(pixel.getGreen() - fill.getGreen())
                        + Math.abs(pixel.getBlue() - fill.getBlue());
                if (off < 0.15) {
                    return true;
                }
            }
        }
        return false;
    }

    private static double contrast(Color one, Color other) {
        return Contrast.between(channels(one), channels(other));
    }

    private static double[] channels(Color color) {
        return new double[] {color.getRed(), color.getGreen(), color.getBlue()};
    }
}
