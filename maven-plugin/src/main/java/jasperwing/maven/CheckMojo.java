package jasperwing.maven;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;

/** Checks a design against all rules; errors stop the build, with file, line and column. */
@Mojo(name = "check", defaultPhase = LifecyclePhase.VALIDATE, threadSafe = true)
public final class CheckMojo extends DesignMojo {
    /** The database it is checked for; the usual one when not said. */
    @Parameter(property = "jasperwing.dialect")
    String dialect;

    @Override
    List<String> command() {
        List<String> check = List.of("check", design.getPath());
        return dialect == null
                ? check
                : Stream.concat(check.stream(), Stream.of("--dialect", dialect)).toList();
    }

    @Override
    Optional<Path> made() {
        return Optional.empty();
    }
}
