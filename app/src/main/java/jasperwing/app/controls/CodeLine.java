package jasperwing.app.controls;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** One line of Java or SQL, highlighted. */
public final class CodeLine {
    private static final Pattern JAVA = Pattern.compile(
            "(?<comment>//.*|/\\*\\*.*|^\\s*\\*.*)|(?<string>\"(?:\\\\.|[^\"\\\\])*\")|(?<annotation>@[\\w.]+)"
                    + "|(?<keyword>\\b(?:package|import|public|private|protected|static|final|class|enum|interface|extends|"
                    + "implements|return|new|if|else|for|switch|case|default|throw|null|true|false|this|void|instanceof|int)\\b)"
                    + "|(?<number>\\b\\d[\\w.]*\\b)");
    private static final Pattern SQL =
            Pattern.compile("(?<comment>--.*)|(?<string>'(?:''|[^'])*'?)|(?<annotation>\"[^\"]*\"|`[^`]*`)"
                    + "|(?<keyword>\\b(?:create|table|view|type|as|enum|index|unique|on|where|constraint|primary|foreign|key|references|"
                    + "check|not|null|default|delete|update|insert|into|values|cascade|restrict|set|no|action|deferrable|initially|"
                    + "deferred|generated|always|by|identity|stored|auto_increment|collate|character|comment|is|alter|add|begin|commit|"
                    + "pragma|include|select|from|union|all|and|or|in|exists|join|left|group|order|case|when|then|else|end|trigger|"
                    + "function|returns|language|before|after|for|each|row|execute|if|raise|signal|delimiter|return|between|like)\\b)"
                    + "|(?<number>\\b\\d[\\w.]*\\b)");
    private static final String[] KINDS = {"comment", "string", "annotation", "keyword", "number"};

    private CodeLine() {}

    /**
     * A line of Java.
     *
     * @param wrapped whether a long line is broken at the width of its place
     */
    public static TextFlow of(String line, boolean wrapped) {
        return highlighted(line, JAVA, wrapped);
    }

    /** A line of SQL, not broken. */
    public static TextFlow sql(String line) {
        return highlighted(line, SQL, false);
    }

    private static TextFlow highlighted(String line, Pattern tokens, boolean wrapped) {
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add("code-line");
        Matcher matcher = tokens.matcher(line);
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
