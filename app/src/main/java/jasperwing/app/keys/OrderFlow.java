package jasperwing.app.keys;

import jasperwing.app.workspace.Projection;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Order;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The steps in which tables can be created and filled, and what circles there are. */
final class OrderFlow {
    private OrderFlow() {}

    static Node of(Projection projection) {
        Schema schema = projection.schema();
        Order order = Order.ofRows(projection.design(), schema);
        FlowPane flow = new FlowPane(18, 8);
        List<List<DerivedTable>> steps = order.steps();
        for (int i = 0; i < steps.size(); i++) {
            Label number = new Label(String.valueOf(i + 1));
            number.getStyleClass().add("order-number");
            number.setMinWidth(Region.USE_PREF_SIZE);
            Label names =
                    new Label(steps.get(i).stream().map(DerivedTable::name).collect(Collectors.joining(" \u00b7 ")));
            names.setWrapText(true);
            names.setMaxWidth(640);
            flow.getChildren().add(new HBox(8, number, names));
        }
        VBox box = new VBox(8, flow);
        box.getStyleClass().add("order");
        for (Reference key : order.late()) {
            Label circle = new Label(circle(schema, key));
            circle.setWrapText(true);
            circle.getStyleClass().add("quiet");
            box.getChildren().add(circle);
        }
        return box;
    }

    /** Why a key waits, and how rows get in and out nevertheless. */
    private static String circle(Schema schema, Reference key) {
        DerivedTable table = schema.tables().stream()
                .filter(t -> t.references().contains(key))
                .findFirst()
                .orElseThrow();
        boolean must = key.columns().stream()
                .allMatch(c -> table.column(c).orElseThrow().required());
        String columns = table.name() + "." + String.join(", ", key.columns());
        return columns + " closes a circle: its key is added when all tables stand. "
                + (must
                        ? "It must be filled, so that no first row can be stored."
                        : "Leave it empty when a row is stored and fill it afterwards; empty it again before rows are deleted.");
    }
}
