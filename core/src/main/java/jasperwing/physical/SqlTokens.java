package jasperwing.physical;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words, names, literals and signs of an expression, one after the other. */
final class SqlTokens {
    private static final Pattern TOKEN = Pattern.compile(
            "(?s)(?<space>\\s+)|(?<text>(?:[nN]|_utf8mb4)?'(?:[^']|'')*')|(?<name>\"(?:[^\"]|\"\")*\"|`(?:[^`]|``)*`|(?<!(?i:array))\\[[\\p{L}_][^\\[\\]',]*\\])"
                    + "|(?<number>\\d+(?:\\.\\d+)?)|(?<word>[\\p{L}_][\\p{L}\\p{N}_$]*)"
                    + "|(?<sign>::|<=|>=|<>|!=|\\|\\||->>|->|@>|<@|!~\\*?|~\\*?|.)");

    private static final Pattern PLAIN = Pattern.compile("[\\p{L}_][\\p{L}\\p{N}_]*");

    /** What a token is. */
    enum Kind {
        TEXT,
        NAME,
        NUMBER,
        WORD,
        SIGN,
        END
    }

    /** @param text of words and plain names in small letters, without quotes of these */
    record Token(Kind kind, String text) {
        boolean is(String wanted) {
            return kind != Kind.TEXT && text.equals(wanted);
        }
    }

    private final List<Token> tokens = new ArrayList<>();
    private int at;

    SqlTokens(String sql) {
        Matcher matcher = TOKEN.matcher(sql);
        while (matcher.find()) {
            if (matcher.group("space") == null) {
                tokens.add(token(matcher));
            }
        }
    }

    private static Token token(Matcher matcher) {
        String all = matcher.group();
        if (matcher.group("text") != null) {
            return new Token(Kind.TEXT, all.substring(all.indexOf('\'')));
        }
        if (matcher.group("name") != null) {
            return name(all);
        }
        if (matcher.group("number") != null) {
            return new Token(Kind.NUMBER, all);
        }
        return matcher.group("word") != null
                ? new Token(Kind.WORD, all.toLowerCase(Locale.ROOT))
                : new Token(Kind.SIGN, all.equals("!=") ? "<>" : all);
    }

    private static Token name(String quoted) {
        String bare = quoted.substring(1, quoted.length() - 1);
        return PLAIN.matcher(bare).matches()
                ? new Token(Kind.NAME, bare.toLowerCase(Locale.ROOT))
                : new Token(Kind.NAME, '"' + bare.replace("\"\"", "\"").replace("``", "`") + '"');
    }

    Token peek() {
        return peek(0);
    }

    Token peek(int ahead) {
        return at + ahead < tokens.size() ? tokens.get(at + ahead) : new Token(Kind.END, "");
    }

    Token next() {
        Token token = peek();
        at++;
        return token;
    }

    boolean isAtEnd() {
        return at >= tokens.size();
    }

    /** Steps over words that come next, all of them or none. */
    boolean skip(String... words) {
        for (int i = 0; i < words.length; i++) {
            if (!peek(i).is(words[i]) || peek(i).kind() == Kind.NAME) {
                return false;
            }
        }
        at += words.length;
        return true;
    }

    int position() {
        return at;
    }

    void back(int position) {
        at = position;
    }
}
