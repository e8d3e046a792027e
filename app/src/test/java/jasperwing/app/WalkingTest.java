package jasperwing.app;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Walking along roles, and warnings that are accepted. */
class WalkingTest extends WindowTest {
    @Override
    Design first() {
        return Samples.design(
                "entity Dive",
                "  id serial key",
                "entity Photo",
                "  id serial key",
                "  siteId big int?",
                "entity Tag",
                "  id serial key",
                "entity Site",
                "  id serial key",
                "each Photo must belong to one Dive as dive, which may have many Photo as photos",
                "each Photo may carry many Tag as tags, which may mark many Photo as photos",
                "places",
                "  Dive 0,200",
                "  Photo 330,200",
                "  Site 0,420",
                "  Tag 330,420");
    }

    private String text(String id) {
        return lookup(id).<Label>query().getText();
    }

    @Test
    void aPathIsCompletedAndShowsItsJoinsAndItsExpression() {
        clickOn(headOf("Dive"));
        push(KeyCode.W);
        until("a path can be typed", () -> focused("walk-path"));
        write("ph").push(KeyCode.TAB);
        write(".ta").push(KeyCode.TAB);
        until("the joins are shown", () -> sees("#walk-sql"));
        assertThat(text("#walk-sql"))
                .contains("from dives dive", "join photos on photos.dive_id = dive.id", "where dive.id = ?");
        assertThat(text("#walk-java"))
                .isEqualTo("dive.getPhotos().stream().flatMap(photo -> photo.getTags().stream()).distinct().toList()");
        push(KeyCode.ENTER);
        until(
                "it has gone there",
                () -> window.workspace().selection().get().entities().contains("Tag"));
        assertThat(sees("#walk-bar")).isFalse();
    }

    @Test
    void anotherWayTellsWhetherItMustLeadToTheSameRowsAndToWhichItDoesNot() {
        interact(() -> window.workspace()
                .edit(d -> d.withRelationships(Samples.design(
                                "each Photo must belong to one Dive as dive, which may have many Photo as photos",
                                "each Photo may be of one Site as site, which may have many Photo as photos",
                                "each Dive must be at one Site as site, which may have many Dive as dives")
                        .relationships())));
        clickOn(headOf("Photo"));
        push(KeyCode.W);
        until("a path can be typed", () -> focused("walk-path"));
        write("dive.photos.site");
        until(
                "the other ways are told",
                () -> lookup("may lead to other rows").tryQuery().isPresent());
        clickOn("Which?");
        until("the query is shown", () -> sees("#walk-besides"));
        assertThat(text("#walk-besides")).contains("select distinct site.id", "except");
    }

    @Test
    void aWarningIsAcceptedForAReasonAndTakenBackByUndo() {
        clickOn(headOf("Photo"));
        until("the warning is in the lens", () -> sees("#accept-undeclared-reference"));
        clickOn("#accept-undeclared-reference");
        until("a reason can be typed", () -> focused("accept-reason"));
        write("until the import is done").push(KeyCode.ENTER);
        until("it is accepted", () -> design().accepted().size() == 1);
        assertThat(window.workspace().projection().get().report().accepted())
                .extracting(a -> a.said().reason())
                .containsExactly("until the import is done");
        push(KeyCode.CONTROL, KeyCode.Z);
        until("it is shown again", () -> design().equals(first()));
    }
}
