package jasperwing.diagram;

import jasperwing.model.Differing;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The grounds of the scene built last. A ground is recalled only where no card near it has changed since. */
final class RegionCache {
    private List<Box> cards = List.of();
    private Map<List<Box>, List<Box>> grounds = Map.of();

    /** The grounds of one scene. */
    final class Round {
        private final List<Box> now;
        private final BoxIndex changed = new BoxIndex();
        private final Map<List<Box>, List<Box>> found = new HashMap<>();

        private Round(List<Box> now) {
            this.now = now;
            Differing differing = Differing.by(Box::equals, cards, now);
            Set<Box> gone = new HashSet<>(differing.of(cards));
            Set<Box> come = new HashSet<>(differing.of(now));
            come.stream().filter(b -> !gone.contains(b)).forEach(changed::add);
            gone.stream().filter(b -> !come.contains(b)).forEach(changed::add);
        }

        /** The ground of an area's cards, which lies within the box around them all. */
        Optional<List<Box>> recall(List<Box> own) {
            return Optional.ofNullable(grounds.get(own)).filter(g -> !changed.anyIn(around(own)));
        }

        void keep(List<Box> own, List<Box> ground) {
            found.put(own, ground);
        }

        void end() {
            cards = now;
            grounds = found;
        }
    }

    Round begin(List<Box> now) {
        return new Round(List.copyOf(now));
    }

    /** The same grounds, for another thread. */
    RegionCache copy() {
        RegionCache copy = new RegionCache();
        copy.cards = cards;
        copy.grounds = grounds;
        return copy;
    }

    private static Box around(List<Box> boxes) {
        return boxes.stream().reduce(Box::union).orElseThrow().grown(Regions.MARGIN);
    }
}
