package jasperwing.app.controls;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import javafx.scene.text.Font;

/** Makes the bundled fonts known to the window. */
public final class Fonts {
    private static final List<String> FILES = List.of(
            "Bitter_600SemiBold",
            "Figtree_400Regular",
            "Figtree_600SemiBold",
            "IBMPlexMono_400Regular",
            "IBMPlexMono_600SemiBold");

    private Fonts() {}

    public static void load() {
        for (String file : FILES) {
            try (InputStream in = Fonts.class.getResourceAsStream("/jasperwing/fonts/" + file + ".ttf")) {
                Font.loadFont(in, 13);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
