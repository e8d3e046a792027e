package jasperwing.app.draw;

import jasperwing.app.workspace.Projection;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.change.Consequences;
import jasperwing.model.Design;
import jasperwing.moves.Move;
import jasperwing.moves.Offer;
import jasperwing.moves.Offers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What the selection could become instead: the moves it allows, what each asks, and what would follow from it. */
final class MovesPane extends VBox {
    private final Workspace workspace;
    private final Runnable close;
    private final Label head = new Label();
    private final ListView<Offer> list = new ListView<>();
    private final MoveForm form;
    private final VBox preview = new VBox();
    private final VBox detail;

    /** @param close puts the pane away */
    MovesPane(Workspace workspace, Runnable close) {
        this.workspace = workspace;
        this.close = close;
        form = new MoveForm(this::look, this::make);
        getStyleClass().addAll("text-pane", "moves-pane");
        setId("moves-pane");
        head.getStyleClass().add("stage-title");
        head.setWrapText(true);
        HBox top = new HBox(head);
        top.getStyleClass().add("readings-head");
        list.setId("moves");
        list.setAccessibleText("Moves");
        list.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER) {
                form.takeFocus();
                e.consume();
            }
        });
        list.setCellFactory(l -> new TitleCell());
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> choose(is));
        preview.getStyleClass().add("moves-preview");
        detail = new VBox(form, preview);
        detail.getStyleClass().add("moves-detail");
        ScrollPane scroll = new ScrollPane(detail);
        scroll.setFitToWidth(true);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        HBox both = new HBox(list, scroll);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(top, both);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        workspace.projection().addListener((o, was, is) -> refresh());
        workspace.selection().addListener((o, was, is) -> refresh());
    }

    private static final class TitleCell extends ListCell<Offer> {
        TitleCell() {
            setWrapText(true);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Offer offer, boolean empty) {
            super.updateItem(offer, empty);
            setText(empty ? null : offer.title());
        }
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            close.run();
            e.consume();
        }
    }

    /** Looks at what is selected now, and takes the keys. */
    void shown() {
        refresh();
        list.requestFocus();
    }

    private void refresh() {
        if (getScene() == null) {
            return;
        }
        List<Offer> offers = offers();
        head.setText(
                offers.isEmpty()
                        ? "Select an entity or a line to see what it could become"
                        : "What " + subject() + " could become");
        String before = Optional.ofNullable(list.getSelectionModel().getSelectedItem())
                .map(Offer::title)
                .orElse("");
        list.getItems().setAll(offers);
        int index = Math.max(0, offers.stream().map(Offer::title).toList().indexOf(before));
        list.getSelectionModel().select(index);
        choose(offers.isEmpty() ? null : offers.get(index));
    }

    private List<Offer> offers() {
        Design design = workspace.design();
        Selection selection = workspace.selection().get();
        if (selection.relationship().isPresent()) {
            return Offers.ofRelationship(design, selection.relationship().get());
        }
        if (selection.entities().isEmpty()) {
            return List.of();
        }
        return selection.single().isPresent()
                ? Offers.ofEntity(design, selection.single().get())
                : Offers.ofEntities(design, new ArrayList<>(selection.entities()));
    }

    private String subject() {
        Selection selection = workspace.selection().get();
        return selection.single().orElse(selection.entities().isEmpty() ? "this relationship" : "these");
    }

    private void choose(Offer offer) {
        detail.setVisible(offer != null);
        if (offer != null) {
            form.show(offer);
            look();
        }
    }

    private void look() {
        Move move = form.move();
        Optional<String> hindrance = move.hindrance(workspace.design());
        form.hinder(hindrance);
        preview.getChildren().clear();
        if (hindrance.isEmpty()) {
            Projection now = workspace.projection().get();
            Consequences follow = Consequences.of(derived(now), derived(workspace.imagined(move)));
            preview.getChildren().setAll(ConsequencesView.of(follow));
        }
    }

    private static Consequences.Derived derived(Projection projection) {
        return new Consequences.Derived(projection.design(), projection.schema(), projection.report());
    }

    private void make() {
        if (form.move().hindrance(workspace.design()).isEmpty()) {
            workspace.edit(form.move());
            list.requestFocus();
        }
    }
}
