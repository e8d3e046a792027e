package jasperwing.derive;

import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KeyChangeRule;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.naming.Identifiers;
import jasperwing.naming.Role;
import jasperwing.naming.Roles;
import jasperwing.naming.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The columns an entity is identified by. A key that names roles takes in the keys of the entities they point to. */
final class KeyColumns {
    /**
     * One column of a key.
     *
     * @param name in its own table
     * @param ending what a reference to it ends in
     * @param sortedAs the language it is sorted as; or empty
     * @param own the types it has in single databases, by their words
     */
    record KeyColumn(String name, String ending, Type type, String sortedAs, Map<String, String> own, String member) {
        KeyColumn named(String newName) {
            return new KeyColumn(newName, newName, type, sortedAs, own, member);
        }
    }

    private final Design design;
    private final int nameLimit;
    private final Map<String, List<KeyColumn>> known;
    private final Map<String, DraftReferences.Target> targets;
    /** The entities whose key is being found, each because of the one before. */
    private final Set<String> visiting = new LinkedHashSet<>();

    private final Set<String> inCircle = new HashSet<>();

    /** @param nameLimit the most bytes a column's name may have; 0 for no limit */
    KeyColumns(Design design, int nameLimit) {
        this.design = design;
        this.nameLimit = nameLimit;
        int entities = design.entities().size();
        this.known = new HashMap<>(2 * entities);
        this.targets = new ConcurrentHashMap<>(entities);
    }

    List<Role> rolesOf(String entity) {
        return Roles.heldBy(design, entity);
    }

    Enforcement enforcement(String name) {
        return Enforcement.of(design, name);
    }

    /** The members of the key as said; for a link entity without a key, its two references; none of a kind, which is known by another's. */
    List<String> members(Entity entity) {
        if (design.parent(entity.name()).isPresent()) {
            return List.of();
        }
        if (!entity.key().isEmpty() || !design.isLink(entity.name())) {
            return entity.key().names();
        }
        return rolesOf(entity.name()).stream()
                .filter(r -> r.relationship() instanceof BinaryRelationship t
                        && t.via().equals(entity.name()))
                .map(Role::name)
                .limit(2)
                .toList();
    }

    /** Empty when the entity is unknown, has no key, is identified in a circle, or by more columns than any database takes. */
    List<KeyColumn> of(String entityName) {
        List<KeyColumn> done = known.get(entityName);
        if (done != null) {
            return done;
        }
        Entity entity = design.entity(entityName).orElse(null);
        if (entity == null) {
            return List.of();
        }
        if (!visiting.add(entityName)) {
            List<String> all = List.copyOf(visiting);
            inCircle.addAll(all.subList(all.indexOf(entityName), all.size()));
            return List.of();
        }
        List<KeyColumn> columns = new ArrayList<>();
        for (String member : members(entity)) {
            columns.addAll(member(entity, member));
        }
        design.parent(entityName).ifPresent(p -> columns.addAll(of(p.name())));
        visiting.remove(entityName);
        boolean none = columns.size() > ColumnCounts.MOST_OF_KEY || inCircle.contains(entityName);
        known.put(entityName, none ? List.of() : List.copyOf(columns));
        return known.get(entityName);
    }

    private List<KeyColumn> member(Entity entity, String member) {
        Optional<Attribute> attribute = entity.attribute(member);
        if (attribute.isPresent()) {
            return attribute.get().list()
                            || attribute.get().isComputed()
                            || ValueColumns.value(design, attribute.get().type())
                                    .isPresent()
                    ? List.of()
                    : List.of(new KeyColumn(
                            Identifiers.fit(PhysicalNames.wantedColumn(design, entity, attribute.get()), nameLimit),
                            PhysicalNames.wantedColumn(attribute.get()),
                            ColumnTypes.inTable(design, entity, attribute.get()),
                            ColumnTypes.sortedAs(attribute.get()),
                            attribute.get().notes().stored().types(),
                            member));
        }
        return rolesOf(entity.name()).stream()
                .filter(r -> r.name().equals(member) && !(r.relationship() instanceof PolymorphicRelationship))
                .findFirst()
                .map(this::columns)
                .orElse(List.of());
    }

    /**
     * What a change of an entity's key does to what it keeps in further tables: its lists and the rows of its kinds follow where anything does that refers
     * to one of its family, which all have the key of their root.
     */
    KeyChangeRule changeOfParts(String entity) {
        String root = InheritanceTree.root(design, entity);
        boolean changes = Stream.concat(
                        Stream.of(root),
                        InheritanceTree.descendants(design, root).stream().map(Entity::name))
                .anyMatch(this::isChanged);
        return changes ? KeyChangeRule.FOLLOW : KeyChangeRule.REFUSE;
    }

    private boolean isChanged(String entity) {
        return design.relationshipsOf(entity).stream()
                .flatMap(r -> r.keyChanges().stream())
                .anyMatch(c -> c.entity().equals(entity) && c.rule() != KeyChangeRule.REFUSE);
    }

    /** The entity, as a foreign key points to it. */
    DraftReferences.Target target(PhysicalNames names, String entity) {
        DraftReferences.Target target = targets.get(entity);
        if (target == null) {
            List<String> columns = of(entity).stream().map(KeyColumn::name).toList();
            target = new DraftReferences.Target(entity, names.table(entity), columns, enforcement(entity));
            targets.put(entity, target);
        }
        return target;
    }

    /** The columns a kind in a table of its own is told apart by: those of what it is a kind of. */
    List<KeyColumn> inherited(String parent) {
        return of(parent).stream()
                .map(k -> new KeyColumn(k.name(), k.ending(), referenced(k.type()), k.sortedAs(), k.own(), ""))
                .toList();
    }

    /**
     * The column of a reference that repeats a part of the key it refers to, which may be that of another reference.
     *
     * @param columnsOf the columns of a role in the table where the steps start
     * @param steps along references, at least one
     * @param member the part of the key of what they lead to
     */
    Optional<String> repeated(Function<String, List<String>> columnsOf, List<Step> steps, String member) {
        List<String> columns = columnsOf.apply(steps.get(0).name());
        for (int i = 0; i < steps.size(); i++) {
            String next = i + 1 < steps.size() ? steps.get(i + 1).name() : member;
            List<KeyColumn> key = of(steps.get(i).to());
            if (columns.size() != key.size()) {
                return Optional.empty();
            }
            List<String> all = columns;
            columns = IntStream.range(0, key.size())
                    .filter(k -> key.get(k).member().equals(next))
                    .mapToObj(all::get)
                    .toList();
        }
        return columns.stream().findFirst();
    }

    /** The columns a reference to one entity adds. */
    List<KeyColumn> columns(Role role) {
        List<KeyColumn> columns = columns(role.name(), role.target(), role.name());
        int before =
                GivenNames.index(role) == 0 ? 0 : of(role.relationship().from()).size();
        return new GivenNames(role.relationship()).named(before, columns);
    }

    List<KeyColumn> columns(String prefix, String target, String member) {
        List<KeyColumn> columns = new ArrayList<>(1);
        for (KeyColumn key : of(target)) {
            String name = Identifiers.fit(PhysicalNames.wantedReference(prefix, key.ending()), nameLimit);
            columns.add(new KeyColumn(name, name, referenced(key.type()), key.sortedAs(), key.own(), member));
        }
        return columns;
    }

    /** A reference to a generated number is a plain number. */
    private static Type referenced(Type type) {
        return type.is(Scalar.SERIAL) ? Type.of(Scalar.BIG_INT) : type;
    }
}
