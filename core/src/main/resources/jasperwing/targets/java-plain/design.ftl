<#import "java.ftl" as java>
<@file path=java.path(design.package, design.values) package=design.package name=design.values>
<@java.head package=design.package/>
/** Reads and writes what a database driver does not by itself. */
public final class ${design.values} {
    private ${design.values}() {}

    public static void set(${use("java.sql.PreparedStatement")} statement, int at, ${use("java.lang.Object")} value) throws ${use("java.sql.SQLException")} {
        if (value == null) {
            statement.setNull(at, ${use("java.sql.Types")}.NULL);
        } else {
            statement.setObject(at, value);
        }
    }

    public static ${use("java.time.Duration")} duration(${use("java.sql.ResultSet")} rows, ${use("java.lang.String")} column) throws ${use("java.sql.SQLException")} {
        ${use("java.lang.Long")} millis = rows.getObject(column, ${use("java.lang.Long")}.class);
        return millis == null ? null : ${use("java.time.Duration")}.ofMillis(millis);
    }

    public static ${use("java.lang.Short")} small(${use("java.sql.ResultSet")} rows, ${use("java.lang.String")} column) throws ${use("java.sql.SQLException")} {
        short value = rows.getShort(column);
        return rows.wasNull() ? null : value;
    }

    /** @param of gives the value for the text that is stored */
    public static <T> T of(${use("java.sql.ResultSet")} rows, ${use("java.lang.String")} column, ${use("java.util.function.Function")}<${use("java.lang.String")}, T> of) throws ${use("java.sql.SQLException")} {
        return of.apply(rows.getString(column));
    }

    /** @param of gives the value for an element as the driver has it */
    public static <T> ${use("java.util.List")}<T> list(${use("java.sql.ResultSet")} rows, ${use("java.lang.String")} column, ${use("java.util.function.Function")}<${use("java.lang.Object")}, T> of) throws ${use("java.sql.SQLException")} {
        ${use("java.sql.Array")} array = rows.getArray(column);
        return array == null ? null : ${use("java.util.Arrays")}.stream((${use("java.lang.Object")}[]) array.getArray()).map(of).toList();
    }

    /** @param of gives an element as the driver takes it */
    public static <T> void list(${use("java.sql.PreparedStatement")} statement, int at, ${use("java.lang.String")} type, ${use("java.util.List")}<T> values, ${use("java.util.function.Function")}<T, ${use("java.lang.Object")}> of) throws ${use("java.sql.SQLException")} {
        statement.setArray(at, values == null ? null : statement.getConnection().createArrayOf(type, values.stream().map(of).toArray()));
    }
}
</@file>
