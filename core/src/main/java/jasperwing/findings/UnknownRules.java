package jasperwing.findings;

import jasperwing.model.Area;
import jasperwing.model.AreaColor;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.Relationship;
import jasperwing.model.Sheet;
import jasperwing.model.Type;
import jasperwing.naming.Role;
import jasperwing.naming.TypeAliases;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Names that are used and not declared. */
final class UnknownRules {
    private UnknownRules() {}

    static void ends(Checked checked, Consumer<Finding> found) {
        Design design = checked.design();
        for (Relationship relationship : design.relationships()) {
            if (areKnown(design, relationship)) {
                continue;
            }
            ends(relationship)
                    .filter(e -> design.entity(e).isEmpty())
                    .distinct()
                    .forEach(e -> found.accept(new Finding(
                            Rule.UNKNOWN_NAME,
                            Subject.of(relationship, ""),
                            "A relationship of " + relationship.from() + " names " + e + ", which is no entity.",
                            "No foreign key and no property will be generated.",
                            List.of(new Fix("Add an entity " + e, EntityEdits.add(Entity.keyed(e)))))));
        }
    }

    static void sheets(Checked checked, Consumer<Finding> found) {
        Design design = checked.design();
        for (Sheet sheet : design.sheets()) {
            sheet.entities().stream()
                    .filter(e -> design.entity(e).isEmpty())
                    .distinct()
                    .forEach(e -> found.accept(new Finding(
                            Rule.UNKNOWN_NAME,
                            Subject.of(sheet.name()),
                            "The sheet " + sheet.name() + " shows " + e + ", which is no entity.",
                            "Nothing is drawn for it.",
                            List.of(new Fix("Take it off the sheet", offSheet(sheet, e))))));
        }
    }

    static void check(Checked checked, Entity entity, Consumer<Finding> found) {
        area(checked.design(), entity, found);
        types(checked, entity, found);
        members(checked, checked.whole(entity), found);
    }

    /** Attributes of types that are not declared. */
    static void types(Checked checked, Entity entity, Consumer<Finding> found) {
        entity.attributes().forEach(a -> type(checked.design(), entity, a, found));
    }

    private static boolean areKnown(Design design, Relationship relationship) {
        for (String target : relationship.targets()) {
            if (design.entity(target).isEmpty()) {
                return false;
            }
        }
        boolean link = relationship instanceof BinaryRelationship binary
                && !binary.via().isEmpty();
        return !link && design.entity(relationship.from()).isPresent();
    }

    private static Stream<String> ends(Relationship relationship) {
        Stream<String> ends = Stream.concat(Stream.of(relationship.from()), relationship.targets().stream());
        return relationship instanceof BinaryRelationship binary
                        && !binary.via().isEmpty()
                ? Stream.concat(ends, Stream.of(binary.via()))
                : ends;
    }

    private static Edit offSheet(Sheet sheet, String entity) {
        return design -> design.withSheets(design.sheets().stream()
                .map(s -> s.equals(sheet)
                        ? new Sheet(
                                s.name(),
                                s.entities().stream()
                                        .filter(e -> !e.equals(entity))
                                        .toList(),
                                s.comments())
                        : s)
                .toList());
    }

    private static void area(Design design, Entity entity, Consumer<Finding> found) {
        String name = entity.area();
        if (name.isEmpty() || design.area(name).isPresent()) {
            return;
        }
        Edit add = d ->
                d.withAreas(Stream.concat(d.areas().stream(), Stream.of(new Area(name, AreaColor.SLATE, Notes.NONE)))
                        .toList());
        found.accept(new Finding(
                Rule.UNKNOWN_NAME,
                Subject.of(entity.name()),
                entity.name() + " is in the area " + name + ", which is not declared.",
                "It has no colour, and its package no place.",
                List.of(new Fix("Add an area " + name, add))));
    }

    private static void type(Design design, Entity entity, Attribute attribute, Consumer<Finding> found) {
        if (!(attribute.type() instanceof Type.Named named)
                || design.enumType(named.name()).isPresent()
                || design.value(named.name()).isPresent()) {
            return;
        }
        Edit add = d -> d.withEnums(Stream.concat(
                        d.enums().stream(),
                        Stream.of(new EnumType(named.name(), List.of(new EnumValue("other", "")), Notes.NONE)))
                .toList());
        List<Fix> fixes = new ArrayList<>();
        TypeAliases.nearest(design, named.name())
                .map(t -> made(entity, attribute, words(t), t))
                .ifPresent(fixes::add);
        fixes.add(new Fix("Add an enum " + named.name(), add));
        fixes.add(made(entity, attribute, "text(40)", new Type.Text(40)));
        found.accept(new Finding(
                Rule.UNKNOWN_NAME,
                Subject.of(entity.name(), attribute.name()),
                entity.name() + "'s " + attribute.name() + " is a " + named.name()
                        + ", which is no type, no enum and no value.",
                "Its column would accept any text.",
                fixes));
    }

    private static String words(Type type) {
        return type.match(text -> "", decimal -> "", plain -> plain.scalar().words(), Type.Named::name);
    }

    private static Fix made(Entity entity, Attribute attribute, String words, Type type) {
        return new Fix(
                "Make it " + words,
                EntityEdits.changeAttribute(entity.name(), attribute.name(), a -> a.withType(type)));
    }

    private static boolean isWholly(Entity entity, Members members) {
        for (String name : members.names()) {
            if (entity.attribute(name).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    private static void members(Checked checked, Entity entity, Consumer<Finding> found) {
        boolean attributes = isWholly(entity, entity.key())
                && isWholly(entity, entity.shown())
                && entity.uniques().stream().allMatch(u -> isWholly(entity, u))
                && entity.indexes().isEmpty();
        if (attributes) {
            return;
        }
        Set<String> known = InheritanceTree.line(checked.design().whole(), entity).stream()
                .flatMap(e -> Stream.concat(
                        e.attributes().stream().map(Attribute::name),
                        checked.heldBy(e.name()).stream().map(Role::name)))
                .collect(Collectors.toCollection(HashSet::new));
        lines(entity).forEach((line, names) -> names.stream()
                .filter(known::add)
                .forEach(n -> found.accept(new Finding(
                        Rule.UNKNOWN_NAME,
                        new Subject(entity.name(), n, Optional.empty(), line),
                        entity.name() + "'s line " + line + " names " + n
                                + ", which is neither an attribute nor a role of it.",
                        "The line would be without it.",
                        List.of(new Fix("Take " + n + " out", EntityEdits.removeAttribute(entity.name(), n)))))));
    }

    /** How the lines begin that name members of an entity, and what each names. */
    private static Map<String, List<String>> lines(Entity entity) {
        Map<String, List<String>> lines = new LinkedHashMap<>();
        lines.put(Subject.line("key", entity.key()), entity.key().names());
        entity.uniques().forEach(u -> lines.put(Subject.line("unique", u), u.names()));
        entity.indexes()
                .forEach(i -> lines.put(Subject.ofIndex(entity.name(), i).line(), List.copyOf(i.named())));
        lines.put(
                "shown as " + String.join(", ", entity.shown().names()),
                entity.shown().names());
        return lines;
    }
}
