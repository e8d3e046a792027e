<#import "java.ftl" as java>
<@file path=java.path(design.package, design.values) package=design.package name=design.values>
<@java.head package=design.package/>
<#assign sql = use("java.sql.SQLException")>
<#assign string = use("java.lang.String")>
<#assign object = use("java.lang.Object")>
<#assign list = use("java.util.List")>
<#assign function = use("java.util.function.Function")>
<#assign results = use("java.sql.ResultSet")>
<#assign prepared = use("java.sql.PreparedStatement")>
/** Reads and writes what a database driver does not by itself. */
public final class ${design.values} {
    /** Makes something of the row a result set stands at. */
    public interface Reader<T> {
        T read(${results} rows) throws ${sql};
    }

    private ${design.values}() {}

    /** What a statement finds, in its order. */
    public static <T> ${list}<T> all(${prepared} statement, Reader<T> reader) throws ${sql} {
        ${list}<T> found = new ${use("java.util.ArrayList")}<>();
        each(statement, reader, found::add);
        return found;
    }

    /** Does something with each that a statement finds, in its order. */
    public static <T> void each(${prepared} statement, Reader<T> reader, ${use("java.util.function.Consumer")}<? super T> action) throws ${sql} {
        try (${results} rows = statement.executeQuery()) {
            while (rows.next()) {
                action.accept(reader.read(rows));
            }
        }
    }

    /** What a statement has stored, in the order in which it did. */
    public static <T> ${list}<T> stored(${prepared} statement, Reader<T> reader) throws ${sql} {
        ${list}<T> stored = new ${use("java.util.ArrayList")}<>();
        try (${results} rows = statement.getGeneratedKeys()) {
            while (rows.next()) {
                stored.add(reader.read(rows));
            }
        }
        return stored;
    }

    /** A part of a value, or what stands for it; null of null. */
    public static <T, R> R get(T value, ${function}<T, R> part) {
        return value == null ? null : part.apply(value);
    }

    public static void set(${prepared} statement, int at, ${object} value) throws ${sql} {
        if (value == null) {
            statement.setNull(at, ${use("java.sql.Types")}.NULL);
        } else {
            statement.setObject(at, value);
        }
    }

    /** Whether a row has something in one of some columns. */
    public static boolean isAny(${results} rows, ${string}... columns) throws ${sql} {
        for (${string} column : columns) {
            if (rows.getObject(column) != null) {
                return true;
            }
        }
        return false;
    }

    public static ${use("java.time.Duration")} duration(${results} rows, ${string} column) throws ${sql} {
        return get(rows.getObject(column, ${use("java.lang.Long")}.class), ${use("java.time.Duration")}::ofMillis);
    }

    public static ${use("java.lang.Short")} small(${results} rows, ${string} column) throws ${sql} {
        short value = rows.getShort(column);
        return rows.wasNull() ? null : value;
    }

    /** @param of gives the value for the text that is stored */
    public static <T> T of(${results} rows, ${string} column, ${function}<${string}, T> of) throws ${sql} {
        return of.apply(rows.getString(column));
    }

    /** @param of gives the value for an element as the driver has it */
    public static <T> ${list}<T> list(${results} rows, ${string} column, ${function}<${object}, T> of) throws ${sql} {
        ${use("java.sql.Array")} array = rows.getArray(column);
        return array == null ? null : ${use("java.util.Arrays")}.stream((${object}[]) array.getArray()).map(of).toList();
    }

    /** @param of gives an element as the driver takes it */
    public static <T> void list(${prepared} statement, int at, ${string} type, ${list}<T> values, ${function}<T, ${object}> of) throws ${sql} {
        if (values == null) {
            statement.setNull(at, ${use("java.sql.Types")}.ARRAY);
        } else {
            ${object}[] elements = values.stream().map(of).toArray();
            statement.setArray(at, statement.getConnection().createArrayOf(type, elements));
        }
    }
}
</@file>
