package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.app.workspace.Selection;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.StorageNotes;
import jasperwing.notation.EntityDetails;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The properties of what is selected, beside the sheet. */
class PropertiesTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design(
                "area Berthing sea",
                "trait Stamped",
                "  writtenAt timestamp",
                "entity Harbour",
                "  id serial key",
                "  name text(80)",
                "entity Boat",
                "  id serial key",
                "  sailNumber int",
                "each Boat must lie in one Harbour, which may have many Boat",
                "each Boat may visit many Harbour as visited, which may be visited by many Boat as visitors");
    }

    @BeforeEach
    void openTheProperties() {
        interact(() -> window.workspace().selection().set(Selection.of("Boat")));
        until("they can be opened", () -> sees("#properties"));
        clickOn("#properties");
        until("they are open", () -> sees("#property-name"));
    }

    private Entity entity(String name) {
        return design().entity(name).orElseThrow();
    }

    private void type(String property, String text) {
        clickOn("#property-" + property);
        push(KeyCode.CONTROL, KeyCode.A);
        write(text);
        push(KeyCode.CONTROL, KeyCode.ENTER);
        push(KeyCode.ENTER);
    }

    private String problem(String property) {
        return lookup("#property-" + property + "-problem").<Labeled>query().getText();
    }

    private void choose(String property, String value) {
        interact(() -> {
            ComboBox<String> box = lookup("#property-" + property).query();
            box.setValue(value);
        });
    }

    @Test
    void whatIsTypedIsTakenFieldByField() {
        type("key", "harbour, sailNumber");
        until("the key is taken", () -> entity("Boat").key().names().size() == 2);
        type("shown", "sailNumber");
        until("what is shown is taken", () -> !entity("Boat").shown().isEmpty());
        type("rule-new", "unique (sailNumber, id)");
        until("the rule is taken", () -> entity("Boat").uniques().size() == 1);
        type("rule-0", "index (sailNumber) where sailNumber > 10");
        until("it is another", () -> entity("Boat").indexes().size() == 1);
        type("traits", "Stamped");
        until("the trait is taken", () -> entity("Boat").traits().size() == 1);
        type("table", "vessels");
        until(
                "the table's name is taken",
                () -> entity("Boat").notes().physical().equals("vessels"));
        choose("area", "Berthing");
        until("the area is taken", () -> entity("Boat").area().equals("Berthing"));
        choose("kept", "by others in this database");
        until("it is outside", () -> entity("Boat").inSameDatabase());
        assertThat(EntityDetails.print(entity("Boat")))
                .containsExactly(
                        "key (harbour, sailNumber)",
                        "index (sailNumber) where sailNumber > 10",
                        "shown as sailNumber",
                        "table \"vessels\"",
                        "outside",
                        "in Berthing",
                        "with Stamped");
        type("name", "Vessel");
        until(
                "it is renamed and stays selected",
                () -> window.workspace().selection().get().equals(Selection.of("Vessel")));
        push(KeyCode.CONTROL, KeyCode.Z);
        until("one undo takes one change back", () -> design().entity("Boat").isPresent());
    }

    @Test
    void whatIsWrongIsToldAndEscGoesBack() {
        type("name", "Harbour");
        until("it is told", () -> problem("name").contains("Harbour already"));
        clickOn("#property-name");
        push(KeyCode.ESCAPE);
        assertThat(design()).isEqualTo(first());
        type("rule-new", "unique (id");
        until("it is told", () -> problem("rule-new").contains("missing"));
        assertThat(design()).isEqualTo(first());
    }

    @Test
    void aManyToManyGetsAnOwnerAndRoles() {
        interact(() -> window.workspace()
                .selection()
                .set(Selection.of(design().relationships().get(1))));
        until("its properties are there", () -> sees("#property-owner"));
        choose("owner", "Harbour");
        until("the other end owns it", () -> ((BinaryRelationship)
                        design().relationships().get(1))
                .from()
                .equals("Harbour"));
        type("back-role", "calls");
        until("the role is taken", () -> design().relationships()
                .get(1)
                .back()
                .orElseThrow()
                .role()
                .equals("calls"));
        assertThat(window.workspace().selection().get().relationship()).isPresent();
    }

    @Test
    void whatHoldsARelationshipIsNamedByHand() {
        interact(() -> window.workspace()
                .selection()
                .set(Selection.of(design().relationships().get(1))));
        until("its properties are there", () -> sees("#property-join-table"));
        assertThat(lookup("#property-join-table").<TextField>query().getPromptText())
                .isEqualTo("boat_visited_harbours");
        type("join-table", "calls");
        until("the table is named", () -> stored(1).name().equals("calls"));
        type("columns", "boat, port");
        until("the columns are", () -> stored(1).columns().equals(List.of("boat", "port")));
        type("foreign-keys", "calls_boat, calls_port");
        until("the keys are", () -> stored(1).constraints().size() == 2);
        clickOn("#property-columns")
                .push(KeyCode.CONTROL, KeyCode.A)
                .push(KeyCode.DELETE)
                .push(KeyCode.ENTER);
        until("it is taken back", () -> stored(1).columns().isEmpty());
    }

    private StorageNotes stored(int relationship) {
        return design().relationships().get(relationship).notes().stored();
    }
}
