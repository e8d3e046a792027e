package jasperwing.app.keys;

import jasperwing.app.controls.CodeLine;
import jasperwing.app.files.PathPrompt;
import jasperwing.app.workspace.Projection;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.derive.GuardTriggers;
import jasperwing.derive.Schema;
import jasperwing.derive.SqlOrigin;
import jasperwing.derive.SqlScript;
import jasperwing.naming.Words;
import jasperwing.storage.SafeWrite;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The script that creates the tables, line by line; a click on a line selects what it was derived from. */
final class SqlView implements KeysView {
    private static final PseudoClass MARKED = PseudoClass.getPseudoClass("marked");

    private final Workspace workspace;
    private final ComboBox<SqlScope> scope = new ComboBox<>();
    private final ToggleButton triggers = new ToggleButton("Triggers");
    private final Button copy = new Button("Copy");
    private final Button save = new Button("Save\u2026");
    private final Label state = new Label();
    private final Label origin = new Label();
    private final ListView<SqlScript.Line> lines = new ListView<>();
    private final VBox view;
    private SqlScript shown = new SqlScript(List.of());
    private Selection marked = Selection.NONE;
    private boolean refreshing;
    private boolean choosing;

    SqlView(Workspace workspace, PathPrompt prompt) {
        this.workspace = workspace;
        scope.setId("sql-scope");
        scope.setAccessibleText("Which tables are written");
        scope.getItems().setAll(SqlScope.WHOLE, SqlScope.SELECTED);
        scope.setValue(SqlScope.WHOLE);
        scope.setOnAction(e -> refresh());
        triggers.setId("sql-triggers");
        triggers.setTooltip(new Tooltip("Also writes triggers for what no constraint can enforce"));
        triggers.setOnAction(e -> refresh());
        copy.setId("sql-copy");
        copy.setTooltip(new Tooltip("Copies the script; of several selected lines, those"));
        copy.setOnAction(e -> copy());
        save.setId("sql-save");
        save.setOnAction(e -> ask(prompt));
        List.of(triggers, copy, save).forEach(b -> b.getStyleClass().add("pill"));
        state.getStyleClass().add("quiet");
        state.setId("sql-state");
        FlowPane tools = new FlowPane(8, 6, scope, triggers, copy, save, state);
        tools.setAlignment(Pos.CENTER_LEFT);
        list();
        origin.setId("sql-origin");
        origin.getStyleClass().add("quiet");
        origin.setWrapText(true);
        origin.setMinHeight(Region.USE_PREF_SIZE);
        VBox.setVgrow(lines, Priority.ALWAYS);
        view = new VBox(10, tools, lines, origin);
        view.getStyleClass().add("keys");
    }

    private void list() {
        lines.setId("sql-lines");
        lines.setAccessibleText("Lines of the script");
        lines.getStyleClass().addAll("code-lines", "sql-lines");
        lines.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        lines.setCellFactory(v -> new LineCell());
        lines.getSelectionModel().selectedIndexProperty().addListener((o, was, is) -> chosen());
        lines.setOnKeyPressed(e -> {
            if (e.isShortcutDown() && e.getCode() == KeyCode.C) {
                copy();
                e.consume();
            }
        });
    }

    @Override
    public Node node() {
        return view;
    }

    @Override
    public void refresh() {
        if (refreshing) {
            return;
        }
        refreshing = true;
        Projection projection = workspace.projection().get();
        Schema schema = projection.schema();
        offer(schema);
        triggers.setDisable(!GuardTriggers.areIn(schema.dialect()));
        Selection selection = workspace.selection().get();
        SqlScript script = scope.getValue()
                .script(projection.design(), schema, selection, triggers.isSelected() && !triggers.isDisabled());
        boolean other = !script.equals(shown);
        if (other) {
            shown = script;
            lines.getSelectionModel().clearSelection();
            lines.getItems().setAll(script.lines());
            say(schema.dialect().title() + " " + schema.dialect().oldest() + " or later \u00b7 "
                    + Words.count(script.lines().size(), "line"));
        }
        copy.setDisable(script.isEmpty());
        save.setDisable(script.isEmpty());
        mark(selection, other);
        explain();
        refreshing = false;
    }

