package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Spelling;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import java.util.Optional;
import java.util.stream.Stream;

/** The message about a name that is neither an attribute nor a role of an entity. */
final class UnknownNames {
    private UnknownNames() {}

    static String told(Design design, String where, String name) {
        if (name.contains("-")) {
            return "names " + name + ", which " + where
                    + " has not as an attribute or a role to one; a minus stands between spaces";
        }
        return "names " + name + ", which " + where + " has not as an attribute or a role to one"
                + nearest(design, where, name)
                        .map(n -> "; perhaps " + n + " is meant")
                        .orElse("");
    }

    private static Optional<String> nearest(Design design, String where, String name) {
        Stream<String> attributes = design.entity(where).stream()
                .flatMap(e -> InheritanceTree.line(design, e).stream())
                .flatMap(e -> e.attributes().stream())
                .map(Attribute::name);
        Stream<String> roles =
                Steps.from(design, where).stream().filter(s -> !s.many()).map(Step::name);
        return Spelling.nearest(
                name, Stream.concat(attributes, roles).distinct().toList());
    }
}
