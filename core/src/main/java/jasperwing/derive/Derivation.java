package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.Relationship;
import jasperwing.naming.Roles;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Derives all tables of a design, taking those the memory holds and nothing has changed for. */
final class Derivation {
    private final Design design;
    private final Dialect dialect;
    private final SchemaCache memory;
    private final KeyColumns keys;
    private final ColumnTypes types;
    private final PhysicalNames names;
    private final List<DerivedTable> gathered = new ArrayList<>();
    private final List<DerivedTable> shapes = new ArrayList<>();
    private final List<DerivedTable> others = new ArrayList<>();
    private final Map<Entity, DerivedTable> ahead = new IdentityHashMap<>();
    private boolean stale;

    /** More entities than this are worth a second thread when nothing is known of them yet. */
    private static final int MANY = 100;

    Derivation(Design design, Dialect dialect, SchemaCache memory) {
        this.design = design;
        this.dialect = dialect;
        this.memory = memory;
        this.keys = new KeyColumns(design, dialect.nameLimit());
        memory.openFor(design, dialect);
        this.names = new PhysicalNames(design, dialect, memory.names(), memory.constraints());
        this.types = new ColumnTypes(design, dialect, names);
    }

    /**
     * Numbered names depend on every name before them, so that where there are some nothing can be recalled, and tables must be derived one
     * after the other.
     */
    Schema run() {
        boolean fresh = memory.isEmpty();
        boolean atOnce = fresh && design.entities().size() > MANY;
        Schema schema = derive(atOnce);
        if (stale || names.haveClashed()) {
            memory.clear();
            return fresh && !atOnce ? schema : new Derivation(design, dialect, memory).inOrder();
        }
        return schema;
    }

    private Schema inOrder() {
        Schema schema = derive(false);
        if (names.haveClashed()) {
            memory.clear();
        }
        return schema;
    }

    private Schema derive(boolean atOnce) {
        List<SchemaCache.Wanted> wanted = wanted();
        memory.keepOnly(wanted, memory.see(seen()));
        if (atOnce) {
            ahead(wanted);
        }
        for (SchemaCache.Wanted each : wanted) {
            memory.recall(each.source()).ifPresentOrElse(known -> recall(each.source(), known), () -> {
                List<DerivedTable> derived = tables(each.source());
                memory.keep(each, derived);
                add(each.source(), derived);
            });
        }
        Enums enums = new Enums(design, types, names);
        gathered.addAll(enums.tables());
        List<DerivedTable> held = RouteKeys.added(design, keys, memory.constraints(), gathered);
        List<DerivedTable> named = KeyNames.settled(held, dialect.nameLimit());
        List<DerivedTable> tables = dialect.takesSeveralCascades() ? named : CascadeRoutes.settled(named);
        KindShapes kinds = new KindShapes(design, names);
        shapes.addAll(kinds.amongOthers(tables));
        Schema schema = new Schema(design.name(), dialect, enums.types(), tables, shapes, others, List.of(), List.of());
        List<KindsView> kindsViews = kinds.views(schema);
        Schema all = kindsViews.isEmpty()
                ? schema
                : new Schema(design.name(), dialect, enums.types(), tables, shapes, others, List.of(), kindsViews);
        List<ComputedView> views = new Views(design, all, names).derive();
        return views.isEmpty()
                ? all
                : new Schema(design.name(), dialect, enums.types(), tables, shapes, others, views, kindsViews);
    }

    /** Derives the tables of all entities, in several threads. */
    private void ahead(List<SchemaCache.Wanted> wanted) {
        List<Entity> entities = wanted.stream()
                .map(SchemaCache.Wanted::source)
                .filter(Entity.class::isInstance)
                .map(Entity.class::cast)
                .filter(e -> !PhysicalNames.isAmongOthers(design, e))
                .toList();
        List<DerivedTable> made = entities.parallelStream().map(this::table).toList();
        for (int i = 0; i < made.size(); i++) {
            ahead.put(entities.get(i), made.get(i));
        }
    }

    private DerivedTable table(Entity entity) {
        return new EntityTable(making(), entity).derive();
    }

    private EntityColumns.Making making() {
        return new EntityColumns.Making(design, keys, types, names);
    }

    /** How the entities are seen by others. */
    private Map<String, SchemaCache.Pointed> seen() {
        Map<String, SchemaCache.Pointed> seen = new HashMap<>(design.entities().size() * 2);
        for (Entity entity : design.entities()) {
            if (!seen.containsKey(entity.name())) {
                seen.put(entity.name(), seen(entity));
            }
        }
        return seen;
    }

    private SchemaCache.Pointed seen(Entity entity) {
        SchemaCache.Pointed last = memory.lastSeen(entity);
        String table = names.table(entity.name());
        boolean alone = entity.inheritance().of().isEmpty()
                && design.kinds(entity.name()).isEmpty();
        if (alone
                && last != null
                && last.entity() == entity
                && last.alone()
                && last.table().equals(table)) {
            return last;
        }
        boolean attributes = !entity.key().isEmpty()
                && entity.key().names().stream()
                        .allMatch(k -> entity.attribute(k).isPresent());
        return new SchemaCache.Pointed(
                entity, alone && attributes, table, keys.enforcement(entity.name()), keys.of(entity.name()));
    }

