package jasperwing.diagram;

import jasperwing.model.Area;
import jasperwing.model.Design;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Draws boxes around the cards of each area: as few as can be without taking in a card of another. */
final class Regions {
    private static final double MARGIN = 22;

    /** Cards farther apart than this are not held together. */
    private static final double FAR = 420;

    private Regions() {}

    static List<Region> of(Design design, Collection<Card> cards) {
        Map<String, Card> byName =
                cards.stream().collect(Collectors.toMap(Card::entity, Function.identity(), (a, b) -> a));
        BoxIndex all = new BoxIndex(cards.stream().map(Card::box).toList());
        List<Region> regions = new ArrayList<>();
        for (Area area : design.areas()) {
            List<Box> own = design.entities().stream()
                    .filter(e -> e.area().equals(area.name()) && byName.containsKey(e.name()))
                    .map(e -> byName.get(e.name()).box())
                    .distinct()
                    .toList();
            if (!own.isEmpty()) {
                List<Box> boxes = joined(own, all);
                regions.add(new Region(area.name(), area.color(), boxes));
            }
        }
        return regions;
    }

    /** Joins boxes, the nearest first, as long as a joined box holds cards of the area only. */
    private static List<Box> joined(List<Box> cards, BoxIndex all) {
        List<Box> boxes = new ArrayList<>(cards);
        boolean again = true;
        while (again) {
            again = false;
            for (int i = 0; i < boxes.size() && !again; i++) {
                int other = nearest(boxes, i, cards, all);
                if (other >= 0) {
                    Box both = boxes.get(i).union(boxes.get(other));
                    boxes.set(i, both);
                    boxes.remove(other);
                    again = true;
                }
            }
        }
        return boxes.stream()
                .map(b -> b.grown(MARGIN))
                .sorted(Comparator.comparingDouble((Box b) -> -b.width() * b.height()))
                .toList();
    }

    private static int nearest(List<Box> boxes, int index, List<Box> cards, BoxIndex all) {
        Box box = boxes.get(index);
        int best = -1;
        double least = FAR;
        for (int i = index + 1; i < boxes.size(); i++) {
            double distance = distance(box, boxes.get(i));
            if (distance < least
                    && cards.containsAll(all.in(box.union(boxes.get(i)).grown(MARGIN)))) {
                least = distance;
                best = i;
            }
        }
        return best;
    }

    private static double distance(Box a, Box b) {
        double dx = Math.max(0, Math.max(a.x() - b.right(), b.x() - a.right()));
        double dy = Math.max(0, Math.max(a.y() - b.bottom(), b.y() - a.bottom()));
        return Math.hypot(dx, dy);
    }
}
