package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.RelationshipEdits;
import jasperwing.notation.Notation;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a preview says an edit would bring. */
class DesignAdditionsTest {
    private final Design design = Samples.design(
            "entity Dive",
            "  id serial key",
            "entity Word",
            "  id serial key",
            "entity Plot",
            "  row int",
            "  col int",
            "  key (row, col)");

    private List<String> adding(String sentence) {
        return DesignAdditions.of(
                design,
                RelationshipEdits.add(Notation.sentence(sentence).value().orElseThrow())
                        .on(design));
    }

    @Test
    void aForeignKeyIsNamedWithWhatItPointsTo() {
        assertThat(adding("each Dive must be at one Plot"))
                .containsExactly("+ dives.plot_row \u2192 plots.row", "+ dives.plot_col \u2192 plots.col");
    }

    @Test
    void aJoinTableIsNamedWithItsKey() {
        assertThat(adding("each Dive may carry many Word")).containsExactly("+ dive_words (dive_id, word_id)");
    }

    @Test
    void aOneOfBringsAColumnForEach() {
        assertThat(adding("each Word may mark one of Dive, Plot as thing"))
                .containsExactly(
                        "+ words.thing_dive_id \u2192 dives.id",
                        "+ words.thing_plot_row \u2192 plots.row",
                        "+ words.thing_plot_col \u2192 plots.col");
    }

    @Test
    void aNewEntityIsNamedAndItsOwnColumnsAreNot() {
        assertThat(DesignAdditions.of(
                        design, EntityEdits.add(Entity.keyed("Tide")).on(design)))
                .containsExactly("+ Tide");
        assertThat(DesignAdditions.of(design, design)).isEmpty();
        assertThat(DesignAdditions.of(design, EntityEdits.remove("Dive").on(design)))
                .isEmpty();
    }
}
