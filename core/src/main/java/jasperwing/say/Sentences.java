package jasperwing.say;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Splits a text into sentences: at line ends, and at full stops, semicolons and the like that end a word. */
final class Sentences {
    private static final Pattern END = Pattern.compile("(?<=[.!?;])\\s+|\\R+");
    private static final Pattern BULLET = Pattern.compile("^(?:[-*\u2022\u2013]|\\d{1,2}[.)])\\s+");
    private static final int MOST = 200;

    private Sentences() {}

    /** The sentences in order, without list signs and closing punctuation; no more than two hundred. */
    static List<String> of(String text) {
        List<String> sentences = new ArrayList<>();
        for (String part : END.split(text.strip())) {
            String sentence = BULLET.matcher(part.strip())
                    .replaceFirst("")
                    .replaceFirst("[.!?;]+$", "")
                    .strip();
            if (!sentence.isEmpty() && sentences.size() < MOST) {
                sentences.add(sentence);
            }
        }
        return sentences;
    }
}
