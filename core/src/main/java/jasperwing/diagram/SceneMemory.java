package jasperwing.diagram;

/**
 * What was found for the scene built last, so that an edit pays only for what it concerns. What is drawn does not depend on what was
 * drawn before. Cards are confined to one thread, lines and labels to one thread at a time.
 */
public final class SceneMemory {
    private final CardMemory cards = new CardMemory();
    private final RouteMemory routes = new RouteMemory();
    private final LabelMemory labels = new LabelMemory();

    CardMemory cards() {
        return cards;
    }

    RouteMemory routes() {
        return routes;
    }

    LabelMemory labels() {
        return labels;
    }

    /** How many routes of the scene built last had to be searched for. */
    public int searched() {
        return routes.searched();
    }
}
