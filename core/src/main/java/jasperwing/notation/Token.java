package jasperwing.notation;

/**
 * A token of one line.
 *
 * @param text what it means: a name without its quotes, a string without its escapes
 * @param column of its first unit, from 1
 * @param length in UTF-16 units, as written
 */
record Token(Kind kind, String text, int column, int length) {
    enum Kind {
        WORD,
        QUOTED_NAME,
        STRING,
        NUMBER,
        DATE,
        SYMBOL,
        PATTERN,
        END
    }

    boolean isName() {
        return kind == Kind.WORD || kind == Kind.QUOTED_NAME;
    }

    boolean isWord(String word) {
        return kind == Kind.WORD && text.equals(word);
    }

    boolean isSymbol(String symbol) {
        return kind == Kind.SYMBOL && text.equals(symbol);
    }

    /** How a message names it. */
    String shown() {
        return switch (kind) {
            case END -> "the end of the line";
            case STRING -> "\"" + text + "\"";
            case PATTERN -> "/" + text + "/";
            default -> "'" + text + "'";
        };
    }
}
