package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.app.workspace.Selection;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import org.junit.jupiter.api.Test;

/** The list of findings: what is mended there moves nothing under the mouse, and what a finding is about is shown. */
class FindingsListTest extends WindowTest {
    private void open() {
        interact(() -> window.workspace()
                .edit(d -> Samples.design(
                        "entity Crate",
                        "  id serial key",
                        "  fee real",
                        "  checked boolean?",
                        "entity Shelf",
                        "  id serial key",
                        "  cost real",
                        "each Crate must stand on one Shelf, which may hold many Crate")));
        clickOn("#findings");
        until("the findings are listed", () -> sees("#findings-panel") && sees("#fix-optional-boolean"));
    }

    private Bounds place(String id) {
        Node node = lookup(id).query();
        return node.localToScreen(node.getBoundsInLocal());
    }

    @Test
    void aFixMovesNothingWhileTheMouseIsOnTheList() {
        open();
        Bounds before = place("#fix-optional-boolean");
        clickOn("#fix-money-in-real");
        until("its place stays", () -> lookup(".findings-list .label").queryAll().stream()
                .anyMatch(n -> n instanceof Label l && l.getText().startsWith("No longer so: Crate's fee")));
        assertThat(place("#fix-optional-boolean").getMinY()).isEqualTo(before.getMinY());
        moveTo(paper(40, 40));
        until("the rest moves up", () -> place("#fix-optional-boolean").getMinY() < before.getMinY());
    }

    @Test
    void whatAFindingIsAboutIsMarkedOnItsCard() {
        open();
        clickOn("Show it");
        until("the row is pointed to", () -> window.workspace().pointed().get().equals("Crate.fee"));
        assertThat(window.workspace().selection().get().single()).contains("Crate");
        interact(() -> window.workspace().selection().set(Selection.of("Shelf")));
        assertThat(window.workspace().pointed().get()).isEmpty();
    }
}
