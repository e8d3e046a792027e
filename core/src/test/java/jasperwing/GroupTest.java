package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Databases;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.findings.Rule;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.model.GroupEdits;
import jasperwing.notation.Notation;
import jasperwing.notation.Problem;
import jasperwing.physical.Column;
import jasperwing.reading.Narration;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Values and traits, from the notation to the database and the classes. */
class GroupTest {
    private static final String TEXT =
            """
            design "Test"

            # where on the globe
            value Point
              "A place in degrees."
              latitude    decimal(9,6)   from -90 to 90
              longitude   decimal(9,6)
              note        text(20)?

            value Stretch was Line
              start       Point
              end         Point

            trait Stamped
              madeAt      timestamp      set on insert
              version     int            set on update

            entity Reef with Stamped
              id          serial         key
              spot        Point?         unique
              course      Stretch?
              buoys       Point list

            entity Wreck with Stamped
            """;

    private final Design design = read(TEXT);

    private static Design read(String text) {
        var parsed = Notation.parse(text);
        assertThat(parsed.problems()).isEmpty();
        return parsed.value();
    }

    @Test
    void isReadAndPrintedAsItWas() {
        assertThat(Notation.print(design)).isEqualTo(TEXT);
    }

    @Test
    void aGroupHasNoKey() {
        assertThat(Notation.parse("design \"T\"\nvalue Point\n  x int key\n").problems())
                .singleElement()
                .extracting(Problem::message)
                .isEqualTo("a value has no key: only entities are identified");
    }

    @Test
    void attributesOfTraitsComeAfterTheEntitysOwnAndOnce() {
        Design twice = design.withEntities(
                List.of(design.entities().get(0).withTraits(List.of("Stamped", "Stamped", "None"))));
        assertThat(twice.whole().entities().get(0).attributes())
                .extracting(a -> a.name())
                .containsExactly("id", "spot", "course", "buoys", "madeAt", "version");
        assertThat(twice.whole().whole()).isSameAs(twice.whole());
    }

    @Test
    void anEntityThatWasLeftAsItWasIsTheSameInstanceAsAWhole() {
        Design after = EntityEdits.rename("Wreck", "Hulk").on(design);
        assertThat(after.whole().entities().get(0))
                .isSameAs(design.whole().entities().get(0));
    }

    @Test
    void aValueIsItsPartsInTheTableAndARowOfThemInAList() {
        Schema schema = Schema.derive(design, Dialects.POSTGRESQL);
        assertThat(schema.table("Reef").orElseThrow().columns())
                .extracting(Column::name)
                .containsExactly(
                        "id",
                        "spot_latitude",
                        "spot_longitude",
                        "spot_note",
                        "course_start_latitude",
                        "course_start_longitude",
                        "course_start_note",
                        "course_end_latitude",
                        "course_end_longitude",
                        "course_end_note",
                        "made_at",
                        "version");
        assertThat(schema.listTable("Reef", "buoys").orElseThrow().columns())
                .extracting(Column::name)
                .containsExactly("reef_id", "position", "latitude", "longitude", "note");
    }

    @ParameterizedTest
    @MethodSource("jasperwing.derive.Databases#running")
    void theDatabaseTakesAValueWholeOrNotAtAll(Dialect dialect) throws SQLException {
        try (Connection connection = Databases.loaded(design, dialect);
                Statement statement = connection.createStatement()) {
            statement.execute("insert into reefs (id) values (1)");
            statement.execute("insert into reefs (id, spot_latitude, spot_longitude) values (2, 54, 8)");
            statement.execute("insert into reef_buoys (reef_id, position, latitude, longitude) values (1, 0, 54, 8)");
            for (String refused : List.of(
                    "(id, spot_latitude) values (3, 54)",
                    "(id, spot_note) values (3, 'x')",
                    "(id, spot_latitude, spot_longitude) values (3, 91, 8)",
                    "(id, spot_latitude, spot_longitude, spot_note) values (3, 1, null, 'x')",
                    "(id, course_start_latitude, course_start_longitude) values (3, 1, 1)")) {
                assertThatThrownBy(() -> statement.execute("insert into reefs " + refused))
                        .as(refused)
                        .isInstanceOf(SQLException.class);
            }
        }
    }

