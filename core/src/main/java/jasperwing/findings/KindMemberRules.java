package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindsKept;
import jasperwing.model.Members;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Role;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** What a kind has of its own, beside what it has as the kind it is. */
final class KindMemberRules {
    private KindMemberRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        Design design = checked.design().whole();
        for (Entity kind : design.entities()) {
            if (design.parent(kind.name()).isPresent()) {
                Map<String, String> inherited = inherited(checked, design, kind);
                checked.design().entity(kind.name()).ifPresent(own -> attributes(own, inherited, found));
                roles(checked, kind, inherited, found);
                apart(design, kind, inherited, found);
            }
        }
    }

    /** The owners of the attributes and roles a kind has from what it is a kind of, by their names after folding case. */
    private static Map<String, String> inherited(Checked checked, Design design, Entity kind) {
        Map<String, String> members = new LinkedHashMap<>();
        for (Entity ancestor : InheritanceTree.ancestors(design, kind.name())) {
            ancestor.attributes().forEach(a -> members.put(NameRules.fold(a.name()), ancestor.name()));
            checked.heldBy(ancestor.name()).forEach(r -> members.put(NameRules.fold(r.name()), ancestor.name()));
        }
        return members;
    }

    private static void attributes(Entity kind, Map<String, String> inherited, Consumer<Finding> found) {
        for (Attribute attribute : kind.attributes()) {
            String owner = inherited.get(NameRules.fold(attribute.name()));
            if (owner != null) {
                String free = NameRules.free(attribute.name(), all(kind, inherited));
                found.accept(twice(
                        kind,
                        attribute.name(),
                        owner,
                        Subject.of(kind.name(), attribute.name()),
                        List.of(
                                new Fix(
                                        "Take it out of " + kind.name(),
                                        EntityEdits.removeAttribute(kind.name(), attribute.name())),
                                new Fix(
                                        "Rename it " + free,
                                        EntityEdits.changeAttribute(
                                                kind.name(), attribute.name(), a -> a.withName(free))))));
            }
        }
    }

    private static Map<String, String> all(Entity kind, Map<String, String> inherited) {
        Map<String, String> all = new LinkedHashMap<>(inherited);
        kind.attributes().forEach(a -> all.put(NameRules.fold(a.name()), kind.name()));
        return all;
    }

    private static void roles(Checked checked, Entity kind, Map<String, String> inherited, Consumer<Finding> found) {
        for (Role role : checked.heldBy(kind.name())) {
            String owner = inherited.get(NameRules.fold(role.name()));
            if (owner != null) {
                String free = NameRules.free(role.name(), all(kind, inherited));
                List<Fix> fixes = RelationshipEdits.withHolderRole(role.relationship(), free)
                        .map(r -> new Fix("Name it " + free, RelationshipEdits.replace(role.relationship(), r)))
                        .stream()
                        .toList();
                found.accept(twice(kind, role.name(), owner, Subject.of(role.relationship(), role.name()), fixes));
            }
        }
    }

    private static Finding twice(Entity kind, String name, String owner, Subject subject, List<Fix> fixes) {
        return new Finding(
                Rule.DUPLICATE_NAME,
                subject,
                kind.name() + " has " + name + " of its own, and from " + owner + ".",
                "Columns and properties cannot tell them apart.",
                fixes);
    }

    /** Where each kind has a table of its own, no constraint can look into another. */
    private static void apart(Design design, Entity kind, Map<String, String> inherited, Consumer<Finding> found) {
        if (!InheritanceTree.isKept(design, kind.name(), KindsKept.TABLE_EACH)) {
            return;
        }
        for (Members unique : kind.uniques()) {
            Optional<String> other = unique.names().stream()
                    .filter(n -> inherited.containsKey(NameRules.fold(n)))
                    .findFirst();
            other.ifPresent(n -> found.accept(apart(design, kind, unique, n, inherited.get(NameRules.fold(n)))));
        }
    }

    private static Finding apart(Design design, Entity kind, Members unique, String member, String owner) {
        Edit without = EntityEdits.change(kind.name(), e -> {
            List<Members> left = new ArrayList<>(e.uniques());
            left.remove(unique);
            return e.withUniques(left);
        });
        return new Finding(
                Rule.UNIQUE_APART,
                Subject.ofUnique(kind.name(), unique, member),
                kind.name() + "'s " + Subject.line("unique", unique) + " names " + member
                        + ", which lies in the table of " + owner + ".",
                "No database can make columns of two tables unique together; the constraint is left out.",
                List.of(
                        new Fix("Remove " + Subject.line("unique", unique), without),
                        KindKeepingRules.keepIn(design, kind.name(), KindsKept.ONE_TABLE)));
    }
}
