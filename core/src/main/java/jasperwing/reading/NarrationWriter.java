package jasperwing.reading;

import java.util.List;
import java.util.regex.Pattern;
import org.commonmark.node.BulletList;
import org.commonmark.node.Document;
import org.commonmark.node.Emphasis;
import org.commonmark.node.Heading;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.Text;
import org.commonmark.renderer.html.HtmlRenderer;
import org.commonmark.renderer.markdown.MarkdownRenderer;

/** Narrations as plain text, Markdown and HTML. Whatever stands in a name or a note is text there, never markup. */
public final class NarrationWriter {
    private static final Pattern BREAKS = Pattern.compile("\\s*\\R\\s*");

    private NarrationWriter() {}

    public static String plain(List<Narration.Section> sections) {
        StringBuilder text = new StringBuilder();
        for (Narration.Section section : sections) {
            text.append(text.isEmpty() ? "" : "\n").append(section.title()).append('\n');
            section.said().forEach(s -> text.append(s).append('\n'));
            section.facts().forEach(f -> text.append("  - ").append(f).append('\n'));
            section.relations().forEach(r -> text.append(r).append('\n'));
        }
        return text.toString();
    }

    public static String markdown(List<Narration.Section> sections) {
        return MarkdownRenderer.builder().build().render(document(sections));
    }

    /** A whole page, readable by itself. */
    public static String html(List<Narration.Section> sections) {
        String title = sections.isEmpty() ? "" : sections.get(0).title();
        Text text = new Text(title);
        String escaped = HtmlRenderer.builder().build().render(text);
        return "<!doctype html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n<title>" + escaped
                + "</title>\n<style>"
                + "body{font:16px/1.55 sans-serif;max-width:44em;margin:2em auto;padding:0 1em;color:#26221e;background:#fffefc}"
                + "h2{border-bottom:1px solid #ddd7cc}li{margin:.15em 0}</style>\n</head>\n<body>\n"
                + HtmlRenderer.builder().escapeHtml(true).build().render(document(sections)) + "</body>\n</html>\n";
    }

    private static Node document(List<Narration.Section> sections) {
        Document document = new Document();
        for (Narration.Section section : sections) {
            Heading heading = new Heading();
            heading.setLevel(section.level());
            heading.appendChild(text(section.title()));
            document.appendChild(heading);
            section.said().forEach(s -> document.appendChild(paragraph(s)));
            if (!section.facts().isEmpty()) {
                BulletList list = new BulletList();
                list.setTight(true);
                list.setMarker("-");
                section.facts().forEach(f -> list.appendChild(item(f)));
                document.appendChild(list);
            }
            section.relations().forEach(r -> document.appendChild(paragraph(r)));
        }
        return document;
    }

    private static Node paragraph(String text) {
        Paragraph paragraph = new Paragraph();
        paragraph.appendChild(text(text));
        return paragraph;
    }

    /** An attribute's name is set off from what is said of it. */
    private static Node item(String fact) {
        ListItem item = new ListItem();
        Paragraph paragraph = new Paragraph();
        int end = fact.indexOf(" \u2013 ");
        if (end > 0) {
            Emphasis name = new Emphasis("*");
            name.appendChild(text(fact.substring(0, end)));
            paragraph.appendChild(name);
        }
        paragraph.appendChild(text(fact.substring(Math.max(0, end))));
        item.appendChild(paragraph);
        return item;
    }

    private static Text text(String text) {
        return new Text(BREAKS.matcher(text).replaceAll(" "));
    }
}
