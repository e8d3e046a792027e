package jasperwing.model;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * The difference of two designs, part by part. A part is the same one where it has the same name, or says that it had the other's ({@code was});
 * a relationship where it has the same ends and roles, else the same ends. Made in time linear in the parts that are not the very same.
 *
 * <pre>{@code
 * DesignDiff diff = DesignDiff.between(before, after);
 * diff.entities().all().stream().filter(Change::isAdded) …
 * }</pre>
 *
 * @param renamed whether the design itself is called otherwise
 * @param naming whether names in databases are made otherwise
 * @param types what declarations mean otherwise
 */
public record DesignDiff(
        boolean renamed,
        boolean naming,
        Changes<Area> areas,
        Changes<EnumType> enums,
        Changes<AttributeGroup> groups,
        Changes<Entity> entities,
        Changes<Relationship> relationships,
        Changes<Sheet> sheets,
        Changes<AcceptedWarning> accepted,
        Changes<CodeTarget> targets,
        Changes<Place> places,
        TypeChanges types) {
    /** The ends of a relationship and what they are called. */
    private record Ends(String from, List<String> to, String via) {
        private record WithRoles(Ends ends, String forward, String back) {}

        static Ends of(Relationship relationship) {
            return of(relationship, UnaryOperator.identity());
        }

        /** @param called what entities are called now */
        static Ends of(Relationship relationship, UnaryOperator<String> called) {
            String link = relationship.match(BinaryRelationship::via, oneOf -> "");
            return new Ends(
                    called.apply(relationship.from()),
                    relationship.targets().stream().map(called).toList(),
                    link.isEmpty() ? link : called.apply(link));
        }

        static WithRoles withRoles(Relationship relationship, UnaryOperator<String> called) {
            return new WithRoles(
                    of(relationship, called),
                    relationship.forward().role(),
                    relationship.back().map(Reading::role).orElse(""));
        }
    }

    public static DesignDiff between(Design before, Design after) {
        Changes<EnumType> enums = named(before, after, Design::enums, EnumType::name, EnumType::notes);
        Changes<AttributeGroup> groups =
                named(before, after, Design::groups, AttributeGroup::name, AttributeGroup::notes);
        Changes<Area> areas = changes(before, after, Design::areas, PartMatcher.by(Area::name));
        Changes<Entity> entities = named(before, after, Design::entities, Entity::name, Entity::notes);
        return new DesignDiff(
                !before.name().equals(after.name()),
                !said(before).equals(said(after)),
                areas,
                enums,
                groups,
                entities,
                changes(before, after, Design::relationships, relationships(entities)),
                changes(before, after, Design::sheets, PartMatcher.by(Sheet::name)),
                changes(
                        before,
                        after,
                        Design::accepted,
                        PartMatcher.by(a -> List.of(a.code(), a.entity(), a.member()))),
                changes(before, after, Design::targets, PartMatcher.by(CodeTarget::target)),
                changes(before, after, Design::places, PartMatcher.by(p -> List.of(p.entity(), p.sheet()))),
                TypeChanges.of(before, after, areas, enums, groups));
    }

    private static DatabaseNaming said(Design design) {
        return design.naming().withComments(Comments.NONE);
    }

    private static <T> Changes<T> changes(
            Design before, Design after, Function<Design, List<T>> parts, PartMatcher<T> pairing) {
        List<T> had = parts.apply(before);
        List<T> has = parts.apply(after);
        return had == has ? new Changes<>(List.of(), false) : pairing.changes(had, has);
    }

    private static <T> Changes<T> named(
            Design before,
            Design after,
            Function<Design, List<T>> parts,
            Function<T, String> name,
            Function<T, Notes> notes) {
        return changes(before, after, parts, PartMatcher.by(name).or(name, p -> former(notes.apply(p))));
    }

    /** The name a part says it had; null when it says none. */
    private static String former(Notes notes) {
        return notes.was().isEmpty() ? null : notes.was();
    }

    private static PartMatcher<Relationship> relationships(Changes<Entity> entities) {
        Map<String, String> names = new HashMap<>();
        entities.all().stream()
                .filter(c -> !c.isAdded() && !c.isRemoved() && c.concerns(Entity::name))
                .forEach(c -> names.put(c.before().get().name(), c.after().get().name()));
        UnaryOperator<String> now = name -> names.getOrDefault(name, name);
        return new PartMatcher<Relationship>()
                .or(r -> Ends.withRoles(r, now), r -> Ends.withRoles(r, UnaryOperator.identity()))
                .or(r -> Ends.of(r, now), Ends::of);
    }

    /** What became of the attributes of an entity that changed, by their names and former names. */
    public static Changes<Attribute> attributes(Change<Entity> entity) {
        return PartMatcher.by(Attribute::name)
                .or(Attribute::name, a -> former(a.notes()))
                .changes(
                        entity.before().map(Entity::attributes).orElse(List.of()),
                        entity.after().map(Entity::attributes).orElse(List.of()));
    }

    /** Whether both designs are the same, but for remarks and where things stand in the text. */
    public boolean isEmpty() {
        return !renamed
                && !naming
                && Stream.of(areas, enums, groups, entities, relationships, sheets, accepted, targets, places)
                        .allMatch(Changes::isEmpty);
    }

    /** The entities that changed, and those at the ends of relationships that did, as they are called and were called. */
    public Set<String> touched() {
        Set<String> touched = new HashSet<>(entities.names(Entity::name));
        relationships.all().stream().flatMap(Change::both).forEach(r -> touched.addAll(r.ends()));
        return touched;
    }
}
