package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Comments;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.GroupEdits;
import jasperwing.model.Members;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Attributes that want to be gathered: under numbers, under one first word, or the same ones in several entities. */
final class GatheringRules {
    private static final int ENOUGH = 3;
    private static final int MOST_DIGITS = 3;

    /** First words that say how, not of what. */
    private static final Set<String> NO_GROUP =
            Set.of("is", "has", "was", "can", "may", "must", "min", "max", "first", "last", "total", "number", "date");

    private GatheringRules() {}

    /** One thing under numbers. */
    static void numbered(Checked checked, Entity entity, Consumer<Finding> found) {
        if (entity.outside()) {
            return;
        }
        numbered(entity).forEach((stem, all) -> {
            if (all.size() > 1 && !RepeatRules.hasRepeats(entity)) {
                found.accept(numbered(checked.design(), entity, stem, all));
            }
        });
    }

    /** What is named under one first word. */
    static void prefixed(Checked checked, Entity entity, Consumer<Finding> found) {
        if (entity.outside()) {
            return;
        }
        prefixed(entity).forEach((prefix, all) -> {
            if (all.size() >= ENOUGH
                    && !RepeatRules.hasRepeats(entity)
                    && !Words.split(entity.name()).contains(prefix)) {
                found.accept(prefixed(checked.design(), entity, prefix, all));
            }
        });
    }

    private static Map<String, List<Attribute>> numbered(Entity entity) {
        Map<String, List<Attribute>> byStem = new LinkedHashMap<>();
        for (Attribute attribute : entity.attributes()) {
            String stem = stem(attribute.name());
            if (!stem.equals(attribute.name()) && isPlain(entity, attribute)) {
                List<Attribute> all = byStem.computeIfAbsent(stem, s -> new ArrayList<>());
                if (all.isEmpty() || all.get(0).type().equals(attribute.type())) {
                    all.add(attribute);
                }
            }
        }
        return byStem;
    }

    /** The name without a number at its end, as in {@code phone} of {@code phone_2}; the name itself when there is none. */
    private static String stem(String name) {
        int end = name.length();
        while (end > 0 && name.charAt(end - 1) >= '0' && name.charAt(end - 1) <= '9') {
            end--;
        }
        int digits = name.length() - end;
        if (end == 0 || digits == 0 || digits > MOST_DIGITS) {
            return name;
        }
        return end > 1 && name.charAt(end - 1) == '_' ? name.substring(0, end - 1) : name.substring(0, end);
    }

    private static boolean isPlain(Entity entity, Attribute attribute) {
        boolean kept = !attribute.list()
                && !attribute.isComputed()
                && attribute.stamp().isEmpty()
                && !attribute.type().is(Scalar.SERIAL)
                && !attribute.unique();
        if (!kept || names(entity.key(), attribute) || names(entity.shown(), attribute)) {
            return false;
        }
        for (Members unique : entity.uniques()) {
            if (names(unique, attribute)) {
                return false;
            }
        }
        return true;
    }

    private static boolean names(Members members, Attribute attribute) {
        return members.names().contains(attribute.name());
    }

    private static Finding numbered(Design design, Entity entity, String stem, List<Attribute> all) {
        List<String> names = all.stream().map(Attribute::name).toList();
        String plural = free(entity, Plurals.plural(stem), names);
        List<Fix> fixes =
                Words.snake(stem).isEmpty() || !isListable(design, all.get(0).type()) || !areRuledAlike(all)
                        ? List.of()
                        : List.of(new Fix("Make one list of them, " + plural, listed(entity, all, names, plural)));
        return new Finding(
                Rule.NUMBERED_REPEATS,
                Subject.of(entity.name(), names.get(0)),
                entity.name() + " has " + EntityNouns.all(names) + ": one thing under numbers.",
                "There is no room for one more, and a query must search every column.",
                fixes);
    }

    private static boolean isListable(Design design, Type type) {
        return !(type instanceof Type.Named named)
                || design.enumType(named.name()).isPresent();
    }

    /** Whether one list can keep what is said of each. */
    private static boolean areRuledAlike(List<Attribute> all) {
        Attribute first = all.get(0);
        return all.stream()
                .allMatch(a -> a.range().equals(first.range())
                        && a.textConstraint().equals(first.textConstraint())
                        && (a.notes().label().isEmpty()
                                || a.notes().label().equals(first.notes().label()))
                        && a.notes().physical().isEmpty()
                        && a.defaultValue().isEmpty());
    }

    private static Edit listed(Entity entity, List<Attribute> all, List<String> names, String plural) {
        String docs = all.stream()
                .map(a -> a.notes().doc())
                .filter(d -> !d.isBlank())
                .distinct()
                .collect(Collectors.joining("\n"));
        Edit edit = EntityEdits.changeAttribute(entity.name(), names.get(0), a -> a.withName(plural)
                .withList(true)
                .withOptional(false)
                .withNotes(a.notes().withDoc(docs)));
        for (String name : names.subList(1, names.size())) {
            edit = edit.then(EntityEdits.removeAttribute(entity.name(), name));
        }
        return edit;
    }

    private static String free(Entity entity, String wanted, List<String> going) {
        String name = wanted;
        for (int i = 2; entity.attribute(name).isPresent() && !going.contains(name); i++) {
            name = wanted + i;
        }
        return name;
    }

    private static Map<String, List<Attribute>> prefixed(Entity entity) {
        Map<String, List<Attribute>> byPrefix = new LinkedHashMap<>();
        for (Attribute attribute : entity.attributes()) {
            if (!mayHaveWords(attribute.name())) {
                continue;
            }
            List<String> words = Words.split(attribute.name());
            boolean several = words.size() > 1 && !NO_GROUP.contains(words.get(0));
            if (several && Character.isLetter(words.get(1).charAt(0)) && isPlain(entity, attribute)) {
                byPrefix.computeIfAbsent(words.get(0), p -> new ArrayList<>()).add(attribute);
            }
        }
        return byPrefix;
    }

