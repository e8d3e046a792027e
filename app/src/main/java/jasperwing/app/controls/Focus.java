package jasperwing.app.controls;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextInputControl;

/** Keeps the keyboard's focus where it was while a part of the window is built anew. */
public final class Focus {
    private Focus() {}

    /** Builds what is inside a parent anew; if the focus was inside, the node of the same id has it afterwards, else the parent. */
    public static void keep(Parent parent, Runnable build) {
        Optional<Node> focused = Optional.ofNullable(parent.getScene())
                .map(s -> s.getFocusOwner())
                .filter(n -> isInside(n, parent));
        build.run();
        focused.ifPresent(was -> {
            Node now = was.getId() == null ? null : find(parent, was.getId());
            (now == null ? parent : now).requestFocus();
        });
    }

    /**
     * Gives a field the focus. One that was only just shown is made ready for keys at once: without a skin, which it would have at
     * the next frame, it would lose what is typed until then.
     */
    public static void take(TextInputControl field) {
        field.applyCss();
        field.requestFocus();
    }

    private static boolean isInside(Node node, Parent parent) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at == parent) {
                return true;
            }
        }
        return false;
    }

    private static Node find(Parent parent, String id) {
        for (Node child : parent.getChildrenUnmodifiable()) {
            if (id.equals(child.getId())) {
                return child;
            }
            Node inside = child instanceof Parent p ? find(p, id) : null;
            if (inside != null) {
                return inside;
            }
        }
        return null;
    }
}
