package jasperwing.app.draw;

import jasperwing.notation.Problem;
import java.util.Collection;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.fxmisc.richtext.CodeArea;
import org.fxmisc.richtext.LineNumberFactory;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/** A design's text with its words set apart and what cannot be read underlined. Only lines that changed are set anew. */
final class DesignText extends CodeArea {
    private static final Pattern TOKENS =
            Pattern.compile("(?<comment>#.*)|(?<string>\"(?:\\\\.|[^\"\\\\])*\"?)|(?<quoted>`[^`]*`)"
                    + "|(?<word>\\b(?:design|area|enum|entity|each|sheet|places|must|may|one|many|which|of|via|as|in|outside|key|unique|default|from"
                    + "|up|to|list|label|column|table|shown|deleting|is|refused|deletes|too|empties|it|kept)\\b)"
                    + "|(?<number>\\b\\d[\\d.]*\\b)");
    private static final String[] KINDS = {"comment", "string", "quoted", "word", "number"};

    DesignText() {
        getStyleClass().add("design-text");
        setParagraphGraphicFactory(LineNumberFactory.get(this));
        setWrapText(false);
    }

    /** Sets some lines anew, counted from 0, both included. */
    void highlight(int first, int last, List<Problem> problems) {
        int end = Math.min(last, getParagraphs().size() - 1);
        for (int line = Math.max(0, first); line <= end; line++) {
            int number = line + 1;
            String text = getText(line);
            Problem problem = problems.stream()
                    .filter(p -> p.line() == number)
                    .findFirst()
                    .orElse(null);
            if (!text.isEmpty()) {
                setStyleSpans(
                        line,
                        0,
                        problem == null
                                ? spans(text).create()
                                : wrong(text, problem).create());
            }
        }
    }

    private static StyleSpansBuilder<Collection<String>> spans(String text) {
        StyleSpansBuilder<Collection<String>> spans = new StyleSpansBuilder<>();
        Matcher matcher = TOKENS.matcher(text);
        int at = 0;
        while (matcher.find()) {
            spans.add(List.of(), matcher.start() - at);
            spans.add(List.of("text-" + kind(matcher)), matcher.end() - matcher.start());
            at = matcher.end();
        }
        return spans.add(List.of(), text.length() - at);
    }

    private static String kind(Matcher matcher) {
        for (String kind : KINDS) {
            if (matcher.group(kind) != null) {
                return kind;
            }
        }
        throw new IllegalStateException("no group matched in " + matcher);
    }

    private static StyleSpansBuilder<Collection<String>> wrong(String text, Problem problem) {
        int from = Math.max(0, Math.min(problem.column() - 1, text.length() - 1));
        int length = Math.max(1, Math.min(problem.length(), text.length() - from));
        return new StyleSpansBuilder<Collection<String>>()
                .add(List.of(), from)
                .add(List.of("wrong-text"), length)
                .add(List.of(), text.length() - from - length);
    }
}
