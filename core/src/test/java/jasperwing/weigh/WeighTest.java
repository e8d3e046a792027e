package jasperwing.weigh;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.derive.Databases;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.notation.Notation;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WeighTest {
    private final Design demo = Samples.demo();

    private Relationship between(String from, String to) {
        return demo.relationships().stream()
                .filter(r -> r.from().equals(from) && r.targets().contains(to))
                .findFirst()
                .orElseThrow();
    }

    private Alternatives list(Dialect dialect) {
        return Alternatives.ofList(demo, dialect, "Dive", "hazards").orElseThrow();
    }

    private Alternatives kinds(Dialect dialect) {
        return Alternatives.ofKinds(demo, dialect, "Camera").orElseThrow();
    }

    private Stream<Alternatives> all(Dialect dialect) {
        return Stream.concat(
                Stream.of(list(dialect), kinds(dialect)),
                demo.relationships().stream().flatMap(r -> Alternatives.ofRelationship(demo, dialect, r).stream()));
    }

    private static Alternative way(Alternatives weighing, String title) {
        return weighing.ways().stream()
                .filter(w -> w.title().equals(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aListHasFourWays() {
        Alternatives weighing = list(Dialects.POSTGRESQL);
        assertThat(weighing.title()).isEqualTo("Ways to keep the hazards of a Dive");
        assertThat(weighing.ways())
                .extracting(w -> w.title() + (w.now() ? ", now" : w.more().isEmpty() ? "" : ", " + w.more()))
                .containsExactly(
                        "In one column, \u22121 table, \u22122 columns",
                        "In one column, as JSON, \u22121 table, \u22122 columns",
                        "A row for each, now",
                        "An entity of its own, +1 table, +1 column, +2 indexes");
        assertThat(way(weighing, "In one column").statements())
                .containsEntry(
                        "To find the dives with one hazard",
                        "select * from dives\nwhere hazards @> array[?]::varchar(40)[]");
        assertThat(way(weighing, "A row for each").classes()).containsExactly("Dive: List<String> hazards");
    }

    @Test
    void kindsHaveThreeWays() {
        Alternatives weighing = kinds(Dialects.POSTGRESQL);
        assertThat(weighing.title()).isEqualTo("Ways to keep the kinds of instrument");
        assertThat(weighing.ways())
                .extracting(w -> w.title() + (w.now() ? ", now" : ", " + w.more()))
                .containsExactly(
                        "A table each, now",
                        "One table, \u22122 tables, \u22122 columns",
                        "A complete table each, +3 columns");
        assertThat(way(weighing, "A table each").statements().get("To read one sonde with all it has"))
                .isEqualTo("select *\nfrom instruments\njoin sondes using (serial)\nwhere sondes.serial = ?");
        assertThat(way(weighing, "One table").classes())
                .containsExactly("Instrument: Inheritance(strategy = InheritanceType.SINGLE_TABLE)");
        assertThat(Alternatives.ofKinds(demo, Dialects.POSTGRESQL, "Dive")).isEmpty();
    }

    @Test
    void aOneOfHasFourWaysEachWithItsTables() {
        Alternatives weighing = Alternatives.ofRelationship(demo, Dialects.POSTGRESQL, between("Note", "Dive"))
                .orElseThrow();
        assertThat(weighing.ways())
                .extracting(Alternative::title)
                .containsExactly("A column for each", "A kind and an id", "A table for each", "A shared parent");
        assertThat(way(weighing, "A table for each").sketch().boxes())
                .extracting(TableSketch.Box::table)
                .contains("dive_notes", "specimen_notes", "instrument_notes", "dives")
                .doesNotContain("notes");
        assertThat(way(weighing, "A kind and an id").facts())
                .extracting(Fact::text)
                .contains("the subjects are keyed differently: ids are compared as text");
        assertThat(way(weighing, "A shared parent").statements().get("To read the notes of one dive"))
                .isEqualTo(
                        """
                        select distinct notes.*
                        from dives dive
                        join note_subjects note_subject on dive.note_subject_id = note_subject.id
                        join notes on notes.subject_id = note_subject.id
                        where dive.id = ?""");
    }

    @Test
    void whatHasOneWayOrLivesElsewhereIsNotWeighed() {
        assertThat(Alternatives.ofRelationship(demo, Dialects.POSTGRESQL, between("Dive", "Site")))
                .isEmpty();
        assertThat(Alternatives.ofRelationship(demo, Dialects.POSTGRESQL, between("Researcher", "Account")))
                .isEmpty();
        assertThat(Alternatives.ofList(demo, Dialects.POSTGRESQL, "Dive", "number"))
                .isEmpty();
    }

    @Test
    void everyKindOfTheDemoIsWeighedWithOneWayNow() {
        List<Alternatives> weighings = all(Dialects.POSTGRESQL).toList();
        assertThat(weighings).hasSizeGreaterThanOrEqualTo(6);
        for (Alternatives weighing : weighings) {
            assertThat(weighing.ways().stream().filter(Alternative::now))
                    .as(weighing.title())
                    .hasSize(1);
            assertThat(weighing.ways()).hasSizeGreaterThanOrEqualTo(2);
        }
    }

    /** Every statement is of tables that are there: the server takes it when it is prepared. */
    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void everyStatementOfEveryWayIsTaken(Dialect dialect) throws SQLException {
        for (Alternatives weighing : all(dialect).toList()) {
            for (Alternative way : weighing.ways()) {
                if (way.hindrance().isEmpty()) {
                    Design then = way.edit().on(demo);
                    assertThat(way.statements()).as(way.title()).isNotEmpty();
                    try (Connection connection = Databases.loaded(then, dialect)) {
                        for (String statements : way.statements().values()) {
                            assertThat(statements)
                                    .as(weighing.title() + ": " + way.title())
                                    .isNotBlank();
                            for (String statement : statements.split(";\n|;$")) {
                                isTaken(connection, dialect, statement);
                            }
                        }
                    }
                }
            }
        }
    }

    private static void isTaken(Connection connection, Dialect dialect, String sql) throws SQLException {
        if (dialect == Dialects.MARIADB) {
            try (var statement = connection.createStatement()) {
                statement.execute("prepare taken from " + dialect.literal(sql));
            }
        } else {
            try (var statement = connection.prepareStatement(sql)) {
                assertThat(statement.getParameterMetaData().getParameterCount()).isNotNegative();
            }
        }
    }

    @Test
    void switchingLeavesNoNewErrorAndIsReadBackEqual() {
        long errors = Report.of(demo, Dialects.POSTGRESQL).count(Level.ERROR);
        for (Alternatives weighing : all(Dialects.POSTGRESQL).toList()) {
            for (Alternative way : weighing.ways()) {
                Design then = way.edit().on(demo);
                assertThat(Notation.parse(Notation.print(then)).value()).isEqualTo(then);
                assertThat(Report.of(then, Dialects.POSTGRESQL).count(Level.ERROR))
                        .as(weighing.title() + ": " + way.title())
                        .isLessThanOrEqualTo(errors);
            }
        }
    }

    @Test
    void aSwitchedRelationshipIsWeighedAgainFromThere() {
        BinaryRelationship sequence = (BinaryRelationship) between("Specimen", "SequenceRecord");
        Alternatives before =
                Alternatives.ofRelationship(demo, Dialects.POSTGRESQL, sequence).orElseThrow();
        Design shared = way(before, "One key for both").edit().on(demo);
        Alternatives after = Alternatives.ofRelationship(shared, Dialects.POSTGRESQL, sequence)
                .orElseThrow();
        assertThat(after.ways().stream().filter(Alternative::now))
                .extracting(Alternative::title)
                .containsExactly("One key for both");
        PolymorphicRelationship notes = (PolymorphicRelationship) between("Note", "Dive");
        assertThat(Alternatives.ofRelationship(shared, Dialects.POSTGRESQL, notes).orElseThrow().ways().stream()
                        .filter(Alternative::now))
                .extracting(Alternative::title)
                .containsExactly("A kind and an id");
    }

    private static final String[] FORUM = {
        "entity Member",
        "  id serial key",
        "entity Topic",
        "  id serial key",
        "entity Vote",
        "each Member may judge many Topic as topics in order of id via Vote, which may be judged by many Member"
    };

    private static Alternatives votes(String... voteLines) {
        List<String> lines = new ArrayList<>(List.of(FORUM));
        lines.addAll(lines.size() - 1, List.of(voteLines));
        Design design = Samples.design(lines.toArray(String[]::new));
        return Alternatives.ofRelationship(
                        design, Dialects.SQLITE, design.relationships().get(0))
                .orElseThrow();
    }

    private static Stream<String> facts(Alternatives weighing) {
        return weighing.ways().stream()
                .filter(Alternative::now)
                .flatMap(w -> w.facts().stream())
                .map(Fact::text);
    }

    /** Whether the database takes the same pair twice, on two days. */
    private static boolean takesTwice(String... voteLines) throws SQLException {
        List<String> lines = new ArrayList<>(List.of(FORUM));
        lines.addAll(lines.size() - 1, List.of(voteLines));
        try (Connection connection = Databases.loaded(Samples.design(lines.toArray(String[]::new)), Dialects.SQLITE);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into members (id) values (1)");
            statement.execute("insert into topics (id) values (1)");
            statement.execute("insert into votes (member_id, topic_id, day) values (1, 1, '2026-01-01')");
            try {
                statement.execute("insert into votes (member_id, topic_id, day) values (1, 1, '2026-01-02')");
                return true;
            } catch (SQLException e) {
                return false;
            }
        }
    }

    @Test
    void whetherAPairIsStoredOnceIsWhatTheDatabaseSays() throws SQLException {
        String[] byPair = {"  day date"};
        assertThat(facts(votes(byPair)))
                .contains(
                        "a pair is stored once, by a primary key",
                        "a reference to Vote takes 2 columns",
                        "2 joins to read");
        assertThat(takesTwice(byPair)).isFalse();
        String[] wider = {"  day date", "  key (member, topic, day)"};
        assertThat(facts(votes(wider)))
                .contains("the same pair can be stored several times", "a reference to Vote takes 3 columns");
        assertThat(takesTwice(wider)).isTrue();
        String[] own = {"  id serial key", "  day date"};
        assertThat(facts(votes(own)))
                .contains("a pair is stored once, by a unique constraint", "a reference to Vote takes 1 column");
        assertThat(takesTwice(own)).isFalse();
        String[] repeated = {"  id serial key", "  day date", "  unique (member, topic, day)"};
        assertThat(facts(votes(repeated))).contains("the same pair can be stored several times");
        assertThat(takesTwice(repeated)).isTrue();
    }

    @Test
    void theOrderThatWasAskedForIsInTheStatement() {
        assertThat(votes("  day date").ways())
                .filteredOn(w -> w.hindrance().isEmpty())
                .allSatisfy(w ->
                        assertThat(w.statements().values().iterator().next()).endsWith("\norder by topics.id"));
    }

    @Test
    void whatIsLostWithAListIsSaid() {
        assertThat(way(list(Dialects.POSTGRESQL), "An entity of its own").facts())
                .extracting(Fact::text)
                .contains("order and repeats are lost: each is there once, in any order");
    }

    @Test
    void mariaDbChecksNothingThatADeleteSetsToNull() {
        Design design = Samples.design(
                "entity Dive",
                "  id serial key",
                "entity Site",
                "  id serial key",
                "entity Note",
                "  id serial key",
                "each Note may be about one of Dive, Site as subject",
                "  deleting Dive empties it");
        assertThat(Alternatives.ofRelationship(
                                design, Dialects.MARIADB, design.relationships().get(0))
                        .orElseThrow()
                        .ways()
                        .get(0)
                        .facts())
                .contains(Fact.lack(
                        "no check that at most one is filled: MariaDB takes none on columns a delete sets to null"));
    }

    @Test
    void anotherRelationshipBetweenTheSameTwoIsNotMixedUpWithIt() {
        Design design = Samples.design(
                "entity Person",
                "  id serial key",
                "entity House",
                "  id serial key",
                "each House may be built by one Person as builder, which may build many House as built",
                "each House must belong to one Person as owner, which may own one House as home");
        Alternatives weighing = Alternatives.ofRelationship(
                        design, Dialects.POSTGRESQL, design.relationships().get(1))
                .orElseThrow();
        assertThat(way(weighing, "House points").statements())
                .containsEntry(
                        "To read the house of a person",
                        "select home.*\nfrom people person\njoin houses home on home.owner_id = person.id\nwhere person.id = ?");
    }

    @Test
    void aOneOfThatIsNotReadBackIsReadAllTheSame() {
        Design design = Samples.design(
                "entity Bed",
                "  id serial key",
                "entity Task",
                "  id serial key",
                "each Task must be for one of Bed as subject");
        assertThat(Alternatives.ofRelationship(
                                design,
                                Dialects.POSTGRESQL,
                                design.relationships().get(0))
                        .orElseThrow()
                        .ways())
                .allSatisfy(w -> assertThat(w.statements().values())
                        .allSatisfy(s -> assertThat(s).isNotBlank()));
    }
}
