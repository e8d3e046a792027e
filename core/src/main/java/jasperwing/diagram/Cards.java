package jasperwing.diagram;

import jasperwing.model.Area;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.notation.Notation;
import java.util.List;
import java.util.Optional;

/** Makes cards of entities. */
final class Cards {
    private static final double LEAST_WIDTH = 150;
    private static final double BETWEEN = 18;

    private Cards() {}

    static Card of(Design design, Entity entity, Point at, Metrics metrics) {
        List<Card.Row> rows =
                entity.attributes().stream().map(a -> row(entity, a)).toList();
        String badge = entity.outside() ? "outside" : design.isLink(entity.name()) ? "link" : "";
        double head = Card.TEXT_LEFT
                + metrics.width(entity.name(), Metrics.Face.TITLE)
                + Card.CUT
                + 12
                + (badge.isEmpty() ? 0 : metrics.width(badge, Metrics.Face.NOTE) + BETWEEN);
        double width = rows.stream().mapToDouble(r -> width(r, metrics)).reduce(Math.max(head, LEAST_WIDTH), Math::max);
        double height = Card.HEADER + rows.size() * Card.ROW + (rows.isEmpty() ? 0 : Card.FOOT);
        Box box = new Box(at.x(), at.y(), Math.ceil(width), height);
        Optional<Area> area = design.area(entity.area());
        return new Card(entity.name(), box, area.map(Area::color), badge, rows);
    }

    private static double width(Card.Row row, Metrics metrics) {
        Metrics.Face face = row.mark() == Card.Mark.KEY ? Metrics.Face.KEY : Metrics.Face.BODY;
        return Card.TEXT_LEFT
                + metrics.width(row.name(), face)
                + BETWEEN
                + metrics.width(row.type(), Metrics.Face.CODE)
                + Card.TEXT_RIGHT;
    }

    private static Card.Row row(Entity entity, Attribute attribute) {
        Card.Mark mark = entity.isKey(attribute)
                ? Card.Mark.KEY
                : attribute.unique() || isAloneUnique(entity, attribute) ? Card.Mark.UNIQUE : Card.Mark.NONE;
        return new Card.Row(attribute.name(), Notation.type(attribute), mark);
    }

    private static boolean isAloneUnique(Entity entity, Attribute attribute) {
        return entity.uniques().stream().anyMatch(u -> u.names().equals(List.of(attribute.name())));
    }
}
