package jasperwing.app.keys;

import jasperwing.app.files.PathPrompt;
import jasperwing.app.shell.Stage;
import jasperwing.app.workspace.Appearance;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.findings.Level;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * Is every foreign key and join table right? In rows, as the ripple of a delete, as a matrix, as a picture of the tables, as the SQL that creates them, and by their names. The lens
 * beside it gives the reason and the fixes of what is selected.
 */
public final class KeysStage implements Stage {
    /** What the buttons above take on one line; where there is less room they take several. */
    private static final double BUTTONS = 690;

    private final Workspace workspace;
    private final List<Choice> choices;
    private final Label counts = new Label();
    private final Button onDraw = new Button("Show on Draw");
    private final BorderPane frame = new BorderPane();
    private Choice seen;
    private Runnable toDraw = () -> {};
    private boolean stale = true;

    public KeysStage(Workspace workspace, Appearance appearance, PathPrompt prompt) {
        this.workspace = workspace;
        choices = List.of(
                new Choice("Ledger", () -> new LedgerView(workspace)),
                new Choice("Delete effects", () -> new RippleView(workspace)),
                new Choice("Matrix", () -> new MatrixView(workspace, appearance)),
                new Choice("Tables", () -> new TablesView(workspace, appearance, prompt)),
                new Choice("SQL", () -> new SqlView(workspace, prompt)),
                new Choice("Names", () -> new NamesView(workspace)));
        seen = choices.get(0);
        frame.setTop(head());
        frame.setMinWidth(0);
        workspace.projection().addListener((o, was, is) -> changed());
        workspace.selection().addListener((o, was, is) -> changed());
    }

    /** A way to look at the keys, made when it is first looked at. */
    private static final class Choice {
        private final String name;
        private final Supplier<KeysView> make;
        private KeysView made;

        Choice(String name, Supplier<KeysView> make) {
            this.name = name;
            this.make = make;
        }

        KeysView view() {
            if (made == null) {
                made = make.get();
            }
            return made;
        }
    }

    /** @param action brings Draw to be seen */
    public void whenShownOnDraw(Runnable action) {
        toDraw = action;
    }

    private HBox head() {
        Label title = new Label("Keys and tables");
        title.getStyleClass().add("stage-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        counts.getStyleClass().add("quiet");
        counts.setWrapText(true);
        onDraw.getStyleClass().add("pill");
        onDraw.setId("show-on-draw");
        onDraw.setMinWidth(Region.USE_PREF_SIZE);
        onDraw.setTooltip(new Tooltip("Goes to what is selected on the sheet"));
        onDraw.setOnAction(e -> toDraw.run());
        VBox about = new VBox(1, title, counts);
        FlowPane buttons = new FlowPane(8, 6);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        buttons.setPrefWrapLength(BUTTONS);
        HBox.setHgrow(buttons, Priority.ALWAYS);
        HBox head = new HBox(8, about, buttons);
        head.setMinWidth(0);
        ToggleGroup group = new ToggleGroup();
        choices.forEach(c -> buttons.getChildren().add(button(c, group)));
        FlowPane.setMargin(onDraw, new Insets(0, 0, 0, 14));
        buttons.getChildren().add(onDraw);
        head.getStyleClass().add("keys-head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private ToggleButton button(Choice choice, ToggleGroup group) {
        ToggleButton button = new ToggleButton(choice.name);
        button.getStyleClass().add("pill");
        button.setId("keys-" + choice.name.split(" ")[0]);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setToggleGroup(group);
        button.setSelected(choice == seen);
        button.setOnAction(e -> {
            button.setSelected(true);
            look(choice);
        });
        return button;
    }

    private void look(Choice choice) {
        seen = choice;
        refresh();
    }

    private void changed() {
        stale = true;
        if (frame.getScene() != null) {
            refresh();
        }
    }

    private void refresh() {
        stale = false;
        counts.setText(counts(workspace.projection().get().schema()));
        onDraw.setDisable(workspace.selection().get().equals(Selection.NONE));
        frame.setCenter(seen.view().node());
        seen.view().refresh();
    }

    private static String counts(Schema schema) {
        List<String> parts = new ArrayList<>();
        long keys = schema.tables().stream()
                .flatMap(t -> t.references().stream())
                .filter(Reference::enforced)
                .count();
        long joins = schema.tables().stream()
                .filter(t -> t.source() instanceof DerivedTable.Source.OfJoin)
                .count();
        parts.add(count(schema.tables().size(), "table"));
        parts.add(count(keys, "foreign key"));
        parts.add(count(joins, "join table"));
        parts.add(schema.dialect().title());
        return String.join(" \u00b7 ", parts);
    }

    private static String count(long number, String what) {
        return number + " " + what + (number == 1 ? "" : "s");
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
        return frame;
    }

    @Override
    public int waiting() {
        return workspace.projection().get().report().byRelationship().size();
    }

    @Override
    public String waitingFor() {
        return Words.count(waiting(), "relationship") + " with errors or warnings";
    }

    @Override
    public boolean hasErrors() {
        return workspace.projection().get().report().byRelationship().containsValue(Level.ERROR);
    }

    @Override
    public boolean weighs() {
        return true;
    }

    @Override
    public void shown() {
        if (stale) {
            refresh();
        }
    }
}
