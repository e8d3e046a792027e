package jasperwing.findings;

import jasperwing.derive.Schema;
import jasperwing.dialect.Dialect;
import jasperwing.model.AcceptedWarning;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * All findings of a design.
 *
 * @param findings errors first, then by rule, then in the order of the design; without the warnings that are accepted
 * @param accepted the warnings that are accepted, in the same order
 */
public record Report(List<Finding> findings, List<Accepted> accepted) {
    /** A warning and the reason why it is left as it is. */
    public record Accepted(Finding finding, AcceptedWarning said) {}

    public Report {
        findings = List.copyOf(findings);
        accepted = List.copyOf(accepted);
    }

    /** Holds the design against every rule. */
    public static Report of(Design design, Dialect dialect) {
        return Analysis.of(design, dialect).report();
    }

    /** As {@link #of(Design, Dialect)}, with the schema that was derived from the design already. */
    public static Report of(Design design, Schema schema) {
        return of(design, schema, new FindingsCache());
    }

    /** The same report, made sooner by recalling what an edit has left as it was. */
    public static Report of(Design design, Schema schema, FindingsCache memory) {
        Map<Rule, List<Finding>> byRule = new EnumMap<>(Rule.class);
        Consumer<Finding> found =
                f -> byRule.computeIfAbsent(f.rule(), r -> new ArrayList<>()).add(f);
        Checked checked = memory.open(design, schema);
        memory.ofDesign(checked, RuleFamilies.OF_DESIGN, found);
        memory.ofEach(checked, RuleFamilies.OF_EACH, found);
        Set<String> repeated = repeated(byRule.getOrDefault(Rule.DUPLICATE_NAME, List.of()));
        List<Finding> all = new ArrayList<>();
        List<Accepted> accepted = new ArrayList<>();
        for (Level level : Level.values()) {
            byRule.forEach((rule, findings) -> {
                if (rule.level() == level) {
                    sort(mendable(findings, repeated), design.accepted(), all, accepted);
                }
            });
        }
        return new Report(all, accepted);
    }

    /** What several entities, enums, areas or sheets are called, or several attributes of one entity. */
    private static Set<String> repeated(List<Finding> duplicates) {
        return duplicates.stream()
                .map(Finding::subject)
                .filter(s -> s.relationship().isEmpty())
                .map(Subject::text)
                .collect(Collectors.toSet());
    }

    /** Fixes go by names: while several things bear one, only a new name for one of them is sure to change what is meant. */
    private static List<Finding> mendable(List<Finding> findings, Set<String> repeated) {
        return repeated.isEmpty()
                ? findings
                : findings.stream()
                        .map(f -> f.rule() != Rule.DUPLICATE_NAME && isOf(f.subject(), repeated) ? f.withoutFixes() : f)
                        .toList();
    }

    private static boolean isOf(Subject subject, Set<String> names) {
        return names.contains(subject.entity()) || names.contains(subject.text());
    }

    private static void sort(
            List<Finding> findings, List<AcceptedWarning> said, List<Finding> all, List<Accepted> accepted) {
        for (Finding finding : findings) {
            Optional<AcceptedWarning> left = said.isEmpty() || finding.level() != Level.WARNING
                    ? Optional.empty()
                    : said.stream()
                            .filter(a -> a.isAs(finding.asAccepted(a.reason())))
                            .findFirst();
            left.ifPresentOrElse(a -> accepted.add(new Accepted(finding, a)), () -> all.add(finding));
        }
    }

    public List<Finding> of(Level level) {
        return findings.stream().filter(f -> f.level() == level).toList();
    }

    public long count(Level level) {
        return findings.stream().filter(f -> f.level() == level).count();
    }

    /** The relationships something is found about, each with the worst level; in the order of the findings. */
    public Map<Relationship, Level> byRelationship() {
        Map<Relationship, Level> levels = new LinkedHashMap<>();
        findings.forEach(f -> f.subject().relationship().ifPresent(r -> levels.putIfAbsent(r, f.level())));
        return levels;
    }

    /** How many errors and warnings there are, in words, and how many warnings are accepted, if any are. */
    public String counts() {
        return counted(Level.ERROR)
                + ", "
                + counted(Level.WARNING)
                + (accepted.isEmpty() ? "" : ", " + accepted.size() + " accepted");
    }

    /** How many findings of a level there are, in words. */
    public String counted(Level level) {
        long number = count(level);
        return number + " " + level.word() + (number == 1 ? "" : "s");
    }

    /** How many rules found nothing. */
    public long holding() {
        return Rule.values().length
                - Stream.concat(findings.stream(), accepted.stream().map(Accepted::finding))
                        .map(Finding::rule)
                        .distinct()
                        .count();
    }
}
