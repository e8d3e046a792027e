package jasperwing.findings;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What looks like something wrong, and is not. */
class FalseAlarmsTest {
    private static List<Rule> rules(Design design, Dialect dialect) {
        return Report.of(design, dialect).findings().stream().map(Finding::rule).toList();
    }

    @ParameterizedTest
    @MethodSource("jasperwing.dialect.Dialects#all")
    void aValueWhoseColumnsAreNamedOtherwiseIsNoReservedWord(Dialect dialect) {
        Design design = Samples.design(
                "value Span",
                "  opens date",
                "  closes date",
                "entity Fair",
                "  id serial key",
                "  order Span",
                "  group Span?");
        assertThat(rules(design, dialect)).doesNotContain(Rule.RESERVED_WORD);
    }

    @ParameterizedTest
    @ValueSource(strings = {"docType", "docKind", "doc_class"})
    void anIdBesideAKindIsNoMissingRelationship(String kind) {
        Design design = Samples.design(
                "entity Doc",
                "  id serial key",
                "entity Stamp",
                "  id serial key",
                "  " + kind + " text(20)",
                "  docId big int");
        assertThat(rules(design, Dialects.POSTGRESQL))
                .doesNotContain(Rule.UNDECLARED_REFERENCE, Rule.REFERENCE_TYPE_DIFFERS);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"Bus", "Diagnosis", "Campus", "Lens", "Virus", "Bonus", "Alias", "Canvas", "Crisis", "Radius"})
    void aNameInSIsNotTakenForAPlural(String name) {
        Design design = Samples.design("entity " + name, "  id serial key");
        assertThat(rules(design, Dialects.POSTGRESQL)).doesNotContain(Rule.PLURAL_ENTITY);
    }

    @Test
    void whatIsMarkedAsDeletedOrMayBeNullIsNotAlwaysWrong() {
        Design design = Samples.design(
                "entity Member",
                "  id serial key",
                "  email text(120) unique",
                "  nickname text(20)? unique",
                "  updatedOn date",
                "  ageGroup text(10)",
                "  deletedReason text(40)?");
        assertThat(rules(design, Dialects.POSTGRESQL))
                .doesNotContain(Rule.SOFT_DELETE_UNIQUE, Rule.UNIQUE_WITH_NULLS, Rule.TEXT_FOR_TYPE);
    }

    @ParameterizedTest
    @ValueSource(strings = {"priceEur", "creditLimit", "vat", "netPrice", "rentChf"})
    void moneyIsKnownByItsName(String name) {
        assertThat(rules(Samples.design("entity Lease", "  id serial key", "  " + name + " real"), Dialects.POSTGRESQL))
                .contains(Rule.MONEY_IN_REAL);
    }

    @Test
    void anIdWithoutAKindIsOneStill() {
        Design design =
                Samples.design("entity Doc", "  id serial key", "entity Stamp", "  id serial key", "  docId big int");
        assertThat(rules(design, Dialects.POSTGRESQL)).contains(Rule.UNDECLARED_REFERENCE);
    }
}
