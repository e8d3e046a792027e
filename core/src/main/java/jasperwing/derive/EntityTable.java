package jasperwing.derive;

import jasperwing.model.DeleteRule;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.model.KindsKept;
import jasperwing.model.Type;
import jasperwing.naming.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Derives the table of one entity: key attributes and references first as listed, then the rest. As a kind of another it keeps what the way
 * the family is kept says.
 */
final class EntityTable {
    private final EntityColumns.Making making;
    private final Entity entity;
    private final TableDraft draft;
    private final Optional<KindsKept> kept;

    EntityTable(EntityColumns.Making making, Entity entity) {
        this.making = making;
        this.entity = entity;
        this.kept = InheritanceTree.kept(making.design(), entity.name());
        this.draft = new TableDraft(making.names().table(entity.name()), making.names(), making.types());
    }

    DerivedTable derive() {
        List<String> inherited = isKindOfItsOwn() ? inherited() : List.of();
        List<EntityColumns> parts = new ArrayList<>();
        EntityColumns first = part(first());
        first.keyAttributes();
        Optional<DerivedTable.Kinds> kinds = kinds();
        parts.add(first);
        further(kinds).forEach(parts::add);
        parts.forEach(EntityColumns::rest);
        draft.primaryKey(isKindOfItsOwn() ? inherited : key(first), entity.key().constraint());
        parts.forEach(EntityColumns::uniques);
        draft.of(List.of(""));
        return draft.table(
                new DerivedTable.Source.OfEntity(entity.name()), entity.notes().doc());
    }

    /** None where it is identified in a circle. */
    private List<String> key(EntityColumns part) {
        return making.keys().of(entity.name()).isEmpty() ? List.of() : part.key();
    }

    private boolean is(KindsKept way) {
        return kept.equals(Optional.of(way));
    }

    /** Whether it is a kind with a table for what it alone has. */
    private boolean isKindOfItsOwn() {
        return is(KindsKept.TABLE_EACH) && parent().isPresent();
    }

    private Optional<Entity> parent() {
        return making.design().parent(entity.name());
    }

    /** The entity whose members come first: in a complete table the farthest it is a kind of. */
    private Entity first() {
        return is(KindsKept.COMPLETE_TABLES)
                ? InheritanceTree.line(making.design(), entity).get(0)
                : entity;
    }

    private EntityColumns part(Entity one) {
        return new EntityColumns(making, draft, one, List.of(""), Optional.empty());
    }

    private List<String> inherited() {
        String parent = parent().orElseThrow().name();
        List<String> columns = draft.reference(making.keys().inherited(parent), true);
        draft.references()
                .add(
                        columns,
                        making.keys().target(making.names(), parent),
                        DeleteRule.DELETE_TOO,
                        Optional.empty(),
                        making.keys().changeOfParts(parent),
                        false,
                        "",
                        Words.snake(parent));
        return columns;
    }

    /** Of the root of a family, a column for the kind; not where every kind has all in a table of its own. */
    private Optional<DerivedTable.Kinds> kinds() {
        List<Entity> kinds = InheritanceTree.descendants(making.design(), entity.name());
        if (kinds.isEmpty() || parent().isPresent() || is(KindsKept.COMPLETE_TABLES)) {
            return Optional.empty();
        }
        List<String> names = names(entity);
        int length = kinds.stream().mapToInt(k -> k.name().length()).reduce(20, Math::max);
        String column = draft.column(
                kindColumn(kinds),
                making.types().type(new Type.Text(Math.max(length, entity.name().length()))),
                true,
                "");
        if (!names.isEmpty()) {
            String all = names.stream().map(making.types()::literal).collect(Collectors.joining(", "));
            draft.check(List.of(column), making.types().quote(column) + " in (" + all + ")");
        }
        DerivedTable.Kinds found = new DerivedTable.Kinds(column, names, false);
        draft.kinds(found);
        return Optional.of(found);
    }

    private String kindColumn(List<Entity> kinds) {
        boolean taken = Stream.concat(Stream.of(entity), kinds.stream())
                .flatMap(e -> e.attributes().stream())
                .map(PhysicalNames::wantedColumn)
                .anyMatch("kind"::equals);
        return taken ? Words.snake(entity.name()) + "_kind" : "kind";
    }

    private List<String> names(Entity one) {
        return InheritanceTree.withRows(making.design(), one).stream()
                .map(Entity::name)
                .toList();
    }

    /** The other entities whose members lie in the table: of one table the kinds, of a complete one what it is a kind of. */
    private List<EntityColumns> further(Optional<DerivedTable.Kinds> kinds) {
        if (is(KindsKept.COMPLETE_TABLES)) {
            return InheritanceTree.line(making.design(), entity).stream()
                    .skip(1)
                    .map(this::part)
                    .toList();
        }
        if (!is(KindsKept.ONE_TABLE)) {
            return List.of();
        }
        return InheritanceTree.descendants(making.design(), entity.name()).stream()
                .map(k -> new EntityColumns(
                        making,
                        draft,
                        k,
                        owners(k),
                        kinds.map(all -> new DerivedTable.Kinds(all.column(), names(k), true))))
                .toList();
    }

    /** A kind and what it is a kind of, the nearest first; the entity whose table it is stands last, without a name. */
    private List<String> owners(Entity kind) {
        List<String> owners = new ArrayList<>(List.of(kind.name()));
        InheritanceTree.ancestors(making.design(), kind.name()).forEach(a -> owners.add(a.name()));
        owners.set(owners.size() - 1, "");
        return owners;
    }
}
