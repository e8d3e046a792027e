package jasperwing.diagram;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The routes of the scene built last, so that an edit pays only for those it concerns. A route is recalled only where nothing within
 * its reach has changed since, so what is drawn does not depend on what was drawn before; unless patience ends, when routes are kept as
 * long as nothing new stands in their way. Confined to one thread at a time.
 */
final class RouteCache {
    /** The n-th of several routes with the same ends. */
    record Key(Router.Ends ends, int nth) {

        @Override
        public boolean equals(Object other) {
            return other == this || other instanceof Key o && ends.equals(o.ends) && nth == o.nth;
        }

        @Override
        public int hashCode() {
            return 31 * ends.hashCode() + nth;
        }
    }

    private Set<Box> minded = Set.of();
    private Map<Key, List<Point>> routes = Map.of();
    private int searched;
    private int hasty;

    private final boolean empty;

    RouteCache() {
        this(false);
    }

    private RouteCache(boolean empty) {
        this.empty = empty;
    }

    /** A memory that holds nothing and is not asked what has changed. */
    static RouteCache empty() {
        return new RouteCache(true);
    }

    /** Whether it holds nothing and is not asked what has changed. */
    boolean isEmpty() {
        return empty;
    }

    /** What has to be found now, and where the sheet is not what it was. */
    final class Round {
        private final Map<Key, List<Point>> found = new HashMap<>();
        private final BoxIndex changed = new BoxIndex();
        private final BoxIndex fresh = new BoxIndex();
        private final Set<Box> minding;
        private final int patience;

        private Round(Set<Box> minding, List<Key> wanted, int patience) {
            this.minding = minding;
            this.patience = patience;
            if (empty) {
                return;
            }
            minding.stream().filter(b -> !minded.contains(b)).forEach(b -> {
                fresh.add(b);
                changed.add(b);
            });
            minded.stream().filter(b -> !minding.contains(b)).forEach(changed::add);
            Set<Key> keys = new HashSet<>(wanted);
            routes.forEach((key, route) -> {
                if (!keys.contains(key)) {
                    changed(route);
                }
            });
        }

        private void changed(List<Point> route) {
            for (int i = 1; i < route.size(); i++) {
                changed.add(Box.around(route.get(i - 1), route.get(i)).grown(0.1));
            }
        }

        Optional<List<Point>> recall(Key key, Box reach) {
            List<Point> route = routes.get(key);
            if (route == null || !changed.anyIn(reach)) {
                return Optional.ofNullable(route);
            }
            if (searched < patience || isBarred(route)) {
                return Optional.empty();
            }
            hasty++;
            return Optional.of(route);
        }

        /** Whether something has come to stand in its way. */
        private boolean isBarred(List<Point> route) {
            for (int i = 1; i < route.size(); i++) {
                if (fresh.anyIn(Box.around(route.get(i - 1), route.get(i)).grown(0.1))) {
                    return true;
                }
            }
            return false;
        }

        void searched(Key key, List<Point> route) {
            searched++;
            List<Point> before = routes.get(key);
            if (!route.equals(before)) {
                changed(route);
                if (before != null) {
                    changed(before);
                }
            }
        }

        void keep(Key key, List<Point> route) {
            found.put(key, route);
        }

        /** Remembers what was found. @return where the sheet is not what it was, lines included */
        BoxIndex end() {
            routes = found;
            minded = minding;
            return changed;
        }
    }

    /**
     * @param minding every box and sign on the sheet
     * @param patience how many routes may be searched for before those that are still clear are kept, though better ones may be found
     */
    Round begin(Set<Box> minding, List<Key> wanted, int patience) {
        searched = 0;
        hasty = 0;
        return new Round(minding, wanted, patience);
    }

    /** The same routes, for another thread. */
    RouteCache copy() {
        RouteCache copy = new RouteCache();
        copy.minded = minded;
        copy.routes = routes;
        return copy;
    }

    /** How many routes of the scene built last were kept though better ones may be found. */
    int hasty() {
        return hasty;
    }

    /** The ends as keys: of equal ones each has a number of its own. */
    static List<Key> keys(List<Router.Ends> all) {
        Map<Router.Ends, Integer> counts = new HashMap<>();
        List<Key> keys = new ArrayList<>();
        all.forEach(e -> keys.add(new Key(e, counts.merge(e, 1, Integer::sum))));
        return keys;
    }

    /** How many routes of the scene built last had to be searched for. */
    int searched() {
        return searched;
    }
}
