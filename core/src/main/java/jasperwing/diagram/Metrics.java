package jasperwing.diagram;

/** How wide texts are; the only thing a diagram must know of fonts. */
public interface Metrics {
    /** The faces texts on a card are set in. */
    enum Face {
        TITLE,
        BODY,
        KEY,
        CODE,
        NOTE
    }

    /** The width in sheet units of a text of one line. */
    double width(String text, Face face);
}
