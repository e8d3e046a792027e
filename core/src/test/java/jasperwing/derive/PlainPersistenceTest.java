package jasperwing.derive;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import jasperwing.Samples;
import jasperwing.classes.GeneratedFile;
import jasperwing.classes.Javac;
import jasperwing.classes.OurTargets;
import jasperwing.dialect.Dialects;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.Design;
import java.io.InputStream;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A graph is stored, changed, read back and deleted through records and what reads and writes their rows, on PostgreSQL. */
class PlainPersistenceTest {
    private static final Design DESIGN = Samples.design(
            "enum Duty: leader, recorder \"Keeps the record\"",
            "value Spot",
            "  distance int",
            "  side text(9)",
            "value Depth",
            "  least int",
            "  spread small int",
            "value Mooring",
            "  name text(9)",
            "  depth Depth",
            "  note text(90)?",
            "entity Site",
            "  id serial key",
            "  name text(40) unique",
            "  latitude decimal(9,6)?",
            "  mooring Mooring?",
            "  doubleDepth int = mooring.depth.least * 2",
            "entity Dive",
            "  number int",
            "  duty Duty?",
            "  lasted duration",
            "  on date",
            "  calm boolean",
            "  crew small int",
            "  tags text(9) list kept as an array",
            "  hazards text(40) list",
            "  spots Spot list",
            "  changedAt timestamp set on update",
            "  version int set on update",
            "  depth real?",
            "  key (site, number)",
            "entity Log",
            "  id serial key",
            "  text long text",
            "entity Keyword",
            "  word text(20) key",
            "entity Note",
            "  id serial key",
            "  text long text",
            "  facts json",
            "entity Instrument",
            "  serial text(20) key",
            "  kinds kept in one table",
            "entity Sonde is a kind of Instrument",
            "  probes int",
            "entity Camera is a kind of Instrument",
            "each Site may be under one Site as parent, which may have many Site as parts",
            "each Dive must be at one Site as site, which may have many Dive as dives",
            "each Log must be of one Dive as dive, which may have one Log as log",
            "  deleting Dive deletes Log too",
            "each Dive may carry many Keyword as keywords, which may mark many Dive as dives",
            "each Note must be about one of Dive, Site as subject, which may have many Note as notes",
            "  deleting Dive deletes Note too",
            "each Note may be of one of Site, Log as other",
            "  kept as a kind and an id");

    @TempDir
    Path folder;

    @ParameterizedTest
    @ValueSource(strings = {"records", "classes"})
    void everythingGoesThereAndBack(String rows) throws Exception {
        plays("PlainScenario", chosen(DESIGN, rows));
    }

    @ParameterizedTest
    @ValueSource(strings = {"records", "classes"})
    void soItDoesInTheOtherWaysToKeepIt(String rows) throws Exception {
        plays("WaysScenario", chosen(Samples.ways(), rows));
    }

    @ParameterizedTest
    @ValueSource(strings = {"records", "classes"})
    void soItDoesInTablesOfASchemaUnderOtherNames(String rows) throws Exception {
        DatabaseNaming naming = DatabaseNaming.USUAL
                .withSchema("Field station")
                .withPrefix("fs_")
                .with(DatabaseNaming.Rule.SINGULAR_TABLES, true)
                .with(DatabaseNaming.Rule.KIND_LAST, true);
        plays("PlainScenario", chosen(DESIGN.withNaming(naming), rows));
    }

    private static Design chosen(Design design, String rows) {
        return CodeTargetEdits.choose("java-plain", "rows", rows).on(design);
    }

    private void plays(String scenario, Design design) throws Exception {
        List<GeneratedFile> files = new ArrayList<>(OurTargets.PLAIN.files(design));
        files.add(new GeneratedFile("test/" + scenario + ".java", text(scenario), ""));
        Javac.write(files, folder.resolve("source"));
        Javac.compile(folder.resolve("source"), folder.resolve("classes"));
        try (Connection connection = Databases.open(Dialects.POSTGRESQL);
                URLClassLoader loader = new URLClassLoader(
                        new URL[] {folder.resolve("classes").toUri().toURL()})) {
            try (Statement statement = connection.createStatement()) {
                statement.execute(Schema.derive(design, Dialects.POSTGRESQL).sql());
            }
            loader.loadClass("test." + scenario)
                    .getMethod("run", Connection.class)
                    .invoke(null, connection);
            assertThat(connection.isClosed()).isFalse();
        }
    }

    private static String text(String scenario) throws java.io.IOException {
        try (InputStream in =
                PlainPersistenceTest.class.getResourceAsStream("/jasperwing/classes/" + scenario + ".java.txt")) {
            return new String(in.readAllBytes(), UTF_8);
        }
    }
}
