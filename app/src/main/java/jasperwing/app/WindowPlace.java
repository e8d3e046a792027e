package jasperwing.app;

import jasperwing.app.workspace.Appearance;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;

/** Where a window opens and how large: as it was closed last, where a screen still shows that; else in the middle, 1280 by 800 at most. */
final class WindowPlace {
    static final double WIDTH = 1280;
    static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 760;
    private static final double LEAST_HEIGHT = 520;

    /** So much of the window must be on a screen for it to be got hold of. */
    private static final double HELD = 120;

    private static final double STEP = 28;

    private WindowPlace() {}

    static void give(Stage stage, Appearance appearance) {
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        stage.setMinWidth(Math.min(LEAST_WIDTH, screen.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, screen.getHeight()));
        Rectangle2D usual = usual(screen);
        Rectangle2D place =
                appearance.bounds().get().filter(WindowPlace::isSeen).orElse(usual);
        double aside = STEP * others();
        stage.setX(place.getMinX() + aside);
        stage.setY(place.getMinY() + aside);
        stage.setWidth(Math.max(stage.getMinWidth(), place.getWidth()));
        stage.setHeight(Math.max(stage.getMinHeight(), place.getHeight()));
        stage.setMaximized(appearance.maximized().get());
    }

    /** How many windows there are besides, so that a further one does not hide them. */
    private static long others() {
        return Window.getWindows().stream()
                .filter(w -> w instanceof Stage && w.isShowing())
                .count();
    }

    private static Rectangle2D usual(Rectangle2D screen) {
        double width = Math.min(WIDTH, screen.getWidth());
        double height = Math.min(HEIGHT, screen.getHeight());
        return new Rectangle2D(
                screen.getMinX() + (screen.getWidth() - width) / 2,
                screen.getMinY() + (screen.getHeight() - height) / 2,
                width,
                height);
    }

    private static boolean isSeen(Rectangle2D place) {
        Rectangle2D head = new Rectangle2D(
                place.getMinX() + HELD / 2, place.getMinY(), Math.max(1, place.getWidth() - HELD), HELD / 4);
        return !Screen.getScreensForRectangle(head).isEmpty();
    }

    static void remember(Stage stage, Appearance appearance) {
        appearance.maximized().set(stage.isMaximized());
        if (!stage.isMaximized() && !stage.isIconified()) {
            appearance
                    .bounds()
                    .set(Optional.of(new Rectangle2D(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight())));
        }
    }
}
