package jasperwing.notation;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Which lines of a design's text say what. Goes by the first words of lines, so that it holds for a text that does not parse, too;
 * for one that does, the n-th entity statement is the design's n-th entity, and likewise for relationships.
 */
public final class TextMap {
    /** What a statement is about. */
    public enum Kind {
        ENTITY,
        RELATIONSHIP,
        OTHER
    }

    /**
     * One statement with the lines below it.
     *
     * @param index which of its kind, counted from 0
     * @param first its first line, counted from 0
     * @param last its last line that is not blank
     */
    public record Span(Kind kind, int index, int first, int last) {}

    private static final Pattern NAMING = Pattern.compile("^(?:value|trait|enum|area|sheet|classes) +");

    private final List<Span> spans;
    private final List<String> lines;
    private final Map<Kind, List<Span>> byKind = new EnumMap<>(Kind.class);

    private TextMap(List<Span> spans, List<String> lines) {
        this.spans = spans;
        this.lines = lines;
        for (Span span : spans) {
            byKind.computeIfAbsent(span.kind(), k -> new ArrayList<>()).add(span);
        }
    }

    /** Linear in the text's length. */
    public static TextMap of(String text) {
        return of(List.of(text.split("\n", -1)));
    }

    private static TextMap of(List<String> lines) {
        List<Span> spans = new ArrayList<>();
        int[] counts = new int[Kind.values().length];
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i);
            if (isStatement(line)) {
                Kind kind = kind(line);
                spans.add(new Span(kind, counts[kind.ordinal()]++, i, i));
            } else if (isBelow(line) && !spans.isEmpty()) {
                Span open = spans.remove(spans.size() - 1);
                spans.add(new Span(open.kind(), open.index(), open.first(), i));
            }
        }
        return new TextMap(List.copyOf(spans), lines);
    }

    /**
     * The map of the text with another line in the place of one; where the line still begins as it did, only lines are copied.
     *
     * @param index counted from 0
     */
    public TextMap withLine(int index, String line) {
        String was = lines.get(index);
        List<String> now = new ArrayList<>(lines);
        now.set(index, line);
        boolean same =
                isStatement(was) == isStatement(line) && isBelow(was) == isBelow(line) && kind(was) == kind(line);
        return same ? new TextMap(spans, List.copyOf(now)) : of(List.copyOf(now));
    }

    private static boolean isStatement(String line) {
        return !line.isBlank() && !Character.isWhitespace(line.charAt(0)) && line.charAt(0) != '#';
    }

    private static boolean isBelow(String line) {
        return !line.isBlank() && Character.isWhitespace(line.charAt(0));
    }

    private static Kind kind(String line) {
        if (line.startsWith("entity ")) {
            return Kind.ENTITY;
        }
        return line.startsWith("each ") ? Kind.RELATIONSHIP : Kind.OTHER;
    }

    /** All lines of the text, without their ends. */
    public List<String> lines() {
        return lines;
    }

    /** All statements, top first. */
    public List<Span> spans() {
        return spans;
    }

    /** The statement a line belongs to. */
    public Optional<Span> at(int line) {
        return spans.stream().filter(s -> s.first() <= line && line <= s.last()).findFirst();
    }

    /** The line below a statement that begins with a name, counted from 0. */
    public Optional<Integer> line(Span span, String name) {
        String written = Quoting.name(name);
        for (int i = span.first() + 1; i <= span.last(); i++) {
            String line = lines.get(i).strip();
            if (line.equals(written) || line.startsWith(written + " ")) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /**
     * The line below a statement that begins as a constraint does, counted from 0.
     *
     * @param beginning such as {@code unique (buoy, readAt)}; blanks and the quotes around names do not matter
     */
    public Optional<Integer> constraint(Span span, String beginning) {
        String sought = bare(beginning);
        for (int i = span.first() + 1; i <= span.last(); i++) {
            if (bare(lines.get(i)).startsWith(sought)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    private static String bare(String line) {
        return line.replaceAll("[\\s`]", "");
    }

    /** The last statement that gives a name to a value, trait, enum, area, sheet or target. */
    public Optional<Span> named(String name) {
        String written = Quoting.name(name);
        return byKind.getOrDefault(Kind.OTHER, List.of()).stream()
                .filter(s ->
                        NAMING.matcher(lines.get(s.first())).replaceFirst("").matches(begins(written)))
                .reduce((first, second) -> second);
    }

    private static String begins(String name) {
        return "(?s)" + Pattern.quote(name) + "(?![\\p{L}\\p{N}_-]).*";
    }

    public Optional<Span> of(Kind kind, int index) {
        List<Span> all = byKind.getOrDefault(kind, List.of());
        return index < 0 || index >= all.size() ? Optional.empty() : Optional.of(all.get(index));
    }
}