    @Test
    void classesHaveTheValueAndAreWhatTheTraitSays(@TempDir Path folder) throws Exception {
        List<GeneratedFile> files = OurTargets.JAKARTA.files(design);
        Javac.write(files, folder.resolve("src"));
        Javac.compile(folder.resolve("src"), folder.resolve("out"));
        assertThat(text(files, "Reef.java"))
                .contains(
                        "public class Reef implements Stamped {",
                        "@AttributeOverride(name = \"end.note\", column = @Column(name = \"course_end_note\", length = 20))",
                        "private List<Point> buoys = new ArrayList<>();");
        assertThat(text(files, "Stamped.java")).contains("OffsetDateTime getMadeAt();");
        assertThat(text(files, "Point.java")).contains("@Embeddable", "public boolean equals(Object other)");
    }

    private static String text(List<GeneratedFile> files, String name) {
        return files.stream()
                .filter(f -> f.path().endsWith("/" + name))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @Test
    void whatIsWrongWithGroupsIsFoundAndMended() {
        Design wrong = Samples.design(
                "value Point",
                "  x int default yes",
                "  other Point",
                "  colour Hue",
                "value reef",
                "trait Stamped",
                "  madeAt text(3) set on insert",
                "entity Reef with Stamped, Moved",
                "  id serial key",
                "  at Point",
                "  key2 Place",
                "  unique (madeAt)");
        List<Finding> found = Report.of(wrong, Dialects.POSTGRESQL).of(Level.ERROR);
        assertThat(found)
                .extracting(f -> f.rule().code() + " " + f.subject().text())
                .containsExactly(
                        "duplicate-name reef",
                        "unknown-name Point.colour",
                        "unknown-name Reef",
                        "unknown-name Reef.key2",
                        "value-in-itself Point.other",
                        "default-not-of-type Point.x",
                        "stamp-not-of-type Stamped.madeAt");
        Design mended = wrong;
        for (Finding each : found) {
            mended = each.fixes().get(0).edit().on(mended);
        }
        assertThat(Report.of(mended, Dialects.POSTGRESQL).findings())
                .filteredOn(f -> f.rule() != Rule.UNUSED_DECLARATION)
                .isEmpty();
    }

    @Test
    void aRenamedGroupIsFollowed() {
        Design renamed = GroupEdits.rename(AttributeGroup.Kind.VALUE, "Point", "Spot")
                .then(GroupEdits.rename(AttributeGroup.Kind.TRAIT, "Stamped", "Dated"))
                .then(EntityEdits.rename("Reef", "Bank"))
                .on(design);
        assertThat(Notation.print(renamed))
                .isEqualTo(TEXT.replace(" Point ", " Spot  ")
                        .replace("value Point", "value Spot")
                        .replace("Point?", "Spot? ")
                        .replace("Point\n", "Spot\n")
                        .replace("Stamped", "Dated")
                        .replace("Reef", "Bank")
                        .replace("Spot  list", "Spot list"));
    }

    @Test
    void isReadAloud() {
        var reef = Narration.entity(design, "Reef").get(0);
        assertThat(reef.said()).contains("As everything that is stamped, a reef has its made at and version.");
        assertThat(reef.facts()).anyMatch(f -> f.contains("a point of latitude, longitude and note"));
    }

    @Test
    void patternsThatNoDatabaseChecksAreFoundInThemToo() {
        Design patterns = Samples.design(
                "value Code",
                "  text text(9) matching /[A-Z]+/",
                "trait Tagged",
                "  tags text(9) list kept as json",
                "entity Crate with Tagged",
                "  id serial key",
                "  code Code");
        assertThat(Report.of(patterns, Dialects.SQLITE).of(Level.WARNING))
                .extracting(f -> f.rule().code() + " " + f.subject().text())
                .contains("pattern-not-checked Code.text", "list-not-checked Tagged.tags");
        assertThat(Report.of(patterns, Dialects.POSTGRESQL).of(Level.WARNING))
                .extracting(f -> f.rule().code())
                .doesNotContain("pattern-not-checked", "list-not-checked");
    }
}
