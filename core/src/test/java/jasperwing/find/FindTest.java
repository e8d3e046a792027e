package jasperwing.find;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import java.util.List;
import org.junit.jupiter.api.Test;

class FindTest {
    private static List<FoundPlace> in(String text) {
        return Find.in(Samples.demo(), text);
    }

    @Test
    void aNameThatBeginsSoComesFirst() {
        assertThat(in("TAX").get(0).entity()).isEqualTo("Taxon");
        assertThat(in("number")).extracting(FoundPlace::attribute).contains("number", "tagNumber");
    }

    @Test
    void typesNotesLabelsAndValuesOfEnumsAreFound() {
        assertThat(in("decimal(5,1)")).extracting(FoundPlace::attribute).containsExactly("deepest", "maxDepth");
        assertThat(in("sign-in")).extracting(FoundPlace::entity).contains("Account");
        assertThat(in("bar")).extracting(FoundPlace::attribute).contains("airUsed");
        assertThat(in("genus")).extracting(FoundPlace::attribute).contains("rank");
    }

    @Test
    void relationshipsAreFoundByTheirWords() {
        FoundPlace found = in("yield specimens").get(0);
        assertThat(found.relationship()).isPresent();
        assertThat(found.entity()).isEqualTo("Specimen");
    }

    @Test
    void whatIsNotThereIsNotFound() {
        assertThat(in("zeppelin")).isEmpty();
        assertThat(in("  ")).isEmpty();
    }
}
