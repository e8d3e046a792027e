package jasperwing.diagram;

/**
 * What was found for the scene built last, so that an edit pays only for what it concerns. What is drawn does not depend on what was
 * drawn before. Cards are confined to one thread, lines and labels to one thread at a time.
 */
public final class SceneCache {
    private final CardCache cards;
    private final RouteCache routes;
    private final LabelCache labels;
    private final RegionCache regions;

    public SceneCache() {
        this(new CardCache(), new RouteCache(), new LabelCache(), new RegionCache());
    }

    private SceneCache(CardCache cards, RouteCache routes, LabelCache labels, RegionCache regions) {
        this.cards = cards;
        this.routes = routes;
        this.labels = labels;
        this.regions = regions;
    }

    /** The same lines and labels, for another thread. */
    public SceneCache copy() {
        return new SceneCache(new CardCache(), routes.copy(), labels.copy(), regions.copy());
    }

    /** The cards of this with the lines and labels of another. */
    public SceneCache with(SceneCache lines) {
        return new SceneCache(cards, lines.routes, lines.labels, lines.regions);
    }

    /** Its cards and grounds, and no lines: those that stay are taken from what is shown. */
    SceneCache forPatch() {
        return new SceneCache(cards, RouteCache.empty(), new LabelCache(), regions);
    }

    CardCache cards() {
        return cards;
    }

    RouteCache routes() {
        return routes;
    }

    LabelCache labels() {
        return labels;
    }

    RegionCache regions() {
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
