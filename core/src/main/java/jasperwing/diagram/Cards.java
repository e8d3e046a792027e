package jasperwing.diagram;

import jasperwing.model.Area;
import jasperwing.model.AreaColor;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
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
    private final CardMemory memory;

    Cards(Design design, Metrics metrics, CardMemory memory) {
        this.design = design;
        this.metrics = metrics;
        this.memory = memory;
    }

    Card of(Entity entity, Point at) {
        String badge = badge(entity);
        Optional<AreaColor> color = design.area(entity.area()).map(Area::color);
        Optional<Card> last = memory.recall(entity, badge, color);
        Card card = last.orElseGet(() -> measured(entity, badge, color)).at(at);
        return last.isPresent() && last.get() == card ? card : memory.keep(entity, card);
    }

    private String badge(Entity entity) {
        if (entity.kinship().onlyKinds()) {
            return "only kinds";
        }
        return entity.outside() ? "outside" : design.isLink(entity.name()) ? "link" : "";
    }

    private Card measured(Entity entity, String badge, Optional<AreaColor> color) {
        List<Card.Row> rows = Stream.of(
                        entity.attributes().stream().map(a -> row(entity, a)),
                        entity.key().names().stream()
                                .filter(k -> entity.attribute(k).isEmpty())
                                .map(k -> new Card.Row(k, "foreign key", Card.Mark.KEY_ROLE)),
                        entity.traits().stream().map(t -> new Card.Row(t, "trait", Card.Mark.TRAIT)))
                .flatMap(s -> s)
                .toList();
        double head = Card.TEXT_LEFT
                + metrics.width(entity.name(), Metrics.Face.TITLE)
                + Card.CUT
                + 12
                + (badge.isEmpty() ? 0 : metrics.width(badge, Metrics.Face.NOTE) + BETWEEN);
        double width = rows.stream().mapToDouble(this::width).reduce(Math.max(head, LEAST_WIDTH), Math::max);
        double height = Card.HEADER + rows.size() * Card.ROW + (rows.isEmpty() ? 0 : Card.FOOT);
        return new Card(entity.name(), new Box(0, 0, Math.ceil(width), height), color, badge, rows);
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

    private static Card.Row row(Entity entity, Attribute attribute) {
        Card.Mark mark = entity.isKey(attribute)
                ? Card.Mark.KEY
                : attribute.isComputed()
                        ? Card.Mark.COMPUTED
                        : attribute.unique() || isAloneUnique(entity, attribute) ? Card.Mark.UNIQUE : Card.Mark.NONE;
        return new Card.Row(attribute.name(), Notation.type(attribute), mark);
    }

    private static boolean isAloneUnique(Entity entity, Attribute attribute) {
        return entity.uniques().stream().anyMatch(u -> u.names().equals(List.of(attribute.name())));
    }
}
