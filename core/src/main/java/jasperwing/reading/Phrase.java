package jasperwing.reading;

/**
 * A run of words of a reading.
 *
 * @param entity for {@link Slot#DELETE} and {@link Slot#KEY_CHANGE}, the entity whose rows are deleted or changed; for the order of many, the entity there are many of; else empty
 */
public record Phrase(String text, Slot slot, String entity) {
    static Phrase plain(String text) {
        return new Phrase(text, Slot.NONE, "");
    }

    static Phrase of(String text, Slot slot) {
        return new Phrase(text, slot, "");
    }
}
