package jasperwing.notation;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The canonical text, line by line. */
class PrintingTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "id serial key",
                "maxDepth decimal(5,1) from 0 to 120",
                "hazards text(40) list",
                "endedAt local timestamp?",
                "tags Tag list?",
                "kind DiveDuty unique default leader",
                "note long text default \"a \\\"b\\\" \\\\ c\\n\" label \"The note\" column \"NOTE\" \"What was seen.\"",
                "day date from 2026-01-01",
                "depth real up to -0.5",
                "`two words` int",
                "unique int unique",
                "key uuid key",
                "shown boolean default true",
                "odd `text`"
            })
    void anAttributeLineIsWrittenAsItIsBestRead(String line) {
        AttributeLine read = Notation.attribute(line).value().orElseThrow();
        assertThat(Notation.print(read.attribute(), read.key())).isEqualTo(line);
    }

    @ParameterizedTest
    @CsvSource({
        "'  id   serial   key', id serial key",
        "x int unique key default 3, x int key unique default 3",
        "x text( 4 ) ?, x text(4)?",
        "x int? list, x int list?",
        "x decimal(5), 'x decimal(5,0)'"
    })
    void otherWaysToWriteItAreReadTheSame(String line, String canonical) {
        AttributeLine read = Notation.attribute(line).value().orElseThrow();
        assertThat(Notation.print(read.attribute(), read.key())).isEqualTo(canonical);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "x                  | 1:2  | something is missing at the end; expected a type such as text(40), int or timestamp",
                "x int int          | 1:7  | 'int' is not understood here; expected a rule such as key, unique, default 0 or from 0 to 9",
                "x int key key      | 1:11 | 'key' is said twice",
                "x int default      | 1:14 | something is missing at the end; expected a number, a \"text\", a date or a word",
                "x int from a       | 1:12 | 'a' is not understood here; expected a number or a date such as 2026-03-01",
                "x text(0)          | 1:3  | the length of a text must be from 1 to 10000000, but was 0",
                "x decimal(3,4)     | 1:3  | the scale of a decimal must be from 0 to 3, but was 4",
                "x text(1,2)        | 1:3  | too many numbers after 'text'; expected a length, as in text(40)",
                "3 int              | 1:1  | '3' is not understood here; expected the name of an attribute",
                "x text(4           | 1:9  | something is missing at the end; expected ')'",
                "x int label y      | 1:13 | 'y' is not understood here; expected the label in double quotes",
                "x int \"open       | 1:7  | the text is not closed; expected \"",
                "x int \"a\\q\"     | 1:9  | the escape is not known; expected \\n, \\t, \\\", \\` or \\\\",
                "`` int             | 1:1  | a name must not be blank; expected a name between the backquotes"
            })
    void whatCannotBeReadIsNamedWithItsPlace(String line, String place, String sentence) {
        Parsed<?> parsed = Notation.attribute(line);
        assertThat(parsed.problems())
                .extracting(p -> p.line() + ":" + p.column() + " " + p.sentence())
                .containsExactly(place + " " + sentence);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "each Dive must belong to one Expedition as expedition, which may have many Dive as dives",
                "each Dive may have many Researcher as crew via Assignment, which may join many Dive",
                "each Note must be about one of Dive, Specimen, Instrument as subject, which may have many Note as notes",
                "each Researcher may sign in as one Account",
                "each `of` may have one `one of`"
            })
    void aSentenceIsWrittenAsItWasSaid(String sentence) {
        assertThat(Notation.print(Notation.sentence(sentence).value().orElseThrow()))
                .isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "each Dive              | 1:10 | something is missing at the end; expected 'must' or 'may'",
                "each Dive may          | 1:14 | something is missing at the end; expected a verb, such as 'have' or 'belong to'",
                "each Dive may have     | 1:19 | something is missing at the end; expected 'one', 'many', 'at most 8' or 'one of'",
                "each Dive may have one | 1:23 | something is missing at the end; expected the name of an entity",
                "each Dive may have one Log, and | 1:29 | 'and' is not understood here; expected 'which'",
                "each Dive may have one of A, A  | 1:1 | a one-of needs its subjects, each once, but was given [A, A]"
            })
    void aBrokenSentenceSaysWhatCouldFollow(String sentence, String place, String message) {
        assertThat(Notation.sentence(sentence).problems())
                .extracting(p -> p.line() + ":" + p.column() + " " + p.sentence())
                .containsExactly(place + " " + message);
    }

    @Test
    void aSmallEditIsASmallDifference() {
        String before = Samples.demoText();
        String after =
                before.replace("  endedAt     timestamp?\n", "  endedAt     timestamp?\n  surfacedAt  timestamp?\n");
        Parsed<?> parsed = Notation.parse(after);
        assertThat(parsed.isSound()).isTrue();
        assertThat(Notation.print(Notation.parse(after).value())).isEqualTo(after);
    }

    @Test
    void lineEndsOfOtherSystemsAndTabsAreRead() {
        Parsed<Design> parsed = Notation.parse("design \"X\"\r\nentity Dive\r\n\tid serial key\r\n");
        assertThat(parsed.problems()).isEmpty();
        assertThat(parsed.value().entity("Dive").orElseThrow().attributes())
                .extracting(Attribute::name)
                .containsExactly("id");
    }
}
