package jasperwing.findings;

import jasperwing.model.AreaEdits;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.GroupEdits;
import jasperwing.model.Type;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;

/** Enums, values, traits and areas that nothing uses. */
final class UnusedRules {
    private UnusedRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        Design design = checked.design();
        Set<String> types = new HashSet<>();
        design.entities().forEach(e -> types(e.attributes(), types));
        design.groups().forEach(g -> types(g.attributes(), types));
        design.enums().stream()
                .filter(e -> !types.contains(e.name()))
                .forEach(e -> found.accept(unused("enum", e.name(), withoutEnum(e.name()))));
        for (AttributeGroup group : design.groups()) {
            boolean used = group.is(AttributeGroup.Kind.VALUE)
                    ? types.contains(group.name())
                    : design.entities().stream().anyMatch(e -> e.traits().contains(group.name()));
            if (!used) {
                found.accept(unused(group.kind().word(), group.name(), GroupEdits.remove(group.kind(), group.name())));
            }
        }
        Set<String> areas = new HashSet<>();
        design.entities().forEach(e -> areas.add(e.area()));
        design.areas().stream()
                .filter(a -> !areas.contains(a.name()))
                .forEach(a -> found.accept(unused("area", a.name(), AreaEdits.remove(a.name()))));
    }

    /** Adds the names of enums and values that are types of attributes. */
    private static void types(List<Attribute> attributes, Set<String> types) {
        for (Attribute attribute : attributes) {
            if (attribute.type() instanceof Type.Named named) {
                types.add(named.name());
            }
        }
    }

    private static Edit withoutEnum(String name) {
        return design -> design.withEnums(
                design.enums().stream().filter(e -> !e.name().equals(name)).toList());
    }

    private static Finding unused(String word, String name, Edit without) {
        String what = word + " " + name;
        return new Finding(
                Rule.UNUSED_DECLARATION,
                Subject.of(name),
                "Nothing uses the " + what + ".",
                "It may be left over from a change, or something may still miss it.",
                List.of(new Fix("Remove the " + what, without)));
    }
}
