package jasperwing.change;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.change.Changed.Kind;
import jasperwing.change.Changed.Line;
import jasperwing.change.Changed.Sign;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.moves.Move;
import jasperwing.moves.SplitOff;
import jasperwing.moves.TextToEnum;
import java.util.List;
import org.junit.jupiter.api.Test;

class ConsequencesTest {
    private static Consequences.Derived derived(Design design) {
        Schema schema = Schema.derive(design, Dialects.POSTGRESQL);
        return new Consequences.Derived(design, schema, Report.of(design, schema));
    }

    private static Consequences of(Design before, Move move) {
        assertThat(move.hindrance(before)).isEmpty();
        return Consequences.of(derived(before), derived(move.on(before)));
    }

    private final Design demo = Samples.demo();

    @Test
    void aSplitShowsTheTableThatLosesColumnsAndTheOneThatComes() {
        Consequences c = of(demo, new SplitOff("Expedition", List.of("startsOn", "endsOn"), "Season", false));
        assertThat(c.tables()).extracting(Changed::name).containsExactly("expeditions", "seasons");
        assertThat(c.tables()).extracting(Changed::kind).containsExactly(Kind.CHANGED, Kind.NEW);
        assertThat(c.tables().get(0).lines())
                .contains(
                        new Line(Sign.GOES, "  starts_on date not null,"),
                        new Line(Sign.STAYS, "  budget numeric(10,2) not null default 0,"))
                .noneMatch(l -> l.sign() == Sign.COMES && l.text().contains("starts_on"));
        assertThat(c.classes())
                .extracting(f -> f.name().substring(f.name().lastIndexOf('/') + 1))
                .containsExactly("Expedition.java", "Season.java");
        assertThat(c.text().lines())
                .contains(new Line(Sign.COMES, "entity Season in Fieldwork"))
                .noneMatch(l -> l.text().contains("Site"));
        assertThat(c.raised()).extracting(f -> f.rule().code()).containsExactly("required-both-sides");
    }

    @Test
    void whatIsSettledAndWhatIsRaisedIsTold() {
        Design before = Samples.design(
                "entity Boat", "  id serial key", "  mark text(4) default 7", "entity Crew", "  id serial key");
        Consequences c = Consequences.of(
                derived(before),
                derived(before.withEntities(List.of(before.entities().get(1)))));
        assertThat(c.settled()).extracting(f -> f.rule().code()).containsExactly("default-not-of-type");
        assertThat(c.tables()).extracting(Changed::kind).containsExactly(Kind.GONE);
        assertThat(Consequences.of(derived(before), derived(before)).text().lines())
                .isEmpty();
    }

    @Test
    void anEnumThatComesIsAmongTheClasses() {
        Consequences c = of(demo, new TextToEnum("Taxon", "group", "TaxonGroup", List.of("crab", "snail")));
        assertThat(c.classes())
                .filteredOn(f -> f.kind() == Kind.NEW)
                .extracting(Changed::name)
                .singleElement()
                .asString()
                .endsWith("TaxonGroup.java");
    }

    @Test
    void linesFarFromAChangeAreLeftOut() {
        List<String> before = List.of("a", "b", "c", "d", "e", "f", "g", "h");
        List<String> after = List.of("a", "b", "c", "d", "e", "f", "g", "x");
        assertThat(Changed.of("n", before, after).lines())
                .containsExactly(
                        new Line(Sign.LEFT_OUT, ""),
                        new Line(Sign.STAYS, "f"),
                        new Line(Sign.STAYS, "g"),
                        new Line(Sign.GOES, "h"),
                        new Line(Sign.COMES, "x"));
    }
}
