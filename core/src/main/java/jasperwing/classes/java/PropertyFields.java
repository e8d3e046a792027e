package jasperwing.classes.java;

import jasperwing.classes.Property;
import jasperwing.model.Attribute;
import jasperwing.schema.Column;
import java.util.stream.Collectors;

/** The mapping of properties that lie in the row itself: single columns and values. */
final class PropertyFields {
    private static final String PERSISTENCE = "jakarta.persistence.";

    private final Imports imports;
    private final JavaTypes types;

    PropertyFields(Imports imports, JavaTypes types) {
        this.imports = imports;
        this.types = types;
    }

    /** @param provided whether the database or the provider gives the value when a row is stored */
    void column(Code code, Property property, boolean provided) {
        Attribute attribute = property.attribute();
        Column column = property.column().orElseThrow();
        String converter = types.converter(attribute.type());
        if (!converter.isEmpty()) {
            code.line(converter);
        }
        code.line(column(column, attribute));
        if ((column.required() || !attribute.optional()) && !provided) {
            code.line(types.notNull());
        }
        code.lines(types.validations(attribute));
        String initial = types.initial(attribute);
        code.line("private " + types.type(attribute.type()) + " " + property.name()
                + (initial.isEmpty() ? "" : " = " + initial) + ";");
    }

    void value(Code code, Property property) {
        code.line(annotation("Embedded"));
        overrides(code, property);
        if (!property.attribute().optional()) {
            code.line(types.notNull());
        }
        code.line("@" + imports.use("jakarta.validation.Valid"));
        code.line("private " + types.type(property.attribute().type()) + " " + property.name() + ";");
    }

    /** Where the parts of a value are kept. */
    void overrides(Code code, Property property) {
        String lines = property.parts().stream()
                .map(p -> annotation("AttributeOverride") + "(name = " + Code.quote(p.path()) + ", column = "
                        + column(p.column(), p.attribute()) + ")")
                .collect(Collectors.joining("\n"));
        lines.lines().forEach(code::line);
    }

    private String column(Column column, Attribute attribute) {
        String nullable = column.required() ? ", nullable = false" : "";
        return annotation("Column") + "(name = " + EntityFile.sqlName(column.name()) + nullable
                + JavaTypes.size(attribute.type()) + ")";
    }

    private String annotation(String name) {
        return "@" + imports.use(PERSISTENCE + name);
    }
}
