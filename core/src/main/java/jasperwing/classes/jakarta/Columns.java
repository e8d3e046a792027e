package jasperwing.classes.jakarta;

import jasperwing.classes.Property;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.TypeNames;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Reference;
import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.Scalar;
import jasperwing.model.Type;
import jasperwing.physical.Column;
import jasperwing.physical.SqlType;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** What says in which columns something is kept, and how. */
final class Columns {
    /** The class that keeps durations as milliseconds. */
    private static final String DURATIONS = "DurationMillis";

    private final ChosenClasses classes;

    Columns(ChosenClasses classes) {
        this.classes = classes;
    }

    /** A physical name, in the quotes of the standard where the database needs some. */
    String sqlText(String name) {
        return classes.dialect().quote(name).equals(name) ? name : '"' + name + '"';
    }

    /** One provider quotes a table's name with a space in it by itself, and then once more than it may. */
    private String tableText(String name) {
        boolean quotes = classes.options().is("provider", "eclipselink") && name.indexOf(' ') >= 0;
        return quotes ? name : sqlText(name);
    }

    /** What names a table, and the schema it lies in. */
    Annotation named(String annotation, DerivedTable table) {
        Annotation named = Annotation.of(annotation).with("name", tableText(table.name()));
        String schema = table.table().namespace();
        return schema.isEmpty() ? named : named.with("schema", sqlText(schema));
    }

    /** The column of a name, with length, precision and scale of what it keeps. */
    Annotation column(String name, boolean required, Type type) {
        Annotation column = Annotation.of("Column").with("name", sqlText(name)).required(required);
        if (type instanceof Type.Text text) {
            return column.with("length", text.length());
        }
        return type instanceof Type.Decimal d
                ? column.with("precision", d.precision()).with("scale", d.scale())
                : column;
    }

    /** What is no type of the standard has the type of its column, which a value knows only where it is kept; what is set on insert stays as it is. */
    Annotation column(Column column, Attribute attribute) {
        Annotation plain = column(column.name(), column.required(), attribute.type());
        String type = isOfDatabase(column, attribute) ? classes.dialect().write(column.type()) : "";
        Annotation typed = type.isEmpty() ? plain : plain.with("columnDefinition", type);
        boolean once =
                attribute.stamped().filter(s -> s == AutoTimestamp.INSERT).isPresent();
        return once ? typed.with("updatable", false) : typed;
    }

    private boolean isOfDatabase(Column column, Attribute attribute) {
        boolean nativeEnum = attribute.type() instanceof Type.Named
                && !column.type().is(SqlType.Kind.VARCHAR)
                && !column.type().is(SqlType.Kind.TEXT);
        return attribute.type().is(Scalar.JSON) || nativeEnum || hasOwnType(attribute);
    }

    /** Whether the design says what type its column has in this database. */
    private boolean hasOwnType(Attribute attribute) {
        return attribute.notes().stored().types().containsKey(classes.dialect().word());
    }

    /** What converts values, if anything has to. */
    Optional<Annotation> converter(Type type) {
        if (type instanceof Type.Named named) {
            return Optional.ofNullable(classes.model().enumNames().get(named.name()))
                    .map(n -> converter(n, "Stored"));
        }
        return type.is(Scalar.DURATION) ? Optional.of(converter(DURATIONS, "")) : Optional.empty();
    }

    /** What makes the text of an array, for a provider that reads its elements. */
    Optional<Annotation> arrayConverter() {
        return classes.options().is("provider", "eclipselink")
                ? Optional.of(converter("ArrayText", ""))
                : Optional.empty();
    }

    /** A type as the catalog of the database names it, by which providers compare what they map with what is there. */
    String definition(SqlType type) {
        Dialect dialect = classes.dialect();
        return type.element()
                .map(e -> dialect.lists().catalogName(dialect.write(e)))
                .orElseGet(() -> dialect.write(type));
    }

    /** The name of the class that makes texts of lists kept in their row, and lists of texts. */
    String listText(Property property) {
        return new TypeNames(classes).simple(property.attribute().type()) + (isArray(property) ? "Array" : "Json");
    }

    /** Whether a list kept in its row is an array there; databases without any keep JSON. */
    static boolean isArray(Property property) {
        return property.column().filter(c -> c.type().is(SqlType.Kind.ARRAY)).isPresent();
    }

    private Annotation converter(String name, String nested) {
        return Annotation.of("Convert")
                .with("converter", new Annotation.ClassName(classes.options().module() + "." + name, nested));
    }

    /** Where the parts of a value are kept. */
    List<Annotation> overrides(Property property) {
        return property.parts().stream()
                .map(part -> Annotation.of("AttributeOverride")
                        .with("name", part.path())
                        .with("column", column(part.column(), part.attribute())))
                .toList();
    }

    Annotation join(Reference key, boolean required) {
        return key.columns().size() == 1
                ? join(key, 0, required)
                : Annotation.of("JoinColumns").with("value", joins(key, required));
    }

    List<Annotation> joins(Reference key, boolean required) {
        return IntStream.range(0, key.columns().size())
                .mapToObj(i -> join(key, i, required))
                .toList();
    }

    private Annotation join(Reference key, int index, boolean required) {
        List<String> targets = key.targetColumns();
        Annotation column =
                Annotation.of("JoinColumn").with("name", sqlText(key.columns().get(index)));
        boolean plain = targets.size() == 1
                && classes.find(key.targetEntity())
                        .filter(t -> classes.hasCompositeKey(classes.keyed(key.targetEntity())))
                        .isEmpty();
        Annotation referring =
                (plain ? column : column.with("referencedColumnName", sqlText(targets.get(index)))).required(required);
        return ownType(key.targetEntity(), targets.get(index))
                .map(t -> referring.with("columnDefinition", t))
                .orElse(referring);
    }

    /** What the design says a column of a key is, which those have that refer to it. */
    private Optional<String> ownType(String entity, String column) {
        return classes.find(entity).stream()
                .flatMap(c -> classes.keyed(entity).properties().stream())
                .filter(p -> hasOwnType(p.attribute()))
                .flatMap(p -> p.column().stream())
                .filter(c -> c.name().equals(column))
                .map(c -> classes.dialect().write(c.type()))
                .findFirst();
    }
}
