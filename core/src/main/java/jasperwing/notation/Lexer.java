package jasperwing.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Cuts one line into tokens and its comment. One pass, linear in the line's length. */
final class Lexer {
    private static final String SYMBOLS = ",:()?=/*+<>.;[]{}!|&%@$~^-\\";

    private static final Pattern DATE = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

    private final String text;
    private final int line;
    private final List<Token> tokens = new ArrayList<>();
    private String comment;
    private int at;

    private Lexer(String text, int line) {
        this.text = text;
        this.line = line;
    }

    /**
     * The tokens of a line, without an end token; its comment is {@code null} when there is none.
     *
     * @throws SyntaxException at the first unit that starts no token
     */
    static Line read(String text, int line) throws SyntaxException {
        Lexer lexer = new Lexer(text, line);
        lexer.run();
        return new Line(line, indent(text), text.length(), List.copyOf(lexer.tokens), lexer.comment);
    }

    /** One line, cut into tokens. */
    record Line(int number, int indent, int length, List<Token> tokens, String comment) {
        boolean isBlank() {
            return tokens.isEmpty() && comment == null;
        }
    }

    static int indent(String text) {
        return indent(text, 0);
    }

    /** How many spaces and tabs stand from a place on. */
    static int indent(String text, int start) {
        int i = start;
        while (i < text.length() && (text.charAt(i) == ' ' || text.charAt(i) == '\t')) {
            i++;
        }
        return i - start;
    }

    private void run() throws SyntaxException {
        while (at < text.length() && comment == null) {
            char c = text.charAt(at);
            if (c == ' ' || c == '\t') {
                at++;
            } else if (c == '#') {
                comment = text.substring(at + 1).stripTrailing();
            } else {
                token(c);
            }
        }
    }

    private void token(char c) throws SyntaxException {
        if (c == '"') {
            quoted('"', Token.Kind.STRING);
        } else if (c == '`') {
            quoted('`', Token.Kind.QUOTED_NAME);
        } else if (c == '\'') {
            sqlText();
        } else if (isDigit(c) || c == '-' && at + 1 < text.length() && isDigit(text.charAt(at + 1))) {
            number();
        } else if (c == '/' && isAfter("matching")) {
            pattern();
        } else if (SYMBOLS.indexOf(c) >= 0) {
            add(Token.Kind.SYMBOL, text.substring(at, at + 1), at + 1);
        } else {
            int end = wordEnd(text, at);
            if (end == at) {
                int width = Character.charCount(text.codePointAt(at));
                String shown =
                        Character.isISOControl(c) ? String.format("U+%04X", (int) c) : text.substring(at, at + width);
                throw problem(
                        at, width, "'" + shown + "' starts nothing here", "a word, a number, \"text\" or a `name`");
            }
            add(Token.Kind.WORD, text.substring(at, end), end);
        }
    }

    private boolean isAfter(String word) {
        return !tokens.isEmpty() && tokens.get(tokens.size() - 1).isWord(word);
    }

    /** A regular expression between slashes; a slash within it has a backslash before it. */
    private void pattern() throws SyntaxException {
        StringBuilder content = new StringBuilder();
        int i = at + 1;
        while (i < text.length() && text.charAt(i) != '/') {
            boolean escaped = text.charAt(i) == '\\' && i + 1 < text.length();
            if (escaped && text.charAt(i + 1) != '/') {
                content.append('\\');
            }
            i += escaped ? 1 : 0;
            content.append(text.charAt(i++));
        }
        if (i >= text.length()) {
            throw problem(at, text.length() - at, "the pattern is not closed", "/ at its end");
        }
        if (content.indexOf("\r") >= 0) {
            throw problem(at, i + 1 - at, "a pattern must be one line", "\\r for a carriage return");
        }
        add(Token.Kind.PATTERN, content.toString(), i + 1);
    }

