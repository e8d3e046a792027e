package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.findings.Level;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.model.Literal;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.junit.jupiter.api.Test;

/** The ledger of keys, and writing classes into a folder that others write to as well. */
class KeysAndClassesTest extends WindowTest {
    @Override
    Design first() {
        return Samples.demo();
    }

    @Test
    void aKeyThatIsWrongIsFoundExplainedAndMended() {
        push(KeyCode.CONTROL, KeyCode.DIGIT2);
        until("the ledger is there", () -> sees("#key-notes.subject_kind + subject_id"));
        clickOn(button("Only problems"));
        until("what holds is hidden", () -> !sees("#key-dives.expedition_id"));
        clickId("#key-notes.subject_kind + subject_id");
        until("its fix is offered", () -> sees("#fix-one-of-keys-differ"));
        clickOn("#fix-one-of-keys-differ");
        until(
                "it is mended",
                () -> window.workspace().projection().get().report().count(Level.ERROR) == 0);
        assertThat(design().relationships().stream()
                        .filter(r -> r instanceof PolymorphicRelationship)
                        .map(r -> ((PolymorphicRelationship) r).kept()))
                .containsExactly(PolymorphicMapping.COLUMN_EACH);
        Relationship selected =
                window.workspace().selection().get().relationship().orElseThrow();
        assertThat(design().relationships()).contains(selected);
    }

    private Node button(String text) {
        return lookup(n -> n instanceof Labeled l && text.equals(l.getText())).query();
    }

    private void classesInto(Path out) {
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        until("the folder can be named", () -> sees("#folder"));
        clickOn("#folder").write(out.toString());
    }

    @Test
    void whatIsTypedBesideOneDesignDoesNotComeIntoTheNext() {
        classesInto(folder.resolve("one"));
        push(KeyCode.CONTROL, KeyCode.N);
        until("another design is there", () -> design().name().equals("New design"));
        until(
                "its folder is its own",
                () -> ((TextField) lookup("#folder").query()).getText().isEmpty());
        clickId("#target-java-plain");
        assertThat(design().targets()).isEmpty();
    }

    @Test
    void aFileThatIsNotOursIsNeverTouched() throws IOException {
        Path out = folder.resolve("mixed");
        Path dive = out.resolve("saltmarsh/fieldwork/Dive.java");
        Files.createDirectories(dive.getParent());
        Files.writeString(dive, "mine");
        classesInto(out);
        until("the file is told", () -> message().contains("1 not ours"));
        until("the others can be written", () -> sees("#write") && writes().equals("Write 21 files"));
        clickOn("#write");
        until("the others are written", () -> message().startsWith("Wrote 21 files."));
        until("they are the same now", () -> message().contains("21 same"));
        assertThat(dive).hasContent("mine");
    }

    @Test
    void whatWasChangedByHandAndByTheDesignIsSettledPlaceByPlace() throws IOException {
        Path out = folder.resolve("edited");
        Path dive = out.resolve("saltmarsh/fieldwork/Dive.java");
        classesInto(out);
        until("all can be written", () -> writes().equals("Write 22 files"));
        clickOn("#write");
        until("all are written", () -> message().contains("22 same"));
        String depth = "    private BigDecimal maxDepth;";
        String text = Files.readString(dive);
        assertThat(text).contains(depth);
        Files.writeString(
                dive,
                text.replace(depth, depth.replace(";", " = BigDecimal.ONE;"))
                        .replace("    private OffsetDateTime endedAt;", "    private OffsetDateTime endedAt; // mine"));
        usual("3");
        until("the conflict is told", () -> message().contains("1 conflict"));
        assertThat(writes()).isEqualTo("Nothing to write, 1 conflict left");
        reveal("/Dive.java");
        clickId("#file-Dive.java");
        until("both sides are shown", () -> sees("#settle-0-generated"));
        clickOn("#settle-0-generated");
        until("it can be written", () -> writes().equals("Write 1 file"));
        usual("4");
        until("what is other now is asked about again", () -> sees("#settle-0-generated"));
        clickOn("#settle-0-generated");
        until("it can be written again", () -> writes().equals("Write 1 file"));
        clickOn("#write");
        until("it is written", () -> message().startsWith("Wrote 1 file."));
        assertThat(dive).content().contains("maxDepth = new BigDecimal(\"4\");", "endedAt; // mine");
    }

    @Test
    void aLineTellsWhereItComesFromAndLeadsThere() {
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        reveal("/Dive.java");
        clickId("#file-Dive.java");
        until("its lines are there", () -> line("private Expedition expedition;") != null);
        clickOn(line("private Expedition expedition;"));
        until("its sentence is told", () -> sees("#origin") && text("#origin").startsWith("each Dive must"));
        until(
                "what else is made of it is told",
                () -> from(lookup("#elsewhere")).lookup(".label").queryAllAs(Label.class).stream()
                        .anyMatch(l -> l.getText().startsWith("java-plain: DiveRows.java, lines ")));
        clickOn("#origin");
        until("the sheet is shown", () -> sees("#sheet"));
        assertThat(window.workspace().selection().get().relationship())
                .hasValueSatisfying(r -> assertThat(r.targets()).containsExactly("Expedition"));
    }

