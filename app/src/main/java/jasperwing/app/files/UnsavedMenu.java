package jasperwing.app.files;

import jasperwing.model.Design;
import jasperwing.storage.DesignFile;
import jasperwing.storage.UnreadableDesignException;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;

/** The designs kept aside, as entries of a menu: each can be opened again or thrown away. */
public final class UnsavedMenu {
    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());

    private UnsavedMenu() {}

    public static List<MenuItem> items(Files files) {
        return files.keptAside().stream().<MenuItem>map(a -> item(a, files)).toList();
    }

    private static Menu item(UnsavedDesigns.Aside aside, Files files) {
        MenuItem open = new MenuItem("Open");
        open.setOnAction(
                e -> files.openAside(aside.file()).ifPresent(wrong -> files.sayNotOpened(aside.file(), wrong)));
        MenuItem away = new MenuItem("Throw away");
        away.setOnAction(e -> files.throwAway(aside));
        Menu menu = new Menu(text(aside), null, open, away);
        menu.setMnemonicParsing(false);
        return menu;
    }

    private static String text(UnsavedDesigns.Aside aside) {
        String origin = aside.origin().map(o -> ", for " + o.getFileName()).orElse("");
        return name(aside) + "   draft kept " + TIME.format(aside.changed()) + origin;
    }

    private static String name(UnsavedDesigns.Aside aside) {
        try {
            Design design = DesignFile.load(aside.file());
            int entities = design.entities().size();
            return design.name() + ", " + entities + (entities == 1 ? " entity" : " entities");
        } catch (UnreadableDesignException e) {
            return aside.file().getFileName() + ", which cannot be read";
        }
    }
}
