package jasperwing.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A word, number, quoted text or sign of a sentence.
 *
 * @param text as it was said
 * @param low in small letters
 */
record Token(String text, String low) {
    private static final Pattern PART =
            Pattern.compile("\"[^\"]*\"|\\p{L}+n't\\b|[\\p{L}_][\\p{L}\\p{N}_]*\\([^)]*\\)(?:\\[\\])?\\??|'s\\b"
                    + "|[\\p{L}_][\\p{L}\\p{N}_]*(?:[-.][\\p{L}\\p{N}_]+)*\\??|-?\\d+(?:[.,]\\d+)?|\\S");

    /** The tokens of a sentence without its closing punctuation. */
    static List<Token> of(String sentence) {
        String plain = sentence.replace('\u2019', '\'')
                .replaceAll("[\u201c\u201d]", "\"")
                .replaceAll("[.!;\\s]+$", "")
                .replaceAll("(?<=\\p{L})s'(?=\\s)", "s 's");
        List<Token> tokens = new ArrayList<>();
        Matcher part = PART.matcher(plain);
        while (part.find()) {
            tokens.add(new Token(part.group(), part.group().toLowerCase(Locale.ROOT)));
        }
        return tokens;
    }

    static String text(List<Token> tokens) {
        StringBuilder text = new StringBuilder();
        for (Token token : tokens) {
            boolean tight = token.text().matches("[,;:)]|'s");
            text.append(text.isEmpty() || tight ? "" : " ").append(token.text());
        }
        return text.toString();
    }

    /** Whether words stand in a sentence from a place on. */
    static boolean stand(List<String> words, List<Token> tokens, int at) {
        int end = at + words.size();
        return end <= tokens.size()
                && tokens.subList(at, end).stream().map(Token::low).toList().equals(words);
    }

    boolean isName() {
        return text.matches("[\\p{L}_][\\p{L}\\p{N}_-]*");
    }

    boolean isNumber() {
        return text.matches("-?\\d+(?:[.,]\\d+)?");
    }

    boolean isQuoted() {
        return text.startsWith("\"");
    }

    boolean is(String... words) {
        for (String word : words) {
            if (low.equals(word)) {
                return true;
            }
        }
        return false;
    }
}
