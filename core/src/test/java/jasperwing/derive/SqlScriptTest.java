package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SqlScriptTest {
    private static final Design BAKERY = Samples.design(
            "enum Grain kept as a type: rye, wheat",
            "entity Bread",
            "  id serial key",
            "  name text(40) unique",
            "  grain Grain",
            "  weight int from 100 to 5000",
            "  label text(80) = upper(name)",
            "  price decimal(6,2)",
            "  index (price)",
            "entity Batch",
            "  id serial key",
            "each Batch must bake exactly one Bread, which may be baked by many Batch",
            "each Bread may suit many Diet, which may be suited by many Bread",
            "entity Diet",
            "  id serial key");

    private static SqlOrigin originOf(SqlScript script, String beginning) {
        return script.lines().stream()
                .filter(l -> l.text().strip().startsWith(beginning))
                .findFirst()
                .flatMap(SqlScript.Line::origin)
                .orElseThrow(() -> new AssertionError(beginning + " not in\n" + script.text()));
    }

    @Test
    void everyLineNamesTheElementItWasDerivedFrom() {
        SqlScript script = Schema.derive(BAKERY, Dialects.POSTGRESQL).script();
        Relationship bakes = BAKERY.relationships().get(0);
        Relationship suits = BAKERY.relationships().get(1);
        assertThat(originOf(script, "create type")).isEqualTo(SqlOrigin.of("Grain", ""));
        assertThat(originOf(script, "create table breads")).isEqualTo(SqlOrigin.of("Bread", ""));
        assertThat(originOf(script, "weight")).isEqualTo(SqlOrigin.of("Bread", "weight"));
        assertThat(originOf(script, "create index ix_breads_price")).isEqualTo(SqlOrigin.of("Bread", "price"));
        assertThat(originOf(script, "bread_id")).isEqualTo(new SqlOrigin("Batch", "bread", Optional.of(bakes)));
        assertThat(originOf(script, "constraint fk_batches_bread"))
                .isEqualTo(new SqlOrigin("Batch", "bread", Optional.of(bakes)));
        assertThat(script.lines().stream().flatMap(l -> l.origin().stream()))
                .contains(new SqlOrigin("", "", Optional.of(suits)));
        assertThat(script.lines().get(0).origin()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("jasperwing.dialect.Dialects#all")
    void someTablesAreWrittenInTheOrderOfAll(Dialect dialect) {
        Schema schema = Schema.derive(BAKERY, dialect);
        List<DerivedTable> both = List.of(
                schema.table("Batch").orElseThrow(), schema.table("Bread").orElseThrow());
        String sql = schema.script(both).text();
        assertThat(sql).contains("create table breads").contains("create table batches");
        assertThat(sql.indexOf("create table breads")).isLessThan(sql.indexOf("create table batches"));
        assertThat(sql).doesNotContain("diet").doesNotContain("begin;");
        assertThat(schema.script(List.of()).isEmpty()).isTrue();
    }

    @Test
    void aKeyThatClosesACircleIsAddedAfterBothTables() {
        Design circle = Samples.design(
                "entity Ship",
                "  id serial key",
                "entity Sailor",
                "  id serial key",
                "each Sailor must serve on one Ship, which may have many Sailor",
                "each Ship may be led by one Sailor as captain");
        Schema schema = Schema.derive(circle, Dialects.POSTGRESQL);
        assertThat(schema.script(schema.tables()).text()).contains("alter table");
        assertThat(schema.sql(schema.table("Ship").orElseThrow()))
                .doesNotContain("alter table")
                .contains("captain_id");
    }
}
