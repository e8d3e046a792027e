package jasperwing.app.draw;

import jasperwing.app.files.PathPrompt;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.Workspace;
import jasperwing.diagram.Scene;
import jasperwing.picture.PaintOptions;
import jasperwing.picture.Pictures;
import jasperwing.storage.SafeWrite;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

/** Pictures of what the sheet shows: of the selected cards, or of all when fewer than two are selected. */
final class PictureKeeping {
    private final Workspace workspace;
    private final SheetView sheet;
    private final Appearance appearance;
    private final PathPrompt prompt;
    private final IntegerProperty scale = new SimpleIntegerProperty(2);

    PictureKeeping(Workspace workspace, SheetView sheet, Appearance appearance, PathPrompt prompt) {
        this.prompt = prompt;
        this.workspace = workspace;
        this.sheet = sheet;
        this.appearance = appearance;
    }

    private Scene scene() {
        Set<String> selected = workspace.selection().get().entities();
        return selected.size() < 2 ? sheet.scene() : sheet.scene().only(selected);
    }

    private PaintOptions look() {
        return appearance.look();
    }

    /** Puts the picture, twice its natural size, on the clipboard. */
    void copy() {
        byte[] png = Pictures.draw(scene(), workspace.design().name(), Pictures.Format.PNG, look(), 2);
        ClipboardContent content = new ClipboardContent();
        content.putImage(new Image(new ByteArrayInputStream(png)));
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** How many pixels a unit of the sheet has in a PNG that is saved. */
    IntegerProperty scale() {
        return scale;
    }

    /** Asks for a file, whose ending says the format, and writes the picture to it. */
    void ask() {
        Set<String> selected = workspace.selection().get().entities();
        String what = selected.size() < 2 ? "the sheet" : selected.size() + " cards";
        prompt.ask("Save " + what + " as a picture (.svg, .png or .pdf)", "Save", start(), ".svg", this::save);
    }

    private String start() {
        Path design = workspace.path().get().orElse(Path.of(System.getProperty("user.home"), "design.wing"));
        String name = design.getFileName().toString().replaceFirst("\\.wing$", "");
        String sheetName =
                sheet.sheet().get().isEmpty() ? "" : "-" + sheet.sheet().get().replaceAll("[^\\p{L}\\p{N}]+", "-");
        return design.resolveSibling(name + sheetName + ".svg").toString();
    }

    private Optional<String> save(Path file) {
        Optional<Pictures.Format> format = Pictures.Format.of(file.toString());
        if (format.isEmpty()) {
            return Optional.of(file.getFileName() + " has no ending that says the format; use .svg, .png or .pdf");
        }
        try {
            SafeWrite.write(file, Pictures.draw(scene(), workspace.design().name(), format.get(), look(), scale.get()));
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of("It cannot be written to " + file + ": " + e.getMessage());
        }
    }
}
