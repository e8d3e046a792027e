package jasperwing.notation;

import jasperwing.model.Comments;
import java.util.ArrayList;
import java.util.List;

/** A text as statements: a line at the margin, the indented lines below it, and the comments of each. */
record Outline(List<Statement> statements, List<String> closing, List<Problem> problems) {
    /** One line with its comments. */
    record Item(Lexer.Line line, Comments comments) {
        Cursor cursor() {
            return new Cursor(line);
        }
    }

    /**
     * A statement.
     *
     * @param broken whether its first line could not be cut into tokens, so that its block is to be passed over
     */
    record Statement(Item head, List<Item> body, boolean broken) {
        /** Reads the lines below it; one that cannot be read is a problem of its own and leaves the others standing. */
        void eachLine(List<Problem> problems, LineReader reader) {
            for (Item item : body) {
                try {
                    reader.read(item);
                } catch (SyntaxException e) {
                    problems.add(e.problem());
                }
            }
        }

        /** Reads the lines below it. @return its comments, and above them those of the lines, which have none of their own */
        Comments eachLineGathered(List<Problem> problems, LineReader reader) {
            List<String> above = new ArrayList<>(head.comments().before());
            eachLine(problems, item -> {
                above.addAll(item.comments().before());
                if (!item.comments().after().isEmpty()) {
                    above.add(item.comments().after());
                }
                reader.read(item);
            });
            return new Comments(above, head.comments().after(), head.comments().closing());
        }
    }

    /** Reads a line below a statement. */
    interface LineReader {
        void read(Item item) throws SyntaxException;
    }

    static Outline of(String text) {
        return new Reader().read(text);
    }

    private static final class Reader {
        private final List<Statement> statements = new ArrayList<>();
        private final List<Problem> problems = new ArrayList<>();
        private List<String> pending = new ArrayList<>();
        private List<String> indented = new ArrayList<>();
        private Item head;
        private List<Item> body = new ArrayList<>();
        private boolean broken;

        Outline read(String text) {
            int number = 1;
            int start = 0;
            while (start < text.length()) {
                int end = text.indexOf('\n', start);
                end = end < 0 ? text.length() : end;
                int stop = end > start && text.charAt(end - 1) == '\r' ? end - 1 : end;
                line(text.substring(start, stop), number++);
                start = end + 1;
            }
            finish();
            return new Outline(statements, pending, problems);
        }

        private void line(String text, int number) {
            Lexer.Line line;
            boolean failed = false;
            try {
                line = Lexer.read(text, number);
            } catch (SyntaxException e) {
                problems.add(e.problem());
                line = new Lexer.Line(number, Lexer.indent(text), text.length(), List.of(), null);
                failed = true;
            }
            if (line.isBlank() && !failed) {
                return;
            }
            if (line.tokens().isEmpty() && !failed) {
                boolean inBlock = line.indent() > 0 && head != null && pending.isEmpty();
                (inBlock ? indented : pending).add(line.comment());
            } else if (line.indent() > 0 && head != null) {
                inBlock(line, failed);
            } else {
                finish();
                head = new Item(line, comments(pending, line));
                pending = new ArrayList<>();
                broken = failed;
            }
        }

        private void inBlock(Lexer.Line line, boolean failed) {
            indented.addAll(pending);
            pending = new ArrayList<>();
            if (!failed) {
                body.add(new Item(line, comments(indented, line)));
                indented = new ArrayList<>();
            }
        }

        private void finish() {
            if (head != null) {
                Item closed = new Item(head.line(), head.comments().withClosing(indented));
                statements.add(new Statement(closed, List.copyOf(body), broken));
            }
            head = null;
            body = new ArrayList<>();
            indented = new ArrayList<>();
        }

        private static Comments comments(List<String> before, Lexer.Line line) {
            return new Comments(before, line.comment() == null ? "" : line.comment(), List.of());
        }
    }
}
