package jasperwing.app.classes;

import jasperwing.app.controls.CodeLine;
import jasperwing.output.FileLine;
import jasperwing.output.MergedFile.Choice;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/** One line of a file; of lines in conflict both sides, or the choice between them. */
final class LineCell extends ListCell<FileLine> {
    private static final PseudoClass COMES = PseudoClass.getPseudoClass("comes");
    private static final PseudoClass GOES = PseudoClass.getPseudoClass("goes");
    private static final PseudoClass BY_HAND = PseudoClass.getPseudoClass("by-hand");
    private static final PseudoClass CONFLICT = PseudoClass.getPseudoClass("conflict");
    private static final PseudoClass MARKED = PseudoClass.getPseudoClass("marked");

    private static final String INDENT = "    ";

    /** What the list keeps at its sides, the bar to scroll included. */
    private static final double MARGINS = 34;

    private final Predicate<FileLine> marked;
    private final BiConsumer<Integer, Choice> settle;

    LineCell(Predicate<FileLine> marked, BiConsumer<Integer, Choice> settle) {
        this.marked = marked;
        this.settle = settle;
    }

    @Override
    protected void updateItem(FileLine line, boolean empty) {
        super.updateItem(line, empty);
        boolean shows = !empty && line != null;
        setText(null);
        setGraphic(shows ? face(line) : null);
        pseudoClassStateChanged(COMES, shows && line.kind() == FileLine.Kind.COMES);
        pseudoClassStateChanged(GOES, shows && line.kind() == FileLine.Kind.GOES);
        pseudoClassStateChanged(BY_HAND, shows && line.kind() == FileLine.Kind.BY_HAND);
        pseudoClassStateChanged(CONFLICT, shows && line.conflict() >= 0);
        pseudoClassStateChanged(MARKED, shows && marked.test(line));
    }

    private Node face(FileLine line) {
        return switch (line.kind()) {
            case ASKS -> choice(line.conflict());
            case SIDES -> sides(line);
            default -> plain(line);
        };
    }

    private static Node plain(FileLine line) {
        Label number = new Label(line.number() == 0 ? "" : String.valueOf(line.number()));
        number.getStyleClass().add("line-number");
        Label sign = new Label(
                switch (line.kind()) {
                    case COMES -> "+";
                    case GOES -> "\u2212";
                    default -> "";
                });
        sign.getStyleClass().add("line-sign");
        return new HBox(8, number, sign, CodeLine.of(line.text(), false));
    }

    private Node sides(FileLine line) {
        return new HBox(side(line.text(), "yours"), side(line.other(), "generated"));
    }

    /** Without the indentation of a class's members, since there is half of the room. */
    private Region side(String text, String style) {
        HBox side = half(CodeLine.of(text.startsWith(INDENT) ? text.substring(INDENT.length()) : text, false));
        side.getStyleClass().addAll("side", style);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(side.widthProperty());
        clip.heightProperty().bind(side.heightProperty());
        side.setClip(clip);
        if (!text.isBlank()) {
            Tooltip.install(side, new Tooltip(text.strip()));
        }
        return side;
    }

    private Node choice(int conflict) {
        HBox left = half(name("By hand"), button("Keep", conflict, Choice.YOURS));
        HBox right = half(
                name("From the design"),
                button("Take", conflict, Choice.GENERATED),
                button("Keep both", conflict, Choice.BOTH));
        left.getStyleClass().add("side-head");
        right.getStyleClass().add("side-head");
        return new HBox(left, right);
    }

    private static Label name(String text) {
        Label name = new Label(text);
        name.getStyleClass().add("side-name");
        name.setMinWidth(USE_PREF_SIZE);
        return name;
    }

    private HBox half(Node... nodes) {
        HBox half = new HBox(10, nodes);
        half.setAlignment(Pos.CENTER_LEFT);
        half.setMinWidth(0);
        half.prefWidthProperty()
                .bind(getListView().widthProperty().subtract(MARGINS).divide(2));
        half.maxWidthProperty().bind(half.prefWidthProperty());
        return half;
    }

    private Button button(String text, int conflict, Choice choice) {
        Button button = new Button(text);
        button.getStyleClass().add("fix");
        button.setMinWidth(USE_PREF_SIZE);
        button.setId("settle-" + conflict + "-" + choice.name().toLowerCase(Locale.ROOT));
        button.setOnAction(e -> settle.accept(conflict, choice));
        return button;
    }
}
