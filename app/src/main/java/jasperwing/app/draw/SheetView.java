package jasperwing.app.draw;

import jasperwing.app.sheet.Picture;
import jasperwing.app.sheet.Viewport;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.derive.Schema;
import jasperwing.diagram.Box;
import jasperwing.diagram.Card;
import jasperwing.diagram.Metrics;
import jasperwing.diagram.Point;
import jasperwing.diagram.Scene;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.picture.Emphasis;
import jasperwing.picture.PaintOptions;
import jasperwing.picture.Painter;
import jasperwing.picture.Typefaces;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleSupplier;
import javafx.beans.InvalidationListener;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/** The sheet: a painted picture of the scene; above it, as nodes, only what is being typed or dragged. */
final class SheetView extends Region {
    /** What the bars above and below take of the height. */
    private static final double MARGIN = 40;

    private static final double TOP = 26;

    /** For the names of areas above the sheet. */
    private static final double NAMES = 14;

    private static final double BOTTOM = 48;

    /** How far what is fitted may reach under the bars above it, since it keeps a margin of its own. */
    private static final double UNDER_BARS = 12;

    private final Workspace workspace;
    private final Viewport viewport = new Viewport();
    private final Picture picture = new Picture();
    private final Appearance appearance;
    private final Scenes scenes;
    private final Pane overlay = new Pane();
    private final Handles handles;
    private final StringProperty sheet = new SimpleStringProperty("");
    private final ObjectProperty<Optional<String>> edited = new SimpleObjectProperty<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Scene> scene = new ReadOnlyObjectWrapper<>(Scene.EMPTY);
    private Design preview;
    private Optional<Relationship> previewed = Optional.empty();
    private DoubleSupplier bars = () -> 0;
    /** What was selected last and is still to be brought to be seen; that waits until the bars lie where they belong. */
    private Selection toReveal = Selection.NONE;

    private boolean fitted;

    /** Whether the whole sheet is shown, and nobody has moved or zoomed since. */
    private boolean whole;

    private boolean fitting;

    /** Whether the design has changed since what is shown was built, while nobody saw it. */
    private boolean stale;

    SheetView(Workspace workspace, Appearance appearance) {
        this.workspace = workspace;
        this.appearance = appearance;
        this.handles = new Handles();
        this.scenes = new Scenes(workspace.background(), this::metrics, this::show);
        getStyleClass().add("sheet");
        setId("sheet");
        setFocusTraversable(true);
        overlay.setPickOnBounds(false);
        overlay.setManaged(false);
        handles.setManaged(false);
        getChildren().addAll(picture.node(), handles, overlay);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        listen();
        rebuild();
    }

    /** What tells how large cards are as they are shown. */
    Metrics metrics() {
        return Typefaces.get().showing(appearance.cards().get());
    }

    private void listen() {
        workspace.present().addListener((o, was, is) -> {
            fitted &= workspace.canUndo() || workspace.canRedo();
            stale = getScene() == null;
            if (!stale) {
                rebuild();
                paintAhead();
            }
        });
        sceneProperty().addListener((o, was, is) -> {
            if (is != null && stale) {
                stale = false;
                rebuild();
            }
        });
        workspace.selection().addListener((o, was, is) -> {
            toReveal = is;
            requestLayout();
        });
        sheet.addListener((o, was, is) -> {
            rebuild();
            fit();
        });
        InvalidationListener redraw = o -> requestLayout();
        edited.addListener(redraw);
        workspace.pointed().addListener(redraw);
        appearance.cards().addListener((o, was, is) -> refresh());
        appearance.whenLookChanges(this::requestLayout);
        viewport.view().addListener((o, was, is) -> {
            whole &= fitting;
            requestLayout();
        });
        widthProperty().addListener((o, was, is) -> refit());
        heightProperty().addListener((o, was, is) -> refit());
    }

    private void refresh() {
        rebuild();
        refit();
    }

    /** A sheet that is shown whole stays so when a pane beside it comes or goes; one that was moved or zoomed stays where it is. */
    private void refit() {
        if (whole && fitted) {
            fit();
        }
    }

    /** Brings what was selected to be seen; several, and the ends of a line, only when they were selected elsewhere, so that they stay put. */
    private void reveal(Selection selection) {
        List<String> cards = new ArrayList<>(selection.single().stream().toList());
        if (!isFocused()) {
            cards.addAll(selection.entities());
            selection.relationship().ifPresent(r -> {
                cards.addAll(r.targets());
                cards.add(r.from());
            });
        }
        cards.stream()
                .distinct()
                .flatMap(c -> scene().card(c).stream())
                .map(Card::box)
                .reduce(Box::union)
                .ifPresent(this::reveal);
    }

