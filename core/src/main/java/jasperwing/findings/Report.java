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

    static final List<RuleSet> OF_DESIGN = List.of(
            RuleSet.of(NameRules::check, Aspect.NAMES, Aspect.STANDING, Aspect.TYPES),
            RuleSet.of(RepeatRules::check, Aspect.TYPES, Aspect.SHEETS),
            RuleSet.of(AcceptedWarningRules::check, Aspect.ACCEPTED),
            RuleSet.of(OptionRules::check, Aspect.TARGETS, Aspect.RELATIONSHIPS),
            RuleSet.of(UnknownRules::ends, Aspect.NAMES, Aspect.RELATIONSHIPS),
            RuleSet.of(UnknownRules::sortings, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES),
            RuleSet.of(UnknownRules::sheets, Aspect.NAMES, Aspect.SHEETS),
            RuleSet.ofTables(
                    KindKeepingRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES, Aspect.DIALECT),
            RuleSet.ofTables(OneOfRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES, Aspect.DIALECT),
            RuleSet.of(GroupRules::check, Aspect.ENTITIES, Aspect.TYPES, Aspect.DIALECT),
            RuleSet.of(KindRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES),
            RuleSet.of(FormulaRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS, Aspect.TYPES),
            RuleSet.of(CircleRules::check, Aspect.STANDING, Aspect.RELATIONSHIPS, Aspect.DIALECT),
            RuleSet.of(CascadeRules::check, Aspect.RELATIONSHIPS, Aspect.STANDING),
            RuleSet.ofTables(
                    ReplacedDeleteRules::check, Aspect.RELATIONSHIPS, Aspect.ENTITIES, Aspect.TYPES, Aspect.DIALECT),
            RuleSet.of(GatheringRules::repeated, Aspect.ENTITIES, Aspect.TYPES),
            RuleSet.of(UnusedRules::check, Aspect.ENTITIES, Aspect.TYPES, Aspect.AREAS),
            RuleSet.of(MembershipRules::check, Aspect.ENTITIES, Aspect.RELATIONSHIPS),
            RuleSet.of(ShapeRules::untied, Aspect.ENTITIES, Aspect.RELATIONSHIPS),
            RuleSet.of(ShapeRules::areas, Aspect.AREAS, Aspect.TYPES, Aspect.RELATIONSHIPS));

    private static final List<EntityRules> OF_ENTITIES = List.of(
            EntityRules.of(NameRules::check),
            EntityRules.of(RepeatRules::check),
            EntityRules.of(ReservedRules::check),
            EntityRules.naming(UnknownRules::check),
            EntityRules.of(KeyRules::check),
            EntityRules.of(UndeclaredRules::check, UndeclaredRules::stands),
            EntityRules.of(ValueRules::check),
            EntityRules.naming(NamingRules::check),
            EntityRules.of(KeyShapeRules::check),
            EntityRules.of(AttributeRules::check),
            EntityRules.of(SuspectRules::check, (checked, others, entity, found) -> !others.changed(Aspect.NAMES)),
            EntityRules.of(
                    StateRules::check,
                    (checked, others, entity, found) ->
                            found.isEmpty() || !others.changed(Aspect.ENTITIES) && !others.changed(Aspect.TYPES)),
            EntityRules.of(IdentifierRules::check, IdentifierRules::stands),
            EntityRules.of(StoredTwiceRules::check, StoredTwiceRules::stands),
            EntityRules.of(IndexRules::width),
            EntityRules.of(ReferenceRules::check),
            EntityRules.of(JoinRules::said),
            EntityRules.of(JoinRules::check),
            EntityRules.of(RouteRules::check, RouteRules::stands),
            EntityRules.of(GatheringRules::numbered),
            EntityRules.naming(GatheringRules::prefixed),
            EntityRules.of(ShapeRules::check));

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
        memory.sets(checked, OF_DESIGN, found);
        memory.entities(checked, OF_ENTITIES, found);
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
