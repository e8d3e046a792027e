package jasperwing.classes.java;

import com.sun.source.util.JavacTask;
import com.sun.source.util.TaskEvent;
import com.sun.source.util.TaskListener;
import jakarta.persistence.Entity;
import jakarta.validation.Valid;
import jasperwing.classes.language.Checker;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.tools.Diagnostic;
import javax.tools.DiagnosticCollector;
import javax.tools.ForwardingJavaFileManager;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileManager;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.ToolProvider;

/** Compiles source texts against the Jakarta interfaces, in memory. */
final class JavaChecker implements Checker {
    /** The first version that warns of constructors that pass {@code this} on, as those do that keep both ends of a relationship in sync. */
    private static final int WARNS_OF_ESCAPES = 21;

    private static final String WARNINGS =
            Runtime.version().feature() < WARNS_OF_ESCAPES ? "-Xlint:all" : "-Xlint:all,-this-escape";

    private static final List<String> OPTIONS = List.of(WARNINGS, "-proc:none", "-Xmaxerrs", "20", "-Xmaxwarns", "20");

    @Override
    public String tool() {
        return "javac " + Runtime.version().feature();
    }

    /** Takes about a second for a hundred classes; asks between classes whether it is wanted. */
    @Override
    public Optional<List<Remark>> check(Map<String, String> sources, BooleanSupplier wanted) {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        if (compiler == null) {
            return Optional.empty();
        }
        DiagnosticCollector<JavaFileObject> said = new DiagnosticCollector<>();
        List<Source> units = new ArrayList<>();
        sources.forEach((path, text) -> units.add(new Source(path, text)));
        List<String> options = new ArrayList<>(OPTIONS);
        options.addAll(List.of("-classpath", classpath()));
        try (JavaFileManager files =
                new Nowhere(compiler.getStandardFileManager(said, Locale.ROOT, StandardCharsets.UTF_8))) {
            JavaCompiler.CompilationTask task = compiler.getTask(null, files, said, options, null, units);
            ((JavacTask) task).addTaskListener(new Watch(wanted));
            call(task);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Optional.of(said.getDiagnostics().stream()
                .filter(d -> d.getKind() != Diagnostic.Kind.NOTE)
                .map(JavaChecker::remark)
                .toList());
    }

    /** What a listener throws comes wrapped. */
    private static void call(JavaCompiler.CompilationTask task) {
        try {
            task.call();
        } catch (RuntimeException e) {
            if (e.getCause() instanceof CancellationException) {
                throw (CancellationException) e.getCause();
            }
            throw e;
        }
    }

    private record Watch(BooleanSupplier wanted) implements TaskListener {
        @Override
        public void started(TaskEvent event) {
            if (!wanted.getAsBoolean()) {
                throw new CancellationException("not wanted any more");
            }
        }
    }

    private static Remark remark(Diagnostic<? extends JavaFileObject> said) {
        String path = said.getSource() instanceof Source source ? source.path : "";
        boolean error = said.getKind() == Diagnostic.Kind.ERROR;
        String first = said.getMessage(Locale.ROOT).lines().findFirst().orElse("");
        return new Remark(path, Math.max(0, said.getLineNumber()), error, first);
    }

    private static String classpath() {
        return Stream.of(Entity.class, Valid.class)
                .map(JavaChecker::home)
                .collect(Collectors.joining(System.getProperty("path.separator")));
    }

    private static String home(Class<?> type) {
        try {
            return Path.of(type.getProtectionDomain()
                            .getCodeSource()
                            .getLocation()
                            .toURI())
                    .toString();
        } catch (URISyntaxException e) {
            throw new IllegalStateException("no place for " + type, e);
        }
    }

    private static final class Source extends SimpleJavaFileObject {
        private final String path;
        private final String text;

        private Source(String path, String text) {
            super(URI.create("memory:///" + path.replaceAll("[^A-Za-z0-9_/.$]", "_")), Kind.SOURCE);
            this.path = path;
            this.text = text;
        }

        @Override
        public CharSequence getCharContent(boolean ignoreEncodingErrors) {
            return text;
        }

        @Override
        public boolean isNameCompatible(String simpleName, Kind kind) {
            return kind == Kind.SOURCE && path.endsWith("/" + simpleName + ".java");
        }
    }

    /** Takes class files and keeps none. */
    private static final class Nowhere extends ForwardingJavaFileManager<JavaFileManager> {
        private Nowhere(JavaFileManager files) {
            super(files);
        }

        @Override
        public JavaFileObject getJavaFileForOutput(
                Location location, String className, JavaFileObject.Kind kind, javax.tools.FileObject sibling) {
            return new SimpleJavaFileObject(URI.create("memory:///" + className.hashCode() + ".class"), kind) {
                @Override
                public java.io.OutputStream openOutputStream() {
                    return java.io.OutputStream.nullOutputStream();
                }
            };
        }
    }
}
