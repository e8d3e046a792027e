package jasperwing.formula;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.InheritanceTree;
import jasperwing.naming.Spelling;
import jasperwing.naming.Step;
import jasperwing.naming.Steps;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What is wrong with a name that is neither an attribute nor a role of an entity. */
final class UnknownNames {
    private UnknownNames() {}

    static Formula.Mistake of(Design design, String where, String name) {
        String told = "names " + name + ", which " + where + " has not as an attribute or a role to one";
        if (isMany(design, where, name)) {
            return Formula.Mistake.unknown(
                    "names " + name + ", which leads from " + where
                            + " to many; count, exists, sum, avg, min and max take many",
                    name,
                    Optional.empty());
        }
        return name.contains("-")
                ? Formula.Mistake.unknown(told + "; a minus stands between spaces", name, Optional.empty())
                : Formula.Mistake.unknown(told, name, nearest(design, where, name));
    }

    private static boolean isMany(Design design, String where, String name) {
        return Steps.from(design, where).stream()
                .anyMatch(s -> s.many() && s.name().equals(name));
    }

    /**
     * A name behind that of an attribute.
     *
     * @param whole the attribute
     * @param parts of the value it is; none of anything else
     */
    static Formula.Mistake ofPart(Attribute whole, List<Attribute> parts, String name) {
        return parts.isEmpty()
                ? Formula.Mistake.unknown(
                        "names " + name + " of " + whole.name() + ", which has no parts", name, Optional.empty())
                : Formula.Mistake.unknown(
                        "names " + name + ", which is no part of " + whole.name(),
                        name,
                        Spelling.nearest(
                                name, parts.stream().map(Attribute::name).toList()));
    }

    /** @param path what is not a role to many */
    static Formula.Mistake ofMany(Design design, String where, String function, List<String> path) {
        String first = path.get(0);
        List<String> roles = Steps.from(design, where).stream()
                .filter(Step::many)
                .map(Step::name)
                .toList();
        return Formula.Mistake.unknown(
                "takes the " + function + " of " + String.join(".", path) + ", which is no role to many of " + where,
                first,
                Spelling.nearest(first, roles));
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
