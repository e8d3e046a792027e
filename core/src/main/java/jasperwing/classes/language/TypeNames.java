package jasperwing.classes.language;

import jasperwing.classes.ModelGroup;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Type;
import java.util.Optional;

/** What the design's types are called in the language of its classes. */
public final class TypeNames {
    private final ChosenClasses classes;

    public TypeNames(ChosenClasses classes) {
        this.classes = classes;
    }

    /** A type in the design's words, without sizes; what is unknown is taken for text. */
    public static String word(Type type) {
        if (type instanceof Type.Decimal) {
            return "decimal";
        }
        return type instanceof Type.Plain plain ? plain.scalar().words() : "text";
    }

    /** The class of an enum or a value; empty for other types. */
    public Optional<String> className(Type type) {
        return type instanceof Type.Named named
                ? Optional.ofNullable(classes.model().enumNames().get(named.name()))
                        .or(() -> classes.model()
                                .group(AttributeGroup.Kind.VALUE, named.name())
                                .map(ModelGroup::name))
                : Optional.empty();
    }

    /** A type written in full. */
    public String qualified(Type type) {
        return className(type).map(n -> classes.options().module() + "." + n).orElseGet(() -> classes.language()
                .typeName(word(type)));
    }

    /** The same without what it lies in. */
    public String simple(Type type) {
        String qualified = qualified(type);
        return qualified.substring(qualified.lastIndexOf('.') + 1);
    }
}
