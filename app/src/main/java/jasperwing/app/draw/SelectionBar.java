package jasperwing.app.draw;

import jasperwing.app.controls.Focus;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Card;
import jasperwing.model.Edit;
import jasperwing.model.Neighbours;
import jasperwing.model.Place;
import jasperwing.model.Sheet;
import jasperwing.model.SheetEdits;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/** Above the sheet, when cards are selected: what can be done with how they stand and where they are shown. */
final class SelectionBar extends HBox {
    /** A sheet of this width has room for a button each. */
    private static final double ROOMY = 600;

    private final Workspace workspace;
    private final SheetView sheet;
    private final ArrangeProgress arranging;
    private final Runnable copy;

    /** @param copy copies the selected cards as a picture */
    SelectionBar(Workspace workspace, SheetView sheet, ArrangeProgress arranging, Runnable copy) {
        this.workspace = workspace;
        this.sheet = sheet;
        this.arranging = arranging;
        this.copy = copy;
        getStyleClass().addAll("sheet-bar", "selection-bar");
        setId("selection-bar");
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        workspace.selection().addListener((o, was, is) -> refresh());
        sheet.shown().addListener((o, was, is) -> refresh());
        sheet.widthProperty().addListener((o, was, is) -> {
            if (was.doubleValue() >= ROOMY != is.doubleValue() >= ROOMY) {
                refresh();
            }
        });
        sheet.edited().addListener((o, was, is) -> refresh());
        refresh();
    }

    /** Down to where it covers the sheet while something is selected; 0 else. */
    double bottom() {
        return isVisible() ? getTranslateY() + getHeight() : 0;
    }

    private List<Card> cards() {
        Set<String> selected = workspace.selection().get().entities();
        return sheet.scene().cards().stream()
                .filter(c -> selected.contains(c.entity()))
                .toList();
    }

    private void refresh() {
        List<Card> cards = cards();
        setVisible(!cards.isEmpty() && sheet.edited().get().isEmpty());
        if (isVisible()) {
            Focus.keep(this, () -> getChildren().setAll(cards.size() == 1 ? one(cards.get(0)) : several(cards)));
        }
    }

    private List<Node> one(Card card) {
        List<Node> nodes = new ArrayList<>();
        Label label = new Label("Neighbours of " + card.entity() + ":");
        label.getStyleClass().add("quiet");
        nodes.add(label);
        for (int depth = 1; depth <= 3; depth++) {
            int steps = depth;
            nodes.add(button(
                    "" + depth,
                    "A sheet of " + card.entity() + " and what is up to " + depth + " relationships away",
                    "around-" + depth,
                    () -> around(card.entity(), steps)));
        }
        nodes.addAll(always());
        return nodes;
    }

    private List<Node> several(List<Card> cards) {
        String name = sheet.sheet().get();
        List<Node> nodes = new ArrayList<>();
        if (isRoomy()) {
            Label label = new Label(cards.size() + " cards:");
            label.getStyleClass().add("quiet");
            nodes.add(label);
            aligning(cards, name).forEach(a -> nodes.add(button(a.text(), a.tip(), a.id(), a.action())));
        } else {
            nodes.add(alignMenu(aligning(cards, name)));
        }
        nodes.add(button(
                "Arrange",
                "Arrange these; the others stay  (Ctrl L)",
                "arrange-some",
                () -> arranging.some(workspace.selection().get().entities())));
        nodes.addAll(always());
        return nodes;
    }

    private boolean isRoomy() {
        return sheet.getWidth() >= ROOMY;
    }

    /** Something that is done to the selected cards. */
    private record Action(String text, String tip, String id, Runnable action) {}

    private List<Action> aligning(List<Card> cards, String name) {
        List<Action> actions = new ArrayList<>();
        actions.add(new Action(
                "Left", "Align their left edges", "align-left", () -> place(CardAlignment.left(cards, name))));
        actions.add(
                new Action("Top", "Align their upper edges", "align-top", () -> place(CardAlignment.top(cards, name))));
        if (cards.size() > 2) {
            actions.add(new Action(
                    "Horizontal",
                    "Space them evenly from left to right",
                    "space-across",
                    () -> place(CardAlignment.across(cards, name))));
            actions.add(new Action(
                    "Vertical",
                    "Space them evenly from top to bottom",
                    "space-down",
                    () -> place(CardAlignment.down(cards, name))));
        }
        return actions;
    }

    /** The same in a menu, where the sheet is narrow. */
    private static MenuButton alignMenu(List<Action> actions) {
        MenuButton menu = new MenuButton("Align");
        menu.setId("align");
        menu.getStyleClass().add("bar-button");
        for (Action action : actions) {
            MenuItem item = new MenuItem(action.tip());
            item.setOnAction(e -> action.action().run());
            menu.getItems().add(item);
        }
        return menu;
    }

    private List<Node> always() {
        List<Node> nodes = new ArrayList<>();
        nodes.add(show());
        if (!sheet.sheet().get().isEmpty()) {
            nodes.add(button("Take off", "Take them off this sheet; they stay in the design", "take-off", () -> {
                Edit off = SheetEdits.takeOff(
                        sheet.sheet().get(), workspace.selection().get().entities());
                workspace.edit(off, Selection.NONE);
            }));
        }
        nodes.add(button("Copy", "Copy them as a picture  (Ctrl Shift C)", "copy-picture", copy));
        return nodes;
    }

    private MenuButton show() {
        MenuButton menu = new MenuButton("Show on");
        menu.setId("show-on");
        menu.getStyleClass().add("bar-button");
        Set<String> selected = workspace.selection().get().entities();
        for (Sheet other : workspace.design().sheets()) {
            MenuItem item = new MenuItem(other.name());
            item.setMnemonicParsing(false);
            item.setDisable(other.entities().containsAll(selected));
            item.setOnAction(e -> workspace.edit(SheetEdits.add(other.name(), selected)));
            menu.getItems().add(item);
        }
        MenuItem fresh = new MenuItem("A new sheet");
        fresh.setOnAction(e -> {
            String name = SheetNames.free(workspace.design(), "New sheet");
            workspace.edit(SheetEdits.show(name, List.copyOf(selected)));
            sheet.sheet().set(name);
        });
        menu.getItems().add(fresh);
        return menu;
    }

    private void place(List<Place> places) {
        workspace.edit(SheetEdits.place(places));
    }

    /** Shows an entity and its neighbours on a sheet of their own. */
    void around(String entity, int depth) {
        String name = SheetNames.around(entity);
        workspace.edit(SheetEdits.show(name, Neighbours.within(workspace.design(), entity, depth)));
        sheet.sheet().set(name);
        arranging.unplaced();
    }

    private static Button button(String text, String tip, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("bar-button");
        button.setTooltip(new Tooltip(tip));
        button.setAccessibleText(tip);
        button.setOnAction(e -> action.run());
        return button;
    }
}
