package jasperwing.paste;

import jasperwing.notation.Notation;
import java.util.List;

/** Takes a pasted text for what it is. Nothing is refused: what is not recognised is given back line by line. */
public final class PasteReader {
    private PasteReader() {}

    /** What a text was taken for. */
    public enum Kind {
        LINES("lines"),
        TABLE("cells of a spreadsheet"),
        SQL("columns of a SQL table");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Attribute lines, in the order of the text.
     *
     * @param lines some may not parse; they are left as they were for whoever pasted them to mend
     */
    public record Pasted(Kind kind, List<String> lines) {
        public Pasted {
            lines = List.copyOf(lines);
        }
    }

    /** The attribute lines of a text. Linear in its length. */
    public static Pasted attributes(String text) {
        String clean = text.replace("\r\n", "\n").replace('\r', '\n').replace("\u0000", "");
        if (SqlColumns.looksLike(clean)) {
            List<String> columns = SqlColumns.of(clean);
            if (!columns.isEmpty()) {
                return new Pasted(Kind.SQL, columns);
            }
        }
        List<String> lines =
                clean.lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
        boolean notation = lines.stream().allMatch(l -> Notation.attribute(l).isSound());
        if (!notation && SpreadsheetRows.looksLike(lines)) {
            return new Pasted(Kind.TABLE, SpreadsheetRows.of(lines));
        }
        return new Pasted(Kind.LINES, lines);
    }
}
