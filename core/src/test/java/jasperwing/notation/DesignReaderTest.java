package jasperwing.notation;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.SharedParts;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DesignReaderTest {
    private static final List<String> PIECES = List.of(
            "\n",
            "\r\n",
            "# a note\n",
            "  # within\n",
            "  ",
            "\t",
            "entity Barge\n",
            "  id serial key\n",
            "each ",
            "\"",
            "\\",
            "é",
            "design \"Again\"\n",
            "places\n",
            "  Dive 1,2\n",
            "notation 1\n",
            "area Sea moss\n",
            "\r",
            "value V\n",
            "1e",
            ",",
            "entity");

    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Property(tries = 60, seed = "20261130")
    void readingAgainGivesWhatReadingOnceGives(@ForAll("designs") Design design, @ForAll long seed) {
        follow(Notation.print(design), new Random(seed), 12);
    }

    @Property(tries = 20, seed = "20261130")
    void soItDoesForTheDemo(@ForAll long seed) {
        follow(Samples.demoText(), new Random(seed), 25);
    }

    private static void follow(String start, Random random, int edits) {
        DesignReader reader = new DesignReader();
        String text = start;
        Design known = Design.named("");
        for (int i = 0; i < edits; i++) {
            Parsed<Design> once = Notation.parse(text);
            assertThat(reader.read(text)).as(text).isEqualTo(once);
            known = SharedParts.of(known, once.value());
            assertThat(known).isEqualTo(once.value());
            if (random.nextBoolean()) {
                reader.adopt(known);
            }
            text = edited(text, random);
        }
    }

    private static String edited(String text, Random random) {
        int at = random.nextInt(text.length() + 1);
        int to = Math.min(text.length(), at + random.nextInt(9));
        return switch (random.nextInt(4)) {
            case 0 -> text.substring(0, at) + text.substring(to);
            case 1 -> moved(text, random);
            default -> text.substring(0, at) + PIECES.get(random.nextInt(PIECES.size())) + text.substring(at);
        };
    }

    private static String moved(String text, Random random) {
        List<String> lines = new ArrayList<>(List.of(text.split("(?<=\n)")));
        Collections.swap(lines, random.nextInt(lines.size()), random.nextInt(lines.size()));
        return String.join("", lines);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "\n\n",
                "# alone",
                "  indented\n  twice\ndesign \"D\"\n",
                "design \"D\"\n# of both\n  # within\n  id serial\nentity A\n",
                "entity A\n  id serial key\n# below\n  name text(9)\n# last\n  # deeper\n",
                "notation 9\ndesign \"D\"\n",
                "# above\nnotation 1\n# again\ndesign \"D\"\nentity A\nentity A\n",
                "design \"D\"\r\nentity A\r\n  id serial key\r\n\r\n# end\r\n"
            })
    void textsOfOddShapesAreReadAlike(String text) {
        DesignReader reader = new DesignReader();
        for (int i = 0; i < 2; i++) {
            assertThat(reader.read(text)).isEqualTo(Notation.parse(text));
        }
    }

    @Test
    void whatHasNotChangedIsTheSameObject() {
        DesignReader reader = new DesignReader();
        String text = Samples.demoText();
        Design before = reader.read(text).value();
        Design after = reader.read(text.replace("tidal", "tideDependent")).value();
        assertThat(after.entities())
                .filteredOn(e -> before.entities().stream().noneMatch(b -> b == e))
                .hasSize(1);
        assertThat(after.relationships())
                .allMatch(r -> before.relationships().stream().anyMatch(b -> b == r));
        Design other = Notation.parse(text.replace("tidal", "tideDependent")).value();
        reader.adopt(other);
        assertThat(reader.read(text.replace("tidal", "tideDependent")).value().entities())
                .allMatch(e -> other.entities().stream().anyMatch(o -> o == e));
        Design shared = SharedParts.of(
                before, Notation.parse(text.replace("tidal", "tideDependent")).value());
        assertThat(shared.entities())
                .filteredOn(e -> before.entities().stream().noneMatch(b -> b == e))
                .hasSize(1);
        assertThat(SharedParts.of(before, Notation.parse(text).value())).isSameAs(before);
        Design twice = SharedParts.of(
                before,
                Notation.parse(text.replace("maxDepth", "greatestDepth")).value());
        assertThat(twice.entities())
                .filteredOn(e -> before.entities().stream().noneMatch(b -> b == e))
                .hasSize(2);
    }
}
