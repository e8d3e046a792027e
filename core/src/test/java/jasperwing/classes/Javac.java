package jasperwing.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.StandardLocation;
import javax.tools.ToolProvider;

/** Compiles generated files as a strict build would. */
public final class Javac {
    /** Later compilers tell of constructors that give their object away, as those do on purpose that keep both ends in step. */
    private static final String WARNINGS = Runtime.version().feature() < 21 ? "-Xlint:all" : "-Xlint:all,-this-escape";

    private Javac() {}

    /** Writes the files below a folder. */
    public static void write(List<GeneratedFile> files, Path folder) throws IOException {
        for (GeneratedFile file : files) {
            Path path = folder.resolve(file.path());
            Files.createDirectories(path.getParent());
            Files.writeString(path, file.text());
        }
    }

    /** Compiles every source below a folder into another; any warning fails the test. */
    public static void compile(Path sources, Path classes) throws IOException {
        Files.createDirectories(classes);
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        StringWriter messages = new StringWriter();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null);
                var walk = Files.walk(sources)) {
            files.setLocation(StandardLocation.CLASS_OUTPUT, List.of(classes.toFile()));
            List<Path> java = new ArrayList<>(
                    walk.filter(p -> p.toString().endsWith(".java")).toList());
            assertThat(java).isNotEmpty();
            Iterable<? extends JavaFileObject> units = files.getJavaFileObjectsFromPaths(java);
            boolean good = compiler.getTask(
                            messages,
                            files,
                            null,
                            List.of(WARNINGS, "-Werror", "-proc:none", "-parameters"),
                            null,
                            units)
                    .call();
            assertThat(good).as(messages.toString()).isTrue();
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }
}
