package jasperwing.app.controls;

import java.util.ArrayList;
import java.util.List;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** What keys do: a table that is both obeyed and shown on the sheet of shortcuts. */
public final class Shortcuts {
    private static final KeyCombination.Modifier CTRL = KeyCombination.SHORTCUT_DOWN;
    private static final KeyCombination.Modifier SHIFT = KeyCombination.SHIFT_DOWN;

    /**
     * One line of the table.
     *
     * @param what what it does; empty for another way to do what the line above does
     */
    public record Shortcut(KeyCodeCombination keys, String what, Runnable action) {
        /** The keys as they are written on a keyboard. */
        public String shown() {
            return keys.getDisplayText();
        }
    }

    private final List<Shortcut> all = new ArrayList<>();

    public void plain(KeyCode code, String what, Runnable action) {
        all.add(new Shortcut(new KeyCodeCombination(code), what, action));
    }

    public void shift(KeyCode code, String what, Runnable action) {
        all.add(new Shortcut(new KeyCodeCombination(code, SHIFT), what, action));
    }

    public void ctrl(KeyCode code, String what, Runnable action) {
        all.add(new Shortcut(new KeyCodeCombination(code, CTRL), what, action));
    }

    public void ctrlShift(KeyCode code, String what, Runnable action) {
        all.add(new Shortcut(new KeyCodeCombination(code, CTRL, SHIFT), what, action));
    }

    public List<Shortcut> all() {
        return List.copyOf(all);
    }

    /** Does what the keys say, and consumes the event if they say anything. */
    public void handle(KeyEvent event) {
        for (Shortcut shortcut : all) {
            if (shortcut.keys().match(event)) {
                event.consume();
                if (event.getTarget() instanceof Node node && node.getScene() != null) {
                    keepFromFields(node.getScene());
                }
                shortcut.action().run();
                return;
            }
        }
    }

    /** The letter of the same stroke must not be typed into a field that the action opens. */
    private static void keepFromFields(Scene scene) {
        scene.addEventFilter(KeyEvent.ANY, new EventHandler<>() {
            @Override
            public void handle(KeyEvent next) {
                scene.removeEventFilter(KeyEvent.ANY, this);
                if (next.getEventType() == KeyEvent.KEY_TYPED) {
                    next.consume();
                }
            }
        });
    }
}
