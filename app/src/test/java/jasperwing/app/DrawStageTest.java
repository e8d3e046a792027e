package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Place;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.fxmisc.richtext.CodeArea;
import org.junit.jupiter.api.Test;

/** The ways in and about on the sheet, as a person would use them. */
class DrawStageTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design(
                "area Fieldwork moss",
                "entity Dive in Fieldwork",
                "  id serial key",
                "  number int",
                "entity Photo",
                "  id serial key",
                "entity Site",
                "  id serial key",
                "each Photo must belong to one Dive as dive, which may have many Photo as photos",
                "places",
                "  Dive 0,0",
                "  Photo 330,0",
                "  Site 0,260");
    }

    @Test
    void aLineThatCannotBeReadKeepsTheCardOpenAndLosesNothing() {
        doubleClick(headOf("Site"));
        until("the card is open", () -> focused("card-name"));
        push(KeyCode.ENTER);
        write("depth decimal");
        push(KeyCode.ESCAPE);
        until(
                "the problem is named",
                () -> problem().startsWith("Line 2: ") && problem().contains("Esc again"));
        assertThat(focused("card-lines")).isTrue();
        write("(5,1) from 0");
        push(KeyCode.ESCAPE);
        until("the attribute is there", () -> site().attribute("depth").isPresent());
        assertNoOpenCard();
    }

    @Test
    void aSecondEscapeLeavesTheBrokenLineOut() {
        clickOn(headOf("Site"));
        push(KeyCode.ENTER);
        until("the card is open at its end", () -> focused("card-lines"));
        write("(nonsense");
        push(KeyCode.ESCAPE);
        until("the problem is named", () -> problem().startsWith("Line 2: "));
        push(KeyCode.ESCAPE);
        until("the card is closed", () -> !sees("#card-name"));
        assertThat(site().attributes()).hasSize(1);
    }

    @Test
    void aSecondEscapeGivesALineBackThatWasAnAttribute() {
        Entity before = design().entity("Dive").orElseThrow();
        doubleClick(headOf("Dive"));
        until("the card is open", () -> focused("card-name"));
        push(KeyCode.ENTER);
        write("depth int");
        until(
                "the new line is read",
                () -> design().entity("Dive").orElseThrow().attribute("depth").isPresent());
        CodeArea lines = lookup("#card-lines").query();
        interact(() -> lines.moveTo(1, lines.getParagraphLength(1)));
        for (int i = 0; i < "int".length(); i++) {
            push(KeyCode.BACK_SPACE);
        }
        push(KeyCode.ESCAPE);
        until("the problem is named", () -> problem().startsWith("Line 2: "));
        push(KeyCode.ESCAPE);
        until("the card is closed", () -> !sees("#card-name"));
        Entity after = design().entity("Dive").orElseThrow();
        assertThat(after.attribute("number")).isEqualTo(before.attribute("number"));
        assertThat(after.attribute("depth")).isPresent();
        assertThat(after.key()).isEqualTo(before.key());
    }

    @Test
    void newEntitiesDoNotCoverOneAnother() {
        for (int i = 0; i < 3; i++) {
            interact(() -> sheet().requestFocus());
            int count = design().entities().size();
            push(KeyCode.N);
            until("one more is there", () -> design().entities().size() == count + 1 && focused("card-name"));
            push(KeyCode.ESCAPE);
            until("its card is closed", () -> !sees("#card-name"));
        }
        List<Bounds> cards =
                design().entities().stream().map(e -> card(e.name())).toList();
        for (int i = 0; i < cards.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertThat(cards.get(i).intersects(cards.get(j))).isFalse();
            }
        }
    }

    private String problem() {
        return lookup("#card-problem")
                .tryQuery()
                .map(n -> ((Label) n).getText())
                .orElse("");
    }

    private Entity site() {
        return design().entity("Site").orElseThrow();
    }

    @Test
    void renamingACardRenamesItInItsRelationships() {
        clickOn(headOf("Dive"));
        push(KeyCode.F2);
        until("the name can be typed", () -> focused("card-name"));
        push(KeyCode.CONTROL, KeyCode.A);
        write("Descent");
        push(KeyCode.CONTROL, KeyCode.ENTER);
        until("it is renamed", () -> design().entity("Descent").isPresent());
        assertThat(((BinaryRelationship) design().relationships().get(0)).to()).isEqualTo("Descent");
        assertThat(design().place("Descent", "")).isPresent();
        push(KeyCode.CONTROL, KeyCode.Z);
        until("it is taken back", () -> design().entity("Dive").isPresent());
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        until("it is done again", () -> design().entity("Descent").isPresent());
    }

    @Test
    void cardsAreMovedTogetherAndUndoneInOneStep() {
        clickOn(headOf("Dive"));
        press(KeyCode.SHIFT);
        clickOn(headOf("Photo"));
        release(KeyCode.SHIFT);
        assertThat(window.workspace().selection().get().entities()).containsExactlyInAnyOrder("Dive", "Photo");
        Place before = design().place("Photo", "").orElseThrow();
        dragTo(headOf("Dive"), headOf("Dive").add(40, 60));
        until("both have moved", () -> design().place("Photo", "").orElseThrow().y() > before.y() + 30);
        assertThat(design().place("Dive", "").orElseThrow().x()).isGreaterThan(20);
        assertThat(design().place("Site", "").orElseThrow()).isEqualTo(new Place("Site", "", 0, 260));
        push(KeyCode.CONTROL, KeyCode.Z);
        until("both are back", () -> design().equals(first()));
        push(KeyCode.RIGHT);
        until(
                "arrow keys move them",
                () -> design().place("Dive", "").orElseThrow().x() == 8);
    }

    @Test
    void aBandSelectsWhatItTouchesAndDeleteRemovesIt() {
        Point2D below = new Point2D(card("Site").getMaxX() + 60, card("Site").getMaxY() + 20);
        dragTo(below, headOf("Site"));
        until(
                "one card is selected",
                () -> window.workspace().selection().get().single().isPresent());
        push(KeyCode.CONTROL, KeyCode.A);
        until(
                "all are selected",
                () -> window.workspace().selection().get().entities().size() == 3);
        push(KeyCode.DELETE);
        until(
                "all are gone",
                () -> design().entities().isEmpty() && design().relationships().isEmpty());
        push(KeyCode.CONTROL, KeyCode.Z);
        until("all are back", () -> design().equals(first()));
    }

    @Test
    void aDragToPaperMakesTheEntityAndOneOntoItselfATree() {
        dragTo(rightEdgeOf("Site"), headOf("Site").add(260, 60));
        until("there is a new entity", () -> design().entity("NewEntity").isPresent());
        assertThat(((BinaryRelationship) design().relationships().get(1)).holder())
                .isEqualTo("Site");
        until("it is named at once", () -> sees("#card-name"));
        write("Creek").push(KeyCode.ESCAPE);
        until(
                "the relationship follows the name",
                () -> design().relationships().get(1).targets().contains("Creek"));
        dragTo(rightEdgeOf("Photo"), headOf("Photo"));
        until("photos form a tree", () -> design().relationships().size() == 3);
        BinaryRelationship tree = (BinaryRelationship) design().relationships().get(2);
        assertThat(tree.isSelf()).isTrue();
        assertThat(tree.forward().must()).isFalse();
        until("its words can be changed at once", () -> sees("#reading-note"));
        clickOn(from(lookup("#reading-note").queryAll()).lookup("#word-MUST").<Node>query());
        until(
                "no photo may be without",
                () -> design().relationships().get(2).forward().must());
    }

    @Test
    void aDragThatIsEscapedChangesNothing() {
        moveTo(rightEdgeOf("Site"));
        press(MouseButton.PRIMARY);
        moveTo(headOf("Photo"));
        push(KeyCode.ESCAPE);
        release(MouseButton.PRIMARY);
        assertThat(design()).isEqualTo(first());
    }

    @Test
    void wheelAndKeysZoomAndMoveTheSheetWithoutEditingIt() {
        double wide = card("Dive").getWidth();
        clickOn(headOf("Dive"));
        push(KeyCode.CONTROL, KeyCode.MINUS);
        until("it is smaller", () -> card("Dive").getWidth() < wide - 1);
        double left = card("Dive").getMinX();
        moveTo(paper(300, 420));
        press(MouseButton.MIDDLE);
        moveTo(paper(360, 440));
        release(MouseButton.MIDDLE);
        until("it has moved", () -> card("Dive").getMinX() > left + 40);
        push(KeyCode.CONTROL, KeyCode.DIGIT0);
        until("it fits again", () -> Math.abs(card("Dive").getWidth() - wide) < 1);
        assertThat(design()).isEqualTo(first());
    }

    @Test
    void theVerbAndTheDeleteRuleAreChangedInTheLens() {
        clickOn("#line-Photo-Dive");
        until("the relationship is read", () -> sees("#word-VERB"));
        clickOn("#word-VERB");
        push(KeyCode.CONTROL, KeyCode.A);
        write("be taken on");
        push(KeyCode.ENTER);
        until(
                "the verb is changed",
                () -> design().relationships().get(0).forward().verb().equals("be taken on"));
        clickOn("#word-DELETE-Dive");
        push(KeyCode.DOWN);
        push(KeyCode.DOWN);
        push(KeyCode.ENTER);
        until(
                "a rule is chosen",
                () -> !design().relationships().get(0).deletes().isEmpty());
    }

    @Test
    void theRosterSelectsAndNarrows() {
        clickOn("#roster-find").write("pho");
        until("only one is listed", () -> sees("#roster-Photo") && !sees("#roster-Dive"));
        clickOn("#roster-Photo");
        assertThat(window.workspace().selection().get().single()).contains("Photo");
    }

    @Test
    void aSentenceIsShownBeforehandAndANameIsGoneTo() {
        push(KeyCode.CONTROL, KeyCode.K);
        until("the Say field has the focus", () -> focused("say"));
        write("each Site may");
        until("what is missing is said", () -> preview().contains("expected a verb"));
        write(" have many Dive, which must be at one Site");
        until("what it adds is shown", () -> preview().contains("+ dives.site_id"));
        push(KeyCode.ENTER);
        until("it is so", () -> design().relationships().size() == 2);
        write("pho");
        until("a name is offered", () -> preview().contains("go to Photo"));
        push(KeyCode.ENTER);
        until("it is gone to", () -> window.workspace()
                .selection()
                .get()
                .single()
                .filter("Photo"::equals)
                .isPresent());
        push(KeyCode.UP);
        until("what was said is recalled", () -> preview().contains("+ dives.site"));
    }

    private String preview() {
        StringBuilder text = new StringBuilder();
        lookup("#say-preview").queryParent().lookupAll(".label").forEach(n -> text.append(((Label) n).getText())
                .append('\n'));
        return text.toString();
    }
}
