package jasperwing.classes.template;

import jasperwing.classes.ModelClass;
import jasperwing.classes.ModelGroup;
import jasperwing.classes.jakarta.ChosenClasses;
import jasperwing.classes.jakarta.FieldType;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Type;
import java.util.Locale;
import java.util.Optional;

/** Types as the data templates see. */
final class TypeData {
    static final Data NONE = Shape.TYPE.of("", "", "", "");

    private final ChosenClasses classes;

    TypeData(ChosenClasses classes) {
        this.classes = classes;
    }

    Data of(Type type) {
        return of(FieldType.of(type));
    }

    Data of(FieldType type) {
        String many =
                type.many() == FieldType.Many.ONE ? "" : type.many().name().toLowerCase(Locale.ROOT);
        return type.value().isPresent()
                ? value(type.value().get(), many)
                : object(classes.of(type.entity()), type.key() ? "key" : "object", many);
    }

    private Data object(ModelClass of, String word, String many) {
        return Shape.TYPE.of(word, of.name(), classes.packageOf(of), many);
    }

    private Data value(Type type, String many) {
        if (type instanceof Type.Named named) {
            String home = classes.packageOf("");
            Optional<String> enumName =
                    Optional.ofNullable(classes.model().enumNames().get(named.name()));
            if (enumName.isPresent()) {
                return Shape.TYPE.of("enum", enumName.get(), home, many);
            }
            Optional<String> value = classes.model()
                    .group(AttributeGroup.Kind.VALUE, named.name())
                    .map(ModelGroup::name);
            if (value.isPresent()) {
                return Shape.TYPE.of("value", value.get(), home, many);
            }
        }
        return Shape.TYPE.of(word(type), "", "", many);
    }

    /** A type in the design's words, without sizes; what is unknown is taken for text. */
    static String word(Type type) {
        if (type instanceof Type.Decimal) {
            return "decimal";
        }
        return type instanceof Type.Plain plain ? plain.scalar().words() : "text";
    }
}
