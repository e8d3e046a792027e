package jasperwing.app.shell;

import jasperwing.app.controls.Fonts;
import jasperwing.app.controls.ResizablePane;
import jasperwing.app.controls.ScaledPane;
import jasperwing.app.controls.Shortcuts;
import jasperwing.app.controls.TextInput;
import jasperwing.app.files.ChangedLine;
import jasperwing.app.files.Files;
import jasperwing.app.files.PathPrompt;
import jasperwing.app.findings.FindingsLine;
import jasperwing.app.lens.Lens;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.PaneWidth;
import jasperwing.app.workspace.Workspace;
import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.beans.property.BooleanProperty;
import javafx.event.EventHandler;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import javafx.stage.Window;
import javafx.stage.WindowEvent;

/** The window's frame: rail, top bar, the stage in the middle, lens, findings line; and the keys that work everywhere. */
public final class Shell extends StackPane {
    private final List<? extends Stage> stages;
    private final Workspace workspace;
    private final Files files;
    private final Rail rail;
    private final TopBar topBar;
    private final FindingsLine findings;
    private final Lens lens;
    private final BorderPane inner;
    private final BooleanProperty showsSide;
    private final BooleanProperty crowded;
    private final StackPane beside = new StackPane();
    private final ResizablePane side;
    private final StackPane middle = new StackPane();
    private final GuidedTour tour = new GuidedTour();
    private final ShortcutSheet shortcutSheet = new ShortcutSheet();
    private final Shortcuts keys = new Shortcuts();
    private Stage current;

    /** @param another opens another window */
    public Shell(
            Workspace workspace,
            Files files,
            Appearance appearance,
            PathPrompt prompt,
            List<? extends Stage> stages,
            Runnable another) {
        this.workspace = workspace;
        this.files = files;
        this.stages = stages;
        getStyleClass().add("shell");
        rail = new Rail(stages, this::go);
        topBar = new TopBar(
                workspace, files, appearance, another, this::showKeys, this::commands, () -> current.shown());
        findings = new FindingsLine(workspace);
        lens = new Lens(workspace);
        inner = new BorderPane(
                middle,
                topBar,
                null,
                new VBox(new ChangedLine(workspace, files), new ProblemLine(workspace.problems()), findings),
                null);
        middle.setMinSize(0, 0);
        showsSide = appearance.lens();
        crowded = appearance.crowded();
        showsSide.addListener((o, was, is) -> showSide());
        crowded.addListener((o, was, is) -> showSide());
        side = new ResizablePane(beside, PaneWidth.LENS, appearance, true);
        clipMiddle();
        BorderPane frame = new BorderPane(inner, null, null, null, rail);
        files.promptWith(prompt);
        getChildren().addAll(frame, topBar.preview(), tour, prompt, shortcutSheet);
        setAlignment(tour, Pos.BOTTOM_LEFT);
        setMargin(tour, new Insets(0, 0, 60, 108));
        setAlignment(topBar.preview(), Pos.TOP_LEFT);
        bind(appearance);
        bindFiles(another);
        listen();
        rail.refresh();
        go(stages.get(0));
    }

