package jasperwing.maven;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;
import org.apache.maven.project.MavenProject;

/** Generates the classes of a design and adds their folder to what is compiled. */
@Mojo(name = "classes", defaultPhase = LifecyclePhase.GENERATE_SOURCES, threadSafe = true)
public final class ClassesMojo extends DesignMojo {
    /** What is generated: a target by its name, or a folder of templates. */
    @Parameter(property = "jasperwing.target", required = true)
    String target;

    /** The folder the packages go into. */
    @Parameter(defaultValue = "${project.build.directory}/generated-sources/jasperwing")
    File output;

    /** Whether the folder is compiled with the sources of the project. */
    @Parameter(defaultValue = "true")
    boolean addSources;

    @Parameter(defaultValue = "${project}", readonly = true, required = true)
    MavenProject project;

    @Override
    List<String> command() {
        return List.of("classes", design.getPath(), "--target", target, "-o", output.getPath());
    }

    @Override
    Optional<Path> made() {
        return Optional.of(output.toPath());
    }

    @Override
    public void execute() throws MojoExecutionException, MojoFailureException {
        super.execute();
        if (addSources) {
            project.addCompileSourceRoot(output.getPath());
        }
    }
}
