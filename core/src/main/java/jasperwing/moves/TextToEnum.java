package jasperwing.moves;

import static jasperwing.moves.Preconditions.first;

import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.EntityEdits;
import jasperwing.model.EnumType;
import jasperwing.model.EnumValue;
import jasperwing.model.Literal;
import jasperwing.model.Notes;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;

/** Lets a text be one of a closed list of values. */
public record TextToEnum(String entity, String attribute, String name, List<String> values) implements Move {
    public TextToEnum {
        values = List.copyOf(values);
    }

    @Override
    public Optional<String> obstacle(Design design) {
        return first(
                () -> Preconditions.entity(design, entity),
                () -> Preconditions.freeName(design, name),
                () -> Preconditions.attributes(design, entity, List.of(attribute)),
                () -> Preconditions.when(!before(design).type().isText(), attribute + " is no text."),
                () -> Preconditions.when(
                        values.isEmpty() || values.stream().anyMatch(String::isBlank),
                        "Say its values, with commas between them."),
                () -> Preconditions.when(new LinkedHashSet<>(values).size() < values.size(), "A value is said twice."),
                () -> before(design)
                        .defaultValue()
                        .filter(d -> !values.contains(d.text()))
                        .map(d -> "The default " + d.text() + " is not among the values."));
    }

    private Attribute before(Design design) {
        return design.entity(entity).orElseThrow().attribute(attribute).orElseThrow();
    }

    @Override
    public Design made(Design design) {
        List<EnumType> enums = new ArrayList<>(design.enums());
        enums.add(new EnumType(
                name, values.stream().map(v -> new EnumValue(v, "")).toList(), Notes.NONE));
        return EntityEdits.changeAttribute(entity, attribute, a -> a.withType(new Type.Named(name))
                        .withDefault(a.defaultValue().map(d -> Literal.word(d.text()))))
                .on(design.withEnums(enums));
    }
}
