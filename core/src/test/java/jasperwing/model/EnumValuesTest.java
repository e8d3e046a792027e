package jasperwing.model;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.complete.Proposal;
import jasperwing.complete.TextCompletion;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.find.Find;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import jasperwing.reading.Narration;
import jasperwing.say.Say;
import jasperwing.say.Understanding;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is said of the values of an enum besides their names. */
class EnumValuesTest {
    private static final Design PERMITS = Samples.design(
            "enum State: asked, granted \"Granted\", lapsed, void",
            "  \"Where a permit stands.\"",
            "  asked was requested \"its fee is not paid yet\"",
            "  # since 2025",
            "  lapsed retired \"it was never used\"  # by the board",
            "  void retired",
            "entity Permit",
            "  id serial key",
            "  state State");

    @Test
    void itIsReadAndPrintedInOneWay() {
        EnumType state = PERMITS.enumType("State").orElseThrow();
        assertThat(state.notes().doc()).isEqualTo("Where a permit stands.");
        assertThat(state.values()).extracting(EnumValue::retired).containsExactly(false, false, true, true);
        assertThat(state.values().get(0).notes())
                .isEqualTo(Notes.NONE.withWas("requested").withDoc("its fee is not paid yet"));
        assertThat(Notation.print(PERMITS))
                .contains(
                        "enum State: asked, granted \"Granted\", lapsed, void\n",
                        "  \"Where a permit stands.\"\n",
                        "  asked       was requested \"its fee is not paid yet\"\n",
                        "  # since 2025\n  lapsed      retired \"it was never used\"  # by the board\n",
                        "  void        retired\n");
        assertThat(Notation.parse(Notation.print(PERMITS)).value()).isEqualTo(PERMITS);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "  gone retired   | State has no value gone; expected one of its values",
                "  asked void     | 'void' is not understood here; expected 'retired', 'was' or what it means in double quotes",
                "  void retired   | more is said of void twice"
            })
    void whatCannotBeReadIsSaid(String line, String problem) {
        String text = "design \"P\"\nenum State: asked, void\n  void retired\n  " + line + "\n";
        assertThat(Notation.parse(text).problems())
                .extracting(Problem::sentence)
                .containsExactly(problem);
        assertThat(Notation.parse(text).value().enums().get(0).values().get(1).retired())
                .isTrue();
    }

    @Test
    void rowsMayStillHoldWhatIsRetired() {
        assertThat(Schema.derive(PERMITS, Dialects.POSTGRESQL).sql())
                .contains("check (state in ('asked', 'granted', 'lapsed', 'void'))");
    }

    @Test
    void classesSayWhatValuesMeanAndWhichAreRetired() {
        for (Target target : Targets.all()) {
            String code = target.files(PERMITS).stream()
                    .filter(f -> f.path().endsWith("State.java"))
                    .findFirst()
                    .orElseThrow()
                    .text();
            assertThat(code)
                    .contains("    /** its fee is not paid yet */\n    ASKED(\"asked\", \"Asked\"),")
                    .contains("return this == LAPSED || this == VOID;");
        }
    }

    @Test
    void itIsToldInWordsAndFound() {
        assertThat(Narration.whole(PERMITS).get(0).said())
                .contains(
                        "A state is one of asked, Granted, lapsed (retired) or void (retired).",
                        "Where a permit stands.",
                        "Asked: its fee is not paid yet");
        assertThat(Find.in(PERMITS, "never used")).isNotEmpty();
    }

    @Test
    void noDefaultIsProposedThatIsRetired() {
        assertThat(TextCompletion.of(PERMITS, List.of("entity Permit"), "  state State default ")
                        .list())
                .extracting(Proposal::insert)
                .containsExactly("asked", "granted");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "granted is retired as a state",
                "the value granted of state is no longer used",
                "retire granted of state",
                "\"Granted\" is obsolete as a state"
            })
    void sayUnderstandsIt(String said) {
        assertThat(Say.understand(PERMITS, said).sentences()).containsExactly("State: granted retired");
        assertThat(Say.understand(PERMITS, said)
                        .edit()
                        .on(PERMITS)
                        .enums()
                        .get(0)
                        .values()
                        .get(1))
                .isEqualTo(new EnumValue("granted", true, Notes.NONE.withLabel("Granted")));
    }

    @Test
    void sayDoesNotGuessAtWhatIsNoValue() {
        Understanding understood = Say.understand(PERMITS, "gone is retired as a state");
        assertThat(understood.edit().on(PERMITS)).isEqualTo(PERMITS);
        assertThat(understood.problem()).contains("State has no value gone");
    }
}
