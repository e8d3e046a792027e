package jasperwing.change;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.moves.MergeEntities;
import jasperwing.moves.SplitOff;
import java.util.List;
import org.junit.jupiter.api.Test;

class LostFactsTest {
    private static final Design SHOP = Samples.design(
            "entity Shop",
            "  \"Where things are sold.\"",
            "  id serial key",
            "  name text(40) label \"Name\" \"On the door.\"",
            "  town text(40) default \"Oslo\" matching /[A-Z].*/",
            "  zip text(9) unique",
            "  floor int? from 1 to 9",
            "  index (town, zip) where town <> \"x\"",
            "entity Till",
            "  id serial key",
            "each Till must be in one Shop as shop, which may have many Till as tills in order of id",
            "  deleting Shop deletes Till too");

    private static List<String> without(String attribute) {
        return LostFacts.of(SHOP, EntityEdits.removeAttribute("Shop", attribute).on(SHOP));
    }

    @Test
    void whatWasSaidOfWhatIsGoneIsLost() {
        assertThat(without("name")).containsExactly("the documentation of Shop.name", "the label of Shop.name");
        assertThat(without("town"))
                .containsExactly(
                        "the default of Shop.town",
                        "the pattern of Shop.town",
                        "the index (town, zip) where town <> \"x\" of Shop");
        assertThat(without("floor")).containsExactly("the range of Shop.floor");
        assertThat(LostFacts.of(SHOP, EntityEdits.remove("Till").on(SHOP)))
                .containsExactly("the delete rule of Till.shop", "the order of Till.shop");
    }

    @Test
    void whatHasMovedIsNotLost() {
        assertThat(LostFacts.of(SHOP, new SplitOff("Shop", List.of("name", "floor"), "Details", false).on(SHOP)))
                .isEmpty();
        assertThat(LostFacts.of(SHOP, EntityEdits.rename("Shop", "Store").on(SHOP)))
                .isEmpty();
        Design moved = new SplitOff("Shop", List.of("town", "zip"), "Address", true).on(SHOP);
        assertThat(LostFacts.of(SHOP, moved)).isEmpty();
        assertThat(moved.entity("Address").orElseThrow().indexes()).hasSize(1);
    }

    @Test
    void twoEntitiesKeepTheDocumentationOfBoth() {
        Design two = Samples.design(
                "entity Shop",
                "  \"Where things are sold.\"",
                "  id serial key",
                "  floor int from 1 to 9 \"Upwards.\"",
                "  total int = floor + 1",
                "entity Store",
                "  \"Where things are kept.\"",
                "  id serial key",
                "  floor int from 1 to 4 \"From the street.\"");
        Design merged = new MergeEntities("Shop", "Store").on(two);
        assertThat(merged.entity("Shop").orElseThrow().notes().doc())
                .isEqualTo("Where things are sold.\nWhere things are kept.");
        assertThat(LostFacts.of(two, merged)).containsExactly("the range of Shop.floor", "the range of Store.floor");
        assertThat(merged.entity("Shop")
                        .flatMap(e -> e.attribute("total"))
                        .orElseThrow()
                        .optional())
                .isFalse();
    }

    @Test
    void anIndexThatIsCutIsNamed() {
        Design cut = new SplitOff("Shop", List.of("zip"), "Codes", false).on(SHOP);
        assertThat(LostFacts.of(SHOP, cut)).containsExactly("the index (town, zip) where town <> \"x\" of Shop");
        assertThat(LostFacts.of(SHOP, SHOP)).isEmpty();
    }
}
