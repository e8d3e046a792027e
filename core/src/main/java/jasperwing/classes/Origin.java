package jasperwing.classes;

import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Entity;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Relationship;
import java.util.Optional;
import java.util.function.Function;

/** What of a design something in the classes is made of. */
public sealed interface Origin {
    /** Applies the function for its kind; every kind must have one. */
    <R> R match(
            Function<OfEntity, R> entity,
            Function<OfAttribute, R> attribute,
            Function<OfRelationship, R> relationship,
            Function<OfEnum, R> enumeration,
            Function<OfGroup, R> group);

    /** Whether it is a part of an entity, an enum, a value or a trait; else it is all of one. */
    default boolean isOfMember() {
        return true;
    }

    record OfEntity(Entity entity) implements Origin {
        @Override
        public boolean isOfMember() {
            return false;
        }

        @Override
        public <R> R match(
                Function<OfEntity, R> entity,
                Function<OfAttribute, R> attribute,
                Function<OfRelationship, R> relationship,
                Function<OfEnum, R> enumeration,
                Function<OfGroup, R> group) {
            return entity.apply(this);
        }
    }

    record OfAttribute(Attribute attribute) implements Origin {
        @Override
        public <R> R match(
                Function<OfEntity, R> entity,
                Function<OfAttribute, R> attribute,
                Function<OfRelationship, R> relationship,
                Function<OfEnum, R> enumeration,
                Function<OfGroup, R> group) {
            return attribute.apply(this);
        }
    }

    record OfRelationship(Relationship relationship) implements Origin {
        @Override
        public <R> R match(
                Function<OfEntity, R> entity,
                Function<OfAttribute, R> attribute,
                Function<OfRelationship, R> relationship,
                Function<OfEnum, R> enumeration,
                Function<OfGroup, R> group) {
            return relationship.apply(this);
        }
    }

    /** @param value one of its values, or all of it */
    record OfEnum(EnumType type, Optional<EnumValue> value) implements Origin {
        @Override
        public boolean isOfMember() {
            return value.isPresent();
        }

        @Override
        public <R> R match(
                Function<OfEntity, R> entity,
                Function<OfAttribute, R> attribute,
                Function<OfRelationship, R> relationship,
                Function<OfEnum, R> enumeration,
                Function<OfGroup, R> group) {
            return enumeration.apply(this);
        }
    }

    /** @param attribute one of a value or trait, or all of it */
    record OfGroup(AttributeGroup group, Optional<Attribute> attribute) implements Origin {
        @Override
        public boolean isOfMember() {
            return attribute.isPresent();
        }

        @Override
        public <R> R match(
                Function<OfEntity, R> entity,
                Function<OfAttribute, R> attribute,
                Function<OfRelationship, R> relationship,
                Function<OfEnum, R> enumeration,
                Function<OfGroup, R> group) {
            return group.apply(this);
        }
    }
}
