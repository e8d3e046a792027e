package jasperwing.findings;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.Keeping;
import jasperwing.model.OneOf;
import jasperwing.naming.Role;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;

/** One-of references that must be filled, of whose subjects none can have a row before their holder has. */
final class FirstRowRules {
    private FirstRowRules() {}

    /** @param musts the references that must be filled at once */
    static void check(Checked checked, List<Role> musts, Consumer<Finding> found) {
        if (musts.stream().noneMatch(r -> r.relationship() instanceof OneOf)) {
            return;
        }
        Set<String> storable = storable(checked.design(), musts);
        for (Role role : musts) {
            boolean stuck = role.relationship() instanceof OneOf
                    && checked.design().entity(role.holder()).isPresent()
                    && !storable.contains(role.holder())
                    && role.targets().size() > 1
                    && role.targets().stream().noneMatch(storable::contains);
            if (stuck) {
                found.accept(new Finding(
                        Rule.REQUIRED_CYCLE,
                        Subject.of(role.relationship(), role.name()),
                        "Each " + role.holder() + " must have one of " + String.join(", ", role.targets()) + " as "
                                + role.name() + " first, and each of these in the end one " + role.holder() + ".",
                        "None of them can have a first row.",
                        List.of(new Fix(
                                "Let " + role.holder() + " be without " + role.name(),
                                ReferenceRules.must(role, false)))));
            }
        }
    }

    /** Whether a row can be pointed to only when it is there: a kind and an id can name one there is not, and a late key one there will be. */
    static boolean bindsAtOnce(Checked checked, Role role) {
        boolean late = role.relationship().checkedAtEnd() && checked.dialect().defersKeys();
        return !late && (!(role.relationship() instanceof OneOf oneOf) || oneOf.kept() != Keeping.KIND_AND_ID);
    }

    /** The entities that can have a first row: of each reference they must have, some target can, or lives elsewhere. Linear. */
    private static Set<String> storable(Design design, List<Role> musts) {
        Map<String, Integer> open = new HashMap<>();
        Map<String, List<Role>> waiting = new HashMap<>();
        for (Role role : musts) {
            open.merge(role.holder(), 1, Integer::sum);
            role.targets().forEach(t -> waiting.computeIfAbsent(t, e -> new ArrayList<>())
                    .add(role));
        }
        Set<String> storable = new HashSet<>();
        Deque<String> next = new ArrayDeque<>();
        for (Entity entity : design.entities()) {
            if (entity.outside() || !open.containsKey(entity.name())) {
                next.add(entity.name());
            }
        }
        Set<Role> satisfied = new HashSet<>();
        while (!next.isEmpty()) {
            String entity = next.remove();
            if (storable.add(entity)) {
                for (Role role : waiting.getOrDefault(entity, List.of())) {
                    if (satisfied.add(role) && open.merge(role.holder(), -1, Integer::sum) == 0) {
                        next.add(role.holder());
                    }
                }
            }
        }
        return storable;
    }
}