    @Test
    void aLineOfAnEnumAndOneOfTheMappingTellWhereTheyComeFrom() {
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        reveal("/DiveDuty.java");
        clickId("#file-DiveDuty.java");
        String safety = "SAFETY(\"safety\", \"Safety diver\"),";
        until("its lines are there", () -> line(safety) != null);
        clickOn(line(safety));
        until("its value is told", () -> sees("#origin") && text("#origin").equals("safety \"Safety diver\""));

        clickId("#target-options");
        until("the options are there", () -> sees("#option-mapping-xml"));
        clickOn("#option-mapping-xml");
        reveal("/orm.xml");
        clickId("#target-options");
        clickId("#file-orm.xml");
        until("its lines are there", () -> line("<basic name=\"code\">") != null);
        clickOn(line("<basic name=\"code\">"));
        until("its attribute is told", () -> sees("#origin") && text("#origin").startsWith("code text(12) unique"));
    }

    @Test
    void objectsThatStayAsTheyAreAndRowsAsClassesAreAClickAway() {
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        reveal("/Dive.java");
        clickId("#file-Dive.java");
        clickId("#target-options");
        until("the options are there", () -> sees("#option-fetch-eager"));
        moveTo("#option-fetch-eager").scroll(20, VerticalDirection.DOWN);
        clickOn("#option-setters-none");
        until(
                "no setter is left",
                () -> design().target("java-jakarta").options().equals(Map.of("setters", "none")));
        until("the code follows", () -> shownLines().noneMatch(l -> l.contains("void setNumber")));
        clickId("#target-java-plain");
        until("what concerns rows is there", () -> sees("#option-rows-classes") && !sees("#option-setters-none"));
        clickOn("#option-rows-classes");
        until("a row is a class", () -> shownLines().anyMatch(l -> l.equals("public final class Dive {")));
    }

    @Test
    void aChoiceForATargetShowsInItsCodeAndIsKeptInTheDesign() {
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        reveal("/DurationMillis.java");
        clickId("#target-options");
        until("the options are there", () -> sees("#option-fetch-eager"));
        clickOn("#option-fetch-eager");
        until("it is said", () -> design().target("java-jakarta").options().equals(Map.of("fetch", "eager")));
        reveal("/Specimen.java");
        clickId("#file-Specimen.java");
        until("its code follows", () -> lookup(
                        n -> n instanceof TextFlow flow && shown(flow).contains("FetchType.EAGER"))
                .tryQuery()
                .isPresent());
        clickId("#target-java-plain");
        until("other files are there", () -> lists("/RowValues.java") && !lists("/DurationMillis.java"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until("the choice is taken back", () -> design().targets().isEmpty());
    }

    /** Scrolls the list of files to one, when it is there. */
    private void reveal(String path) {
        until(path + " is there", () -> sees("#files") && lists(path));
        ListView<?> files = lookup("#files").query();
        int row = files.getItems().stream()
                .map(Object::toString)
                .toList()
                .indexOf(files.getItems().stream()
                        .map(Object::toString)
                        .filter(r -> r.contains(path))
                        .findFirst()
                        .orElseThrow());
        interact(() -> files.scrollTo(Math.max(0, row - 3)));
        until(path + " is seen", () -> sees("#file-" + path.substring(1)));
    }

    /** Whether a file is among those that are listed, seen or not. */
    private boolean lists(String path) {
        return ((ListView<?>) lookup("#files").query())
                .getItems().stream().anyMatch(row -> row.toString().contains(path));
    }

    private void usual(String depth) {
        interact(() -> window.workspace()
                .edit(EntityEdits.changeAttribute(
                        "Dive", "maxDepth", a -> a.withDefault(Optional.of(new Literal(Literal.Kind.NUMBER, depth))))));
    }

    private Node line(String text) {
        return lookup(n -> n instanceof TextFlow flow && shown(flow).strip().equals(text)).queryAll().stream()
                .findFirst()
                .orElse(null);
    }

    private Stream<String> shownLines() {
        return lookup(n -> n instanceof TextFlow).queryAllAs(TextFlow.class).stream()
                .map(KeysAndClassesTest::shown);
    }

    private static String shown(TextFlow flow) {
        return flow.getChildren().stream().map(n -> ((Text) n).getText()).collect(Collectors.joining());
    }

    private String text(String id) {
        return ((Label) ((Labeled) lookup(id).query()).getGraphic()).getText();
    }

    private String writes() {
        return ((Labeled) lookup("#write").query()).getText();
    }

    private String message() {
        return ((Label) lookup("#classes-message").query()).getText();
    }

    @Test
    void aFileThatIsNoDesignIsRefusedInPlaceAndTheDesignStays() throws IOException {
        Path bad = folder.resolve("bad.wing");
        Files.writeString(bad, "design \"Bad\"\nwobble\n");
        push(KeyCode.CONTROL, KeyCode.O);
        until("a file is asked for", () -> focused("path"));
        push(KeyCode.CONTROL, KeyCode.A);
        write(bad.toString());
        push(KeyCode.ENTER);
        until("it is refused with its place", () -> problem()
                .contains("bad.wing:2:1: 'wobble' is not understood here"));
        push(KeyCode.ESCAPE);
        assertThat(design()).isEqualTo(first());
    }

    private String problem() {
        return ((Label) lookup("#path-problem").query()).getText();
    }

    @Test
    void aSavedDesignIsSavedOnItsOwnAfterAnEdit() {
        Path file = folder.resolve("own.wing");
        push(KeyCode.CONTROL, KeyCode.S);
        until("a file is asked for", () -> focused("path"));
        push(KeyCode.CONTROL, KeyCode.A);
        write(folder.resolve("own").toString());
        push(KeyCode.ENTER);
        until("it is saved with its ending", () -> Files.exists(file));
        say("entity Tide in Fieldwork");
        until("the edit is in the file", () -> content(file).contains("entity Tide in Fieldwork"));
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(
                "so is taking it back",
                () -> design().entity("Tide").isEmpty() && !content(file).contains("Tide"));
    }

    private static String content(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            return "";
        }
    }
}
