package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.derive.Databases;
import jasperwing.derive.Schema;
import jasperwing.diagram.SceneBuilder;
import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.findings.Fix;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.Notation;
import jasperwing.picture.Typefaces;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Comparator;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Every projection of any design at all: odd names, missing ends, circles and clashes included. */
class AnyDesignTest {
    @Provide
    Arbitrary<Design> designs() {
        return Designs.all();
    }

    @Property(tries = 200, seed = "20260307")
    void isCheckedDrawnAndGeneratedWithoutAnException(@ForAll("designs") Design design) {
        for (Dialect dialect : Databases.running()) {
            assertThat(Schema.derive(design, dialect).sql()).isNotNull();
            assertThat(Report.of(design, dialect).findings()).isNotNull();
        }
        long names = design.entities().stream().map(Entity::name).distinct().count();
        assertThat(SceneBuilder.build(design, "", Typefaces.get()).cards()).hasSize((int) names);
        assertThat(OurTargets.JAKARTA.files(design)).isEqualTo(OurTargets.JAKARTA.files(design));
    }

    @Property(tries = 150, seed = "20260308")
    void everyFixGivesADesignThatCanBeCheckedAgain(@ForAll("designs") Design design) {
        Report.of(design, Dialects.POSTGRESQL).findings().forEach(f -> {
            for (Fix fix : f.fixes()) {
                assertThat(Report.of(fix.edit().on(design), Dialects.POSTGRESQL))
                        .as(fix.title())
                        .isNotNull();
            }
        });
    }

    @Property(tries = 130, seed = "20260309")
    void withoutErrorsLoadsInSqlite(@ForAll("designs") Design design) throws SQLException {
        loads(mended(design, Dialects.SQLITE), Dialects.SQLITE);
    }

    @Property(tries = 40, seed = "20260310")
    void withoutErrorsLoadsInPostgresql(@ForAll("designs") Design design) throws SQLException {
        loads(mended(design, Dialects.POSTGRESQL), Dialects.POSTGRESQL);
    }

    @Property(tries = 130, seed = "20261127")
    void withoutErrorsLoadsInH2(@ForAll("designs") Design design) throws SQLException {
        loads(mended(design, Dialects.H2), Dialects.H2);
    }

    @Property(tries = 40, seed = "20260312")
    void withoutErrorsLoadsInMariadb(@ForAll("designs") Design design) throws SQLException {
        Design sound = mended(design, Dialects.MARIADB);
        Assume.that(!Schema.derive(sound, Dialects.MARIADB).tables().isEmpty());
        loads(sound, Dialects.MARIADB);
    }

    @Property(tries = 40, seed = "20260311")
    void withoutErrorsCompiles(@ForAll("designs") Design design) throws IOException {
        Design sound = mended(design, Dialects.POSTGRESQL);
        Assume.that(!OurTargets.JAKARTA.files(sound).isEmpty());
        Path folder = Files.createTempDirectory("classes");
        try {
            Javac.write(OurTargets.JAKARTA.files(sound), folder.resolve("src"));
            Javac.compile(folder.resolve("src"), folder.resolve("out"));
        } finally {
            try (var all = Files.walk(folder)) {
                all.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
            }
        }
    }

    /** The design with the first fix of the first error made, until there is none; passes over what no fix mends. */
    private static Design mended(Design design, Dialect dialect) {
        Design sound = design;
        for (int i = 0; i < 60; i++) {
            var errors = Report.of(sound, dialect).of(Level.ERROR);
            if (errors.isEmpty()) {
                return sound;
            }
            Assume.that(!errors.get(0).fixes().isEmpty());
            sound = errors.get(0).fixes().get(0).edit().on(sound);
        }
        Assume.that(false);
        return sound;
    }

    private static void loads(Design design, Dialect dialect) throws SQLException {
        String sql = Schema.derive(design, dialect).sql();
        try (Connection connection = Databases.open(dialect);
                Statement statement = connection.createStatement()) {
            Databases.others(design, dialect, connection);
            statement.executeUpdate(sql);
        } catch (SQLException e) {
            fail(e.getMessage() + "\n" + sql + "\n" + Notation.print(design), e);
        }
    }
}
