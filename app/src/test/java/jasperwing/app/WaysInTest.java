package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.app.workspace.Selection;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.notation.Notation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.fxmisc.richtext.CodeArea;
import org.junit.jupiter.api.Test;

/** Looser speech, the text beside the diagram, readings, finding, sheets, arranging, pictures and comfort. */
class WaysInTest extends WindowTest {
    @Override
    Design first() {
        return Samples.demo();
    }

    private void select(String... entities) {
        interact(() -> window.workspace().selection().set(Selection.of(Set.of(entities))));
        interact(() -> sheet().requestFocus());
    }

    private String preview() {
        StringBuilder text = new StringBuilder();
        lookup("#say-preview").queryParent().lookupAll(".label").forEach(n -> text.append(((Label) n).getText())
                .append('\n'));
        return text.toString();
    }

    private CodeArea text() {
        return (CodeArea) lookup("#design-text").query();
    }

    private boolean isSeen(String entity) {
        return sheet().localToScreen(sheet().getBoundsInLocal()).contains(card(entity));
    }

    @Test
    void theBeginningOfANameIsCompletedWhileSomethingIsSaid() {
        interact(() -> window.workspace().edit(EntityEdits.add(Entity.keyed("FieldStation"))));
        push(KeyCode.CONTROL, KeyCode.K);
        until("the Say field has the focus", () -> focused("say"));
        write("a boat belongs to one fie");
        push(KeyCode.TAB);
        until(
                "the name is written",
                () -> lookup("#say").<TextField>query().getText().equals("a boat belongs to one FieldStation "));
        push(KeyCode.ENTER);
        until("it is understood", () -> design().relationshipsOf("FieldStation").size() == 1);
    }

    @Test
    void aQuestionIsAnsweredAndANameThatIsSpelledMuchAlikeIsAskedFor() {
        push(KeyCode.CONTROL, KeyCode.K);
        until("the Say field has the focus", () -> focused("say"));
        write("what refers to keyword");
        until("it is answered", () -> preview().contains("Pairs of Specimen and Keyword refer to both"));
        push(KeyCode.CONTROL, KeyCode.A);
        write("a specimn has many labels");
        until("it is asked", () -> preview().contains("Did you mean: a Specimen has many labels?"));
        push(KeyCode.TAB);
        until("it is taken", () -> preview().contains("each Specimen may have many Label"));
        push(KeyCode.ENTER);
        until("it is so", () -> design().entity("Label").isPresent());
        assertThat(design().entity("Specimn")).isEmpty();
    }

    @Test
    void aGuessIsTakenOtherwiseByItsKeyOrByAClick() {
        push(KeyCode.CONTROL, KeyCode.K);
        until("the Say field has the focus", () -> focused("say"));
        write("a reef has a motto");
        until("it is guessed", () -> preview().contains("guessed: motto is text(80)   Alt 1"));
        push(KeyCode.ALT, KeyCode.DIGIT1);
        until("it is another type", () -> preview().contains("Reef: motto int"));
        clickOn(lookup(".say-choice").<Label>query());
        until("it is the next", () -> preview().contains("Reef: motto decimal(10,2)"));
        push(KeyCode.ENTER);
        until("it is so", () -> design().entity("Reef").isPresent());
        assertThat(Notation.print(design())).containsPattern("motto +decimal\\(10,2\\)");
    }

