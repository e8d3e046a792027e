package jasperwing.classes;

import jasperwing.model.Attribute;
import jasperwing.model.Relationship;

/** What a property of a class is made of. */
public sealed interface Origin {
    record OfAttribute(Attribute attribute) implements Origin {}

    record OfRelationship(Relationship relationship) implements Origin {}
}
