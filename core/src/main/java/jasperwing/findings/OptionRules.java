package jasperwing.findings;

import jasperwing.model.BinaryRelationship;
import jasperwing.model.CodeTarget;
import jasperwing.model.CodeTargetEdits;
import jasperwing.model.Design;
import jasperwing.model.Relationship;
import jasperwing.model.TargetOption;
import jasperwing.naming.Plurals;
import jasperwing.naming.Roles;
import jasperwing.naming.Words;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Choices for targets that there are not. */
final class OptionRules {
    private OptionRules() {}

    static void check(Checked checked, Consumer<Finding> found) {
        for (CodeTarget target : checked.design().targets()) {
            target.options().forEach((word, value) -> {
                Optional<TargetOption> option = TargetOption.of(word);
                if (option.isEmpty() || !option.get().takes(value)) {
                    found.accept(unknown(target, word, value, option));
                }
            });
            target.named(TargetOption.CASCADE).stream()
                    .filter(r -> !isRole(checked.design(), r))
                    .findFirst()
                    .ifPresent(r -> found.accept(noRole(target, r)));
        }
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
                Subject.of(target.target(), TargetOption.CASCADE.word()),
                "'cascade' of " + target.target() + " names " + role + ", which is no role of an entity.",
                "Nothing is stored with what was meant.",
                List.of(new Fix("Remove it", CodeTargetEdits.without(target.target(), TargetOption.CASCADE.word()))));
    }

    private static Finding unknown(CodeTarget target, String word, String value, Optional<TargetOption> option) {
        String said = option.isPresent()
                ? "cannot be " + value + ": it is "
                        + String.join(" or ", option.get().choices())
                : "is no option of a target";
        return new Finding(
                Rule.UNKNOWN_OPTION,
                Subject.of(target.target(), word),
                "'" + word + "' of " + target.target() + " " + said + ".",
                "The usual choice holds.",
                List.of(new Fix("Remove it", CodeTargetEdits.without(target.target(), word))));
    }
}
