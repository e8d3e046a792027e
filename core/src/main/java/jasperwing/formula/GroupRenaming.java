package jasperwing.formula;

import jasperwing.model.AcceptedWarningEdits;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Expression.Name;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/** What names the attributes of a value or a trait follows them to their new names, wherever there is one. */
final class GroupRenaming {
    private final Design before;
    private final AttributeGroup group;
    private final Map<String, String> renames;

    /** @param renames the new names by the old ones */
    GroupRenaming(Design before, AttributeGroup group, Map<String, String> renames) {
        this.before = before;
        this.group = group;
        this.renames = renames;
    }

    /** @param after a design in which the attributes have their new names, and everything else names the old ones */
    Design followed(Design after) {
        Design followed = FormulaPaths.followed(before, after, moved());
        Design ruled =
                followed.withGroups(followed.groups().stream().map(this::ruled).toList());
        return group.is(AttributeGroup.Kind.TRAIT) ? inMembers(ruled) : ruled;
    }

    private List<FormulaPaths.Moved> moved() {
        List<FormulaPaths.Moved> moved = new ArrayList<>();
        for (Entity entity : before.whole().entities()) {
            for (List<String> way : ways(entity.attributes(), entity.traits(), new HashSet<>())) {
                renames.forEach((old, now) ->
                        moved.add(new FormulaPaths.Moved(entity.name(), joined(way, old), joined(way, now))));
            }
        }
        return moved;
    }

    /** The attributes that lead to those of the group, each way a list of names; an empty one leads to those of a trait. */
    private List<List<String>> ways(List<Attribute> attributes, List<String> traits, Set<String> within) {
        List<List<String>> all = new ArrayList<>();
        if (group.is(AttributeGroup.Kind.TRAIT)) {
            return traits.contains(group.name()) ? List.of(List.of()) : List.of();
        }
        for (Attribute attribute : attributes) {
            Optional<AttributeGroup> value =
                    attribute.type() instanceof Type.Named named ? before.value(named.name()) : Optional.empty();
            if (value.isEmpty() || !within.add(value.get().name())) {
                continue;
            }
            if (value.get() == group) {
                all.add(List.of(attribute.name()));
            }
            ways(value.get().attributes(), List.of(), within)
                    .forEach(w -> all.add(joined(List.of(attribute.name()), w)));
            within.remove(value.get().name());
        }
        return all;
    }

    private static List<String> joined(List<String> way, String name) {
        return joined(way, List.of(name));
    }

    private static List<String> joined(List<String> way, List<String> rest) {
        List<String> joined = new ArrayList<>(way);
        joined.addAll(rest);
        return joined;
    }

    /** The rules of values and traits that have the group in them. */
    private AttributeGroup ruled(AttributeGroup other) {
        List<List<String>> ways = ways(other.attributes(), List.of(), new HashSet<>());
        UnaryOperator<Name> change = name -> {
            for (List<String> way : ways) {
                for (Map.Entry<String, String> rename : renames.entrySet()) {
                    List<String> old = joined(way, rename.getKey());
                    if (name.path().size() >= old.size()
                            && name.path().subList(0, old.size()).equals(old)) {
                        List<String> now = joined(way, rename.getValue());
                        return new Name(joined(
                                now, name.path().subList(old.size(), name.path().size())));
                    }
                }
            }
            return name;
        };
        return ways.isEmpty()
                ? other
                : other.withRules(other.rules().stream()
                        .map(r -> r.withCondition(r.condition().withNames(change)))
                        .toList());
    }

    /** Entities name what they have from a trait as they do their own. */
    private Design inMembers(Design design) {
        Design named = design;
        for (Entity entity : before.entities()) {
            if (!entity.traits().contains(group.name())) {
                continue;
            }
            for (Map.Entry<String, String> rename : renames.entrySet()) {
                if (entity.attribute(rename.getKey()).isEmpty()) {
                    named = EntityEdits.change(
                                    entity.name(),
                                    e -> EntityEdits.memberRenamed(e, rename.getKey(), rename.getValue()))
                            .on(named);
                    named = AcceptedWarningEdits.memberRenamed(
                            named, entity.name(), rename.getKey(), rename.getValue());
                }
            }
        }
        return named;
    }
}
