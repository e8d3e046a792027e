package jasperwing.complete;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.model.Design;
import java.util.List;
import org.junit.jupiter.api.Test;

class AttributeCompletionTest {
    private final Design demo = Samples.demo();

    private Proposals at(String entity, String before) {
        return AttributeCompletion.of(demo, demo.entity(entity).orElseThrow(), before);
    }

    private List<String> inserts(String entity, String before) {
        return at(entity, before).list().stream().map(Proposal::insert).toList();
    }

    @Test
    void aNameUsedElsewhereIsProposedWithItsType() {
        assertThat(inserts("Specimen", "na")).contains("name text(80)", "name text(120)");
        assertThat(at("Specimen", "  na").from()).isEqualTo(2);
        assertThat(inserts("Dive", "started")).doesNotContain("startedAt timestamp");
    }

    @Test
    void attributesThatAreOftenUsedAreProposedAsTheDesignWritesNames() {
        assertThat(inserts("Specimen", "te")).contains("temperature decimal(8,2)");
        assertThat(inserts("Specimen", "postc")).containsExactly("postcode text(12)");
        Design snake = Samples.design("entity A", "  id serial key", "  made_by text(9)");
        assertThat(AttributeCompletion.of(snake, snake.entities().get(0), "birth")
                        .list())
                .isEmpty();
        assertThat(AttributeCompletion.of(snake, snake.entities().get(0), "starts")
                        .list())
                .extracting(Proposal::insert)
                .contains("starts_on date");
    }

    @Test
    void aNameAloneGetsTheTypeItSuggests() {
        assertThat(AttributeCompletion.missingType("seenAt")).isEqualTo(" timestamp");
        assertThat(AttributeCompletion.missingType("family ")).isEqualTo("text(80)");
        for (String line : List.of("", "outside", "a int", "unique (a)", "9lives", "\"said\"")) {
            assertThat(AttributeCompletion.missingType(line)).as(line).isEmpty();
        }
    }

    @Test
    void aTypeIsProposedByWhatIsTypedAndByTheName() {
        assertThat(inserts("Dive", "surfacedAt time"))
                .containsSequence("timestamp")
                .contains("time", "local timestamp");
        assertThat(at("Dive", "surfacedAt ").list().get(0)).isEqualTo(new Proposal("timestamp", "likely, by the name"));
        assertThat(at("Dive", "surfacedAt time").from()).isEqualTo(11);
        assertThat(inserts("Dive", "rank Tax")).contains("TaxonRank", "TaxonRank?");
    }

    @Test
    void aTypeThatIsWrittenOutNeedsNoProposal() {
        assertThat(inserts("Dive", "count int")).isEmpty();
    }

    @Test
    void rulesAndValuesFollowTheType() {
        assertThat(inserts("Dive", "depth decimal(5,1) fr")).containsExactly("from 0");
        assertThat(inserts("Dive", "depth decimal(5,1) from 0 t")).containsExactly("to ");
        assertThat(inserts("Taxon", "rank TaxonRank default "))
                .containsExactly("kingdom", "phylum", "class", "order", "family", "genus", "species");
        assertThat(inserts("Taxon", "rank TaxonRank default ge")).containsExactly("genus");
        assertThat(inserts("Taxon", "seenAt timestamp default ")).containsExactly("now", "now + 2 hours");
        assertThat(inserts("Taxon", "code text(3) unique u")).containsExactly("up to 100");
    }

    @Test
    void nothingIsProposedForNothing() {
        assertThat(at("Dive", "").isEmpty()).isTrue();
        assertThat(at("Dive", "depth decimal(5,1) ").isEmpty()).isTrue();
    }
}
