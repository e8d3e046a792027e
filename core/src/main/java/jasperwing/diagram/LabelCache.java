package jasperwing.diagram;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Where the labels of the scene built last stand. A label is recalled only where nothing it could stand at has changed since. */
final class LabelCache {
    /** The n-th of several labels that say the same along the same route. */
    record Key(String label, List<Point> route, int nth) {

        @Override
        public boolean equals(Object other) {
            return other == this
                    || other instanceof Key o && label.equals(o.label) && route.equals(o.route) && nth == o.nth;
        }

        @Override
        public int hashCode() {
            return 31 * (31 * label.hashCode() + route.hashCode()) + nth;
        }
    }

    private Map<Key, Box> places = Map.of();

    /** The labels of one scene. */
    final class Round {
        private final Map<Key, Box> found = new HashMap<>();
        private final BoxIndex changed;

        private Round(BoxIndex changed, List<Key> wanted) {
            this.changed = changed;
            Map<Key, Box> gone = new HashMap<>(places);
            wanted.forEach(gone::remove);
            gone.values().forEach(changed::add);
        }

        Optional<Box> recall(Key key, Box reach) {
            return Optional.ofNullable(places.get(key)).filter(b -> !changed.anyIn(reach));
        }

        void searched(Key key, Box place) {
            Box before = places.get(key);
            if (!place.equals(before)) {
                changed.add(place);
                if (before != null) {
                    changed.add(before);
                }
            }
        }

        void keep(Key key, Box place) {
            found.put(key, place);
        }

        void end() {
            places = found;
        }
    }

    /** The same labels, for another thread. */
    LabelCache copy() {
        LabelCache copy = new LabelCache();
        copy.places = places;
        return copy;
    }

    /** @param changed where the sheet is not what it was; labels that go or move are added to it */
    Round begin(BoxIndex changed, List<Key> wanted) {
        return new Round(changed, wanted);
    }
}
