package jasperwing.classes.java;

import jasperwing.classes.ClassModel;
import jasperwing.classes.ModelGroup;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import java.util.Optional;

/** What the design's types are in Java. */
public final class JavaTypes {
    private JavaTypes() {}

    /** The qualified name of a class, or {@code byte[]}; what is unknown is taken for text. */
    public static String qualified(ClassModel model, JavaOptions options, Type type) {
        if (type instanceof Type.Named named) {
            return Optional.ofNullable(model.enumNames().get(named.name()))
                    .or(() ->
                            model.group(AttributeGroup.Kind.VALUE, named.name()).map(ModelGroup::name))
                    .map(n -> options.basePackage() + "." + n)
                    .orElse("java.lang.String");
        }
        if (type instanceof Type.Decimal) {
            return "java.math.BigDecimal";
        }
        return type instanceof Type.Plain plain ? qualified(plain.scalar()) : "java.lang.String";
    }

    /** The same without its package. */
    public static String simple(ClassModel model, JavaOptions options, Type type) {
        String qualified = qualified(model, options, type);
        return qualified.substring(qualified.lastIndexOf('.') + 1);
    }

    private static String qualified(Scalar scalar) {
        return switch (scalar) {
            case LONG_TEXT, JSON -> "java.lang.String";
            case BINARY -> "byte[]";
            case INT -> "java.lang.Integer";
            case SMALL_INT -> "java.lang.Short";
            case BIG_INT, SERIAL -> "java.lang.Long";
            case UUID -> "java.util.UUID";
            case REAL -> "java.lang.Double";
            case BOOLEAN -> "java.lang.Boolean";
            case DATE -> "java.time.LocalDate";
            case TIME -> "java.time.LocalTime";
            case TIMESTAMP -> "java.time.OffsetDateTime";
            case LOCAL_TIMESTAMP -> "java.time.LocalDateTime";
            case DURATION -> "java.time.Duration";
        };
    }
}
