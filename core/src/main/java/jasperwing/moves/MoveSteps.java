package jasperwing.moves;

import jasperwing.model.AcceptedWarning;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Comments;
import jasperwing.model.DeleteRule;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.OnDelete;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.RowRule;
import jasperwing.model.Sheet;
import jasperwing.naming.Plurals;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** What moves are made of. */
final class MoveSteps {
    private MoveSteps() {}

    /** A new entity of the area of another, beside which it stands in the text and on every sheet. */
    static Design addBeside(Design design, String entity, Entity added) {
        List<Entity> entities = new ArrayList<>();
        for (Entity e : design.entities()) {
            entities.add(e);
            if (e.name().equals(entity)) {
                entities.add(added.withArea(e.area()));
            }
        }
        return design.withEntities(entities)
                .withSheets(design.sheets().stream()
                        .map(s -> s.entities().contains(entity) ? beside(s, entity, added.name()) : s)
                        .toList());
    }

    private static Sheet beside(Sheet sheet, String entity, String added) {
        List<String> names = new ArrayList<>(sheet.entities());
        names.add(names.indexOf(entity) + 1, added);
        return new Sheet(sheet.name(), names, sheet.comments());
    }

    static Design change(Design design, String entity, UnaryOperator<Entity> change) {
        return design.withEntities(design.entities().stream()
                .map(e -> e.name().equals(entity) ? change.apply(e) : e)
                .toList());
    }

    static Design relate(Design design, Relationship relationship) {
        List<Relationship> all = new ArrayList<>(design.relationships());
        all.add(relationship);
        return design.withRelationships(all);
    }

    /** A new entity whose generated key is clear of its attributes. */
    static Entity keyed(String name, List<Attribute> attributes) {
        Entity keyed = Entity.keyed(name);
        boolean taken = attributes.stream().anyMatch(a -> a.name().equals("id"));
        String key = taken ? Words.camel(name) + "Id" : "id";
        List<Attribute> all = new ArrayList<>(List.of(keyed.attributes().get(0).withName(key)));
        all.addAll(attributes);
        return keyed.withAttributes(all).withKey(Members.of(key));
    }

    /** {@code each Part must belong to one Whole, which may or must have one or many Part}; the parts go with the whole. */
    static BinaryRelationship part(String part, String whole, Reading having, Comments comments) {
        Reading belonging = new Reading(true, "belong to", false, Words.camel(whole));
        return new BinaryRelationship(
                part,
                whole,
                "",
                belonging,
                Optional.of(having),
                List.of(new OnDelete(whole, DeleteRule.DELETE_TOO)),
                Notes.of(comments));
    }

    /** The ones and then those of the others that are not among them. */
    static <T> List<T> both(List<T> ones, List<T> others) {
        return Stream.concat(ones.stream(), others.stream()).distinct().toList();
    }

    /** The role in which an entity is read from what many or one of it point to. */
    static String backRole(String entity, boolean many) {
        String one = Words.camel(entity);
        return many ? Plurals.plural(one) : one;
    }

    static List<Attribute> without(Entity entity, Collection<String> names) {
        return entity.attributes().stream()
                .filter(a -> !names.contains(a.name()))
                .toList();
    }

    /** The rules of an entity that name some of its attributes and nothing else; not those that name nothing. */
    static List<RowRule> rulesAmong(Design design, String entity, Collection<String> attributes) {
        return design.entity(entity).orElseThrow().rules().stream()
                .filter(r -> r.condition().names().findAny().isPresent())
                .filter(r -> r.condition()
                        .names()
                        .allMatch(n -> attributes.contains(n.path().get(0))))
                .toList();
    }

    /** A rule over attributes that are all null in some rows from now on: it does not apply to those; empty where nothing tells them apart. */
    static Optional<RowRule> unlessMissing(RowRule rule, List<Attribute> attributes) {
        List<Attribute> stored =
                attributes.stream().filter(a -> !a.list() && !a.isComputed()).toList();
        List<Attribute> telling = stored.stream()
                .filter(a -> !a.optional())
                .findFirst()
                .map(List::of)
                .orElse(stored);
        List<Expression.Name> names =
                telling.stream().map(a -> Expression.Name.of(a.name())).toList();
        return names.isEmpty() ? Optional.empty() : Optional.of(rule.unlessAllNull(names));
    }

    /** The ones without the others. */
    static <T> List<T> without(List<T> ones, List<T> others) {
        return ones.stream().filter(o -> !others.contains(o)).toList();
    }

    /** The warnings on some members of an entity, as warnings on another. */
    static Design acceptedMoved(Design design, String from, Collection<String> members, String to) {
        return design.withAccepted(design.accepted().stream()
                .map(a -> a.entity().equals(from) && members.contains(a.member()) ? on(a, to) : a)
                .toList());
    }

    static AcceptedWarning on(AcceptedWarning accepted, String entity) {
        return new AcceptedWarning(accepted.code(), entity, accepted.member(), accepted.reason(), accepted.comments());
    }
}
