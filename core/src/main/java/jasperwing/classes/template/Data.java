package jasperwing.classes.template;

import java.util.AbstractMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** What templates see of one thing: the values of its shape's fields, by their names. What is put off is found when it is first asked for. */
public final class Data extends AbstractMap<String, Object> {
    private final Shape shape;
    private final Object[] values;

    private record Later(Supplier<?> value) {}

    Data(Shape shape, Object... values) {
        this.shape = shape;
        this.values = values;
    }

    /** A value that is put off. */
    public static Object later(Supplier<?> value) {
        return new Later(value);
    }

    @Override
    public Object get(Object field) {
        int index = shape.index(field);
        return index < 0 ? null : value(index);
    }

    private Object value(int index) {
        if (values[index] instanceof Later later) {
            values[index] = later.value().get();
        }
        return values[index];
    }

    @Override
    public boolean containsKey(Object field) {
        return shape.index(field) >= 0;
    }

    @Override
    public Set<Map.Entry<String, Object>> entrySet() {
        List<String> names = new ArrayList<>(shape.fields().keySet());
        return names.stream().map(n -> new SimpleImmutableEntry<>(n, get(n))).collect(Collectors.toUnmodifiableSet());
    }

    /** A text field. */
    String text(String field) {
        return (String) get(field);
    }
}
