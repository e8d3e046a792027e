package jasperwing.derive;

import jasperwing.naming.Role;
import jasperwing.physical.Column;
import jasperwing.physical.Index;
import jasperwing.physical.Part;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Which element of the design each part of a schema was derived from, and back.
 *
 * <pre>{@code
 * schema.provenance().origin(Part.column("dives", "site_id")); // Dive.site, and the relationship
 * schema.provenance().columns("Dive", "site"); // dives.site_id
 * }</pre>
 */
public final class Provenance {
    private final Schema schema;

    Provenance(Schema schema) {
        this.schema = schema;
    }

    /** The columns an attribute or role became, in the order of tables and columns; of a kind also those in a table of several kinds. */
    public List<Part> columns(String entity, String member) {
        return schema.table(entity).stream()
                .flatMap(t -> Stream.concat(
                                t.columnsOf(member).stream(), t.columnsOf(new ColumnOrigin(member, entity)).stream())
                        .map(c -> Part.column(t.name(), c.name())))
                .toList();
    }

    /** What a part was derived from; empty for a part of another schema. */
    public Optional<SqlOrigin> origin(Part part) {
        return switch (part.kind()) {
            case ENUM -> schema.enums().stream()
                    .filter(e -> e.type().name().equals(part.name()))
                    .map(e -> SqlOrigin.of(e.declaration(), ""))
                    .findFirst();
            case TABLE -> schema.named(part.name()).map(Provenance::of);
            case COLUMN -> inTable(part, t -> t.column(part.name()).map(c -> of(t, c)));
            case PRIMARY_KEY, TRIGGER -> inTable(part, t -> Optional.empty());
            case CHECK, EXCLUSION -> inTable(part, t -> stated(t, part.name()));
            case FOREIGN_KEY -> inTable(part, t -> t.references().stream()
                    .filter(r -> r.name().equals(part.name()))
                    .findFirst()
                    .map(r -> of(t, r)));
            case UNIQUE -> inTable(part, t -> t.uniqueKeys().stream()
                    .filter(u -> u.name().equals(part.name()))
                    .findFirst()
                    .flatMap(u -> led(t, u.columns())));
            case INDEX -> inTable(part, t -> t.table().indexes().stream()
                    .filter(i -> i.name().equals(part.name()))
                    .findFirst()
                    .map(Index::columns)
                    .flatMap(c -> led(t, c)));
            case ROW -> inTable(part, t -> Optional.of(SqlOrigin.of(of(t).declaration(), part.name())));
            case VIEW -> view(part.name());
            case VIEW_COLUMN -> viewColumn(part).or(() -> view(part.owner()));
            case EXTENSION, NAMESPACE, SEQUENCE -> Optional.empty();
        };
    }

    private Optional<SqlOrigin> inTable(Part part, Function<DerivedTable, Optional<SqlOrigin>> origin) {
        return schema.named(part.owner()).map(t -> origin.apply(t).orElseGet(() -> of(t)));
    }

    private Optional<SqlOrigin> view(String name) {
        return Stream.concat(
                        schema.views().stream()
                                .filter(v -> v.name().equals(name))
                                .map(ComputedView::entity),
                        schema.kindsViews().stream()
                                .filter(v -> v.name().equals(name))
                                .map(KindsView::entity))
                .map(e -> SqlOrigin.of(e, ""))
                .findFirst();
    }

    private Optional<SqlOrigin> viewColumn(Part part) {
        return schema.views().stream()
                .filter(v -> v.name().equals(part.owner()))
                .flatMap(v -> v.columns().stream()
                        .filter(c -> c.name().equals(part.name()))
                        .map(c -> SqlOrigin.of(v.entity(), c.member())))
                .findFirst();
    }

    /** A table as a whole. */
    static SqlOrigin of(DerivedTable table) {
        return table.source()
                .match(
                        e -> SqlOrigin.of(e.entity(), ""),
                        j -> new SqlOrigin("", "", Optional.of(j.binary())),
                        l -> SqlOrigin.of(l.entity(), l.attribute()),
                        e -> SqlOrigin.of(e.type().name(), ""));
    }

    /** A column of a table, with the relationship where it belongs to a reference. */
    private static SqlOrigin of(DerivedTable table, Column column) {
        SqlOrigin whole = of(table);
        ColumnOrigin origin = table.origin(column);
        if (origin.member().isEmpty()) {
            return whole;
        }
        return new SqlOrigin(
                origin.owner().isEmpty() ? whole.declaration() : origin.owner(),
                origin.member(),
                table.references().stream()
                        .filter(k -> k.columns().contains(column.name()))
                        .flatMap(k -> k.role().stream())
                        .filter(r -> r.name().equals(origin.member()))
                        .map(Role::relationship)
                        .findFirst());
    }

    /** A rule, or what is said of an attribute. */
    private static Optional<SqlOrigin> stated(DerivedTable table, String constraint) {
        return Optional.ofNullable(table.statements().get(constraint)).map(about -> table.column(about)
                .map(c -> of(table, c))
                .orElseGet(() -> SqlOrigin.of(of(table).declaration(), about)));
    }

    private static SqlOrigin of(DerivedTable table, Reference reference) {
        return reference
                .role()
                .map(r -> new SqlOrigin(r.holder(), r.name(), Optional.of(r.relationship())))
                .orElseGet(() -> of(table));
    }

    /** An index or a uniqueness, by the column that leads it. */
    private static Optional<SqlOrigin> led(DerivedTable table, List<String> columns) {
        return columns.stream().findFirst().flatMap(table::column).map(c -> of(table, c));
    }
}
