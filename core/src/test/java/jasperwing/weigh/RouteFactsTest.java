package jasperwing.weigh;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.derive.GuardTriggers;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is said of the ways to keep that two routes lead to the same, tried in every database. */
class RouteFactsTest {
    private static Design marina(String berth, String... rules) {
        List<String> lines = new ArrayList<>(List.of(
                "entity Harbour", "  id int key", "entity Berth", "  id int key", "entity Mooring", "  id int key"));
        lines.addAll(List.of(rules));
        lines.addAll(List.of(
                "each Mooring must lie in one Harbour as harbour",
                "each Berth must belong to one Harbour as harbour",
                berth));
        return Samples.design(lines.toArray(String[]::new));
    }

    private static final String MUST = "each Mooring must lie at one Berth as berth";
    private static final String RULE = "  rule \"must have the harbour of its berth\": berth.harbour is harbour";

    private static Optional<Alternatives> weighed(Design design, Dialect dialect) {
        return Alternatives.ofRelationship(
                design, dialect, design.relationships().get(0));
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void everyWayIsAsItSays(Dialect dialect) throws SQLException {
        for (Alternative way : weighed(marina(MUST), dialect).orElseThrow().ways()) {
            if (way.hindrance().isEmpty()) {
                tried(dialect, way);
            }
        }
    }

    private static void tried(Dialect dialect, Alternative way) throws SQLException {
        try (FactTrial trial = new FactTrial(marina(MUST), dialect, way)) {
            boolean direct = trial.columns("moorings").contains("harbour_id");
            String[] astray = direct
                    ? new String[] {
                        "insert into harbours values (71), (72)",
                        "insert into berths (id, harbour_id) values (81, 71)",
                        "insert into moorings (id, harbour_id, berth_id) values (91, 72, 81)"
                    }
                    : new String[] {"select 1"};
            boolean takes = trial.takes(astray);
            boolean guarded = direct && takes && trial.takesGuarded(astray);
            trial.says("a foreign key of 2 columns refuses rows that disagree", direct && !takes);
            trial.says("a unique constraint more on berths", direct && !takes);
            trial.says(
                    "to move a berth to another harbour, nothing may refer to it",
                    direct
                            && !takes
                            && !trial.takes(
                                    "insert into harbours values (71), (72)",
                                    "insert into berths (id, harbour_id) values (81, 71)",
                                    "insert into moorings (id, harbour_id, berth_id) values (91, 71, 81)",
                                    "update berths set harbour_id = 72 where id = 81"));
            trial.says("triggers refuse rows that disagree, however long the ways are", direct && takes && !guarded);
            int triggers = GuardTriggers.asked(trial.design(), Schema.derive(trial.design(), dialect))
                    .size();
            trial.says(triggers + " triggers that each write runs", triggers > 0);
            trial.says("rows can disagree; classes alone check them", guarded);
            trial.says("nothing can disagree", !direct);
            trial.says("1 fewer column in moorings", !direct);
            trial.says("1 join to read", trial.words("join ", "To read") == 1);
            trial.says("2 joins to read", trial.words("join ", "To read") == 2);
        }
    }

    @Test
    void whatIsStatedIsTheWayOfTheDesign() {
        String[][] stated = {
            {"Nothing in the database"},
            {"A shared column", RULE},
            {"Triggers", RULE + ", held by triggers"},
            {"Nothing in the database", RULE + ", held by classes"}
        };
        for (String[] each : stated) {
            String[] rules = each.length == 1 ? new String[0] : new String[] {each[1]};
            Alternatives found =
                    weighed(marina(MUST, rules), Dialects.POSTGRESQL).orElseThrow();
            assertThat(found.ways())
                    .filteredOn(Alternative::now)
                    .extracting(Alternative::title)
                    .containsExactly(each[0]);
            assertThat(found.title()).isEqualTo("Ways to keep the harbour of a mooring the harbour of its berth");
        }
    }

    @Test
    void aWayThatCannotBeTakenSaysWhy() {
        List<Alternative> ways = weighed(marina("each Mooring may lie at one Berth as berth"), Dialects.H2)
                .orElseThrow()
                .ways();
        assertThat(ways)
                .extracting(a -> a.hindrance().orElse(""))
                .containsExactly(
                        "", "No triggers can be written for it in H2.", "A mooring may be without berth.harbour.", "");
    }

    @Test
    void aOneToManyThatNothingCanDisagreeWithHasOneWay() {
        Design design = Samples.design(
                "entity Harbour",
                "  id int key",
                "entity Berth",
                "  id int key",
                "each Berth must belong to one Harbour");
        assertThat(weighed(design, Dialects.POSTGRESQL)).isEmpty();
    }
}
