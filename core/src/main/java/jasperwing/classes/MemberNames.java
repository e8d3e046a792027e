package jasperwing.classes;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.InheritanceTree;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Relationship;
import jasperwing.model.RowRule;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Decides the name of every class and property once, whichever is asked for first. */
final class MemberNames {
    /** Which property of a relationship is meant. */
    enum End {
        FORWARD,
        BACK,
        LINK_FROM,
        LINK_TO,
        LINKS_OF_FROM,
        LINKS_OF_TO
    }

    private static final Pattern MODAL = Pattern.compile("(?i)^\\s*must\\s+(not\\s+)?(?:be\\s+)?");

    /** A longer name is harder to read than the message beside it. */
    private static final int MOST_WORDS = 8;

    private final Map<String, String> classes = new HashMap<>();
    private final Map<String, String> enums = new HashMap<>();
    private final Map<AttributeGroup, String> groups = new HashMap<>();
    private final Map<AttributeGroup, GroupScope> inGroups = new HashMap<>();
    private final Design design;
    private final NameStyle style;
    private final Map<String, Scope> scopes = new HashMap<>();

    MemberNames(Design design, NameStyle style) {
        this.design = design;
        this.style = style;
        Identifiers classNames = new Identifiers(0);
        design.entities().forEach(e -> classes.computeIfAbsent(e.name(), n -> classNames.take(style.className(n))));
        design.enums().forEach(e -> enums.computeIfAbsent(e.name(), n -> classNames.take(style.className(n))));
        design.groups().forEach(g -> groups.computeIfAbsent(g, n -> classNames.take(style.className(n.name()))));
    }

    /** The properties of one class. What it has as the kind it is comes first, then attributes are named, then what it says of others, then what others say of it. */
    private final class Scope {
        private record Key(Relationship relationship, End end) {}

        private final String entity;
        private final Identifiers taken = new Identifiers(0);
        private final List<String> given = new ArrayList<>();
        private final Map<Attribute, String> attributes = new HashMap<>();
        private final Map<Key, String> ends = new HashMap<>();
        private final Map<RowRule, String> rules = new HashMap<>();
        private final Map<PolymorphicRelationship, Map<String, String>> subjects = new HashMap<>();

        Scope(String entity) {
            this.entity = entity;
            design.parent(entity).ifPresent(p -> inherit(scope(p.name())));
            design.entity(entity)
                    .map(Entity::attributes)
                    .orElse(List.of())
                    .forEach(a -> attributes.put(a, take(a.name())));
            List<Relationship> distinct =
                    design.relationshipsOf(entity).stream().distinct().toList();
            distinct.forEach(this::forward);
            distinct.forEach(this::backward);
            design.entity(entity)
                    .map(Entity::rules)
                    .orElse(List.of())
                    .forEach(r -> rules.computeIfAbsent(r, n -> take(spoken(n))));
        }

        private void inherit(Scope parent) {
            parent.given.forEach(taken::take);
            given.addAll(parent.given);
        }

        private void forward(Relationship relationship) {
            if (relationship instanceof BinaryRelationship binary
                    && binary.shape() == BinaryRelationship.Shape.LINKED) {
                put(binary, binary.via(), End.LINK_FROM, Roles.linkFrom(binary));
                put(binary, binary.via(), End.LINK_TO, Roles.linkTo(binary));
            }
            put(relationship, relationship.from(), End.FORWARD, Roles.forward(relationship));
            if (relationship instanceof PolymorphicRelationship oneOf
                    && oneOf.from().equals(entity)) {
                Map<String, String> names = new HashMap<>();
                for (String subject : oneOf.subjects()) {
                    String wanted =
                            Roles.forward(oneOf) + " " + classes.getOrDefault(subject, style.className(subject));
                    names.put(subject, take(wanted));
                }
                subjects.put(oneOf, names);
            }
        }

        private void backward(Relationship relationship) {
            relationship.visit(
                    this::backward, oneOf -> oneOf.targets().forEach(t -> put(oneOf, t, End.BACK, Roles.back(oneOf))));
        }

        private void backward(BinaryRelationship binary) {
            if (binary.shape() == BinaryRelationship.Shape.LINKED) {
                put(binary, binary.from(), End.LINKS_OF_FROM, links(binary, Roles.linkFrom(binary)));
                put(binary, binary.to(), End.LINKS_OF_TO, links(binary, Roles.linkTo(binary)));
            }
            boolean held = !binary.fromHolds() && binary.back().isEmpty();
            put(binary, binary.to(), End.BACK, held ? Roles.holding(binary) : Roles.back(binary));
        }

        private static String links(BinaryRelationship binary, String role) {
            return Plurals.plural(Words.camel(binary.via())) + (binary.isSelf() ? "As" + Words.pascal(role) : "");
        }

        private void put(Relationship relationship, String of, End end, String wanted) {
            if (of.equals(entity)) {
                ends.put(new Key(relationship, end), take(wanted));
            }
        }

        private String take(String wanted) {
            String name = taken.take(style.memberName(wanted));
            given.add(name);
            return name;
        }
    }

