package jasperwing.notation;

import java.util.List;

/** Walks over the tokens of one line; what is asked for and not there is a {@link SyntaxException} at its place. */
final class Cursor {
    /** What fits an int whatever the digits are. */
    private static final int MOST_DIGITS = 9;

    private final Lexer.Line line;
    private int at;

    Cursor(Lexer.Line line) {
        this.line = line;
    }

    int lineNumber() {
        return line.number();
    }

    Token peek() {
        return peek(0);
    }

    Token peek(int ahead) {
        List<Token> tokens = line.tokens();
        return at + ahead < tokens.size()
                ? tokens.get(at + ahead)
                : new Token(Token.Kind.END, "", line.length() + 1, 0);
    }

    Token next() {
        Token token = peek();
        if (token.kind() != Token.Kind.END) {
            at++;
        }
        return token;
    }

    boolean atEnd() {
        return peek().kind() == Token.Kind.END;
    }

    boolean takeWord(String word) {
        boolean there = peek().isWord(word);
        at += there ? 1 : 0;
        return there;
    }

    /** Takes all the words or none. */
    boolean takeWords(String... words) {
        for (int i = 0; i < words.length; i++) {
            if (!peek(i).isWord(words[i])) {
                return false;
            }
        }
        at += words.length;
        return true;
    }

    /** Takes words of SQL, whatever their capitals. */
    boolean takeSql(String words) {
        String[] each = words.split(" ");
        for (int i = 0; i < each.length; i++) {
            if (peek(i).kind() != Token.Kind.WORD || !peek(i).text().equalsIgnoreCase(each[i])) {
                return false;
            }
        }
        at += each.length;
        return true;
    }

    boolean takeSymbol(String symbol) {
        boolean there = peek().isSymbol(symbol);
        at += there ? 1 : 0;
        return there;
    }

    void words(String... words) throws SyntaxException {
        if (!takeWords(words)) {
            throw unexpected("'" + String.join(" ", words) + "'");
        }
    }

    void symbol(String symbol) throws SyntaxException {
        if (!takeSymbol(symbol)) {
            throw unexpected("'" + symbol + "'");
        }
    }

    String name(String what) throws SyntaxException {
        if (!peek().isName()) {
            throw unexpected(what);
        }
        return next().text();
    }

    String string(String what) throws SyntaxException {
        if (peek().kind() != Token.Kind.STRING) {
            throw unexpected(what);
        }
        return next().text();
    }

    int wholeNumber(String what) throws SyntaxException {
        Token token = peek();
        String text = token.text();
        boolean sized =
                text.length() <= (text.startsWith("-") ? MOST_DIGITS + 1 : MOST_DIGITS) && text.indexOf('.') < 0;
        if (token.kind() != Token.Kind.NUMBER || !sized) {
            throw unexpected(what);
        }
        return Integer.parseInt(next().text());
    }

    void end() throws SyntaxException {
        if (!atEnd()) {
            throw unexpected("the end of the line");
        }
    }

    SyntaxException unexpected(String expected) {
        String said = atEnd() ? "something is missing at the end" : peek().shown() + " is not understood here";
        return wrong(peek(), said, expected);
    }

    SyntaxException wrong(Token token, String message, String expected) {
        return new SyntaxException(new Problem(line.number(), token.column(), token.length(), message, expected));
    }

    /** For what the notation keeps room for. */
    SyntaxException notYet(Token token, String what) {
        return wrong(token, what + " cannot be read yet: this version of Jasperwing does not know them", "");
    }
}
