package jasperwing.diagram;

/** What a diagram must know to tell how large a card is: how wide texts are, and how much cards tell. */
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

    /** How much cards tell. */
    default CardDetail detail() {
        return CardDetail.ATTRIBUTES;
    }

    /** The same texts on cards that tell more or less. */
    default Metrics showing(CardDetail detail) {
        Metrics texts = this;
        return new Metrics() {
            @Override
            public double width(String text, Face face) {
                return texts.width(text, face);
            }

            @Override
            public CardDetail detail() {
                return detail;
            }
        };
    }
}
