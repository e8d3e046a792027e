package jasperwing.notation;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Cuts a text where a statement or the comments above it begin. What stands before and after a change is not cut again, and what was
 * cut before gives the same objects.
 */
final class StatementTexts {
    private final String text;
    private final List<StatementText> former;
    private final int before;
    private final List<StatementText> cut = new ArrayList<>();

    /** Former ones that are not kept where they are, by their text; those of one text in their order. */
    private final Map<String, Deque<StatementText>> loose = new HashMap<>();

    /** How many former ones stand at the text's end. */
    private int behind;

    /** Where those begin. */
    private int end;

    /** Where the line begins that is looked at. */
    private int at;

    private int line;
    private int start;
    private int startLine;
    private int pending = -1;
    private int pendingLine;
    private boolean open;

    /** Statements that are kept where they are but for the last, whose end may have changed. */
    private StatementTexts(String text, List<StatementText> former) {
        this.text = text;
        this.former = former;
        int alike = 0;
        int next = 0;
        while (alike < former.size() && text.startsWith(former.get(alike).text(), next)) {
            at = next;
            next += former.get(alike).length();
            alike++;
        }
        before = Math.max(0, alike - 1);
        start = at;
        end = text.length();
    }

    /** @param former what another text was cut into: the more alike it is, the less there is to do */
    static List<StatementText> of(String text, List<StatementText> former) {
        return new StatementTexts(text, former).cut();
    }

    private List<StatementText> cut() {
        cut.addAll(former.subList(0, before));
        keepEnd();
        former.subList(before, former.size() - behind)
                .forEach(s -> loose.computeIfAbsent(s.text(), t -> new ArrayDeque<>(1))
                        .add(s));
        while (at < end) {
            nextLine();
            while (behind > 0 && (at > end || at == end && (!open || pending >= 0))) {
                end += former.get(former.size() - behind).length();
                behind--;
            }
        }
        close(end, line);
        cut.addAll(former.subList(former.size() - behind, former.size()));
        return cut;
    }

    /** The very first statement can begin with anything, and is cut again where something stands before it now. */
    private void keepEnd() {
        while (behind < former.size() - Math.max(1, before)) {
            StatementText last = former.get(former.size() - behind - 1);
            int from = end - last.length();
            if (from < at || !text.startsWith(last.text(), from)) {
                return;
            }
            end = from;
            behind++;
        }
    }

    private void nextLine() {
        int newline = text.indexOf('\n', at);
        int lineEnd = newline < 0 ? text.length() : newline;
        int stop = lineEnd > at && text.charAt(lineEnd - 1) == '\r' ? lineEnd - 1 : lineEnd;
        int first = at + Lexer.indent(text, at);
        if (first < stop && text.charAt(first) == '#') {
            comment(first);
        } else if (first < stop) {
            statement(first);
        }
        at = newline < 0 ? text.length() : newline + 1;
        line++;
    }

    private void comment(int first) {
        if (pending < 0 && first == at) {
            pending = at;
            pendingLine = line;
        }
    }

    private void statement(int first) {
        if (first == at && open) {
            close(pending < 0 ? at : pending, pending < 0 ? line : pendingLine);
        }
        open = true;
        pending = -1;
    }

    private void close(int to, int nextLine) {
        if (start < to) {
            String part = text.substring(start, to);
            Deque<StatementText> same = loose.getOrDefault(part, new ArrayDeque<>());
            cut.add(same.isEmpty() ? new StatementText(part, nextLine - startLine) : same.remove());
        }
        start = to;
        startLine = nextLine;
    }
}