    /** Moves no more than needed; where a box is larger than what is seen, the view shrinks to hold it. */
    private void reveal(Box box) {
        double zoom = viewport.zoom();
        boolean holds = box.width() + MARGIN <= getWidth() / zoom
                && box.height() + MARGIN <= (getHeight() - above() - BOTTOM) / zoom;
        if (holds) {
            viewport.reveal(box, getWidth(), getHeight());
        } else {
            fit(box, 0);
        }
    }

    /** The name of the sheet shown; empty for that of all entities. */
    StringProperty sheet() {
        return sheet;
    }

    /** The entity whose lines are being typed on, above the picture. */
    ObjectProperty<Optional<String>> edited() {
        return edited;
    }

    Viewport viewport() {
        return viewport;
    }

    Scene scene() {
        return scene.get();
    }

    ReadOnlyObjectProperty<Scene> shown() {
        return scene.getReadOnlyProperty();
    }

    /** The picture itself, as what mouse events name. */
    Node picture() {
        return picture.node();
    }

    /** Where nodes above the picture go. */
    Pane overlay() {
        return overlay;
    }

    /** Shows another design for the time of a drag. */
    void preview(Design design) {
        preview = design;
        rebuild();
    }

    /** Shows another design for the time of a drag, with a relationship brought out. */
    void preview(Design design, Relationship relationship) {
        previewed = Optional.of(relationship);
        preview(design);
    }

    /** Shows the design as it is. */
    void endPreview() {
        previewed = Optional.empty();
        preview(null);
    }

    /** Tells down to where bars cover the sheet; asked when the sheet is fitted. */
    void setBars(DoubleSupplier bottom) {
        bars = bottom;
    }

    void fit() {
        fitting = true;
        fit(scene().bounds(), appearance.regions().get() && !scene().regions().isEmpty() ? NAMES : 0);
        fitting = false;
        whole = true;
    }

    /** Shows a box between the bars. */
    private void fit(Box box, double more) {
        double above = above() + more;
        viewport.fit(box, getWidth(), getHeight() - above - BOTTOM);
        viewport.pan(0, above);
    }

    private double above() {
        return Math.max(TOP, bars.getAsDouble() - UNDER_BARS);
    }

    private void rebuild() {
        Design design = preview != null ? preview : workspace.design();
        scenes.build(design, sheet.get());
    }

    /** Paints while what follows from the design is still being found out, unless the picture tells of that. */
    private void paintAhead() {
        if (!Painter.tellsColumns(viewport.zoom())) {
            layout();
        }
    }

    /** Shows a scene until the design or the sheet changes. */
    void show(Scene shown) {
        scene.set(shown);
        requestLayout();
    }

    /** Whether lines are still being looked for. */
    boolean isBusy() {
        return scenes.isBusy();
    }

    @Override
    protected void layoutChildren() {
        if (!fitted && getWidth() > 0 && getHeight() > 0) {
            fitted = true;
            fit();
        }
        Selection revealed = toReveal;
        toReveal = Selection.NONE;
        reveal(revealed);
        double output = getScene() == null ? 1 : getScene().getWindow().getOutputScaleX();
        double scale = output * appearance.scale().get();
        PaintOptions look = appearance.look().withColumns(this::column);
        Optional<Object> columns = Painter.tellsColumns(viewport.zoom())
                ? Optional.of(workspace.projection().get())
                : Optional.empty();
        Picture.Content content = new Picture.Content(scene(), emphasis(), look, columns);
        picture.show(content, viewport.view().get(), getWidth(), getHeight(), scale);
        overlay.resizeRelocate(0, 0, getWidth(), getHeight());
        handles.resizeRelocate(0, 0, getWidth(), getHeight());
        handles.show(scene(), viewport.view().get());
        super.layoutChildren();
    }

    private String column(String entity, String attribute) {
        Schema schema = workspace.projection().get().schema();
        return schema.table(entity).stream()
                .flatMap(t -> t.columnsOf(attribute).stream())
                .findFirst()
                .map(c -> c.name() + " " + schema.type(c) + (c.required() ? " not null" : ""))
                .orElse("");
    }

    private Emphasis emphasis() {
        Selection selection = workspace.selection().get();
        return new Emphasis(
                selection.entities(),
                previewed.or(selection::relationship).map(Set::of).orElse(Set.of()),
                Set.of(workspace.pointed().get()),
                edited.get().map(Set::of).orElse(Set.of()));
    }

    /** Where a card stands, in this node's pixels; empty when it is not on the sheet. */
    Optional<Box> onScreen(String entity) {
        return scene().card(entity).map(this::onScreen);
    }

    /** Where a card of the sheet stands, in this node's pixels. */
    Box onScreen(Card card) {
        Box box = card.box();
        Point at = viewport.toScreen(new Point(box.x(), box.y()));
        return new Box(at.x(), at.y(), box.width() * viewport.zoom(), box.height() * viewport.zoom());
    }
}
