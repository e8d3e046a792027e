package jasperwing.findings;

import jasperwing.derive.DerivedTable;
import jasperwing.derive.PhysicalNames;
import jasperwing.derive.ValueColumns;
import jasperwing.formula.Renaming;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumType;
import jasperwing.model.RelationshipEdits;
import jasperwing.naming.Role;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** Names that are the same, as written or as tables and columns. */
final class NameRules {
    /** As many attributes and roles as most entities do not have. */
    private static final int MANY = 24;

    private NameRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        CharacterRules.check(checked, found);
        duplicateEntities(checked, found);
        duplicateEnums(checked, found);
        tableClashes(checked, found);
    }

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        CharacterRules.check(entity, found);
        duplicateMembers(checked, entity, found);
        columnClashes(checked, checked.whole(entity), found);
    }

    private static void duplicateEntities(Checked checked, Consumer<Finding> found) {
        Map<String, Entity> seen = new HashMap<>();
        for (Entity entity : checked.design().entities()) {
            Entity first = seen.putIfAbsent(fold(entity.name()), entity);
            if (first != null) {
                String free = free(entity.name(), seen);
                boolean same = first.name().equals(entity.name());
                List<Fix> fixes = same
                        ? List.of(new Fix("Rename the second one " + free, renameLast(entity.name(), free)))
                        : List.of(new Fix(
                                "Rename " + entity.name() + " to " + free, EntityEdits.rename(entity.name(), free)));
                found.accept(new Finding(
                        Rule.DUPLICATE_NAME,
                        Subject.of(entity.name()),
                        "There are two entities named " + entity.name() + (same ? "." : " but for capitals."),
                        "Tables and files cannot tell them apart.",
                        fixes));
            }
        }
    }

    /** Of the entities of that name as they are when it is done, which need not be as they were when they were found. */
    private static Edit renameLast(String name, String free) {
        return design -> {
            List<Entity> all = new ArrayList<>(design.entities());
            int last = all.stream().map(Entity::name).toList().lastIndexOf(name);
            if (last < 0) {
                return design;
            }
            all.set(last, all.get(last).withName(free));
            return design.withEntities(all);
        };
    }

    private static void duplicateEnums(Checked checked, Consumer<Finding> found) {
        Map<String, String> seen = new HashMap<>();
        checked.design().entities().forEach(e -> seen.put(fold(e.name()), "an entity and an enum"));
        groups(checked.design(), seen, found);
        for (EnumType type : checked.design().enums()) {
            String other = seen.putIfAbsent(fold(type.name()), "two enums");
            if (other != null) {
                String free = free(type.name(), seen);
                found.accept(new Finding(
                        Rule.DUPLICATE_NAME,
                        Subject.of(type.name()),
                        "There are " + other + " named " + type.name() + ".",
                        "Classes and files cannot tell them apart.",
                        List.of(new Fix("Rename the enum " + free, EntityEdits.renameEnum(type.name(), free)))));
            }
        }
    }

    private static void groups(Design design, Map<String, String> seen, Consumer<Finding> found) {
        for (AttributeGroup group : design.groups()) {
            String what = group.kind().word();
            String other = seen.putIfAbsent(fold(group.name()), "a " + what + " and an enum");
            if (other != null) {
                String free = free(group.name(), seen);
                found.accept(new Finding(
                        Rule.DUPLICATE_NAME,
                        Subject.of(group.name()),
                        "The " + what + " " + group.name() + " bears the name of another element.",
                        "Classes and files cannot tell them apart.",
                        List.of(new Fix("Rename the " + what + " " + free, renameLast(group, free)))));
            }
        }
    }

    private static Edit renameLast(AttributeGroup group, String free) {
        return design -> {
            List<AttributeGroup> all = new ArrayList<>(design.groups());
            all.set(all.lastIndexOf(group), group.withName(free));
            return design.withGroups(all);
        };
    }

    private static void duplicateMembers(Checked checked, Entity entity, Consumer<Finding> found) {
        Map<String, String> seen = new HashMap<>(2 * MANY);
        for (int i = 0; i < entity.attributes().size(); i++) {
            Attribute attribute = entity.attributes().get(i);
            if (seen.putIfAbsent(fold(attribute.name()), "attribute") != null) {
                String free = free(attribute.name(), seen);
                found.accept(
                        duplicateMember(entity, attribute.name(), "two attributes", renameAt(entity, i, free), free));
            }
        }
        for (Role role : checked.heldBy(entity.name())) {
            String other = seen.putIfAbsent(fold(role.name()), "role");
            if (other != null && other.equals("attribute")) {
                String free = free(role.name(), seen);
                found.accept(duplicateMember(
                        entity,
                        role.name(),
                        "an attribute and a role",
                        renameAttribute(entity, role.name(), free),
                        free));
            } else if (other != null) {
                found.accept(duplicateRole(entity, role, free(role.name(), seen)));
            }
        }
    }

    private static Finding duplicateMember(Entity entity, String name, String what, Edit edit, String free) {
        return new Finding(
                Rule.DUPLICATE_NAME,
                Subject.of(entity.name(), name),
                entity.name() + " has " + what + " named " + name + ".",
                "Columns and properties cannot tell them apart.",
                List.of(new Fix("Rename the attribute " + free, edit)));
    }

    private static Finding duplicateRole(Entity entity, Role role, String free) {
        return new Finding(
                Rule.DUPLICATE_NAME,
                Subject.of(role.relationship(), role.name()),
                entity.name() + " has two roles named " + role.name() + ".",
                "Columns and properties cannot tell them apart.",
                RelationshipEdits.withHolderRole(role.relationship(), free)
                        .map(r -> new Fix(
                                "Name the second one " + free, RelationshipEdits.replace(role.relationship(), r)))
                        .stream()
                        .toList());
    }

    private static Edit renameAt(Entity entity, int index, String name) {
        List<Attribute> all = new ArrayList<>(entity.attributes());
        all.set(index, all.get(index).withName(name));
        return EntityEdits.change(entity.name(), e -> e.equals(entity) ? e.withAttributes(all) : e);
    }

    private static Edit renameAttribute(Entity entity, String folded, String name) {
        return entity.attributes().stream()
                .filter(a -> fold(a.name()).equals(fold(folded)))
                .findFirst()
                .map(a -> Renaming.attribute(entity.name(), a.name(), name))
                .orElse(Edit.NOTHING);
    }

    private static void tableClashes(Checked checked, Consumer<Finding> found) {
        Map<String, Entity> seen = new HashMap<>();
        for (Entity entity : checked.design().entities()) {
            String table = PhysicalNames.wantedTable(checked.design(), entity);
            Entity first = seen.putIfAbsent(fold(table), entity);
            if (first != null && !fold(first.name()).equals(fold(entity.name()))) {
                String free = free(table, seen);
                found.accept(new Finding(
                        Rule.PHYSICAL_CLASH,
                        Subject.of(entity.name()),
                        entity.name() + " and " + first.name() + " would both be kept in a table " + table + ".",
                        "A database has one table of a name.",
                        List.of(new Fix(
                                "Keep " + entity.name() + " in a table " + free,
                                EntityEdits.change(
                                        entity.name(),
                                        e -> e.withNotes(e.notes().withPhysical(free)))))));
            }
        }
    }

    private static void columnClashes(Checked checked, Entity entity, Consumer<Finding> found) {
        Optional<DerivedTable> table = checked.schema().table(entity.name());
        if (table.isPresent() && areAsWanted(checked, table.get(), entity)) {
            return;
        }
        Map<String, String> seen = new HashMap<>();
        table.ifPresent(t -> t.references()
                .forEach(k -> k.role().ifPresent(r -> k.columns().forEach(c -> seen.put(fold(c), r.name())))));
        for (Attribute attribute : entity.attributes()) {
            for (String column : columns(checked, entity, attribute)) {
                String first = seen.putIfAbsent(fold(column), attribute.name());
                if (!attribute.list() && first != null && !fold(first).equals(fold(attribute.name()))) {
                    String wanted = PhysicalNames.wantedColumn(checked.design(), entity, attribute);
                    found.accept(columnClash(entity, attribute, first, column, free(wanted, seen)));
                }
            }
        }
    }

    /** Whether each attribute has the one column it asks for, so that no two can have asked for the same. */
    private static boolean areAsWanted(Checked checked, DerivedTable table, Entity entity) {
        int had = 0;
        for (int i = 0; i < table.columns().size(); i++) {
            Attribute attribute =
                    had < entity.attributes().size() ? entity.attributes().get(had) : null;
            if (attribute != null && table.origins().get(i).member().equals(attribute.name())) {
                had++;
                String wanted = PhysicalNames.wantedColumn(checked.design(), entity, attribute);
                if (!table.columns().get(i).name().equals(wanted)) {
                    return false;
                }
            }
        }
        return had == entity.attributes().size();
    }

    private static List<String> columns(Checked checked, Entity entity, Attribute attribute) {
        return ValueColumns.value(checked.design(), attribute.type()).isEmpty()
                ? List.of(PhysicalNames.wantedColumn(checked.design(), entity, attribute))
                : ValueColumns.of(checked.design(), attribute).stream()
                        .map(ValueColumns.Leaf::column)
                        .toList();
    }

    private static Finding columnClash(Entity entity, Attribute attribute, String other, String column, String free) {
        return new Finding(
                Rule.PHYSICAL_CLASH,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " and " + other + " would both be kept in a column " + column
                        + ".",
                "A table has one column of a name.",
                List.of(new Fix(
                        "Keep " + attribute.name() + " in a column " + free,
                        EntityEdits.changeAttribute(
                                entity.name(),
                                attribute.name(),
                                a -> a.withNotes(a.notes().withPhysical(free))))));
    }

    static String fold(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    static String free(String name, Map<String, ?> taken) {
        int number = 2;
        while (taken.containsKey(fold(name + number))) {
            number++;
        }
        return name + number;
    }
}
