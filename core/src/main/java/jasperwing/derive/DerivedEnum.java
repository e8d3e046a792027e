package jasperwing.derive;

import jasperwing.physical.EnumDefinition;

/**
 * A type of the database that an enum became.
 *
 * @param declaration the enum it was derived from
 */
record DerivedEnum(EnumDefinition type, String declaration) {}
