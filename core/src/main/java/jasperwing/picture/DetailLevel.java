package jasperwing.picture;

/** How much of a card is drawn; the smaller the picture, the less. */
enum DetailLevel {
    NAMES,
    KEYS,
    ALL,
    COLUMNS;

    static DetailLevel at(double zoom) {
        if (zoom < 0.3) {
            return NAMES;
        }
        if (zoom < 0.5) {
            return KEYS;
        }
        return zoom < 1.6 ? ALL : COLUMNS;
    }

    boolean atLeast(DetailLevel other) {
        return compareTo(other) >= 0;
    }
}
