package jasperwing.classes;

import jasperwing.formula.Formula;
import jasperwing.model.Attribute;

/** An attribute that is computed, as a property without a field. */
public record Computed(String name, Attribute attribute, Formula formula) {}
