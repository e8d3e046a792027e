package jasperwing.model;

import java.util.Optional;

/**
 * Designs as they followed one another, as a value: what was, what is, and what was taken back. Without limit; each step
 * costs one link, since designs share what they have in common.
 */
public final class History {
    private record Link(Design design, Link next) {}

    private final Design present;
    private final Link past;
    private final Link future;

    private History(Design present, Link past, Link future) {
        this.present = present;
        this.past = past;
        this.future = future;
    }

    public static History startingWith(Design design) {
        return new History(design, null, null);
    }

    public Design present() {
        return present;
    }

    /** The history with one more design; what was taken back is forgotten. An equal design adds nothing. */
    public History then(Design design) {
        return design.equals(present) ? this : new History(design, new Link(present, past), null);
    }

    /** One step back; empty when there is none. */
    public Optional<History> undone() {
        return past == null
                ? Optional.empty()
                : Optional.of(new History(past.design(), past.next(), new Link(present, future)));
    }

    /** One step forward again; empty when nothing was taken back. */
    public Optional<History> redone() {
        return future == null
                ? Optional.empty()
                : Optional.of(new History(future.design(), new Link(present, past), future.next()));
    }
}
