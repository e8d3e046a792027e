package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.schema.Dialect;
import jasperwing.schema.Schema;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * All findings of a design.
 *
 * @param findings faults first, then by rule, then in the order of the design
 */
public record Report(List<Finding> findings) {
    public Report {
        findings = List.copyOf(findings);
    }

    /** Holds the design against every rule. */
    public static Report of(Design design, Dialect dialect) {
        return of(design, Schema.derive(design, dialect));
    }

    /** As {@link #of(Design, Dialect)}, with the schema that was derived from the design already. */
    public static Report of(Design design, Schema schema) {
        Checked checked = new Checked(design, schema);
        List<Finding> all = new ArrayList<>();
        NameRules.check(checked, all::add);
        ReservedRules.check(checked, all::add);
        UnknownRules.check(checked, all::add);
        KeyRules.check(checked, all::add);
        ReferenceRules.check(checked, all::add);
        UndeclaredRules.check(checked, all::add);
        OneOfRules.check(checked, all::add);
        ValueRules.check(checked, all::add);
        all.sort(Comparator.comparing(Finding::level).thenComparing(Finding::rule));
        return new Report(all);
    }

    public List<Finding> of(Level level) {
        return findings.stream().filter(f -> f.level() == level).toList();
    }

    public long count(Level level) {
        return findings.stream().filter(f -> f.level() == level).count();
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
