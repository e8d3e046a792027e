package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.PolymorphicRelationship;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** What a model of ten entities with every kind of relationship takes by hand; docs/window.md tells the figures. */
class TenEntitiesTest extends WindowTest {
    private int keys;
    private int clicks;
    private int drags;

    @Test
    void aSeedBankTakesFewKeysAndClicks() {
        entity("Genus", "n");
        entity("Species", "n");
        entity("Habitat", "n");
        entity("Person", "n", "e");
        entity("Lot", "q", "w");
        entity("Vault", "c", "te");
        entity("Test", "r");
        entity("Permit", "nu", "endso");
        entity("Note", "bo");
        arrange();
        oneToMany("Species", "Genus");
        oneToMany("Lot", "Species");
        oneToMany("Lot", "Vault");
        oneToMany("Test", "Lot");
        oneToMany("Permit", "Lot");
        click("#word-BACK_COUNT");
        until(
                "a one-to-one",
                () -> last() instanceof BinaryRelationship t && t.shape() == BinaryRelationship.Shape.ONE_TO_ONE);
        oneToMany("Habitat", "Species");
        click("#word-COUNT");
        until(
                "many to many",
                () -> last() instanceof BinaryRelationship t && t.shape() == BinaryRelationship.Shape.MANY_TO_MANY);
        oneToMany("Person", "Lot");
        click("#word-COUNT");
        until(
                "many to many",
                () -> last() instanceof BinaryRelationship t && t.shape() == BinaryRelationship.Shape.MANY_TO_MANY);
        link("Custody");
        more("Custody", "si");
        oneOf("Note", "Species", "Lot", "Test");
        assertThat(design().entities()).hasSize(10);
        assertThat(design().relationships()).hasSize(8);
        assertThat(keys).isEqualTo(140);
        assertThat(clicks).isEqualTo(6);
        assertThat(drags).isEqualTo(10);
    }

    private void arrange() {
        Design before = design();
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.L);
        keys += 3;
        until("the cards are arranged", () -> !design().equals(before) && !sees("#arranging"));
        push(KeyCode.CONTROL, KeyCode.DIGIT0);
        keys += 2;
    }

    private Object last() {
        return design().relationships().get(design().relationships().size() - 1);
    }

    private void entity(String name, String... beginnings) {
        key(KeyCode.N);
        until("its name can be typed", () -> focused("card-name"));
        type(name);
        key(KeyCode.ENTER);
        until("its lines can be typed", () -> focused("card-lines"));
        for (int i = 0; i < beginnings.length; i++) {
            if (i > 0) {
                key(KeyCode.ENTER);
            }
            type(beginnings[i]);
            until("something is proposed", () -> sees("#completion"));
            key(KeyCode.TAB);
        }
        key(KeyCode.ESCAPE);
        until(
                name + " is drawn",
                () -> design().entity(name)
                                .filter(e -> e.attributes().size() == 1 + beginnings.length)
                                .isPresent()
                        && !sees("#card-name"));
    }

    private void more(String name, String beginning) {
        key(KeyCode.ESCAPE);
        until("nothing lies over the sheet", () -> !sees("#reading-note"));
        clickOn(headOf(name));
        clicks++;
        until("it is selected", () -> window.workspace()
                .selection()
                .get()
                .single()
                .filter(name::equals)
                .isPresent());
        key(KeyCode.ENTER);
        until("its lines can be typed", () -> focused("card-lines"));
        type(beginning);
        until("something is proposed", () -> sees("#completion"));
        key(KeyCode.TAB);
        key(KeyCode.ESCAPE);
        until(
                "it carries something",
                () -> !design().entity(name).orElseThrow().attributes().isEmpty());
    }

    private void oneToMany(String from, String to) {
        int before = design().relationships().size();
        key(KeyCode.ESCAPE);
        dragTo(rightEdgeOf(from), headOf(to));
        drags++;
        until(from + " belongs to " + to, () -> design().relationships().size() == before + 1);
    }

    private void link(String name) {
        key(KeyCode.M);
        click("Give the pairs an entity");
        until("its name is asked", () -> sees("#move-said"));
        key(KeyCode.TAB);
        until("its name can be typed", () -> focused("move-said"));
        type(name);
        click("#move-make");
        until("the link is there", () -> design().entity(name).isPresent());
        key(KeyCode.M);
    }

    private void oneOf(String from, String... to) {
        oneToMany(from, to[0]);
        until("the line is drawn", () -> sees("#line-" + from + "-" + to[0]));
        drag("#line-" + from + "-" + to[0], headOf(to[1]));
        until("one of two", () -> last() instanceof PolymorphicRelationship);
        until("the fan is drawn", () -> sees("#fan-" + from));
        drag("#fan-" + from, headOf(to[2]));
        until(
                "one of three",
                () -> last() instanceof PolymorphicRelationship o
                        && o.subjects().equals(List.of(to)));
    }

    private void drag(String from, Point2D to) {
        moveTo(from);
        press(MouseButton.PRIMARY);
        moveTo(to.add(-30, -20));
        moveTo(to);
        release(MouseButton.PRIMARY);
        drags++;
    }

    private void key(KeyCode code) {
        push(code);
        keys++;
    }

    private void type(String text) {
        write(text);
        keys += text.length();
    }

    private void click(String what) {
        until(what, () -> lookup(what).tryQuery().isPresent());
        clickOn(what);
        clicks++;
    }
}
