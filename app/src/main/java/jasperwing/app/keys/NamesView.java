package jasperwing.app.keys;

import jasperwing.app.controls.Focus;
import jasperwing.app.workspace.Workspace;
import jasperwing.derive.NameChange;
import jasperwing.derive.Schema;
import jasperwing.model.Area;
import jasperwing.model.AreaEdits;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.DatabaseNaming.Rule;
import jasperwing.model.DatabaseNamingEdits;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.naming.Words;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** How tables and keys are called and where they lie. What a choice would rename is shown while one points at it or types. */
final class NamesView implements KeysView {
    /** More names than these are counted. */
    private static final int MOST = 200;

    private final Workspace workspace;
    private final FlowPane choices = new FlowPane(48, 14);
    private final VBox preview = new VBox(8);
    private final ScrollPane view;
    private Said shown;

    /** What the choices are made of. */
    private record Said(DatabaseNaming naming, List<Area> areas, boolean schemas) {}

    NamesView(Workspace workspace) {
        this.workspace = workspace;
        VBox content = new VBox(18, choices, preview);
        content.getStyleClass().add("keys");
        preview.setId("names-preview");
        view = new ScrollPane(content);
        view.getStyleClass().add("stage-scroll");
        view.setFitToWidth(true);
    }

    @Override
    public Node node() {
        return view;
    }

    @Override
    public void refresh() {
        Design design = workspace.design();
        Said now = new Said(
                design.naming(),
                design.areas(),
                workspace.projection().get().schema().dialect().hasNamespaces());
        if (!now.equals(shown)) {
            shown = now;
            Focus.keep(choices, () -> choices.getChildren().setAll(choices(now)));
            nothing();
        }
    }

    private List<Node> choices(Said said) {
        VBox rules = new VBox();
        for (Rule rule : Rule.values()) {
            rules.getChildren().add(rule(rule, said.naming().has(rule)));
        }
        GridPane begin = fields();
        field(begin, "prefix", "Tables begin with", said.naming().prefix(), "nothing", DatabaseNamingEdits::prefix);
        GridPane fields = fields();
        field(fields, "schema", "Schema", said.naming().schema(), "the one that is there", DatabaseNamingEdits::schema);
        String usual =
                said.naming().schema().isEmpty() ? "the same" : said.naming().schema();
        for (Area area : said.areas()) {
            field(
                    fields,
                    "schema-" + area.name(),
                    "Schema of " + area.name(),
                    area.schema(),
                    usual,
                    s -> AreaEdits.schema(area.name(), s));
        }
        VBox named = new VBox(10, rules, begin);
        return said.schemas() ? List.of(named, fields) : List.of(named);
    }

    private static GridPane fields() {
        GridPane fields = new GridPane();
        fields.setHgap(10);
        fields.setVgap(6);
        return fields;
    }

    private Node rule(Rule rule, boolean said) {
        CheckBox box = new CheckBox(Words.capitalised(rule.words()));
        box.setId("names-" + rule.name());
        box.setSelected(said);
        box.setMinWidth(Region.USE_PREF_SIZE);
        Edit other = DatabaseNamingEdits.rule(rule, !said);
        box.setOnAction(e -> workspace.edit(DatabaseNamingEdits.rule(rule, box.isSelected())));
        Label example = new Label(rule.example());
        example.getStyleClass().add("quiet");
        HBox row = new HBox(10, box, example);
        row.getStyleClass().add("names-rule");
        String what = (said ? "Without \u201c" : "\u201c") + Words.capitalised(rule.words()) + "\u201d";
        row.setOnMouseEntered(e -> preview(what, other));
        row.setOnMouseExited(e -> nothing());
        box.focusedProperty().addListener((o, was, is) -> {
            if (is) {
                preview(what, other);
            }
        });
        return row;
    }

    private void field(
            GridPane fields, String id, String name, String value, String prompt, Function<String, Edit> edit) {
        TextField field = new TextField(value);
        field.setId("names-" + id);
        field.setPromptText(prompt);
        field.setAccessibleText(name);
        field.setPrefColumnCount(16);
        field.textProperty().addListener((o, was, is) -> preview(name + " " + is.strip(), edit.apply(is.strip())));
        field.setOnAction(e -> take(field, value, edit));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && field.getScene() != null) {
                take(field, value, edit);
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                field.setText(value);
                nothing();
                e.consume();
            }
        });
        Label label = new Label(name);
        label.setMinWidth(Region.USE_PREF_SIZE);
        fields.addRow(fields.getRowCount(), label, field);
    }

    private void take(TextField field, String value, Function<String, Edit> edit) {
        String now = field.getText().strip();
        if (!now.equals(value)) {
            workspace.edit(edit.apply(now));
        }
    }

    private void nothing() {
        Label hint =
                new Label("Point at a choice to see what it would rename. A name that is given below an entity or a"
                        + " relationship stays as it is.");
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        preview.getChildren().setAll(hint);
    }

    private void preview(String what, Edit edit) {
        Design design = workspace.design();
        Schema schema = workspace.projection().get().schema();
        List<NameChange> changes = NameChange.between(schema, Schema.derive(edit.on(design), schema.dialect())).stream()
                .sorted(Comparator.comparing(NameChange::kind))
                .toList();
        Label title = new Label(
                changes.isEmpty()
                        ? what + " would rename nothing."
                        : what + " would rename " + NameChange.counted(changes) + ".");
        title.setId("names-renamed");
        title.getStyleClass().add("strong");
        title.setWrapText(true);
        preview.getChildren().setAll(title);
        if (!changes.isEmpty()) {
            preview.getChildren().add(table(changes));
        }
        if (changes.size() > MOST) {
            preview.getChildren().add(new Label("and " + (changes.size() - MOST) + " more"));
        }
    }

    private static Node table(List<NameChange> changes) {
        GridPane table = new GridPane();
        table.getStyleClass().addAll("ledger", "names");
        table.addRow(0, cell("Name", "quiet"), cell("Becomes", "quiet"), cell("What it is", "quiet"));
        for (NameChange change : changes.subList(0, Math.min(MOST, changes.size()))) {
            table.addRow(
                    table.getRowCount(),
                    cell(change.was(), "code"),
                    cell(change.now(), "code"),
                    cell(what(change), "quiet"));
        }
        return table;
    }

    private static Label cell(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().addAll("ledger-cell", style);
        return label;
    }

    private static String what(NameChange change) {
        return change.kind().words() + (change.table().equals(change.was()) ? "" : " of " + change.table());
    }
}
