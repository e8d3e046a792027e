package jasperwing.notation;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Designs;
import jasperwing.Samples;
import jasperwing.model.Design;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class RoundTripTest {
    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Property(tries = 600, seed = "20260304")
    void whatIsPrintedReadsBackEqualAndPrintsTheSame(@ForAll("designs") Design design) {
        String text = Notation.print(design);
        Parsed<Design> parsed = Notation.parse(text);
        assertThat(parsed.problems()).as(text).isEmpty();
        assertThat(parsed.value()).as(text).isEqualTo(design);
        assertThat(Notation.print(parsed.value())).isEqualTo(text);
    }

    @Property(tries = 400, seed = "20260305")
    void anyPrefixOfATextIsReadWithoutAnException(@ForAll("designs") Design design, @ForAll int cut) {
        String text = Notation.print(design);
        String prefix = text.substring(0, Math.floorMod(cut, text.length()));
        assertThat(Notation.parse(prefix).value()).isNotNull();
    }

    @Property(tries = 300, seed = "20260306")
    void anyTextAtAllIsReadWithoutAnException(@ForAll String text) {
        Parsed<Design> parsed = Notation.parse(text);
        assertThat(parsed.isSound() && parsed.value().name().isEmpty() && !text.contains("design"))
                .isFalse();
    }

    @Test
    void theDemoIsCanonical() {
        assertThat(Notation.print(Samples.demo())).isEqualTo(Samples.demoText());
    }
}
