package jasperwing.change;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.findings.Finding;
import jasperwing.findings.Report;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Change;
import jasperwing.model.Changes;
import jasperwing.model.Comments;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.Design;
import jasperwing.model.DesignDiff;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What changes from one design to another.
 *
 * @param text the statements of the design that come, go or change
 * @param lost what the design said and says no more, as {@link LostFacts} finds it
 * @param tables by name: those that go or change in the order they had, then those that come
 * @param classes files of the built-in target, by path
 * @param raised findings the one design does not have
 * @param settled findings the other does not have any more
 */
public record Consequences(
        Changed text,
        List<String> lost,
        List<Changed> tables,
        List<Changed> classes,
        List<Finding> raised,
        List<Finding> settled) {
    public Consequences {
        lost = List.copyOf(lost);
        tables = List.copyOf(tables);
        classes = List.copyOf(classes);
        raised = List.copyOf(raised);
        settled = List.copyOf(settled);
    }

    /** A design and what was derived from it. */
    public record Derived(Design design, Schema schema, Report report) {}

    /** Costs what changed, and a look at all that did not. */
    public static Consequences of(Derived before, Derived after) {
        DesignDiff diff = DesignDiff.between(before.design(), after.design());
        return new Consequences(
                Changed.of(
                        "",
                        statements(before.design(), diff, Change::before),
                        statements(after.design(), diff, Change::after)),
                LostFacts.of(before.design(), after.design()),
                tables(before.schema(), after.schema()),
                classes(before, after, concerned(before.design(), after.design(), diff)),
                found(after.report(), before.report()),
                found(before.report(), after.report()));
    }

    /** One of the two sides of a difference. */
    private interface Side {
        <T> Optional<T> of(Change<T> change);
    }

    /** The lines of what one design says and the other does not. */
    private static List<String> statements(Design design, DesignDiff diff, Side side) {
        Design part = Design.named("")
                .withNaming(diff.naming() ? design.naming() : DatabaseNaming.USUAL)
                .withAreas(changed(design.areas(), diff.areas(), side))
                .withEnums(changed(design.enums(), diff.enums(), side))
                .withEntities(changed(design.entities(), diff.entities(), side))
                .withRelationships(changed(design.relationships(), diff.relationships(), side));
        return Notation.print(part.withComments(Comments.NONE))
                .lines()
                .skip(2)
                .filter(l -> !l.isBlank())
                .toList();
    }

    /** In the order of the design. */
    private static <T> List<T> changed(List<T> all, Changes<T> changes, Side side) {
        Set<T> changed = Collections.newSetFromMap(new IdentityHashMap<>());
        changes.all().forEach(c -> side.of(c).ifPresent(changed::add));
        return all.stream().filter(changed::contains).toList();
    }

    /** The findings of one report that say what none of the other does. */
    private static List<Finding> found(Report report, Report other) {
        Set<List<Object>> known = new HashSet<>();
        other.findings().forEach(f -> known.add(List.of(f.rule(), f.message())));
        return report.findings().stream()
                .filter(f -> !known.contains(List.<Object>of(f.rule(), f.message())))
                .toList();
    }

    private static List<Changed> tables(Schema before, Schema after) {
        List<Changed> changed = new ArrayList<>();
        for (DerivedTable table : before.tables()) {
            DerivedTable now = after.named(table.name()).orElse(null);
            if (now != table && !table.equals(now)) {
                changed.add(Changed.of(
                        table.name(), lines(before.sql(table)), now == null ? List.of() : lines(after.sql(now))));
            }
        }
        for (DerivedTable table : after.tables()) {
            if (before.named(table.name()).isEmpty()) {
                changed.add(Changed.of(table.name(), List.of(), lines(after.sql(table))));
            }
        }
        return changed;
    }

    private static List<String> lines(String text) {
        return text.lines().toList();
    }

    private static List<Changed> classes(Derived before, Derived after, Set<String> concerned) {
        Map<String, String> was = files(before, concerned);
        Map<String, String> is = files(after, concerned);
        Set<String> paths = new LinkedHashSet<>(was.keySet());
        paths.addAll(is.keySet());
        return paths.stream()
                .sorted()
                .filter(p -> !was.getOrDefault(p, "").equals(is.getOrDefault(p, "")))
                .map(p -> Changed.of(p, lines(was.getOrDefault(p, "")), lines(is.getOrDefault(p, ""))))
                .toList();
    }

    private static Map<String, String> files(Derived derived, Set<String> entities) {
        Map<String, String> files = new LinkedHashMap<>();
        Target usual = Targets.usual();
        for (GeneratedFile file : usual.files(derived.design(), derived.schema(), entities)) {
            files.put(file.path(), file.text());
        }
        return files;
    }

    /** The entities and enums whose classes can differ: what changed, and what is related to it by what changed. */
    private static Set<String> concerned(Design before, Design after, DesignDiff diff) {
        Set<String> names = diff.touched();
        names.addAll(diff.enums().names(EnumType::name));
        names.addAll(diff.groups().names(AttributeGroup::name));
        names.addAll(
                DesignDiff.between(before.whole(), after.whole()).entities().names(Entity::name));
        return names;
    }
}
