package jasperwing.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Splits names into words and joins words into names. {@code maxDepth}, {@code max_depth} and {@code Max Depth} agree. */
public final class Words {
    private static final Memo<List<String>> SPLIT = new Memo<>(Words::splitAnew);

    private static final Memo<String> SNAKE = new Memo<>(name -> String.join("_", split(name)));

    private static final Memo<String> PASCAL =
            new Memo<>(name -> split(name).stream().map(Words::capitalised).collect(Collectors.joining()));

    private Words() {}

    /** The words of a name in lower case; a run of capitals is one word, digits stay with the word before them. */
    public static List<String> split(String name) {
        return SPLIT.of(name);
    }

    private static List<String> splitAnew(String name) {
        List<String> words = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        int[] points = name.codePoints().toArray();
        for (int i = 0; i < points.length; i++) {
            int c = points[i];
            if (!Character.isLetterOrDigit(c)) {
                finish(words, word);
                continue;
            }
            if (startsWord(points, i)) {
                finish(words, word);
            }
            word.appendCodePoint(c);
        }
        finish(words, word);
        return List.copyOf(words);
    }

    private static boolean startsWord(int[] points, int i) {
        if (i == 0 || !Character.isUpperCase(points[i])) {
            return false;
        }
        boolean afterLower = !Character.isUpperCase(points[i - 1]);
        boolean beforeLower = i + 1 < points.length && Character.isLowerCase(points[i + 1]);
        return afterLower || beforeLower;
    }

    private static void finish(List<String> words, StringBuilder word) {
        if (!word.isEmpty()) {
            words.add(word.toString().toLowerCase(Locale.ROOT));
            word.setLength(0);
        }
    }

    /** How many there are of something: {@code 1 entity}, {@code 2 entities}. */
    public static String count(long count, String what) {
        return count + " " + (count == 1 ? what : Plurals.plural(what));
    }

    /** {@code SequenceRecord} becomes {@code sequence_record}. Empty when the name has no letter or digit. */
    public static String snake(String name) {
        return SNAKE.of(name);
    }

    /** {@code SequenceRecord} becomes {@code sequenceRecord}. */
    public static String camel(String name) {
        String pascal = pascal(name);
        return pascal.isEmpty() ? pascal : pascal.substring(0, 1).toLowerCase(Locale.ROOT) + pascal.substring(1);
    }

    /** {@code sequence_record} becomes {@code SequenceRecord}. */
    public static String pascal(String name) {
        return PASCAL.of(name);
    }

    /** {@code startedAt} becomes {@code started at}. */
    public static String spoken(String name) {
        return String.join(" ", split(name));
    }

    /** The English name of a language that is abbreviated as in ISO 639; the abbreviation itself when it is none. */
    public static String language(String abbreviated) {
        return Locale.forLanguageTag(abbreviated).getDisplayLanguage(Locale.ENGLISH);
    }

    public static String capitalised(String word) {
        int first = word.offsetByCodePoints(0, Math.min(1, word.length()));
        return word.substring(0, first).toUpperCase(Locale.ROOT) + word.substring(first);
    }
}
