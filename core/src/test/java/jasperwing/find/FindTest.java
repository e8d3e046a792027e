package jasperwing.find;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import java.util.List;
import org.junit.jupiter.api.Test;

class FindTest {
    private static List<Found> in(String text) {
        return Find.in(Samples.demo(), text);
    }

    @Test
    void aNameThatBeginsSoComesFirst() {
        assertThat(in("TAX").get(0).entity()).isEqualTo("Taxon");
        assertThat(in("number")).extracting(Found::attribute).contains("number", "tagNumber");
    }

    @Test
    void typesNotesLabelsAndValuesOfEnumsAreFound() {
        assertThat(in("decimal(5,1)")).extracting(Found::attribute).containsExactly("deepest", "maxDepth");
        assertThat(in("sign-in")).extracting(Found::entity).contains("Account");
        assertThat(in("bar")).extracting(Found::attribute).contains("airUsed");
        assertThat(in("genus")).extracting(Found::attribute).contains("rank");
    }

    @Test
    void relationshipsAreFoundByTheirWords() {
        Found found = in("yield specimens").get(0);
        assertThat(found.relationship()).isPresent();
        assertThat(found.entity()).isEqualTo("Specimen");
    }

    @Test
    void whatIsNotThereIsNotFound() {
        assertThat(in("zeppelin")).isEmpty();
        assertThat(in("  ")).isEmpty();
    }
}
