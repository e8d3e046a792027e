package jasperwing.app.draw;

import jasperwing.app.controls.Focus;
import jasperwing.app.workspace.Projection;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.walk.Walk;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Walks from an entity along its roles, and shows each step, the SQL, the expression and other ways to the same place. */
final class WalkBar extends VBox {
    private static final int WIDTH = 520;

    private final Workspace workspace;
    private final SheetView sheet;
    private final Label from = new Label();
    private final TextField path = new TextField();
    private final FlowPane next = new FlowPane(6, 6);
    private final VBox result = new VBox(6);
    private String start = "";

    WalkBar(Workspace workspace, SheetView sheet) {
        this.workspace = workspace;
        this.sheet = sheet;
        getStyleClass().addAll("find-bar", "walk-bar");
        setId("walk-bar");
        setMaxSize(WIDTH, USE_PREF_SIZE);
        setAlignment(Pos.TOP_LEFT);
        setVisible(false);
        path.setId("walk-path");
        path.setAccessibleText("Roles joined by dots");
        path.setPromptText("Roles joined by dots; Tab completes, Enter goes there");
        path.textProperty().addListener((o, was, is) -> look());
        path.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        from.getStyleClass().add("strong");
        next.setPrefWrapLength(WIDTH - 30);
        next.setRowValignment(VPos.CENTER);
        getChildren().addAll(from, path, next, result);
        workspace.projection().addListener((o, was, is) -> look());
    }

    /** Begins at the entity that is selected; without one, at the first. */
    void open() {
        var first = workspace.design().entities().stream().findFirst().map(e -> e.name());
        workspace.selection().get().single().or(() -> first).ifPresent(entity -> {
            start = entity;
            from.setText("Walk from " + entity);
            setVisible(true);
            path.clear();
            look();
            Focus.take(path);
        });
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            hide();
            e.consume();
        } else if (e.getCode() == KeyCode.TAB && !e.isShiftDown()) {
            completions().stream().findFirst().ifPresent(this::goOn);
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER) {
            arrive();
            e.consume();
        }
    }

    private void hide() {
        setVisible(false);
        sheet.requestFocus();
    }

    private Walk walk() {
        return Walk.of(workspace.design(), start, path.getText());
    }

    private List<String> completions() {
        return Walk.completions(workspace.design(), start, path.getText());
    }

    private void goOn(String longer) {
        path.setText(longer);
        path.end();
    }

    /** Selects the entity the path leads to. */
    private void arrive() {
        Walk walk = walk();
        if (walk.problem().isEmpty() && workspace.design().entity(walk.end()).isPresent()) {
            workspace.selection().set(Selection.of(walk.end()));
            hide();
        }
    }

    private void look() {
        if (!isVisible()) {
            return;
        }
        Walk walk = walk();
        boolean whole = walk.problem().isEmpty() && !path.getText().endsWith(".");
        List<String> possible = new ArrayList<>(completions());
        if (possible.isEmpty() && whole) {
            possible.addAll(Walk.completions(workspace.design(), start, path.getText() + "."));
        }
        next.getChildren().setAll(possible.stream().map(this::pill).toList());
        if (!possible.isEmpty()) {
            next.getChildren().add(0, text("On to:", "quiet"));
        }
        List<Node> shown = new ArrayList<>();
        if (!walk.problem().isEmpty() && possible.isEmpty()) {
            shown.add(text(walk.problem(), "card-problem"));
        }
        if (!walk.steps().isEmpty()) {
            shown.addAll(steps(walk));
        }
        result.getChildren().setAll(shown);
    }

    private Node pill(String longer) {
        Button button = new Button(longer.substring(longer.lastIndexOf('.') + 1));
        button.setMnemonicParsing(false);
        button.getStyleClass().add("bar-button");
        button.setTooltip(new Tooltip("Walk on to " + longer));
        button.setOnAction(e -> {
            goOn(longer);
            path.requestFocus();
        });
        return button;
    }

    private List<Node> steps(Walk walk) {
        Projection projection = workspace.projection().get();
        List<Node> nodes = new ArrayList<>();
        String steps = walk.steps().stream()
                .map(s -> s.name() + " " + s.count() + " " + s.to())
                .collect(Collectors.joining("  \u2192  "));
        nodes.add(text(walk.start() + "  \u2192  " + steps, "walk-steps"));
        nodes.add(text("In all " + walk.count() + " " + walk.end() + " for each " + walk.start(), "quiet"));
        String sql = walk.sql(projection.design(), projection.schema()).strip();
        nodes.add(
                sql.isEmpty() ? text("A step leads outside: no SQL here reaches it.", "quiet") : code(sql, "walk-sql"));
        Target usual = Targets.usual();
        usual.expression(projection.design(), projection.schema(usual), walk)
                .ifPresent(e -> nodes.add(code(e, "walk-java")));
        List<Walk> others = walk.otherWays(projection.design());
        if (!others.isEmpty()) {
            nodes.add(text("Other ways to " + walk.end(), "quiet"));
            others.forEach(o -> nodes.add(way(walk, o)));
        }
        return nodes;
    }

    /** Another way, whether it must lead to the same rows, and the query for those it does not. */
    private Node way(Walk walk, Walk other) {
        Button button = new Button(other.path());
        button.setMnemonicParsing(false);
        button.getStyleClass().add("bar-button");
        button.setTooltip(new Tooltip("Walk this way"));
        button.setOnAction(e -> goOn(other.path()));
        HBox line = new HBox(8, button);
        line.setAlignment(Pos.CENTER_LEFT);
        if (walk.mustAgree(other)) {
            line.getChildren().add(verdict("leads to the same rows, if to any"));
            return line;
        }
        line.getChildren().add(verdict("may lead to other rows"));
        VBox box = new VBox(4, line);
        String sql = walk.sqlBesides(other, workspace.projection().get().schema());
        if (!sql.isEmpty()) {
            ToggleButton which = new ToggleButton("Which?");
            which.getStyleClass().add("bar-button");
            which.setTooltip(new Tooltip("The rows that are reached by " + walk.path() + " and not by this way"));
            Node query = code(sql.strip(), "walk-besides");
            which.setOnAction(e -> {
                box.getChildren().remove(query);
                if (which.isSelected()) {
                    box.getChildren().add(query);
                }
            });
            line.getChildren().add(which);
        }
        return box;
    }

    private static Label verdict(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static Label text(String text, String style) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().add(style);
        return label;
    }

    private static Node code(String code, String id) {
        Label label = text(code, "code");
        label.setId(id);
        VBox box = new VBox(label);
        box.getStyleClass().add("code-box");
        return box;
    }
}
