package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.KindsKept;
import jasperwing.notation.Notation;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** Entities that are kinds of others: said, drawn, weighed, and looked at among the keys. */
class KindsTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design(
                "entity Gear",
                "  id serial key",
                "  name text(40)",
                "entity Net is a kind of Gear",
                "  mesh int",
                "  maker text(40)",
                "entity Trap is a kind of Gear",
                "  maker text(40)",
                "places",
                "  Gear 300,40",
                "  Net 40,260",
                "  Trap 300,260");
    }

    private String said() {
        return Notation.print(design());
    }

    @Test
    void aKindIsSaidAndUndone() {
        String before = said();
        press(KeyCode.CONTROL).type(KeyCode.K).release(KeyCode.CONTROL);
        write("pots are kinds of gear");
        type(KeyCode.ENTER);
        until("it is a kind", () -> design().parent("Pot").map(Entity::name).equals(Optional.of("Gear")));
        interact(() -> window.workspace().undo());
        assertThat(said()).isEqualTo(before);
    }

    @Test
    void theLineFromAKindSelectsIt() {
        until("the line is drawn", () -> sees("#kind-Net"));
        clickOn("#kind-Net", MouseButton.PRIMARY);
        until(
                "its kind is selected",
                () -> window.workspace().selection().get().single().equals(Optional.of("Net")));
        until("the lens tells", () -> lookup(".lens-content .quiet").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText().contains("a kind of Gear")));
    }

    @Test
    void itsFamilyIsKeptAnotherWayWithOneButton() {
        pick("Net");
        type(KeyCode.V);
        until("the ways are shown", () -> sees("#weigh-pane"));
        assertThat(lookup("#weigh-title").queryAs(Label.class).getText()).isEqualTo("Ways to keep the kinds of gear");
        clickOn("#use-One-table");
        until("it is kept so", () -> design().entity("Gear")
                .orElseThrow()
                .inheritance()
                .kept()
                .equals(Optional.of(KindsKept.ONE_TABLE)));
        assertThat(sees("#use-A-complete-table-each")).isFalse();
    }

    @Test
    void whatSeveralKindsHaveIsMovedUpFromTheShapePane() {
        pick("Net");
        type(KeyCode.M);
        until("the moves are shown", () -> sees("#moves-pane"));
        clickOn("Move attributes up to Gear");
        until("its choices are shown", () -> sees("#choose-maker"));
        clickOn("#choose-mesh").clickOn("#choose-maker");
        clickOn("#move-make");
        until(
                "the parent has it",
                () -> design().entity("Gear").orElseThrow().attribute("maker").isPresent());
        assertThat(design().entity("Trap").orElseThrow().attributes()).isEmpty();
    }
}
