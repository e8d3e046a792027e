package jasperwing.app.shell;

import jasperwing.weigh.Way;
import jasperwing.weigh.Weighing;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The ways to keep something below each other, each with what it gives and costs and a button that switches to it. */
final class WaysBox extends VBox {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");

    WaysBox(Workspace workspace, Weighing weighing) {
        super(8);
        setId("ways");
        List<Way> ways = weighing.ways();
        ways.forEach(w -> getChildren().add(card(workspace, w)));
    }

    private static VBox card(Workspace workspace, Way way) {
        Label name = new Label(way.title());
        name.getStyleClass().add("weigh-way");
        name.setWrapText(true);
        Label more = new Label(way.now() ? "as it is now" : way.more());
        more.getStyleClass().add("faint");
        more.setWrapText(true);
        VBox card = new VBox(4, name, more);
        card.getStyleClass().add("weigh-card");
        card.pseudoClassStateChanged(NOW, way.now());
        if (way.hindrance().isPresent()) {
            Label why = new Label(way.hindrance().get());
            why.setWrapText(true);
            why.getStyleClass().add("hint");
            card.getChildren().add(why);
            return card;
        }
        way.facts().forEach(f -> card.getChildren().add(FactLine.of(f)));
        if (!way.now()) {
            Button use = new Button("Use this");
            use.getStyleClass().add("fix");
            use.setId("way-" + way.title().replace(' ', '-').replace(",", ""));
            use.setAccessibleText("Use this: " + way.title());
            use.setOnAction(e -> workspace.edit(way.edit()));
            card.getChildren().add(use);
        }
        return card;
    }
}
