package jasperwing.maven;

import jasperwing.cli.CommandLines;
import java.io.File;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.maven.plugin.AbstractMojo;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.Parameter;

/** A goal that runs one command on a design. */
abstract class DesignMojo extends AbstractMojo {
    /** The design, a {@code .wing} file. */
    @Parameter(property = "jasperwing.design", required = true)
    File design;

    /** Further options as the command line has them, each word by itself. */
    @Parameter
    List<String> options = List.of();

    /** Whether to do nothing. */
    @Parameter(property = "jasperwing.skip", defaultValue = "false")
    boolean skip;

    /** Where notes are kept of what has been made. */
    @Parameter(defaultValue = "${project.build.directory}/jasperwing", readonly = true)
    File notes;

    /** The command with its arguments, without what {@link #options} says. */
    abstract List<String> command();

    /** What it makes; empty when it only looks. */
    abstract Optional<Path> made();

    @Override
    public void execute() throws MojoExecutionException, MojoFailureException {
        if (skip) {
            getLog().info("Skipped");
            return;
        }
        List<String> words = new ArrayList<>(command());
        words.addAll(options);
        try {
            BuildNote note = BuildNote.of(notes.toPath(), words, design.toPath());
            if (made().isPresent() && Files.exists(made().get()) && note.stands()) {
                getLog().info("Nothing has changed in " + design.getName());
                return;
            }
            run(words);
            note.write();
        } catch (IOException e) {
            throw new MojoExecutionException(e.getMessage(), e);
        }
    }

    private void run(List<String> words) throws MojoFailureException {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code = CommandLines.of(Optional.empty())
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(words.toArray(String[]::new));
        out.toString().lines().forEach(getLog()::info);
        err.toString().lines().forEach(code == 0 ? getLog()::warn : getLog()::error);
        if (code != 0) {
            throw new MojoFailureException("jasperwing " + String.join(" ", words)
                    + (code == 1
                            ? " found errors"
                            : " could not be done: " + err.toString().strip()));
        }
    }
}
