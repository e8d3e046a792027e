package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.app.workspace.Selection;
import jasperwing.dialect.Dialects;
import jasperwing.model.Counting;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;

/** What the lens and the findings line tell, and that everything can be reached and is named. */
class LensTest extends WindowTest {
    @Override
    Design first() {
        return Samples.demo();
    }

    private String shown(String style) {
        StringBuilder text = new StringBuilder();
        Parent lens = lookup(style).queryParent();
        for (Node node : lens.lookupAll("*")) {
            if (node instanceof Label label) {
                text.append(label.getText()).append('\n');
            } else if (node instanceof Text part) {
                text.append(part.getText());
            }
        }
        return text.toString();
    }

    @Test
    void anEntityIsReadStoredAndBecomesAClass() {
        clickOn("#roster-Dive");
        until("the lens shows Dive", () -> shown(".lens").contains("Fieldwork \u00b7 8 attributes"));
        assertThat(shown(".lens"))
                .contains(
                        "One descent by one crew.",
                        "Each Dive ",
                        "expedition_id",
                        "\u2192 expeditions.id",
                        "unique (expedition_id, number)",
                        "dive_hazards",
                        "@ManyToOne",
                        "private Expedition expedition;");
    }

    @Test
    void aCountedColumnSaysHowItIsCounted() {
        interact(() -> window.workspace()
                .edit(EntityEdits.changeAttribute("Dive", "id", a -> a.withCounting(new Counting(1000, 10)))));
        clickOn("#roster-Dive");
        until("the lens says it", () -> shown(".lens").contains("bigint identity from 1000 by 10"));
        interact(() -> window.workspace().dialect().set(Dialects.MARIADB));
        until("the lens says what MariaDB does", () -> shown(".lens").contains("bigint identity from 1000\n"));
    }

    @Test
    void severalEntitiesAreReadByWhatTiesThem() {
        interact(() -> window.workspace().selection().set(Selection.of(Set.of("Expedition", "Dive", "Taxon"))));
        until("the lens shows three", () -> shown(".lens").contains("3 entities"));
        assertThat(shown(".lens"))
                .contains("How they are related", "Each Dive ", "Each Taxon ")
                .doesNotContain("Site");
    }

    @Test
    void anOutsideEntityIsReadButNeitherStoredNorGenerated() {
        clickOn("#roster-Account");
        until("the lens shows Account", () -> shown(".lens").contains("kept in another system"));
        assertThat(shown(".lens")).contains("Reads as").doesNotContain("Stored as", "Becomes");
    }

    @Test
    void aFindingStandsWithWhatItIsAboutAndIsMendedThere() {
        clickOn("#roster-Taxon");
        until("the warning is shown", () -> shown(".lens").contains("a word PostgreSQL keeps for itself"));
        clickOn("#fix-reserved-word");
        until("the column has another name", () -> shown(".lens").contains("taxon_group"));
        assertThat(shown(".lens")).contains("No longer so: ");
        moveTo("#roster-Taxon");
        until("its place is closed", () -> !shown(".lens").contains("keeps for itself"));
    }

    @Test
    void theFindingsLineGoesToTheFirstFindingAndListsAll() {
        assertThat(((Button) lookup("#first-finding").query()).getText()).startsWith("The subjects of Note");
        clickOn("#first-finding");
        until(
                "the relationship is selected",
                () -> window.workspace().selection().get().relationship().isPresent());
        push(KeyCode.CONTROL, KeyCode.J);
        until("all are listed", () -> sees("#findings-panel"));
        assertThat(shown(".findings-list"))
                .contains("Taxon's group", "Calibration's researcherId", "every entity has a key");
        push(KeyCode.CONTROL, KeyCode.J);
        until("the list is closed", () -> !sees("#findings-panel"));
    }

    @Test
    void whatIsSelectedStaysSelectedFromStageToStage() {
        clickOn("#roster-Specimen");
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        until("its class is shown", () -> ((Label)
                        lookup(".code-head").lookup(".lens-title").query())
                .getText()
                .equals("Specimen.java"));
        push(KeyCode.CONTROL, KeyCode.DIGIT2);
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        assertThat(window.workspace().selection().get()).isEqualTo(Selection.of("Specimen"));
    }

    @Test
    void whatIsTypedOnTheListNarrowsIt() {
        clickOn("#roster-Dive");
        int entities = window.workspace().design().entities().size();
        write("spec");
        until("others are hidden", () -> !sees("#roster-Taxon") && sees("#roster-Specimen"));
        assertThat(window.workspace().design().entities()).hasSize(entities);
    }

    @Test
    void sheetsShowTheirEntitiesAndKeepTheirOwnPlaces() {
        clickOn("#sheet-Collection");
        until("only its entities are shown", () -> sees("#card-Keyword") && !sees("#card-Dive"));
        dragTo(headOf("Keyword"), headOf("Keyword").add(60, 40));
        until("the place is the sheet's", () -> design().place("Keyword", "Collection")
                .isPresent());
        assertThat(design().place("Keyword", "")).isEqualTo(first().place("Keyword", ""));
        clickOn("#sheet-Everything");
        until("everything is shown", () -> sees("#card-Dive"));
    }

    @Test
    void everyControlIsNamedForWhoCannotSeeIt() {
        for (KeyCode stage : List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3)) {
            push(KeyCode.CONTROL, stage);
            Set<Node> controls = lookup(n -> n instanceof Button || n instanceof ToggleButton)
                    .queryAll();
            assertThat(controls).hasSizeGreaterThan(8).allMatch(LensTest::isNamed);
            assertThat(lookup(n -> n instanceof TextInputControl).queryAllAs(TextInputControl.class))
                    .filteredOn(Node::isVisible)
                    .allMatch(t -> t.getAccessibleText() != null || t.getPromptText() != null);
        }
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        assertThat(lookup("#card-Dive").<Node>query()).matches(LensTest::isNamed);
    }

    private static boolean isNamed(Node node) {
        boolean text = node instanceof Labeled labeled
                && labeled.getText() != null
                && !labeled.getText().isBlank();
        boolean spoken =
                node.getAccessibleText() != null && !node.getAccessibleText().isBlank();
        boolean part = node.getStyleClass().stream().anyMatch(s -> s.contains("arrow") || s.contains("increment"));
        return text || spoken || part;
    }
}
