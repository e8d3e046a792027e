package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.app.workspace.Selection;
import jasperwing.derive.SqlScript;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Rule;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.Design;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import java.io.IOException;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The six ways to look at keys, as somebody looks through them. */
class KeysViewsTest extends WindowTest {
    @Override
    Design first() {
        return Samples.demo();
    }

    @BeforeEach
    void goToKeys() {
        push(KeyCode.CONTROL, KeyCode.DIGIT2);
        until("the ledger is there", () -> sees("#key-dives.expedition_id"));
    }

    /** How far down a row stands. */
    private double y(String id) {
        return lookup(named(id)).query().localToScreen(0, 0).getY();
    }

    @Test
    void theLedgerIsNarrowedSortedAndGrouped() {
        clickOn("#keys-filter").write("taxon");
        until("the others are hidden", () -> !sees("#key-dives.expedition_id"));
        assertThat(sees("#key-specimens.taxon_id")).isTrue();
        push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.DELETE);
        until("all are back", () -> sees("#key-dives.expedition_id"));
        assertThat(y("#key-dives.expedition_id")).isLessThan(y("#key-assignments.dive_id"));
        clickOn(lookup(named("#sort-Column")).nth(0).<Node>query());
        until("it is sorted", () -> y("#key-dives.expedition_id") > y("#key-assignments.dive_id"));
        clickOn("#keys-grouping").clickOn("By area");
        until("the areas are named", () -> lookup(n -> n instanceof Labeled l
                        && "Equipment".equals(l.getText())
                        && l.getStyleClass().contains("ledger-group"))
                .tryQuery()
                .isPresent());
    }

    @Test
    void theRippleOfWhatIsSelectedIsToldAndDrawn() {
        interact(() -> window.workspace().selection().set(Selection.of("Instrument")));
        clickOn("#keys-Delete");
        until("it is told", () -> sentence().startsWith("Deleting a row of instruments deletes"));
        assertThat(sentence()).contains("calibrations", "sondes", "cameras", "sonde_probes", "notes");
        clickOn("#ripple-start")
                .clickOn(lookup(n -> n instanceof Labeled l
                                && "Dive".equals(l.getText())
                                && l.getStyleClass().contains("list-cell"))
                        .<Node>query());
        until("another is told", () -> sentence().startsWith("Deleting a row of dives is refused"));
        assertThat(window.workspace().selection().get()).isEqualTo(Selection.of("Dive"));
        clickOn("#show-on-draw");
        until("it is on the sheet", () -> sees("#card-Dive"));
    }

    private String sentence() {
        return ((Label) lookup("#ripple-sentence").query()).getText();
    }

    @Test
    void theScriptIsShownCopiedAndSavedAndEachLineLeadsToTheDesign() {
        clickOn("#keys-SQL");
        until("the script is there", () -> script().contains("create table expeditions ("));
        assertThat(script())
                .isEqualTo(window.workspace().projection().get().schema().sql());
        interact(() -> window.workspace().selection().set(Selection.of("Dive")));
        int line = script().lines().toList().indexOf("  max_depth numeric(5,1) not null,");
        interact(() -> sql().getSelectionModel().clearAndSelect(line));
        until("its origin is told", () -> told("#sql-origin").contains("Dive: maxDepth decimal(5,1)"));
        assertThat(window.workspace().selection().get()).isEqualTo(Selection.of("Dive"));
        clickOn("#sql-copy");
        until("it is told", () -> told("#sql-state").startsWith("Copied"));
        interact(() -> assertThat(Clipboard.getSystemClipboard().getString()).isEqualTo(script()));
        clickOn("#sql-scope").clickOn("What is selected");
        until(
                "one table is left",
                () -> script().startsWith("create table dives (") && !script().contains("create table expeditions"));
        Path file = folder.resolve("dives.sql");
        clickOn("#sql-save");
        until("a file is asked for", () -> focused("path"));
        push(KeyCode.CONTROL, KeyCode.A);
        write(file.toString()).push(KeyCode.ENTER);
        until("it is saved", () -> file.toFile().exists());
        assertThat(file).content().isEqualTo(script());
        interact(() -> window.workspace().dialect().set(Dialects.SQLITE));
        until("it is another database's", () -> script().contains("integer constraint pk_dives primary key"));
    }

    private ListView<SqlScript.Line> sql() {
        return lookup("#sql-lines").query();
    }

    private String script() {
        return new SqlScript(sql().getItems()).text();
    }

    private String told(String id) {
        return ((Label) lookup(id).query()).getText();
    }

    @Test
    void theWaysToKeepWhatIsSelectedLieInTheLens() {
        assertThat(sees("#ways")).isFalse();
        interact(() -> window.workspace()
                .selection()
                .set(Selection.of(design().relationships().stream()
                        .filter(r -> r instanceof PolymorphicRelationship)
                        .findFirst()
                        .orElseThrow())));
        until("they are laid out", () -> sees("#way-A-column-for-each"));
        interact(() -> lookup(named("#way-A-column-for-each")).<Button>query().fire());
        until("it is switched to", () -> design().relationships().stream()
                .anyMatch(r ->
                        r instanceof PolymorphicRelationship oneOf && oneOf.kept() == PolymorphicMapping.COLUMN_EACH));
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        until("Draw has them in a pane of its own", () -> !sees("#ways"));
    }

    @Test
    void theMatrixTellsWhatTheMouseIsOver() {
        clickOn("#keys-Matrix");
        until("it is there", () -> sees("#matrix"));
        var matrix = lookup("#matrix").query();
        var bounds = matrix.localToScreen(matrix.getBoundsInLocal());
        boolean told = false;
        for (double y = bounds.getMinY() + 100; y < bounds.getMinY() + 180 && !told; y += 6) {
            for (double x = bounds.getMinX() + 120; x < bounds.getMinX() + 200 && !told; x += 9) {
                moveTo(x, y);
                told = ((Label) lookup("#matrix-told").query()).getText().startsWith("dives.expedition_id");
            }
        }
        assertThat(told).isTrue();
        clickOn(MouseButton.PRIMARY);
        assertThat(window.workspace().selection().get().relationship()).isPresent();
    }

    @Test
    void theTablesAreDrawnAndSavedAsAPicture() throws IOException {
        clickOn("#keys-Tables");
        until("they are arranged", () -> !lookup("#save-tables").query().isDisabled());
        clickOn("#save-tables");
        until("a path can be typed", () -> focused("path"));
        Path file = folder.resolve("tables.svg");
        push(KeyCode.CONTROL, KeyCode.A);
        write(file.toString()).push(KeyCode.ENTER);
        until("it is saved", () -> file.toFile().exists());
        assertThat(file).content().contains("specimen_keywords", "instrument_serial", "varchar(20)");
    }

    @Test
    void allOfAKindAreMendedByOneEdit() {
        Design boats = Samples.design(
                "entity Boat", "  id serial key", "  fee real", "  price real", "each Boat may tow one Boat as towed");
        interact(() -> window.workspace().edit(d -> boats));
        interact(() -> window.workspace().selection().set(Selection.of("Boat")));
        until("both are told", () -> sees("#fix-all-money-in-real"));
        clickOn(lookup("#fix-all-money-in-real").nth(0).<Node>query());
        until("both are mended", () -> window.workspace().projection().get().report().findings().stream()
                .noneMatch(f -> f.rule() == Rule.MONEY_IN_REAL));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(
                "one undo takes both back",
                () -> window.workspace().projection().get().report().findings().stream()
                                .filter(f -> f.rule() == Rule.MONEY_IN_REAL)
                                .count()
                        == 2);
    }

    @Test
    void whatAChoiceOfNamesWouldRenameIsSeenBeforeItIsMade() {
        clickOn("#keys-Names");
        until("the choices are there", () -> sees("#names-SINGULAR_TABLES"));
        moveTo("#names-SINGULAR_TABLES");
        until("it is told", () -> renamed().contains("would rename 18 tables"));
        assertThat(design().naming().isEmpty()).isTrue();
        clickOn("#names-SINGULAR_TABLES");
        until("it is said", () -> design().naming().has(DatabaseNaming.Rule.SINGULAR_TABLES));
        clickOn("#names-schema").write("field");
        until("it is told", () -> renamed().startsWith("Schema field would rename 18 tables"));
        push(KeyCode.ENTER);
        until("it is said", () -> design().naming().schema().equals("field"));
        clickOn("#names-prefix").write("x").push(KeyCode.ESCAPE);
        clickOn("#names-schema-Collection").write("collection").push(KeyCode.ENTER);
        until(
                "it is said",
                () -> design().area("Collection").orElseThrow().schema().equals("collection"));
        assertThat(design().naming().prefix()).isEmpty();
        clickOn("#keys-Ledger");
        until("tables are called so", () -> sees("#key-dive.expedition_id"));
        push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        until("all is taken back", () -> sees("#key-dives.expedition_id"));
    }

    private String renamed() {
        return lookup("#names-renamed")
                .<Labeled>tryQuery()
                .map(Labeled::getText)
                .orElse("");
    }
}
