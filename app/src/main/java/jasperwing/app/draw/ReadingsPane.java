package jasperwing.app.draw;

import jasperwing.app.files.PathPrompt;
import jasperwing.app.workspace.Workspace;
import jasperwing.model.Area;
import jasperwing.model.Design;
import jasperwing.reading.Narration;
import jasperwing.reading.NarrationWriter;
import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The design, an area or what is selected, read out in plain sentences; to be copied, or saved as Markdown or HTML. */
final class ReadingsPane extends VBox {
    private static final String WHOLE = "The whole design";
    private static final String SELECTED = "What is selected";

    private final Workspace workspace;
    private final PathPrompt prompt;
    private final ComboBox<String> scope = new ComboBox<>();
    private final VBox content = new VBox();

    ReadingsPane(Workspace workspace, PathPrompt prompt) {
        this.workspace = workspace;
        this.prompt = prompt;
        getStyleClass().add("text-pane");
        setId("readings-pane");
        scope.setId("readings-scope");
        scope.setAccessibleText("What is read out");
        scope.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(scope, Priority.ALWAYS);
        scope.setOnAction(e -> build());
        Button copy = button("Copy", "readings-copy", this::copy);
        Button save = button("Save\u2026", "readings-save", this::save);
        HBox head = new HBox(8, scope, copy, save);
        head.setAlignment(Pos.CENTER_LEFT);
        head.getStyleClass().add("readings-head");
        content.getStyleClass().add("readings");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll);
        workspace.projection().addListener((o, was, is) -> refresh());
        workspace.selection().addListener((o, was, is) -> refresh());
    }

    private static Button button(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    /** Reads out what there is now, when it is shown. */
    void refresh() {
        if (getScene() == null) {
            return;
        }
        List<String> scopes = new ArrayList<>(List.of(WHOLE, SELECTED));
        workspace.design().areas().stream().map(Area::name).forEach(scopes::add);
        if (!scope.getItems().equals(scopes)) {
            String chosen = scope.getValue();
            scope.getItems().setAll(scopes);
            boolean selected = !workspace.selection().get().entities().isEmpty();
            scope.setValue(chosen != null && scopes.contains(chosen) ? chosen : selected ? SELECTED : WHOLE);
        }
        build();
    }

    private List<Narration.Section> sections() {
        Design design = workspace.design();
        String chosen = scope.getValue() == null ? WHOLE : scope.getValue();
        if (scope.getSelectionModel().getSelectedIndex() > 1) {
            return Narration.area(design, chosen);
        }
        return chosen.equals(SELECTED) ? selected(design) : Narration.whole(design);
    }

    private List<Narration.Section> selected(Design design) {
        Set<String> entities = workspace.selection().get().entities();
        List<Narration.Section> sections = new ArrayList<>();
        entities.forEach(e -> sections.addAll(Narration.entity(design, e)));
        workspace.selection().get().relationship().ifPresent(r -> {
            sections.addAll(Narration.entity(design, r.from()));
            r.targets().forEach(t -> sections.addAll(Narration.entity(design, t)));
        });
        return sections;
    }

    private void build() {
        content.getChildren().clear();
        List<Narration.Section> sections = sections();
        if (sections.isEmpty()) {
            content.getChildren().add(label("Nothing is selected.", "quiet"));
        }
        for (Narration.Section section : sections) {
            content.getChildren().add(label(section.title(), section.level() < 3 ? "stage-title" : "lens-title"));
            section.said().forEach(s -> content.getChildren().add(label(s, "hint")));
            section.facts().forEach(f -> content.getChildren().add(fact(f)));
            section.relations().forEach(r -> content.getChildren().add(label(r, "hint")));
        }
    }

    /** Further lines of it begin where its first does, and not below the bullet. */
    private static HBox fact(String text) {
        Label bullet = new Label("\u2022");
        bullet.setMinWidth(Region.USE_PREF_SIZE);
        Label said = label(text, "said-fact");
        HBox.setHgrow(said, Priority.ALWAYS);
        HBox fact = new HBox(8, bullet, said);
        fact.getStyleClass().add("fact");
        return fact;
    }

    private static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        return label;
    }

    /** Puts the sentences on the clipboard, plain and as HTML. */
    private void copy() {
        ClipboardContent clip = new ClipboardContent();
        clip.putString(NarrationWriter.plain(sections()));
        clip.putHtml(NarrationWriter.html(sections()));
        Clipboard.getSystemClipboard().setContent(clip);
    }

    private void save() {
        Path design = workspace.path().get().orElse(Path.of(System.getProperty("user.home"), "design.wing"));
        String name = design.getFileName().toString().replaceFirst("\\.wing$", "") + ".md";
        prompt.ask(
                "Save what is read out (.md or .html)",
                "Save",
                design.resolveSibling(name).toString(),
                ".md",
                this::save);
    }

    private Optional<String> save(Path file) {
        String name = file.getFileName().toString();
        if (!name.endsWith(".md") && !name.endsWith(".html")) {
            return Optional.of(name + " has no ending that says the format; use .md or .html");
        }
        String text = name.endsWith(".md") ? NarrationWriter.markdown(sections()) : NarrationWriter.html(sections());
        try {
            SafeWrite.write(file, text.getBytes(StandardCharsets.UTF_8));
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of("It cannot be written to " + file + ": " + e.getMessage());
        }
    }
}
