package jasperwing.app.keys;

import javafx.scene.Node;

/** One way to look at the keys. */
interface KeysView {
    Node node();

    /** Shows the design as it is now; called when it comes to be seen, and while it is seen after every edit. */
    void refresh();
}
