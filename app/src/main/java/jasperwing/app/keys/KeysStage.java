package jasperwing.app.keys;

import jasperwing.app.keys.KeyRows.KeyRow;
import jasperwing.app.shell.Focus;
import jasperwing.app.shell.Stage;
import jasperwing.app.shell.Workspace;
import jasperwing.findings.Level;
import jasperwing.schema.Order;
import jasperwing.schema.Table;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Is every foreign key and join table right? The lens beside it gives the reason and the fixes of the row selected. */
public final class KeysStage implements Stage {
    private static final List<String> KEY_HEADS =
            List.of("Column", "Points to", "Because it", "Types", "Empty", "Parent goes", "Indexed");
    private static final List<String> JOIN_HEADS = List.of("Table", "Joins", "Identity", "Carries", "Classes see");
    private static final List<String> ONE_OF_HEADS =
            List.of("Columns", "Points to one of", "Kept as", "Enforced by the database");

    private final Workspace workspace;
    private final VBox content = new VBox();
    private final ScrollPane view = new ScrollPane(content);
    private final ToggleButton onlyWrong = new ToggleButton("Only what is wrong");
    private final Label counts = new Label();
    private final HBox head;
    private boolean stale = true;

    public KeysStage(Workspace workspace) {
        this.workspace = workspace;
        content.getStyleClass().add("keys");
        view.getStyleClass().add("stage-scroll");
        view.setFitToWidth(true);
        Label title = new Label("Every key the design needs");
        title.getStyleClass().add("stage-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        counts.getStyleClass().add("quiet");
        onlyWrong.getStyleClass().add("pill");
        onlyWrong.setMinWidth(Region.USE_PREF_SIZE);
        onlyWrong.setOnAction(e -> refresh());
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        head = new HBox(14, title, counts, space, onlyWrong);
        head.setAlignment(Pos.CENTER_LEFT);
        workspace.projection().addListener((o, was, is) -> changed());
        workspace.selection().addListener((o, was, is) -> changed());
    }

    private void changed() {
        stale = true;
        if (view.getScene() != null) {
            refresh();
        }
    }

    private void refresh() {
        stale = false;
        KeyRows rows = KeyRows.of(workspace.projection().get());
        counts.setText(count(rows.foreignKeys().size(), "foreign key") + " \u00b7 "
                + count(rows.joins().size(), "join table")
                + " \u00b7 " + count(rows.oneOfs().size(), "one-of reference") + " \u00b7 "
                + workspace.projection().get().schema().dialect().title());
        List<Node> nodes = new ArrayList<>(List.of(head));
        ledger(nodes, "", new Ledger(KEY_HEADS, 2), rows.foreignKeys());
        ledger(nodes, "Join tables", new Ledger(JOIN_HEADS, 3), rows.joins());
        ledger(nodes, "One-of references", new Ledger(ONE_OF_HEADS, 3), rows.oneOfs());
        if (nodes.size() == 1) {
            nodes.add(new Label(
                    onlyWrong.isSelected() ? "Nothing is wrong with any key." : "No relationship needs a key yet."));
        }
        nodes.add(section("Order to create and fill"));
        nodes.add(order());
        Focus.keep(content, () -> content.getChildren().setAll(nodes));
    }

    private static String count(int number, String what) {
        return number + " " + what + (number == 1 ? "" : "s");
    }

    private void ledger(List<Node> nodes, String name, Ledger ledger, List<KeyRow> rows) {
        for (KeyRow row : rows) {
            if (!onlyWrong.isSelected() || row.state().isPresent()) {
                boolean chosen = workspace.selection().get().equals(row.about());
                ledger.row(row.state(), chosen, row.cells(), () -> workspace
                        .selection()
                        .set(row.about()));
            }
        }
        if (!ledger.isEmpty()) {
            if (!name.isEmpty()) {
                nodes.add(section(name));
            }
            nodes.add(ledger);
        }
    }

    private static Label section(String name) {
        Label label = new Label(name);
        label.getStyleClass().add("section");
        return label;
    }

    private Node order() {
        FlowPane flow = new FlowPane(18, 8);
        flow.getStyleClass().add("order");
        List<List<Table>> steps =
                Order.of(workspace.projection().get().schema()).steps();
        for (int i = 0; i < steps.size(); i++) {
            Label number = new Label(String.valueOf(i + 1));
            number.getStyleClass().add("order-number");
            Label names = new Label(String.join(
                    " \u00b7 ", steps.get(i).stream().map(Table::name).toList()));
            names.setWrapText(true);
            names.setMaxWidth(640);
            number.setMinWidth(Region.USE_PREF_SIZE);
            flow.getChildren().add(new HBox(8, number, names));
        }
        return flow;
    }

    @Override
    public String name() {
        return "Keys";
    }

    @Override
    public String icon() {
        return "M9 12 A4 4 0 1 1 1 12 A4 4 0 1 1 9 12 M9 12 H22 M18 12 V16 M22 12 V15";
    }

    @Override
    public Node view() {
        return view;
    }

    @Override
    public int waiting() {
        return workspace.projection().get().report().byRelationship().size();
    }

    @Override
    public boolean hasFaults() {
        return workspace.projection().get().report().byRelationship().containsValue(Level.FAULT);
    }

    @Override
    public void shown() {
        if (stale) {
            refresh();
        }
    }
}