    private void listen() {
        workspace.projection().addListener((o, was, is) -> rail.refresh());
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (!e.isConsumed() && !shortcutSheet.isVisible()) {
                current.key(e);
            }
        });
        setOnDragOver(this::dragged);
        setOnDragDropped(this::dropped);
    }

    /** What is too wide for the middle is cut off, and does not lie over what stands beside it. */
    private void clipMiddle() {
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(middle.widthProperty());
        clip.heightProperty().bind(middle.heightProperty());
        middle.setClip(clip);
    }

    private void bind(Appearance appearance) {
        keys.ctrl(KeyCode.K, "Say something about the design, or go to an entity", topBar::sayNow);
        keys.ctrl(KeyCode.Z, "Undo", workspace::undo);
        keys.ctrlShift(KeyCode.Z, "Redo", workspace::redo);
        keys.ctrl(KeyCode.Y, "", workspace::redo);
        keys.ctrl(KeyCode.J, "Errors and warnings", findings::toggle);
        keys.ctrl(KeyCode.B, "Show or hide the side panel", this::flipSide);
        keys.ctrlShift(KeyCode.B, "Show or hide the list of entities", () -> flip(appearance.list()));
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            keys.ctrl(KeyCode.getKeyCode(String.valueOf(i + 1)), stage.name(), () -> go(stage));
        }
        keys.ctrlShift(KeyCode.D, "Light or dark", () -> appearance
                .dark()
                .set(!appearance.dark().get()));
        keys.ctrlShift(KeyCode.PLUS, "Everything larger", () -> appearance.scaleBy(1));
        keys.ctrlShift(KeyCode.EQUALS, "", () -> appearance.scaleBy(1));
        keys.ctrlShift(KeyCode.MINUS, "Everything smaller", () -> appearance.scaleBy(-1));
        keys.plain(KeyCode.F1, "What the keys do", this::showKeys);
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

    private void bindFiles(Runnable another) {
        keys.ctrl(KeyCode.S, "Save", files::save);
        keys.ctrlShift(KeyCode.S, "Save as", files::askSaveAs);
        keys.ctrl(KeyCode.O, "Open a design", files::askOpen);
        keys.ctrl(KeyCode.N, "A new design", files::newDesign);
        keys.ctrlShift(KeyCode.N, "Another window", another);
        keys.ctrl(KeyCode.W, "Close the window", () -> closing(getScene().getWindow()));
        keys.ctrl(KeyCode.Q, "Quit", Shell::quit);
    }

    private void key(KeyEvent event) {
        boolean textUndo =
                TextInput.isText(event.getTarget()) && (event.getCode() == KeyCode.Z || event.getCode() == KeyCode.Y);
        if (!textUndo) {
            keys.handle(event);
        }
    }

    /** Puts the keyboard into the field where things are said. */
    public void say() {
        topBar.sayNow();
    }

    /** Leads through the window from stop to stop. */
    public void tour(List<GuidedTour.Stop> stops) {
        tour.begin(stops);
    }

    /** Asks a window to close, as its own button does. */
    static void closing(Window window) {
        window.fireEvent(new WindowEvent(window, WindowEvent.WINDOW_CLOSE_REQUEST));
    }

    /** Asks all windows to close, until one has something that cannot be saved. */
    static void quit() {
        for (Window window : List.copyOf(Window.getWindows())) {
            if (window instanceof javafx.stage.Stage && window.isShowing()) {
                closing(window);
                if (window.isShowing()) {
                    return;
                }
            }
        }
    }

    private void flipSide() {
        boolean shown = inner.getRight() != null;
        crowded.set(false);
        showsSide.set(!shown);
    }

    private static void flip(BooleanProperty property) {
        property.set(!property.get());
    }

    /** What can be done by its name: what keys do everywhere and on this stage. */
    private List<Shortcuts.Shortcut> commands() {
        return Stream.concat(current.shortcuts().stream(), keys.all().stream())
                .filter(s -> !s.what().isEmpty())
                .toList();
    }

    private void showKeys() {
        List<ShortcutSheet.Group> groups = new ArrayList<>();
        groups.add(new ShortcutSheet.Group("Everywhere", keys.all()));
        if (!current.shortcuts().isEmpty()) {
            groups.add(new ShortcutSheet.Group(current.name(), current.shortcuts()));
        }
        shortcutSheet.show(groups);
    }

    private void dragged(DragEvent e) {
        if (design(e) != null) {
            e.acceptTransferModes(TransferMode.COPY);
        }
        e.consume();
    }

    private void dropped(DragEvent e) {
        File design = design(e);
        e.setDropCompleted(design != null);
        if (design != null) {
            files.openOrSay(design.toPath());
        }
        e.consume();
    }

    /** The design among the files that are dragged, if there is one. */
    private static File design(DragEvent e) {
        return e.getDragboard().getFiles().stream()
                .filter(f -> f.getName().endsWith(".wing"))
                .findFirst()
                .orElse(null);
    }

    /** Brings a stage to be seen. */
    public void go(Stage stage) {
        current = stage;
        rail.select(stages.indexOf(stage));
        middle.getChildren().setAll(stage.view());
        lens.weigh(stage.weighs());
        showSide();
        stage.shown();
    }

    private void showSide() {
        beside.getChildren().setAll(current.side().orElse(lens));
        inner.setRight(showsSide.get() && !crowded.get() ? side : null);
    }

    /** Makes the bundled fonts known; before anything is set in them. */
    public static void loadFonts() {
        Fonts.load();
    }

    /** A scene of the shell, with the window's look, as large and as dark as the appearance says. */
    public static Scene scene(Shell shell, Appearance appearance, double width, double height) {
        Parent root = new ScaledPane(shell, appearance.scale());
        Scene scene = new Scene(root, width, height);
        scene.getStylesheets()
                .add(Shell.class.getResource("/jasperwing/app/window.css").toExternalForm());
        appearance.dark().addListener((o, was, is) -> darken(root, is));
        darken(root, appearance.dark().get());
        return scene;
    }

    private static void darken(Parent root, boolean dark) {
        root.getStyleClass().remove("dark");
        if (dark) {
            root.getStyleClass().add("dark");
        }
    }
}
