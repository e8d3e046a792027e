package jasperwing.derive;

import jasperwing.dialect.Dialect;
import jasperwing.model.Attribute;
import jasperwing.model.Design;
import jasperwing.model.EnumKept;
import jasperwing.model.EnumType;
import jasperwing.model.Range;
import jasperwing.model.TextConstraint;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the values of a column must obey, as conditions of checks. Null passes each of them. */
final class ColumnConditions {
    private final Design design;
    private final Dialect dialect;
    private final ColumnTypes types;

    ColumnConditions(Design design, Dialect dialect, ColumnTypes types) {
        this.design = design;
        this.dialect = dialect;
        this.types = types;
    }

    /** Those of an attribute, each on the quoted column. */
    List<String> of(Attribute attribute, String column) {
        if (attribute.isListInRow()) {
            return types.isArray(attribute) ? array(attribute, column) : json(attribute, column);
        }
        List<String> conditions = new ArrayList<>();
        Type type = attribute.type();
        enumOf(type)
                .filter(e -> !types.isNative(attribute) && !e.isKept(EnumKept.TABLE))
                .ifPresent(e -> conditions.add(column + " in (" + types.values(e) + ")"));
        range(attribute).ifPresent(r -> {
            r.from().ifPresent(from -> conditions.add(column + " >= " + types.literal(type, from)));
            r.to().ifPresent(to -> conditions.add(column + " <= " + types.literal(type, to)));
        });
        if (Literals.textConstraintFits(attribute)) {
            conditions.addAll(form(attribute.textConstraint(), column));
        }
        conditions.addAll(dialect.heldToType(type, column));
        return conditions;
    }

    private Optional<EnumType> enumOf(Type type) {
        return type instanceof Type.Named named ? design.enumType(named.name()) : Optional.empty();
    }

    private static Optional<Range> range(Attribute attribute) {
        return attribute.range().filter(r -> Literals.rangeFits(attribute.type(), r));
    }

    /** One dimension, no nulls, each element in its range, where checks look into arrays. */
    private List<String> array(Attribute attribute, String column) {
        if (!dialect.lists().checksArrays()) {
            return List.of();
        }
        List<String> conditions = new ArrayList<>();
        conditions.add("coalesce(array_ndims(" + column + "), 1) = 1");
        conditions.add("array_position(" + column + ", null) is null");
        enumOf(attribute.type())
                .filter(e -> !types.isNative(attribute))
                .ifPresent(e -> conditions.add(
                        column + " <@ array[" + types.values(e) + "]::" + dialect.write(types.listType(attribute))));
        range(attribute).ifPresent(r -> {
            r.from()
                    .ifPresent(
                            from -> conditions.add(types.literal(attribute.type(), from) + " <= all (" + column + ")"));
            r.to().ifPresent(to -> conditions.add(types.literal(attribute.type(), to) + " >= all (" + column + ")"));
        });
        return conditions;
    }

    private List<String> json(Attribute attribute, String column) {
        List<String> conditions = new ArrayList<>();
        conditions.add(dialect.lists().isJsonArray(column));
        if (dialect.hasPatterns()) {
            JsonElements.pattern(design, dialect, attribute.type())
                    .ifPresent(
                            p -> conditions.add(dialect.matches(dialect.lists().jsonText(column), p)));
        }
        return conditions;
    }

    /** Where a database has no such pattern, only the classes hold a text to it. */
    private List<String> form(TextConstraint form, String column) {
        List<String> conditions = new ArrayList<>();
        form.longerThan().ifPresent(l -> conditions.add(dialect.length(column) + " > " + l));
        if (!form.matching().isEmpty()) {
            dialect.pattern(form.matching()).ifPresent(p -> conditions.add(dialect.matches(column, p)));
        }
        return conditions;
    }
}
