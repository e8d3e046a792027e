package jasperwing.app.draw;

import jasperwing.complete.Proposal;
import jasperwing.complete.Proposals;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The ways to go on, below the caret. One is chosen; it is taken by Tab, by Enter once the arrow keys were used, or by a click. */
final class CompletionList extends VBox {
    private static final double WIDTH = 330;

    private final Pane overlay;
    private final Consumer<Proposal> taken;
    private Proposals proposals = new Proposals(0, List.of());
    private int chosen;
    private boolean meant;

    /** @param overlay what it is shown in */
    CompletionList(Pane overlay, Consumer<Proposal> taken) {
        this.overlay = overlay;
        this.taken = taken;
        getStyleClass().add("completion");
        setId("completion");
        setPrefWidth(WIDTH);
        setManaged(false);
    }

    boolean isOpen() {
        return getParent() != null;
    }

    int from() {
        return proposals.from();
    }

    /** The chosen proposal, if the list is open. */
    Optional<Proposal> chosen() {
        return isOpen() ? Optional.of(proposals.list().get(chosen)) : Optional.empty();
    }

    /** Whether the choice was made by hand and is not just the first. */
    boolean isMeant() {
        return isOpen() && meant;
    }

    void show(Proposals now, Optional<Bounds> caret) {
        proposals = now;
        chosen = 0;
        meant = false;
        if (now.isEmpty() || caret.isEmpty()) {
            hide();
            return;
        }
        rebuild();
        if (!isOpen()) {
            overlay.getChildren().add(this);
        }
        place(caret.get());
    }

    /** Below the caret, or above it where there is no room below. */
    private void place(Bounds caret) {
        applyCss();
        double height = prefHeight(WIDTH);
        Point2D below = overlay.screenToLocal(caret.getMinX(), caret.getMaxY());
        Point2D above = overlay.screenToLocal(caret.getMinX(), caret.getMinY());
        double x = Math.max(4, Math.min(below.getX() - 10, overlay.getWidth() - WIDTH - 4));
        boolean fits = below.getY() + 4 + height < overlay.getHeight();
        resizeRelocate(x, fits ? below.getY() + 4 : above.getY() - height - 4, WIDTH, height);
    }

    void hide() {
        overlay.getChildren().remove(this);
    }

    void choose(int by) {
        int count = proposals.list().size();
        chosen = (chosen + by + count) % count;
        meant = true;
        rebuild();
    }

    private void rebuild() {
        getChildren().clear();
        for (int i = 0; i < proposals.list().size(); i++) {
            getChildren().add(row(proposals.list().get(i), i == chosen));
        }
    }

    private Region row(Proposal proposal, boolean isChosen) {
        Label insert = new Label(proposal.insert().strip());
        insert.getStyleClass().addAll("code", isChosen ? "strong" : "plain");
        insert.setMinWidth(USE_PREF_SIZE);
        Label hint = new Label(proposal.hint());
        hint.getStyleClass().add("faint");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox row = new HBox(10, insert, space, hint);
        row.getStyleClass().add("completion-row");
        if (isChosen) {
            row.getStyleClass().add("chosen");
        }
        row.setOnMousePressed(e -> {
            taken.accept(proposal);
            e.consume();
        });
        return row;
    }
}
