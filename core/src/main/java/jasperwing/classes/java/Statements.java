package jasperwing.classes.java;

import jasperwing.classes.Association;
import jasperwing.classes.ClassModel;
import jasperwing.classes.Computed;
import jasperwing.classes.ModelClass;
import jasperwing.classes.Property;
import java.util.List;
import java.util.stream.Stream;

/** What a class computes, as code over its getters. */
public final class Statements {
    private Statements() {}

    /** The statements that give a computed property; none when the formula names what the classes do not lead to. */
    public static List<String> of(ClassModel model, ModelClass subject, Computed computed, Imports imports) {
        Stream<String> taken = Stream.concat(
                subject.properties().stream().map(Property::name),
                subject.associations().stream().map(Association::name));
        return new FormulaCode(new Getters(model), taken, imports)
                .statements(computed.formula(), computed.attribute().type());
    }
}
