package jasperwing.app.draw;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;

/** Entries of a context menu, one below the other. */
final class MenuItems {
    private final List<MenuItem> items;

    private MenuItems(List<MenuItem> items) {
        this.items = items;
    }

    static MenuItems in(ContextMenu menu) {
        return new MenuItems(menu.getItems());
    }

    MenuItems add(String text, Runnable action) {
        return add(text, "", action);
    }

    /** @param keys that do the same, as in {@code Shortcut+L}; shown beside the text */
    MenuItems add(String text, String keys, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setMnemonicParsing(false);
        if (!keys.isEmpty()) {
            item.setAccelerator(KeyCombination.valueOf(keys));
        }
        item.setOnAction(e -> action.run());
        items.add(item);
        return this;
    }

    /** An entry that stands in one of two ways. */
    MenuItems check(String text, boolean now, Consumer<Boolean> change) {
        CheckMenuItem item = new CheckMenuItem(text);
        item.setMnemonicParsing(false);
        item.setSelected(now);
        item.setOnAction(e -> change.accept(!now));
        items.add(item);
        return this;
    }

    /** Entries in a menu of their own; none where nothing is added to it. */
    MenuItems menu(String text, Consumer<MenuItems> fill) {
        Menu menu = new Menu(text);
        menu.setMnemonicParsing(false);
        fill.accept(new MenuItems(menu.getItems()));
        if (!menu.getItems().isEmpty()) {
            items.add(menu);
        }
        return this;
    }

    MenuItems line() {
        if (!items.isEmpty() && !(items.get(items.size() - 1) instanceof SeparatorMenuItem)) {
            items.add(new SeparatorMenuItem());
        }
        return this;
    }
}
