package jasperwing.classes.template;

import jasperwing.classes.language.ChosenClasses;
import jasperwing.classes.language.TypeNames;
import jasperwing.derive.DerivedTable;
import jasperwing.derive.Literals;
import jasperwing.derive.Schema;
import jasperwing.derive.ValueColumns;
import jasperwing.model.Attribute;
import jasperwing.model.AutoTimestamp;
import jasperwing.model.Literal;
import jasperwing.model.Range;
import jasperwing.model.Scalar;
import jasperwing.model.TextConstraint;
import jasperwing.model.Type;
import jasperwing.physical.Column;
import jasperwing.physical.SqlExpression;
import jasperwing.physical.SqlType;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToIntFunction;

/** Columns as the data templates see. */
final class ColumnData {
    private final ChosenClasses classes;
    private final ColumnAttributes attributes;

    ColumnData(ChosenClasses classes, Schema schema) {
        this.classes = classes;
        this.attributes = new ColumnAttributes(classes.model().design(), schema);
    }

    /**
     * How a row leads to a column.
     *
     * @param steps the data of {@link Shape#STEP}
     * @param part what the last step calls it
     * @param required whether it must be filled where the last step is there
     */
    record Path(List<Data> steps, String part, boolean required) {
        /** From an element of a list, which is a value itself. */
        Path ofElement() {
            return new Path(steps.subList(1, steps.size()), part, required);
        }
    }

    /** The attribute a column keeps, where that is computed from its row. */
    Optional<Attribute> computedBy(DerivedTable table, Column column) {
        return column.computed().isEmpty()
                ? Optional.empty()
                : Optional.of(attributes.of(table, column))
                        .filter(a -> a.isComputed()
                                && a.name().equals(table.origin(column).member()));
    }

    /** Whether rows must have it. */
    static boolean isRequired(DerivedTable table, Column column) {
        return column.required() || table.keyColumns().contains(column.name());
    }

    /** The part of a value that a column keeps; empty for one that keeps no value's. */
    Optional<ValueColumns.Leaf> part(DerivedTable table, Column column) {
        return attributes.leaf(table, column).filter(l -> !l.path().isEmpty());
    }

    Data of(DerivedTable table, Column column, String property, Path path) {
        Attribute attribute = attributes.of(table, column);
        String member = table.origin(column).member();
        boolean own = attribute.name().equals(member);
        String stamp = stamp(attribute, own);
        boolean version = !stamp.isEmpty() && attribute.type().isNumeric();
        Type type = type(attribute, column, own);
        return SharedShapes.COLUMN.of(
                classes.dialect().quote(column.name()),
                column.name(),
                property,
                member,
                enumName(type).isEmpty() ? TypeNames.word(type) : "enum",
                enumName(type),
                type instanceof Type.Text text ? text.length() : 0,
                digits(type, Type.Decimal::precision),
                digits(type, Type.Decimal::scale),
                own && isArray(attribute, column),
                classes.dialect().write(column.type()),
                isRequired(table, column),
                column.isCounted(),
                table.keyColumns().contains(column.name()),
                version ? "" : stamp,
                version,
                sql(column.computed()),
                own ? bound(attribute, Range::from) : "",
                own ? bound(attribute, Range::to) : "",
                form(attribute, own).longerThan().orElse(-1),
                form(attribute, own).matching(),
                form(attribute, own).ignoringCase(),
                column.comment(),
                path.steps(),
                path.part(),
                path.required());
    }

    private static String stamp(Attribute attribute, boolean own) {
        return own ? attribute.stamped().map(AutoTimestamp::word).orElse("") : "";
    }

    private static String sql(Optional<SqlExpression> expression) {
        return expression.map(SqlExpression::sql).orElse("");
    }

    /** A list that lies in a row otherwise than as an array is a text of JSON. */
    private static Type type(Attribute attribute, Column column, boolean own) {
        boolean json = own && attribute.isListInRow() && !isArray(attribute, column);
        return json ? Type.of(Scalar.JSON) : attribute.type();
    }

    private static boolean isArray(Attribute attribute, Column column) {
        return attribute.isListInRow() && column.type().is(SqlType.Kind.ARRAY);
    }

    private static TextConstraint form(Attribute attribute, boolean own) {
        return own && Literals.textConstraintFits(attribute) ? attribute.textConstraint() : TextConstraint.NONE;
    }

    private static int digits(Type type, ToIntFunction<Type.Decimal> digits) {
        return type instanceof Type.Decimal decimal ? digits.applyAsInt(decimal) : 0;
    }

    /** The class of an enum; empty for other types. */
    private String enumName(Type type) {
        return type instanceof Type.Named named ? classes.model().enumNames().getOrDefault(named.name(), "") : "";
    }

    private static String bound(Attribute attribute, Function<Range, Optional<Literal>> end) {
        return attribute
                .range()
                .filter(r -> Literals.rangeFits(attribute.type(), r))
                .flatMap(end)
                .map(Literal::text)
                .orElse("");
    }

    /** The name of a property for what has a name in the design or in SQL. */
    String property(String name) {
        return classes.language().componentName(name);
    }
}
