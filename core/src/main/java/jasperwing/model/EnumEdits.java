package jasperwing.model;

import java.util.function.UnaryOperator;

/** Edits of enums. */
public final class EnumEdits {
    private EnumEdits() {}

    /** Replaces an enum by what is made of it. */
    public static Edit change(String name, UnaryOperator<EnumType> change) {
        return design -> design.withEnums(design.enums().stream()
                .map(e -> e.name().equals(name) ? change.apply(e) : e)
                .toList());
    }

    /** Replaces a value of an enum by what is made of it. */
    public static Edit changeValue(String name, String value, UnaryOperator<EnumValue> change) {
        return change(
                name,
                e -> new EnumType(
                        e.name(),
                        e.kept(),
                        e.values().stream()
                                .map(v -> v.name().equals(value) ? change.apply(v) : v)
                                .toList(),
                        e.notes()));
    }
}
