package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * All findings of a design.
 *
 * @param findings faults first, then by rule, then in the order of the design
 */
public record Report(List<Finding> findings) {
    private static final List<ReportMemory.EntityRule> OF_ENTITIES = List.of(
            NameRules::check,
            ReservedRules::check,
            UnknownRules::check,
            KeyRules::check,
            UndeclaredRules::check,
            ValueRules::check);

    public Report {
        findings = List.copyOf(findings);
    }

    /** Holds the design against every rule. */
    public static Report of(Design design, Dialect dialect) {
        return of(design, Schema.derive(design, dialect));
    }

    /** As {@link #of(Design, Dialect)}, with the schema that was derived from the design already. */
    public static Report of(Design design, Schema schema) {
        return of(design, schema, new ReportMemory());
    }

    /** The same report, made sooner by recalling what an edit has left as it was. */
    public static Report of(Design design, Schema schema, ReportMemory memory) {
        Checked checked = Checked.of(design, schema);
        List<Finding> all = new ArrayList<>();
        NameRules.check(checked, all::add);
        UnknownRules.check(checked, all::add);
        OneOfRules.check(checked, all::add);
        memory.references(checked, found -> ReferenceRules.check(checked, found), all::add);
        memory.entities(checked, OF_ENTITIES, all::add);
        all.sort(Comparator.comparing(Finding::level).thenComparing(Finding::rule));
        return new Report(all);
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

    /** How many faults and cautions there are, in words. */
    public String counts() {
        return counted(Level.FAULT) + ", " + counted(Level.CAUTION);
    }

    /** How many findings of a level there are, in words. */
    public String counted(Level level) {
        long number = count(level);
        return number + " " + level.word() + (number == 1 ? "" : "s");
    }

    /** How many rules found nothing. */
    public long holding() {
        return Rule.values().length
                - findings.stream().map(Finding::rule).distinct().count();
    }
}
