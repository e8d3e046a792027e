package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.notation.EntityDetails;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.fxmisc.richtext.CodeArea;
import org.junit.jupiter.api.Test;

/** Typing on cards, as a person would. */
class TypingTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design(
                "enum Duty: leader, recorder",
                "entity Dive",
                "  id serial key",
                "  number int",
                "  maxDepth decimal(5,1)",
                "entity Site",
                "  id serial key",
                "  name text(80)",
                "each Dive must be made at one Site, which may have many Dive",
                "places",
                "  Dive 0,0",
                "  Site 420,0");
    }

    private void openAtEnd(String entity) {
        interact(() -> window.workspace().selection().set(jasperwing.app.workspace.Selection.of(entity)));
        interact(() -> sheet().requestFocus());
        push(KeyCode.ENTER);
        until("the card of " + entity + " is open", () -> focused("card-lines"));
    }

    private CodeArea lines() {
        return (CodeArea) lookup("#card-lines").query();
    }

    private List<String> attributes(String entity) {
        return design().entity(entity).orElseThrow().attributes().stream()
                .map(Attribute::name)
                .toList();
    }

    private String completion() {
        StringBuilder text = new StringBuilder();
        lookup("#completion").queryParent().lookupAll(".label").forEach(n -> text.append(((Label) n).getText())
                .append('\n'));
        return text.toString();
    }

    private void paste(String text) {
        interact(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            Clipboard.getSystemClipboard().setContent(content);
        });
        push(KeyCode.CONTROL, KeyCode.V);
    }

    @Test
    void aTypeIsCompletedAndTakesEffectAtOnce() {
        openAtEnd("Dive");
        write("surfacedAt time");
        until("types are proposed", () -> sees("#completion") && completion().startsWith("timestamp"));
        push(KeyCode.TAB);
        until("it is in the design while the card is still open", () -> attributes("Dive")
                .contains("surfacedAt"));
        assertThat(lines().getText()).endsWith("surfacedAt timestamp");
        push(KeyCode.ENTER);
        write("duty Du");
        until("an enum is proposed", () -> sees("#completion") && completion().startsWith("Duty"));
        push(KeyCode.TAB);
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-name"));
        assertThat(attributes("Dive")).endsWith("surfacedAt", "duty");
        push(KeyCode.CONTROL, KeyCode.Z);
        until("all that was typed is one step", () -> attributes("Dive").size() == 3);
    }

    @Test
    void whatAnEntitySaysBesidesIsTypedOnTheCard() {
        openAtEnd("Dive");
        push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.DELETE);
        write("id serial key\nnumber int\nunique (site, number)\nshown as number\noutside");
        until("all is taken", () -> design().entity("Dive").orElseThrow().outside());
        assertThat(EntityDetails.print(design().entity("Dive").orElseThrow()))
                .containsExactly("unique (site, number)", "shown as number", "outside");
        assertThat(attributes("Dive")).containsExactly("id", "number");
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-lines"));
        openAtEnd("Dive");
        interact(() -> {
            lines().moveTo(1, 0);
            lines().requestFollowCaret();
        });
        push(KeyCode.SHIFT, KeyCode.END);
        write("no int");
        until("what names it follows", () -> lines().getText().contains("unique (site, no)\nshown as no\n"));
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-lines"));
        openAtEnd("Dive");
        assertThat(lines().getText()).isEqualTo("id serial key\nno int\n\nunique (site, no)\nshown as no\noutside");
        write("unique (site, ");
        push(KeyCode.ESCAPE);
        until(
                "what is wrong is told",
                () -> lookup("#card-problem").<Label>query().getText().contains("missing"));
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-lines"));
        assertThat(EntityDetails.print(design().entity("Dive").orElseThrow()))
                .containsExactly("unique (site, no)", "shown as no", "outside");
    }

    @Test
    void whatWasTypedInTheSameOpeningFollowsARenamedAttributeToo() {
        openAtEnd("Dive");
        push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.DELETE);
        write("id serial key\nnumber int\nday date\nunique (day, number)\nshown as number\n\"The number of a dive\"");
        until(
                "all is taken",
                () -> !design().entity("Dive").orElseThrow().notes().doc().isEmpty());
        interact(() -> {
            lines().moveTo(1, 0);
            lines().requestFollowCaret();
        });
        push(KeyCode.SHIFT, KeyCode.END);
        write("count int");
        until("what names it follows", () -> lines().getText()
                .endsWith("\ncount int\nday date\nunique (day, count)\nshown as count\n\"The number of a dive\""));
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-lines"));
        assertThat(EntityDetails.print(design().entity("Dive").orElseThrow()))
                .contains("unique (day, count)", "shown as count");
    }

    @Test
    void tabAndArrowsLeadFromLineToLineAndCardToCard() {
        openAtEnd("Dive");
        push(KeyCode.SHIFT, KeyCode.TAB);
        assertThat(lines().getCurrentParagraph()).isEqualTo(2);
        push(KeyCode.DOWN);
        push(KeyCode.TAB);
        until("the next card is open at its name", () -> focused("card-name") && sheetEdits("Site"));
        push(KeyCode.TAB);
        until("its lines are next", () -> focused("card-lines"));
        push(KeyCode.UP);
        until("above the first line is the name", () -> focused("card-name"));
        push(KeyCode.SHIFT, KeyCode.TAB);
        until("the card before is open at its last line", () -> focused("card-lines") && sheetEdits("Dive"));
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-name"));
        push(KeyCode.CONTROL, KeyCode.RIGHT);
        until("the next card that way is selected", () -> window.workspace()
                .selection()
                .get()
                .single()
                .filter("Site"::equals)
                .isPresent());
    }

    private boolean sheetEdits(String entity) {
        return lookup("#card-name").queryTextInputControl().getText().equals(entity);
    }

    @Test
    void linesAreReorderedByAltAndArrows() {
        openAtEnd("Dive");
        push(KeyCode.SHIFT, KeyCode.TAB);
        push(KeyCode.ALT, KeyCode.UP);
        until("depth is before number", () -> attributes("Dive").equals(List.of("id", "maxDepth", "number")));
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-name"));
    }

    @Test
    void cellsAndSqlArePastedAsAttributes() {
        openAtEnd("Site");
        paste("Column\tType\tNull\nlatitude\tdecimal(9,6)\tno\nseen on\tdate\tyes\n");
        until("both are there", () -> attributes("Site").equals(List.of("id", "name", "latitude", "seenOn")));
        paste("create table x (tide_level numeric(4,2) not null, notes text);");
        until("columns are there", () -> attributes("Site").containsAll(List.of("tideLevel", "notes")));
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-name"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until("it was one step", () -> attributes("Site").size() == 2);
    }

    @Test
    void garbageAndTenThousandLinesLeaveAValidDesignAndOneStep() {
        StringBuilder garbage = new StringBuilder("%%% ((( \u0001 \"\n");
        for (int i = 0; i < 10_000; i++) {
            garbage.append("?? line ").append(i).append(" {}\n");
        }
        openAtEnd("Site");
        paste(garbage.toString());
        until(
                "the problem is named",
                () -> ((Label) lookup("#card-problem").query()).getText().startsWith("Line "));
        push(KeyCode.ESCAPE);
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-name"));
        assertThat(attributes("Site")).containsExactly("id", "name");
        assertThat(window.workspace().canUndo()).isFalse();
        openAtEnd("Site");
        StringBuilder many = new StringBuilder();
        for (int i = 0; i < 10_000; i++) {
            many.append("field").append(i).append(" int\n");
        }
        paste(many.toString());
        until("all are there", () -> attributes("Site").size() == 10_002);
        push(KeyCode.ESCAPE);
        until("the card is left", () -> !sees("#card-name"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until("one step takes them back", () -> attributes("Site").size() == 2);
    }

    @Test
    void namesWithQuotesEmojiAndOtherScriptsAreKept() {
        for (String name : List.of("Sea \"Grass\"", "\uD83E\uDD80", "\u05E9\u05DC\u05D5\u05DD")) {
            String before = window.workspace().selection().get().single().orElse("Site");
            interact(() -> window.workspace().selection().set(jasperwing.app.workspace.Selection.of(before)));
            interact(() -> sheet().requestFocus());
            push(KeyCode.F2);
            until("its name can be typed", () -> focused("card-name"));
            interact(() -> lookup("#card-name").queryTextInputControl().setText(name));
            push(KeyCode.ESCAPE);
            until(name + " is its name", () -> design().entity(name).isPresent());
            assertThat(jasperwing.notation.Notation.parse(jasperwing.notation.Notation.print(design()))
                            .value())
                    .isEqualTo(design());
        }
    }

    @Test
    void anAttributeIsDraggedToAnotherCard() {
        Bounds dive = card("Dive");
        Bounds site = card("Site");
        double row = (dive.getHeight()) / (34 + 3 * 19 + 8);
        Point2D margin = new Point2D(dive.getMinX() + 14 * row, dive.getMinY() + (34 + 19 * 2.5) * row);
        dragTo(margin, new Point2D(site.getCenterX(), site.getMinY() + (34 + 19) * row));
        until("it is on the other card", () -> attributes("Site").equals(List.of("id", "maxDepth", "name")));
        assertThat(attributes("Dive")).containsExactly("id", "number");
        Bounds now = card("Site");
        Point2D first = new Point2D(now.getMinX() + 14 * row, now.getMinY() + (34 + 19 * 1.5) * row);
        dragTo(first, new Point2D(now.getCenterX(), now.getMaxY() - 4));
        until("it is the last", () -> attributes("Site").equals(List.of("id", "name", "maxDepth")));
        press(MouseButton.PRIMARY).release(MouseButton.PRIMARY);
    }
}
