package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import org.junit.jupiter.api.Test;

/** How the SQL reads: names, heads, lines. */
class SqlTextTest {
    private static String sql(Dialect dialect, String... lines) {
        return Schema.derive(Samples.design(lines), dialect).sql();
    }

    @Test
    void constraintsAreNamedInSnakeCaseLikeEverythingElse() {
        assertThat(sql(
                        Dialects.POSTGRESQL,
                        "entity Drug",
                        "  drugCode text(9) key",
                        "  brandName text(20) unique",
                        "each Drug may replace one Drug as formerDrug"))
                .contains(
                        "constraint pk_drugs primary key (drug_code)",
                        "constraint uq_drugs_brand_name unique (brand_name)",
                        "constraint fk_drugs_former_drug foreign key (former_drug_drug_code)")
                .doesNotContain("\"");
    }

    @Test
    void joinTablesHaveNaturalNames() {
        assertThat(sql(
                        Dialects.POSTGRESQL,
                        "entity Item",
                        "  id serial key",
                        "entity Memo",
                        "  id serial key",
                        "entity Crew",
                        "  id serial key",
                        "each Item may cite many Item as cited, which may be in many Item as citing",
                        "each Crew may tend many Item as tended, which may be of many Crew",
                        "each Item may carry many Memo as memos, which may be on many Item"))
                .contains(
                        "create table item_cited_items (",
                        "create table crew_tended_items (",
                        "create table item_memos (",
                        "create table memos (");
    }

    @Test
    void aTableWithTheNameOfAKeyDoesNotCollideWithIt() {
        assertThat(sql(Dialects.POSTGRESQL, "entity Dive", "  id serial key", "entity PkDive", "  id serial key"))
                .contains("create table pk_dives (", "constraint pk_dives_2 primary key");
    }

    @Test
    void theHeadSaysWhatItIsAndWhatItTakes() {
        String[] plot = {"entity Plot", "  id serial key"};
        assertThat(sql(Dialects.POSTGRESQL, plot))
                .startsWith("-- Tables of Test\n-- PostgreSQL 12 or later\n\nbegin;\n\ncreate table")
                .endsWith(";\n\ncommit;\n");
        assertThat(sql(Dialects.SQLITE, plot))
                .contains("pragma foreign_keys = on;\n\nbegin;\n")
                .endsWith("commit;\n");
        assertThat(sql(Dialects.MARIADB, plot))
                .startsWith("-- Tables of Test\n-- MariaDB 10.7 or later\n\ncreate table")
                .doesNotContain("begin;", "commit;");
        assertThat(Schema.derive(Design.named("a\nb"), Dialects.H2).sql()).isEmpty();
    }

    @Test
    void longChecksStandInLines() {
        assertThat(sql(
                        Dialects.POSTGRESQL,
                        "entity Plot",
                        "  id serial key",
                        "  code text(40) longer than 3 matching /[a-z]{4,12} (?:and|or) [a-z]{4,12}(?:-[a-z]{4,12}(?:-[a-z]{4,12})?)?/",
                        "  depth int from 0 to 9"))
                .contains(
                        """
                          constraint ck_plots_code check (
                            length(code) > 3
                            and code ~ '^(?:[a-z]{4,12} (?:and|or) [a-z]{4,12}(?:-[a-z]{4,12}(?:-[a-z]{4,12})?)?)$'
                          ),
                        """,
                        "constraint ck_plots_depth check (depth >= 0 and depth <= 9)");
    }

    @Test
    void aCheckOfAKindSaysNothingTwice() {
        assertThat(sql(
                        Dialects.POSTGRESQL,
                        "entity Net",
                        "  kinds kept in one table",
                        "  id serial key",
                        "entity Trawl is a kind of Net",
                        "  width int?"))
                .contains("check (kind in ('Trawl') or width is null)");
    }

    @Test
    void anIndexThatAnotherBeginsWithIsLeftOut() {
        assertThat(sql(
                        Dialects.POSTGRESQL,
                        "entity Station",
                        "  code text(9) key",
                        "entity Platform",
                        "  number int",
                        "  key (station, number)",
                        "entity Call",
                        "  id serial key",
                        "  index (station, platformName)",
                        "  platformName text(9)",
                        "each Platform must be at one Station as station",
                        "each Call must be at one Station as station"))
                .contains("create index ix_calls_station_code_platform_name")
                .doesNotContain("create index ix_calls_station_code on");
    }

    @Test
    void theUnitOfADurationIsInItsComment() {
        assertThat(sql(Dialects.POSTGRESQL, "entity Dive", "  id serial key", "  took duration?"))
                .contains("comment on column dives.took is 'In milliseconds';");
    }
}
