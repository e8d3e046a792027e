package jasperwing.model;

import java.util.List;
import java.util.function.UnaryOperator;

/** Edits on values and traits. An edit on something that is not there changes nothing. */
public final class GroupEdits {
    private GroupEdits() {}

    public static Edit add(AttributeGroup group) {
        return design -> design.withGroups(EntityEdits.append(design.groups(), group));
    }

    public static Edit change(String name, UnaryOperator<AttributeGroup> change) {
        return design -> design.withGroups(design.groups().stream()
                .map(g -> g.name().equals(name) ? change.apply(g) : g)
                .toList());
    }

    /** Replaces one attribute; when its name changes, the rules of the group follow. */
    public static Edit changeAttribute(String group, String attribute, UnaryOperator<Attribute> change) {
        return change(group, g -> {
            String name =
                    g.attribute(attribute).map(a -> change.apply(a).name()).orElse(attribute);
            return g.withAttributes(g.attributes().stream()
                            .map(a -> a.name().equals(attribute) ? change.apply(a) : a)
                            .toList())
                    .withRules(g.rules().stream()
                            .map(r -> r.renamed(attribute, name))
                            .toList());
        });
    }

    /** Removes a value or trait; what names it still does. */
    public static Edit remove(AttributeGroup.Kind kind, String name) {
        return design -> design.withGroups(design.groups().stream()
                .filter(g -> !(g.is(kind) && g.name().equals(name)))
                .toList());
    }

    /** Renames a value or trait, and with it the type of attributes or the traits of entities. */
    public static Edit rename(AttributeGroup.Kind kind, String oldName, String newName) {
        Edit renamed = design -> design.withGroups(design.groups().stream()
                .map(g -> g.is(kind) && g.name().equals(oldName) ? g.withName(newName) : g)
                .toList());
        return renamed.then(
                kind == AttributeGroup.Kind.VALUE
                        ? retyped(oldName, newName)
                        : design -> design.withEntities(design.entities().stream()
                                .map(e -> withTraitRenamed(e, oldName, newName))
                                .toList()));
    }

    /** Every attribute of a declared type is of another then. */
    static Edit retyped(String oldName, String newName) {
        return design -> design.withEntities(design.entities().stream()
                        .map(e -> e.withAttributes(retyped(e.attributes(), oldName, newName)))
                        .toList())
                .withGroups(design.groups().stream()
                        .map(g -> g.withAttributes(retyped(g.attributes(), oldName, newName)))
                        .toList());
    }

    private static List<Attribute> retyped(List<Attribute> attributes, String oldName, String newName) {
        Type old = new Type.Named(oldName);
        return attributes.stream()
                .map(a -> a.type().equals(old) ? a.withType(new Type.Named(newName)) : a)
                .toList();
    }

    private static Entity withTraitRenamed(Entity entity, String oldName, String newName) {
        List<String> traits = entity.traits();
        return traits.contains(oldName)
                ? entity.withTraits(traits.stream()
                        .map(t -> t.equals(oldName) ? newName : t)
                        .distinct()
                        .toList())
                : entity;
    }
}