    private void add(Object source, List<DerivedTable> derived) {
        if (source instanceof Entity entity && entity.outside()) {
            others.addAll(derived);
        } else if (source instanceof Entity entity && KindShapes.isOnlyShape(design, entity)) {
            shapes.add(derived.get(0));
            gathered.addAll(derived.subList(1, derived.size()));
        } else {
            gathered.addAll(derived);
        }
    }

    /** The entities and relationships that have tables of their own, and entities whose tables others keep in the same database; in order. */
    private List<SchemaCache.Wanted> wanted() {
        List<SchemaCache.Wanted> wanted = new ArrayList<>();
        for (Entity entity : design.entities()) {
            if (!entity.elsewhere() && design.entity(entity.name()).orElseThrow() == entity) {
                wanted.add(wanted(entity));
            }
        }
        for (Relationship relationship : design.relationships()) {
            if (relationship instanceof BinaryRelationship binary && binary.isOfPairsAlone()) {
                wanted.add(new SchemaCache.Wanted(binary, binary.from(), List.of(binary), List.of()));
            }
        }
        return wanted;
    }

    private SchemaCache.Wanted wanted(Entity entity) {
        String name = entity.name();
        if (!InheritanceTree.has(design, name)) {
            return new SchemaCache.Wanted(entity, name, design.relationshipsOf(name), List.of());
        }
        List<Entity> family = new ArrayList<>(InheritanceTree.line(design, entity));
        family.addAll(InheritanceTree.descendants(design, name));
        List<Relationship> all = family.stream()
                .flatMap(e -> design.relationshipsOf(e.name()).stream())
                .distinct()
                .toList();
        return new SchemaCache.Wanted(entity, name, all, family);
    }

    private List<DerivedTable> tables(Object source) {
        if (source instanceof BinaryRelationship binary) {
            return joinTable(binary);
        }
        Entity entity = (Entity) source;
        List<DerivedTable> derived = new ArrayList<>();
        if (!PhysicalNames.isAmongOthers(design, entity)) {
            DerivedTable made = ahead.get(entity);
            derived.add(made == null ? table(entity) : made);
        }
        if (!entity.outside()) {
            derived.addAll(listTables(entity));
        }
        return derived;
    }

    private void recall(Object source, List<DerivedTable> known) {
        add(source, known);
        if (source instanceof BinaryRelationship binary) {
            known.forEach(t -> stale |= !names.joinTable(binary).equals(t.name()));
        } else {
            int own = PhysicalNames.isAmongOthers(design, (Entity) source) ? 0 : 1;
            if (known.size() > own) {
                lists((Entity) source, known.subList(own, known.size()));
            }
        }
    }

    /** The names of tables of lists are taken anew, in order. */
    private void lists(Entity entity, List<DerivedTable> known) {
        Iterator<Attribute> lists = lists(entity).iterator();
        known.forEach(t -> stale |= !names.listTable(entity, lists.next()).equals(t.name()));
    }

    private List<DerivedTable> listTables(Entity entity) {
        List<DerivedTable> made = new ArrayList<>(0);
        if (!keys.of(entity.name()).isEmpty()) {
            lists(entity).forEach(a -> made.add(new ListTable(making(), entity, a).derive()));
        }
        return made;
    }

    /** The lists that are kept in tables of their own. */
    private List<Attribute> lists(Entity entity) {
        List<Attribute> lists = new ArrayList<>(0);
        for (Attribute attribute : entity.attributes()) {
            boolean apart = attribute.list() && !ValueColumns.isInRow(design, attribute);
            if (apart && !ValueColumns.of(design, attribute).isEmpty()) {
                lists.add(attribute);
            }
        }
        return lists;
    }

    /** Empty when an end has no key. */
    private List<DerivedTable> joinTable(BinaryRelationship binary) {
        if (keys.of(binary.from()).isEmpty() || keys.of(binary.to()).isEmpty()) {
            return List.of();
        }
        TableDraft draft = new TableDraft(names.joinTable(binary), names, types);
        GivenNames given = new GivenNames(binary);
        List<String> first =
                draft.reference(given.named(0, keys.columns(Roles.linkFrom(binary), binary.from(), "")), true);
        List<String> second =
                draft.reference(given.named(first.size(), keys.columns(Roles.linkTo(binary), binary.to(), "")), true);
        pointing(draft, binary, 0, first, Roles.linkFrom(binary));
        pointing(draft, binary, 1, second, Roles.linkTo(binary));
        draft.primaryKey(concat(first, second));
        draft.index(concat(second, first));
        return List.of(draft.table(
                new DerivedTable.Source.OfJoin(binary), binary.notes().doc()));
    }

    private void pointing(TableDraft draft, BinaryRelationship binary, int index, List<String> columns, String role) {
        String end = index == 0 ? binary.from() : binary.to();
        draft.references()
                .add(
                        columns,
                        keys.target(names, end),
                        binary.onDelete(end),
                        Optional.empty(),
                        binary.onKeyChange(end),
                        binary.checkedAtEnd(),
                        new GivenNames(binary).foreignKey(index),
                        role);
    }

    private static List<String> concat(List<String> first, List<String> second) {
        List<String> all = new ArrayList<>(first);
        all.addAll(second);
        return all;
    }
}
