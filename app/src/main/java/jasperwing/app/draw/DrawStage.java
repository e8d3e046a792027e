package jasperwing.app.draw;

import jasperwing.app.controls.ResizablePane;
import jasperwing.app.controls.Shortcuts;
import jasperwing.app.controls.TextInput;
import jasperwing.app.files.PathPrompt;
import jasperwing.app.shell.Stage;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.PaneWidth;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.classes.targets.Targets;
import jasperwing.diagram.Point;
import jasperwing.findings.Level;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;

/** What is there, and how is it related? */
public final class DrawStage implements Stage {

    /** With Ctrl, these mean the same while something is typed. */
    private static final Set<KeyCode> EVEN_TYPING = Set.of(KeyCode.F, KeyCode.T, KeyCode.R, KeyCode.P, KeyCode.DIGIT0);

    /** How far bars stand off the edge of the sheet. */
    private static final double OFF = 8;

    /** The window is there by then, and nobody has clicked yet. */
    private static final Duration FIRST_LOOK = Duration.millis(300);

    private final Workspace workspace;
    private boolean warm;
    private final Appearance appearance;
    private final SheetView sheet;
    private final CardEditing editing;
    private final ReadingNote note;
    private final SheetMenu menu;
    private final DeclarationPrompt declaration;
    private final CardCommands commands;
    private final SheetGestures gestures;
    private final ArrangeProgress arranging;
    private final PictureKeeping pictures;
    private final SelectionBar selectionBar;
    private final SheetBar bar;
    private final FindBar find;
    private final WalkBar walking;
    private final BorderPane view = new BorderPane();
    private final StackPane start = new StackPane();
    private final EntityList roster;
    private final SidePanes panes;
    private final Shortcuts keys = new Shortcuts();

    public DrawStage(Workspace workspace, Appearance appearance, PathPrompt prompt) {
        this.workspace = workspace;
        this.appearance = appearance;
        sheet = new SheetView(workspace, appearance);
        editing = new CardEditing(workspace, sheet);
        commands = new CardCommands(workspace, sheet, editing);
        note = new ReadingNote(workspace, sheet);
        menu = new SheetMenu(workspace, sheet, new Actions());
        gestures = new SheetGestures(workspace, sheet, editing, note, menu);
        declaration = new DeclarationPrompt(workspace);
        arranging = new ArrangeProgress(workspace, sheet);
        pictures = new PictureKeeping(workspace, sheet, appearance, prompt);
        selectionBar = new SelectionBar(workspace, sheet, arranging, pictures::copy);
        bar = new SheetBar(workspace, sheet, arranging, pictures, appearance);
        find = new FindBar(workspace, sheet);
        walking = new WalkBar(workspace, sheet);
        roster = new EntityList(workspace, menu, declaration::open);
        ResizablePane list = new ResizablePane(roster, PaneWidth.LIST, appearance, false);
        panes = new SidePanes(workspace, appearance, prompt, view, list, sheet);
        view.setCenter(middle());
        view.setMinSize(0, 0);
        workspace.finishWith(GestureEdits.placing());
        bind();
        sheet.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        sheet.viewport().view().addListener((o, was, is) -> editing.follow());
        workspace.projection().addListener((o, was, is) -> refresh());
        refresh();
    }

    /** The sheet, and over it what tells of it. */
    private StackPane middle() {
        MiniMap map = new MiniMap(sheet, appearance);
        FlowPane toggles = panes.toggles();
        StackPane middle =
                new StackPane(sheet, start, map, bar, selectionBar, arranging, toggles, find, walking, declaration);
        StackPane.setAlignment(bar, Pos.BOTTOM_CENTER);
        StackPane.setAlignment(map, Pos.BOTTOM_RIGHT);
        StackPane.setAlignment(selectionBar, Pos.TOP_LEFT);
        StackPane.setAlignment(arranging, Pos.CENTER);
        StackPane.setAlignment(find, Pos.TOP_CENTER);
        StackPane.setAlignment(walking, Pos.TOP_CENTER);
        StackPane.setAlignment(toggles, Pos.TOP_RIGHT);
        start.setId("start");
        start.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        middle.setMinSize(0, 0);
        lowerWhereNarrow(selectionBar, toggles, middle);
        sheet.setBars(selectionBar::bottom);
        return middle;
    }

    /** Where there is no room for both beside each other, the bar about the selection stands below the toggles. */
    private static void lowerWhereNarrow(Region bar, Region toggles, Region all) {
        bar.translateYProperty()
                .bind(Bindings.when(
                                bar.widthProperty().add(toggles.widthProperty()).greaterThan(all.widthProperty()))
                        .then(toggles.heightProperty().add(2 * OFF))
                        .otherwise(OFF));
    }

    /** Offers ways to begin on an empty sheet. */
    public void offer(StartCard.Choices choices) {
        start.getChildren().setAll(new StartCard(choices));
    }

    /** Begins a new entity, as the key does. */
    public void drawFirst() {
        commands.addEntity();
    }

    private void refresh() {
        start.setVisible(workspace.design().entities().isEmpty());
    }

