package jasperwing.findings;

import jasperwing.model.Area;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.GroupEdits;
import jasperwing.model.Indexing;
import jasperwing.model.Members;
import jasperwing.model.Sheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** What is said twice in one list: parts of a value, values of an enum, areas, sheets, and what keys, uniques and indexes are made of. */
final class RepeatRules {
    private RepeatRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        Design design = checked.design();
        repeated(design.areas(), Area::name)
                .ifPresent(i -> found.accept(repeated(
                        Subject.of(design.areas().get(i).name()),
                        "There are two areas named " + design.areas().get(i).name() + ".",
                        "Leave the second one out",
                        d -> d.withAreas(without(d.areas(), i)))));
        repeated(design.sheets(), Sheet::name)
                .ifPresent(i -> found.accept(repeated(
                        Subject.of(design.sheets().get(i).name()),
                        "There are two sheets named " + design.sheets().get(i).name() + ".",
                        "Rename the second one " + free(design.sheets(), Sheet::name, i),
                        d -> d.withSheets(with(d.sheets(), i, sheet(d, i))))));
        design.enums().forEach(e -> values(e, found));
        design.groups().forEach(g -> parts(g, found));
    }

    private static void values(EnumType type, Consumer<Finding> found) {
        repeated(type.values(), EnumValue::name)
                .ifPresent(i -> found.accept(repeated(
                        Subject.of(type.name()),
                        type.name() + " has the value " + type.values().get(i).name() + " twice.",
                        "Leave the second one out",
                        d -> d.withEnums(d.enums().stream()
                                .map(e -> e.equals(type)
                                        ? new EnumType(e.name(), e.kept(), without(e.values(), i), e.notes())
                                        : e)
                                .toList()))));
    }

    private static void parts(AttributeGroup group, Consumer<Finding> found) {
        repeated(group.attributes(), Attribute::name).ifPresent(i -> {
            String free = free(group.attributes(), Attribute::name, i);
            found.accept(repeated(
                    Subject.of(group.name(), group.attributes().get(i).name()),
                    group.name() + " has two attributes named "
                            + group.attributes().get(i).name() + ".",
                    "Rename the second one " + free,
                    GroupEdits.change(
                            group.name(),
                            g -> g.equals(group)
                                    ? g.withAttributes(with(
                                            g.attributes(),
                                            i,
                                            g.attributes().get(i).withName(free)))
                                    : g)));
        });
    }

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        members(entity, "key", entity.key(), e -> e.withKey(once(e.key())), found);
        for (Members unique : entity.uniques()) {
            members(entity, "unique", unique, e -> e.withUniques(each(e.uniques(), RepeatRules::once)), found);
        }
        for (Indexing index : entity.indexes()) {
            members(
                    entity,
                    index.unique() ? "unique" : "index",
                    index.members(),
                    e -> e.withIndexes(each(
                            e.indexes(), i -> new Indexing(once(i.members()), i.covered(), i.where(), i.unique()))),
                    found);
        }
    }

    private static void members(
            Entity entity, String what, Members members, UnaryOperator<Entity> fix, Consumer<Finding> found) {
        repeated(members.names(), Function.identity())
                .ifPresent(i -> found.accept(new Finding(
                        Rule.DUPLICATE_NAME,
                        new Subject(
                                entity.name(), members.names().get(i), Optional.empty(), Subject.line(what, members)),
                        entity.name() + "'s " + Subject.line(what, members) + " has "
                                + members.names().get(i) + " in it twice.",
                        "A database refuses it.",
                        List.of(new Fix("Say it once", EntityEdits.change(entity.name(), fix))))));
    }

    private static Finding repeated(Subject subject, String message, String title, Edit fix) {
        return new Finding(
                Rule.DUPLICATE_NAME, subject, message, "Nothing can tell them apart.", List.of(new Fix(title, fix)));
    }

    /** Whether two attributes have one name, so that none can be meant by it. */
    static boolean hasRepeats(Entity entity) {
        Set<String> names = new HashSet<>(2 * entity.attributes().size());
        for (Attribute attribute : entity.attributes()) {
            if (!names.add(attribute.name())) {
                return true;
            }
        }
        return false;
    }

    /** The place of the first that has the name of one before it. */
    private static <T> Optional<Integer> repeated(List<T> all, Function<T, String> name) {
        if (all.size() < 2) {
            return Optional.empty();
        }
        Map<String, Integer> seen = new HashMap<>();
        for (int i = 0; i < all.size(); i++) {
            if (seen.putIfAbsent(NameRules.fold(name.apply(all.get(i))), i) != null) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    private static <T> String free(List<T> all, Function<T, String> name, int at) {
        Map<String, T> taken = new HashMap<>();
        all.forEach(e -> taken.put(NameRules.fold(name.apply(e)), e));
        return NameRules.free(name.apply(all.get(at)), taken);
    }

    private static Sheet sheet(Design design, int at) {
        Sheet sheet = design.sheets().get(at);
        return new Sheet(free(design.sheets(), Sheet::name, at), sheet.entities(), sheet.comments());
    }

    private static Members once(Members members) {
        return members.withNames(members.names().stream().distinct().toList());
    }

    private static <T> List<T> each(List<T> all, UnaryOperator<T> change) {
        return all.stream().map(change).toList();
    }

    private static <T> List<T> without(List<T> all, int at) {
        List<T> rest = new ArrayList<>(all);
        rest.remove(at);
        return rest;
    }

    private static <T> List<T> with(List<T> all, int at, T other) {
        List<T> changed = new ArrayList<>(all);
        changed.set(at, other);
        return changed;
    }
}