    private Scope scope(String entity) {
        Scope known = scopes.get(entity);
        if (known == null) {
            known = new Scope(entity);
            scopes.put(entity, known);
        }
        return known;
    }

    /** What a member is called where nothing else has the name. */
    String memberName(String name) {
        return style.memberName(name);
    }

    String className(String entity) {
        return classes.get(entity);
    }

    /** The class names of the enums, by their names in the design. */
    Map<String, String> enums() {
        return Map.copyOf(enums);
    }

    String group(AttributeGroup group) {
        return groups.get(group);
    }

    /** The property of a value or trait that an attribute of it becomes. */
    String attribute(AttributeGroup group, Attribute attribute) {
        return inGroups.computeIfAbsent(group, GroupScope::new).attributes.get(attribute);
    }

    /** What tells whether a value fulfils a rule of it. */
    String rule(AttributeGroup value, RowRule rule) {
        return inGroups.computeIfAbsent(value, GroupScope::new).rules.get(rule);
    }

    /** What tells whether an object of an entity's class fulfils a rule of it. */
    String rule(String entity, RowRule rule) {
        return scope(entity).rules.get(rule);
    }

    /** The members of one value or trait. */
    private final class GroupScope {
        private final Map<Attribute, String> attributes = new HashMap<>();
        private final Map<RowRule, String> rules = new HashMap<>();

        GroupScope(AttributeGroup group) {
            Identifiers taken = new Identifiers(0);
            group.attributes().forEach(a -> attributes.put(a, taken.take(style.memberName(a.name()))));
            group.rules().forEach(r -> rules.computeIfAbsent(r, n -> taken.take(style.memberName(spoken(n)))));
        }
    }

    /** What a rule asks for as a name: {@code must be in order} becomes {@code in order}. */
    private static String spoken(RowRule rule) {
        String asked = MODAL.matcher(rule.message()).replaceFirst("$1");
        List<String> words = Words.split(asked);
        return words.isEmpty() ? "rule" : String.join(" ", words.subList(0, Math.min(words.size(), MOST_WORDS)));
    }

    String attribute(String entity, Attribute attribute) {
        return scope(entity).attributes.get(attribute);
    }

    /** An entity as what something is made of. */
    Optional<Origin> origin(String entity) {
        return design.entity(entity).map(Origin.OfEntity::new);
    }

    /** An enum, a value or a trait, or a member of one; where several have the name, one that has the member. */
    Optional<Origin> origin(Source source) {
        List<Origin> named = Stream.concat(
                        design.enums().stream()
                                .filter(e -> e.name().equals(source.of()))
                                .map(e -> ofEnum(e, source.member())),
                        design.groups().stream()
                                .filter(g -> g.name().equals(source.of()))
                                .map(g -> ofGroup(g, source.member())))
                .toList();
        return named.stream().filter(Origin::isOfMember).findFirst().or(() -> named.stream()
                .findFirst());
    }

    private static Origin ofEnum(EnumType type, String member) {
        return new Origin.OfEnum(
                type,
                type.values().stream().filter(v -> v.name().equals(member)).findFirst());
    }

    private Origin ofGroup(AttributeGroup group, String member) {
        return new Origin.OfGroup(
                group,
                group.attributes().stream()
                        .filter(a -> attribute(group, a).equals(member))
                        .findFirst());
    }

    /**
     * What a property of an entity's class is made of, of what it is a kind of, or of a kind of it, whose rows can lie in the same table; empty
     * when there is none of that name.
     */
    Optional<Origin> origin(String entity, String property) {
        return own(entity, property).or(() -> Stream.concat(
                        InheritanceTree.ancestors(design, entity).stream(),
                        InheritanceTree.descendants(design, entity).stream())
                .flatMap(e -> own(e.name(), property).stream())
                .findFirst());
    }

    private Optional<Origin> own(String entity, String property) {
        Scope scope = scope(entity);
        Optional<Origin> attribute = scope.attributes.entrySet().stream()
                .filter(e -> e.getValue().equals(property))
                .findFirst()
                .map(e -> new Origin.OfAttribute(e.getKey()));
        return attribute
                .or(() -> scope.ends.entrySet().stream()
                        .filter(e -> e.getValue().equals(property))
                        .findFirst()
                        .map(e -> new Origin.OfRelationship(e.getKey().relationship())))
                .or(() -> named(entity, property));
    }

    /** What the design calls so. */
    private Optional<Origin> named(String entity, String member) {
        Optional<Origin> attribute =
                design.entity(entity).flatMap(e -> e.attribute(member)).map(Origin.OfAttribute::new);
        return attribute.or(
                () -> Roles.find(design, entity, member).map(r -> new Origin.OfRelationship(r.relationship())));
    }

    String end(Relationship relationship, String entity, End end) {
        return scope(entity).ends.get(new Scope.Key(relationship, end));
    }

    /** The property that refers to one of the subjects of a one-of. */
    String subject(PolymorphicRelationship oneOf, String subject) {
        return scope(oneOf.from()).subjects.get(oneOf).get(subject);
    }
}
