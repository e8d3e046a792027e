package jasperwing.app.draw;

import jasperwing.app.shell.Selection;
import jasperwing.app.shell.Stage;
import jasperwing.app.shell.Workspace;
import jasperwing.diagram.Card;
import jasperwing.findings.Level;
import jasperwing.model.Edit;
import jasperwing.model.EntityEdits;
import jasperwing.model.Place;
import jasperwing.model.RelationshipEdits;
import jasperwing.model.SheetEdits;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What is there, and how is it related? */
public final class DrawStage implements Stage {
    private static final KeyCombination.Modifier CTRL = KeyCombination.SHORTCUT_DOWN;

    private final Workspace workspace;
    private final SheetView sheet;
    private final CardEditing editing;
    private final SheetGestures gestures;
    private final SheetBar bar;
    private final BorderPane view = new BorderPane();
    private final VBox start = start();
    private final Map<KeyCombination, Runnable> keys = new LinkedHashMap<>();

    public DrawStage(Workspace workspace) {
        this.workspace = workspace;
        sheet = new SheetView(workspace);
        editing = new CardEditing(workspace, sheet);
        gestures = new SheetGestures(workspace, sheet, editing, new ReadingNote(workspace, sheet));
        bar = new SheetBar(workspace, sheet);
        StackPane middle = new StackPane(sheet, start, bar);
        StackPane.setAlignment(bar, Pos.BOTTOM_CENTER);
        view.setLeft(new Roster(workspace));
        view.setCenter(middle);
        bind();
        sheet.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        sheet.viewport().view().addListener((o, was, is) -> editing.follow());
        workspace.projection().addListener((o, was, is) -> refresh());
        refresh();
    }

    private static VBox start() {
        Label head = new Label("An empty sheet");
        head.getStyleClass().add("start-title");
        VBox box = new VBox(
                8,
                head,
                new Label("Double-click anywhere for the first entity,"),
                new Label("or press Ctrl K and say three sentences:"),
                sentence("entity Dive"),
                sentence("each Dive may have many Photo, which must belong to one Dive"),
                sentence("each Photo may show many Species, which may be shown by many Photo"));
        box.getStyleClass().add("start");
        box.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        box.setMouseTransparent(true);
        return box;
    }

    private static Label sentence(String text) {
        Label label = new Label(text);
        label.getStyleClass().addAll("code", "quiet-code");
        return label;
    }

    private void refresh() {
        start.setVisible(workspace.design().entities().isEmpty());
    }

    private void bind() {
        keys.put(new KeyCodeCombination(KeyCode.ESCAPE), this::escape);
        keys.put(new KeyCodeCombination(KeyCode.DELETE), this::remove);
        keys.put(new KeyCodeCombination(KeyCode.BACK_SPACE), this::remove);
        keys.put(new KeyCodeCombination(KeyCode.A, CTRL), this::selectAll);
        keys.put(new KeyCodeCombination(KeyCode.DIGIT0, CTRL), sheet::fit);
        keys.put(new KeyCodeCombination(KeyCode.PLUS, CTRL), () -> bar.zoomBy(1.2));
        keys.put(new KeyCodeCombination(KeyCode.EQUALS, CTRL), () -> bar.zoomBy(1.2));
        keys.put(new KeyCodeCombination(KeyCode.MINUS, CTRL), () -> bar.zoomBy(1 / 1.2));
        keys.put(new KeyCodeCombination(KeyCode.ENTER), () -> single().ifPresent(editing::openEnd));
        keys.put(new KeyCodeCombination(KeyCode.F2), () -> single().ifPresent(editing::openName));
        keys.put(new KeyCodeCombination(KeyCode.N), this::addEntity);
        keys.put(new KeyCodeCombination(KeyCode.LEFT), () -> nudge(-8, 0));
        keys.put(new KeyCodeCombination(KeyCode.RIGHT), () -> nudge(8, 0));
        keys.put(new KeyCodeCombination(KeyCode.UP), () -> nudge(0, -8));
        keys.put(new KeyCodeCombination(KeyCode.DOWN), () -> nudge(0, 8));
    }

    private void key(KeyEvent e) {
        if (e.getTarget() instanceof TextInputControl) {
            return;
        }
        for (Map.Entry<KeyCombination, Runnable> entry : keys.entrySet()) {
            if (entry.getKey().match(e)) {
                entry.getValue().run();
                e.consume();
                return;
            }
        }
    }

    private Optional<String> single() {
        return workspace.selection().get().single();
    }

    private void escape() {
        if (!gestures.cancel()) {
            workspace.selection().set(Selection.NONE);
        }
    }

    private void remove() {
        Selection selection = workspace.selection().get();
        Edit edit = Edit.NOTHING;
        for (String entity : selection.entities()) {
            edit = edit.then(EntityEdits.remove(entity));
        }
        if (selection.relationship().isPresent()) {
            edit = edit.then(RelationshipEdits.remove(selection.relationship().get()));
        }
        workspace.edit(edit, Selection.NONE);
    }

    private void selectAll() {
        Set<String> all = new LinkedHashSet<>();
        sheet.scene().cards().stream().map(Card::entity).forEach(all::add);
        workspace.selection().set(Selection.of(all));
    }

    private void addEntity() {
        String name = Drawing.freeName(workspace.design());
        var middle = sheet.viewport().toSheet(sheet.getWidth() / 2, sheet.getHeight() / 2);
        workspace.edit(Drawing.entityAt(name, sheet.sheet().get(), middle.x(), middle.y()), Selection.of(name));
        editing.openName(name);
    }

    private void nudge(int dx, int dy) {
        List<Place> places = workspace.selection().get().entities().stream()
                .flatMap(e -> sheet.scene().card(e).stream())
                .map(c -> new Place(
                        c.entity(),
                        sheet.sheet().get(),
                        (int) c.box().x() + dx,
                        (int) c.box().y() + dy))
                .toList();
        if (!places.isEmpty()) {
            workspace.edit(SheetEdits.place(places));
        }
    }

    @Override
    public String name() {
        return "Draw";
    }

    @Override
    public String icon() {
        return "M3 5 H11 V12 H3 Z M14 13 H22 V19 H14 Z M11 8.5 H18 V13";
    }

    @Override
    public Node view() {
        return view;
    }

    @Override
    public int waiting() {
        return 0;
    }

    @Override
    public boolean hasFaults() {
        return workspace.projection().get().report().count(Level.FAULT) > 0;
    }

    @Override
    public void shown() {
        sheet.requestFocus();
    }
}
