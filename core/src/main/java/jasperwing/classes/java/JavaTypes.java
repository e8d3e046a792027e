package jasperwing.classes.java;

import jasperwing.classes.ClassModel;
import jasperwing.classes.ModelGroup;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Design;
import jasperwing.model.Literal;
import jasperwing.model.Range;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.schema.Literals;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What types, rules and defaults become in Java, for one source file. */
final class JavaTypes {
    private static final String VALIDATION = "jakarta.validation.constraints.";

    private final ClassModel model;
    private final Design design;
    private final Imports imports;
    private final JavaOptions options;

    JavaTypes(ClassModel model, Imports imports, JavaOptions options) {
        this.model = model;
        this.design = model.design();
        this.imports = imports;
        this.options = options;
    }

    /** The type as the file writes it. */
    String type(Type type) {
        if (type instanceof Type.Named named) {
            Optional<String> declared = isEnum(type)
                    ? Optional.of(model.enumNames().get(named.name()))
                    : model.group(AttributeGroup.Kind.VALUE, named.name()).map(ModelGroup::name);
            return imports.use(
                    declared.map(n -> options.basePackage() + "." + n).orElse("java.lang.String"));
        }
        return type.is(Scalar.BINARY) ? "byte[]" : imports.use(qualified(type));
    }

    /** The type's name without its package. */
    String simple(Type type) {
        String name = type(type);
        return name.substring(name.lastIndexOf('.') + 1);
    }

    /** What converts a list that is kept in the row. */
    Mapping listConverter(Attribute attribute) {
        String name =
                ListFiles.converter(simple(attribute.type()), attribute.kept().orElseThrow());
        return converter(options.basePackage() + "." + name, "");
    }

    private static Mapping converter(String qualified, String nested) {
        return Mapping.of("Convert").with("converter", new Mapping.ClassName(qualified, nested));
    }

    boolean isEnum(Type type) {
        return type instanceof Type.Named named && design.enumType(named.name()).isPresent();
    }

    private static String qualified(Type type) {
        if (type instanceof Type.Decimal) {
            return "java.math.BigDecimal";
        }
        if (!(type instanceof Type.Plain plain)) {
            return "java.lang.String";
        }
        return switch (plain.scalar()) {
            case LONG_TEXT, JSON, BINARY -> "java.lang.String";
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

    /** What converts values, if anything has to. */
    Optional<Mapping> converter(Type type) {
        if (isEnum(type)) {
            String name = model.enumNames().get(((Type.Named) type).name());
            return Optional.of(converter(options.basePackage() + "." + name, "Stored"));
        }
        return type.is(Scalar.DURATION)
                ? Optional.of(converter(options.basePackage() + "." + ConverterFile.NAME, ""))
                : Optional.empty();
    }

    /** The column of a name, with length, precision and scale of what it keeps. */
    static Mapping column(String name, boolean required, Type type) {
        Mapping column =
                Mapping.of("Column").with("name", EntityFile.sqlText(name)).required(required);
        if (type instanceof Type.Text text) {
            return column.with("length", text.length());
        }
        return type instanceof Type.Decimal d
                ? column.with("precision", d.precision()).with("scale", d.scale())
                : column;
    }

    /** The validation annotations of an attribute's values. */
    List<String> validations(Attribute attribute) {
        List<String> all = new ArrayList<>();
        String size = size(attribute);
        if (!size.isEmpty()) {
            all.add("@" + imports.use(VALIDATION + "Size") + "(" + size + ")");
        }
        if (Literals.formFits(attribute) && !attribute.form().matching().isEmpty()) {
            all.add("@" + imports.use(VALIDATION + "Pattern") + "(regexp = "
                    + Code.quote(attribute.form().matching()) + ")");
        }
        if (attribute.type().isNumeric() && !attribute.list()) {
            attribute
                    .range()
                    .filter(r -> Literals.rangeFits(attribute.type(), r))
                    .ifPresent(r -> all.addAll(bounds(attribute.type(), r)));
        }
        return all;
    }

    private static String size(Attribute attribute) {
        Optional<Integer> over = Literals.formFits(attribute) ? attribute.form().longerThan() : Optional.empty();
        String min = over.map(l -> "min = " + (l + 1)).orElse("");
        String max = attribute.type() instanceof Type.Text text && !attribute.list() ? "max = " + text.length() : "";
        return min + (min.isEmpty() || max.isEmpty() ? "" : ", ") + max;
    }

    private List<String> bounds(Type type, Range range) {
        boolean whole = type instanceof Type.Plain plain && plain.scalar().isInteger();
        List<String> bounds = new ArrayList<>();
        range.from().ifPresent(l -> bounds.add(bound(whole, "Min", l)));
        range.to().ifPresent(l -> bounds.add(bound(whole, "Max", l)));
        return bounds;
    }

    private String bound(boolean whole, String end, Literal literal) {
        boolean integer = whole && !literal.text().contains(".");
        return integer
                ? "@" + imports.use(VALIDATION + end) + "(" + literal.text() + "L)"
                : "@" + imports.use(VALIDATION + "Decimal" + end) + "(\"" + literal.text() + "\")";
    }

    String notNull() {
        return "@" + imports.use(VALIDATION + "NotNull");
    }

    /** The initial value an attribute's default gives a field, or empty. */
    String initial(Attribute attribute) {
        return attribute
                .defaultValue()
                .filter(d -> !attribute.list() && Literals.fits(design, attribute.type(), d))
                .map(d -> value(attribute.type(), d))
                .or(() -> attribute
                        .stamped()
                        .filter(s -> attribute.type().isNumeric())
                        .map(s -> number(attribute.type(), "0", type(attribute.type()))))
                .orElse("");
    }

    private String value(Type type, Literal literal) {
        String java = type(type);
        if (isEnum(type)) {
            return java + "." + EnumFile.constant(literal.text());
        }
        return switch (literal.kind()) {
            case NUMBER -> number(type, literal.text(), java);
            case DATE -> java + ".parse(\"" + literal.text() + "\")";
            case WORD -> type.is(Scalar.BOOLEAN) ? literal.text() : java + ".now()";
            case TEXT -> text(type, literal.text(), java);
        };
    }

    private static String text(Type type, String text, String java) {
        if (type.isText()) {
            return Code.quote(text);
        }
        return java + (type.is(Scalar.UUID) ? ".fromString(" : ".parse(") + Code.quote(text) + ")";
    }

    private static String number(Type type, String digits, String java) {
        if (type instanceof Type.Decimal) {
            return "new " + java + "(\"" + digits + "\")";
        }
        String whole = digits.contains(".") ? digits.substring(0, digits.indexOf('.')) : digits;
        Scalar scalar = ((Type.Plain) type).scalar();
        return switch (scalar) {
            case SMALL_INT -> "(short) " + whole;
            case BIG_INT, SERIAL -> whole + "L";
            case REAL -> digits + (digits.contains(".") ? "" : ".0");
            case DURATION -> java + ".ofMillis(" + whole + "L)";
            default -> whole;
        };
    }
}
