package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.dialect.Statement;
import jasperwing.model.Design;
import jasperwing.physical.Part;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ProvenanceTest {
    private static final Design MUSEUM = Samples.design(
            "enum State kept as a table: shown, stored",
            "entity Hall",
            "  id serial key",
            "  name text(40) unique ignoring case",
            "  area real",
            "  shown int = count(pieces)",
            "  opened date from 1800-01-01",
            "  closed date?",
            "  rule \"must close after it opens\": closed > opened",
            "entity Piece",
            "  id serial key",
            "  state State",
            "  kinds kept in one table",
            "entity Statue is a kind of Piece",
            "  weight int",
            "each Piece must stand in one Hall, which may show many Piece as pieces");

    @Test
    void everyPartLeadsBackToItsElementAndForth() {
        Provenance provenance = Schema.derive(MUSEUM, Dialects.POSTGRESQL).provenance();
        assertThat(provenance.columns("Piece", "hall")).containsExactly(Part.column("pieces", "hall_id"));
        assertThat(provenance.columns("Statue", "weight")).containsExactly(Part.column("pieces", "weight"));
        assertThat(provenance.origin(Part.column("pieces", "weight"))).contains(SqlOrigin.of("Statue", "weight"));
        assertThat(provenance.origin(Part.column("pieces", "hall_id")))
                .contains(new SqlOrigin(
                        "Piece", "hall", Optional.of(MUSEUM.relationships().get(0))));
        assertThat(provenance.origin(new Part(Part.Kind.INDEX, "halls", "uq_halls_name")))
                .contains(SqlOrigin.of("Hall", "name"));
        assertThat(provenance.origin(new Part(Part.Kind.ROW, "states", "shown")))
                .contains(SqlOrigin.of("State", "shown"));
        assertThat(provenance.origin(new Part(Part.Kind.VIEW_COLUMN, "halls_computed", "shown")))
                .contains(SqlOrigin.of("Hall", "shown"));
        assertThat(provenance.origin(new Part(Part.Kind.CHECK, "halls", "ck_halls_opened")))
                .contains(SqlOrigin.of("Hall", "opened"));
        assertThat(provenance.origin(new Part(Part.Kind.CHECK, "halls", "ck_halls_must_close_after_it_opens")))
                .contains(SqlOrigin.of("Hall", "must close after it opens"));
        assertThat(provenance.origin(Part.table("boats"))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("jasperwing.dialect.Dialects#all")
    void noLineOfAStatementIsWithoutOrigin(Dialect dialect) {
        for (Design design : new Design[] {MUSEUM, Samples.demo(), Samples.ways()}) {
            Schema schema = Schema.derive(design, dialect);
            for (Statement statement : dialect.statements().create(schema.catalog())) {
                assertThat(statement.lines())
                        .as(statement.sql())
                        .allMatch(l -> schema.provenance().origin(l.about()).isPresent());
            }
        }
    }
}
