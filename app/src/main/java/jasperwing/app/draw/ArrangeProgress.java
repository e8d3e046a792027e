package jasperwing.app.draw;

import jasperwing.app.workspace.Background;
import jasperwing.app.workspace.Workspace;
import jasperwing.arrange.Arrange;
import jasperwing.arrange.Progress;
import jasperwing.diagram.Card;
import jasperwing.diagram.Metrics;
import jasperwing.diagram.Point;
import jasperwing.diagram.Scene;
import jasperwing.model.Design;
import jasperwing.model.Place;
import jasperwing.model.SheetEdits;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.animation.Animation;
import javafx.animation.Interpolator;
import javafx.animation.Transition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.util.Duration;

/** Arranges cards away from the window's thread, shows how far it is, can be cancelled; then moves them to their places, as one edit. */
final class ArrangeProgress extends HBox {
    private static final Duration MOVE = Duration.millis(280);

    private final Workspace workspace;
    private final SheetView sheet;
    private final ProgressBar bar = new ProgressBar();
    private final ReadOnlyBooleanWrapper running = new ReadOnlyBooleanWrapper();
    private final Background.Worker thread;
    private AtomicBoolean cancelled = new AtomicBoolean();

    ArrangeProgress(Workspace workspace, SheetView sheet) {
        this.workspace = workspace;
        this.sheet = sheet;
        this.thread = workspace.background().worker("arranging cards");
        getStyleClass().add("arranging");
        setId("arranging");
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        Button cancel = new Button("Cancel");
        cancel.setId("arranging-cancel");
        cancel.setOnAction(e -> cancel());
        bar.setPrefWidth(160);
        getChildren().addAll(new Label("Arranging\u2026"), bar, cancel);
        visibleProperty().bind(running);
        managedProperty().bind(running);
    }

    /** Whether cards are being arranged or are on their way. */
    ReadOnlyBooleanProperty running() {
        return running.getReadOnlyProperty();
    }

    /** What is to be arranged of a design on a sheet. */
    private interface Work {
        Optional<List<Place>> places(Design design, String sheet, Metrics metrics, Progress progress);
    }

    void everything() {
        start(Arrange::all);
    }

    void some(Set<String> entities) {
        start((design, name, metrics, progress) -> Arrange.some(design, name, entities, metrics, progress));
    }

    /** Only the cards that were never given a place. */
    void unplaced() {
        start(Arrange::unplaced);
    }

    /** Stops; the cards stay where they were. @return whether there was anything to stop */
    boolean cancel() {
        boolean stopped = running.get();
        cancelled.set(true);
        return stopped;
    }

    private void start(Work work) {
        if (running.get()) {
            return;
        }
        running.set(true);
        bar.setProgress(ProgressBar.INDETERMINATE_PROGRESS);
        AtomicBoolean stop = new AtomicBoolean();
        cancelled = stop;
        Design design = workspace.design();
        String name = sheet.sheet().get();
        Metrics metrics = sheet.metrics();
        thread.run(() -> {
            Optional<List<Place>> places = Optional.empty();
            try {
                places = work.places(design, name, metrics, new Watched(stop));
            } finally {
                Optional<List<Place>> found = stop.get() ? Optional.empty() : places;
                Platform.runLater(() -> arranged(design, found));
            }
        });
    }

    private final class Watched implements Progress {
        private final AtomicBoolean stop;

        Watched(AtomicBoolean stop) {
            this.stop = stop;
        }

        @Override
        public void at(double share) {
            Platform.runLater(() -> bar.setProgress(share));
        }

        @Override
        public boolean cancelled() {
            return stop.get();
        }
    }

    private void arranged(Design design, Optional<List<Place>> found) {
        List<Place> places = found.orElse(List.of());
        if (places.isEmpty()) {
            running.set(false);
            return;
        }
        Scene before = sheet.scene();
        Map<String, Point> targets = new HashMap<>();
        places.forEach(p -> targets.put(p.entity(), new Point(p.x(), p.y())));
        Animation move = new Move(before, targets);
        move.setOnFinished(e -> {
            sheet.endPreview();
            running.set(false);
            if (!cancelled.get()) {
                List<Place> still = places.stream()
                        .filter(p -> workspace.design().entity(p.entity()).isPresent())
                        .toList();
                workspace.edit(SheetEdits.place(still));
                if (still.size() == sheet.scene().cards().size() || workspace.design() == design) {
                    sheet.fit();
                }
            }
        });
        move.play();
    }

    /** Moves cards, without their lines, from where they stand to where they shall stand. */
    private final class Move extends Transition {
        private final Scene from;
        private final Map<String, Point> targets;

        Move(Scene from, Map<String, Point> targets) {
            this.from = from;
            this.targets = targets;
            setCycleDuration(MOVE);
            setInterpolator(Interpolator.EASE_BOTH);
        }

        @Override
        protected void interpolate(double share) {
            List<Card> cards = new ArrayList<>();
            for (Card card : from.cards()) {
                Point to = targets.get(card.entity());
                cards.add(
                        to == null
                                ? card
                                : card.at(new Point(
                                        card.box().x() + (to.x() - card.box().x()) * share,
                                        card.box().y() + (to.y() - card.box().y()) * share)));
            }
            sheet.show(Scene.of(cards));
        }
    }
}
