package jasperwing.classes.jakarta;

import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.model.Attribute;
import jasperwing.model.AutoTimestamp;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A method the persistence provider calls to set what is set by itself. Those of a kind leave those of what it is a kind of in force.
 *
 * @param event the annotation that tells when
 * @param method its name
 * @param properties what it sets
 */
record Callback(String event, String method, List<Property> properties) {
    /** Those of a class, in order; none that sets nothing. */
    static List<Callback> of(ModelClass subject) {
        List<Property> stamped = subject.properties().stream()
                .filter(p -> p.attribute().stamped().isPresent() && !isVersion(subject, p))
                .toList();
        List<Property> changing = stamped.stream()
                .filter(p -> p.attribute().stamped().equals(Optional.of(AutoTimestamp.UPDATE)))
                .toList();
        String own = subject.parent().isEmpty() ? "" : subject.name();
        return Stream.of(
                        new Callback("PrePersist", "stamp" + own + "Insert", stamped),
                        new Callback("PreUpdate", "stamp" + own + "Update", changing))
                .filter(c -> !c.properties().isEmpty())
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
