package jasperwing.diagram;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Neighbours;
import jasperwing.model.Place;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Finds a place for every card that has none: beside what it is related to, as near as it fits; when it is related to nothing that
 * stands, or very many have none, in the first free cell of a grid.
 */
public final class CardPlacement {
    private static final double GAP = 70;
    private static final int COLUMN = 320;
    private static final double STEP = 30;

    /** For as many rings at once it is found out what stands there. */
    private static final int RINGS = 16;

    /** More cards than this without a place are put in rows, to be arranged. */
    private static final int MANY = 40;

    private CardPlacement() {}

    /** The cards of a sheet: those with a place at it, the others in free cells, in the order of the design. */
    static List<Card> cards(Design design, String sheet, Cards cards) {
        Map<String, Place> places = new HashMap<>();
        design.places().stream().filter(p -> p.sheet().equals(sheet)).forEach(p -> places.put(p.entity(), p));
        Optional<HashSet<String>> shown = design.sheets().stream()
                .filter(s -> s.name().equals(sheet))
                .findFirst()
                .map(s -> new HashSet<>(s.entities()));
        List<Card> placed = new ArrayList<>();
        List<Entity> homeless = new ArrayList<>();
        for (Entity entity : design.entities()) {
            if (shown.isPresent() && !shown.get().contains(entity.name())) {
                continue;
            }
            Place place = places.get(entity.name());
            if (place == null) {
                homeless.add(entity);
            } else {
                placed.add(cards.of(entity, new Point(place.x(), place.y())));
            }
        }
        return settled(design, homeless, placed, cards);
    }

    private static List<Card> settled(Design design, List<Entity> homeless, List<Card> placed, Cards cards) {
        if (homeless.isEmpty()) {
            return placed;
        }
        int columns = (int) Math.max(3, Math.ceil(Math.sqrt(design.entities().size())));
        Taken taken = new Taken(placed);
        int cell = 0;
        for (Entity entity : homeless) {
            Card card = cards.of(entity, new Point(0, 0));
            Optional<Point> beside = homeless.size() > MANY ? Optional.empty() : wanted(design, entity.name(), placed);
            if (beside.isPresent()) {
                card = card.at(near(card.box(), beside.get(), taken));
            } else {
                cell = settle(card, taken.index(), columns, cell);
                card = card.at(corner(cell, columns));
            }
            taken.add(card);
            placed.add(card);
        }
        return placed;
    }

    /** What cards take up, with the gap around them. */
    private static final class Taken {
        private final List<Box> boxes = new ArrayList<>();
        private BoxIndex index;

        Taken(List<Card> cards) {
            cards.forEach(this::add);
        }

        void add(Card card) {
            Box box = card.box().grown(GAP);
            boxes.add(box);
            if (index != null) {
                index.add(box);
            }
        }

        /** Made when first asked for: a few cards are placed without. */
        BoxIndex index() {
            if (index == null) {
                index = new BoxIndex(boxes);
            }
            return index;
        }

        List<Box> in(Box area) {
            return boxes.stream().filter(area::overlaps).toList();
        }
    }

    /** Right of the middle of all that stand and are related to the entity. */
    private static Optional<Point> wanted(Design design, String entity, List<Card> placed) {
        Set<String> related = new HashSet<>(Neighbours.within(design, entity, 1));
        List<Box> boxes = placed.stream()
                .filter(c -> related.contains(c.entity()))
                .map(Card::box)
                .toList();
        return boxes.stream()
                .reduce(Box::union)
                .map(b -> boxes.size() == 1
                        ? new Point(b.right() + GAP + 100, b.center().y())
                        : b.center());
    }

    /** Where the upper left corner of a new card is, for the card to lie as near to a point as it can without covering another. */
    public static Point near(Scene scene, Point middle, double width, double height) {
        return near(new Box(0, 0, width, height), middle, new Taken(scene.cards()));
    }

    /** The upper left corner of a box with its middle at the free place nearest to the one wanted, in rings around it. */
    private static Point near(Box size, Point wanted, Taken taken) {
        double left = wanted.x() - size.width() / 2;
        double top = wanted.y() - size.height() / 2;
        int known = 0;
        List<Box> around = List.of();
        for (int ring = 0; ; ring++) {
            if (ring >= known) {
                known += RINGS;
                around = taken.in(new Box(left, top, size.width(), size.height()).grown(known * STEP));
            }
            for (int i = -ring; i <= ring; i++) {
                double[][] offsets = {{ring, i}, {i, ring}, {-ring, i}, {i, -ring}};
                for (double[] offset : offsets) {
                    Point corner = new Point(Math.rint(left + offset[0] * STEP), Math.rint(top + offset[1] * STEP));
                    Box tried = new Box(corner.x(), corner.y(), size.width(), size.height());
                    if (around.stream().noneMatch(tried::overlaps)) {
                        return corner;
                    }
                }
            }
        }
    }

    /** The first cell from the given one on that the card fits in. */
    private static int settle(Card card, BoxIndex taken, int columns, int from) {
        for (int cell = from; ; cell++) {
            if (!taken.anyIn(card.at(corner(cell, columns)).box())) {
                return cell;
            }
        }
    }

    private static Point corner(int cell, int columns) {
        return new Point(60 + (double) (cell % columns) * COLUMN, 50 + (double) (cell / columns) * 60);
    }
}
