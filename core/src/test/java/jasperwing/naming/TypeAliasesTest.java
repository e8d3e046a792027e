package jasperwing.naming;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Report;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Type;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypeAliasesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "varchar(120)|text(120)",
                "CHARACTER VARYING(12)|text(12)",
                "Timestamp With Time Zone|timestamp",
                "VARCHAR(30)|text(30)",
                "character varying(9)|text(9)",
                "char(2)|text(2)",
                "number(8,2)|decimal(8,2)",
                "numeric(12)|decimal(12,0)",
                "bool|boolean",
                "Boolean|boolean",
                "string|long text",
                "String|long text",
                "text|long text",
                "Integer|int",
                "Long|big int",
                "datetime|local timestamp",
                "timestamptz|timestamp",
                "timestamp with time zone|timestamp",
                "LocalDate|date",
                "double precision|real",
                "tinyint(1)|boolean"
            })
    void aTypeOfSqlOrALanguageBecomesOneOfTheNotation(String said, String meant) {
        for (String suffix : new String[] {"", "?", " list", " unique"}) {
            Design design = Samples.design("entity Thing", "  it " + said + suffix);
            Attribute it = design.entities().get(0).attributes().get(0);
            assertThat(Notation.type(it.withList(false).withOptional(false))).isEqualTo(meant);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"money", "string", "Long", "text"})
    void aDeclaredNameIsWhatItIsDeclaredAs(String name) {
        Design design = Samples.design("enum `" + name + "`: a, b", "entity Thing", "  it `" + name + "`");
        assertThat(design.entities().get(0).attributes().get(0).type()).isEqualTo(new Type.Named(name));
    }

    @Test
    void anUnknownTypeIsToldWithWhatWasLikelyMeant() {
        Design design = Samples.design(
                "enum Grade: good, poor", "entity Thing", "  id serial key", "  a Grad", "  b strng", "  c boolaen");
        assertThat(Report.of(design, Dialects.POSTGRESQL).findings().stream()
                        .filter(f -> f.message().contains("which is no type"))
                        .map(f -> f.fixes().get(0).title()))
                .containsExactly("Make it Grade", "Make it long text", "Make it boolean");
        assertThat(Notation.attribute("a varchr(20)").problems())
                .extracting(Problem::message)
                .containsExactly("there is no type 'varchr' with numbers");
    }

    @Test
    void aFindingOfAnUnknownTypeStillOffersAnEnum() {
        Design design = Samples.design("entity Thing", "  id serial key", "  a Hue");
        assertThat(Report.of(design, Dialects.POSTGRESQL).findings())
                .flatExtracting(Finding::fixes)
                .extracting(f -> f.title())
                .contains("Add an enum Hue", "Make it text(40)");
    }
}
