package jasperwing.app.lens;

import jasperwing.app.controls.FactLine;
import jasperwing.app.controls.WayCard;
import jasperwing.app.workspace.Workspace;
import jasperwing.weigh.Alternative;
import jasperwing.weigh.Alternatives;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** The ways to keep something below each other, each with what it gives and costs and a button that switches to it. */
final class WaysBox extends VBox {
    WaysBox(Workspace workspace, Alternatives weighing) {
        super(8);
        setId("ways");
        List<Alternative> ways = weighing.ways();
        ways.forEach(w -> getChildren().add(card(workspace, w)));
    }

    private static VBox card(Workspace workspace, Alternative way) {
        VBox card = new WayCard(way, "as it is now", 4);
        if (way.hindrance().isPresent()) {
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
