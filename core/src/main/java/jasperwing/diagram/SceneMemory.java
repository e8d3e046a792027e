package jasperwing.diagram;

/**
 * What was found for the scene built last, so that an edit pays only for what it concerns. What is drawn does not depend on what was
 * drawn before. Cards are confined to one thread, lines and labels to one thread at a time.
 */
public final class SceneMemory {
    private final CardMemory cards;
    private final RouteMemory routes;
    private final LabelMemory labels;
    private final RegionMemory regions;

    public SceneMemory() {
        this(new CardMemory(), new RouteMemory(), new LabelMemory(), new RegionMemory());
    }

    private SceneMemory(CardMemory cards, RouteMemory routes, LabelMemory labels, RegionMemory regions) {
        this.cards = cards;
        this.routes = routes;
        this.labels = labels;
        this.regions = regions;
    }

    /** The same lines and labels, for another thread. */
    public SceneMemory copy() {
        return new SceneMemory(new CardMemory(), routes.copy(), labels.copy(), regions.copy());
    }

    /** The cards of this with the lines and labels of another. */
    public SceneMemory with(SceneMemory lines) {
        return new SceneMemory(cards, lines.routes, lines.labels, lines.regions);
    }

    /** Its cards and grounds, and no lines: those that stay are taken from what is shown. */
    SceneMemory forPatch() {
        return new SceneMemory(cards, RouteMemory.empty(), new LabelMemory(), regions);
    }

    CardMemory cards() {
        return cards;
    }

    RouteMemory routes() {
        return routes;
    }

    LabelMemory labels() {
        return labels;
    }

    RegionMemory regions() {
        return regions;
    }

    /** How many routes of the scene built last were kept though better ones may be found. */
    public int hasty() {
        return routes.hasty();
    }

    /** How many routes of the scene built last had to be searched for. */
    public int searched() {
        return routes.searched();
    }
}
