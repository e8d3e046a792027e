package jasperwing.app.draw;

import jasperwing.app.shell.Appearance;
import jasperwing.app.shell.PathPrompt;
import jasperwing.app.shell.Workspace;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** What can be shown beside the sheet or in its place, one at a time; each is made when it is first shown. */
final class Panes {
    private final Workspace workspace;
    private final Appearance appearance;
    private final PathPrompt prompt;
    private final BorderPane view;
    private final Node roster;
    private final Node sheet;
    private Node middle;
    private TextPane text;
    private ReadingsPane readings;
    private MovesPane moves;
    private WeighPane weighing;

    /** @param view with the roster to the left and the sheet in the middle */
    Panes(Workspace workspace, Appearance appearance, PathPrompt prompt, BorderPane view, Node roster, Node sheet) {
        this.workspace = workspace;
        this.appearance = appearance;
        this.prompt = prompt;
        this.view = view;
        this.roster = roster;
        this.sheet = sheet;
        workspace.declaration().addListener((o, was, is) -> {
            if (!is.isEmpty()) {
                showDeclaration(is);
                workspace.declaration().set("");
            }
        });
    }

    /** Opens the text where a name is declared. */
    private void showDeclaration(String name) {
        if (text == null || view.getRight() != text) {
            toggleText();
        }
        text.showDeclaration(name);
    }

    /** A button for each pane. */
    HBox toggles() {
        ToggleButton asText =
                pane("Text", "toggle-text", "The design as text, beside the diagram  (Ctrl T)", this::toggleText);
        ToggleButton aloud =
                pane("In words", "toggle-readings", "The design in plain sentences  (Ctrl R)", this::toggleReadings);
        ToggleButton shapes =
                pane("Reshape", "toggle-moves", "What the selection could become instead  (M)", this::toggleMoves);
        ToggleButton ways =
                pane("Compare ways", "toggle-weigh", "The ways to keep what is selected  (V)", this::toggleWeigh);
        HBox box = new HBox(6, shapes, ways, asText, aloud);
        box.getStyleClass().add("pane-toggles");
        box.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        view.rightProperty().addListener((o, was, is) -> {
            asText.setSelected(is != null && is == text);
            aloud.setSelected(is != null && is == readings);
            shapes.setSelected(is != null && is == moves);
        });
        view.centerProperty().addListener((o, was, is) -> ways.setSelected(is == weighing));
        return box;
    }

    private ToggleButton pane(String name, String id, String tip, Runnable toggle) {
        ToggleButton button = new ToggleButton(name);
        button.setId(id);
        button.getStyleClass().add("pill");
        button.setTooltip(new Tooltip(tip));
        button.setOnAction(e -> toggle.run());
        return button;
    }

    void toggleText() {
        if (text == null) {
            text = new TextPane(workspace);
        }
        if (toggle(text)) {
            text.shown();
            text.takeFocus();
        }
    }

    void toggleReadings() {
        if (readings == null) {
            readings = new ReadingsPane(workspace, prompt);
        }
        if (toggle(readings)) {
            readings.refresh();
        }
    }

    void toggleMoves() {
        if (moves == null) {
            moves = new MovesPane(workspace, this::toggleMoves);
        }
        if (toggle(moves)) {
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
        view.setLeft(shows ? null : roster);
        appearance.lens().set(!shows);
        if (shows) {
            weighing.shown();
        } else {
            sheet.requestFocus();
        }
    }

    /** Shows a pane beside the sheet, in place of the roster and the lens, or puts it away. @return whether it is shown */
    private boolean toggle(Region pane) {
        boolean shows = view.getRight() != pane;
        view.setRight(shows ? pane : null);
        view.setLeft(shows ? null : roster);
        appearance.lens().set(!shows);
        if (!shows) {
            sheet.requestFocus();
        }
        return shows;
    }
}
