package jasperwing.findings;

import jasperwing.classes.targets.Target;
import jasperwing.classes.targets.Targets;
import jasperwing.model.BinaryRelationship;
import jasperwing.model.CodeTarget;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Choices for targets that there are not. */
final class OptionRules {
    private static final String CASCADE = "cascade";

    private OptionRules() {}

    /** What a folder of the user's takes is told when its files are made. */
    static void check(Checked checked, Consumer<Finding> found) {
        for (CodeTarget chosen : checked.design().targets()) {
            Targets.find(chosen.target()).ifPresent(target -> check(checked.design(), target, chosen, found));
        }
    }

    private static void check(Design design, Target target, CodeTarget chosen, Consumer<Finding> found) {
        target.unknownOptions(chosen).forEach((word, message) -> found.accept(unknown(chosen, word, message)));
        Stream.of(chosen.option(CASCADE).split("[,\\s]+"))
                .filter(r -> !r.isEmpty() && target.option(CASCADE).isPresent())
                .filter(r -> !isRole(design, r))
                .findFirst()
                .ifPresent(r -> found.accept(noRole(chosen, r)));
    }

    /** Whether it is an entity and a role at one of its relationships, as in {@code Dive.photos}. */
    private static boolean isRole(Design design, String said) {
        int point = said.lastIndexOf('.');
        String entity = said.substring(0, Math.max(0, point));
        String role = said.substring(point + 1);
        return design.relationshipsOf(entity).stream().anyMatch(r -> isRole(r, entity, role));
    }

    /** Of an end of a link it is the links that are stored; what they lead to is read through them. */
    private static boolean isRole(Relationship relationship, String entity, String role) {
        Optional<BinaryRelationship> linked =
                relationship.match(Optional::of, oneOf -> Optional.<BinaryRelationship>empty());
        linked = linked.filter(t -> t.shape() == BinaryRelationship.Shape.LINKED);
        if (linked.isPresent() && !linked.get().via().equals(entity)) {
            return role.startsWith(Plurals.plural(Words.camel(linked.get().via())));
        }
        return linked.isPresent()
                ? Roles.of(relationship).stream().anyMatch(r -> r.name().equals(role))
                : relationship.from().equals(entity)
                                && Roles.forward(relationship).equals(role)
                        || relationship.targets().contains(entity)
                                && Roles.back(relationship).equals(role);
    }

    private static Finding noRole(CodeTarget target, String role) {
        return new Finding(
                Rule.UNKNOWN_OPTION,
                Subject.of(target.target(), CASCADE),
                "'cascade' of " + target.target() + " names " + role + ", which is no role of an entity.",
                "Nothing is stored with what was meant.",
                List.of(new Fix("Remove it", CodeTargetEdits.choose(target.target(), CASCADE, ""))));
    }

    private static Finding unknown(CodeTarget target, String word, String message) {
        return new Finding(
                Rule.UNKNOWN_OPTION,
                Subject.of(target.target(), word),
                message,
                "The usual choice holds.",
                List.of(new Fix("Remove it", CodeTargetEdits.choose(target.target(), word, ""))));
    }
}
