package jasperwing.maven;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.List;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.project.MavenProject;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class GoalsTest {
    private static final FileTime LONG_AGO = FileTime.fromMillis(0);

    @TempDir
    Path folder;

    private Path design;

    @BeforeEach
    void write() throws IOException {
        design = folder.resolve("boats.wing");
        Files.writeString(design, "design \"Boats\"\n\nentity Boat\n  id    serial    key\n  name  text(40)\n");
    }

    private <T extends DesignMojo> T goal(T goal) {
        goal.design = design.toFile();
        goal.notes = folder.resolve("notes").toFile();
        return goal;
    }

    private TablesMojo tables(String dialect) {
        TablesMojo goal = goal(new TablesMojo());
        goal.dialect = dialect;
        goal.output = folder.resolve("tables.sql").toFile();
        return goal;
    }

    @Test
    void tablesAreWrittenAgainOnlyWhenSomethingHasChanged() throws Exception {
        Path sql = folder.resolve("tables.sql");
        tables("h2").execute();
        assertThat(sql).content().contains("create table boats");
        Files.setLastModifiedTime(sql, LONG_AGO);
        tables("h2").execute();
        assertThat(Files.getLastModifiedTime(sql)).isEqualTo(LONG_AGO);
        tables("mariadb").execute();
        assertThat(sql).content().contains("auto_increment");
        Files.writeString(design, Files.readString(design).replace("name", "title"));
        tables("mariadb").execute();
        assertThat(sql).content().contains("title varchar(40)");
        Files.delete(sql);
        tables("mariadb").execute();
        assertThat(sql).exists();
    }

    @Test
    void classesAreCompiledWithTheProject() throws Exception {
        ClassesMojo goal = goal(new ClassesMojo());
        goal.target = "java-plain";
        goal.output = folder.resolve("classes").toFile();
        goal.addSources = true;
        goal.project = new MavenProject();
        goal.execute();
        assertThat(folder.resolve("classes/boats/Boat.java")).exists();
        assertThat(goal.project.getCompileSourceRoots())
                .containsExactly(folder.resolve("classes").toString());
    }

    @Test
    void whatIsWrongStopsTheBuildWithFileAndLine() throws Exception {
        CheckMojo check = goal(new CheckMojo());
        check.dialect = "postgresql";
        check.execute();
        Files.writeString(design, "design \"Boats\"\n\nentity Boat\n  name  text(\n");
        assertThatThrownBy(check::execute)
                .isInstanceOf(MojoFailureException.class)
                .hasMessageContaining("boats.wing:4:");
        Files.writeString(design, "design \"Boats\"\n\nentity Boat\n  name  text(40)\n");
        assertThatThrownBy(check::execute)
                .isInstanceOf(MojoFailureException.class)
                .hasMessageContaining("found errors");
    }

    @Test
    void optionsAreThoseOfTheCommandLine() throws Exception {
        TablesMojo goal = tables("h2");
        goal.options = List.of("--nonsense");
        assertThatThrownBy(goal::execute)
                .isInstanceOf(MojoFailureException.class)
                .hasMessageContaining("--nonsense");
        goal.skip = true;
        goal.execute();
        assertThat(folder.resolve("tables.sql")).doesNotExist();
    }
}
