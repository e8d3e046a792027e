package jasperwing.classes.java;

import jasperwing.classes.Property;
import jasperwing.model.Attribute;
import jasperwing.schema.Column;

/** The mapping of properties that lie in the row itself: single columns and values. */
final class PropertyFields {
    private final Imports imports;
    private final JavaTypes types;
    private final Mappings mappings;

    PropertyFields(Imports imports, JavaTypes types, Mappings mappings) {
        this.imports = imports;
        this.types = types;
        this.mappings = mappings;
    }

    /** @param provided whether the database or the provider gives the value when a row is stored */
    void column(Code code, Property property, boolean provided) {
        Attribute attribute = property.attribute();
        Column column = property.column().orElseThrow();
        types.converter(attribute.type()).ifPresent(c -> mappings.add(code, c));
        mappings.add(code, column(column, attribute));
        if ((column.required() || !attribute.optional()) && !provided) {
            code.line(types.notNull());
        }
        code.lines(types.validations(attribute));
        String initial = types.initial(attribute);
        String field = types.type(attribute.type()) + " " + property.name();
        mappings.field(code, "private " + field + (initial.isEmpty() ? "" : " = " + initial) + ";", property.name());
    }

    void value(Code code, Property property) {
        mappings.add(code, Mapping.of("Embedded"));
        overrides(code, property);
        if (!property.attribute().optional()) {
            code.line(types.notNull());
        }
        code.line("@" + imports.use("jakarta.validation.Valid"));
        String type = types.type(property.attribute().type());
        mappings.field(code, "private " + type + " " + property.name() + ";", property.name());
    }

    /** Where the parts of a value are kept. */
    void overrides(Code code, Property property) {
        for (Property.Part part : property.parts()) {
            mappings.add(
                    code,
                    Mapping.of("AttributeOverride")
                            .with("name", part.path())
                            .with("column", column(part.column(), part.attribute())));
        }
    }

    private static Mapping column(Column column, Attribute attribute) {
        return JavaTypes.column(column.name(), column.required(), attribute.type());
    }
}