    /** Where the plain word that starts at {@code start} ends; {@code start} when none does. */
    static int wordEnd(String text, int start) {
        int end = start;
        while (end < text.length()) {
            int c = text.codePointAt(end);
            boolean first = end == start;
            if (Character.isLetter(c) || c == '_' || !first && isPart(c)) {
                end += Character.charCount(c);
            } else if (!first
                    && (c == '\'' || c == '-')
                    && end + 1 < text.length()
                    && isPart(text.codePointAt(end + 1))) {
                end++;
            } else {
                break;
            }
        }
        return end;
    }

    private static boolean isPart(int c) {
        return Character.isLetterOrDigit(c) || c == '_' || Character.getType(c) == Character.NON_SPACING_MARK;
    }

    private void number() {
        int end = digits(at + 1);
        if (end == text.length() || text.charAt(end) != '.' && text.charAt(end) != '-') {
            add(Token.Kind.NUMBER, text.substring(at, end), end);
        } else {
            numberOrDate();
        }
    }

    private void numberOrDate() {
        int end = at + 1;
        while (end < text.length()
                && (isDigit(text.charAt(end)) || text.charAt(end) == '.' || text.charAt(end) == '-')) {
            end++;
        }
        while (!isDigit(text.charAt(end - 1))) {
            end--;
        }
        String digits = text.substring(at, end);
        boolean date = DATE.matcher(digits).matches();
        if (!date && !NUMBER.matcher(digits).matches()) {
            end = digits(at + 1);
            digits = text.substring(at, end);
        }
        add(date ? Token.Kind.DATE : Token.Kind.NUMBER, digits, end);
    }

    private int digits(int from) {
        int end = from;
        while (end < text.length() && isDigit(text.charAt(end))) {
            end++;
        }
        return end;
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    private void quoted(char quote, Token.Kind kind) throws SyntaxException {
        StringBuilder content = new StringBuilder();
        int i = at + 1;
        while (i < text.length() && text.charAt(i) != quote) {
            if (text.charAt(i) == '\\') {
                i = escape(content, i + 1);
            } else {
                content.append(text.charAt(i++));
            }
        }
        if (i >= text.length()) {
            throw problem(
                    at, text.length() - at, "the " + (quote == '"' ? "text" : "name") + " is not closed", "" + quote);
        }
        if (kind == Token.Kind.QUOTED_NAME && content.toString().isBlank()) {
            throw problem(at, i + 1 - at, "a name must not be blank", "a name between the backquotes");
        }
        add(kind, content.toString(), i + 1);
    }

    /** A text as SQL writes it, with its quotes doubled. */
    private void sqlText() throws SyntaxException {
        int end = at;
        do {
            end = text.indexOf('\'', end + 1) + 1;
        } while (end > 0 && end < text.length() && text.charAt(end) == '\'');
        if (end == 0) {
            throw problem(at, text.length() - at, "the text is not closed", "'");
        }
        add(Token.Kind.STRING, text.substring(at + 1, end - 1).replace("''", "'"), end);
    }

    private int escape(StringBuilder content, int i) throws SyntaxException {
        char c = i < text.length() ? text.charAt(i) : 0;
        switch (c) {
            case 'n' -> content.append('\n');
            case 't' -> content.append('\t');
            case '"', '`', '\\' -> content.append(c);
            case 'u' -> {
                String hex = i + 5 <= text.length() ? text.substring(i + 1, i + 5) : "";
                if (!hex.matches("[0-9a-fA-F]{4}")) {
                    throw problem(i - 1, 2, "the escape \\u needs four hexadecimal digits", "such as \\u0009");
                }
                content.append((char) Integer.parseInt(hex, 16));
                return i + 5;
            }
            default -> throw problem(i - 1, 1, "the escape is not known", "\\n, \\t, \\\", \\` or \\\\");
        }
        return i + 1;
    }

    private void add(Token.Kind kind, String content, int end) {
        tokens.add(new Token(kind, content, at + 1, end - at));
        at = end;
    }

    private SyntaxException problem(int start, int length, String message, String expected) {
        return new SyntaxException(new Problem(line, start + 1, length, message, expected));
    }
}
