package jasperwing.findings;

import jasperwing.dialect.Dialect;
import jasperwing.dialect.Dialects;
import jasperwing.model.Design;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The rules written down for people, each with what it says of its example and what mends that. */
public final class Handbook {
    private static final String HEAD =
            """
            # Findings

            Every edit is checked against all rules. An *error* will not work; a *warning* works, but causes trouble later. Each finding names
            what it is about, says why it matters, and offers fixes, each an edit that can be undone. Codes are stable. This page is made from the rules
            themselves: what stands below each example is what is said of it.

            A warning can be accepted, with a reason: *Accept…* below it in the window, or in the text of the design

            ```
            accept undeclared-reference on Calibration.researcherId "until the import is done"
            ```

            It is counted by itself from then on, follows the names it is about, and can be looked at again. An error cannot be accepted.
            """;

    private Handbook() {}

    /**
     * The page, as Markdown.
     *
     * @param design reads the lines of an example
     */
    public static String text(Function<String, Design> design) {
        Map<String, Example> examples =
                Example.all().stream().collect(Collectors.toMap(Example::code, Function.identity()));
        StringBuilder out = new StringBuilder(HEAD);
        for (Level level : Level.values()) {
            List<Rule> rules = Arrays.stream(Rule.values())
                    .filter(r -> r.level() == level)
                    .sorted(Comparator.comparing(Rule::code))
                    .toList();
            out.append("\n## ")
                    .append(level == Level.ERROR ? "Errors" : "Warnings")
                    .append("\n");
            rules.forEach(r -> out.append(rule(r, examples.get(r.code()), design)));
        }
        return out.toString();
    }

    private static String rule(Rule rule, Example example, Function<String, Design> design) {
        Dialect dialect = Dialects.of(example.dialect()).orElse(Dialects.DEFAULT);
        Finding finding = Report.of(design.apply(example.raising()), dialect).findings().stream()
                .filter(f -> f.rule() == rule)
                .findFirst()
                .orElseThrow();
        StringBuilder out = new StringBuilder("\n### `" + rule.code() + "`\n\nHolds when " + rule.holds() + ".");
        out.append(example.dialect().isEmpty() ? "" : " Depends on the database; here " + dialect.title() + ".");
        out.append("\n\n```\n").append(example.raising()).append("```\n\n");
        out.append("> ")
                .append(finding.message())
                .append(' ')
                .append(finding.why())
                .append('\n');
        finding.fixes().forEach(f -> out.append("> - ").append(f.title()).append('\n'));
        if (!finding.sql().isEmpty()) {
            out.append("\n```sql\n").append(finding.sql()).append("```\n");
        }
        return out.toString();
    }
}
