package jasperwing.model;

import java.util.List;

/** A named diagram of some of the entities. */
public record Sheet(String name, List<String> entities, Comments comments) {
    public Sheet {
        Names.require(name);
        entities = List.copyOf(entities);
    }
}
