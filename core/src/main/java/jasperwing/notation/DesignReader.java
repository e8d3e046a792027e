package jasperwing.notation;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Relationship;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Reads a text again and again while it is typed. It gives what {@link Notation#parse} gives; statements whose text has not changed since the
 * last time are not read again, and give the same objects. Confined to one thread.
 *
 * <pre>{@code
 * DesignReader reader = new DesignReader();
 * Design before = reader.read(text).value();
 * Design after = reader.read(text.replace("depth", "height")).value(); // one entity is another object
 * }</pre>
 */
public final class DesignReader {
    /** Statements that were read the last time, by their text; those of one text in their order. */
    private Map<String, Deque<DesignParser>> known = new HashMap<>();

    /** The same in the order of the text. */
    private List<DesignParser> statements = List.of();

    /** Linear in the text's length, with little to do for what has not changed. */
    public Parsed<Design> read(String text) {
        List<TextBlock> blocks = TextBlock.of(text);
        Optional<Problem> newer =
                blocks.stream().findFirst().map(b -> Outline.of(b.text())).flatMap(DesignParser::newer);
        if (newer.isPresent()) {
            return new Parsed<>(Design.named(""), List.of(newer.get()));
        }
        Map<String, Deque<DesignParser>> now = new HashMap<>(2 * blocks.size());
        List<DesignParser> all = new ArrayList<>(blocks.size());
        DesignParser parser = new DesignParser();
        for (TextBlock block : blocks) {
            if (block.begins("design") || block.begins("notation") || !parser.hasBegun()) {
                parser.add(Outline.of(block.text()), block.line());
            } else {
                DesignParser read = read(block);
                parser.add(read, block.line());
                now.computeIfAbsent(block.text(), t -> new ArrayDeque<>(1)).add(read);
                all.add(read);
            }
        }
        known = now;
        statements = all;
        return parser.parsed();
    }

    /** Gives the entities and relationships of a design from now on where those that were read last are equal to them. */
    public void adopt(Design design) {
        Iterator<Entity> entities = design.entities().iterator();
        Iterator<Relationship> relationships = design.relationships().iterator();
        statements.forEach(s -> s.adopt(entities, relationships));
    }

    private DesignParser read(TextBlock block) {
        Deque<DesignParser> before = known.get(block.text());
        return before == null || before.isEmpty() ? DesignParser.ofStatement(block.text()) : before.remove();
    }

    /**
     * A statement with the comments above it, as a part of a text; the last can be comments alone.
     *
     * @param line how many lines stand above it
     */
    private record TextBlock(String text, int line) {
        boolean begins(String word) {
            int start = 0;
            while (start < text.length() && "#\r\n \t".indexOf(text.charAt(start)) >= 0) {
                int end = text.indexOf('\n', start);
                start = end < 0 ? text.length() : end + 1;
            }
            return text.startsWith(word, start);
        }

        static List<TextBlock> of(String text) {
            Splitter splitter = new Splitter(text);
            for (int start = 0; start < text.length(); ) {
                int end = text.indexOf('\n', start);
                splitter.line(start, end < 0 ? text.length() : end);
                start = end < 0 ? text.length() : end + 1;
            }
            return splitter.finished();
        }
    }

    /** Cuts a text where a statement or the comments above it begin. */
    private static final class Splitter {
        private final String text;
        private final List<TextBlock> blocks = new ArrayList<>();
        private int line;
        private int start;
        private int startLine;
        private int pending = -1;
        private int pendingLine;
        private boolean open;

        Splitter(String text) {
            this.text = text;
        }

        void line(int from, int end) {
            int stop = end > from && text.charAt(end - 1) == '\r' ? end - 1 : end;
            int first = from + Lexer.indent(text, from);
            if (first < stop && text.charAt(first) == '#') {
                comment(from, first);
            } else if (first < stop) {
                statement(from, first);
            }
            line++;
        }

        private void comment(int from, int first) {
            if (pending < 0 && first == from) {
                pending = from;
                pendingLine = line;
            }
        }

        private void statement(int from, int first) {
            if (first == from && open) {
                int cut = pending < 0 ? from : pending;
                blocks.add(new TextBlock(text.substring(start, cut), startLine));
                start = cut;
                startLine = pending < 0 ? line : pendingLine;
            }
            open = true;
            pending = -1;
        }

        List<TextBlock> finished() {
            if (start < text.length()) {
                blocks.add(new TextBlock(text.substring(start), startLine));
            }
            return blocks;
        }
    }
}
