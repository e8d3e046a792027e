package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What is remembered while a text is typed changes nothing of what it is taken to mean. */
class SayMemoryTest {
    private static final String TEXT = "A wedding has a date and a motto. It is held at a venue. "
            + "Each wedding has many guests. They may have a diet. A guest sits at a table.";

    private final Design design = Samples.design("entity Venue", "  id serial key");
    private final SayMemory memory = new SayMemory();

    private void assertAsFresh(String text, Map<String, Integer> ways) {
        Design after = design;
        Design fresh = design;
        for (Say.Heard heard : memory.paragraph(design, text, ways)) {
            after = heard.understanding().edit().on(after);
        }
        for (Say.Heard heard : Say.paragraph(design, text, ways)) {
            fresh = heard.understanding().edit().on(fresh);
        }
        assertThat(after).as(text).isEqualTo(fresh);
        assertThat(memory.paragraph(design, text, ways))
                .extracting(Say.Heard::sentence)
                .isEqualTo(Say.paragraph(design, text, ways).stream()
                        .map(Say.Heard::sentence)
                        .toList());
    }

    @Test
    void typedLetterByLetterAndChangedInTheMiddle() {
        for (int i = 1; i <= TEXT.length(); i++) {
            assertAsFresh(TEXT.substring(0, i), Map.of());
        }
        assertAsFresh(TEXT.replace("venue", "castle"), Map.of());
        assertAsFresh(TEXT.replace("wedding", "party"), Map.of());
        assertAsFresh(TEXT, Map.of("guessed: each Guest must have one Table", 1));
        assertAsFresh(TEXT, Map.of());
    }
}