    /** Whether it can be more than one word: most names are not, and this tells it without taking them apart. */
    private static boolean mayHaveWords(String name) {
        for (int i = 1; i < name.length(); i++) {
            char c = name.charAt(i);
            if ((c < 'a' || c > 'z') && (c < '0' || c > '9')) {
                return true;
            }
        }
        return false;
    }

    private static Finding prefixed(Design design, Entity entity, String prefix, List<Attribute> all) {
        String names = EntityNouns.all(all.stream().map(Attribute::name).toList());
        String value = freeGroup(design, Words.pascal(prefix));
        boolean free = entity.attribute(prefix).isEmpty();
        return new Finding(
                Rule.PREFIX_GROUP,
                Subject.of(entity.name(), all.get(0).name()),
                entity.name() + " has " + names + ", which belong together.",
                "As a value or an entity of their own they can be named once, and used elsewhere.",
                free
                        ? List.of(new Fix("Gather them as a value " + value, gathered(entity, prefix, value, all)))
                        : List.of());
    }

    static String freeGroup(Design design, String wanted) {
        Set<String> taken = Stream.of(
                        design.entities().stream().map(Entity::name),
                        design.enums().stream().map(e -> e.name()),
                        design.groups().stream().map(AttributeGroup::name))
                .flatMap(s -> s)
                .map(NameRules::fold)
                .collect(Collectors.toSet());
        String name = wanted;
        for (int i = 2; taken.contains(NameRules.fold(name)); i++) {
            name = wanted + i;
        }
        return name;
    }

    private static Edit gathered(Entity entity, String prefix, String value, List<Attribute> all) {
        List<Attribute> parts =
                all.stream().map(a -> a.withName(rest(prefix, a.name()))).toList();
        AttributeGroup group = AttributeGroup.of(AttributeGroup.Kind.VALUE, value, parts);
        boolean optional = all.stream().allMatch(Attribute::optional);
        Attribute one = Attribute.of(prefix, new Type.Named(value)).withOptional(optional);
        return GroupEdits.add(group).then(EntityEdits.change(entity.name(), e -> {
            List<Attribute> left = new ArrayList<>();
            for (Attribute attribute : e.attributes()) {
                if (attribute.name().equals(all.get(0).name())) {
                    left.add(one);
                } else if (!all.contains(attribute)) {
                    left.add(attribute);
                }
            }
            return e.withAttributes(left);
        }));
    }

    private static String rest(String prefix, String name) {
        String rest = name.substring(prefix.length());
        return rest.startsWith("_")
                ? rest.substring(1)
                : rest.substring(0, 1).toLowerCase(Locale.ROOT) + rest.substring(1);
    }

    /** The same attributes in three entities. */
    static void repeated(Checked checked, Consumer<Finding> found) {
        checked.repetitions().of(checked.design()).forEach(r -> {
            boolean enough = r.entities().size() >= ENOUGH && r.attributes().size() > 1;
            if (enough && areClear(checked.design(), r.entities())) {
                found.accept(repeated(checked.design(), r.entities(), r.attributes()));
            }
        });
    }

    /** Whether each name is that of one entity, and no attribute of theirs has the name of another. */
    private static boolean areClear(Design design, List<String> entities) {
        Set<String> names = new HashSet<>(entities);
        List<Entity> all =
                design.entities().stream().filter(e -> names.contains(e.name())).toList();
        return all.size() == names.size() && all.stream().noneMatch(RepeatRules::hasRepeats);
    }

    private static Finding repeated(Design design, List<String> entities, List<String> names) {
        List<Attribute> alike = names.stream()
                .filter(n -> isSaidAlike(design, entities, n))
                .map(n -> attribute(design, entities.get(0), n))
                .toList();
        return new Finding(
                Rule.REPEATED_GROUP,
                Subject.of(entities.get(0), names.get(0)),
                EntityNouns.all(entities) + " all have " + EntityNouns.all(names) + ".",
                "Copies diverge over time; declare them once in a trait.",
                alike.size() < 2 ? List.of() : List.of(trait(design, entities, names, alike)));
    }

    /** Whether all say the same of it: what one says of its own would be lost. */
    private static boolean isSaidAlike(Design design, List<String> entities, String name) {
        return entities.stream()
                        .map(e -> attribute(design, e, name))
                        .map(a -> a.withNotes(a.notes().withComments(Comments.NONE)))
                        .distinct()
                        .count()
                == 1;
    }

    private static Attribute attribute(Design design, String entity, String name) {
        return design.entity(entity).orElseThrow().attribute(name).orElseThrow();
    }

    private static Fix trait(Design design, List<String> entities, List<String> all, List<Attribute> alike) {
        List<String> names = alike.stream().map(Attribute::name).toList();
        String trait = freeGroup(design, "Common" + Words.pascal(names.get(0)));
        Edit edit = GroupEdits.add(AttributeGroup.of(AttributeGroup.Kind.TRAIT, trait, alike));
        for (String entity : entities) {
            edit = edit.then(EntityEdits.change(entity, e -> e.withAttributes(e.attributes().stream()
                            .filter(a -> !names.contains(a.name()))
                            .toList())
                    .withTraits(
                            Stream.concat(e.traits().stream(), Stream.of(trait)).toList())));
        }
        String which = names.equals(all) ? "them" : EntityNouns.all(names);
        return new Fix("Make " + which + " a trait " + trait, edit);
    }
}
