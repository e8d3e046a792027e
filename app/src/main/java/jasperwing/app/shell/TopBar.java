package jasperwing.app.shell;

import jasperwing.app.controls.Focus;
import jasperwing.app.controls.Shortcuts;
import jasperwing.app.files.Files;
import jasperwing.app.files.UnsavedMenu;
import jasperwing.app.say.SayField;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.Workspace;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The design's name and whether it is saved, the Say field, undo and the file menu. */
final class TopBar extends HBox {
    /** What is left of the field in a narrow window. */
    private static final double LEAST_SAY = 150;

    private final SayField say;
    private final Label title = new Label();
    private final Label saved = new Label();
    private final Button undo = new Button("Undo");
    private final Button redo = new Button("Redo");
    private final Workspace workspace;

    TopBar(
            Workspace workspace,
            Files files,
            Appearance appearance,
            Runnable another,
            Runnable showKeys,
            Supplier<List<Shortcuts.Shortcut>> commands,
            Runnable back) {
        this.workspace = workspace;
        getStyleClass().add("top-bar");
        setAlignment(Pos.CENTER_LEFT);
        say = new SayField(workspace, commands, back);
        title.setId("design-title");
        title.getStyleClass().add("design-title");
        title.setTooltip(new Tooltip("Click to give the design another name"));
        title.setOnMouseClicked(e -> rename());
        title.setMinWidth(60);
        title.setMaxWidth(300);
        saved.getStyleClass().add("quiet");
        saved.setId("saved");
        saved.setMinWidth(USE_PREF_SIZE);
        saved.textProperty().bind(files.state());
        HBox.setHgrow(say, Priority.ALWAYS);
        undo.setOnAction(e -> workspace.undo());
        undo.setTooltip(new Tooltip("Take the last edit back  (Ctrl Z)"));
        redo.setOnAction(e -> workspace.redo());
        redo.setTooltip(new Tooltip("Do it again  (Ctrl Shift Z)"));
        undo.getStyleClass().add("pill");
        redo.getStyleClass().add("pill");
        getChildren().addAll(title, saved, say, undo, redo, menu(files, another), view(appearance, showKeys));
        getChildren().stream().filter(n -> n instanceof ButtonBase).forEach(n -> ((ButtonBase) n)
                .setMinWidth(USE_PREF_SIZE));
        say.setMinWidth(LEAST_SAY);
        workspace.projection().addListener((o, was, is) -> refresh());
        workspace.selection().addListener((o, was, is) -> refresh());
        refresh();
    }

    private static MenuButton menu(Files files, Runnable another) {
        MenuButton menu = new MenuButton("File");
        menu.setId("file-menu");
        menu.getStyleClass().add("pill");
        Menu recent = new Menu("Open again");
        recent.setId("recent");
        menu.getItems()
                .addAll(
                        item("New design", "Ctrl N", files::newDesign),
                        item("Another window", "Ctrl Shift N", another),
                        item("Open\u2026", "Ctrl O", files::askOpen),
                        recent,
                        new SeparatorMenuItem(),
                        item("Save", "Ctrl S", files::save),
                        item("Save as\u2026", "Ctrl Shift S", files::askSaveAs),
                        new SeparatorMenuItem(),
                        item(
                                "Close the window",
                                "Ctrl W",
                                () -> Shell.closing(menu.getScene().getWindow())),
                        item("Quit", "Ctrl Q", Shell::quit));
        menu.setOnShowing(e -> {
            recent.getItems()
                    .setAll(files.recent().stream().map(p -> again(p, files)).toList());
            recent.getItems().addAll(UnsavedMenu.items(files));
            recent.setDisable(recent.getItems().isEmpty());
        });
        return menu;
    }

    private static MenuItem again(Path file, Files files) {
        MenuItem item = new MenuItem(file.getFileName() + "   " + file.getParent());
        item.setMnemonicParsing(false);
        item.setOnAction(e -> files.openOrSay(file));
        return item;
    }

    private static MenuButton view(Appearance appearance, Runnable showKeys) {
        MenuButton menu = new MenuButton("View");
        menu.setId("view-menu");
        menu.getStyleClass().add("pill");
        CheckMenuItem dark = new CheckMenuItem("Dark    Ctrl Shift D");
        dark.selectedProperty().bindBidirectional(appearance.dark());
        menu.getItems()
                .addAll(
                        dark,
                        item("Everything larger", "Ctrl Shift +", () -> appearance.scaleBy(1)),
                        item("Everything smaller", "Ctrl Shift \u2212", () -> appearance.scaleBy(-1)),
                        new SeparatorMenuItem(),
                        shown("Side panel    Ctrl B", appearance.lens()),
                        shown("List of entities    Ctrl Shift B", appearance.list()),
                        new SeparatorMenuItem(),
                        tablesFor(appearance),
                        item("What the keys do", "F1", showKeys));
        return menu;
    }

    private static CheckMenuItem shown(String name, BooleanProperty property) {
        CheckMenuItem item = new CheckMenuItem(name);
        item.selectedProperty().bindBidirectional(property);
        return item;
    }

    private static Menu tablesFor(Appearance appearance) {
        Menu menu = new Menu("Tables for");
        ToggleGroup group = new ToggleGroup();
        for (Dialect dialect : Dialects.all()) {
            RadioMenuItem item = new RadioMenuItem(dialect.title());
            item.setToggleGroup(group);
            item.setSelected(appearance.dialect().get() == dialect);
            item.setOnAction(e -> appearance.dialect().set(dialect));
            appearance.dialect().addListener((o, was, is) -> item.setSelected(is == dialect));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static MenuItem item(String name, String keys, Runnable action) {
        MenuItem item = new MenuItem(name + "    " + keys);
        item.setOnAction(e -> action.run());
        return item;
    }

    /** Puts a field in the title's place until Enter, Esc or a click elsewhere. */
    private void rename() {
        TextField field = new TextField(workspace.design().name());
        field.setId("design-name");
        getChildren().set(getChildren().indexOf(title), field);
        Focus.take(field);
        field.selectAll();
        field.setOnAction(e -> {
            String name = field.getText().strip();
            put(field, title);
            workspace.edit(design -> design.withName(name.isEmpty() ? design.name() : name));
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                put(field, title);
                e.consume();
            }
        });
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                put(field, title);
            }
        });
    }

    private void put(Node old, Node now) {
        int index = getChildren().indexOf(old);
        if (index >= 0) {
            getChildren().set(index, now);
            requestFocus();
        }
    }

    Node preview() {
        return say.preview();
    }

    void sayNow() {
        say.takeFocus();
    }

    private void refresh() {
        title.setText(workspace.design().name());
        undo.setDisable(!workspace.canUndo());
        redo.setDisable(!workspace.canRedo());
    }
}
