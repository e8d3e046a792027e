package jasperwing.derive;

import jasperwing.dialect.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * SQL that runs as it is, line by line, each line with what it was derived from.
 *
 * <pre>{@code
 * SqlScript script = Schema.derive(design, dialect).script();
 * script.lines().get(0).origin();
 * }</pre>
 */
public record SqlScript(List<Line> lines) {
    /**
     * One line.
     *
     * @param text without a line end
     * @param origin empty for what no element of the design asks for, such as the beginning of a transaction
     */
    public record Line(String text, Optional<SqlOrigin> origin) {}

    /** An empty line. */
    public static final SqlScript SEPARATOR = new SqlScript(List.of(new Line("", Optional.empty())));

    public SqlScript {
        lines = List.copyOf(lines);
    }

    /** The whole as text; ends with a line end unless it is empty. */
    public String text() {
        return lines.stream().map(l -> l.text() + "\n").collect(Collectors.joining());
    }

    public boolean isEmpty() {
        return lines.isEmpty();
    }

    /** This and what comes after it. */
    public SqlScript then(SqlScript more) {
        List<Line> all = new ArrayList<>(lines);
        all.addAll(more.lines);
        return new SqlScript(all);
    }

    /** Lines while they are being written. */
    static final class Draft {
        private final List<Line> lines = new ArrayList<>();
        private final Provenance provenance;

        Draft(Provenance provenance) {
            this.provenance = provenance;
        }

        /**
         * @param text one or more lines, without the last line end
         */
        void add(String text, Optional<SqlOrigin> origin) {
            for (String line : text.split("\n", -1)) {
                lines.add(new Line(line, origin));
            }
        }

        void add(String text) {
            add(text, Optional.empty());
        }

        /** A statement with what ends it behind its last line. */
        void add(Statement statement, String end) {
            if (statement.opensParagraph()) {
                separate();
            }
            List<Statement.Line> its = statement.lines();
            for (int i = 0; i < its.size(); i++) {
                add(
                        its.get(i).text() + (i == its.size() - 1 ? end : ""),
                        provenance.origin(its.get(i).about()));
            }
        }

        /** An empty line between two statements. */
        void separate() {
            if (!lines.isEmpty()) {
                add("");
            }
        }

        boolean isEmpty() {
            return lines.isEmpty();
        }

        SqlScript script() {
            return new SqlScript(lines);
        }
    }
}
