package jasperwing.model;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Finds what became of the parts of a list: by what they are, then by one identity after the other. Linear in the parts that are not the same. */
final class PartMatcher<T> {
    /** An identity; null for a part that has none. */
    private record Identity<T>(Function<? super T, ?> before, Function<? super T, ?> after) {}

    private final List<Identity<T>> identities = new ArrayList<>();

    /** By what they are alone. */
    PartMatcher() {
        or(Function.identity(), Function.identity());
    }

    static <T> PartMatcher<T> by(Function<? super T, ?> identity) {
        return new PartMatcher<T>().or(identity, identity);
    }

    /** Where nothing else tells, by another identity. */
    PartMatcher<T> or(Function<? super T, ?> before, Function<? super T, ?> after) {
        identities.add(new Identity<>(before, after));
        return this;
    }

    Changes<T> changes(List<T> before, List<T> after) {
        Differing differing = Differing.by((a, b) -> a == b || a.equals(b), before, after);
        List<T> had = differing.of(before);
        List<T> has = differing.of(after);
        int[] partners = partners(had, has);
        List<Change<T>> all = new ArrayList<>();
        boolean[] kept = new boolean[had.size()];
        boolean reordered = false;
        int last = -1;
        for (int i = 0; i < partners.length; i++) {
            T now = has.get(i);
            if (partners[i] < 0) {
                all.add(new Change<>(Optional.empty(), Optional.of(now)));
                continue;
            }
            T was = had.get(partners[i]);
            kept[partners[i]] = true;
            reordered |= partners[i] < last;
            last = Math.max(last, partners[i]);
            if (!was.equals(now)) {
                all.add(new Change<>(Optional.of(was), Optional.of(now)));
            }
        }
        for (int i = 0; i < kept.length; i++) {
            if (!kept[i]) {
                all.add(new Change<>(Optional.of(had.get(i)), Optional.empty()));
            }
        }
        return new Changes<>(all, reordered);
    }

    /** For each part that is there now the place of the one it was; -1 for one that was not there. */
    private int[] partners(List<T> had, List<T> has) {
        int[] partners = new int[has.size()];
        Arrays.fill(partners, -1);
        boolean[] taken = new boolean[had.size()];
        for (Identity<T> identity : identities) {
            Map<Object, Deque<Integer>> free = new HashMap<>();
            for (int i = 0; i < taken.length; i++) {
                Object key = taken[i] ? null : identity.before().apply(had.get(i));
                if (key != null) {
                    free.computeIfAbsent(key, k -> new ArrayDeque<>(1)).add(i);
                }
            }
            for (int i = 0; i < partners.length; i++) {
                Object key = partners[i] >= 0 ? null : identity.after().apply(has.get(i));
                Deque<Integer> found = key == null ? null : free.get(key);
                if (found != null && !found.isEmpty()) {
                    partners[i] = found.remove();
                    taken[partners[i]] = true;
                }
            }
        }
        return partners;
    }
}
