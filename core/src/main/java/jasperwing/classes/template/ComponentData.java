package jasperwing.classes.template;

import jasperwing.classes.ModelGroup;
import jasperwing.classes.language.ChosenClasses;
import jasperwing.derive.ValueColumns;
import jasperwing.model.Attribute;
import jasperwing.model.AttributeGroup;
import jasperwing.model.Type;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;

/** What rows have as one, as the data templates see: what a column keeps, or a value of several columns. */
final class ComponentData {
    private final ChosenClasses classes;

    ComponentData(ChosenClasses classes) {
        this.classes = classes;
    }

    /** What a column keeps. */
    static Data of(Map<String, Object> column) {
        return SharedShapes.COMPONENT.of(
                column.get("property"),
                column.get("member"),
                column.get("doc"),
                column,
                "",
                "",
                column.get("required").equals(false),
                List.of(),
                List.of(column));
    }

    /**
     * A value.
     *
     * @param optional whether rows can be without it
     * @param columns all that it has, in order; fewer where attributes of one name are of several types
     */
    Data of(String property, Attribute attribute, boolean optional, List<Map<String, Object>> columns) {
        return value(property, attribute.name(), attribute, optional, columns.iterator());
    }

    private Data value(
            String property, String member, Attribute attribute, boolean optional, Iterator<Map<String, Object>> rest) {
        ModelGroup group = group(attribute.type());
        List<Data> parts = new ArrayList<>();
        List<Object> columns = new ArrayList<>();
        for (Attribute part : group.group().attributes()) {
            if (!part.list() && !part.isComputed() && rest.hasNext()) {
                Data component = part(group.group(), member, part, rest);
                parts.add(component);
                columns.addAll((List<?>) component.get("columns"));
            }
        }
        return SharedShapes.COMPONENT.of(
                property,
                member,
                attribute.notes().doc(),
                null,
                group.name(),
                classes.packageOf(""),
                optional,
                parts,
                columns);
    }

    private Data part(AttributeGroup value, String member, Attribute part, Iterator<Map<String, Object>> rest) {
        String property = property(value, part);
        return ValueColumns.value(classes.model().design(), part.type()).isPresent()
                ? value(property, member, part, part.optional(), rest)
                : of(rest.next());
    }

    private String property(AttributeGroup value, Attribute part) {
        return classes.model().property(value, part);
    }

    private ModelGroup group(Type type) {
        return classes.model()
                .group(AttributeGroup.Kind.VALUE, ((Type.Named) type).name())
                .orElseThrow();
    }

    /**
     * How a row leads to a part of a value.
     *
     * @param optional whether rows can be without the value
     */
    ColumnData.Path path(String property, ValueColumns.Leaf leaf, boolean optional) {
        List<Data> steps = new ArrayList<>();
        String name = property;
        for (int i = 0; i < leaf.path().size(); i++) {
            Attribute at = leaf.path().get(i);
            ModelGroup group = group(at.type());
            steps.add(
                    SharedShapes.STEP.of(name, group.name(), classes.packageOf(""), i == 0 ? optional : at.optional()));
            Attribute next = i + 1 < leaf.path().size() ? leaf.path().get(i + 1) : leaf.attribute();
            name = property(group.group(), next);
        }
        return new ColumnData.Path(steps, name, !leaf.attribute().optional());
    }
}
