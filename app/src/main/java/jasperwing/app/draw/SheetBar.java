package jasperwing.app.draw;

import jasperwing.app.controls.Focus;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.CardDetail;
import jasperwing.model.Sheet;
import jasperwing.model.SheetEdits;
import jasperwing.naming.Words;
import jasperwing.picture.LineEnds;
import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** Along the foot of the sheet: which sheet is shown, how it is drawn, and how large. */
final class SheetBar extends HBox {
    private static final int MOST_NAMES = 3;

    /** A sheet of this width has room for the whole bar, of the next for the names of sheets, of the last for zooming. */
    private static final double WIDE = 800;

    private static final double ROOMY = 680;

    private static final double NAMES = 560;
    private static final double ZOOM = 430;

    private List<Object> seen = List.of();
    private final Workspace workspace;

    private final SheetView sheet;
    private final HBox names = new HBox(2);
    private final Label zoom = new Label();

    SheetBar(
            Workspace workspace,
            SheetView sheet,
            ArrangeProgress arranging,
            PictureKeeping pictures,
            Appearance appearance) {
        this.workspace = workspace;
        this.sheet = sheet;
        getStyleClass().add("sheet-bar");
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        Label label = new Label("Sheet:");
        label.getStyleClass().add("quiet");
        label.setMinWidth(USE_PREF_SIZE);
        names.setAlignment(Pos.CENTER_LEFT);
        MenuButton cards = cards(appearance);
        MenuButton ends = ends(appearance);
        MenuButton picture = picture(pictures);
        Button smaller = button("\u2212", "Smaller  (Ctrl \u2212)", () -> zoomBy(1 / 1.2));
        Button larger = button("+", "Larger  (Ctrl +)", () -> zoomBy(1.2));
        whereRoomy(WIDE, label, picture);
        whereRoomy(ROOMY, cards, ends);
        whereRoomy(ZOOM, smaller, zoom, larger);
        getChildren()
                .addAll(
                        label,
                        names,
                        space(),
                        cards,
                        ends,
                        arrange(arranging),
                        picture,
                        smaller,
                        zoom,
                        larger,
                        button("Fit", "Show the whole sheet  (Ctrl 0)", sheet::fit));
        listen();
        refresh();
        showZoom();
    }

    private void listen() {
        zoom.getStyleClass().add("quiet");
        zoom.setMinWidth(44);
        zoom.setAlignment(Pos.CENTER_RIGHT);
        sheet.widthProperty().addListener((o, was, is) -> refresh());
        workspace.projection().addListener((o, was, is) -> refresh());
        sheet.sheet().addListener((o, was, is) -> refresh());
        sheet.viewport().view().addListener((o, was, is) -> showZoom());
    }

    private static Region space() {
        Region space = new Region();
        space.setMinWidth(6);
        return space;
    }

    /** What can be done without is left out where the sheet is narrow. */
    private void whereRoomy(double width, Node... nodes) {
        sheet.widthProperty().addListener((o, was, is) -> {
            for (Node node : nodes) {
                node.setVisible(is.doubleValue() >= width);
                node.setManaged(node.isVisible());
            }
        });
    }

