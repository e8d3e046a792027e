package jasperwing.app.workspace;

/** The panes at the sides whose width a person chooses; it is remembered from one start to the next. */
public enum PaneWidth {
    LENS(312, 240, 0.33),
    LIST(190, 130, 0.3),
    TEXT(440, 260, 0.6),
    WORDS(440, 260, 0.6),
    RESHAPE(620, 480, 0.7),
    TARGETS(270, 200, 0.42);

    private final double usual;
    private final double least;
    private final double share;

    /** @param share of what it stands in that it takes at most, so that the rest stays usable */
    PaneWidth(double usual, double least, double share) {
        this.usual = usual;
        this.least = least;
        this.share = share;
    }

    /** In pixels of an unscaled window. */
    public double usual() {
        return usual;
    }

    public double share() {
        return share;
    }

    public double least() {
        return least;
    }

    /** A width a pane can have, the nearest to what is wanted. */
    public double possible(double wanted) {
        return Double.isFinite(wanted) ? Math.max(least, Math.min(1200, wanted)) : usual;
    }
}
