package jasperwing.classes.template;

import jasperwing.classes.ModelClass;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.FieldType;
import jasperwing.classes.language.TypeNames;
import jasperwing.model.Type;
import java.util.Locale;
import java.util.Optional;

/** Types as the data templates see. */
public final class TypeData {
    static final Data NONE = SharedShapes.TYPE.of("", "", "", "");

    private final ChosenClasses classes;
    private final TypeNames names;

    TypeData(ChosenClasses classes) {
        this.classes = classes;
        this.names = new TypeNames(classes);
    }

    public Data of(Type type) {
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
        return SharedShapes.TYPE.of(word, of.name(), classes.packageOf(of), many);
    }

    private Data value(Type type, String many) {
        Optional<String> className = names.className(type);
        String word = classes.model().enumNames().containsValue(className.orElse("")) ? "enum" : "value";
        return className.isPresent()
                ? SharedShapes.TYPE.of(word, className.get(), classes.packageOf(""), many)
                : SharedShapes.TYPE.of(TypeNames.word(type), "", "", many);
    }
}
