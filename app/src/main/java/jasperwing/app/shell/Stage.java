package jasperwing.app.shell;

import jasperwing.app.controls.Shortcuts;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;

/** A stage of the work, as the rail shows it. */
public interface Stage {
    /** Its name on the rail. */
    String name();

    /** The path of its icon, in a box of 24 units. */
    String icon();

    /** What fills the middle of the window. */
    Node view();

    /** How many things wait at it: errors first; 0 shows nothing. */
    int waiting();

    /** What waits at it, in words. */
    String waitingFor();

    /** Whether what waits are errors. */
    boolean hasErrors();

    /** Whether the lens lays out the ways to keep what is selected. */
    default boolean weighs() {
        return false;
    }

    /** What stands at the right in the lens's place; empty for the lens. */
    default Optional<Node> side() {
        return Optional.empty();
    }

    /** Called when it comes to be seen. */
    default void shown() {}

    /** Called with keys that nothing else in the window made use of. */
    default void key(KeyEvent event) {}

    /** What keys do on it. */
    default List<Shortcuts.Shortcut> shortcuts() {
        return List.of();
    }
}
