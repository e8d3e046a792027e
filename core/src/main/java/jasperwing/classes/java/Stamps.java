package jasperwing.classes.java;

import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import jasperwing.model.Attribute;
import jasperwing.model.Stamp;
import java.util.List;
import java.util.Optional;

/** The methods the persistence provider calls to set what is set by itself. Those of a kind leave those of what it is a kind of in force. */
final class Stamps {
    private final ModelClass subject;
    private final JavaTypes types;
    private final Mappings mappings;

    Stamps(ModelClass subject, JavaTypes types, Mappings mappings) {
        this.subject = subject;
        this.types = types;
        this.mappings = mappings;
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

    void write(Code code) {
        List<Property> stamped = subject.properties().stream()
                .filter(p -> p.attribute().stamped().isPresent() && !isVersion(subject, p))
                .toList();
        String own = subject.parent().isEmpty() ? "" : subject.name();
        method(code, "PrePersist", "stamp" + own + "Insert", stamped);
        List<Property> changing = stamped.stream()
                .filter(p -> p.attribute().stamped().equals(Optional.of(Stamp.UPDATE)))
                .toList();
        method(code, "PreUpdate", "stamp" + own + "Update", changing);
    }

    private void method(Code code, String event, String name, List<Property> properties) {
        if (properties.isEmpty()) {
            return;
        }
        mappings.callback(code.blank(), event, name);
        code.line("void " + name + "() {");
        for (Property property : properties) {
            String type = types.type(property.attribute().type());
            String value = isCount(property.attribute()) ? counted(type, property.name()) : type + ".now()";
            code.line("this." + property.name() + " = " + value + ";");
        }
        code.line("}");
    }

    private static String counted(String type, String name) {
        String next = name + " == null ? " + (type.equals("Long") ? "0L" : "0") + " : " + name + " + 1";
        return type.equals("Short") ? "(short) (" + next + ")" : next;
    }
}
