package jasperwing.storage;

import jasperwing.notation.Problem;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;

/** A file that is no design: where it goes wrong, and what was expected. */
public final class UnreadableDesignException extends Exception {
    private static final long serialVersionUID = 1L;
    private static final int MOST_SHOWN = 20;

    private final transient Path path;
    private final transient List<Problem> problems;

    UnreadableDesignException(Path path, List<Problem> problems) {
        super(message(path, problems));
        this.path = path;
        this.problems = List.copyOf(problems);
    }

    UnreadableDesignException(Path path, int line, String message, String expected) {
        this(path, List.of(new Problem(line, 1, 0, message, expected)));
    }

    public Path path() {
        return path;
    }

    /** In the order of the text; at least one. */
    public List<Problem> problems() {
        return problems;
    }

    /** One line a problem, {@code file:line:column: sentence}, the first twenty of them. */
    private static String message(Path path, List<Problem> problems) {
        String lines = problems.stream()
                .limit(MOST_SHOWN)
                .map(p -> path + ":" + p.line() + ":" + p.column() + ": " + p.sentence())
                .collect(Collectors.joining("\n"));
        int more = problems.size() - MOST_SHOWN;
        return more > 0 ? lines + "\n" + path + ": and " + more + " more" : lines;
    }
}
