package jasperwing.classes.jakarta;

import jasperwing.classes.Association;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.model.Attribute;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.DeleteRule;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A method the persistence provider calls: to set what is set by itself, or to refuse that an object is deleted. Those of a kind leave those of what it is
 * a kind of in force.
 *
 * @param event the annotation that tells when
 * @param method its name
 * @param fields the names of the fields it sets; of {@code PreRemove} those of collections that must be empty
 */
record Callback(String event, String method, List<String> fields) {
    /** Those of a class, in order; none that has nothing to do. */
    static List<Callback> of(ModelClass subject) {
        List<Property> stamped = subject.properties().stream()
                .filter(p -> p.attribute().stamped().isPresent() && !isVersion(subject, p))
                .toList();
        List<Property> changing = stamped.stream()
                .filter(p -> p.attribute().stamped().equals(Optional.of(AutoTimestamp.UPDATE)))
                .toList();
        String own = subject.parent().isEmpty() ? "" : subject.name();
        return Stream.of(
                        new Callback("PrePersist", "stamp" + own + "Insert", names(stamped)),
                        new Callback("PreUpdate", "stamp" + own + "Update", names(changing)),
                        new Callback("PreRemove", "check" + own + "Unpaired", guarded(subject)))
                .filter(c -> !c.fields().isEmpty())
                .toList();
    }

    private static List<String> names(List<Property> properties) {
        return properties.stream().map(Property::name).toList();
    }

    /** The pairs that forbid to delete an object. A provider removes those of the owner itself, so that no foreign key would refuse. */
    private static List<String> guarded(ModelClass subject) {
        return subject.associations().stream()
                .filter(a -> a instanceof Association.Joined joined && joined.onDelete() == DeleteRule.REFUSE
                        || a instanceof Association.JoinedInverse inverse && inverse.onDelete() == DeleteRule.REFUSE)
                .map(Association::name)
                .toList();
    }

    /** Whether the provider counts a property up itself, and refuses to change what another has changed: the first count is, but of a kind. */
    static boolean isVersion(ModelClass subject, Property property) {
        return subject.parent().isEmpty()
                && subject.properties().stream()
                        .filter(p -> isCount(p.attribute()))
                        .findFirst()
                        .filter(property::equals)
                        .isPresent();
    }

    private static boolean isCount(Attribute attribute) {
        return attribute.stamped().isPresent() && attribute.type().isNumeric();
    }
}
