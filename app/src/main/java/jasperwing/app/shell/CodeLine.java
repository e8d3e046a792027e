package jasperwing.app.shell;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** One line of Java, highlighted. */
public final class CodeLine {
    private static final Pattern TOKENS = Pattern.compile(
            "(?<comment>//.*|/\\*\\*.*|^\\s*\\*.*)|(?<string>\"(?:\\\\.|[^\"\\\\])*\")|(?<annotation>@[\\w.]+)"
                    + "|(?<keyword>\\b(?:package|import|public|private|protected|static|final|class|enum|interface|extends|"
                    + "implements|return|new|if|else|for|switch|case|default|throw|null|true|false|this|void|instanceof|int)\\b)"
                    + "|(?<number>\\b\\d[\\w.]*\\b)");
    private static final String[] KINDS = {"comment", "string", "annotation", "keyword", "number"};

    private CodeLine() {}

    /** @param wrapped whether a long line is broken at the width of its place */
    public static TextFlow of(String line, boolean wrapped) {
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add("code-line");
        Matcher matcher = TOKENS.matcher(line);
        int at = 0;
        while (matcher.find()) {
            add(flow, line.substring(at, matcher.start()), "plain");
            for (String kind : KINDS) {
                if (matcher.group(kind) != null) {
                    add(flow, matcher.group(), kind);
                }
            }
            at = matcher.end();
        }
        add(flow, line.substring(at), "plain");
        if (!wrapped) {
            flow.setMinWidth(Region.USE_PREF_SIZE);
        }
        return flow;
    }

    private static void add(TextFlow flow, String text, String kind) {
        if (!text.isEmpty()) {
            Text part = new Text(text);
            part.getStyleClass().addAll("code-text", "code-" + kind);
            flow.getChildren().add(part);
        }
    }
}