    @Test
    void aPastedParagraphIsTakenSentenceBySentenceAndTheRestStays() {
        interact(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(
                    "We keep boats and harbours.\nA boat has a name and a length.\n- Each boat belongs to one harbour\nFish are slippery");
            Clipboard.getSystemClipboard().setContent(content);
        });
        push(KeyCode.CONTROL, KeyCode.K);
        until("the Say field has the focus", () -> focused("say"));
        push(KeyCode.CONTROL, KeyCode.V);
        until("three of four are understood", () -> preview().contains("Enter does 3 of 4"));
        assertThat(preview())
                .contains("each Boat must belong to one Harbour", "guessed: name is text(80)", "Not understood");
        push(KeyCode.ENTER);
        until("it is so", () -> design().entity("Harbour").isPresent());
        assertThat(design().entity("Boat").orElseThrow().attributes()).hasSize(3);
        assertThat(design().place("Boat", "")).isPresent();
        assertThat(lookup("#say").queryTextInputControl().getText()).isEqualTo("Fish are slippery.");
        until("what is new is seen whole", () -> isSeen("Boat") && isSeen("Harbour"));
        push(KeyCode.ESCAPE);
        push(KeyCode.CONTROL, KeyCode.Z);
        until("it was one step", () -> design().equals(Samples.demo()));
    }

    @Test
    void aCommandIsFoundByItsName() {
        push(KeyCode.CONTROL, KeyCode.K);
        until("the Say field has the focus", () -> focused("say"));
        write("light");
        until("the command is offered", () -> preview().startsWith("Light or dark"));
        push(KeyCode.ENTER);
        until("it is dark", () -> window.appearance().dark().get());
        assertThat(window.stage().getScene().getRoot().getStyleClass()).contains("dark");
        interact(() -> window.appearance().dark().set(false));
    }

    @Test
    void theTextBesideTheDiagramAndTheDiagramAreOne() {
        select("Taxon");
        push(KeyCode.CONTROL, KeyCode.T);
        until("the text is there", () -> sees("#text-pane") && text().getText().equals(Notation.print(design())));
        until("the caret stands at what is selected", () -> text().getText(text().getCurrentParagraph())
                .equals("entity Taxon in Collection"));
        interact(() -> text().insertText(text().getCurrentParagraph() + 2, 0, "  habit       text(40)\n"));
        until(
                "the diagram has it",
                () -> design().entity("Taxon").orElseThrow().attribute("habit").isPresent());
        int line = text().getText()
                .substring(0, text().getText().indexOf("entity Site"))
                .split("\n")
                .length;
        interact(() -> {
            text().requestFocus();
            text().moveTo(line + 1, 2);
        });
        until("what the caret stands in is selected", () -> window.workspace()
                .selection()
                .get()
                .single()
                .filter("Site"::equals)
                .isPresent());
        Design good = design();
        write("(((");
        until(
                "the error is named",
                () -> sees("#text-problem")
                        && ((Label) lookup("#text-problem").query()).getText().startsWith("Line "));
        assertThat(design()).isEqualTo(good);
        interact(() -> window.workspace().edit(d -> d.withName("Elsewhere")));
        until(
                "the text takes it in and keeps what does not parse",
                () -> text().getText().contains("design \"Elsewhere\"")
                        && text().getText().contains("((("));
        push(KeyCode.BACK_SPACE);
        push(KeyCode.BACK_SPACE);
        push(KeyCode.BACK_SPACE);
        until(
                "it parses again",
                () -> ((Label) lookup("#text-problem").query()).getText().isEmpty());
        push(KeyCode.CONTROL, KeyCode.T);
        until("the text is put away", () -> !sees("#text-pane"));
    }

    @Test
    void whatIsSelectedIsReadOutAndSaved() throws IOException {
        select("Dive");
        push(KeyCode.CONTROL, KeyCode.R);
        until("it is read out", () -> lookup("#readings-pane").queryParent().lookupAll(".label").stream()
                .anyMatch(n -> ((Label) n).getText().equals("One descent by one crew.")));
        clickOn("#readings-copy");
        StringBuilder copied = new StringBuilder();
        interact(() -> copied.append(Clipboard.getSystemClipboard().getString()));
        assertThat(copied.toString()).startsWith("Dive\nOne descent by one crew.");
        Path file = folder.resolve("readings.html");
        clickOn("#readings-save");
        until("a file is asked for", () -> focused("path"));
        interact(() -> lookup("#path").queryTextInputControl().setText(file.toString()));
        push(KeyCode.ENTER);
        until("it is written", () -> Files.exists(file));
        assertThat(Files.readString(file)).contains("<h3>Dive</h3>");
        push(KeyCode.CONTROL, KeyCode.R);
    }

    @Test
    void wordsAreFoundInNamesAndNotes() {
        push(KeyCode.CONTROL, KeyCode.F);
        until("one can look for words", () -> focused("find"));
        write("sign-in");
        until("the one with that note is selected", () -> window.workspace()
                .selection()
                .get()
                .single()
                .filter("Account"::equals)
                .isPresent());
        push(KeyCode.ENTER);
        until("the bar is put away", () -> !sees("#find-bar"));
    }

    @Test
    void anEntityAndItsNeighboursGetASheetOfTheirOwn() {
        select("Taxon");
        clickOn("#around-1");
        until("there is the sheet", () -> design().sheets().stream()
                .anyMatch(s -> s.name().equals("Around Taxon")
                        && Set.copyOf(s.entities()).equals(Set.of("Taxon", "Specimen"))));
        until("its cards have places of their own", () -> design().place("Taxon", "Around Taxon")
                .isPresent());
        assertThat(design().place("Taxon", "")).isEqualTo(Samples.demo().place("Taxon", ""));
        select("Specimen");
        clickOn("#take-off");
        until("it is off the sheet and still in the design", () -> design().sheets().stream()
                .anyMatch(s -> s.name().equals("Around Taxon") && s.entities().equals(List.of("Taxon"))));
        assertThat(design().entity("Specimen")).isPresent();
    }

    @Test
    void everythingIsArrangedAsOneStep() {
        interact(() -> sheet().requestFocus());
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.L);
        until("cards have moved", () -> !design().places().equals(Samples.demo().places()));
        until("it has ended", () -> !sees("#arranging"));
        assertThat(design().withPlaces(List.of())).isEqualTo(Samples.demo().withPlaces(List.of()));
        push(KeyCode.CONTROL, KeyCode.Z);
        until("one step takes it back", () -> design().equals(Samples.demo()));
    }

    @Test
    void whatIsCancelledLeavesTheCardsWhereTheyAre() {
        interact(() -> sheet().requestFocus());
        interact(() -> {
            ((MenuButton) lookup("#arrange").query()).getItems().get(0).fire();
            ((Button) lookup("#arranging-cancel").query()).fire();
        });
        until("it has ended", () -> !sees("#arranging"));
        assertThat(design()).isEqualTo(Samples.demo());
        assertThat(window.workspace().canUndo()).isFalse();
    }

    @Test
    void cardsAreAlignedAndSpaced() {
        select("Expedition", "Dive", "Specimen");
        clickOn("#align-top");
        until(
                "they stand level",
                () -> Set.of("Expedition", "Dive", "Specimen").stream()
                                .map(e -> design().place(e, "").orElseThrow().y())
                                .distinct()
                                .count()
                        == 1);
        clickOn("#space-across");
        until("they keep alike distances", () -> {
            int a = design().place("Expedition", "").orElseThrow().x();
            int b = design().place("Dive", "").orElseThrow().x();
            int c = design().place("Specimen", "").orElseThrow().x();
            return a < b && b < c || a < c && c < b;
        });
    }

    @Test
    void aSelectionIsCopiedAndSavedAsAPicture() throws IOException {
        select("Dive", "Expedition");
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
        boolean[] image = new boolean[1];
        interact(() -> image[0] = Clipboard.getSystemClipboard().hasImage());
        assertThat(image[0]).isTrue();
        Path file = folder.resolve("two.pdf");
        push(KeyCode.CONTROL, KeyCode.P);
        until("a file is asked for", () -> focused("path"));
        interact(() -> lookup("#path")
                .queryTextInputControl()
                .setText(folder.resolve("two.bmp").toString()));
        push(KeyCode.ENTER);
        until(
                "another ending is asked for",
                () -> ((Label) lookup("#path-problem").query()).getText().contains(".svg, .png or .pdf"));
        interact(() -> lookup("#path").queryTextInputControl().setText(file.toString()));
        push(KeyCode.ENTER);
        until("it is written", () -> Files.exists(file));
        assertThat(new String(Files.readAllBytes(file), 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }

    @Test
    void aPlainManyToManyBecomesALinkEntityAndBack() {
        BinaryRelationship plain = (BinaryRelationship) design().relationships().stream()
                .filter(r -> r.mentions("Keyword"))
                .findFirst()
                .orElseThrow();
        interact(() -> window.workspace().selection().set(Selection.of(plain)));
        until("its words are there", () -> sees("#word-LINK"));
        interact(() -> lookup("#word-LINK").query().requestFocus());
        push(KeyCode.SPACE);
        until("there is a link entity", () -> design().entity("SpecimenKeyword").isPresent());
        assertThat(design().isLink("SpecimenKeyword")).isTrue();
        interact(() -> lookup("#word-LINK").query().requestFocus());
        push(KeyCode.SPACE);
        until("it is gone again", () -> design().entity("SpecimenKeyword").isEmpty());
        assertThat(design().relationships()).isEqualTo(Samples.demo().relationships());
    }

    private double height(String id) {
        Node node = lookup(id).query();
        return node.localToScreen(node.getLayoutBounds()).getHeight();
    }

    @Test
    void theKeysAreShownAndEverythingCanBeLarger() {
        push(KeyCode.F1);
        until("the sheet of keys is there", () -> sees("#shortcuts"));
        assertThat(lookup("#shortcuts").queryParent().lookupAll(".label").stream()
                        .map(n -> ((Label) n).getText()))
                .contains("Arrange everything", "Save", "Type on the card");
        push(KeyCode.ESCAPE);
        until("it is put away", () -> !sees("#shortcuts"));
        double before = height("#stage-Draw");
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.EQUALS);
        until("all is larger", () -> window.appearance().scale().get() > 1 && height("#stage-Draw") > before);
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.MINUS);
        until("all is as before", () -> window.appearance().scale().get() == 1);
    }
}