    /** A table that is not there any more gives way to the whole schema. */
    private void offer(Schema schema) {
        List<SqlScope> scopes = SqlScope.of(schema);
        if (!scopes.equals(scope.getItems())) {
            SqlScope chosen = scope.getValue();
            scope.getItems().setAll(scopes);
            scope.setValue(scopes.contains(chosen) ? chosen : SqlScope.WHOLE);
        }
    }

    /** What was selected elsewhere is brought to be seen. */
    private void mark(Selection selection, boolean other) {
        if (!selection.equals(marked) || other) {
            marked = selection;
            lines.refresh();
            if (!choosing && !scope.getValue().selected()) {
                first(selection).ifPresent(i -> lines.scrollTo(Math.max(0, i - 2)));
            }
        }
    }

    private Optional<Integer> first(Selection selection) {
        for (int i = 0; i < shown.lines().size(); i++) {
            if (isMarked(shown.lines().get(i), selection)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    private static boolean isMarked(SqlScript.Line line, Selection selection) {
        return line.origin().filter(o -> SqlOriginText.isIn(selection, o)).isPresent();
    }

    private void chosen() {
        if (!refreshing) {
            choosing = true;
            line().flatMap(SqlScript.Line::origin)
                    .map(o -> SqlOriginText.selection(workspace.design(), o))
                    .filter(s -> !s.isEmpty() && !scope.getValue().selected())
                    .ifPresent(s -> workspace.selection().set(s));
            choosing = false;
            explain();
        }
    }

    private Optional<SqlScript.Line> line() {
        int index = lines.getSelectionModel().getSelectedIndex();
        return index < 0 || index >= shown.lines().size()
                ? Optional.empty()
                : Optional.of(shown.lines().get(index));
    }

    private void explain() {
        int number = lines.getSelectionModel().getSelectedIndex() + 1;
        Optional<SqlOrigin> from = line().flatMap(SqlScript.Line::origin);
        if (shown.isEmpty()) {
            origin.setText(
                    scope.getValue().selected()
                            ? "Nothing with a table is selected. Select an entity or a relationship."
                            : "There is no table yet. Draw an entity first.");
        } else {
            origin.setText(
                    line().isEmpty()
                            ? "Click a line to see what it is derived from."
                            : from.map(o -> "Line " + number + " is derived from \u201c"
                                            + SqlOriginText.of(workspace.design(), o) + "\u201d")
                                    .orElse("Line " + number + " belongs to the script as a whole."));
        }
    }

    private void say(String text) {
        state.setText(text);
    }

    private void copy() {
        List<SqlScript.Line> some = new ArrayList<>(lines.getSelectionModel().getSelectedItems());
        boolean all = some.size() < 2;
        ClipboardContent content = new ClipboardContent();
        content.putString(
                all ? shown.text() : some.stream().map(l -> l.text() + "\n").collect(Collectors.joining()));
        Clipboard.getSystemClipboard().setContent(content);
        say("Copied " + Words.count(all ? shown.lines().size() : some.size(), "line"));
    }

    private void ask(PathPrompt prompt) {
        Path design = workspace.path().get().orElse(Path.of(System.getProperty("user.home"), "design.wing"));
        String name = design.getFileName().toString().replaceFirst("\\.wing$", "");
        prompt.ask(
                "Save the script",
                "Save",
                design.resolveSibling(name + "." + workspace.dialect().get().word() + ".sql")
                        .toString(),
                ".sql",
                this::save);
    }

    /** @return what went wrong, if anything did */
    private Optional<String> save(Path file) {
        try {
            SafeWrite.write(file, shown.text());
            say("Saved as " + file.getFileName());
            return Optional.empty();
        } catch (IOException e) {
            return Optional.of("The script cannot be written: " + e.getMessage());
        }
    }

    /** A line with its number; those of what is selected stand out. */
    private final class LineCell extends ListCell<SqlScript.Line> {
        @Override
        protected void updateItem(SqlScript.Line line, boolean empty) {
            super.updateItem(line, empty);
            setText(null);
            setGraphic(empty || line == null ? null : face(line));
            pseudoClassStateChanged(MARKED, !empty && line != null && isMarked(line, marked));
        }

        private Node face(SqlScript.Line line) {
            Label number = new Label(String.valueOf(getIndex() + 1));
            number.getStyleClass().add("line-number");
            return new HBox(12, number, CodeLine.sql(line.text()));
        }
    }
}
