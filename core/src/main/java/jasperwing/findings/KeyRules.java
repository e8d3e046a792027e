package jasperwing.findings;

import jasperwing.model.Attribute;
import jasperwing.model.Entity;
import jasperwing.model.EntityEdits;
import jasperwing.model.Members;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** Entities whose rows cannot be told apart. */
final class KeyRules {
    private KeyRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        for (Entity entity : checked.design().entities()) {
            if (entity.key().isEmpty() && !checked.design().isLink(entity.name())) {
                found.accept(new Finding(
                        Rule.NO_KEY,
                        Subject.of(entity.name()),
                        entity.name() + " has no key.",
                        "Its rows cannot be told apart, and nothing can point to one.",
                        fixes(entity)));
            }
        }
    }

    private static List<Fix> fixes(Entity entity) {
        List<Fix> fixes = new ArrayList<>();
        if (entity.attribute("id").isEmpty()) {
            fixes.add(new Fix("Add id serial key", EntityEdits.change(entity.name(), e -> {
                List<Attribute> all = new ArrayList<>(List.of(Attribute.of("id", Type.of(Scalar.SERIAL))));
                all.addAll(e.attributes());
                return e.withAttributes(all).withKey(Members.of("id"));
            })));
        }
        entity.attributes().stream()
                .filter(a -> a.unique() && !a.optional() || a.name().equals("id"))
                .map(Attribute::name)
                .forEach(name -> fixes.add(new Fix(
                        "Make " + name + " the key",
                        EntityEdits.change(entity.name(), e -> e.withKey(Members.of(name))))));
        return fixes;
    }
}
