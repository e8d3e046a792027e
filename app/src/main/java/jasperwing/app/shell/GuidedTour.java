package jasperwing.app.shell;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A few stops through the window, one note after the other; what each is about is shown beside it. It can be left at any time. */
public final class GuidedTour extends VBox {
    private static final double WIDTH = 340;

    private final Label count = new Label();
    private final Label title = new Label();
    private final Label text = new Label();
    private final Button back = new Button("Back");
    private final Button next = new Button("Next");
    private List<Stop> stops = List.of();
    private int at;

    /**
     * A stop.
     *
     * @param show brings what it is about to be seen
     */
    public record Stop(String title, String text, Runnable show) {}

    GuidedTour() {
        setId("tour");
        getStyleClass().add("tour");
        setMaxSize(WIDTH, USE_PREF_SIZE);
        setPrefWidth(WIDTH);
        count.getStyleClass().add("quiet");
        title.getStyleClass().add("lens-title");
        title.setWrapText(true);
        text.setWrapText(true);
        text.setMinHeight(Region.USE_PREF_SIZE);
        next.setId("tour-next");
        next.getStyleClass().add("primary");
        next.setOnAction(e -> go(at + 1));
        back.setId("tour-back");
        back.setOnAction(e -> go(at - 1));
        Button leave = new Button("Leave the tour");
        leave.setId("tour-leave");
        leave.getStyleClass().add("bare");
        leave.setOnAction(e -> leave());
        HBox buttons = new HBox(8, next, back, leave);
        buttons.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(count, title, text, buttons);
        setVisible(false);
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                leave();
                e.consume();
            }
        });
    }

    /** Begins at the first stop. */
    void begin(List<Stop> all) {
        stops = List.copyOf(all);
        setVisible(true);
        go(0);
    }

    private void go(int stop) {
        if (stop >= stops.size()) {
            leave();
            return;
        }
        at = Math.max(0, stop);
        Stop now = stops.get(at);
        count.setText("Stop " + (at + 1) + " of " + stops.size());
        title.setText(now.title());
        text.setText(now.text());
        back.setDisable(at == 0);
        next.setText(at == stops.size() - 1 ? "Finish" : "Next");
        now.show().run();
        next.requestFocus();
    }

    private void leave() {
        setVisible(false);
        getParent().requestFocus();
    }
}
