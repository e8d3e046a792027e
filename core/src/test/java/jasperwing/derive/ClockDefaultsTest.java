package jasperwing.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jasperwing.Samples;
import jasperwing.catalog.CatalogTest;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.complete.Proposal;
import jasperwing.complete.TextCompletion;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.ClockOffset;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import jasperwing.reading.Narration;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Defaults that are new with every row: a UUID, a day or moment so long after or before it. */
class ClockDefaultsTest {
    private static final Design PARCELS = Samples.design(
            "entity Parcel",
            "  id int key",
            "  token uuid default uuid",
            "  trace uuid default uuid version 7",
            "  due date default today + 14 days",
            "  packed date default today - 2 weeks",
            "  kept date default today + 1 year",
            "  half date default today + 18 months",
            "  soon timestamp default now + 1 month",
            "  late timestamp default now - 30 hours",
            "  later timestamp default now + 3 weeks",
            "  seen timestamp default now + 90 minutes",
            "  sent local timestamp default now - 3 days");

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void everyDatabaseSetsThem(Dialect dialect) throws SQLException {
        CatalogTest.agrees(PARCELS, dialect);
        LocalDate today = LocalDate.now(ZoneOffset.UTC);
        try (Connection connection = Databases.loaded(PARCELS, dialect);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("insert into parcels (id) values (1)");
            statement.executeUpdate("insert into parcels (id) values (2)");
            Set<String> tokens = new HashSet<>();
            try (var rows = statement.executeQuery("select token, due, packed, kept, seen, sent, trace from parcels")) {
                while (rows.next()) {
                    tokens.add(rows.getString(1));
                    isOfVersion7(rows.getString(7));
                    isAbout(rows.getString(2), today.plusDays(14));
                    isAbout(rows.getString(3), today.minusWeeks(2));
                    isAbout(rows.getString(4), today.plusYears(1));
                    isAbout(rows.getString(5), today);
                    isAbout(rows.getString(6), today.minusDays(3));
                }
            }
            assertThat(tokens).hasSize(2).allMatch(t -> t.matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}"));
        }
    }

    private static void isOfVersion7(String found) {
        UUID uuid = UUID.fromString(found);
        assertThat(uuid.version()).isEqualTo(7);
        assertThat(uuid.variant()).isEqualTo(2);
        assertThat(Instant.ofEpochMilli(uuid.getMostSignificantBits() >>> 16))
                .isCloseTo(Instant.now(), within(1, ChronoUnit.MINUTES));
    }

    /** Whatever the zone of the server. */
    private static void isAbout(String found, LocalDate wanted) {
        assertThat(LocalDate.parse(found.substring(0, 10))).isBetween(wanted.minusDays(1), wanted.plusDays(1));
    }

    @Test
    void theScriptSaysWhichVersionHasThem() {
        assertThat(Schema.derive(PARCELS, Dialects.POSTGRESQL).sql()).contains("-- PostgreSQL 13 or later");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "uuid default uuid version 4 | uuid           default uuid",
                "uuid default uuid version 7 | uuid           default uuid version 7",
                "date default today+14 day | date           default today + 14 days",
                "date default today -1 weeks | date           default today - 1 week",
                "timestamp default now - 2 hours | timestamp      default now - 2 hours"
            })
    void theyAreWrittenInOneWay(String said, String printed) {
        assertThat(Notation.print(Samples.design("entity Box", "  at " + said))).contains(printed + "\n");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "uuid version 5 | found 5; expected 4, drawn at random, or 7, in order of time",
                "today + days | found days; expected how many, as a whole number",
                "today + 2.5 days | found 2.5; expected how many, as a whole number",
                "now - 2 moons | found moons; expected minutes, hours, days, weeks, months or years"
            })
    void whatCannotBeReadIsSaid(String said, String problem) {
        assertThat(Notation.parse("design \"B\"\nentity Box\n  at date default " + said + "\n")
                        .problems())
                .extracting(Problem::sentence)
                .containsExactly(problem.replace("found ", "found '").replace(";", "';"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "time default now + 2 hours",
                "date default today + 2 hours",
                "text(9) default uuid",
                "text(9) default uuid version 7",
                "int default now - 1 day"
            })
    void whatIsNoValueOfItsTypeIsToldAndLeftOut(String said) {
        Design design = Samples.design("entity Box", "  id serial key", "  at " + said);
        assertThat(Report.of(design, Dialects.H2).findings()).anyMatch(f -> f.rule() == Rule.DEFAULT_NOT_OF_TYPE);
        assertThat(Schema.derive(design, Dialects.H2).sql()).doesNotContain("at " + "default");
    }

    @Property(tries = 60, seed = "20261201")
    void whatIsWrittenIsReadAgain(
            @ForAll boolean today,
            @ForAll @IntRange(min = -99999, max = 99999) int amount,
            @ForAll ClockOffset.Unit unit) {
        ClockOffset offset = new ClockOffset(today, amount, unit);
        assertThat(ClockOffset.of(offset.text())).contains(offset);
    }

    @Test
    void theyAreToldInWordsProposedAndSetByClasses() {
        assertThat(Narration.entity(PARCELS, "Parcel").get(0).facts())
                .anyMatch(f -> f.contains("14 days after it is written unless said otherwise"))
                .anyMatch(f -> f.contains("2 weeks before it is written"))
                .anyMatch(f -> f.contains("a new one unless said otherwise"))
                .anyMatch(f -> f.contains("a new one, in order of time unless said otherwise"));
        assertThat(TextCompletion.of(PARCELS, List.of("entity Parcel"), "  x date default ")
                        .list())
                .extracting(Proposal::insert)
                .containsExactly("today", "today + 14 days");
        Target jakarta = Targets.find("java-jakarta").orElseThrow();
        String parcel = jakarta.files(PARCELS).stream()
                .filter(f -> f.path().endsWith("Parcel.java"))
                .findFirst()
                .orElseThrow()
                .text();
        assertThat(parcel)
                .contains("UUID token = UUID.randomUUID();")
                .contains("UUID trace = TimeOrderedUuid.next();")
                .contains("LocalDate due = LocalDate.now().plusDays(14);")
                .contains("LocalDate packed = LocalDate.now().minusWeeks(2);")
                .contains(".truncatedTo(ChronoUnit.MICROS).plusMinutes(90);");
    }
}
