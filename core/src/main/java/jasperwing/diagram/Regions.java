package jasperwing.diagram;

import jasperwing.model.Area;
import jasperwing.model.Design;
import jasperwing.model.Entity;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Draws boxes around the cards of each area: as few as can be without taking in a card of another. */
final class Regions {
    static final double MARGIN = 22;

    /** Cards farther apart than this are not held together. */
    private static final double FAR = 420;

    private Regions() {}

    static List<Region> of(Design design, Collection<Card> cards, Labels labels, RegionCache memory) {
        Map<String, List<Box>> byArea = new HashMap<>();
        List<Box> everywhere = new ArrayList<>(cards.size());
        for (Card card : cards) {
            String area = design.entity(card.entity()).map(Entity::area).orElse("");
            byArea.computeIfAbsent(area, a -> new ArrayList<>()).add(card.box());
            everywhere.add(card.box());
        }
        RegionCache.Round round = memory.begin(everywhere);
        List<Region> regions = new ArrayList<>();
        for (Area area : design.areas()) {
            List<Box> own = byArea.getOrDefault(area.name(), List.of());
            if (!own.isEmpty()) {
                List<Box> boxes = round.recall(own).orElseGet(() -> joined(own, labels.cards()));
                round.keep(own, boxes);
                List<Point> names =
                        boxes.stream().map(b -> labels.along(area.name(), b)).toList();
                regions.add(new Region(area.name(), area.color(), boxes, names));
            }
        }
        round.end();
        return regions;
    }

    /** Joins boxes, the nearest first, as long as a joined box holds cards of the area only. */
    private static List<Box> joined(List<Box> cards, BoxIndex all) {
        return new Joining(cards, all)
                .run().stream()
                        .map(b -> b.grown(MARGIN))
                        .sorted(Comparator.comparingDouble((Box b) -> -b.width() * b.height()))
                        .toList();
    }

    /** The boxes of one area on their way to few. A pair with a foreign card between it is barred, and stays so as boxes grow. */
    private static final class Joining {
        private final Set<Box> cards;
        private final BoxIndex all;
        private final List<Box> boxes;
        private final List<BitSet> barred = new ArrayList<>();

        Joining(List<Box> cards, BoxIndex all) {
            this.cards = new HashSet<>(cards);
            this.all = all;
            this.boxes = new ArrayList<>(cards);
            cards.forEach(c -> barred.add(new BitSet()));
        }

        List<Box> run() {
            int i = 0;
            while (i < boxes.size()) {
                int other = nearest(i);
                if (other < 0) {
                    i++;
                } else {
                    join(i, other);
                    i = firstNear(i);
                }
            }
            return boxes;
        }

        /** The nearest box further down that may be joined with this one; -1 when there is none. */
        private int nearest(int index) {
            int best = -1;
            double least = FAR;
            for (int i = index + 1; i < boxes.size(); i++) {
                double distance = distance(boxes.get(index), boxes.get(i));
                if (distance < least && mayJoin(index, i)) {
                    least = distance;
                    best = i;
                }
            }
            return best;
        }

        private int firstNear(int index) {
            for (int i = 0; i < index; i++) {
                if (distance(boxes.get(i), boxes.get(index)) < FAR && mayJoin(i, index)) {
                    return i;
                }
            }
            return index;
        }

        private boolean mayJoin(int a, int b) {
            if (barred.get(a).get(b)) {
                return false;
            }
            boolean free =
                    cards.containsAll(all.in(boxes.get(a).union(boxes.get(b)).grown(MARGIN)));
            if (!free) {
                barred.get(a).set(b);
                barred.get(b).set(a);
            }
            return free;
        }

        private void join(int index, int other) {
            boxes.set(index, boxes.get(index).union(boxes.get(other)));
            boxes.remove(other);
            barred.get(index).or(barred.get(other));
            barred.remove(other);
            for (int i = 0; i < barred.size(); i++) {
                BitSet row = barred.get(i);
                if (row.get(other)) {
                    row.set(index);
                }
                for (int k = other; k < boxes.size(); k++) {
                    row.set(k, row.get(k + 1));
                }
                row.clear(boxes.size(), row.size());
            }
        }
    }

    private static double distance(Box a, Box b) {
        double dx = Math.max(0, Math.max(a.x() - b.right(), b.x() - a.right()));
        double dy = Math.max(0, Math.max(a.y() - b.bottom(), b.y() - a.bottom()));
        return Math.hypot(dx, dy);
    }
}
