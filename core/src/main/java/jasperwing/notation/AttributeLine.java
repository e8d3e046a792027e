package jasperwing.notation;

import jasperwing.model.Attribute;

/** An attribute as one line says it, with whether it is part of its entity's key. */
public record AttributeLine(Attribute attribute, boolean key) {}
