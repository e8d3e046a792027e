package jasperwing.app.draw;

import jasperwing.app.workspace.Background;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Metrics;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.diagram.SceneCache;
import jasperwing.model.Design;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Builds the scenes of one sheet view. An edit is shown at once: with the lines it concerns, and where these are many, with all that can
 * stay as they are; the best lines follow when they are found, away from the window's thread. Where very many cards are new or have
 * moved, the cards are shown first and all lines follow.
 */
final class Scenes {
    /** More new or moved cards than this take longer to route than a window may stand still. */
    private static final int MANY = 60;

    /** How long nothing must have been edited before better lines are looked for, in milliseconds. */
    private static final int QUIET = 150;

    private final Background.Worker thread;
    private final Supplier<Metrics> metrics;
    private final Consumer<Scene> show;

    /** What the window's thread found last; what is found in the other thread is copied to it. */
    private SceneCache here = new SceneCache();

    /** Confined to the other thread. */
    private final SceneCache there = new SceneCache();

    /** From this many relationships on, an edit draws only what it concerns. */
    private static final int LARGE = 400;

    private Scene shown = Scene.EMPTY;
    private Map<String, Box> last = Map.of();
    private boolean bare;

    /** Whether what is shown may not have the best lines. */
    private boolean hasty;

    private volatile int asked;
    private int waiting;

    /**
     * @param metrics asked for on the window's thread at every build
     * @param show called on the window's thread with every scene that is to be seen
     */
    Scenes(Background background, Supplier<Metrics> metrics, Consumer<Scene> show) {
        this.thread = background.worker("routing lines");
        this.metrics = metrics;
        this.show = show;
    }

    /** Whether lines, or better ones, are still being looked for. */
    boolean isBusy() {
        return waiting > 0;
    }

    void build(Design design, String sheet) {
        asked++;
        Metrics texts = metrics.get();
        List<Card> cards = SceneBuilder.cards(design, sheet, texts, here);
        int moved = moved(cards);
        if (bare || moved > MANY) {
            bare = true;
            show(Scene.of(cards));
            follow(design, cards, 0);
        } else {
            show(patched(design, cards).orElseGet(() -> soon(design, cards)));
            if (hasty) {
                follow(design, cards, QUIET);
            }
        }
    }

    private void show(Scene scene) {
        shown = scene;
        show.accept(scene);
    }

    private Optional<Scene> patched(Design design, List<Card> cards) {
        if (design.relationships().size() < LARGE || shown.lines().isEmpty()) {
            return Optional.empty();
        }
        Optional<Scene> scene = SceneBuilder.patched(shown, design, cards, metrics.get(), here);
        hasty |= scene.isPresent();
        return scene;
    }

    private Scene soon(Design design, List<Card> cards) {
        Scene scene = SceneBuilder.soon(design, cards, metrics.get(), here);
        hasty |= here.hasty() > 0;
        return scene;
    }

    /** Finds the best lines in the other thread, unless something is edited before it begins. */
    private void follow(Design design, List<Card> cards, int delay) {
        int number = asked;
        waiting++;
        Metrics texts = metrics.get();
        thread.runLater(delay, () -> find(number, design, cards, texts));
    }

    private void find(int number, Design design, List<Card> cards, Metrics texts) {
        boolean done = false;
        try {
            if (number == asked) {
                Scene scene = SceneBuilder.build(design, cards, texts, there);
                SceneCache memory = there.copy();
                Platform.runLater(() -> found(number, scene, memory));
                done = true;
            }
        } finally {
            if (!done) {
                Platform.runLater(() -> waiting--);
            }
        }
    }

    private void found(int number, Scene scene, SceneCache memory) {
        waiting--;
        if (number == asked) {
            bare = false;
            hasty = false;
            here = here.with(memory);
            show(scene);
        }
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
