package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.findings.Level;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.DeleteRule;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A small model without touching the mouse. */
class KeyboardOnlyTest extends WindowTest {
    @Test
    void entitiesAttributesAndRelationshipsAreMadeByKeysAlone() {
        push(KeyCode.N);
        until("a new entity's name can be typed", () -> focused("card-name"));
        write("Tide");
        push(KeyCode.ENTER);
        until("its lines can be typed", () -> focused("card-lines"));
        write("height decimal(4,2)");
        push(KeyCode.ENTER);
        write("at timestamp");
        push(KeyCode.SHIFT, KeyCode.TAB);
        write(" unique");
        push(KeyCode.CONTROL, KeyCode.ENTER);
        until("the entity is there", () -> design().entity("Tide")
                .filter(t -> t.attributes().size() == 3)
                .isPresent());
        Attribute height =
                design().entity("Tide").orElseThrow().attribute("height").orElseThrow();
        assertThat(height.unique()).isTrue();

        say("each Tide must be seen at one Gauge, which may see many Tide");
        until("it is stated", () -> design().relationships().size() == 1);
        say("area Shore sea");
        until("the area is there", () -> design().area("Shore").isPresent());
        assertThat(window.workspace().projection().get().report().count(Level.ERROR))
                .isZero();
        assertThat(((BinaryRelationship) design().relationships().get(0)).holder())
                .isEqualTo("Tide");
    }

    @Test
    void theWordsOfAReadingAreReachedByTabAndPressed() {
        say("each Tide must be seen at one Gauge, which may see many Tide");
        until("it is stated", () -> design().relationships().size() == 1);
        interact(() -> lookup("#word-MUST").query().requestFocus());
        push(KeyCode.SPACE);
        until("it may now", () -> !design().relationships().get(0).forward().must());
        interact(() -> lookup("#word-DELETE-Gauge").query().requestFocus());
        push(KeyCode.ENTER);
        push(KeyCode.DOWN);
        push(KeyCode.DOWN);
        push(KeyCode.ENTER);
        until(
                "a rule is chosen",
                () -> design().relationships().get(0).onDelete("Gauge") == DeleteRule.DELETE_TOO
                        || !design().relationships().get(0).deletes().isEmpty());
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(
                "both are taken back",
                () -> design().relationships().get(0).forward().must());
    }

    @Test
    void undoHasNoLimit() {
        for (int i = 1; i <= 12; i++) {
            int wanted = i;
            say("entity E" + i);
            until("E" + i + " is there", () -> design().entities().size() == wanted);
        }
        interact(() -> sheet().requestFocus());
        for (int i = 11; i >= 0; i--) {
            int left = i;
            push(KeyCode.CONTROL, KeyCode.Z);
            until(left + " are left", () -> design().entities().size() == left);
        }
        assertThat(design()).isEqualTo(first());
    }
}
