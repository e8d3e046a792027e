package jasperwing.naming;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NamingTest {
    @ParameterizedTest
    @CsvSource({
        "SequenceRecord, sequence_record",
        "maxDepth, max_depth",
        "URLPath, url_path",
        "parseHTML, parse_html",
        "phone1, phone1",
        "Max Depth, max_depth",
        "dive_id, dive_id",
        "ÜberGröße, über_größe"
    })
    void namesSplitIntoTheSameWordsHoweverTheyAreJoined(String name, String snake) {
        assertThat(Words.snake(name)).isEqualTo(snake);
        assertThat(Words.snake(Words.camel(name))).isEqualTo(snake);
        assertThat(Words.snake(Words.pascal(name))).isEqualTo(snake);
    }

    @ParameterizedTest
    @CsvSource({
        "Dive, Dives",
        "Specimen, Specimens",
        "Taxon, Taxa",
        "category, categories",
        "box, boxes",
        "leaf, leaves",
        "SequenceRecord, SequenceRecords",
        "crew, crew",
        "species, species",
        "status, statuses",
        "analysis, analyses",
        "person, people",
        "address, addresses",
        "hero, heroes"
    })
    void pluralsAndSingularsLeadBackAndForth(String one, String many) {
        assertThat(Plurals.plural(one)).isEqualTo(many);
        assertThat(Plurals.plural(many)).isEqualTo(many);
        assertThat(Plurals.singular(many)).isEqualTo(one);
        assertThat(Plurals.singular(one)).isEqualTo(one);
    }

    @Test
    void longNamesEndInAHashAndDoNotExceedTheLimitInBytes() {
        String name = "ä".repeat(60);
        String fitted = Identifiers.fit(name, 63);
        assertThat(fitted.getBytes(StandardCharsets.UTF_8)).hasSizeLessThanOrEqualTo(63);
        assertThat(fitted).isNotEqualTo(Identifiers.fit(name + "b", 63)).startsWith("äää");
        assertThat(Identifiers.fit("short", 63)).isEqualTo("short");
    }

    @Test
    void takenNamesAreNumberedWhateverTheirCase() {
        Identifiers names = new Identifiers(0);
        assertThat(names.take("dives")).isEqualTo("dives");
        assertThat(names.take("DIVES")).isEqualTo("DIVES_2");
        assertThat(names.take("dives")).isEqualTo("dives_3");
    }

    @Test
    void reservedWordsFoldCaseInSqlAndNotInJava() {
        assertThat(Dialects.POSTGRESQL.reserved().contains("Group")).isTrue();
        assertThat(Reserved.ofLanguage("java").contains("class")).isTrue();
        assertThat(Reserved.ofLanguage("java").contains("Class")).isFalse();
    }

    @Test
    void rolesAreNamedAfterTheFarEndWhenNotSaid() {
        Design design = Samples.design(
                "entity Dive",
                "entity Photo",
                "entity Duty",
                "each Dive may have many Photo, which must belong to one Dive",
                "each Dive may have many Photo as covers via Duty, which may have many Dive",
                "each Dive may follow one Dive as before, which may have many Dive as later");
        assertThat(design.relationships())
                .flatExtracting(Roles::of)
                .extracting(r -> r.holder() + "." + r.name() + " -> " + r.target() + (r.must() ? " must" : ""))
                .containsExactly(
                        "Photo.dive -> Dive must",
                        "Duty.dive -> Dive must",
                        "Duty.photo -> Photo must",
                        "Dive.before -> Dive");
        assertThat(Roles.forward(design.relationships().get(0))).isEqualTo("photos");
        assertThat(Roles.back(design.relationships().get(2))).isEqualTo("later");
    }
}
