package jasperwing.classes.jakarta;

import jasperwing.classes.language.Field;
import java.util.List;

/**
 * A field and what is said of it.
 *
 * @param mappings what says where it is kept
 * @param rules what its values have to keep to
 */
record MappedField(Field field, List<Annotation> mappings, List<Annotation> rules) {
    MappedField {
        mappings = List.copyOf(mappings);
        rules = List.copyOf(rules);
    }

    /** @param must whether there has to be something */
    static MappedField of(Field field, List<Annotation> mappings, boolean must) {
        return new MappedField(field, mappings, must ? List.of(Rules.NOT_NULL) : List.of());
    }
}