    private void bind() {
        keys.plain(KeyCode.N, "A new entity", commands::addEntity);
        keys.plain(KeyCode.ENTER, "Type on the card", () -> single().ifPresent(editing::openEnd));
        keys.plain(KeyCode.F2, "Rename the entity", () -> single().ifPresent(editing::openName));
        keys.shift(KeyCode.F10, "The menu of what is selected", menu::showForSelection);
        keys.plain(KeyCode.CONTEXT_MENU, "", menu::showForSelection);
        keys.plain(KeyCode.W, "Walk along roles from the entity", walking::open);
        keys.plain(KeyCode.M, "Change the shape of what is selected", panes::toggleMoves);
        keys.plain(KeyCode.V, "Compare the ways to keep what is selected", panes::toggleWeigh);
        keys.plain(KeyCode.DELETE, "Remove what is selected", commands::remove);
        keys.plain(KeyCode.BACK_SPACE, "", commands::remove);
        keys.plain(KeyCode.ESCAPE, "Select nothing; stop what is going on", this::escape);
        keys.ctrl(KeyCode.A, "Select all cards", commands::selectAll);
        keys.ctrl(KeyCode.F, "Find in names, notes and types", find::open);
        keys.ctrl(KeyCode.T, "The design as text, beside the diagram", panes::toggleText);
        keys.ctrl(KeyCode.R, "The design in plain sentences", panes::toggleReadings);
        for (CardCommands.Step step : CardCommands.Step.values()) {
            keys.plain(
                    step.code(),
                    step == CardCommands.Step.LEFT ? "Move the cards; Ctrl goes to the next card" : "",
                    () -> commands.nudge(step.dx() * 8, step.dy() * 8));
            keys.ctrl(step.code(), "", () -> commands.walk(step));
        }
        keys.ctrl(
                KeyCode.L,
                "Arrange what is selected",
                () -> arranging.some(workspace.selection().get().entities()));
        keys.ctrlShift(KeyCode.L, "Arrange everything", arranging::everything);
        keys.ctrl(KeyCode.DIGIT0, "Show the whole sheet", sheet::fit);
        keys.ctrl(KeyCode.PLUS, "Larger", () -> bar.zoomBy(1.2));
        keys.ctrl(KeyCode.EQUALS, "", () -> bar.zoomBy(1.2));
        keys.ctrl(KeyCode.MINUS, "Smaller", () -> bar.zoomBy(1 / 1.2));
        keys.ctrlShift(KeyCode.C, "Copy as a picture", pictures::copy);
        keys.ctrl(KeyCode.P, "Save as a picture", pictures::ask);
    }

    @Override
    public void key(KeyEvent e) {
        boolean typing = TextInput.isText(e.getTarget());
        if (!typing || e.isShortcutDown() && EVEN_TYPING.contains(e.getCode())) {
            keys.handle(e);
        }
    }

    @Override
    public List<Shortcuts.Shortcut> shortcuts() {
        return keys.all();
    }

    private Optional<String> single() {
        return workspace.selection().get().single();
    }

    private void escape() {
        if (!arranging.cancel() && !gestures.cancel()) {
            workspace.selection().set(Selection.NONE);
        }
    }

    /** What the menu of the sheet does besides edits. */
    private final class Actions implements SheetActions {
        @Override
        public void type(String entity, int row) {
            if (row == Integer.MAX_VALUE) {
                editing.openEnd(entity);
            } else {
                editing.open(entity, row);
            }
        }

        @Override
        public void rule(String entity) {
            editing.openRule(entity);
        }

        @Override
        public void sentence() {
            note.open();
        }

        @Override
        public void reshape() {
            panes.toggleMoves();
        }

        @Override
        public void compareWays() {
            panes.toggleWeigh();
        }

        @Override
        public void walk() {
            walking.open();
        }

        @Override
        public void removeSelected() {
            commands.remove();
        }

        @Override
        public void newEntity(Point at) {
            commands.addEntityAt(at);
        }

        @Override
        public void arrange(List<String> entities) {
            arranging.some(Set.copyOf(entities));
        }

        @Override
        public void arrangeEverything() {
            arranging.everything();
        }

        @Override
        public void fit() {
            sheet.fit();
        }

        @Override
        public void find() {
            find.open();
        }

        @Override
        public void text() {
            panes.toggleText();
        }

        @Override
        public void copyPicture() {
            pictures.copy();
        }

        @Override
        public void savePicture() {
            pictures.ask();
        }

        @Override
        public void neighbours(String entity, int depth) {
            selectionBar.around(entity, depth);
        }

        @Override
        public void declaration(String name) {
            declaration.open(name);
        }
    }

    /** How large the sheet is shown; 1 is its natural size. */
    public double zoom() {
        return sheet.viewport().zoom();
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
    public String waitingFor() {
        return "";
    }

    @Override
    public boolean hasErrors() {
        return workspace.projection().get().report().count(Level.ERROR) > 0;
    }

    /** What typing on a card and looking at one need is loaded after the first look at the sheet, so that the first card opens at once. */
    @Override
    public void shown() {
        sheet.requestFocus();
        if (!warm) {
            warm = true;
            Thread loading = new Thread(DrawStage::load, "loading");
            loading.setDaemon(true);
            loading.setPriority(Thread.MIN_PRIORITY);
            PauseTransition firstLook = new PauseTransition(FIRST_LOOK);
            firstLook.setOnFinished(e -> loading.start());
            firstLook.play();
        }
    }

    private static void load() {
        Entity entity = Entity.of("none").withAttributes(List.of(Attribute.of("id", Type.of(Scalar.SERIAL))));
        new CardLines(entity);
        Targets.usual().files(Design.named("none").withEntities(List.of(entity)));
    }
}
