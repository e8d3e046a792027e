package jasperwing.notation;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.WideDesigns;
import jasperwing.model.Attribute;
import jasperwing.model.Comments;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EntityDetailsTest {
    @Property(tries = 300)
    void whatAnEntitySaysReadsBackFromItsLines(@ForAll long seed) {
        Design design = WideDesigns.of(seed);
        for (Entity entity : design.entities()) {
            List<String> lines = EntityDetails.print(entity);
            assertThat(lines).allMatch(EntityDetails::isDetail).allMatch(l -> EntityDetails.problem(l)
                    .isEmpty());
            assertThat(EntityDetails.replace(entity, lines)).isEqualTo(entity);
            for (Attribute attribute : entity.attributes()) {
                String line = EntityDetails.attribute(attribute, entity.isKey(attribute));
                assertThat(EntityDetails.isDetail(line)).as(line).isFalse();
                assertThat(Notation.attribute(line).value().map(AttributeLine::attribute))
                        .as(line)
                        .contains(attribute.withNotes(attribute.notes().withComments(Comments.NONE)));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "unique (title, year)",
                "index (title)",
                "key (author, title)",
                "shown as title",
                "outside",
                "in Library",
                "is a kind of Medium",
                "only its kinds",
                "with Stamped, Priced",
                "was Tome",
                "kinds kept in one table",
                "label \"Books\"",
                "table \"t_book\"",
                "\"A bound volume.\""
            })
    void isReadAsADetail(String line) {
        assertThat(EntityDetails.isDetail(line)).isTrue();
        Entity book = EntityDetails.replace(Entity.keyed("Book"), List.of(line));
        assertThat(EntityDetails.print(book)).containsExactly(line);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"title text(40)", "outside boolean", "in date", "shown boolean", "unique text(3)", "was int?"})
    void isReadAsAnAttribute(String line) {
        assertThat(EntityDetails.isDetail(line)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"unique (title", "shown as", "index (", "kinds kept in a box", "is a kind of"})
    void isADetailThatIsNotFinished(String line) {
        assertThat(EntityDetails.isDetail(line)).isTrue();
        assertThat(EntityDetails.problem(line)).isPresent();
    }

    @Test
    void commentsStayWithWhatStays() {
        Design design = Samples.design(
                "entity Book",
                "  title text(40)",
                "  # two books may be alike",
                "  unique (title, year)",
                "  year int");
        Entity book = design.entities().get(0);
        List<String> lines = new ArrayList<>(EntityDetails.print(book));
        lines.add("shown as title");
        Entity changed = EntityDetails.replace(book, lines);
        assertThat(changed.uniques()).isEqualTo(book.uniques());
        assertThat(changed.shown().names()).containsExactly("title");
    }
}
