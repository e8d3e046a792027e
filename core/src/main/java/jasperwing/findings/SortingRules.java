package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Edit;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.SortKey;
import jasperwing.model.SortedReading;
import jasperwing.model.Sorting;
import jasperwing.model.SortingEdits;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** Orders are by what gives one, and an order that is kept can be. */
final class SortingRules {
    private final Design design;
    private final Consumer<Finding> found;

    private SortingRules(Design design, Consumer<Finding> found) {
        this.design = design;
        this.found = found;
    }

    static void check(Checked checked, Consumer<Finding> found) {
        SortingRules rules = new SortingRules(checked.design(), found);
        List<SortedReading> all = SortedReading.of(checked.design());
        all.forEach(rules::unknown);
        rules.positions(all);
    }

    private void unknown(SortedReading sorted) {
        if (design.entity(sorted.many()).isEmpty()) {
            return;
        }
        for (SortKey key : sorted.sorting().keys()) {
            if (sorted.resolved(design, key).isEmpty()) {
                found.accept(unknown(sorted, key));
            }
        }
    }

    private Finding unknown(SortedReading sorted, SortKey key) {
        String many = sorted.many();
        String start = Plurals.plural(many) + " are to come in ";
        String what = sorted.sorting().kept()
                ? start + "an order kept in " + key.words() + ", which is no whole number of " + holder(sorted)
                        + " outside its key."
                : start + "order of " + key.words() + ", which is no attribute of " + many + " that gives an order.";
        Optional<Sorting> left = sorted.sorting().with(k -> Optional.of(k).filter(o -> !o.equals(key)));
        String fix = left.isEmpty() ? "Let them come in any order" : "Take " + key.words() + " out of the order";
        return new Finding(
                Rule.UNKNOWN_NAME,
                Subject.of(sorted.relationship(), ""),
                what,
                left.isEmpty() ? "They would come in any order." : "They would come in order of the others alone.",
                List.of(new Fix(fix, SortingEdits.replace(sorted, left))));
    }

    /** Whose rows are numbered. */
    private static String holder(SortedReading sorted) {
        return sorted.relationship().match(b -> b.via().isEmpty() ? sorted.many() : b.via(), oneOf -> sorted.many());
    }

    private void positions(List<SortedReading> all) {
        Map<String, SortedReading> kept = new HashMap<>();
        for (SortedReading sorted : all) {
            if (!sorted.sorting().kept() || sorted.resolved(design).isEmpty()) {
                continue;
            }
            SortedReading.Resolved position = sorted.resolved(design).get(0);
            String owner = position.owner(design);
            String name = position.leaf().name();
            SortedReading other = kept.putIfAbsent(owner + "\0" + name, sorted);
            if (other != null) {
                found.accept(twice(sorted, other, owner, name));
            }
            unique(sorted, owner, name);
        }
    }

    private Finding twice(SortedReading sorted, SortedReading other, String owner, String position) {
        Edit edit = SortingEdits.replace(sorted, Optional.of(Sorting.by(SortKey.by(position))));
        return new Finding(
                Rule.POSITIONS_COLLIDE,
                Subject.of(sorted.relationship(), ""),
                owner + "'s " + position + " is to keep two orders, that of " + role(other) + " and that of "
                        + role(sorted) + ".",
                "Who moves one among those of one list moves it in the other too.",
                List.of(new Fix("Let the second be read in that order and not keep it", edit)));
    }

    private static String role(SortedReading sorted) {
        String name = sorted.forward() ? Roles.forward(sorted.relationship()) : Roles.back(sorted.relationship());
        return sorted.starts().get(0) + "'s " + name;
    }

    private void unique(SortedReading sorted, String owner, String position) {
        Optional<Entity> entity = design.entity(owner);
        boolean alone = entity.flatMap(e -> e.attribute(position))
                .filter(a -> a.unique())
                .isPresent();
        boolean together = entity.stream().flatMap(e -> e.uniques().stream()).anyMatch(u -> u.names()
                .contains(position));
        if (!alone && !together) {
            return;
        }
        Edit free = EntityEdits.change(
                        owner,
                        e -> e.withUniques(e.uniques().stream()
                                .filter(u -> !u.names().contains(position))
                                .toList()))
                .then(EntityEdits.changeAttribute(owner, position, a -> a.withUnique(false)));
        found.accept(new Finding(
                Rule.POSITIONS_COLLIDE,
                Subject.of(owner, position),
                owner + "'s " + position + " is unique and keeps the order of " + role(sorted) + ".",
                "Two that change places have the same number for a moment, and the database refuses the first.",
                List.of(new Fix("Let two have the same " + position, free))));
    }
}
