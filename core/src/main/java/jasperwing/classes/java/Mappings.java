package jasperwing.classes.java;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The mappings of one class: written into its source as annotations, or gathered for {@code orm.xml}. */
final class Mappings {
    private final Imports imports;
    private final boolean inSource;
    private final List<Mapping> ofClass = new ArrayList<>();
    private final Map<String, List<Mapping>> ofFields = new LinkedHashMap<>();
    private final Map<String, String> callbacks = new LinkedHashMap<>();
    private List<Mapping> pending = new ArrayList<>();

    Mappings(Imports imports, boolean inSource) {
        this.imports = imports;
        this.inSource = inSource;
    }

    /** Says something of the class. */
    void ofClass(Code code, Mapping mapping) {
        write(code, mapping);
        ofClass.add(mapping);
    }

    /** Says something of the field that is declared next. */
    void add(Code code, Mapping mapping) {
        write(code, mapping);
        pending.add(mapping);
    }

    private void write(Code code, Mapping mapping) {
        if (inSource) {
            mapping.write(code, imports);
        }
    }

    /** Declares a field. */
    void field(Code code, String declaration, String name) {
        code.line(declaration);
        ofFields.put(name, pending);
        pending = new ArrayList<>();
    }

    /** Has a method of the class called on an event. */
    void callback(Code code, String event, String method) {
        write(code, Mapping.of(event));
        callbacks.put(event, method);
    }

    List<Mapping> ofClass() {
        return ofClass;
    }

    /** By the names of the fields, in order. */
    Map<String, List<Mapping>> ofFields() {
        return ofFields;
    }

    /** The names of methods by those of the events. */
    Map<String, String> callbacks() {
        return callbacks;
    }
}
