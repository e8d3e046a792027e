package jasperwing.model;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Makes a design of the parts of another where they are equal, so that what was found out about these still stands. */
public final class SharedParts {
    private SharedParts() {}

    /**
     * The later design, as an edit of the former: equal to it, with the former's own entities, relationships and other parts where those are
     * equal. Linear in the parts.
     */
    public static Design of(Design former, Design later) {
        Design shared = later.name().equals(former.name()) ? former : former.withName(later.name());
        shared = later.naming().equals(shared.naming()) ? shared : shared.withNaming(later.naming());
        shared = with(shared, later, Design::areas, Design::withAreas);
        shared = with(shared, later, Design::enums, Design::withEnums);
        shared = with(shared, later, Design::groups, Design::withGroups);
        shared = with(shared, later, Design::entities, Design::withEntities);
        shared = with(shared, later, Design::relationships, Design::withRelationships);
        shared = with(shared, later, Design::sheets, Design::withSheets);
        shared = with(shared, later, Design::accepted, Design::withAccepted);
        shared = with(shared, later, Design::targets, Design::withTargets);
        shared = with(shared, later, Design::places, Design::withPlaces);
        return later.comments().equals(shared.comments()) ? shared : shared.withComments(later.comments());
    }

    private static <T> Design with(
            Design shared, Design later, Function<Design, List<T>> parts, BiFunction<Design, List<T>, Design> change) {
        List<T> had = parts.apply(shared);
        List<T> has = parts.apply(later);
        Differing differing = Differing.by((a, b) -> a == b || a.equals(b), had, has);
        if (had.size() == has.size() && differing.start() == has.size()) {
            return shared;
        }
        List<T> all = new ArrayList<>(has.size());
        all.addAll(had.subList(0, differing.start()));
        all.addAll(shared(differing.of(had), differing.of(has)));
        all.addAll(had.subList(had.size() - differing.end(), had.size()));
        return change.apply(shared, all);
    }

    /** Each of the former's parts stands for one that is equal. */
    private static <T> List<T> shared(List<T> had, List<T> has) {
        Map<T, Deque<T>> known = new HashMap<>();
        had.forEach(p -> known.computeIfAbsent(p, e -> new ArrayDeque<>(1)).add(p));
        return has.stream()
                .map(p -> {
                    Deque<T> equal = known.get(p);
                    return equal == null || equal.isEmpty() ? p : equal.remove();
                })
                .toList();
    }
}
