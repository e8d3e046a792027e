package jasperwing.classes;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Relationship;
import java.util.Optional;

/** What of a design something in the classes is made of. */
public sealed interface Origin {
    record OfEntity(Entity entity) implements Origin {}

    record OfAttribute(Attribute attribute) implements Origin {}

    record OfRelationship(Relationship relationship) implements Origin {}

    /** @param value one of its values, or all of it */
    record OfEnum(EnumType type, Optional<EnumValue> value) implements Origin {}

    /** @param attribute one of a value or trait, or all of it */
    record OfGroup(AttributeGroup group, Optional<Attribute> attribute) implements Origin {}
}
