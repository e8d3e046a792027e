package jasperwing.maven;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;

/** Checks a design against all rules; errors stop the build, with file, line and column. */
@Mojo(name = "check", defaultPhase = LifecyclePhase.VALIDATE, threadSafe = true)
public final class CheckMojo extends DesignMojo {
    /** The database it is checked for. */
    @Parameter(property = "jasperwing.dialect", defaultValue = "postgresql")
    String dialect;

    @Override
    List<String> command() {
        return List.of("check", design.getPath(), "--dialect", dialect);
    }

    @Override
    Optional<Path> made() {
        return Optional.empty();
    }
}
