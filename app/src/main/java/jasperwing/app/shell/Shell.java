package jasperwing.app.shell;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.event.EventHandler;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;

/** The window's frame: rail, top bar, the stage in the middle, lens, findings line; and the keys that work everywhere. */
public final class Shell extends StackPane {
    private static final KeyCombination.Modifier CTRL = KeyCombination.SHORTCUT_DOWN;
    private static final KeyCombination.Modifier SHIFT = KeyCombination.SHIFT_DOWN;

    private final List<? extends Stage> stages;
    private final Workspace workspace;
    private final Rail rail;
    private final TopBar topBar;
    private final FindingsLine findings;
    private final StackPane middle = new StackPane();
    private final Map<KeyCombination, Runnable> keys = new LinkedHashMap<>();

    public Shell(Workspace workspace, Files files, List<? extends Stage> stages) {
        this.workspace = workspace;
        this.stages = stages;
        getStyleClass().add("shell");
        rail = new Rail(stages, this::go);
        topBar = new TopBar(workspace, files);
        findings = new FindingsLine(workspace);
        Lens lens = new Lens(workspace);
        BorderPane right = new BorderPane(middle, topBar, lens, findings, null);
        BorderPane frame = new BorderPane(right, null, null, null, rail);
        PathPrompt prompt = new PathPrompt();
        files.promptWith(prompt);
        getChildren().addAll(frame, topBar.preview(), prompt);
        setAlignment(topBar.preview(), Pos.TOP_LEFT);
        workspace.projection().addListener((o, was, is) -> rail.refresh());
        bind(files);
        rail.refresh();
        go(stages.get(0));
    }

    private void bind(Files files) {
        keys.put(new KeyCodeCombination(KeyCode.Z, CTRL), workspace::undo);
        keys.put(new KeyCodeCombination(KeyCode.Z, CTRL, SHIFT), workspace::redo);
        keys.put(new KeyCodeCombination(KeyCode.Y, CTRL), workspace::redo);
        keys.put(new KeyCodeCombination(KeyCode.K, CTRL), topBar::sayNow);
        keys.put(new KeyCodeCombination(KeyCode.J, CTRL), findings::toggle);
        keys.put(new KeyCodeCombination(KeyCode.S, CTRL), files::save);
        keys.put(new KeyCodeCombination(KeyCode.S, CTRL, SHIFT), files::askSaveAs);
        keys.put(new KeyCodeCombination(KeyCode.O, CTRL), files::askOpen);
        keys.put(new KeyCodeCombination(KeyCode.N, CTRL), files::newDesign);
        KeyCode[] digits = {KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3};
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            keys.put(new KeyCodeCombination(digits[i], CTRL), () -> go(stage));
        }
        EventHandler<KeyEvent> filter = this::key;
        sceneProperty().addListener((o, was, is) -> {
            if (was != null) {
                was.removeEventFilter(KeyEvent.KEY_PRESSED, filter);
            }
            if (is != null) {
                is.addEventFilter(KeyEvent.KEY_PRESSED, filter);
            }
        });
    }

    private void key(KeyEvent event) {
        for (Map.Entry<KeyCombination, Runnable> entry : keys.entrySet()) {
            boolean typing = event.getTarget() instanceof TextInputControl
                    && (event.getCode() == KeyCode.Z || event.getCode() == KeyCode.Y);
            if (entry.getKey().match(event) && !typing) {
                entry.getValue().run();
                event.consume();
                return;
            }
        }
    }

    /** Brings a stage to be seen. */
    public void go(Stage stage) {
        rail.select(stages.indexOf(stage));
        middle.getChildren().setAll(stage.view());
        stage.shown();
    }

    /** Makes the bundled fonts known; before anything is set in them. */
    public static void loadFonts() {
        Fonts.load();
    }

    /** Puts the window's look on a scene. */
    public static void style(Scene scene) {
        scene.getStylesheets()
                .add(Shell.class.getResource("/jasperwing/app/window.css").toExternalForm());
    }
}
