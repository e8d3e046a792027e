package jasperwing.blueprint;

import jasperwing.arrange.Arrange;
import jasperwing.arrange.Progress;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.derive.Schema;
import jasperwing.diagram.Card;
import jasperwing.diagram.CardDetail;
import jasperwing.diagram.Metrics;
import jasperwing.diagram.Scene;
import jasperwing.diagram.SceneBuilder;
import jasperwing.model.Attribute;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.Comments;
import jasperwing.model.DatabaseNaming;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Expression;
import jasperwing.model.Indexing;
import jasperwing.model.Literal;
import jasperwing.model.Members;
import jasperwing.model.Notes;
import jasperwing.model.PolymorphicMapping;
import jasperwing.model.PolymorphicRelationship;
import jasperwing.model.Reading;
import jasperwing.model.Relationship;
import jasperwing.model.SheetEdits;
import jasperwing.model.Type;
import jasperwing.naming.Roles;
import jasperwing.physical.Column;
import jasperwing.physical.Index;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Draws the tables of a schema: a table is laid out as an entity of its name would be, whose attributes are its columns. */
public final class Blueprint {
    private final Design design;
    private final Schema schema;

    private Blueprint(Design design, Schema schema) {
        this.design = design;
        this.schema = schema;
    }

    /** The picture; empty when it was cancelled. */
    public static Optional<Scene> of(Design design, Schema schema, Metrics metrics, Progress progress) {
        Design tables = new Blueprint(design, schema).tables();
        Metrics all = metrics.showing(CardDetail.ALL);
        return Arrange.all(tables, "", all, progress)
                .map(places -> SceneBuilder.build(SheetEdits.place(places).on(tables), "", all))
                .map(s -> plain(s, schema));
    }

    /** The tables as if they were entities, in the order of the schema. */
    private Design tables() {
        List<Entity> entities = new ArrayList<>();
        schema.tables().forEach(t -> entities.add(entity(t)));
        schema.others().forEach(t -> entities.add(entity(t).withOutside(true)));
        Set<String> names = entities.stream().map(Entity::name).collect(Collectors.toSet());
        List<Relationship> keys = new ArrayList<>();
        for (DerivedTable table : schema.tables()) {
            table.references().stream()
                    .filter(k -> names.contains(k.target()))
                    .forEach(k -> keys.add(binary(table, k)));
        }
        design.relationships().stream()
                .flatMap(r -> r.<Optional<Relationship>>match(t -> Optional.empty(), this::loose).stream())
                .forEach(keys::add);
        return new Design(
                design.name(),
                DatabaseNaming.USUAL,
                design.areas(),
                List.of(),
                List.of(),
                entities,
                keys,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Comments.NONE);
    }

    private Entity entity(DerivedTable table) {
        List<Attribute> attributes =
                table.columns().stream().map(c -> attribute(table, c)).toList();
        List<Members> uniques = table.uniqueKeys().stream()
                .map(u -> new Members(u.columns(), Comments.NONE))
                .toList();
        return Entity.of(table.name())
                .withArea(area(table))
                .withAttributes(attributes)
                .withKey(new Members(table.keyColumns(), Comments.NONE))
                .withUniques(uniques)
                .withIndexes(table.indexes().stream().map(Blueprint::index).toList());
    }

    /** With its condition as SQL, which is written as it stands. */
    private static Indexing index(Index index) {
        Optional<Expression> where =
                index.where().map(w -> new Expression.Constant(new Literal(Literal.Kind.WORD, w.sql())));
        return new Indexing(new Members(index.columns(), Comments.NONE), index.covered(), where, index.unique());
    }

    private Attribute attribute(DerivedTable table, Column column) {
        boolean must = column.required() || table.keyColumns().contains(column.name());
        return Attribute.of(column.name(), new Type.Named(schema.type(column))).withOptional(!must);
    }

    private String area(DerivedTable table) {
        return table.entity().flatMap(design::entity).map(Entity::area).orElse("");
    }

    private static BinaryRelationship binary(DerivedTable table, Reference key) {
        boolean must = key.columns().stream()
                .allMatch(c -> table.column(c).map(Column::required).orElse(false));
        String columns = String.join(", ", key.columns());
        Reading forward = new Reading(must, "point to", false, columns);
        Reading back = new Reading(false, "be pointed to by", !table.isUnique(key.columns()), columns);
        return new BinaryRelationship(
                table.name(), key.target(), "", forward, Optional.of(back), List.of(), Notes.NONE);
    }

    /** A kind and an id point to several tables without a foreign key. */
    private Optional<Relationship> loose(PolymorphicRelationship oneOf) {
        if (oneOf.kept() != PolymorphicMapping.KIND_AND_ID) {
            return Optional.empty();
        }
        List<String> subjects = oneOf.subjects().stream()
                .flatMap(s -> schema.tableOfAny(s).stream())
                .map(DerivedTable::name)
                .distinct()
                .toList();
        return schema.table(oneOf.from())
                .filter(t -> !subjects.isEmpty())
                .map(t -> new PolymorphicRelationship(
                        t.name(),
                        subjects,
                        new Reading(oneOf.forward().must(), "point to", false, columns(t, Roles.forward(oneOf))),
                        Optional.empty(),
                        Optional.of(PolymorphicMapping.KIND_AND_ID),
                        List.of(),
                        Notes.NONE));
    }

    private static String columns(DerivedTable table, String role) {
        return table.columnsOf(role).stream().map(Column::name).collect(Collectors.joining(", "));
    }

    private static Card.Row plain(Card.Row row, String table, Schema schema) {
        boolean refers = row.mark() == Card.Mark.NONE
                && schema.named(table).stream()
                        .flatMap(t -> t.references().stream())
                        .anyMatch(k -> k.columns().contains(row.name()));
        return new Card.Row(row.name(), row.type().replace("`", ""), refers ? Card.Mark.REFERENCE : row.mark());
    }

    /** Types stand in it as the database writes them, and columns that refer to other tables are marked. */
    private static Scene plain(Scene scene, Schema schema) {
        List<Card> cards = scene.cards().stream()
                .map(c -> new Card(
                        c.entity(),
                        c.box(),
                        c.color(),
                        c.badge(),
                        c.rows().stream().map(r -> plain(r, c.entity(), schema)).toList(),
                        c.attributes()))
                .toList();
        return new Scene(cards, scene.lines(), scene.kinds(), scene.fans(), scene.regions());
    }
}
