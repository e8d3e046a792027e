package jasperwing.cli;

import jasperwing.findings.Finding;
import jasperwing.findings.Level;
import jasperwing.findings.Report;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;

/** Findings as compilers show them: where, what, the line of the design with a caret below the word it is about, why, and what mends it. */
final class FindingsText {
    private final Path design;
    private final FindingPlaces places;
    private final List<String> lines;
    private final TerminalColors terminal;
    private final PrintWriter out;

    FindingsText(Path design, String text, FindingPlaces places, TerminalColors terminal, PrintWriter out) {
        this.design = design;
        this.places = places;
        this.lines = text.lines().toList();
        this.terminal = terminal;
        this.out = out;
    }

    void write(Report report) {
        report.findings().forEach(this::finding);
        out.println(report.counts() + ", " + report.holding() + " rules pass");
    }

    private void finding(Finding finding) {
        int line = places.line(finding.subject());
        boolean error = finding.level() == Level.ERROR;
        String level = finding.level().word();
        out.println(terminal.strong(TerminalText.text(design + ":" + line + ": "))
                + (error ? terminal.red(level) : terminal.yellow(level)) + " "
                + finding.rule().code() + " "
                + TerminalText.text(finding.subject().text()));
        source(finding, line, error);
        out.println(TerminalText.text("  " + finding.message() + " " + finding.why()));
        finding.fixes().forEach(f -> out.println(terminal.quiet(TerminalText.text("  fix: " + f.title()))));
        finding.sql().lines().forEach(l -> out.println(terminal.quiet(TerminalText.text("  sql: " + l))));
    }

    private void source(Finding finding, int line, boolean error) {
        if (line > lines.size()) {
            return;
        }
        String number = String.format("%5d | ", line);
        String text = TerminalText.text(lines.get(line - 1)).replace('\t', ' ');
        out.println(terminal.quiet(number) + text);
        String word = word(finding, text);
        int at = word.isEmpty() ? -1 : text.indexOf(word);
        if (at >= 0) {
            String mark = "^".repeat(word.length());
            out.println(" ".repeat(5)
                    + terminal.quiet(" | ")
                    + " ".repeat(at)
                    + (error ? terminal.red(mark) : terminal.yellow(mark)));
        }
    }

    /** The member where the line has it, else the entity. */
    private static String word(Finding finding, String text) {
        String member = finding.subject().member();
        return !member.isEmpty() && text.contains(member)
                ? member
                : finding.subject().entity();
    }
}
