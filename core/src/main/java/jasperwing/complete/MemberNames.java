package jasperwing.complete;

import jasperwing.model.Design;
import jasperwing.model.Entity;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Roles;
import jasperwing.notation.Notation;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;

/** The attributes and roles that lines of an entity can name. */
final class MemberNames {
    private MemberNames() {}

    /** Attributes, its own and those it has as the kind it is, then roles to one; without those in a list already. */
    static List<Proposal> of(Design design, Entity entity, String typed, Collection<String> without) {
        Design whole = design.whole();
        List<Proposal> list = new ArrayList<>();
        Entity known = whole.entity(entity.name()).orElse(entity);
        for (Entity each : InheritanceTree.line(whole, known)) {
            each.attributes().forEach(a -> add(list, a.name(), Notation.type(a), typed, without));
            Roles.heldBy(whole, each.name())
                    .forEach(r -> add(list, r.name(), String.join(", ", r.targets()), typed, without));
        }
        entity.attributes().forEach(a -> add(list, a.name(), Notation.type(a), typed, without));
        return list;
    }

    private static void add(List<Proposal> list, String name, String hint, String typed, Collection<String> without) {
        String insert = Notation.name(name);
        boolean known = list.stream().anyMatch(p -> p.insert().equals(insert));
        if (!known && starts(name, typed) && !without.contains(name)) {
            list.add(new Proposal(insert, hint));
        }
    }

    /** Whether a name begins as it is typed, capitals aside; what is typed whole is not proposed. */
    static boolean starts(String name, String typed) {
        return name.toLowerCase(Locale.ROOT).startsWith(typed.toLowerCase(Locale.ROOT)) && !name.equals(typed);
    }
}
