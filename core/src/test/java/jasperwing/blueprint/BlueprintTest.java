package jasperwing.blueprint;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.arrange.Progress;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.diagram.Card;
import jasperwing.diagram.Scene;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.picture.Typefaces;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BlueprintTest {
    private final Design demo = Samples.demo();

    @ParameterizedTest
    @MethodSource("jasperwing.dialect.Dialects#all")
    void everyTableColumnAndKeyIsDrawn(Dialect dialect) {
        Schema schema = Schema.derive(demo, dialect);
        Scene scene =
                Blueprint.of(demo, schema, Typefaces.get(), Progress.UNWATCHED).orElseThrow();
        assertThat(scene.cards())
                .extracting(Card::entity)
                .containsExactlyInAnyOrderElementsOf(
                        schema.tables().stream().map(DerivedTable::name).toList());
        for (DerivedTable table : schema.tables()) {
            Card card = scene.card(table.name()).orElseThrow();
            assertThat(card.rows())
                    .extracting(r -> r.name() + " " + r.type().replace("?", ""))
                    .startsWith(table.columns().stream()
                            .map(c -> c.name() + " " + schema.type(c))
                            .toArray(String[]::new));
            assertThat(card.rows().stream().skip(table.columns().size()))
                    .hasSize((int) table.uniqueKeys().stream()
                                    .filter(u -> u.columns().size() > 1)
                                    .count()
                            + table.indexes().size())
                    .allMatch(r -> r.mark() == Card.Mark.CONSTRAINT);
            for (Reference key : table.references()) {
                assertThat(scene.lines().stream()
                                .filter(l -> l.fromEntity().equals(table.name())
                                        && l.label().equals(String.join(", ", key.columns()))))
                        .hasSize(key.enforced() ? 1 : 0);
            }
        }
        assertThat(scene.fans()).extracting(f -> f.relationship().from()).containsExactly("notes");
    }

    @Test
    void whatIsUniqueAmongSomeRowsIsDrawnWithItsCondition() {
        Design design = Samples.design(
                "entity Player",
                "  id serial key",
                "  name text(80)",
                "  active boolean",
                "  unique (name) where active = true");
        Schema schema = Schema.derive(design, Dialects.POSTGRESQL);
        Scene scene = Blueprint.of(design, schema, Typefaces.get(), Progress.UNWATCHED)
                .orElseThrow();
        assertThat(scene.card("players").orElseThrow().rows())
                .extracting(r -> r.name())
                .contains("unique (name) where \u2026");
    }

    @ParameterizedTest
    @MethodSource("jasperwing.dialect.Dialects#all")
    void noTableLiesOnAnother(Dialect dialect) {
        List<Card> cards = Blueprint.of(demo, Schema.derive(demo, dialect), Typefaces.get(), Progress.UNWATCHED)
                .orElseThrow()
                .cards();
        for (Card card : cards) {
            assertThat(cards).filteredOn(c -> c.box().overlaps(card.box())).containsExactly(card);
        }
    }
}
