package jasperwing.classes;

import jasperwing.model.Attribute;
import jasperwing.schema.Column;
import jasperwing.schema.Table;
import java.util.Optional;

/**
 * An attribute as a property of a class.
 *
 * @param column where it is kept; empty for a list
 * @param listTable where a list's elements are kept
 */
public record Property(
        String name, Attribute attribute, boolean key, Optional<Column> column, Optional<Table> listTable) {}
