package jasperwing.model;

/** One value of an {@link EnumType}; an empty label means it is shown by its name. */
public record EnumValue(String name, String label) {
    public EnumValue {
        Names.require(name);
    }
}
