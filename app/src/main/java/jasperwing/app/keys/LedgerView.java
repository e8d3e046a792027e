package jasperwing.app.keys;

import jasperwing.app.controls.Focus;
import jasperwing.app.keys.KeyRows.KeyRow;
import jasperwing.app.keys.LedgerTable.Sorting;
import jasperwing.app.workspace.Workspace;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The keys as rows, sorted by a click on a head, narrowed by a word or to what is wrong, in groups. */
final class LedgerView implements KeysView {
    private static final List<String> KEY_HEADS =
            List.of("Column", "References", "Because it", "Type", "Nullable", "On delete", "Indexed");
    private static final List<String> KEY_HEADS_WITH_UPDATES =
            List.of("Column", "References", "Because it", "Type", "Nullable", "On delete", "Indexed", "On update");
    private static final List<String> JOIN_HEADS = List.of("Table", "Joins", "Primary key", "Carries", "In classes");
    private static final List<String> ONE_OF_HEADS =
            List.of("Columns", "References one of", "Kept as", "Type", "Indexed", "Enforced by the database");

    /** More rows than these are shown when asked for. */
    private static final int MOST = 120;

    /** What rows are put together by. */
    private enum Grouping {
        NONE("Not grouped", r -> ""),
        PARENT("By referenced table", KeyRow::parent),
        AREA("By area", r -> r.area().isEmpty() ? "In no area" : r.area());

        private final String words;
        private final Function<KeyRow, String> of;

        Grouping(String words, Function<KeyRow, String> of) {
            this.words = words;
            this.of = of;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    private final Workspace workspace;
    private final VBox content = new VBox();
    private final ScrollPane view = new ScrollPane(content);
    private final ToggleButton onlyWrong = new ToggleButton("Only problems");
    private final TextField filter = new TextField();
    private final ComboBox<Grouping> grouping = new ComboBox<>();
    private final Map<String, Sorting> sortings = new LinkedHashMap<>();
    private final HBox tools;
    private boolean all;

    LedgerView(Workspace workspace) {
        this.workspace = workspace;
        content.getStyleClass().add("keys");
        view.getStyleClass().add("stage-scroll");
        view.setFitToWidth(true);
        onlyWrong.getStyleClass().add("pill");
        onlyWrong.setMinWidth(Region.USE_PREF_SIZE);
        onlyWrong.setOnAction(e -> refresh());
        filter.setPromptText("Find a table, a column, a word\u2026");
        filter.setId("keys-filter");
        filter.setAccessibleText("Show only keys with these letters");
        filter.setPrefColumnCount(22);
        filter.textProperty().addListener((o, was, is) -> refresh());
        grouping.getItems().setAll(Grouping.values());
        grouping.setValue(Grouping.NONE);
        grouping.setId("keys-grouping");
        grouping.setAccessibleText("Group the keys");
        grouping.setOnAction(e -> refresh());
        tools = new HBox(8, filter, grouping, onlyWrong);
        tools.setAlignment(Pos.CENTER_LEFT);
    }

    @Override
    public Node node() {
        return view;
    }

    @Override
    public void refresh() {
        KeyRows rows = KeyRows.of(workspace.projection().get());
        List<Node> nodes = new ArrayList<>(List.of(tools));
        ledger(nodes, "", rows.updates() ? KEY_HEADS_WITH_UPDATES : KEY_HEADS, Set.of(2), rows.foreignKeys());
        ledger(nodes, "Join tables and link entities", JOIN_HEADS, Set.of(3), rows.joins());
        ledger(nodes, "One-of references", ONE_OF_HEADS, Set.of(1, 5), rows.oneOfs());
        if (nodes.size() == 1) {
            boolean none = onlyWrong.isSelected() || !filter.getText().isBlank();
            Label nothing = new Label(
                    !none
                            ? "No relationship needs a key yet."
                            : filter.getText().isBlank()
                                    ? "Nothing is wrong with any key."
                                    : "No key has these letters.");
            nothing.getStyleClass().add("quiet");
            nodes.add(nothing);
        }
        nodes.add(section("Order to create and fill (to empty and drop, in reverse)"));
        nodes.add(OrderFlow.of(workspace.projection().get()));
        Focus.keep(content, () -> content.getChildren().setAll(nodes));
    }

    private void ledger(List<Node> nodes, String name, List<String> heads, Set<Integer> growing, List<KeyRow> rows) {
        Sorting sorting = sortings.getOrDefault(name, Sorting.NONE);
        LedgerTable ledger = new LedgerTable(heads, growing, sorting, i -> {
            sortings.put(name, sorting.clicked(i));
            refresh();
        });
        List<KeyRow> shown = sorted(
                rows.stream()
                        .filter(r -> !onlyWrong.isSelected() || r.state().isPresent())
                        .filter(r -> r.has(filter.getText().strip()))
                        .toList(),
                sorting);
        fill(ledger, shown);
        if (!ledger.isEmpty()) {
            if (!name.isEmpty()) {
                nodes.add(section(name));
            }
            nodes.add(ledger);
            if (shown.size() > MOST && !all) {
                nodes.add(more(shown.size()));
            }
        }
    }

    private Button more(int count) {
        Button more = new Button("Show all " + count + " rows");
        more.getStyleClass().add("pill");
        more.setOnAction(e -> {
            all = true;
            refresh();
        });
        return more;
    }

    private static List<KeyRow> sorted(List<KeyRow> rows, Sorting sorting) {
        if (sorting.column() < 0) {
            return rows;
        }
        Comparator<KeyRow> by =
                Comparator.comparing(r -> r.cells().get(sorting.column()).text());
        return rows.stream().sorted(sorting.falling() ? by.reversed() : by).toList();
    }

    private void fill(LedgerTable ledger, List<KeyRow> rows) {
        List<KeyRow> some = all ? rows : rows.stream().limit(MOST).toList();
        Map<String, List<KeyRow>> groups = new LinkedHashMap<>();
        some.forEach(r -> groups.computeIfAbsent(grouping.getValue().of.apply(r), g -> new ArrayList<>())
                .add(r));
        groups.forEach((group, its) -> {
            if (!group.isEmpty()) {
                ledger.group(group);
            }
            its.forEach(r -> row(ledger, r));
        });
    }

    private void row(LedgerTable ledger, KeyRow row) {
        boolean chosen = workspace.selection().get().equals(row.about());
        ledger.row(row.state(), chosen, row.cells(), () -> workspace.selection().set(row.about()));
    }

    static Label section(String name) {
        Label label = new Label(name);
        label.getStyleClass().add("section");
        return label;
    }
}
