package jasperwing.classes.template;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a table has, as the data templates see.
 *
 * @param columns those that are filled, by name, in order
 * @param computed those that are computed from a row, by name, in order
 * @param components of a row, in order
 */
record TableColumns(
        Map<String, Map<String, Object>> columns, Map<String, Map<String, Object>> computed, List<Data> components) {
    Optional<Map<String, Object>> of(String column) {
        return Optional.ofNullable(columns.getOrDefault(column, computed.get(column)));
    }
}
