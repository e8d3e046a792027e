package jasperwing.app.workspace;

import javafx.beans.property.SimpleObjectProperty;

/** A value whose listeners can be made to wait, so that several values change together before any listener is called. */
final class DeferredProperty<T> extends SimpleObjectProperty<T> {
    private boolean held;
    private boolean changed;

    DeferredProperty(T first) {
        super(first);
    }

    /** From now on a change is not announced. */
    void hold() {
        held = true;
    }

    /** Announces what has changed since {@link #hold}. */
    void release() {
        held = false;
        if (changed) {
            changed = false;
            fireValueChangedEvent();
        }
    }

    @Override
    protected void fireValueChangedEvent() {
        if (held) {
            changed = true;
        } else {
            super.fireValueChangedEvent();
        }
    }
}