    private static Button button(String text, String tip, Runnable action) {
        Button button = new Button(text);
        button.setMnemonicParsing(false);
        button.getStyleClass().add("bar-button");
        button.setTooltip(new Tooltip(tip));
        button.setAccessibleText(tip);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    private static MenuButton menu(String text, String id, String tip) {
        MenuButton menu = new MenuButton(text);
        menu.setId(id);
        menu.getStyleClass().add("bar-button");
        menu.setTooltip(new Tooltip(tip));
        menu.setMinWidth(USE_PREF_SIZE);
        return menu;
    }

    private static MenuButton cards(Appearance appearance) {
        MenuButton menu = menu("Cards", "cards", "How much cards tell");
        for (CardDetail detail : CardDetail.values()) {
            menu.getItems().add(choice(Words.capitalised(detail.words()), appearance.cards(), detail));
        }
        return menu;
    }

    private static MenuButton ends(Appearance appearance) {
        MenuButton menu = menu("Line ends", "ends", "How the ends of relationships are drawn, and what else is");
        for (LineEnds ends : LineEnds.values()) {
            menu.getItems().add(choice(ends.words(), appearance.ends(), ends));
        }
        CheckMenuItem regions = new CheckMenuItem("Tint the ground of areas");
        regions.selectedProperty().bindBidirectional(appearance.regions());
        CheckMenuItem map = new CheckMenuItem("Small map of a large sheet");
        map.selectedProperty().bindBidirectional(appearance.map());
        menu.getItems().addAll(new SeparatorMenuItem(), regions, map);
        return menu;
    }

    /** One of several, ticked while it is chosen. */
    private static <T> CheckMenuItem choice(String text, ObjectProperty<T> chosen, T value) {
        CheckMenuItem item = new CheckMenuItem(text);
        item.setSelected(chosen.get() == value);
        chosen.addListener((o, was, is) -> item.setSelected(is == value));
        item.setOnAction(e -> {
            item.setSelected(true);
            chosen.set(value);
        });
        return item;
    }

    private MenuButton arrange(ArrangeProgress arranging) {
        MenuButton menu = menu("Arrange", "arrange", "Find places for cards");
        MenuItem all = new MenuItem("Everything    Ctrl Shift L");
        all.setOnAction(e -> arranging.everything());
        MenuItem some = new MenuItem("What is selected    Ctrl L");
        some.setOnAction(e -> arranging.some(workspace.selection().get().entities()));
        MenuItem fresh = new MenuItem("What is new; the rest stays");
        fresh.setOnAction(e -> arranging.unplaced());
        menu.setOnShowing(
                e -> some.setDisable(workspace.selection().get().entities().isEmpty()));
        menu.getItems().addAll(all, some, fresh);
        menu.disableProperty().bind(arranging.running());
        return menu;
    }

    private static MenuButton picture(PictureKeeping pictures) {
        MenuButton menu = menu("Picture", "picture", "The sheet, or the cards selected, as a picture");
        MenuItem copy = new MenuItem("Copy    Ctrl Shift C");
        copy.setOnAction(e -> pictures.copy());
        MenuItem save = new MenuItem("Save as SVG, PNG or PDF\u2026    Ctrl P");
        save.setOnAction(e -> pictures.ask());
        menu.getItems().addAll(copy, save, new SeparatorMenuItem());
        for (int scale = 1; scale <= 4; scale++) {
            int chosen = scale;
            CheckMenuItem item = new CheckMenuItem("PNG " + scale + (scale == 1 ? " pixel a unit" : " pixels a unit"));
            item.setOnAction(e -> pictures.scale().set(chosen));
            pictures.scale().addListener((o, was, is) -> item.setSelected(is.intValue() == chosen));
            item.setSelected(pictures.scale().get() == chosen);
            menu.getItems().add(item);
        }
        return menu;
    }

    void zoomBy(double factor) {
        sheet.viewport().zoom(factor, sheet.getWidth() / 2, sheet.getHeight() / 2);
    }

    private void showZoom() {
        zoom.setText(Math.round(sheet.viewport().zoom() * 100) + " %");
    }

    private void refresh() {
        var sheets = workspace.design().sheets();
        String shown = sheet.sheet().get();
        if (!shown.isEmpty() && !SheetNames.isTaken(workspace.design(), shown)) {
            sheet.sheet().set("");
            return;
        }
        int most = most();
        List<Object> now = List.of(shown, sheets, most);
        if (now.equals(seen)) {
            return;
        }
        seen = now;
        names.getChildren().setAll(name("Everything", ""));
        sheets.stream().limit(most).forEach(s -> names.getChildren().add(name(s.name(), s.name())));
        if (sheets.size() > most) {
            names.getChildren().add(more());
        }
        names.getChildren().add(button("+ sheet", "A new sheet of what is selected", this::add));
        names.getChildren().get(names.getChildren().size() - 1).setId("new-sheet");
    }

    /** How many sheets are named, and not in a menu. */
    private int most() {
        return sheet.getWidth() > 0 && sheet.getWidth() < NAMES ? 0 : MOST_NAMES;
    }

    private MenuButton more() {
        MenuButton menu = menu(most() == 0 ? "Sheets" : "More", "more-sheets", "Further sheets");
        for (Sheet other : workspace
                .design()
                .sheets()
                .subList(most(), workspace.design().sheets().size())) {
            MenuItem item = new MenuItem(other.name());
            item.setMnemonicParsing(false);
            item.setOnAction(e -> sheet.sheet().set(other.name()));
            menu.getItems().add(item);
            if (other.name().equals(sheet.sheet().get())) {
                menu.setText(other.name());
                menu.getStyleClass().add("strong");
            }
        }
        return menu;
    }

    private Button name(String text, String value) {
        Button button =
                button(text, "Show the sheet " + text, () -> sheet.sheet().set(value));
        button.setId("sheet-" + text);
        if (sheet.sheet().get().equals(value)) {
            button.getStyleClass().add("strong");
        }
        if (!value.isEmpty()) {
            button.setTooltip(new Tooltip("Show the sheet " + text + "; right-click to rename or remove it"));
            button.setContextMenu(changes(button, value));
        }
        return button;
    }

    private ContextMenu changes(Button button, String name) {
        MenuItem rename = new MenuItem("Rename");
        rename.setOnAction(e -> rename(button, name));
        MenuItem remove = new MenuItem("Remove the sheet; its entities stay");
        remove.setOnAction(e -> workspace.edit(SheetEdits.remove(name)));
        return new ContextMenu(rename, remove);
    }

    private void rename(Button button, String name) {
        TextField field = new TextField(name);
        field.setId("sheet-name");
        names.getChildren().set(names.getChildren().indexOf(button), field);
        field.selectAll();
        Focus.take(field);
        field.setOnAction(e -> {
            String wanted = field.getText().strip();
            if (wanted.isEmpty() || !wanted.equals(name) && SheetNames.isTaken(workspace.design(), wanted)) {
                field.getStyleClass().add("wrong");
                return;
            }
            boolean shown = sheet.sheet().get().equals(name);
            workspace.edit(SheetEdits.rename(name, wanted));
            if (shown) {
                sheet.sheet().set(wanted);
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                refresh();
            }
        });
    }

    private void add() {
        String name = SheetNames.free(workspace.design(), "New sheet");
        workspace.edit(SheetEdits.show(
                name, workspace.selection().get().entities().stream().toList()));
        sheet.sheet().set(name);
    }
}
