package jasperwing.app.shell;

import java.util.List;
import javafx.scene.Node;

/** A stage of the work, as the rail shows it. */
public interface Stage {
    /** Its name on the rail. */
    String name();

    /** The path of its icon, in a box of 24 units. */
    String icon();

    /** What fills the middle of the window. */
    Node view();

    /** How many things wait at it: faults first; 0 shows nothing. */
    int waiting();

    /** Whether what waits are faults. */
    boolean hasFaults();

    /** Called when it comes to be seen. */
    default void shown() {}

    /** What keys do on it. */
    default List<Shortcuts.Shortcut> shortcuts() {
        return List.of();
    }
}
