package jasperwing.diagram;

import jasperwing.model.Area;
import jasperwing.model.AreaColor;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.RowRule;
import jasperwing.naming.Roles;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Makes cards of the entities of one design. */
final class Cards {
    private static final double LEAST_WIDTH = 150;
    private static final double BETWEEN = 18;

    private final Design design;
    private final Metrics metrics;
    private final CardCache memory;

    Cards(Design design, Metrics metrics, CardCache memory) {
        this.design = design;
        this.metrics = metrics;
        this.memory = memory;
        memory.show(metrics.detail());
    }

    Card of(Entity entity, Point at) {
        String badge = badge(entity);
        Optional<AreaColor> color = design.area(entity.area()).map(Area::color);
        List<Card.Row> references = metrics.detail() == CardDetail.ALL ? references(entity) : List.of();
        Optional<Card> last = memory.recall(entity, references, badge, color);
        Card card =
                last.orElseGet(() -> measured(entity, references, badge, color)).at(at);
        return last.isPresent() && last.get() == card ? card : memory.keep(entity, references, card);
    }

    private String badge(Entity entity) {
        if (entity.inheritance().onlyKinds()) {
            return "only kinds";
        }
        return entity.outside() ? "outside" : design.isLink(entity.name()) ? "link" : "";
    }

    /** The references a row holds outside its key. */
    private List<Card.Row> references(Entity entity) {
        return Roles.heldBy(design, entity.name()).stream()
                .filter(r -> !entity.key().names().contains(r.name()) && !isOfAttributes(entity, r.name()))
                .map(r -> new Card.Row(
                        r.name(),
                        (r.targets().size() == 1
                                        ? r.target()
                                        : "one of " + r.targets().size())
                                + (r.must() ? "" : "?"),
                        Card.Mark.REFERENCE))
                .toList();
    }

    /** Where tables are drawn as entities a reference is named after its columns. */
    private static boolean isOfAttributes(Entity entity, String name) {
        return Stream.of(name.split(", ")).allMatch(n -> entity.attribute(n).isPresent());
    }

    private List<Card.Row> rows(Entity entity, List<Card.Row> references) {
        boolean all = metrics.detail() == CardDetail.ALL;
        Stream<Card.Row> attributes = entity.attributes().stream().map(a -> row(entity, a, all));
        Stream<Card.Row> keys = entity.key().names().stream()
                .filter(k -> entity.attribute(k).isEmpty())
                .map(k -> new Card.Row(k, "foreign key", Card.Mark.KEY_ROLE));
        if (metrics.detail() == CardDetail.KEY) {
            return Stream.concat(attributes.filter(r -> r.mark() == Card.Mark.KEY), keys)
                    .toList();
        }
        Stream<Card.Row> traits = entity.traits().stream().map(t -> new Card.Row(t, "trait", Card.Mark.TRAIT));
        return Stream.of(
                        attributes,
                        keys,
                        references.stream(),
                        traits,
                        all ? constraints(entity) : Stream.<Card.Row>of())
                .flatMap(s -> s)
                .toList();
    }

    private static Stream<Card.Row> constraints(Entity entity) {
        return Stream.of(
                        entity.uniques().stream()
                                .filter(u -> u.names().size() > 1)
                                .map(u -> "unique (" + String.join(", ", u.names()) + ")"),
                        entity.indexes().stream()
                                .map(i -> (i.unique() ? "unique (" : "index (")
                                        + String.join(", ", i.members().names()) + ")"
                                        + (i.where().isPresent() ? " where \u2026" : "")),
                        entity.rules().stream().map(RowRule::message))
                .flatMap(s -> s)
                .map(text -> new Card.Row(text, "", Card.Mark.CONSTRAINT));
    }

    private Card measured(Entity entity, List<Card.Row> references, String badge, Optional<AreaColor> color) {
        List<Card.Row> rows = rows(entity, references);
        int attributes =
                metrics.detail() == CardDetail.KEY ? 0 : entity.attributes().size();
        double head = Card.TEXT_LEFT
                + metrics.width(entity.name(), Metrics.Face.TITLE)
                + Card.CUT
                + 12
                + (badge.isEmpty() ? 0 : metrics.width(badge, Metrics.Face.NOTE) + BETWEEN);
        double width = rows.stream().mapToDouble(this::width).reduce(Math.max(head, LEAST_WIDTH), Math::max);
        double height = Card.HEADER + rows.size() * Card.ROW + (rows.isEmpty() ? 0 : Card.FOOT);
        return new Card(entity.name(), new Box(0, 0, Math.ceil(width), height), color, badge, rows, attributes);
    }

    private double width(Card.Row row) {
        Metrics.Face face =
                row.mark() == Card.Mark.KEY || row.mark() == Card.Mark.KEY_ROLE ? Metrics.Face.KEY : Metrics.Face.BODY;
        return Card.TEXT_LEFT
                + metrics.width(row.name(), face)
                + BETWEEN
                + metrics.width(row.type(), Metrics.Face.CODE)
                + Card.TEXT_RIGHT;
    }

    private static Card.Row row(Entity entity, Attribute attribute, boolean all) {
        Card.Mark mark = entity.isKey(attribute)
                ? Card.Mark.KEY
                : attribute.isComputed()
                        ? Card.Mark.COMPUTED
                        : attribute.unique() || isAloneUnique(entity, attribute) ? Card.Mark.UNIQUE : Card.Mark.NONE;
        String type = Notation.type(attribute) + (all ? byItself(attribute) : "");
        return new Card.Row(attribute.name(), type, mark);
    }

    /** What a column is filled with when nothing is said. */
    private static String byItself(Attribute attribute) {
        return (attribute.counting().isUsual() ? "" : " " + attribute.counting().words())
                + attribute.stamp().map(s -> " on " + s.word()).orElse("")
                + attribute.defaultValue().map(d -> " = " + d.text()).orElse("");
    }

    private static boolean isAloneUnique(Entity entity, Attribute attribute) {
        return entity.uniques().stream().anyMatch(u -> u.names().equals(List.of(attribute.name())));
    }
}
