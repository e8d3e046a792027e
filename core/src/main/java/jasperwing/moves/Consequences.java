package jasperwing.moves;

import jasperwing.classes.GeneratedFile;
import jasperwing.classes.target.Target;
import jasperwing.classes.target.Targets;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Schema;
import jasperwing.findings.Finding;
import jasperwing.findings.Report;
import jasperwing.model.AttributeGroup;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Comments;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.Relationship;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
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
        Set<String> concerned = concerned(before.design(), after.design());
        return new Consequences(
                Changed.of(
                        "", statements(before.design(), after.design()), statements(after.design(), before.design())),
                LostFacts.of(before.design(), after.design()),
                tables(before.schema(), after.schema()),
                classes(before, after, concerned),
                found(after.report(), before.report()),
                found(before.report(), after.report()));
    }

    /** The lines of what one design says and another does not. */
    private static List<String> statements(Design design, Design other) {
        Design part = Design.named("")
                .withEnums(without(design.enums(), other.enums()))
                .withEntities(without(design.entities(), other.entities()))
                .withRelationships(without(design.relationships(), other.relationships()));
        return Notation.print(part.withComments(Comments.NONE))
                .lines()
                .skip(2)
                .filter(l -> !l.isBlank())
                .toList();
    }

    private static <T> List<T> without(List<T> all, List<T> known) {
        Set<T> same = Collections.newSetFromMap(new IdentityHashMap<>());
        same.addAll(known);
        List<T> others = all.stream().filter(e -> !same.contains(e)).toList();
        if (others.isEmpty()) {
            return others;
        }
        Set<T> equal = new HashSet<>(known);
        return others.stream().filter(e -> !equal.contains(e)).toList();
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
    private static Set<String> concerned(Design before, Design after) {
        Set<String> names = new LinkedHashSet<>();
        add(names, before, after);
        add(names, after, before);
        return names;
    }

    private static void add(Set<String> names, Design design, Design other) {
        without(design.entities(), other.entities()).stream().map(Entity::name).forEach(names::add);
        without(design.enums(), other.enums()).stream().map(EnumType::name).forEach(names::add);
        without(design.groups(), other.groups()).stream()
                .map(AttributeGroup::name)
                .forEach(names::add);
        without(design.whole().entities(), other.whole().entities()).stream()
                .map(Entity::name)
                .forEach(names::add);
        for (Relationship relationship : without(design.relationships(), other.relationships())) {
            names.add(relationship.from());
            names.addAll(relationship.targets());
            if (relationship instanceof BinaryRelationship tie) {
                names.add(tie.via());
            }
        }
    }
}
