package jasperwing.app.draw;

import jasperwing.app.controls.InPlace;
import jasperwing.app.workspace.Selection;
import jasperwing.app.workspace.Workspace;
import jasperwing.model.Area;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Every entity by its area, and what else is declared; choosing one selects it, typing above narrows. */
final class EntityList extends VBox {
    private final Workspace workspace;
    private final TextField find = new TextField();
    private final ListView<RosterLine> list = new ListView<>();
    private boolean following;

    /** @param edit what is to happen with what has no card, by its name, when it is chosen */
    EntityList(Workspace workspace, SheetMenu menu, Consumer<String> edit) {
        this.workspace = workspace;
        getStyleClass().add("roster");
        find.setPromptText("Find an entity\u2026");
        find.setId("roster-find");
        find.getStyleClass().add("roster-find");
        find.setAccessibleText("Find an entity");
        find.textProperty().addListener((o, was, is) -> refresh());
        list.setId("roster");
        list.setAccessibleText("Entities");
        list.setCellFactory(l -> new RosterCell(workspace.selection()));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> chosen(is));
        keysAndMouse(menu, edit);
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(find, list);
        workspace.projection().addListener((o, was, is) -> refresh());
        workspace.selection().addListener((o, was, is) -> follow());
        refresh();
    }

    private void keysAndMouse(SheetMenu menu, Consumer<String> edit) {
        list.setOnMouseClicked(e -> {
            if (e.getButton() == MouseButton.PRIMARY) {
                edit(edit);
            }
        });
        list.setOnContextMenuRequested(e -> menu(menu, e.getScreenX(), e.getScreenY()));
        list.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                edit(edit);
            }
        });
        list.addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        list.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (!e.isShortcutDown()
                    && !e.isAltDown()
                    && (e.getCode().isLetterKey() || e.getCode().isDigitKey())) {
                e.consume();
            }
        });
    }

    private void refresh() {
        List<RosterLine> lines = lines(workspace.design(), find.getText());
        if (!lines.equals(list.getItems())) {
            following = true;
            InPlace.replace(list.getItems(), lines);
            following = false;
            follow();
        }
    }

    private void chosen(RosterLine line) {
        if (!following && line != null && line.kind() == RosterLine.Kind.ENTITY) {
            workspace.selection().set(Selection.of(line.name()));
        }
    }

    /** What has no card is edited in place. */
    private void edit(Consumer<String> edit) {
        RosterLine line = list.getSelectionModel().getSelectedItem();
        if (line != null && line.kind() == RosterLine.Kind.DECLARED) {
            list.getSelectionModel().clearSelection();
            edit.accept(line.name());
        }
    }

    /** What is typed on the list narrows it. */
    private void typed(KeyEvent e) {
        boolean text = !e.isShortcutDown()
                && !e.isAltDown()
                && !e.getCharacter().isEmpty()
                && Character.isLetterOrDigit(e.getCharacter().charAt(0));
        if (text) {
            find.requestFocus();
            find.appendText(e.getCharacter());
            find.end();
            e.consume();
        }
    }

    private void menu(SheetMenu menu, double x, double y) {
        RosterLine line = list.getSelectionModel().getSelectedItem();
        if (line != null && line.kind() == RosterLine.Kind.ENTITY) {
            menu.showForEntity(line.name(), x, y);
        } else if (line != null && line.kind() == RosterLine.Kind.DECLARED) {
            menu.showForDeclaration(line.name(), x, y);
        }
    }

    /** Lets the list's own choice follow what is selected elsewhere. */
    private void follow() {
        Selection selection = workspace.selection().get();
        RosterLine chosen = list.getSelectionModel().getSelectedItem();
        following = true;
        if (chosen != null && !selection.equals(Selection.of(chosen.name()))) {
            list.getSelectionModel().clearSelection();
        }
        following = false;
        selection.single().ifPresent(this::reveal);
    }

    /** Scrolls to an entity that is selected elsewhere, as far as needed for it to be seen. */
    private void reveal(String entity) {
        for (int i = 0; i < list.getItems().size(); i++) {
            RosterLine line = list.getItems().get(i);
            if (line.kind() == RosterLine.Kind.ENTITY && line.name().equals(entity) && !isShown(i)) {
                list.scrollTo(Math.max(0, i - 2));
            }
        }
    }

    private boolean isShown(int index) {
        return list.lookupAll(".list-cell").stream()
                .filter(n -> n instanceof RosterCell && n.isVisible())
                .map(n -> (RosterCell) n)
                .anyMatch(c -> c.getIndex() == index
                        && c.getBoundsInParent().getMinY() >= 0
                        && c.getBoundsInParent().getMaxY() <= list.getHeight());
    }

    private static List<RosterLine> lines(Design design, String find) {
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        Map<String, List<RosterLine>> byArea = design.entities().stream()
                .filter(e -> e.name().toLowerCase(Locale.ROOT).contains(wanted))
                .collect(Collectors.groupingBy(
                        e -> design.area(e.area()).map(Area::name).orElse(""),
                        Collectors.mapping(RosterLine::of, Collectors.toList())));
        List<RosterLine> lines = new ArrayList<>();
        for (Area area : design.areas()) {
            group(lines, RosterLine.head(area.name(), "area-" + area.color().word()), byArea.remove(area.name()));
        }
        group(
                lines,
                RosterLine.head(design.areas().isEmpty() ? "Entities" : "In no area", "area-none"),
                byArea.remove(""));
        if (wanted.isEmpty()) {
            declared(lines, "Enums", design.enums(), RosterLine::of);
            declared(lines, "Values", groups(design, AttributeGroup.Kind.VALUE), RosterLine::of);
            declared(lines, "Traits", groups(design, AttributeGroup.Kind.TRAIT), RosterLine::of);
        }
        return lines;
    }

    private static List<AttributeGroup> groups(Design design, AttributeGroup.Kind kind) {
        return design.groups().stream().filter(g -> g.is(kind)).toList();
    }

    private static <T> void declared(List<RosterLine> lines, String head, List<T> all, Function<T, RosterLine> line) {
        if (!all.isEmpty()) {
            lines.add(RosterLine.head(head, ""));
            all.forEach(t -> lines.add(line.apply(t)));
        }
    }

    /** @param group null when there are none */
    private static void group(List<RosterLine> lines, RosterLine head, List<RosterLine> group) {
        if (group != null) {
            lines.add(head);
            lines.addAll(group);
        }
    }
}
