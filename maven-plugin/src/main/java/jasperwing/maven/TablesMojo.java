package jasperwing.maven;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;

/** Writes the SQL that creates the tables of a design. */
@Mojo(name = "tables", defaultPhase = LifecyclePhase.GENERATE_RESOURCES, threadSafe = true)
public final class TablesMojo extends DesignMojo {
    /** The database it is written for. */
    @Parameter(property = "jasperwing.dialect", required = true)
    String dialect;

    /** The file it is written to. */
    @Parameter(defaultValue = "${project.build.directory}/tables.sql")
    File output;

    @Override
    List<String> command() {
        return List.of("tables", design.getPath(), "--dialect", dialect, "-o", output.getPath());
    }

    @Override
    Optional<Path> made() {
        return Optional.of(output.toPath());
    }
}
