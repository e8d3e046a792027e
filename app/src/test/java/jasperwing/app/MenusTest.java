package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.Notation;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** Menus on cards, attributes, lines, areas, paper and the list. */
class MenusTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design(
                "area Berthing sea",
                "enum State: free, taken",
                "entity Harbour in Berthing",
                "  id serial key",
                "  name text(80)",
                "entity Boat",
                "  id serial key",
                "  state State",
                "each Boat must lie in one Harbour, which may have many Boat",
                "places",
                "  Harbour 0,0",
                "  Boat 420,0");
    }

    private Entity entity(String name) {
        return design().entity(name).orElseThrow();
    }

    private Attribute name() {
        return entity("Harbour").attribute("name").orElseThrow();
    }

    private void menuAt(Point2D point) {
        clickOn(point, MouseButton.SECONDARY);
        until("the menu is open", () -> sees("#sheet-menu"));
    }

    /** An entry of a menu in the menu that is open. */
    private void choose(String submenu, String entry) {
        interact(() -> {
            ContextMenu menu = listTargetWindows().stream()
                    .filter(w -> w instanceof ContextMenu && w.isShowing())
                    .map(w -> (ContextMenu) w)
                    .findFirst()
                    .orElseThrow();
            item(((Menu) item(menu.getItems(), submenu)).getItems(), entry).fire();
            menu.hide();
        });
    }

    private static MenuItem item(List<MenuItem> items, String text) {
        return items.stream()
                .filter(i -> text.equals(i.getText()))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + text));
    }

    /** The middle of the second attribute of a card. */
    private Point2D secondLineOf(String card) {
        return headOf(card).add(0, 47);
    }

    @Test
    void anAttributeIsMadeOptionalUniqueAndTakenAway() {
        menuAt(secondLineOf("Harbour"));
        clickOn("Optional");
        until("it is optional", () -> name().optional());
        menuAt(secondLineOf("Harbour"));
        clickOn("Unique");
        until("it is unique", () -> name().unique());
        menuAt(secondLineOf("Harbour"));
        clickOn("In the key");
        until("it is in the key", () -> entity("Harbour").isKey(name()));
        push(KeyCode.CONTROL, KeyCode.Z);
        menuAt(secondLineOf("Harbour"));
        clickOn("Remove name");
        until("it is gone", () -> entity("Harbour").attributes().size() == 1);
        push(KeyCode.CONTROL, KeyCode.Z);
        until("one undo brings it back", () -> entity("Harbour").attributes().size() == 2);
    }

    @Test
    void aCardIsPutInAnAreaMadeOutsideAndRemoved() {
        menuAt(headOf("Boat"));
        choose("Area", "Berthing");
        until("it is in the area", () -> entity("Boat").area().equals("Berthing"));
        menuAt(headOf("Boat"));
        choose("Kept", "In another system");
        until("it is outside", () -> entity("Boat").outside());
        menuAt(headOf("Boat"));
        clickOn("Remove Boat");
        until("it is gone", () -> design().entity("Boat").isEmpty());
    }

    @Test
    void theKeyForMenusOpensThatOfTheSelectedCard() {
        interact(() -> window.workspace().selection().set(jasperwing.app.workspace.Selection.of("Boat")));
        interact(() -> sheet().requestFocus());
        push(KeyCode.SHIFT, KeyCode.F10);
        until("the menu is open", () -> sees("#sheet-menu"));
        clickOn("Rename");
        until("its name can be typed", () -> focused("card-name"));
    }

    @Test
    void aRuleIsBegunFromTheMenuAndReadInThePanel() {
        menuAt(headOf("Harbour"));
        clickOn("Add a rule\u2026");
        until("its message can be typed", () -> focused("card-lines"));
        write("have a name");
        push(KeyCode.END);
        write("name is not null");
        push(KeyCode.ESCAPE);
        until("it is there", () -> entity("Harbour").rules().size() == 1);
        assertThat(Notation.print(entity("Harbour").rules().get(0)))
                .isEqualTo("rule \"must have a name\": name is not null");
        interact(() -> window.workspace().selection().set(jasperwing.app.workspace.Selection.of("Harbour")));
        until(
                "it is read",
                () -> lookup("Every Harbour must have a name.").tryQuery().isPresent());
    }

    @Test
    void aRelationshipIsTurnedRoundAndItsRuleChosen() {
        interact(() -> window.workspace()
                .selection()
                .set(jasperwing.app.workspace.Selection.of(
                        design().relationships().get(0))));
        interact(() -> sheet().requestFocus());
        push(KeyCode.SHIFT, KeyCode.F10);
        until("the menu is open", () -> sees("#sheet-menu"));
        clickOn("Turn round");
        until("the ends are exchanged", () -> Notation.print(
                        design().relationships().get(0))
                .equals("each Harbour must lie in one Boat, which may have many Harbour"));
        push(KeyCode.SHIFT, KeyCode.F10);
        until("the menu is open", () -> sees("#sheet-menu"));
        choose("Deleting Boat", "deletes what refers to it (cascade)");
        until(
                "the rule is there",
                () -> !design().relationships().get(0).deletes().isEmpty());
    }

    @Test
    void anEnumAndAnAreaAreEditedInPlace() {
        clickOn(lookup("#roster-State").<Node>query(), MouseButton.SECONDARY);
        until("the menu is open", () -> sees("#sheet-menu"));
        clickOn("Edit\u2026");
        until("its lines can be typed", () -> focused("declaration"));
        TextArea text = lookup("#declaration").query();
        assertThat(text.getText()).isEqualTo("enum State: free, taken");
        write(", wreckd \"Wrecked");
        push(KeyCode.CONTROL, KeyCode.ENTER);
        until("what is wrong is told", () -> sees("#declaration-problem"));
        interact(() -> text.setText("enum BoatState kept as a table: free, taken \"Occupied\""));
        push(KeyCode.CONTROL, KeyCode.ENTER);
        until("it is saved", () -> design().enumType("BoatState").isPresent());
        assertThat(Notation.type(entity("Boat").attributes().get(1))).isEqualTo("BoatState");
        menuAt(headOf("Harbour").add(0, -26));
        choose("Colour of Berthing", "Plum");
        until("the area has it", () -> Notation.print(design()).contains("area Berthing plum"));
    }

    @Test
    void thePaperTakesANewEntityWhereItWasClicked() {
        Point2D at = headOf("Boat").add(0, 200);
        menuAt(at);
        clickOn("New entity here");
        until("its name can be typed", () -> focused("card-name"));
        assertThat(design().entities()).hasSize(3);
    }
}
