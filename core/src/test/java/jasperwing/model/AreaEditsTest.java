package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.notation.Notation;
import org.junit.jupiter.api.Test;

class AreaEditsTest {
    private static final Design DESIGN = Samples.design(
            "area Stock moss", "area Sales sea", "entity Shelf in Stock", "  id serial key", "entity Order in Sales");

    private static String text(Edit edit) {
        return Notation.print(edit.on(DESIGN));
    }

    @Test
    void entitiesFollowAnAreaToItsNewName() {
        assertThat(text(AreaEdits.rename("Stock", "Warehouse")))
                .contains("area Warehouse moss", "entity Shelf in Warehouse")
                .doesNotContain("Stock");
        assertThat(AreaEdits.rename("Stock", "Sales").on(DESIGN)).isEqualTo(DESIGN);
        assertThat(AreaEdits.rename("None", "Other").on(DESIGN)).isEqualTo(DESIGN);
    }

    @Test
    void anAreaIsAddedOnceRecolouredAndRemoved() {
        assertThat(text(AreaEdits.add(new Area("Staff", AreaColor.PLUM, Notes.NONE))))
                .contains("area Staff plum");
        assertThat(AreaEdits.add(new Area("Stock", AreaColor.PLUM, Notes.NONE)).on(DESIGN))
                .isEqualTo(DESIGN);
        assertThat(text(AreaEdits.recolor("Stock", AreaColor.OCHRE))).contains("area Stock ochre", "area Sales sea");
        assertThat(text(AreaEdits.remove("Stock"))).doesNotContain("Stock").contains("entity Shelf\n");
    }
}
