package jasperwing.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the tokens of one line are, for colouring a text that is being typed; a line that cannot be cut into tokens is cut as far as it can.
 *
 * @param start of its first unit, counted from 0
 * @param length in UTF-16 units
 */
public record SyntaxHighlight(Kind kind, int start, int length) {
    /** What a token is. Names, types and signs are none of these. */
    public enum Kind {
        KEYWORD,
        QUOTED_NAME,
        TEXT,
        NUMBER,
        COMMENT
    }

    private static final Set<String> STATEMENTS = Set.of(
            "design",
            "database",
            "area",
            "enum",
            "value",
            "trait",
            "entity",
            "each",
            "sheet",
            "accept",
            "classes",
            "places",
            "notation");

    /** What begins a line below a statement, by what comes next; a name that is the same word is followed by a type. */
    private static final Map<String, Set<String>> LINES = Map.of(
            "foreign", Set.of("key", "keys"),
            "tables", Set.of("begin", "in"),
            "key", Set.of("(", "held"),
            "unique", Set.of("("),
            "index", Set.of("("),
            "shown", Set.of("as"),
            "kinds", Set.of("kept"),
            "kept", Set.of("as"),
            "checked", Set.of("at"));

    /** Words of the grammar that can be names elsewhere. */
    private static final Set<String> FURTHER = Set.of(
            "at",
            "be",
            "by",
            "case",
            "checked",
            "complete",
            "deletes",
            "deleting",
            "empties",
            "end",
            "falling",
            "false",
            "held",
            "ignoring",
            "insert",
            "into",
            "it",
            "its",
            "kept",
            "kind",
            "kinds",
            "named",
            "now",
            "null",
            "only",
            "order",
            "refused",
            "retired",
            "shown",
            "sorted",
            "than",
            "today",
            "too",
            "true",
            "update",
            "where");

    /** In the order of the line; they do not overlap. */
    public static List<SyntaxHighlight> of(String line) {
        List<Token> tokens = tokens(line);
        List<SyntaxHighlight> all = new ArrayList<>();
        boolean below = Lexer.indent(line) > 0;
        int end = 0;
        for (int i = 0; i < tokens.size(); i++) {
            Token token = tokens.get(i);
            Kind kind = i == 0 ? first(below, tokens) : kind(token);
            if (kind != null) {
                all.add(new SyntaxHighlight(kind, token.column() - 1, token.length()));
            }
            end = token.column() - 1 + token.length();
        }
        int comment = line.indexOf('#', end);
        if (comment >= 0 && line.substring(end, comment).isBlank()) {
            all.add(new SyntaxHighlight(Kind.COMMENT, comment, line.length() - comment));
        }
        return all;
    }

    /** Those before the first that is none. */
    private static List<Token> tokens(String line) {
        try {
            return Lexer.read(line, 1).tokens();
        } catch (SyntaxException e) {
            int good = e.problem().column() - 1;
            return good == 0 ? List.of() : tokens(line.substring(0, good));
        }
    }

    private static Kind first(boolean below, List<Token> tokens) {
        Token first = tokens.get(0);
        if (first.kind() != Token.Kind.WORD) {
            return kind(first);
        }
        boolean keyword = below
                ? tokens.size() > 1 && beginsLine(first.text(), tokens.get(1))
                : STATEMENTS.contains(first.text());
        return keyword ? Kind.KEYWORD : null;
    }

    private static boolean beginsLine(String word, Token next) {
        return switch (word) {
            case "deleting" -> next.isName();
            case "label", "table", "rule", "schema", "column", "columns" -> next.kind() == Token.Kind.STRING;
            default -> LINES.getOrDefault(word, Set.of()).contains(next.text());
        };
    }

    private static Kind kind(Token token) {
        return switch (token.kind()) {
            case WORD -> Quoting.isKeyword(token.text()) || FURTHER.contains(token.text()) ? Kind.KEYWORD : null;
            case QUOTED_NAME -> Kind.QUOTED_NAME;
            case STRING, PATTERN -> Kind.TEXT;
            case NUMBER, DATE -> Kind.NUMBER;
            case SYMBOL, END -> null;
        };
    }
}
