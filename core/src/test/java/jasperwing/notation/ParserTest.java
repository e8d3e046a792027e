package jasperwing.notation;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.PolymorphicRelationship;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ParserTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "seen date optional|seen date?",
                "seen date NULL unique|seen date? unique",
                "seen date? nullable|seen date?",
                "seen date not null|seen date",
                "seen date NOT NULL unique|seen date unique",
                "seen date required|seen date",
                "seen date primary key|seen date key",
                "seen date pk|seen date key"
            })
    void whatOtherWordsSayOfAnAttributeIsReadToo(String said, String meant) {
        assertThat(Notation.parse("design \"Birds\"\nentity Bird\n  " + said + "\n")
                        .value())
                .isEqualTo(Notation.parse("design \"Birds\"\nentity Bird\n  " + meant + "\n")
                        .value());
    }

    @Test
    void whatSaysTwoThingsOfAnAttributeIsNotUnderstood() {
        for (String said : List.of("seen date? not null", "seen date optional required", "seen date key pk")) {
            assertThat(Notation.parse("design \"Birds\"\nentity Bird\n  " + said + "\n")
                            .problems())
                    .hasSize(1);
        }
    }

    @Test
    void everyErrorIsReportedWithItsPlaceAndNoStatementIsLostByAnother() {
        Parsed<Design> parsed = Notation.parse(
                """
                design "Marsh"
                area Fieldwork green
                entity Dive
                  id serial key
                  number intgr(3)
                  depth decimal
                  note text(40)
                each Dive must belong one Expedition
                entity Site
                  name text(80) wibble
                enum Duty leader
                each Site may have many Dive, which must be at one Dive
                """);

        assertThat(parsed.problems())
                .extracting(p -> p.line() + ":" + p.column() + " " + p.sentence())
                .containsExactly(
                        "2:16 'green' is not understood here; expected a colour: moss, sea, ochre, plum, slate, umber, indigo, fern, rose",
                        "5:10 there is no type 'intgr' with numbers; expected a type such as text(40) or decimal(8,2)",
                        "6:16 something is missing at the end; expected digits and decimals, as in decimal(8,2)",
                        "10:17 'wibble' is not understood here; expected a rule such as key, unique, default 0 or from 0 to 9",
                        "11:11 'leader' is not understood here; expected ':'",
                        "12:52 the way back must lead to Site, but leads to 'Dive'; expected Site");
        assertThat(parsed.value().entities()).extracting(Entity::name).containsExactly("Dive", "Site");
        assertThat(parsed.value().entity("Dive").orElseThrow().attributes())
                .extracting(a -> a.name())
                .containsExactly("id", "note");
        assertThat(((BinaryRelationship) parsed.value().relationships().get(0))
                        .forward()
                        .verb())
                .isEqualTo("belong");
    }

    @Test
    void aTextInALaterNotationIsNotTakenForAFaultyOne() {
        Parsed<Design> parsed =
                Notation.parse("# ours\nnotation 2\ndesign \"Marsh\"\nlayer Tide over Dive\nentity Dive\n");
        assertThat(parsed.problems())
                .extracting(p -> p.line() + ":" + p.column() + " " + p.sentence())
                .containsExactly("2:10 the design is written in notation 2, by a newer Jasperwing than this one, "
                        + "which knows notation 1; it was left as it is; expected a newer Jasperwing to open it with");
    }

    @Test
    void aTextMaySayThatItIsInThisNotation() {
        Parsed<Design> parsed = Notation.parse("# ours\nnotation 1\n# and theirs\ndesign \"Marsh\"\n");
        assertThat(parsed.problems()).isEmpty();
        assertThat(Notation.print(parsed.value())).isEqualTo("# ours\n# and theirs\ndesign \"Marsh\"\n");
        assertThat(Notation.parse("design \"Marsh\"\nnotation 1\n").problems()).hasSize(1);
        assertThat(Notation.parse("notation soon\ndesign \"Marsh\"\n").problems())
                .hasSize(1);
    }

    @Test
    void whatIsNotBuiltYetIsSaidToBeNotYet() {
        Parsed<Design> parsed = Notation.parse(
                "design \"Marsh\"\neach Note must be about one of Dive, Site\n" + "  kept as a shared parent\n");
        assertThat(parsed.problems()).hasSize(1);
        assertThat(parsed.problems().get(0).message()).contains("cannot be read yet");
    }

    @Test
    void commentsStayWhereTheyStood() {
        String text =
                """
                # head
                design "Marsh"  # after

                # above
                entity Dive  # beside
                  # above id
                  id          serial         key  # beside id
                  # last

                # above the sentence
                each Dive may precede one Dive
                  # about deleting
                  deleting Dive empties it  # gone

                # the end

                places
                  Dive 10,20
                """;
        Parsed<Design> parsed = Notation.parse(text);
        assertThat(parsed.problems()).isEmpty();
        assertThat(Notation.print(parsed.value())).isEqualTo(text);
    }

    @Test
    void namesThatLookLikeTheGrammarAreQuoted() {
        Parsed<Design> parsed = Notation.parse(
                "design \"Odd\"\nentity `of`\n  unique int unique\neach `of` may have one of `of`, `one two` as `which`\n");
        assertThat(parsed.problems()).isEmpty();
        PolymorphicRelationship oneOf =
                (PolymorphicRelationship) parsed.value().relationships().get(0);
        assertThat(oneOf.subjects()).containsExactly("of", "one two");
        assertThat(parsed.value().entities().get(0).attributes().get(0).unique())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "each Dive may have many Photo, which must belong to one Dive | ONE_TO_MANY",
                "each Dive may have many Photo | MANY_TO_MANY",
                "each Dive must be at one Site | ONE_TO_MANY",
                "each Dive may have one Log, which must be of one Dive | ONE_TO_ONE",
                "each Dive may have many Diver as crew via Duty, which may have many Dive | LINKED"
            })
    void shapesFollowFromBothReadings(String sentence, BinaryRelationship.Shape shape) {
        assertThat(Notation.sentence(sentence).value())
                .map(r -> ((BinaryRelationship) r).shape())
                .contains(shape);
    }

    @Test
    void aLinkNeedsManyAtBothEnds() {
        assertThat(Notation.sentence("each Dive may have one Diver via Duty").problems())
                .extracting(Problem::message)
                .containsExactly("a link entity needs many at both ends");
    }

    @Test
    void aPatternOfTwoLinesIsAProblem() {
        assertThat(Notation.parse("design \"Birds\"\nentity Bird\n  ring text(9) matching /A\rB/\n")
                        .problems())
                .extracting(Problem::message)
                .containsExactly("a pattern must be one line");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "\n\n", "# only a comment\n"})
    void aTextWithoutADesignIsAProblemAtItsStart(String text) {
        assertThat(Notation.parse(text).problems()).hasSize(1).allMatch(p -> p.line() == 1);
    }

    @Test
    void whatIsSaidTwiceIsNotTakenForWhatIsNotUnderstood() {
        assertThat(Notation.parse(
                                "design \"D\"\neach Dive may have one Log\n  checked at the end\n  checked at the end\n")
                        .problems())
                .extracting(p -> p.line() + " " + p.message())
                .containsExactly("4 when it is checked is said twice");
    }
}
