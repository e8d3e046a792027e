package jasperwing;

import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.catalog.CatalogTest;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.OurTargets;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.derive.Databases;
import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import jasperwing.notation.Notation;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Where no error is found, every database takes the tables and every compiler the classes. */
class SoundDesignsTest {
    @Property(tries = 40, seed = "20261130")
    void databasesTakeTheTablesAndTriggers(@ForAll long seed) throws SQLException {
        Design design = SoundDesigns.of(seed);
        for (Dialect dialect : Databases.running()) {
            if (!Schema.derive(design, dialect).tables().isEmpty()) {
                load(design, dialect);
            }
        }
    }

    private static void load(Design design, Dialect dialect) throws SQLException {
        try (Connection connection = Databases.guarded(design, dialect)) {
            CatalogTest.agrees(connection, design, dialect);
        } catch (SQLException e) {
            throw new SQLException(dialect + ":\n" + Notation.print(design), e);
        }
    }

    @Property(tries = 40, seed = "20261130")
    void theClassesCompile(@ForAll long seed) {
        Design design = SoundDesigns.of(seed);
        for (Target target : Targets.all()) {
            for (String rows : List.of("records", "classes")) {
                compile(
                        target,
                        CodeTargetEdits.choose(target.word(), "rows", rows).on(design));
            }
        }
    }

    /** A formula over a link that lives in another system. */
    @Test
    void whatIsKeptElsewhereIsNotLedThrough() {
        Design design = Samples.design(
                "entity Boat",
                "  id serial key",
                "  marks int = count(berths)",
                "entity Berth",
                "  id serial key",
                "entity Stay, outside",
                "  id serial key",
                "each Boat may know many Berth as berths via Stay, which may have many Boat as boats");
        compile(OurTargets.JAKARTA, design);
        compile(OurTargets.PLAIN, design);
    }

    private static void compile(Target target, Design design) {
        Map<String, String> sources = target.files(design).stream()
                .filter(f -> f.path().endsWith(".java"))
                .collect(Collectors.toMap(GeneratedFile::path, GeneratedFile::text));
        if (!sources.isEmpty()) {
            assertThat(OurTargets.remarks(sources))
                    .as(() -> target.word() + " of\n" + Notation.print(design))
                    .isEmpty();
        }
    }
}
