package jasperwing.say;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.Notation;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A model of ten entities with every kind of relationship, said in twelve sentences; docs/window.md tells the figures. */
class SeedBankTest {
    private static final List<String> SENTENCES = List.of(
            "a genus has a name and many species",
            "a species has a name and many lots",
            "many species grow in many habitats",
            "a habitat has a name and a region",
            "a vault has a code and a temperature and holds many lots",
            "a lot has a quantity, a weight and many tests",
            "a test has a rating",
            "a permit has a number and an end date and belongs to exactly one lot",
            "each lot has at most one permit",
            "persons keep lots via custody with a start date",
            "a person has a name and an email",
            "a note has a body and is about a species, a lot or a test");

    @Test
    void twelveSentencesAreEnough() {
        Design design = Samples.design();
        for (String sentence : SENTENCES) {
            Understanding understood = Say.understand(design, sentence);
            assertThat(understood.problem()).as(sentence).isEmpty();
            design = understood.edit().on(design);
        }
        assertThat(design.entities())
                .extracting(Entity::name)
                .containsExactlyInAnyOrder(
                        "Genus", "Species", "Lot", "Habitat", "Vault", "Test", "Permit", "Person", "Custody", "Note");
        assertThat(design.entities()).allMatch(e -> !e.attributes().isEmpty());
        assertThat(design.relationships())
                .extracting(r -> Notation.print(r).strip())
                .containsExactlyInAnyOrder(
                        "each Genus may have many Species, which must belong to one Genus",
                        "each Species may have many Lot, which must belong to one Species",
                        "each Species may grow in many Habitat, which may have many Species",
                        "each Vault may have many Lot, which must belong to one Vault",
                        "each Lot may have many Test, which must belong to one Lot",
                        "each Permit must belong to one Lot, which may have one Permit",
                        "each Person may keep many Lot via Custody, which may have many Person",
                        "each Note must be about one of Species, Lot, Test, which may have many Note");
        assertThat(SENTENCES.stream().mapToInt(String::length).sum()).isEqualTo(491);
    }
}
