package jasperwing.app.classes;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.classes.ClassModel;
import jasperwing.classes.OurTargets;
import jasperwing.classes.Source;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import org.junit.jupiter.api.Test;

class OriginSummaryTest {
    private final Design design = Notation.parse(
                    """
                    design "Marsh"

                    enum Duty: leader, safety "Safety diver"

                    value Point
                      north decimal(9,6)
                      east  decimal(9,6)?

                    trait Stamped
                      writtenAt timestamp set on insert

                    entity Site with Stamped
                      id   serial key
                      at   Point
                      path Point list

                    entity Dive with Stamped
                      id   serial key
                      duty Duty
                      depth int from 0

                    entity Log
                      id   serial key
                      writtenAt timestamp set on insert

                    each Dive must be at one Site as site, which may have many Dive as dives
                    """)
            .value();

    private OriginSummary told(String of, String member) {
        Schema schema = Schema.derive(design, Dialects.POSTGRESQL);
        ClassModel model = OurTargets.JAKARTA.model(design, schema);
        return OriginSummary.of(
                design, schema, of, model.origin(new Source(of, member)).orElseThrow());
    }

    @Test
    void anAttributeIsToldWithItsPlaceAndItsColumn() {
        OriginSummary told = told("Dive", "depth");
        assertThat(told.text()).isEqualTo("depth int from 0");
        assertThat(told.place()).isEqualTo("Dive, attribute 3");
        assertThat(told.selection().entities()).containsExactly("Dive");
        assertThat(told.also()).containsExactly("dives.depth integer not null", "check (depth >= 0)");
    }

    @Test
    void aRoleIsToldByItsSentence() {
        OriginSummary told = told("Site", "dives");
        assertThat(told.text()).startsWith("each Dive must be at one Site as site");
        assertThat(told.selection().relationship()).isPresent();
        assertThat(told.also()).containsExactly("dives.site_id \u2192 sites, refuse");
    }

    @Test
    void anEnumAndAValueOfItAreToldWithTheColumnsTheyAreIn() {
        assertThat(told("Duty", "").text()).isEqualTo("enum Duty: leader, safety \"Safety diver\"");
        OriginSummary value = told("Duty", "safety");
        assertThat(value.text()).isEqualTo("safety \"Safety diver\"");
        assertThat(value.place()).isEqualTo("Duty, value 2");
        assertThat(value.selection().entities()).containsExactly("Dive");
        assertThat(value.also()).first().asString().startsWith("dives.duty ");
    }

    @Test
    void aPartOfAValueIsToldWithItsColumnsEverywhere() {
        OriginSummary part = told("Point", "east");
        assertThat(part.text()).isEqualTo("east decimal(9,6)?");
        assertThat(part.place()).isEqualTo("Point, attribute 2");
        assertThat(part.selection().entities()).containsExactly("Site");
        assertThat(part.also()).containsExactly("sites.at_east numeric(9,6)", "site_paths.east numeric(9,6)");
        assertThat(told("Point", "").text()).isEqualTo("value Point");
    }

    @Test
    void whatATraitHasIsToldForAllThatHaveIt() {
        OriginSummary told = told("Stamped", "writtenAt");
        assertThat(told.text()).isEqualTo("writtenAt timestamp set on insert");
        assertThat(told.selection().entities()).containsExactly("Site", "Dive");
        assertThat(told.also())
                .containsExactly("sites.written_at timestamptz not null", "dives.written_at timestamptz not null");
        assertThat(told("Stamped", "").text()).isEqualTo("trait Stamped");
        assertThat(told("Site", "").text()).isEqualTo("entity Site");
    }
}
