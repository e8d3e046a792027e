package jasperwing.app.draw;

import jasperwing.app.controls.ResizablePane;
import jasperwing.app.files.PathPrompt;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.PaneWidth;
import jasperwing.app.workspace.Workspace;
import java.util.HashMap;
import java.util.Map;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;

/** What can be shown beside the sheet or in its place, one at a time; each is made when it is first shown. */
final class SidePanes {
    /** What the buttons take beside each other, and what stays free of the sheet. */
    private static final double TOGGLES = 420;

    private static final double MARGIN = 24;

    private final Workspace workspace;
    private final Appearance appearance;
    private final PathPrompt prompt;
    private final BorderPane view;
    private final Node roster;
    private final Region sheet;
    private final Map<Region, ResizablePane> frames = new HashMap<>();
    private Node middle;
    private TextPane text;
    private ReadingsPane readings;
    private MovesPane moves;
    private WeighPane weighing;

    /** @param view with the roster to the left and the sheet in the middle */
    SidePanes(
            Workspace workspace, Appearance appearance, PathPrompt prompt, BorderPane view, Node roster, Region sheet) {
        this.workspace = workspace;
        this.appearance = appearance;
        this.prompt = prompt;
        this.view = view;
        this.roster = roster;
        this.sheet = sheet;
        appearance.list().addListener((o, was, is) -> showList());
        appearance.crowded().addListener((o, was, is) -> showList());
        showList();
        workspace.declaration().addListener((o, was, is) -> {
            if (!is.isEmpty()) {
                showDeclaration(is);
                workspace.declaration().set("");
            }
        });
    }

    /** Opens the text where a name is declared. */
    private void showDeclaration(String name) {
        if (!isShown(text)) {
            toggleText();
        }
        text.showDeclaration(name);
    }

    /** A button for each pane. */
    FlowPane toggles() {
        ToggleButton asText =
                pane("Text", "toggle-text", "The design as text, beside the diagram  (Ctrl T)", this::toggleText);
        ToggleButton aloud =
                pane("In words", "toggle-readings", "The design in plain sentences  (Ctrl R)", this::toggleReadings);
        ToggleButton shapes =
                pane("Reshape", "toggle-moves", "What the selection could become instead  (M)", this::toggleMoves);
        ToggleButton ways =
                pane("Compare ways", "toggle-weigh", "The ways to keep what is selected  (V)", this::toggleWeigh);
        FlowPane box = new FlowPane(6, 6, shapes, ways, asText, aloud);
        box.setAlignment(Pos.TOP_RIGHT);
        box.prefWrapLengthProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> Math.max(MARGIN, Math.min(TOGGLES, sheet.getWidth() - MARGIN)), sheet.widthProperty()));
        box.getStyleClass().add("pane-toggles");
        box.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        view.rightProperty().addListener((o, was, is) -> {
            asText.setSelected(isShown(text));
            aloud.setSelected(isShown(readings));
            shapes.setSelected(isShown(moves));
        });
        view.centerProperty().addListener((o, was, is) -> ways.setSelected(is == weighing));
        return box;
    }

    private boolean isShown(Region pane) {
        return pane != null && view.getRight() instanceof ResizablePane frame && frame.pane() == pane;
    }

    private void showList() {
        view.setLeft(appearance.list().get() && !appearance.crowded().get() ? roster : null);
    }

    private ToggleButton pane(String name, String id, String tip, Runnable toggle) {
        ToggleButton button = new ToggleButton(name);
        button.setId(id);
        button.getStyleClass().add("pill");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setTooltip(new Tooltip(tip));
        button.setOnAction(e -> toggle.run());
        return button;
    }

    void toggleText() {
        if (text == null) {
            text = new TextPane(workspace);
        }
        if (toggle(text, PaneWidth.TEXT)) {
            text.shown();
            text.takeFocus();
        }
    }

    void toggleReadings() {
        if (readings == null) {
            readings = new ReadingsPane(workspace, prompt);
        }
        if (toggle(readings, PaneWidth.WORDS)) {
            readings.refresh();
        }
    }

    void toggleMoves() {
        if (moves == null) {
            moves = new MovesPane(workspace, this::toggleMoves);
        }
        if (toggle(moves, PaneWidth.RESHAPE)) {
            moves.shown();
        }
    }

    /** Shows the ways in place of the sheet and what stands beside it, or puts them away. */
    void toggleWeigh() {
        if (weighing == null) {
            weighing = new WeighPane(workspace, this::toggleWeigh);
        }
        boolean shows = view.getCenter() != weighing;
        if (shows) {
            middle = view.getCenter();
        }
        view.setCenter(shows ? weighing : middle);
        view.setRight(null);
        appearance.crowded().set(shows);
        if (shows) {
            weighing.shown();
        } else {
            sheet.requestFocus();
        }
    }

    /** Shows a pane beside the sheet, in place of the list and the lens, or puts it away. @return whether it is shown */
    private boolean toggle(Region pane, PaneWidth width) {
        boolean shows = !isShown(pane);
        view.setRight(shows ? frames.computeIfAbsent(pane, p -> new ResizablePane(p, width, appearance, true)) : null);
        appearance.crowded().set(shows);
        if (!shows) {
            sheet.requestFocus();
        }
        return shows;
    }
}
