package jasperwing.arrange;

import jasperwing.diagram.Box;
import jasperwing.diagram.Point;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Puts blocks beside each other: the one with most ties first, then always the one with most ties to those that stand, as near to them as it
 * fits. Quadratic in the number of blocks.
 */
final class Neighbourhood {
    private static final double STREET = 130;

    private final Map<String, Block> blocks;
    private final Map<String, Box> settled = new LinkedHashMap<>();

    Neighbourhood(Map<String, Block> blocks) {
        this.blocks = blocks;
    }

    /** @param weights how many lines run between two blocks */
    Block settle(Map<Arrange.Line, Integer> weights) {
        Map<String, Map<String, Integer>> binaries = new LinkedHashMap<>();
        blocks.keySet().forEach(b -> binaries.put(b, new LinkedHashMap<>()));
        weights.forEach((line, weight) -> {
            if (!line.from().equals(line.to())) {
                binaries.get(line.from()).merge(line.to(), weight, Integer::sum);
                binaries.get(line.to()).merge(line.from(), weight, Integer::sum);
            }
        });
        Set<String> waiting = new LinkedHashSet<>(blocks.keySet());
        Map<String, Box> all = new LinkedHashMap<>();
        while (!waiting.isEmpty()) {
            String next = next(waiting, binaries);
            waiting.remove(next);
            Box place = place(blocks.get(next), binaries.get(next));
            settled.put(next, place);
            all.putAll(blocks.get(next).at(place.x(), place.y()).boxes());
        }
        return new Block(all);
    }

    private String next(Set<String> waiting, Map<String, Map<String, Integer>> binaries) {
        String best = null;
        int most = -1;
        for (String name : waiting) {
            int weight = binaries.get(name).entrySet().stream()
                    .filter(e -> settled.isEmpty() || settled.containsKey(e.getKey()))
                    .mapToInt(Map.Entry::getValue)
                    .sum();
            if (weight > most) {
                most = weight;
                best = name;
            }
        }
        return best;
    }

    private Box place(Block block, Map<String, Integer> binaries) {
        Box bounds = block.bounds();
        Point wanted = wanted(binaries);
        Block whole = new Block(Map.of("", new Box(0, 0, bounds.width(), bounds.height())));
        List<Box> others = new ArrayList<>(settled.values());
        return whole.centredAt(wanted).clear(others, STREET).bounds();
    }

    private Point wanted(Map<String, Integer> binaries) {
        double weight = 0;
        double x = 0;
        double y = 0;
        for (Map.Entry<String, Box> other : settled.entrySet()) {
            double share = binaries.getOrDefault(other.getKey(), 0) + 0.1;
            weight += share;
            x += share * other.getValue().center().x();
            y += share * other.getValue().center().y();
        }
        return weight == 0 ? new Point(0, 0) : new Point(x / weight, y / weight);
    }
}
