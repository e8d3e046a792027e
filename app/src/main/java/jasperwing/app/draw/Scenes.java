package jasperwing.app.draw;

import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.diagram.SceneMemory;
import jasperwing.model.Design;
import jasperwing.picture.Typefaces;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;

/**
 * Builds the scenes of one sheet view. What an edit changes is built at once; where very many cards are new or have moved, the
 * cards are shown at once and the lines when they are found, away from the window's thread.
 */
final class Scenes {
    /** More new or moved cards than this take longer to route than a window may stand still. */
    private static final int MANY = 60;

    private final ExecutorService thread = Executors.newSingleThreadExecutor(r -> {
        Thread routing = new Thread(r, "routing");
        routing.setDaemon(true);
        return routing;
    });
    private final Consumer<Scene> show;
    private final SceneMemory memory = new SceneMemory();
    private Map<String, Box> last = Map.of();
    private int asked;
    private int waiting;

    /** @param show called on the window's thread with every scene that is to be seen */
    Scenes(Consumer<Scene> show) {
        this.show = show;
    }

    /** Whether lines are still being looked for. */
    boolean isBusy() {
        return waiting > 0;
    }

    void build(Design design, String sheet) {
        asked++;
        List<Card> cards = SceneBuilder.cards(design, sheet, Typefaces.get(), memory);
        boolean much = moved(cards) > MANY;
        if (!much && waiting == 0) {
            show.accept(SceneBuilder.build(design, cards, Typefaces.get(), memory));
            return;
        }
        show.accept(new Scene(cards, List.of(), List.of(), List.of()));
        int number = asked;
        waiting++;
        thread.execute(() -> {
            Scene scene = SceneBuilder.build(design, cards, Typefaces.get(), memory);
            Platform.runLater(() -> {
                waiting--;
                if (number == asked) {
                    show.accept(scene);
                }
            });
        });
    }

    private int moved(List<Card> cards) {
        Map<String, Box> now = new HashMap<>();
        int moved = 0;
        for (Card card : cards) {
            now.put(card.entity(), card.box());
            moved += card.box().equals(last.get(card.entity())) ? 0 : 1;
        }
        last = now;
        return moved;
    }
}
