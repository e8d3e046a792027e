package jasperwing.classes;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.OneOf;
import jasperwing.model.Relationship;
import jasperwing.model.Tie;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Plurals;
import jasperwing.naming.Reserved;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Decides the name of every class and property once, before anything is built. */
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

    private record Key(String entity, End end) {}

    private record OwnAttribute(String entity, Attribute attribute) {}

    private final Map<String, String> classes = new HashMap<>();
    private final Map<String, String> enums = new HashMap<>();
    private final Map<String, Identifiers> scopes = new HashMap<>();
    private final Map<OwnAttribute, String> attributes = new HashMap<>();
    private final Map<Relationship, Map<Key, String>> ends = new HashMap<>();
    private final Map<Relationship, Map<String, String>> subjects = new HashMap<>();

    MemberNames(Design design) {
        Identifiers classNames = new Identifiers(0);
        for (Entity entity : design.entities()) {
            classes.putIfAbsent(entity.name(), classNames.take(className(entity.name())));
            for (Attribute attribute : entity.attributes()) {
                attributes.put(new OwnAttribute(entity.name(), attribute), take(entity.name(), attribute.name()));
            }
        }
        design.enums().forEach(e -> enums.computeIfAbsent(e.name(), n -> classNames.take(className(n))));
        List<Relationship> distinct = design.relationships().stream().distinct().toList();
        for (Relationship relationship : distinct) {
            ends.put(relationship, new HashMap<>());
            forward(relationship);
        }
        distinct.forEach(this::backward);
    }

    private void forward(Relationship relationship) {
        if (relationship instanceof Tie tie && tie.shape() == Tie.Shape.LINKED) {
            put(tie, tie.via(), End.LINK_FROM, Roles.linkFrom(tie));
            put(tie, tie.via(), End.LINK_TO, Roles.linkTo(tie));
        }
        put(relationship, relationship.from(), End.FORWARD, Roles.forward(relationship));
        if (relationship instanceof OneOf oneOf) {
            subjects.put(oneOf, new HashMap<>());
            for (String subject : oneOf.subjects()) {
                String wanted = Roles.forward(oneOf) + " " + classes.getOrDefault(subject, className(subject));
                subjects.get(oneOf).put(subject, take(oneOf.from(), wanted));
            }
        }
    }

    private void backward(Relationship relationship) {
        if (relationship instanceof Tie tie && tie.shape() == Tie.Shape.LINKED) {
            String links = Plurals.plural(Words.camel(tie.via()));
            String as = tie.isSelf() ? "As" : "";
            put(
                    tie,
                    tie.from(),
                    End.LINKS_OF_FROM,
                    links + (as.isEmpty() ? "" : as + Words.pascal(Roles.linkFrom(tie))));
            put(tie, tie.to(), End.LINKS_OF_TO, links + (as.isEmpty() ? "" : as + Words.pascal(Roles.linkTo(tie))));
        }
        if (relationship instanceof OneOf) {
            relationship.targets().forEach(t -> put(relationship, t, End.BACK, Roles.back(relationship)));
        } else {
            String back = relationship instanceof Tie tie
                            && !tie.fromHolds()
                            && tie.back().isEmpty()
                    ? Roles.holding(tie)
                    : Roles.back(relationship);
            put(relationship, relationship.targets().get(0), End.BACK, back);
        }
    }

    private void put(Relationship relationship, String entity, End end, String wanted) {
        ends.get(relationship).put(new Key(entity, end), take(entity, wanted));
    }

    private String take(String entity, String wanted) {
        return scopes.computeIfAbsent(entity, e -> new Identifiers(0)).take(propertyName(wanted));
    }

    String className(Entity entity) {
        return classes.get(entity.name());
    }

    /** The class names of the enums, by their names in the design. */
    Map<String, String> enums() {
        return enums;
    }

    String attribute(String entity, Attribute attribute) {
        return attributes.get(new OwnAttribute(entity, attribute));
    }

    String end(Relationship relationship, String entity, End end) {
        return ends.get(relationship).get(new Key(entity, end));
    }

    /** The property that refers to one of the subjects of a one-of. */
    String subject(OneOf oneOf, String subject) {
        return subjects.get(oneOf).get(subject);
    }

    static String className(String name) {
        return safe(Words.pascal(name), "Entity");
    }

    static String propertyName(String name) {
        return safe(Words.camel(name), "attribute");
    }

    private static String safe(String name, String otherwise) {
        if (name.isEmpty()) {
            return otherwise;
        }
        String started = Character.isDigit(name.codePointAt(0)) ? "_" + name : name;
        return Reserved.JAVA.contains(started) ? started + "_" : started;
    }
}
