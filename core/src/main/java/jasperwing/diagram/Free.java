package jasperwing.diagram;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Place;
import jasperwing.model.Sheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Finds a place for every card that has none: the first free cell of a grid beside what is placed. */
final class Free {
    private static final double GAP = 70;
    private static final int COLUMN = 320;

    private Free() {}

    /** The cards of a sheet: those with a place at it, the others in free cells, in the order of the design. */
    static List<Card> cards(Design design, String sheet, Metrics metrics) {
        Map<String, Place> places = new HashMap<>();
        design.places().stream().filter(p -> p.sheet().equals(sheet)).forEach(p -> places.put(p.entity(), p));
        Optional<Sheet> shown =
                design.sheets().stream().filter(s -> s.name().equals(sheet)).findFirst();
        List<Card> placed = new ArrayList<>();
        List<Entity> homeless = new ArrayList<>();
        for (Entity entity : design.entities()) {
            if (shown.isPresent() && !shown.get().entities().contains(entity.name())) {
                continue;
            }
            Place place = places.get(entity.name());
            if (place == null) {
                homeless.add(entity);
            } else {
                placed.add(Cards.of(design, entity, new Point(place.x(), place.y()), metrics));
            }
        }
        int columns = (int) Math.max(3, Math.ceil(Math.sqrt(design.entities().size())));
        BoxIndex taken = new BoxIndex();
        placed.forEach(p -> taken.add(p.box().grown(GAP)));
        int cell = 0;
        for (Entity entity : homeless) {
            Card card = Cards.of(design, entity, new Point(0, 0), metrics);
            cell = settle(card, taken, columns, cell);
            card = card.at(corner(cell, columns));
            taken.add(card.box().grown(GAP));
            placed.add(card);
        }
        return placed;
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
