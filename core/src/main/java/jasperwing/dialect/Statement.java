package jasperwing.dialect;

import jasperwing.physical.Part;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * An SQL statement that changes a schema.
 *
 * @param kind what it does
 * @param about the part it does it to
 * @param lines its text, without what ends a statement in a script
 * @param opensParagraph whether an empty line stands before it in a script
 */
public record Statement(Kind kind, Part about, List<Line> lines, boolean opensParagraph) {
    /** What a statement does to a part. */
    public enum Kind {
        CREATE,
        ALTER,
        DROP,
        COMMENT,
        INSERT
    }

    /** @param about the part that a line of the text is about */
    public record Line(String text, Part about) {
        /** @param text one or more lines */
        static List<Line> of(String text, Part about) {
            return Stream.of(text.split("\n", -1)).map(l -> new Line(l, about)).toList();
        }
    }

    public Statement {
        lines = List.copyOf(lines);
    }

    /** @param text one or more lines */
    static Statement of(Kind kind, Part about, String text) {
        return new Statement(kind, about, Line.of(text, about), false);
    }

    Statement inParagraph() {
        return new Statement(kind, about, lines, true);
    }

    /** Its text, to be executed as it is. */
    public String sql() {
        return lines.stream().map(Line::text).collect(Collectors.joining("\n"));
    }
}
