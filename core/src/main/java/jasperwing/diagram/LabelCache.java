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

    /** Within which labels stood. */
    private Box sheet = new Box(0, 0, 0, 0);

    /** The labels of one scene. */
    final class Round {
        private final Map<Key, Box> found = new HashMap<>();
        private final BoxIndex changed;
        private final Box within;

        private Round(BoxIndex changed, Box within, List<Key> wanted) {
            this.changed = changed;
            this.within = within;
            Map<Key, Box> gone = new HashMap<>(places);
            wanted.forEach(gone::remove);
            gone.values().forEach(changed::add);
        }

        Optional<Box> recall(Key key, Box reach) {
            return Optional.ofNullable(places.get(key))
                    .filter(b -> isWithinBoth(reach))
                    .filter(b -> !changed.anyIn(reach));
        }

        private boolean isWithinBoth(Box reach) {
            return within.equals(sheet) || within.contains(reach) && sheet.contains(reach);
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
            sheet = within;
        }
    }

    /** The same labels, for another thread. */
    LabelCache copy() {
        LabelCache copy = new LabelCache();
        copy.places = places;
        copy.sheet = sheet;
        return copy;
    }

    /**
     * @param changed where the sheet is not what it was; labels that go or move are added to it
     * @param within where labels can stand
     */
    Round begin(BoxIndex changed, Box within, List<Key> wanted) {
        return new Round(changed, within, wanted);
    }
}
