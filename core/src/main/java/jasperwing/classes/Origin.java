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
    /** Whether it is a part of an entity, an enum, a value or a trait; else it is all of one. */
    default boolean isOfMember() {
        return true;
    }

    record OfEntity(Entity entity) implements Origin {
        @Override
        public boolean isOfMember() {
            return false;
        }
    }

    record OfAttribute(Attribute attribute) implements Origin {}

    record OfRelationship(Relationship relationship) implements Origin {}

    /** @param value one of its values, or all of it */
    record OfEnum(EnumType type, Optional<EnumValue> value) implements Origin {
        @Override
        public boolean isOfMember() {
            return value.isPresent();
        }
    }

    /** @param attribute one of a value or trait, or all of it */
    record OfGroup(AttributeGroup group, Optional<Attribute> attribute) implements Origin {
        @Override
        public boolean isOfMember() {
            return attribute.isPresent();
        }
    }
}
