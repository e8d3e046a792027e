package jasperwing.classes;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;

/** A source of connections to a database that keeps the statements that are executed through them. */
final class Counting {
    private final String url;
    private final List<String> statements = new ArrayList<>();

    Counting(String url) {
        this.url = url;
    }

    /** What a persistence provider is given instead of the URL. */
    Map<String, Object> properties() {
        return Map.of("jakarta.persistence.nonJtaDataSource", source());
    }

    /** Those since it was asked last, in order. */
    List<String> taken() {
        List<String> all = List.copyOf(statements);
        statements.clear();
        return all;
    }

    /** A connection whose statements are counted. */
    Connection open() throws SQLException {
        return connection(DriverManager.getConnection(url));
    }

    private DataSource source() {
        return proxy(DataSource.class, (method, arguments) -> method.getName().equals("getConnection") ? open() : null);
    }

    private Connection connection(Connection real) {
        return proxy(Connection.class, (method, arguments) -> {
            Object made = method.invoke(real, arguments);
            return made instanceof PreparedStatement statement
                    ? statement(statement, String.valueOf(arguments[0]))
                    : made;
        });
    }

    private PreparedStatement statement(PreparedStatement real, String sql) {
        return proxy(PreparedStatement.class, (method, arguments) -> {
            if (method.getName().startsWith("execute") || method.getName().equals("addBatch")) {
                boolean batch =
                        method.getName().endsWith("Batch") && method.getName().startsWith("execute");
                if (!batch) {
                    statements.add(sql);
                }
            }
            return method.invoke(real, arguments);
        });
    }

    private interface Call {
        Object of(java.lang.reflect.Method method, Object[] arguments) throws Exception;
    }

    private static <T> T proxy(Class<T> type, Call call) {
        return type.cast(Proxy.newProxyInstance(
                Counting.class.getClassLoader(), new Class<?>[] {type}, (self, method, arguments) -> {
                    try {
                        return call.of(method, arguments);
                    } catch (InvocationTargetException e) {
                        throw e.getCause();
                    }
                }));
    }
}
