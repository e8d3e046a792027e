package jasperwing.app.controls;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** Nodes kept from one build of a part of the window to the next, so that only what has changed is made and styled anew. */
public final class Kept {
    private Map<Object, Deque<Node>> before = new HashMap<>();
    private Map<Object, Deque<Node>> now = new HashMap<>();

    /** Begins to build anew; what is not asked for again is forgotten. */
    public void begin() {
        before = now;
        now = new HashMap<>();
    }

    /**
     * The node that was made for an equal key in the last build and is not in use in this one; else a new one.
     *
     * @param key all that the node shows and does
     */
    public <N extends Node> N node(Object key, Supplier<N> make) {
        Deque<Node> known = before.get(key);
        @SuppressWarnings("unchecked")
        N node = known == null || known.isEmpty() ? make.get() : (N) known.poll();
        now.computeIfAbsent(key, k -> new ArrayDeque<>()).add(node);
        return node;
    }

    /** A box kept by its name, whose content is brought up to date. */
    public VBox box(Object key, List<? extends Node> content, String... styles) {
        VBox box = node(key, () -> {
            VBox made = new VBox();
            made.getStyleClass().addAll(styles);
            return made;
        });
        show(box.getChildren(), content);
        return box;
    }

    /** Makes children equal to a list, leaving those at its beginning and end that are there already untouched. */
    public static void show(ObservableList<Node> children, List<? extends Node> wanted) {
        int most = Math.min(children.size(), wanted.size());
        int head = 0;
        while (head < most && children.get(head) == wanted.get(head)) {
            head++;
        }
        int tail = 0;
        while (tail < most - head && children.get(children.size() - 1 - tail) == wanted.get(wanted.size() - 1 - tail)) {
            tail++;
        }
        children.remove(head, children.size() - tail);
        children.addAll(head, wanted.subList(head, wanted.size() - tail));
    }
}
