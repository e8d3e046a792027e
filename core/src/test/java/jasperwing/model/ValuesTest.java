package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Values refuse what makes no sense, with the offending value, and cannot be changed from outside. */
class ValuesTest {
    private static final Reading ONE = new Reading(true, "have", false, "");
    private static final Reading MANY = new Reading(false, "have", true, "");

    @Test
    void namesAreNotBlank() {
        assertThatIllegalArgumentException().isThrownBy(() -> Entity.of(" ")).withMessageContaining("' '");
        assertThatIllegalArgumentException().isThrownBy(() -> Attribute.of("", Type.of(Scalar.INT)));
        assertThatIllegalArgumentException().isThrownBy(() -> new Area("\t", AreaColor.SEA, Notes.NONE));
        assertThatIllegalArgumentException().isThrownBy(() -> new Type.Named(""));
    }

    @Test
    void typesHaveSensibleSizes() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Type.Text(0))
                .withMessage("the length of a text must be from 1 to 10000000, but was 0");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Type.Decimal(5, 6))
                .withMessageContaining("scale of a decimal must be from 0 to 5, but was 6");
        assertThat(new Type.Decimal(5, 5).isNumeric()).isTrue();
        assertThat(new Type.Text(5).isText()).isTrue();
        assertThat(Type.of(Scalar.JSON).isText()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "have  two", "have one", "belong to many", "a, b", "say \"x\"", "be\nabout"})
    void verbsAreWordsAndLeaveTheCountAlone(String verb) {
        assertThat(Reading.isVerb(verb)).isFalse();
        assertThatIllegalArgumentException().isThrownBy(() -> new Reading(true, verb, true, ""));
    }

    @Test
    void rangesHaveABoundAndOneOfsHaveSubjects() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Range(Optional.empty(), Optional.empty()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> oneOf(List.of(), ONE))
                .withMessageContaining("[]");
        assertThatIllegalArgumentException().isThrownBy(() -> oneOf(List.of("A", "A"), ONE));
        assertThatIllegalArgumentException().isThrownBy(() -> oneOf(List.of("A"), MANY));
    }

    private static PolymorphicRelationship oneOf(List<String> subjects, Reading reading) {
        return new PolymorphicRelationship(
                "Note", subjects, reading, Optional.empty(), Optional.empty(), List.of(), Notes.NONE);
    }

    @Test
    void linksNeedManyAtBothEnds() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new BinaryRelationship("A", "B", "L", ONE, Optional.of(MANY), List.of(), Notes.NONE))
                .withMessageContaining("'L'");
    }

    @Test
    void listsAreCopiedOnTheWayIn() {
        List<Attribute> attributes = new ArrayList<>(List.of(Attribute.of("id", Type.of(Scalar.INT))));
        Entity entity = Entity.of("Dive").withAttributes(attributes);
        attributes.clear();
        assertThat(entity.attributes()).hasSize(1);
        List<Place> places = new ArrayList<>(List.of(new Place("B", "", 0, 0), new Place("A", "", 0, 0)));
        Design design = Design.named("X").withPlaces(places);
        places.clear();
        assertThat(design.places()).extracting(Place::entity).containsExactly("A", "B");
    }
}
