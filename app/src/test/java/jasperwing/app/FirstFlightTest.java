package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.classes.Javac;
import jasperwing.findings.Level;
import jasperwing.findings.Rule;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.notation.Notation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** From an empty sheet to classes that compile, with mouse and keyboard only. */
class FirstFlightTest extends WindowTest {
    @Test
    void drawsFourEntitiesAndEveryKindOfRelationshipMendsAFindingAndWritesClasses() throws IOException {
        drawEntity(paper(80, 80), "Dive", "number int from 1", "startedAt timestamp");
        drawEntity(paper(420, 80), "Photo", "caption text(80)?", "dive_id int?");
        drawEntity(paper(80, 400), "Keyword", "word text(40) unique");
        drawEntity(paper(420, 400), "Remark", "body long text");

        oneToMany();
        manyToMany();
        oneToOne();
        oneOf();
        mend();
        writeAndCompile();
    }

    private void oneToMany() {
        dragTo(rightEdgeOf("Photo"), headOf("Dive"));
        until("Photo belongs to Dive", () -> relationships().size() == 1);
        assertThat(binary(0).shape()).isEqualTo(BinaryRelationship.Shape.ONE_TO_MANY);
        assertThat(binary(0).holder()).isEqualTo("Photo");
    }

    private void manyToMany() {
        dragTo(rightEdgeOf("Keyword"), headOf("Dive"));
        until("Keyword belongs to Dive", () -> relationships().size() == 2);
        clickOn("#word-COUNT");
        until("many to many", () -> binary(1).shape() == BinaryRelationship.Shape.MANY_TO_MANY);
    }

    private void oneToOne() {
        dragTo(rightEdgeOf("Remark"), headOf("Photo"));
        until("Remark belongs to Photo", () -> relationships().size() == 3);
        clickOn("#word-BACK_COUNT");
        until("one to one", () -> binary(2).shape() == BinaryRelationship.Shape.ONE_TO_ONE);
    }

    private void oneOf() {
        dragTo(rightEdgeOf("Remark"), headOf("Dive"));
        until("Remark belongs to Dive", () -> relationships().size() == 4);
        moveTo("#line-Remark-Dive");
        press(MouseButton.PRIMARY);
        moveTo(headOf("Dive").midpoint(headOf("Keyword")));
        moveTo(headOf("Keyword"));
        release(MouseButton.PRIMARY);
        until("one of two", () -> relationships().get(3) instanceof PolymorphicRelationship);
        assertThat(((PolymorphicRelationship) relationships().get(3)).subjects())
                .containsExactly("Dive", "Keyword");
        until("the fan is drawn", () -> sees("#fan-Remark"));
        moveTo("#fan-Remark");
        press(MouseButton.PRIMARY);
        moveTo(headOf("Keyword").midpoint(headOf("Photo")));
        moveTo(headOf("Photo"));
        release(MouseButton.PRIMARY);
        until("one of three", () -> relationships().get(3).targets().size() == 3);
    }

    private void mend() {
        assertThat(window.workspace().projection().get().report().findings())
                .extracting(f -> f.rule())
                .contains(Rule.UNDECLARED_REFERENCE);
        clickOn("#findings");
        until("the findings are listed", () -> sees("#findings-panel"));
        clickOn("#fix-" + Rule.UNDECLARED_REFERENCE.code());
        until("the reference is a relationship", () -> design().entity("Photo")
                .orElseThrow()
                .attribute("dive_id")
                .isEmpty());
        until(
                "nothing else is an error or has a fix that is mended the same way",
                () -> relationships().size() == 5);
        mendErrors();
        clickOn("#findings");
    }

    /** The relationship just stated repeats the one that was drawn; the fix names its role. */
    private void mendErrors() {
        while (window.workspace().projection().get().report().count(Level.ERROR) > 0) {
            long errors = window.workspace().projection().get().report().count(Level.ERROR);
            moveTo(paper(40, 40));
            clickOn("#fix-"
                    + window.workspace()
                            .projection()
                            .get()
                            .report()
                            .findings()
                            .get(0)
                            .rule()
                            .code());
            until(
                    "one error less",
                    () -> window.workspace().projection().get().report().count(Level.ERROR) < errors);
        }
    }

    private void writeAndCompile() throws IOException {
        Path out = folder.resolve("classes");
        clickOn("#stage-Classes");
        clickOn("#folder").write(out.toString());
        until("the files can be written", () -> !lookup("#write").query().isDisabled());
        clickOn("#write");
        until(
                "they are written",
                () -> ((Label) lookup("#classes-message").query()).getText().startsWith("Wrote"));
        Javac.compile(out, folder.resolve("compiled"));
        assertThat(folder.resolve("compiled/test/Remark.class")).exists();
    }

    @Test
    void savesClosesReopensAndFindsTheSameDesign() {
        drawEntity(paper(120, 120), "Dive", "number int");
        say("each Dive may have many Photo, which must belong to one Dive");
        until("Photo is there", () -> design().entity("Photo").isPresent());
        String before = Notation.print(design());
        Path file = folder.resolve("kept.wing");

        push(KeyCode.CONTROL, KeyCode.S);
        until("a file is asked for", () -> focused("path"));
        push(KeyCode.CONTROL, KeyCode.A);
        write(file.toString());
        push(KeyCode.ENTER);
        until(
                "it is saved",
                () -> Files.exists(file) && window.workspace().path().get().isPresent());

        push(KeyCode.CONTROL, KeyCode.N);
        until("an empty design is open", () -> design().entities().isEmpty());
        push(KeyCode.CONTROL, KeyCode.O);
        until("a file is asked for again", () -> focused("path"));
        push(KeyCode.CONTROL, KeyCode.A);
        write(file.toString());
        push(KeyCode.ENTER);
        until("the design is back", () -> Notation.print(design()).equals(before));
    }

    private List<Relationship> relationships() {
        return design().relationships();
    }

    private BinaryRelationship binary(int index) {
        return (BinaryRelationship) relationships().get(index);
    }
}
